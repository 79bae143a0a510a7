package longshoulder.core.marking;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.DoubleSummaryStatistics;
import java.util.List;
import java.util.Optional;
import longshoulder.core.frame.Shape;
import longshoulder.core.geometry.HalfSpace;
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
                : mortises.isEmpty() ? railMarks(piece) : postMarks(piece, mortises);
        marks.sort(Comparator.comparing(mark -> mark.position().value()));
        boolean fromFinish = !mortises.isEmpty() && mortises.getFirst().meeting().postEnd() == Meeting.Part.FINISH;
        return new Rod(pieceId, marks, faces(piece, mortises, fromFinish));
    }

    private static Amount zero() {
        return new Amount.Ruled(Label.of("amount.zero"), Length.ZERO, Label.of("rule.runningFrom"));
    }

    /**
     * Where planes lean, figures run from the end of the blank along the edges of the face side: a shoulder has one at the
     * face edge and one at the far edge.
     */
    private static List<Mark> slantedMarks(PlannedPiece piece, List<Joint> mortises) {
        boolean fromFinish = !mortises.isEmpty() && mortises.getFirst().meeting().postEnd() == Meeting.Part.FINISH;
        List<Mark> marks = new ArrayList<>();
        marks.add(new Mark(Kind.END, zero(), Optional.empty()));
        marks.add(slanted(Kind.END, "amount.blank", piece.blank(), Optional.empty()));
        for (Joint joint : piece.joints()) {
            List<Vector3D> corners = piece.piece().shape().corners(joint.meeting().shoulder());
            for (Vector3D corner : corners.subList(1, 3)) {
                marks.add(slanted(Kind.SHOULDER, "amount.toShoulder", piece.along(corner, fromFinish),
                        Optional.of(joint.id())));
            }
        }
        for (Joint joint : mortises) {
            DoubleSummaryStatistics mouth = joint.removes().cells().stream().flatMap(cell -> cell.corners().stream())
                    .filter(corner -> Math.abs(joint.meeting().surface().distance(corner)) < MOUTH)
                    .mapToDouble(corner -> piece.along(corner, fromFinish)).summaryStatistics();
            if (mouth.getCount() > 0) {
                marks.add(slanted(Kind.MORTISE_START, "amount.mortiseFromEnd", mouth.getMin(),
                        Optional.of(joint.id())));
                marks.add(slanted(Kind.MORTISE_END, "amount.mortiseToEnd", mouth.getMax(), Optional.of(joint.id())));
            }
        }
        return marks;
    }

    private static Mark slanted(Kind kind, String label, double millimetres, Optional<String> joint) {
        return new Mark(kind, new Amount.Traced(Label.of(label), Length.fromMillimetres(millimetres), List.of(),
                Label.of("rule.planes")), joint);
    }

    private static List<Mark> railMarks(PlannedPiece piece) {
        List<Mark> marks = new ArrayList<>();
        marks.add(new Mark(Kind.END, zero(), Optional.empty()));
        Amount run = zero();
        Optional<Joint> start = piece.jointAt(Meeting.Part.START);
        if (start.isPresent()) {
            run = start.get().addedLength();
            marks.add(new Mark(Kind.SHOULDER, run, Optional.of(start.get().id())));
        }
        Amount.SumBuilder toShoulder = Amount.sum(Label.of("amount.toShoulder")).plus(run)
                .plus(piece.piece().length());
        piece.jointAt(Meeting.Part.FINISH).ifPresent(
                joint -> marks.add(new Mark(Kind.SHOULDER, toShoulder.amount(), Optional.of(joint.id()))));
        marks.add(new Mark(Kind.END, piece.length(), Optional.empty()));
        return marks;
    }

    private static List<Mark> postMarks(PlannedPiece piece, List<Joint> mortises) {
        List<Mark> marks = new ArrayList<>();
        marks.add(new Mark(Kind.END, zero(), Optional.empty()));
        for (Joint joint : mortises) {
            for (Tenon tenon : joint.tenons()) {
                marks.add(new Mark(Kind.MORTISE_START, tenon.mortiseFromEnd(), Optional.of(joint.id())));
                marks.add(new Mark(Kind.MORTISE_END, tenon.mortiseToEnd(), Optional.of(joint.id())));
            }
            if (joint.tenons().isEmpty()) {
                marks.addAll(traced(piece, joint));
            }
        }
        marks.add(new Mark(Kind.END, piece.length(), Optional.empty()));
        return marks;
    }

    /** Where a recess that is no mortise of a tenon begins and ends, found on its solid. */
    private static List<Mark> traced(PlannedPiece piece, Joint joint) {
        Shape shape = piece.piece().shape();
        HalfSpace end = joint.meeting().postEnd() == Meeting.Part.START ? shape.start() : shape.finish();
        DoubleSummaryStatistics runs = joint.removes().cells().stream().flatMap(cell -> cell.corners().stream())
                .mapToDouble(corner -> -end.distance(corner)).summaryStatistics();
        Label because = Label.of("rule.planes");
        return List.of(
                new Mark(Kind.MORTISE_START, new Amount.Traced(Label.of("amount.mortiseFromEnd"),
                        Length.fromMillimetres(Math.max(0, runs.getMin())), List.of(), because),
                        Optional.of(joint.id())),
                new Mark(Kind.MORTISE_END,
                        new Amount.Traced(Label.of("amount.mortiseToEnd"),
                                Length.greatest(Length.ZERO, Length.least(piece.length().value(),
                                        Length.fromMillimetres(Math.min(runs.getMax(), 1e6)))),
                                List.of(), because),
                        Optional.of(joint.id())));
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
