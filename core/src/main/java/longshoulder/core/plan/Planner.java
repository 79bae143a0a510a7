package longshoulder.core.plan;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import longshoulder.core.finding.Checks;
import longshoulder.core.finding.Subject;
import longshoulder.core.frame.Frame;
import longshoulder.core.frame.Piece;
import longshoulder.core.frame.Shape;
import longshoulder.core.geometry.Mesh;
import longshoulder.core.geometry.Solid;
import longshoulder.core.joint.AsMilled;
import longshoulder.core.joint.Joinery;
import longshoulder.core.joint.Joint;
import longshoulder.core.kind.Kind;
import longshoulder.core.kind.Kinds;
import longshoulder.core.project.Project;
import longshoulder.core.reckoning.Amount;
import longshoulder.core.reckoning.Label;

/** Derives a plan from a project: brief → frame → meetings → joints → exact pieces → findings. */
public final class Planner {

    private Planner() {}

    /**
     * The plan of a project. A pure function; takes any project that its edits can make.
     *
     * @throws IllegalArgumentException if the project is of no known kind
     */
    public static Plan plan(Project project) {
        Kind kind = Kinds.find(project.brief().kind()).orElseThrow(() -> new IllegalArgumentException(
                "There is no kind of furniture (%s).".formatted(project.brief().kind())));
        Frame planned = AsMilled.follow(project, kind.frame(project.brief()));
        Frame built = planned.withCut(project.cutShoulders());
        List<Joint> joints = Joinery.of(project, planned, built);
        // Each piece's solid and skin hang on nothing but the joints, so all processors share them.
        List<PlannedPiece> pieces = built.pieces().parallelStream().map(piece -> planned(project, piece, joints))
                .toList();
        Map<String, List<Mesh.Edge>> outlines = pieces.stream()
                .collect(Collectors.toMap(PlannedPiece::id, PlannedPiece::outline));
        return new Plan(project, built, joints, pieces,
                Checks.run(new Subject(project, planned, built, joints, outlines)));
    }

    private static PlannedPiece planned(Project project, Piece piece, List<Joint> joints) {
        List<Joint> own = joints.stream().filter(joint -> joint.meeting().rail().id().equals(piece.id())).toList();
        Solid solid = piece.body();
        for (Joint joint : joints) {
            if (joint.meeting().post().id().equals(piece.id())) {
                solid = solid.minus(joint.removes());
            }
        }
        for (Joint joint : own) {
            solid = solid.minus(joint.removesFromRail()).plus(joint.adds());
        }
        double[] arrises = piece.slanted().map(Shape::arrises)
                .orElseGet(() -> new double[]{piece.length().value().toMillimetres()});
        EndCut start = EndCut.along(piece.pose(), piece.shape().start().normal(), arrises);
        EndCut finish = EndCut.along(piece.pose(), piece.shape().finish().normal(), arrises);
        Mesh mesh = Mesh.of(solid);
        Optional<Amount> shoulders = own.size() == 2 ? Optional.of(piece.length()) : Optional.empty();
        return new PlannedPiece(piece, project.wood(piece.role().id()), overall(piece, own), shoulders, start, finish,
                own, solid, mesh, mesh.edgesIn(piece.pose()));
    }

    /** Shoulder length and whatever the joints add at both ends. */
    private static Amount overall(Piece piece, List<Joint> own) {
        if (own.isEmpty()) {
            return piece.length();
        }
        Amount.SumBuilder sum = Amount.sum(Label.of("amount.pieceLength", piece.id())).plus(piece.length());
        own.forEach(joint -> sum.plus(joint.addedLength()));
        return sum.amount();
    }
}
