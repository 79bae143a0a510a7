package longshoulder.core.kind;

import static longshoulder.core.kind.Draft.mm;

import java.util.ArrayList;
import java.util.List;
import longshoulder.core.brief.JointKind;
import longshoulder.core.frame.Role;
import longshoulder.core.kind.Draft.Lie;
import longshoulder.core.kind.Draft.Size;
import longshoulder.core.measure.Length;
import longshoulder.core.reckoning.Amount;
import longshoulder.core.reckoning.Label;
import org.apache.commons.geometry.euclidean.threed.Vector3D;

/**
 * A flat frame that stands upright, its show side to the front: two stiles, rails between them, muntins between the rails, and
 * what fills the openings. Doors are leaves, mirror frames too.
 *
 * <p>Shoulder length of a rail = width − 2 stiles. Rails share out the height, muntins the length of the rails, so that
 * openings in a row are alike.
 */
final class Leaf {

    private static final Lie UPRIGHT_LEFT = new Lie(Draft.FRONT, Draft.LEFT);
    private static final Lie UPRIGHT_RIGHT = new Lie(Draft.FRONT, Draft.RIGHT);
    private static final Lie LEVEL_TOP = new Lie(Draft.FRONT, Draft.UP);
    private static final Lie LEVEL_BOTTOM = new Lie(Draft.FRONT, Draft.DOWN);

    /**
     * What a leaf is to be.
     *
     * @param prefix of the ids of its pieces, such as {@code door-left.}; empty for a leaf by itself
     * @param mark first letters of its marks
     * @param rails rails between the top and the bottom one
     * @param columns uprights between neighbouring rails
     */
    record Wanted(String prefix, String mark, Amount width, Amount height, Amount thickness, Amount stile, Amount top,
            Amount bottom, int rails, Amount rail, int columns, Amount muntin, JointKind joint, Filling filling) {}

    /**
     * What fills the openings.
     *
     * @param role panel or glass
     * @param thickness of it
     * @param groove how deep grooves or rebates are
     * @param room all of the room in which it moves across
     */
    record Filling(boolean any, Role role, Amount thickness, Amount groove, Amount room) {

        /** Along the grain wood hardly moves; glass is given the same room all round. */
        Amount ends() {
            return role == Role.GLASS
                    ? room
                    : new Amount.Ruled(Label.of("amount.endRoom"), Length.ofMillimetres(2), Label.of("rule.endRoom"));
        }

        /** Opening + 2 · groove − room. */
        Size size(String id, Amount openingWidth, Amount openingHeight) {
            Amount height = Amount.sum(Label.of("amount.panelLength", id)).plus(openingHeight).plus(2, groove)
                    .minus(ends()).amount();
            Amount width = Amount.sum(Label.of("amount.panelWidth", id)).plus(openingWidth).plus(2, groove).minus(room)
                    .amount();
            return new Size(height, width, thickness);
        }

        /** How far it stands inside at each side, in millimetres. */
        double inSides() {
            return mm(groove) - mm(room) / 2;
        }

        /** How far it stands inside at each end, in millimetres. */
        double inEnds() {
            return mm(groove) - mm(ends()) / 2;
        }
    }

    private final Draft draft;
    private final Wanted wanted;
    private final Vector3D least;
    private final Amount shoulder;
    private final Amount opening;

    private Leaf(Draft draft, Wanted wanted, Vector3D least) {
        this.draft = draft;
        this.wanted = wanted;
        this.least = least;
        shoulder = Amount.sum(Label.of("amount.shoulder", wanted.prefix() + "rail-top")).plus(wanted.width())
                .minus(2, wanted.stile()).amount();
        opening = shared("amount.openingHeight", Amount.sum(Label.of("amount.clearHeight")).plus(wanted.height())
                .minus(wanted.top()).minus(wanted.bottom()).minus(wanted.rails(), wanted.rail()).amount(),
                wanted.rails() + 1);
    }

    /** Lays a leaf with its left lower front corner at a point; the ids of its pieces. */
    static List<String> lay(Draft draft, Wanted wanted, Vector3D least) {
        return new Leaf(draft, wanted, least).lay();
    }

    private static Amount shared(String label, Amount all, int parts) {
        return parts == 1 ? all : new Amount.Share(Label.of(label), all, 1, parts, Label.of("rule.sharedAlike"));
    }

    private List<String> lay() {
        List<String> ids = new ArrayList<>(List.of(stile("stile-left", "1", UPRIGHT_LEFT, 0),
                stile("stile-right", "2", UPRIGHT_RIGHT, mm(wanted.width()) - mm(wanted.stile()))));
        ids.addAll(rails());
        draft.span(ids.subList(2, ids.size()).toArray(String[]::new));
        List<String> frame = new ArrayList<>();
        for (int row = 0; row <= wanted.rails(); row++) {
            frame.addAll(muntins(row));
        }
        List<String> fillings = wanted.filling().any() ? fillings() : List.of();
        ids.addAll(frame);
        ids.addAll(fillings);
        draft.assemble(wanted.prefix().isEmpty() ? "leaf" : wanted.prefix().replace(".", ""), wanted.width(),
                wanted.height(), ids);
        return ids;
    }

    private String stile(String name, String number, Lie lie, double x) {
        return draft.lay(wanted.prefix() + name, Role.STILE, wanted.mark() + "A" + number,
                new Size(wanted.height(), wanted.stile(), wanted.thickness()), lie, from(x, 0)).id();
    }

    private List<String> rails() {
        List<String> ids = new ArrayList<>();
        ids.add(rail("rail-top", "1", LEVEL_TOP, wanted.top(), mm(wanted.height()) - mm(wanted.top())));
        ids.add(rail("rail-bottom", "2", LEVEL_BOTTOM, wanted.bottom(), 0));
        for (int i = 1; i <= wanted.rails(); i++) {
            ids.add(rail("rail-middle" + (wanted.rails() == 1 ? "" : "-" + i), Integer.toString(i + 2), LEVEL_TOP,
                    wanted.rail(), low(i) - mm(wanted.rail())));
        }
        return ids;
    }

    /** Where the opening of a row begins, from the bottom. */
    private double low(int row) {
        return mm(wanted.bottom()) + row * (mm(opening) + mm(wanted.rail()));
    }

    private String rail(String name, String number, Lie lie, Amount width, double z) {
        String id = wanted.prefix() + name;
        draft.lay(id, Role.RAIL, wanted.mark() + "B" + number, new Size(shoulder, width, wanted.thickness()), lie,
                from(mm(wanted.stile()), z));
        for (String stile : List.of("stile-left", "stile-right")) {
            draft.joint(id, wanted.prefix() + stile, wanted.joint());
            if (!name.startsWith("rail-middle")) {
                draft.seat(id, wanted.prefix() + stile, Draft.flush(), Draft.flush());
            }
        }
        return id;
    }

    private List<String> muntins(int row) {
        List<String> ids = new ArrayList<>();
        for (int i = 1; i <= wanted.columns(); i++) {
            String id = wanted.prefix() + "muntin-" + (row + 1) + "-" + i;
            draft.lay(id, Role.MUNTIN, wanted.mark() + "C" + (row * wanted.columns() + i),
                    new Size(opening, wanted.muntin(), wanted.thickness()), UPRIGHT_LEFT,
                    from(left(i) - mm(wanted.muntin()), low(row)));
            draft.joint(id, below(row), JointKind.STUB_TENON);
            draft.joint(id, above(row), JointKind.STUB_TENON);
            ids.add(id);
        }
        return ids;
    }

    private String below(int row) {
        return wanted.prefix() + (row == 0 ? "rail-bottom" : middle(row));
    }

    private String above(int row) {
        return wanted.prefix() + (row == wanted.rails() ? "rail-top" : middle(row + 1));
    }

    private String middle(int i) {
        return "rail-middle" + (wanted.rails() == 1 ? "" : "-" + i);
    }

    private Amount columnWidth() {
        return shared("amount.openingWidth", Amount.sum(Label.of("amount.clearWidth")).plus(shoulder)
                .minus(wanted.columns(), wanted.muntin()).amount(), wanted.columns() + 1);
    }

    /** Where the opening of a column begins. */
    private double left(int column) {
        return mm(wanted.stile()) + column * (mm(columnWidth()) + mm(wanted.muntin()));
    }

    private List<String> fillings() {
        Filling filling = wanted.filling();
        List<String> ids = new ArrayList<>();
        double front = (mm(wanted.thickness()) - mm(filling.thickness())) / 2;
        for (int row = 0; row <= wanted.rails(); row++) {
            for (int column = 0; column <= wanted.columns(); column++) {
                String id = wanted.prefix() + filling.role().id() + (wanted.rails() + wanted.columns() == 0
                        ? ""
                        : "-" + (row + 1) + "-" + (column + 1));
                draft.lay(id, filling.role(), wanted.mark() + "P" + (ids.size() + 1),
                        filling.size(id, columnWidth(), opening), UPRIGHT_LEFT,
                        from(left(column) - filling.inSides(), low(row) - filling.inEnds())
                                .add(Draft.at(0, front, 0)));
                held(id, row, column);
                ids.add(id);
            }
        }
        return ids;
    }

    /** The room at the sides of a panel, and rebates instead of grooves for glass. */
    private void held(String id, int row, int column) {
        Length sides = wanted.filling().room().value().times(1, 2);
        String left = wanted.prefix() + (column == 0 ? "stile-left" : "muntin-" + (row + 1) + "-" + column);
        String right = wanted.prefix()
                + (column == wanted.columns() ? "stile-right" : "muntin-" + (row + 1) + "-" + (column + 1));
        draft.usual(id + "/" + left, "groove.room", sides);
        draft.usual(id + "/" + right, "groove.room", sides);
        Length ends = wanted.filling().ends().value().times(1, 2);
        draft.usual(id + "/" + below(row), "groove.room", ends);
        draft.usual(id + "/" + above(row), "groove.room", ends);
        if (wanted.filling().role() == Role.GLASS) {
            for (String post : List.of(left, right, below(row), above(row))) {
                draft.usual(id + "/" + post, "groove.form", "rebate");
            }
        }
    }

    private Vector3D from(double x, double z) {
        return least.add(Draft.at(x, 0, z));
    }
}
