package longshoulder.core.kind;

import static longshoulder.core.kind.Draft.at;
import static longshoulder.core.kind.Draft.mm;

import java.util.List;
import java.util.Optional;
import longshoulder.core.brief.Brief;
import longshoulder.core.brief.JointKind;
import longshoulder.core.brief.Parameter;
import longshoulder.core.frame.Dimension.Side;
import longshoulder.core.frame.Frame;
import longshoulder.core.geometry.View;
import longshoulder.core.reckoning.Amount;
import longshoulder.core.reckoning.Label;

/**
 * A door of stiles, rails, muntins or bars, and panels or panes. Given is the door itself, or the opening and the gaps round it:
 * door = opening − gaps.
 */
final class Door {

    static final String[] COUNTS = {"none", "one", "two", "three", "four"};

    private static final List<Parameter> PARAMETERS = new Asked().way("size.given", "door", "opening")
            .length("size.width", 450, 18 * 16, 120, 1500).length("size.height", 720, 28 * 16, 120, 2600)
            .length("gap.sides", 2, 1, 0, 10).length("gap.top", 2, 1, 0, 10).length("gap.bottom", 3, 2, 0, 20)
            .length("stile.width", 60, 40, 20, 250).length("top-rail.width", 60, 40, 20, 300)
            .length("bottom-rail.width", 80, 52, 20, 400).length("frame.thickness", 24, 16, 12, 80)
            .way("middle.rails", COUNTS).length("middle-rail.width", 60, 40, 15, 300).way("muntins", COUNTS)
            .length("muntin.width", 50, 32, 10, 200).way("construction", "grooved", "cope-and-stick", "tenoned")
            .way("filling", "panel", "glass", "none").length("filling.thickness", 8, 5, 2, 40)
            .length("groove.depth", 10, 6, 2, 40).length("panel.room", 6, 4, 0, 30).tenons().list();

    static final Kind KIND = new SetOut("door", PARAMETERS, Door::frame);

    private static Frame frame(Brief brief) {
        Draft draft = new Draft();
        boolean opening = brief.choice("size.given").equals(Optional.of("opening"));
        Amount width = opening
                ? within(brief, "amount.doorWidth", "size.width", "gap.sides", "gap.sides")
                : brief.required("size.width");
        Amount height = opening
                ? within(brief, "amount.doorHeight", "size.height", "gap.top", "gap.bottom")
                : brief.required("size.height");
        JointKind joint = joint(brief);
        Leaf.lay(draft, new Leaf.Wanted("", "", width, height, brief.required("frame.thickness"),
                brief.required("stile.width"), brief.required("top-rail.width"), brief.required("bottom-rail.width"),
                count(brief, "middle.rails"), brief.required("middle-rail.width"), count(brief, "muntins"),
                brief.required("muntin.width"), joint, PictureFrame.filling(brief)), at(0, 0, 0));
        usual(draft, brief, joint);
        figures(draft, brief, width, height);
        return draft.frame();
    }

    private static JointKind joint(Brief brief) {
        return switch (brief.choice("construction").orElse("grooved")) {
            case "cope-and-stick" -> JointKind.COPE_AND_STICK;
            case "grooved" -> JointKind.HAUNCHED_TENON;
            default -> JointKind.STOPPED_TENON;
        };
    }

    /** Haunches fill a groove of the filling's thickness; a rail in the middle has no end of a stile to be haunched to. */
    private static void usual(Draft draft, Brief brief, JointKind joint) {
        if (joint == JointKind.HAUNCHED_TENON) {
            draft.usual(joint.id(), "haunch.form", "groove-filling");
            draft.usual(joint.id(), "haunch.depth", brief.required("groove.depth").value());
            int middle = count(brief, "middle.rails");
            for (int i = 1; i <= middle; i++) {
                String rail = "rail-middle" + (middle == 1 ? "" : "-" + i);
                draft.joint(rail, "stile-left", JointKind.STOPPED_TENON);
                draft.joint(rail, "stile-right", JointKind.STOPPED_TENON);
            }
        }
        if (joint == JointKind.COPE_AND_STICK) {
            draft.usual(joint.id(), "tongue.length", brief.required("groove.depth").value());
        }
        draft.usual(JointKind.STUB_TENON.id(), Brief.TENON_LENGTH, brief.required("groove.depth").value());
    }

    static int count(Brief brief, String parameter) {
        return Math.max(0, List.of(COUNTS).indexOf(brief.choice(parameter).orElse("none")));
    }

    private static Amount within(Brief brief, String label, String opening, String gap, String otherGap) {
        return Amount.sum(Label.of(label)).plus(brief.required(opening)).minus(brief.required(gap))
                .minus(brief.required(otherGap)).amount();
    }

    private static void figures(Draft draft, Brief brief, Amount width, Amount height) {
        double w = mm(width);
        double h = mm(height);
        Amount stile = brief.required("stile.width");
        Amount top = brief.required("top-rail.width");
        Amount bottom = brief.required("bottom-rail.width");
        draft.figure(View.FRONT, at(0, 0, h), at(w, 0, h), Side.ABOVE, 1, width);
        draft.figure(View.FRONT, at(0, 0, h), at(mm(stile), 0, h), Side.ABOVE, 0, stile);
        draft.figure(View.FRONT, at(0, 0, 0), at(0, 0, h), Side.LEFT, 1, height);
        draft.figure(View.FRONT, at(0, 0, h - mm(top)), at(0, 0, h), Side.LEFT, 0, top);
        draft.figure(View.FRONT, at(0, 0, 0), at(0, 0, mm(bottom)), Side.LEFT, 0, bottom);
        draft.figure(View.FRONT, at(mm(stile), 0, 0), at(w - mm(stile), 0, 0), Side.BELOW, 0,
                draft.piece("rail-top").length());
        Amount thickness = brief.required("frame.thickness");
        draft.figure(View.END, at(0, 0, 0), at(0, mm(thickness), 0), Side.BELOW, 0, thickness);
    }
}
