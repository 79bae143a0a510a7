package longshoulder.core.plan;

import java.util.ArrayList;
import java.util.EnumMap;
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
 * post lost or kept wood on the face that it meets ends farther on or sooner, so that its shoulder still closes, and a panel stands
 * as deep in its grooves as planned. What
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
        Map<String, Following> followings = new HashMap<>();
        for (Meeting meeting : Meetings.find(planned)) {
            // What crosses another piece, or is glued to its face, neither ends nor stands in it.
            if (meeting.part() != Meeting.Part.MIDDLE && follows(meeting)) {
                HalfSpace face = meeting.face().surface(sections.piece(meeting.mortisePiece().id()));
                followings.computeIfAbsent(meeting.tenonPiece().id(), id -> new Following())
                        .add(meeting, meeting.surface().offset() - face.offset());
            }
        }
        return sections.with(piece -> Optional.ofNullable(followings.get(piece.id()))
                .map(following -> following.applied(piece)).orElse(piece));
    }

    /** An end follows its post; the edge of a panel follows its groove, unless the panel's own width is known. */
    private boolean follows(Meeting meeting) {
        String rail = meeting.tenonPiece().id();
        return meeting.part().isEnd() || meeting.tenonPiece().role().isPanel() && project.resized(rail).isEmpty()
                && project.milled(rail, Milled.WIDTH.id()).isEmpty();
    }

    /** How far each end and each long edge of a piece goes with the faces that it stands on. */
    private static final class Following {

        private final Map<Meeting.Part, Double> farther = new EnumMap<>(Meeting.Part.class);
        private final List<Amount> longer = new ArrayList<>();
        private final List<Amount> wider = new ArrayList<>();

        /** @param run how far the face has come to stand behind where it was planned, in millimetres */
        void add(Meeting meeting, double run) {
            double along = run / Math.abs(meeting.surface().normal().dot(meeting.inward()));
            farther.merge(meeting.part(), along, Double::sum);
            (meeting.part().isEnd() ? longer : wider).add(new Amount.Traced(
                    Label.of("amount.postThinner", meeting.mortisePiece().id()), Length.fromMillimetres(along),
                    List.of(meeting.postExtent()), Label.of("rule.follows")));
        }

        Piece applied(Piece piece) {
            Piece ended = isStill(Meeting.Part.START, Meeting.Part.FINISH)
                    ? piece
                    : piece.endingFarther(at(Meeting.Part.START), at(Meeting.Part.FINISH),
                            with(piece.length(), longer));
            return isStill(Meeting.Part.FACE_EDGE, Meeting.Part.FAR_EDGE)
                    ? ended
                    : ended.reachingFarther(at(Meeting.Part.FACE_EDGE), at(Meeting.Part.FAR_EDGE),
                            with(piece.width(), wider));
        }

        private boolean isStill(Meeting.Part one, Meeting.Part other) {
            return at(one) == 0 && at(other) == 0;
        }

        private double at(Meeting.Part part) {
            return farther.getOrDefault(part, 0.0);
        }

        /** A size and what its posts came out thinner by. */
        private static Amount with(Amount size, List<Amount> more) {
            Amount.SumBuilder sum = Amount.sum(size.label()).plus(size);
            more.forEach(sum::plus);
            return sum.amount();
        }
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
}
