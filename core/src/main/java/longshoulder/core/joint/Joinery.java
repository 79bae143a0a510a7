package longshoulder.core.joint;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import longshoulder.core.brief.Brief;
import longshoulder.core.frame.Frame;
import longshoulder.core.frame.Piece;
import longshoulder.core.geometry.HalfSpace;
import longshoulder.core.geometry.Plain;
import longshoulder.core.geometry.Solid;
import longshoulder.core.geometry.Tolerance;
import longshoulder.core.measure.Length;
import longshoulder.core.reckoning.Amount;
import longshoulder.core.reckoning.Label;
import longshoulder.core.tasks.Tasks;
import org.apache.commons.geometry.euclidean.threed.Vector3D;

/**
 * Gives every meeting its joint: first each on its own, then with regard to the others in the same post.
 *
 * <p>Free length before touching = post − distance of the other tenon's far cheek from the outer face − clearance.
 * Mitred, the outer cheek may run on to the other tenon's <em>near</em> cheek, less the clearance between the ends.
 */
public final class Joinery {

    /** What is left between two tenons that stop short of each other. */
    public static final Length CLEARANCE = Length.ofMillimetres(1);

    /** What is left between two mitred ends, square to the mitre; half of it is each tenon's. */
    private static final Length MITRE_CLEARANCE = Length.ofMicrometres(500);

    private final TenonMeeting rule;

    private Joinery(DesignChoices choices) {
        rule = choices.brief().choice(Brief.TENON_MEETING).map(TenonMeeting::parse).orElse(TenonMeeting.MITRED);
    }

    /**
     * The joints of a frame.
     *
     * @param planned the frame as planned: it tells what meets
     * @param built the frame with what was really cut: it tells where
     */
    public static List<Joint> of(DesignChoices choices, Frame planned, Frame built) {
        Joinery run = new Joinery(choices);
        Map<String, Piece> pieces = built.pieces().stream().collect(Collectors.toMap(Piece::id, piece -> piece));
        List<Joint> alone = alone(choices, built, Meetings.find(planned).stream()
                .map(meeting -> meeting.with(pieces.getOrDefault(meeting.tenonPiece().id(), meeting.tenonPiece())))
                .toList());
        Map<String, List<Rival>> rivals = alone.stream()
                .flatMap(joint -> joint.tenons().stream().map(tenon -> new Rival(tenon, joint.givesWay())))
                .collect(Collectors.groupingBy(rival -> rival.tenon().meeting().mortisePiece().id()));
        return Tasks.each(alone,
                joint -> Made.of(joint.fitted(tenon -> run.amongst(choices, new Rival(tenon, joint.givesWay()),
                        rivals.getOrDefault(joint.meeting().mortisePiece().id(), List.of())))));
    }

    /** The joints of some meetings, each as it would be with no other in its post. */
    static List<Joint> alone(DesignChoices choices, Frame built, List<Meeting> meetings) {
        return Tasks.each(meetings, meeting -> alone(built, new JointContext(choices, meeting)));
    }

    private static Joint alone(Frame built, JointContext context) {
        Solid shaping = built.shapings().getOrDefault(context.meeting().mortisePiece().id(), Solid.NOTHING);
        return Pegged.wrap(context, Bolted.wrap(context,
                Undercut.wrap(context, Scribed.wrap(JointType.of(context.kind()).make(context), shaping))));
    }

    /** A tenon and what it does where another wants its place. */
    private record Rival(Tenon tenon, GivesWay way) {}

    /** A tenon with regard to every other that wants the same part of its post. */
    private Tenon amongst(DesignChoices choices, Rival one, List<Rival> rivals) {
        Tenon fitted = one.tenon();
        for (Rival other : rivals) {
            if (compete(one.tenon(), other.tenon())) {
                boolean both = one.way() == GivesWay.BY_SCHOOL && other.way() == GivesWay.BY_SCHOOL;
                fitted = together(new JointContext(choices, one.tenon().meeting()), fitted, other.tenon(),
                        both ? rule : TenonMeeting.SHORTENED);
            }
        }
        return fitted;
    }

    /** Whether two tenons enter one post at right angles to each other and share a height. */
    public static boolean compete(Tenon a, Tenon b) {
        return cross(a.meeting(), b.meeting())
                && a.mortiseFromEnd().value().isLessThan(b.mortiseToEnd().value())
                && b.mortiseFromEnd().value().isLessThan(a.mortiseToEnd().value());
    }

    /** Whether what comes in at two meetings enters one post at right angles to each other. */
    static boolean cross(Meeting one, Meeting two) {
        return one.mortisePiece().id().equals(two.mortisePiece().id())
                && Math.abs(Plain.dot(one.inward(), two.inward())) < Tolerance.DIRECTION;
    }

    private Tenon together(JointContext context, Tenon tenon, Tenon other, TenonMeeting way) {
        if (way == TenonMeeting.INTERLOCKED && Interlock.isPossible(tenon, other)) {
            return new Interlock(tenon, other).shared();
        }
        Amount free = limit(tenon, other, way);
        Amount limit = tenon.limit().filter(known -> known.value().isLessThan(free.value())).orElse(free);
        boolean asGiven = context.given(Brief.TENON_LENGTH).isPresent() || way == TenonMeeting.FULL;
        Amount snapped = context.snappedDown(free);
        Amount length = asGiven
                ? tenon.length()
                : new Amount.Least(Label.of("amount.tenonLength"), List.of(tenon.length(), snapped),
                        Label.of("rule.meeting." + way.option()));
        List<HalfSpace> mitres = new ArrayList<>(tenon.mitres());
        if (way == TenonMeeting.MITRED && tenon.isThick() && other.isThick()) {
            // Both cheeks are shorter by what rounding takes off, so that both are on the step.
            Length rounded = asGiven ? Length.ZERO : free.value().minus(snapped.value());
            mitres.add(mitre(tenon, other, rounded.toMillimetres()));
        }
        return tenon.runs(length, new TenonRules(context).depth(length)).limitedTo(limit, mitres);
    }

    /** How long a tenon can be if it and another that it meets are mitred. */
    public static Amount mitredRun(Tenon tenon, Tenon other) {
        return limit(tenon, other, TenonMeeting.MITRED);
    }

    private static Amount limit(Tenon tenon, Tenon other, TenonMeeting way) {
        if (!tenon.meeting().isSquare() || !other.meeting().isSquare()) {
            return traced(tenon, other, way);
        }
        if (way == TenonMeeting.MITRED) {
            return Amount.sum(Label.of("amount.mitredRun")).plus(run(tenon, other, true))
                    .minus(mitreClearance(tenon, other)).amount();
        }
        Amount clearance = new Amount.Ruled(Label.of("amount.clearance"), CLEARANCE, Label.of("rule.clearance"));
        return Amount.sum(Label.of("amount.freeLength")).plus(run(tenon, other, false)).minus(clearance).amount();
    }

    /** The shortest run from the leaning shoulder to the other tenon's nearer cheek or, mitred, to its farther one. */
    private static Amount traced(Tenon tenon, Tenon other, TenonMeeting way) {
        HalfSpace cheek = other.cheekTowards(tenon.meeting().inward(), way == TenonMeeting.MITRED);
        double shortest = tenon.runs(cheek).min().orElse(0)
                - (way == TenonMeeting.MITRED ? mitreClearance(tenon, other).value() : CLEARANCE).toMillimetres();
        return new Amount.Traced(Label.of(way == TenonMeeting.MITRED ? "amount.mitredRun" : "amount.freeLength"),
                Length.fromMillimetres(shortest),
                List.of(tenon.thickness(), other.thickness(), tenon.meeting().postExtent()), Label.of("rule.planes"));
    }

    /** From the shoulder to the other tenon's cheek: the farther one or the nearer one as seen from this shoulder. */
    private static Amount run(Tenon tenon, Tenon other, boolean toFarther) {
        boolean gaugedFromBeyond = other.meeting().reference() != tenon.meeting().face();
        Amount cheek = gaugedFromBeyond == toFarther ? other.cheekFromReference() : other.farCheekFromReference();
        return gaugedFromBeyond
                ? Amount.sum(Label.of(toFarther ? "amount.runToNear" : "amount.runToFar"))
                        .plus(tenon.meeting().postExtent()).minus(cheek).amount()
                : cheek;
    }

    /** Half of the clearance, as it is measured along the tenon: more than it is square to the mitre. */
    private static Amount mitreClearance(Tenon tenon, Tenon other) {
        double thickness = tenon.thickness().value().toMillimetres();
        double slanted = tenon.isThick()
                ? Math.hypot(thickness, other.thickness().value().toMillimetres()) / thickness
                : 1;
        return new Amount.Ruled(Label.of("amount.mitreClearance"),
                Length.fromMillimetres(MITRE_CLEARANCE.toMillimetres() / 2 * slanted), Label.of("rule.mitreClearance"));
    }

    /**
     * The plane through the two lines where cheeks of one tenon cross those of the other, less half of the clearance between them.
     *
     * @param shorter how much shorter the tenon is made besides, in millimetres along it
     */
    private static HalfSpace mitre(Tenon tenon, Tenon other, double shorter) {
        Vector3D.Unit a = tenon.meeting().inward();
        Vector3D.Unit b = other.meeting().inward();
        double thickness = tenon.thickness().value().toMillimetres();
        double otherThickness = other.thickness().value().toMillimetres();
        Vector3D normal = a.multiply(thickness).subtract(b.multiply(otherThickness));
        // The inner crossing: where the cheeks that face both shoulders cut each other.
        Vector3D crossing = HalfSpace.meet(other.cheekTowards(a, false), tenon.cheekTowards(b, false),
                HalfSpace.through(Vector3D.ZERO, a.cross(b)));
        HalfSpace plane = HalfSpace.through(crossing, normal);
        return plane.moved(-MITRE_CLEARANCE.toMillimetres() / 2 - shorter * plane.normal().dot(a));
    }

    /** The joints that one may as well be made like: rails of one section that stand on posts of one section, made alike so far. */
    public static List<Joint> alike(Joint joint, List<Joint> all) {
        return all.stream().filter(other -> other.kind() == joint.kind() && sections(other).equals(sections(joint)))
                .toList();
    }

    private static List<Length> sections(Joint joint) {
        Meeting meeting = joint.meeting();
        return List.of(meeting.tenonPiece().width().value(), meeting.tenonPiece().thickness().value(),
                meeting.postExtent().value(), meeting.referenceExtent().value());
    }
}
