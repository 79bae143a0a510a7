package longshoulder.core.plan;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import longshoulder.core.frame.Alteration;
import longshoulder.core.frame.Frame;
import longshoulder.core.frame.Piece;
import longshoulder.core.geometry.HalfSpace;
import longshoulder.core.joint.Meeting;
import longshoulder.core.joint.Meetings;
import longshoulder.core.measure.Length;
import longshoulder.core.project.Milled;
import longshoulder.core.project.Project;
import longshoulder.core.reckoning.Amount;
import longshoulder.core.reckoning.Label;

/**
 * A frame with the sections to which its pieces were really milled, or which the maker gave them alone. Face side and face edge of each piece stay; a rail whose
 * post lost or kept wood on the face that it meets ends farther on or sooner, so that its shoulder still closes. What
 * was really cut between the shoulders is no part of this: it stands against what this asks for, and a check compares them.
 */
final class AsMilled {

    private final Project project;

    private AsMilled(Project project) {
        this.project = project;
    }

    /** The frame as it follows; the same where nothing was milled otherwise than planned. */
    static Frame follow(Project project, Frame planned) {
        boolean asPlanned = planned.pieces().stream()
                .noneMatch(piece -> project.resized(piece.id()).isPresent()
                        || project.milled(piece.id(), Milled.WIDTH.id()).isPresent()
                        || project.milled(piece.id(), Milled.THICKNESS.id()).isPresent());
        return asPlanned ? planned : new AsMilled(project).followed(planned);
    }

    private Frame followed(Frame planned) {
        Frame sections = planned.with(this::milled);
        Map<String, double[]> farther = new HashMap<>();
        Map<String, Amount> lengths = new HashMap<>();
        for (Meeting meeting : Meetings.find(planned)) {
            Piece rail = meeting.rail();
            HalfSpace face = meeting.face().surface(sections.piece(meeting.post().id()));
            double run = meeting.surface().offset() - face.offset();
            double cosine = Math.abs(meeting.surface().normal().dot(rail.pose().along()));
            farther.computeIfAbsent(rail.id(), id -> new double[2])[meeting.part() == Meeting.Part.START ? 0 : 1] += run
                    / cosine;
            lengths.merge(rail.id(), longer(rail.length(), meeting, run), (one, other) -> Amount
                    .sum(rail.length().label()).plus(one).plus(other).minus(rail.length()).amount());
        }
        return sections.with(piece -> {
            double[] ends = farther.getOrDefault(piece.id(), new double[2]);
            return ends[0] == 0 && ends[1] == 0
                    ? piece
                    : piece.endingFarther(ends[0], ends[1], lengths.getOrDefault(piece.id(), piece.length()));
        });
    }

    private Piece milled(Piece piece) {
        Optional<Alteration.Resize> resized = project.resized(piece.id());
        Amount width = real(piece, Milled.WIDTH,
                resized.map(Alteration.Resize::ownWidth).orElseGet(piece::width));
        Amount thickness = real(piece, Milled.THICKNESS,
                resized.map(Alteration.Resize::ownThickness).orElseGet(piece::thickness));
        return width.equals(piece.width()) && thickness.equals(piece.thickness())
                ? piece
                : piece.milledTo(width, thickness);
    }

    private Amount real(Piece piece, Milled what, Amount planned) {
        return project.milled(piece.id(), what.id())
                .map(real -> (Amount) new Amount.Cut(Label.of("milled." + what.id(), piece.id()), real, planned))
                .orElse(planned);
    }

    /** A rail's length and what its post came out thinner by. */
    private static Amount longer(Amount length, Meeting meeting, double run) {
        double cosine = Math.abs(meeting.surface().normal().dot(meeting.rail().pose().along()));
        Amount follows = new Amount.Traced(Label.of("amount.postThinner", meeting.post().id()),
                Length.fromMillimetres(run / cosine), List.of(meeting.postExtent()), Label.of("rule.follows"));
        return Amount.sum(length.label()).plus(length).plus(follows).amount();
    }
}
