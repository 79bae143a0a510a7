package longshoulder.core.kind;

import static longshoulder.core.reckoning.Amount.mm;
import static longshoulder.core.kind.FrameBuilder.at;

import java.util.ArrayList;
import java.util.List;
import longshoulder.core.brief.Brief;
import longshoulder.core.brief.JointKind;
import longshoulder.core.frame.Role;
import longshoulder.core.kind.FrameBuilder.Lie;
import longshoulder.core.kind.FrameBuilder.Size;
import longshoulder.core.reckoning.Amount;
import longshoulder.core.reckoning.Label;

/**
 * The front of a cabinet: a face frame glued on, dividers between its rails, and doors in what is left, inset with gaps all round or
 * overlaid on the frame.
 *
 * <p>Inset door = opening − gaps; overlaid door = opening + 2 · overlap, a pair of them with one gap between.
 */
final class CabinetFront {

    private static final String FACE = "face.";

    private final FrameBuilder builder;
    private final Brief brief;
    private final Leaf.Filling filling;
    private final Amount height;
    private final CabinetCase size;
    private final boolean faced;
    private final Amount rail;

    private final Amount side;

    /** Whether a divider stands between two openings, or a door beside another. */
    private final int dividers;

    /** @param height of the openings for doors */
    CabinetFront(FrameBuilder builder, Brief brief, Leaf.Filling filling, Amount height, CabinetCase size) {
        this.builder = builder;
        this.brief = brief;
        this.filling = filling;
        this.height = height;
        this.size = size;
        faced = CabinetCase.hasFaceFrame(brief);
        rail = brief.required("rail.width");
        side = CabinetCase.besideOpening(brief);
        dividers = Door.count(brief, "dividers");
    }

    void lay(int drawers) {
        if (faced) {
            face(drawers);
        }
        String above = drawers == 0 ? "rail-upper-front" : "rail-drawer-" + drawers;
        for (int i = 1; i <= dividers; i++) {
            divider(i, faced ? FACE : "", above);
        }
        doors();
    }

    private double low() {
        return size.base() + mm(rail);
    }

    private double frontOf() {
        return faced ? 0 : size.front() + mm(brief.required("rail.setback"));
    }

    private Amount opening() {
        return Amount.sum(Label.of("amount.openingsWidth")).plus(size.width()).minus(2, side)
                .amount();
    }

    /** What the dividers leave of it, shared out alike. */
    private Amount compartment() {
        Amount all = Amount.sum(Label.of("amount.clearWidth")).plus(opening())
                .minus(dividers, brief.required("divider.width")).amount();
        return dividers == 0
                ? all
                : new Amount.Share(Label.of("amount.openingWidth"), all, 1, dividers + 1,
                        Label.of("rule.sharedAlike"));
    }

    private double left(int compartment) {
        return mm(side) + compartment * (mm(compartment()) + mm(brief.required("divider.width")));
    }

    private void face(int drawers) {
        Amount thick = brief.required("face.thickness");
        Amount high = Amount.sum(Label.of("amount.faceHeight")).plus(CabinetCase.overallHeight(brief))
                .minus(brief.required("top.thickness")).minus(brief.required("base.height")).amount();
        Leaf.lay(builder,
                Leaf.Wanted.plain(FACE, "F", size.width(), high, thick, side, rail,
                        JointKind.STOPPED_TENON,
                        new Leaf.Filling(false, Role.PANEL, thick, thick, PanelRoom.of(thick))),
                at(0, 0, size.base()));
        for (int i = 1; i <= drawers; i++) {
            double low = size.top() - mm(rail) - i * (mm(brief.required("drawer.height")) + mm(rail));
            builder.lay(FACE + "rail-drawer-" + i, Role.RAIL, "FB" + (i + 2), new Size(opening(), rail, thick),
                    new Lie(FrameBuilder.FRONT, FrameBuilder.DOWN), at(mm(side), 0, low));
            builder.alsoIn("face", FACE + "rail-drawer-" + i);
        }
    }

    private void divider(int number, String prefix, String above) {
        Amount wide = brief.required("divider.width");
        Amount thick = faced ? brief.required("face.thickness") : brief.required("rail.thickness");
        String id = prefix + "divider-" + number;
        String lower = faced ? FACE + "rail-bottom" : "rail-lower-front";
        String upper = faced ? FACE + (above.equals("rail-upper-front") ? "rail-top" : above) : above;
        builder.lay(id, Role.MUNTIN, (faced ? "FC" : "D") + number, new Size(height, wide, thick),
                new Lie(FrameBuilder.FRONT, FrameBuilder.LEFT), at(left(number) - mm(wide), frontOf(), low()));
        builder.joint(id, lower, JointKind.STUB_TENON);
        builder.joint(id, upper, JointKind.STUB_TENON);
        builder.alsoIn(faced ? "face" : "whole", id);
    }

    private void doors() {
        String front = brief.choice("front").orElse("open");
        if (front.equals("open")) {
            return;
        }
        boolean pair = front.equals("two-doors");
        if (CabinetCase.isOverlaid(brief)) {
            builder.clear("rail-upper-front", Amount.sum(Label.of("amount.doorsLeaveOfRail")).plus(rail)
                    .minus(brief.required("door.overlap")).amount());
        }
        List<String> names = new ArrayList<>();
        for (int i = 0; i <= dividers; i++) {
            String where = dividers == 0 ? "" : "-" + (i + 1);
            for (String hand : pair ? List.of("-left", "-right") : List.of("")) {
                names.add("door" + where + hand + ".");
                door(names.size(), names.getLast(), i, hand.equals("-right"), pair);
            }
        }
        builder.usual(JointKind.HAUNCHED_TENON.id(), "haunch.form", "groove-filling");
        builder.usual(JointKind.HAUNCHED_TENON.id(), "haunch.depth", filling.groove().value());
    }

    private void door(int number, String prefix, int compartment, boolean second, boolean pair) {
        Amount gap = brief.required("door.gap");
        Amount overlap = brief.required("door.overlap");
        boolean over = CabinetCase.isOverlaid(brief);
        Amount.SumBuilder wide = Amount.sum(Label.of("amount.doorsWidth")).plus(compartment());
        Amount all = (over ? wide.plus(2, overlap).minus(pair ? 1 : 0, gap) : wide.minus(pair ? 3 : 2, gap)).amount();
        Amount width = pair
                ? new Amount.Share(Label.of("amount.doorWidth"), all, 1, 2, Label.of("rule.sharedAlike"))
                : all;
        Amount.SumBuilder tall = Amount.sum(Label.of("amount.doorHeight")).plus(height);
        Amount high = (over ? tall.plus(2, overlap) : tall.minus(2, gap)).amount();
        Amount stile = brief.required("door.stile");
        double beside = over ? -mm(overlap) : mm(gap);
        double x = left(compartment) + beside + (second ? mm(width) + mm(gap) : 0);
        double y = over
                ? (faced ? 0 : size.front()) - mm(brief.required("door.thickness"))
                : frontOf();
        Leaf.lay(builder,
                Leaf.Wanted.plain(prefix, "HIJKLMNO".substring(number - 1, number), width, high,
                        brief.required("door.thickness"), stile, stile, JointKind.HAUNCHED_TENON, filling),
                at(x, y, low() + beside));
    }
}
