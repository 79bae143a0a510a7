package longshoulder.core.kind;

import static longshoulder.core.reckoning.Amount.mm;
import static longshoulder.core.kind.FrameBuilder.at;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import longshoulder.core.brief.Brief;
import longshoulder.core.brief.JointKind;
import longshoulder.core.brief.Parameter;
import longshoulder.core.frame.Dimension.Side;
import longshoulder.core.frame.Frame;
import longshoulder.core.frame.Role;
import longshoulder.core.geometry.View;
import longshoulder.core.joint.Groove;
import longshoulder.core.measure.Length;
import longshoulder.core.reckoning.Amount;
import longshoulder.core.reckoning.Label;

/**
 * A door of stiles, rails, muntins or bars, and panels or panes. Given is the door itself, or the opening and the gaps round it:
 * door = opening − gaps.
 */
final class Door {

    static final String[] COUNTS = {"none", "one", "two", "three", "four"};

    private static final List<Parameter> PARAMETERS = new KindParameters().way("size.given", "door", "opening")
            .length("size.width", 450, 18 * 16, 120, 1500).length("size.height", 720, 28 * 16, 120, 2600)
            .length("gap.sides", 2, 1, 0, 10).length("gap.top", 2, 1, 0, 10).length("gap.bottom", 3, 2, 0, 20)
            .length("stile.width", 60, 40, 20, 250).length("top-rail.width", 60, 40, 20, 300)
            .length("bottom-rail.width", 80, 52, 20, 400).length("frame.thickness", 24, 16, 12, 80)
            .way("middle.rails", COUNTS).length("middle-rail.width", 60, 40, 15, 300)
            .way("lock-rail", "shared-alike", "at-height").length("lock-rail.height", 320, 12 * 16 + 8, 60, 2400)
            .way("muntins", COUNTS).length("muntin.width", 50, 32, 10, 200)
            .way("bars.across", COUNTS).way("bars.upright", COUNTS).length("bar.width", 24, 16, 12, 80)
            .way("construction", "grooved", "cope-and-stick", "rebated", "tenoned")
            .way("mould.corner", "scribed", "mitred").length("mould.width", 5, 3, 0, 30)
            .length("mould.depth", 5, 3, 0, 20)
            .way("filling", "panel", "glass", "none").way("filling.below", "same", "panel")
            .length("filling.thickness", 8, 5, 2, 40)
            .length("glass.thickness", 4, 2, 2, 20).length("glass.room", 3, 2, 0, 10)
            .length("groove.depth", 10, 6, 2, 40).rule(PanelRoom.NAME, 0, 30).tenons().list();

    static final Kind KIND = new SetOut("door", PARAMETERS, brief -> new Door(brief).frame(), Door::waiting);

    private final FrameBuilder builder = new FrameBuilder();
    private final Brief brief;
    private final String construction;
    private final JointKind joint;

    private Door(Brief brief) {
        this.brief = brief;
        construction = brief.choice("construction").orElse("grooved");
        joint = switch (construction) {
            case "cope-and-stick" -> JointKind.COPE_AND_STICK;
            case "grooved" -> JointKind.HAUNCHED_TENON;
            case "rebated" -> JointKind.LONG_AND_SHORT;
            default -> JointKind.STOPPED_TENON;
        };
    }

    private Frame frame() {
        boolean opening = brief.choice("size.given").equals(Optional.of("opening"));
        Amount width = opening
                ? within(brief, "amount.doorWidth", "size.width", "gap.sides", "gap.sides")
                : brief.required("size.width");
        Amount height = opening
                ? within(brief, "amount.doorHeight", "size.height", "gap.top", "gap.bottom")
                : brief.required("size.height");
        boolean rebated = construction.equals("rebated");
        JointKind thin = rebated ? JointKind.GLAZING_BAR : JointKind.STUB_TENON;
        // A rail in the middle has no end of a stile to be haunched to.
        JointKind middle = joint == JointKind.HAUNCHED_TENON ? JointKind.STOPPED_TENON : joint;
        Optional<Amount> lock = brief.choice("lock-rail").equals(Optional.of("at-height"))
                ? Optional.of(brief.required("lock-rail.height"))
                : Optional.empty();
        Optional<Moulding> moulding = moulding();
        Leaf.lay(builder, new Leaf.Wanted("", "", width, height, brief.required("frame.thickness"),
                brief.required("stile.width"), brief.required("top-rail.width"), brief.required("bottom-rail.width"),
                new Leaf.Dividers(count(brief, "middle.rails"), brief.required("middle-rail.width"), middle), lock,
                new Leaf.Dividers(count(brief, "muntins"), brief.required("muntin.width"), thin),
                new Leaf.Dividers(count(brief, "bars.across"), brief.required("bar.width"), thin),
                new Leaf.Dividers(count(brief, "bars.upright"), brief.required("bar.width"), thin), joint,
                PictureFrame.filling(brief), below(), moulding,
                rebated ? Optional.of(rebate()) : Optional.empty()), at(0, 0, 0));
        usual(moulding);
        figures(width, height);
        return builder.frame();
    }

    /** Without a middle rail there is no lock rail, and bars take the place of muntins. */
    private static List<String> waiting(Brief brief) {
        if (count(brief, "middle.rails") > 0) {
            return List.of();
        }
        boolean bars = count(brief, "bars.across") + count(brief, "bars.upright") > 0;
        List<String> waiting = new ArrayList<>();
        if (bars && count(brief, "muntins") > 0) {
            waiting.add("muntins");
        }
        if (brief.choice("lock-rail").equals(Optional.of("at-height"))) {
            waiting.add("lock-rail");
        }
        return waiting;
    }

    /** What fills the openings under the upper ones: panels where glass above them is not to be kicked in. */
    private Leaf.Filling below() {
        return brief.choice("filling.below").equals(Optional.of("panel"))
                ? PictureFrame.panel(brief)
                : PictureFrame.filling(brief);
    }

    /** A quarter of the thickness from the back; more for glass and the bead that holds it, but never into the tenon. */
    private Amount rebate() {
        Amount quarter = new Amount.Share(Label.of("amount.rebateDepth"), brief.required("frame.thickness"), 1, 4,
                Label.of("rule.rebate"));
        Leaf.Filling filling = PictureFrame.filling(brief);
        if (filling.role() != Role.GLASS) {
            return quarter;
        }
        Amount bead = new Amount.Ruled(Label.of("amount.bead"), Groove.bead(brief), Label.of("rule.bead"));
        Amount glazed = Amount.sum(Label.of("amount.rebateDepth")).plus(filling.thickness()).plus(bead).amount();
        Amount third = new Amount.Share(Label.of("amount.rebateDepth"), brief.required("frame.thickness"), 1, 3,
                Label.of("rule.besideTenon"));
        return new Amount.Least(Label.of("amount.rebateDepth"), List.of(third,
                new Amount.Greatest(Label.of("amount.rebateDepth"), List.of(quarter, glazed), Label.of("rule.bead"))),
                Label.of("rule.besideTenon"));
    }

    /** Coped and rebated doors have one. */
    private Optional<Moulding> moulding() {
        boolean moulded = construction.equals("rebated") || construction.equals("cope-and-stick");
        // Never deeper than the wood beside a tenon that is half as thick as the frame.
        Amount depth = new Amount.Least(Label.of("amount.mouldDepth"), List.of(brief.required("mould.depth"),
                new Amount.Share(Label.of("amount.mouldDepth"), brief.required("frame.thickness"), 1, 4,
                        Label.of("rule.besideTenon"))),
                Label.of("rule.besideTenon"));
        return moulded && brief.required("mould.width").value().isPositive()
                ? Optional.of(new Moulding(brief.required("mould.width"), depth,
                        brief.choice("mould.corner").equals(Optional.of("mitred"))))
                : Optional.empty();
    }

    /** Haunches fill a groove of the filling's thickness; long and short shoulders fill the rebates and the moulding. */
    private void usual(Optional<Moulding> moulding) {
        Amount groove = brief.required("groove.depth");
        builder.usual(JointKind.STUB_TENON.id(), Brief.TENON_LENGTH, groove.value());
        if (PictureFrame.filling(brief).any()) {
            // The grooves for the panels run along both edges, tenons and all.
            builder.usual(JointKind.STUB_TENON.id(), "shoulder.near", groove.value());
            builder.usual(JointKind.STUB_TENON.id(), "shoulder.far", groove.value());
        }
        if (joint == JointKind.HAUNCHED_TENON) {
            builder.usual(joint.id(), "haunch.form", "groove-filling");
            builder.usual(joint.id(), "haunch.depth", groove.value());
        }
        if (joint == JointKind.COPE_AND_STICK) {
            builder.usual(joint.id(), "tongue.length", groove.value());
            moulded(moulding, joint);
        }
        if (joint == JointKind.LONG_AND_SHORT) {
            Amount deep = rebate();
            for (JointKind type : List.of(joint, JointKind.GLAZING_BAR)) {
                moulded(moulding, type);
                boolean open = PictureFrame.filling(brief).any();
                builder.usual(type.id(), "rebate.width", open ? groove.value() : Length.ZERO);
                builder.usual(type.id(), "rebate.depth", deep.value());
            }
        }
    }

    private void moulded(Optional<Moulding> moulding, JointKind type) {
        moulding.ifPresentOrElse(one -> one.usual(builder, type),
                () -> builder.usual(type.id(), "mould.width", Length.ZERO));
    }

    static int count(Brief brief, String parameter) {
        return Math.max(0, List.of(COUNTS).indexOf(brief.choice(parameter).orElse("none")));
    }

    private static Amount within(Brief brief, String label, String opening, String gap, String otherGap) {
        return Amount.sum(Label.of(label)).plus(brief.required(opening)).minus(brief.required(gap))
                .minus(brief.required(otherGap)).amount();
    }

    private void figures(Amount width, Amount height) {
        double w = mm(width);
        double h = mm(height);
        Amount stile = brief.required("stile.width");
        Amount top = brief.required("top-rail.width");
        Amount bottom = brief.required("bottom-rail.width");
        builder.figure(View.FRONT, at(0, 0, h), at(w, 0, h), Side.ABOVE, 1, width);
        builder.figure(View.FRONT, at(0, 0, h), at(mm(stile), 0, h), Side.ABOVE, 0, stile);
        builder.figure(View.FRONT, at(0, 0, 0), at(0, 0, h), Side.LEFT, 1, height);
        builder.figure(View.FRONT, at(0, 0, h - mm(top)), at(0, 0, h), Side.LEFT, 0, top);
        builder.figure(View.FRONT, at(0, 0, 0), at(0, 0, mm(bottom)), Side.LEFT, 0, bottom);
        builder.figure(View.FRONT, at(mm(stile), 0, 0), at(w - mm(stile), 0, 0), Side.BELOW, 0,
                builder.piece("rail-top").length());
        Amount thickness = brief.required("frame.thickness");
        builder.figure(View.END, at(0, 0, 0), at(0, mm(thickness), 0), Side.BELOW, 0, thickness);
    }
}
