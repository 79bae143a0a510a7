package longshoulder.core.plan;

import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Collectors;
import longshoulder.core.finding.Checks;
import longshoulder.core.finding.Subject;
import longshoulder.core.frame.Alteration;
import longshoulder.core.frame.Frame;
import longshoulder.core.frame.Piece;
import longshoulder.core.frame.Shape;
import longshoulder.core.geometry.CutShape;
import longshoulder.core.joint.Joinery;
import longshoulder.core.joint.Joint;
import longshoulder.core.joint.Staggering;
import longshoulder.core.measure.Length;
import longshoulder.core.project.Progress;
import longshoulder.core.project.Project;
import longshoulder.core.reckoning.Amount;
import longshoulder.core.reckoning.Label;

/** Derives a plan from a project: brief → frame → meetings → joints → exact pieces → findings. */
public final class Planner {

    private Planner() {}

    /**
     * The plan of a project. A pure function; takes any project that its edits can make.
     *
     * @throws longshoulder.core.project.EditRefused if the project is of no known kind
     */
    public static Plan plan(Project project) {
        return plan(project, project.frame());
    }

    /** The plan of a project whose pieces stand otherwise than its kind would set them. */
    public static Plan plan(Project project, Frame frame) {
        Project asSet = project.settled(frame);
        Frame staggered = Staggering.of(asSet, frame);
        // A rail that was moved away from the end of its post, or has a section of its own, may want another joint.
        Frame asDesigned = asDesigned(project, staggered);
        Project settled = asDesigned.equals(frame) ? asSet : project.settled(asDesigned);
        Frame planned = AsMilled.follow(project, staggered);
        Frame built = planned.withCut(project.cutShoulders());
        List<Joint> joints = Joinery.of(settled, planned, built);
        Map<String, List<Joint>> byRail = joints.stream()
                .collect(Collectors.groupingBy(joint -> joint.meeting().tenonPiece().id()));
        Map<String, List<Joint>> byPost = joints.stream()
                .collect(Collectors.groupingBy(joint -> joint.meeting().mortisePiece().id()));
        // Each piece's shape hangs on nothing but the joints, so all processors share them.
        Map<String, CutShape> cutShapes = CutShapeCache.of(built.pieces(), piece -> Cutting.of(piece,
                byRail.getOrDefault(piece.id(), List.of()).stream().map(Cutting.End::of).toList(),
                byPost.getOrDefault(piece.id(), List.of()), built.shaping(piece.id())));
        List<PlannedPiece> pieces = built.pieces().stream()
                .map(piece -> planned(project, piece, byRail.getOrDefault(piece.id(), List.of()),
                        Objects.requireNonNull(cutShapes.get(piece.id()))))
                .toList();
        return new Plan(project, built, joints, pieces,
                Checks.run(new Subject(project, settled.brief(), planned, built, joints, cutShapes)));
    }

    /** With the sections that the maker gave single pieces, but not with what was milled: a slip at the planer changes no joint. */
    private static Frame asDesigned(Project project, Frame frame) {
        return project.alterations().stream().anyMatch(Alteration.Resize.class::isInstance)
                ? AsMilled.follow(project.withProgress(Progress.NONE), frame)
                : frame;
    }

    private static PlannedPiece planned(Project project, Piece piece, List<Joint> own, CutShape cutShape) {
        double[] arrises = piece.slanted().map(Shape::arrises)
                .orElseGet(() -> new double[]{piece.length().value().toMillimetres()});
        EndCut start = EndCut.along(piece.pose(), piece.shape().start().normal(), arrises);
        EndCut finish = EndCut.along(piece.pose(), piece.shape().finish().normal(), arrises);
        List<Joint> ends = own.stream().filter(joint -> joint.meeting().part().isEnd()).toList();
        Optional<Amount> shoulders = ends.size() == 2 && !piece.role().isPanel()
                ? Optional.of(piece.length())
                : Optional.empty();
        return new PlannedPiece(piece, project.wood(piece.role().id()), overall(piece, ends, cutShape), shoulders,
                start,
                finish,
                own, cutShape);
    }

    /** Shoulder length and whatever the joints add at both ends; on slanted shoulders the tips of tenons are not its long points. */
    private static Amount overall(Piece piece, List<Joint> own, CutShape cutShape) {
        if (own.isEmpty() || piece.role().isPanel()) {
            return piece.length();
        }
        Label label = Label.of("amount.pieceLength", piece.id());
        Amount.SumBuilder sum = Amount.sum(label).plus(piece.length());
        own.forEach(joint -> sum.plus(joint.addedLength()));
        return piece.slanted().isPresent() && !cutShape.isNothing()
                ? new Amount.Traced(label, Length.fromMillimetres(cutShape.box().getX()), sum.amount().parts(),
                        Label.of("rule.tipToTip"))
                : sum.amount();
    }
}
