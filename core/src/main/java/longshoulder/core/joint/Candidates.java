package longshoulder.core.joint;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import longshoulder.core.brief.JointKind;
import longshoulder.core.measure.Length;
import longshoulder.core.project.Project;
import longshoulder.core.reckoning.Label;
import longshoulder.core.wood.Species;

/**
 * Compares the types of joint for one meeting, with reasons reckoned from the pieces that meet: what the post leaves room for,
 * how near its end is, how thick and how wide the rail is, and what else enters the post.
 */
public final class Candidates {

    private static final int WIDEST = 6;
    private static final Length STOUT_POST = Length.ofMillimetres(30);

    private static final Length THIN_DOOR = Length.ofMillimetres(16);
    private static final Length WIDEST_BAR = Length.ofMillimetres(40);

    private final Project project;
    private final Meeting meeting;
    private final Tenon tenon;
    private final Wishes wishes;
    private final List<Meeting> others;
    private final List<Label> pro = new ArrayList<>();
    private final List<Label> contra = new ArrayList<>();

    private Candidates(Project project, Meeting meeting, List<Meeting> all) {
        this.project = project;
        this.meeting = meeting;
        this.tenon = new TenonRules(new Setting(project, meeting)).tenon();
        this.wishes = new Wishes(project, meeting, tenon);
        this.others = all.stream().filter(
                other -> other.post().id().equals(meeting.post().id())
                        && !other.rail().id().equals(meeting.rail().id()))
                .toList();
    }

    /** All types for the meeting of a joint, the best first; of equals the simpler. */
    public static List<Candidate> of(Project project, Joint joint, List<Joint> all) {
        List<Meeting> meetings = all.stream().map(Joint::meeting).toList();
        if (!joint.kind().isForEnds()) {
            return List.of(new Candidates(project, joint.meeting(), meetings).judged(joint.kind()));
        }
        return JointKind.ofEnds().stream()
                .map(kind -> new Candidates(project, joint.meeting(), meetings).judged(kind))
                .sorted(Comparator.comparingInt(Candidate::weight).reversed()).toList();
    }

    private Candidate judged(JointKind kind) {
        switch (kind) {
            case STOPPED_TENON -> stopped();
            case HAUNCHED_TENON -> haunched();
            case DIVIDED_TENON -> divided();
            case THROUGH_TENON -> through();
            case BLIND_WEDGED_TENON -> blindWedged();
            case TUSKED_TENON -> tusked();
            case STUB_TENON -> stub();
            case LOOSE_TENON -> loose();
            case HOUSING -> housing();
            case LAPPED_DOVETAIL -> lapped();
            case SLIDING_DOVETAIL -> sliding();
            case TAPERED_DOVETAIL -> tapered();
            case BRIDLE -> bridle();
            case HALF_LAP -> halfLap();
            case CROSS_LAP -> say(true, "reason.crossLap", meeting.post().id());
            case EDGE_JOINT -> say(true, "reason.edge", meeting.post().id());
            case GROOVE -> say(true, "reason.groove", meeting.rail().id());
            case COPE_AND_STICK -> copeAndStick();
            case LONG_AND_SHORT -> moulded("reason.longAndShort.frame");
            case GLAZING_BAR -> glazingBar();
        }
        pro.addAll(wishes.speakFor(kind));
        contra.addAll(wishes.speakAgainst(kind));
        return new Candidate(kind, pro, contra);
    }

    private void stopped() {
        Length post = meeting.postExtent().value();
        say(!post.isLessThan(STOUT_POST), "reason.stopped.room", post, tenon.length().value());
        object(post.isLessThan(STOUT_POST), "reason.stopped.thin", post);
        object(isAtEnd(), "reason.stopped.end", tenon.mortiseFromEnd().value(), tenon.length().value());
        tooWide();
    }

    private void haunched() {
        say(isAtEnd(), "reason.haunched.end", tenon.mortiseFromEnd().value(),
                meeting.rail().width().value().times(1, 3));
        object(!isAtEnd(), "reason.haunched.far", tenon.mortiseFromEnd().value());
    }

    private void divided() {
        say(isTooWide(), "reason.divided.wide", tenon.width().value(), tenon.thickness().value());
        object(!isTooWide(), "reason.divided.narrow", tenon.width().value());
        object(isAtEnd(), "reason.stopped.end", tenon.mortiseFromEnd().value(), tenon.length().value());
    }

    private void through() {
        say(true, "reason.through.long", meeting.postExtent().value());
        others.stream().filter(this::crosses).findFirst()
                .ifPresent(other -> object(true, "reason.through.crosses", other.rail().id()));
        object(!wishes.mayShow(JointKind.THROUGH_TENON), "reason.through.shows", meeting.post().id());
    }

    private void blindWedged() {
        say(true, "reason.blind.pull");
        object(true, "reason.blind.once");
        object(isSoftPost(), "reason.blind.soft", meeting.post().id());
    }

    private void tusked() {
        say(true, "reason.tusked.apart");
        object(!wishes.mayShow(JointKind.TUSKED_TENON), "reason.tusked.shows", meeting.post().id());
        others.stream().filter(this::crosses).findFirst()
                .ifPresent(other -> object(true, "reason.through.crosses", other.rail().id()));
    }

    private void stub() {
        say(meeting.postExtent().value().isLessThan(STOUT_POST), "reason.stub.thin", meeting.postExtent().value());
        object(true, "reason.stub.short", meeting.postExtent().value().times(1, 4));
    }

    private void loose() {
        say(true, "reason.loose.rail", meeting.rail().length().value());
        object(isTooWide(), "reason.tooWide", tenon.width().value(), tenon.thickness().value());
        object(true, "reason.loose.end");
    }

    private void housing() {
        say(true, "reason.housing.whole", meeting.rail().width().value());
        object(true, "reason.housing.pull");
    }

    private void lapped() {
        boolean flush = !meeting.seat().drop().value().isPositive();
        say(flush, "reason.lapped.above");
        object(!flush, "reason.lapped.drop", meeting.seat().drop().value());
        object(meeting.rail().width().value().isGreaterThan(meeting.rail().thickness().value().times(2)),
                "reason.lapped.wide", meeting.rail().width().value());
    }

    private void sliding() {
        say(true, "reason.sliding.pull");
        object(meeting.postExtent().value().isLessThan(meeting.rail().width().value()), "reason.sliding.long",
                meeting.rail().width().value());
    }

    private void tapered() {
        say(true, "reason.tapered.show");
        sliding();
    }

    /** Joints over a moulding want both show sides in one plane. */
    private void moulded(String key) {
        Length setback = meeting.seat().setback().value();
        say(setback.equals(Length.ZERO), key);
        object(!setback.equals(Length.ZERO), "reason.moulded.setback", setback);
    }

    private void copeAndStick() {
        moulded("reason.cope.door");
        object(meeting.rail().thickness().value().isLessThan(THIN_DOOR), "reason.cope.thin",
                meeting.rail().thickness().value());
        object(true, "reason.cope.tongue");
    }

    private void glazingBar() {
        moulded("reason.bar.mould");
        object(meeting.rail().width().value().isGreaterThan(WIDEST_BAR), "reason.bar.wide",
                meeting.rail().width().value());
    }

    private boolean isSoftPost() {
        return Species.find(project.wood(meeting.post().role().id())).filter(Species::isSoft).isPresent();
    }

    private void bridle() {
        Length rail = meeting.rail().thickness().value();
        Length post = meeting.referenceExtent().value();
        boolean alike = !rail.times(3).isLessThan(post.times(2));
        say(alike, "reason.bridle.alike", rail, post);
        object(!alike, "reason.bridle.thin", rail, post);
        object(!others.isEmpty(), "reason.bridle.others");
    }

    private void halfLap() {
        Length rail = meeting.rail().thickness().value();
        Length post = meeting.referenceExtent().value();
        say(rail.equals(post), "reason.halfLap.equal", rail);
        object(!rail.equals(post), "reason.halfLap.unequal", rail, post);
        object(!others.isEmpty(), "reason.bridle.others");
    }

    private void tooWide() {
        object(isTooWide(), "reason.tooWide", tenon.width().value(), tenon.thickness().value());
    }

    private boolean isTooWide() {
        return tenon.width().value().isGreaterThan(tenon.thickness().value().times(WIDEST));
    }

    /** Whether the mortise begins within a tenon's length of the end of the post. */
    private boolean isAtEnd() {
        return tenon.mortiseFromEnd().value().isLessThan(tenon.length().value());
    }

    private boolean crosses(Meeting other) {
        return Math.abs(other.inward().dot(meeting.inward())) < 0.5;
    }

    private void say(boolean holds, String key, Object... figures) {
        if (holds) {
            pro.add(Label.of(key, figures));
        }
    }

    private void object(boolean holds, String key, Object... figures) {
        if (holds) {
            contra.add(Label.of(key, figures));
        }
    }
}
