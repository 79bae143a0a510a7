package longshoulder.core.joint;

import longshoulder.core.brief.Limits;
import java.util.ArrayList;
import java.util.DoubleSummaryStatistics;
import java.util.List;
import java.util.Optional;
import longshoulder.core.geometry.Tolerance;
import longshoulder.core.measure.Length;
import longshoulder.core.reckoning.Label;
import longshoulder.core.wood.Species;

/**
 * What speaks for a type of joint at a meeting and against it, reckoned from the pieces that meet: what the post leaves room
 * for, how near its end is, how thick and how wide the rail is, and what else enters the post.
 */
final class JointEvaluation {

    /** From here on a post has room for a mortise with walls. */
    private static final Length STOUT_POST = Length.ofMillimetres(30);

    private final DesignChoices choices;
    private final Meeting meeting;
    private final Tenon tenon;
    private final List<Meeting> others;
    private final boolean mayShow;
    private final List<Label> pro = new ArrayList<>();
    private final List<Label> contra = new ArrayList<>();

    /**
     * @param tenon that a plain rail would have there
     * @param others that meet the same post
     * @param mayShow whether what shows there is wanted
     */
    JointEvaluation(DesignChoices choices, Meeting meeting, Tenon tenon, List<Meeting> others, boolean mayShow) {
        this.choices = choices;
        this.meeting = meeting;
        this.tenon = tenon;
        this.others = others;
        this.mayShow = mayShow;
    }

    Meeting meeting() {
        return meeting;
    }

    Tenon tenon() {
        return tenon;
    }

    List<Label> pro() {
        return pro;
    }

    List<Label> contra() {
        return contra;
    }

    void say(String key, Object... figures) {
        pro.add(Label.of(key, figures));
    }

    void sayIf(boolean holds, String key, Object... figures) {
        if (holds) {
            say(key, figures);
        }
    }

    void object(String key, Object... figures) {
        contra.add(Label.of(key, figures));
    }

    void objectIf(boolean holds, String key, Object... figures) {
        if (holds) {
            object(key, figures);
        }
    }

    Length postExtent() {
        return meeting.postExtent().value();
    }

    Length railWidth() {
        return meeting.tenonPiece().width().value();
    }

    Length railThickness() {
        return meeting.tenonPiece().thickness().value();
    }

    /** Whether other rails meet the same post. */
    boolean hasOthers() {
        return !others.isEmpty();
    }

    boolean isSoftPost() {
        return choices.species(meeting.mortisePiece().role().id()).filter(Species::isSoft).isPresent();
    }

    /** How wide one tenon would be here: at the end of a post a haunch takes a third of the rail. */
    Length oneTenonWidth() {
        return isAtEnd()
                ? railWidth().times(2, 3).minus(tenon.edgeShoulder().value())
                : tenon.width().value();
    }

    boolean isTooWide(Length width) {
        return width.isGreaterThan(choices.brief().ratio(Limits.WIDE).of(tenon.thickness().value()));
    }

    /** Against one tenon as wide as all of it. */
    void objectToWidth() {
        objectToWidth(tenon.width().value());
    }

    /** Against one tenon of that width. */
    void objectToWidth(Length width) {
        objectIf(isTooWide(width), "reason.tooWide", width, tenon.thickness().value());
    }

    /** Whether a post has room for a mortise with walls. */
    boolean isStout() {
        return !postExtent().isLessThan(STOUT_POST);
    }

    /** For a tenon that stays hidden in its post, where the post has room for it. */
    void askForRoom() {
        sayIf(isStout(), "reason.stopped.room", postExtent(), tenon.length().value());
        objectIf(!isStout(), "reason.stopped.thin", postExtent());
    }

    /** Whether the mortise begins within a tenon's length of the end of the post. */
    boolean isAtEnd() {
        return tenon.isAtEnd();
    }

    /** Against a mortise that leaves short grain at the end of the post. */
    void objectToEnd() {
        objectIf(isAtEnd(), "reason.stopped.end", tenon.mortiseFromEnd().value(), tenon.length().value());
    }

    /** Against what comes out of the post where it must not show, or where another rail crosses. */
    void objectToComingOut(String shows) {
        objectIf(!mayShow, shows, meeting.mortisePiece().id());
    }

    void objectToCrossing() {
        crossing().ifPresent(other -> object("reason.through.crosses", other.tenonPiece().id()));
    }

    private Optional<Meeting> crossing() {
        return others.stream().filter(other -> other.part().isEnd())
                .filter(other -> Math.abs(other.inward().dot(meeting.inward())) < 0.5)
                .filter(other -> shareHeight(other, meeting)).findFirst();
    }

    /** Whether two rails stand beside each other on their post, and not one above the other. */
    private static boolean shareHeight(Meeting one, Meeting other) {
        DoubleSummaryStatistics first = heights(one);
        DoubleSummaryStatistics second = heights(other);
        return first.getMin() < second.getMax() - Tolerance.LENGTH
                && second.getMin() < first.getMax() - Tolerance.LENGTH;
    }

    /** Where a rail's end stands along the post. */
    private static DoubleSummaryStatistics heights(Meeting one) {
        return one.tenonPiece().shape().corners(one.shoulder()).stream()
                .mapToDouble(corner -> corner.dot(one.mortisePiece().pose().along())).summaryStatistics();
    }

    /** Joints over a moulding want both show sides in one plane. */
    void wantOnePlane(String key) {
        Length setback = meeting.seat().setback().value();
        sayIf(setback.equals(Length.ZERO), key);
        objectIf(!setback.equals(Length.ZERO), "reason.moulded.setback", setback);
    }
}
