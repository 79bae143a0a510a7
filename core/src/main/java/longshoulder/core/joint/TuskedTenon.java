package longshoulder.core.joint;

import static longshoulder.core.reckoning.Amount.mm;

import longshoulder.core.brief.Limits;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import longshoulder.core.brief.Brief;
import longshoulder.core.brief.HouseRules;
import longshoulder.core.brief.JointKind;
import longshoulder.core.frame.Dimension.Side;
import longshoulder.core.geometry.Solid;
import longshoulder.core.measure.Length;
import longshoulder.core.reckoning.Amount;
import longshoulder.core.reckoning.Label;
import longshoulder.core.reckoning.Level;
import org.apache.commons.geometry.euclidean.threed.Vector3D;

/**
 * A through tenon that a tusk holds from outside and that comes apart again. Length = post + room for the tusk + relish. The
 * slot's inner face lies a little inside the post's outer face, so that the tusk always pulls; its outer face slopes, and
 * the tusk with it.
 *
 * @param thickness of the tusk, across the tenon's thickness
 * @param room from the post's outer face to the slot's outer face where the tusk is widest
 * @param bury how far inside the post the slot begins
 * @param relish wood beyond the slot
 * @param slope how much narrower the tusk gets for each unit along the rail's width
 * @param wideAtFaceEdge whether the tusk is widest at the rail's face edge, from which it is driven
 */
public record TuskedTenon(Tenon tenon, Amount thickness, Amount room, Amount bury, Amount relish, double slope,
        boolean wideAtFaceEdge) implements Joint {

    static final JointType TYPE = new JointType(JointParameters.all(JointParameters.place(), List.of(
            JointParameters.measure("tenon.thickness"),
            JointParameters.choice(HouseRules.THICKNESS, HouseRules.THICKNESSES),
            JointParameters.measure("tusk.thickness"),
            JointParameters.measure("tusk.width"), JointParameters.measure("tusk.bury"),
            JointParameters.measure("tusk.relish"),
            JointParameters.choice("tusk.slope", Slope.NAMES),
            JointParameters.choice("tusk.wide-end", "face-edge", "far-edge"))),
            TuskedTenon::make, TuskedTenon::argue);

    /** How far the tusk stands out past both edges of the tenon. */
    private static final double STANDS_OUT = 12;

    static Joint make(JointContext context) {
        Meeting meeting = context.meeting();
        Tenon plain = new TenonRules(context).tenon().ending(Tenon.Ends.SQUARE);
        Amount thickness = context.givenOr("tusk.thickness",
                () -> context.snapped(JointContext.share("amount.tuskThickness",
                        plain.thickness(), 1, 2, "rule.tuskThickness")));
        Amount room = context.givenOr("tusk.width",
                () -> context.snapped(JointContext.share("amount.tuskWidth", plain.width(), 1, 3, "rule.tuskWidth")));
        Amount bury = context.givenOr("tusk.bury",
                () -> JointContext.ruled("amount.tuskBury",
                        context.rule(Length.ofMicrometres(1_500), Length.ofInches(1, 16)), "rule.tuskBury"));
        Amount relish = context.givenOr("tusk.relish", () -> context.snapped(new Amount.Greatest(
                Label.of("amount.tuskRelish"),
                List.of(JointContext.share("amount.tuskRelish", room, 3, 2, "rule.tuskRelish"),
                        JointContext.ruled("amount.leastRelish",
                                context.rule(Length.ofMillimetres(25), Length.ofInches(1, 1)), "rule.tuskRelish")),
                Label.of("rule.tuskRelish"))));
        Amount length = Amount.sum(Label.of("amount.tenonLength")).plus(meeting.through()).plus(room).plus(relish)
                .amount();
        return new TuskedTenon(plain.runs(length, meeting.through()), thickness, room, bury, relish,
                Slope.of(context.choice("tusk.slope", "one-in-seven")),
                context.choice("tusk.wide-end", "face-edge").equals("face-edge"));
    }

    private static void argue(JointEvaluation evaluation) {
        evaluation.say("reason.tusked.apart");
        evaluation.objectToComingOut("reason.tusked.shows");
        evaluation.objectToCrossing();
        evaluation.objectToWidth();
    }

    @Override
    public JointKind kind() {
        return JointKind.TUSKED_TENON;
    }

    @Override
    public Meeting meeting() {
        return tenon.meeting();
    }

    @Override
    public Amount addedLength() {
        return tenon.length();
    }

    @Override
    public Solid adds() {
        return tenon.adds();
    }

    /** The slot for the tusk. */
    @Override
    public List<Solid> bores() {
        return List.of(sloped(mm(meeting().through()) - mm(bury), mm(tenon.edgeShoulder()) - 1,
                mm(tenon.edgeShoulder()) + mm(tenon.width()) + 1));
    }

    @Override
    public Solid removes() {
        return tenon.removes();
    }

    /** The tusk, home: it bears on the post's outer face and on the slope of the slot. */
    @Override
    public Solid loosePart() {
        return sloped(mm(meeting().through()), mm(tenon.edgeShoulder()) - STANDS_OUT,
                mm(tenon.edgeShoulder()) + mm(tenon.width()) + STANDS_OUT);
    }

    /** From a plane beyond the shoulder to the slope, over a stretch of the width, as thick as the tusk. */
    private Solid sloped(double from, double y0, double y1) {
        RailEnd end = new RailEnd(meeting());
        Section tenonSection = tenon.section();
        double half = mm(thickness) / 2;
        double post = mm(meeting().through());
        double widest = post + mm(room);
        double reach = widest + slope * (STANDS_OUT + 2);
        double wideEdge = wideAtFaceEdge ? tenonSection.y0() : tenonSection.y1();
        Solid block = end.beyondShoulder(from, reach, new Section(y0, y1, tenonSection.middleZ() - half,
                tenonSection.middleZ() + half));
        return block.clip(end.across(widest, wideEdge, wideAtFaceEdge ? -slope : slope));
    }

    /** Out over its wide end. */
    @Override
    public Vector3D looseWay() {
        return meeting().tenonPiece().pose().across().multiply(wideAtFaceEdge ? -2 : 2);
    }

    /** At its head it is wider than the room by what the slope gives. */
    @Override
    public List<LoosePart> parts() {
        double tall = mm(tenon.width()) + 2 * STANDS_OUT;
        return List.of(new LoosePart(LoosePart.Kind.TUSK, 1,
                LoosePart.measured("amount.tuskLength", tall, tenon.width()),
                LoosePart.measured("amount.tuskHead", mm(room) + mm(bury) + slope * STANDS_OUT, room), thickness));
    }

    @Override
    public String looseParts() {
        return "tusk";
    }

    @Override
    public List<Tenon> tenons() {
        return List.of(tenon);
    }

    @Override
    public boolean isThrough() {
        return true;
    }

    /** Too little wood beyond the slot, a tusk that falls out because it widens downwards, and one that cannot pull. */
    @Override
    public List<Fault> faults(Inspection inspection) {
        Length tongue = tenon.thickness().value();
        Length post = meeting().through().value();
        List<Fault> faults = new ArrayList<>(new Faults(this)
                .above("tusk-thick", "tusk.thickness", thickness, inspection.brief().ratio(Limits.TUSK).of(tongue),
                        tongue)
                .below("tusk-narrow", "tusk.width", room, Length.fromMillimetres(slope * mm(tenon.width())))
                .above("tusk-deep", "tusk.bury", bury, inspection.brief().ratio(Limits.TUSK_DEEP).of(post), post)
                .list());
        Length least = inspection.brief().length(Limits.TUSK_RELISH);
        if (relish.value().isLessThan(least)) {
            faults.add(Fault.inRail(this, "tusk-relish", Level.RISK,
                    Label.of("finding.tuskRelish", id(), relish.value(), least),
                    Mend.give(Label.of("remedy.tuskRelish", id(), least), "tusk.relish", least)));
        }
        double up = -meeting().tenonPiece().pose().across().dot(Vector3D.Unit.PLUS_Z);
        if (wideAtFaceEdge ? up < -0.5 : up > 0.5) {
            faults.add(Fault.inRail(this, "tusk-wrong-way", Level.RISK, Label.of("finding.tuskWrongWay", id()),
                    Mend.choose(Label.of("remedy.tuskTurn", id()), "tusk.wide-end",
                            wideAtFaceEdge ? "far-edge" : "face-edge")));
        }
        Length pulls = inspection.brief().length(Limits.TUSK_BURY);
        if (bury.value().isLessThan(pulls)) {
            faults.add(Fault.inRail(this, "tusk-no-pull", Level.RISK,
                    Label.of("finding.tuskNoPull", id(), bury.value(), pulls),
                    Mend.give(Label.of("remedy.tuskBury", id(), pulls), "tusk.bury", pulls)));
        }
        return faults;
    }

    @Override
    public void draw(Sketch sketch) {
        tenon.draw(sketch);
        tenon.drawShoulders(sketch, true);
        double post = mm(meeting().through());
        double y = wideAtFaceEdge ? tenon.section().y0() : tenon.section().y1();
        double z = tenon.section().middleZ();
        sketch.run(Side.ABOVE, room, post, post + mm(room), y)
                .depth(Side.ABOVE, relish, post + mm(room), post + mm(room) + mm(relish), z)
                .depth(Side.ABOVE, bury, post - mm(bury), post, z)
                .thicknessInPlan(thickness, z - mm(thickness) / 2, z + mm(thickness) / 2, post);
    }

    @Override
    public Map<String, Amount> figures() {
        Map<String, Amount> figures = new LinkedHashMap<>();
        figures.put(Brief.TENON_THICKNESS, tenon.thickness());
        figures.put("tenon.width", tenon.width());
        figures.put("through.length", tenon.length());
        figures.put("tusk.thickness", thickness);
        figures.put("tusk.width", room);
        figures.put("tusk.bury", bury);
        figures.put("tusk.relish", relish);
        figures.put("near-cheek", tenon.cheekFromReference());
        figures.put("mortise-from-end", tenon.mortiseFromEnd());
        StoppedTenon.putShoulders(figures, tenon);
        return figures;
    }
}
