package longshoulder.core.marking;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.DoubleSummaryStatistics;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import longshoulder.core.geometry.View;
import longshoulder.core.joint.Joint;
import longshoulder.core.joint.Meeting;
import longshoulder.core.joint.Tenon;
import longshoulder.core.measure.Length;
import longshoulder.core.plan.Plan;
import longshoulder.core.plan.PlannedPiece;
import longshoulder.core.reckoning.Amount;
import longshoulder.core.reckoning.Label;
import org.apache.commons.geometry.euclidean.threed.Vector3D;

/**
 * Every mark of a piece along its length, with running figures from one end, never chained.
 *
 * @param piece its id
 * @param marks in the order in which they lie; the first is 0
 * @param faces the faces that are shown, one strip each
 */
public record Rod(String piece, List<Mark> marks, List<Face> faces) {

    /** How near to the post's surface the mouth of a mortise lies, in millimetres. */
    private static final double MOUTH = 1e-3;

    public Rod {
        marks = List.copyOf(marks);
        faces = List.copyOf(faces);
    }

    /**
     * One line across the piece.
     *
     * @param position from the end where the running figures start
     * @param joint the joint that it belongs to
     */
    public record Mark(Kind kind, Amount position, Optional<String> joint) {}

    /** What a mark is. */
    public enum Kind {
        END, SHOULDER, MORTISE_START, MORTISE_END
    }

    /**
     * A long face as it lies on the bench with the running end to the left.
     *
     * @param name key of the face's name, such as {@code face.side}
     * @param view how to look at the piece to see it so
     * @param joints those whose mortise opens in this face
     */
    public record Face(String name, View view, List<String> joints) {
        public Face {
            joints = List.copyOf(joints);
        }
    }

    /** The rod of a piece of a plan. Running figures start at the end that is nearest to the joints. */
    public static Rod of(Plan plan, String pieceId) {
        PlannedPiece piece = plan.piece(pieceId);
        List<Joint> mortises = plan.mortisesIn(pieceId);
        List<Mark> marks = piece.piece().slanted().isPresent()
                ? slantedMarks(piece, mortises)
                : squareMarks(piece, mortises);
        marks.sort(Comparator.comparing(mark -> mark.position().value()));
        boolean fromFinish = piece.piece().slanted().isPresent()
                ? isFromFinish(mortises)
                : zeroEnd(piece, mortises) == Meeting.Part.FINISH;
        return new Rod(pieceId, marks, faces(piece, mortises, fromFinish));
    }

    /** A panel has no shoulders: its ends lie loose in their grooves. */
    private static Optional<Joint> shoulderAt(PlannedPiece piece, Meeting.Part end) {
        return piece.jointAt(end).filter(joint -> !piece.piece().role().isPanel());
    }

    private static boolean isFromFinish(List<Joint> mortises) {
        return !mortises.isEmpty() && mortises.getFirst().meeting().postEnd() == Meeting.Part.FINISH;
    }

    /** Where running figures start: a rail's first end, else the end that is nearest to the first mortise. */
    private static Meeting.Part zeroEnd(PlannedPiece piece, List<Joint> mortises) {
        boolean isRail = piece.joints().stream().anyMatch(joint -> joint.meeting().part().isEnd());
        return !isRail && isFromFinish(mortises) ? Meeting.Part.FINISH : Meeting.Part.START;
    }

    private static Amount zero() {
        return new Amount.Ruled(Label.of("amount.zero"), Length.ZERO, Label.of("rule.runningFrom"));
    }

    /**
     * Where planes lean, figures run from the end of the blank along the edges of the face side: a shoulder has one at the
     * face edge and one at the far edge.
     */
    private static List<Mark> slantedMarks(PlannedPiece piece, List<Joint> mortises) {
        boolean fromFinish = isFromFinish(mortises);
        List<Mark> marks = new ArrayList<>();
        marks.add(new Mark(Kind.END, zero(), Optional.empty()));
        marks.add(measured(Kind.END, "amount.blank", piece.blank(), Optional.empty()));
        for (Joint joint : piece.joints().stream().filter(one -> one.meeting().part().isEnd()).toList()) {
            List<Vector3D> corners = piece.piece().shape().corners(joint.meeting().shoulder());
            for (Vector3D corner : corners.subList(1, 3)) {
                marks.add(measured(Kind.SHOULDER, "amount.toShoulder", piece.along(corner, fromFinish),
                        Optional.of(joint.id())));
            }
        }
        for (Joint joint : mortises) {
            DoubleSummaryStatistics mouth = joint.removes().cells().stream().flatMap(cell -> cell.corners().stream())
                    .filter(corner -> Math.abs(joint.meeting().surface().distance(corner)) < MOUTH)
                    .mapToDouble(corner -> piece.along(corner, fromFinish)).summaryStatistics();
            if (mouth.getCount() > 0) {
                marks.add(measured(Kind.MORTISE_START, "amount.mortiseFromEnd", mouth.getMin(),
                        Optional.of(joint.id())));
                marks.add(measured(Kind.MORTISE_END, "amount.mortiseToEnd", mouth.getMax(), Optional.of(joint.id())));
            }
        }
        return marks;
    }

    private static Mark measured(Kind kind, String label, double millimetres, Optional<String> joint) {
        return new Mark(kind, new Amount.Traced(Label.of(label), Length.fromMillimetres(millimetres), List.of(),
                Label.of("rule.planes")), joint);
    }

    private static List<Mark> squareMarks(PlannedPiece piece, List<Joint> mortises) {
        Meeting.Part zeroEnd = zeroEnd(piece, mortises);
        Meeting.Part farEnd = zeroEnd == Meeting.Part.START ? Meeting.Part.FINISH : Meeting.Part.START;
        List<Mark> marks = new ArrayList<>();
        marks.add(new Mark(Kind.END, zero(), Optional.empty()));
        Optional<Joint> near = shoulderAt(piece, zeroEnd);
        Amount tenon = near.map(Joint::addedLength).orElseGet(Rod::zero);
        near.ifPresent(joint -> marks.add(new Mark(Kind.SHOULDER, tenon, Optional.of(joint.id()))));
        shoulderAt(piece, farEnd).ifPresent(joint -> marks.add(new Mark(Kind.SHOULDER,
                Amount.sum(Label.of("amount.toShoulder")).plus(tenon).plus(piece.piece().length()).amount(),
                Optional.of(joint.id()))));
        mortises.forEach(joint -> marks.addAll(mortise(piece, joint, zeroEnd, tenon)));
        marks.addAll(traced(piece, mortises.stream().filter(joint -> joint.tenons().isEmpty()).toList(), zeroEnd));
        marks.add(new Mark(Kind.END, piece.length(), Optional.empty()));
        return marks;
    }

    /** Mortises are reckoned from the end that is nearest to them; on the rod all figures run from one end. */
    private static List<Mark> mortise(PlannedPiece piece, Joint joint, Meeting.Part zeroEnd, Amount tenon) {
        boolean same = joint.meeting().postEnd() == zeroEnd;
        List<Mark> marks = new ArrayList<>();
        for (Tenon one : joint.tenons()) {
            Amount from = same ? one.mortiseFromEnd() : one.mortiseToEnd();
            Amount to = same ? one.mortiseToEnd() : one.mortiseFromEnd();
            marks.add(new Mark(Kind.MORTISE_START, fromZero("amount.mortiseFromEnd", piece, from, same, tenon),
                    Optional.of(joint.id())));
            marks.add(new Mark(Kind.MORTISE_END, fromZero("amount.mortiseToEnd", piece, to, same, tenon),
                    Optional.of(joint.id())));
        }
        return marks;
    }

    private static Amount fromZero(String label, PlannedPiece piece, Amount fromEnd, boolean same, Amount tenon) {
        if (same && tenon.value().equals(Length.ZERO)) {
            return fromEnd;
        }
        Amount.SumBuilder sum = Amount.sum(Label.of(label)).plus(tenon);
        return (same ? sum.plus(fromEnd) : sum.plus(piece.piece().length()).minus(fromEnd)).amount();
    }

    /** Where recesses that are no mortises of tenons begin and end: between the corners that they leave on the finished piece. */
    private static List<Mark> traced(PlannedPiece piece, List<Joint> recesses, Meeting.Part zeroEnd) {
        if (recesses.isEmpty()) {
            return List.of();
        }
        List<Vector3D> corners = piece.cutShape().corners().map(piece.piece().pose()::toWorld).toList();
        return recesses.stream().flatMap(joint -> traced(piece, joint, corners, zeroEnd)).toList();
    }

    private static Stream<Mark> traced(PlannedPiece piece, Joint joint, List<Vector3D> corners, Meeting.Part zeroEnd) {
        DoubleSummaryStatistics runs = corners.stream().filter(joint.removes()::holds)
                .mapToDouble(corner -> piece.along(corner, zeroEnd == Meeting.Part.FINISH)).summaryStatistics();
        return runs.getCount() == 0
                ? Stream.empty()
                : Stream.of(traced(Kind.MORTISE_START, "amount.mortiseFromEnd", runs.getMin(), joint),
                        traced(Kind.MORTISE_END, "amount.mortiseToEnd", runs.getMax(), joint));
    }

    private static Mark traced(Kind kind, String label, double run, Joint joint) {
        return measured(kind, label, Math.max(0, run), Optional.of(joint.id()));
    }

    private static List<Face> faces(PlannedPiece piece, List<Joint> mortises, boolean fromFinish) {
        Vector3D.Unit right = fromFinish ? piece.piece().pose().along().negate() : piece.piece().pose().along();
        if (mortises.isEmpty()) {
            return List.of(face("face.side", right, piece.piece().pose().out(), List.of()));
        }
        List<Face> faces = new ArrayList<>();
        for (Meeting.PostFace side : Meeting.PostFace.values()) {
            List<String> here = mortises.stream().filter(joint -> joint.meeting().face() == side).map(Joint::id)
                    .toList();
            if (!here.isEmpty()) {
                Vector3D.Unit outward = side.surface(piece.piece()).normal();
                faces.add(face("face." + side.name(), right, outward, here));
            }
        }
        return faces;
    }

    private static Face face(String name, Vector3D.Unit right, Vector3D.Unit toEye, List<String> joints) {
        return new Face(name, new View(right, toEye.cross(right).normalize(), toEye), joints);
    }
}
