package longshoulder.core.plan;

import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import longshoulder.core.brief.JointKind;
import longshoulder.core.finding.Checks;
import longshoulder.core.finding.Subject;
import longshoulder.core.frame.Frame;
import longshoulder.core.frame.Piece;
import longshoulder.core.frame.Shape;
import longshoulder.core.geometry.Mesh;
import longshoulder.core.geometry.Solid;
import longshoulder.core.joint.Joinery;
import longshoulder.core.joint.Joint;
import longshoulder.core.joint.Staggering;
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
        Project settled = project.settled(frame);
        Frame planned = AsMilled.follow(project, Staggering.of(settled, frame));
        Frame built = planned.withCut(project.cutShoulders());
        List<Joint> joints = Joinery.of(settled, planned, built);
        // Each piece's solid and skin hang on nothing but the joints, so all processors share them.
        Map<String, List<Joint>> byRail = joints.stream()
                .collect(Collectors.groupingBy(joint -> joint.meeting().rail().id()));
        Map<String, List<Joint>> byPost = joints.stream()
                .collect(Collectors.groupingBy(joint -> joint.meeting().post().id()));
        List<Skins.Bare> bare = built.pieces().parallelStream()
                .map(piece -> Skins.Bare.of(piece, cut(piece, byRail.getOrDefault(piece.id(), List.of()),
                        byPost.getOrDefault(piece.id(), List.of())).minus(built.shaping(piece.id()))))
                .toList();
        Map<String, Skin> skins = Skins.of(bare);
        List<PlannedPiece> pieces = bare.parallelStream().map(one -> planned(project, built, one,
                byRail.getOrDefault(one.piece().id(), List.of()), byPost.getOrDefault(one.piece().id(), List.of()),
                Objects.requireNonNull(skins.get(one.piece().id()))))
                .toList();
        Map<String, Solid> solids = pieces.stream().collect(Collectors.toMap(PlannedPiece::id, PlannedPiece::solid));
        Map<String, List<Mesh.Edge>> outlines = pieces.stream()
                .collect(Collectors.toMap(PlannedPiece::id, PlannedPiece::outline));
        return new Plan(project, built, joints, pieces,
                Checks.run(new Subject(project, planned, built, joints, solids, outlines)));
    }

    /**
     * The solid of a piece with its joints cut.
     *
     * @param own the joints at its ends
     * @param received those that others have in it
     */
    private static Solid cut(Piece piece, List<Joint> own, List<Joint> received) {
        Solid solid = piece.body();
        for (Joint joint : received) {
            if (joint.kind() != JointKind.GROOVE) {
                solid = solid.minus(joint.removes());
            }
        }
        for (Joint joint : own) {
            solid = solid.minus(joint.removesFromRail()).plus(joint.adds());
        }
        // Grooves are ploughed after the tenons are cut, and run through them where they reach so far.
        for (Joint joint : received) {
            if (joint.kind() == JointKind.GROOVE) {
                solid = solid.minus(joint.removes());
            }
        }
        return solid;
    }

    private static PlannedPiece planned(Project project, Frame built, Skins.Bare bare, List<Joint> own,
            List<Joint> received,
            Skin skin) {
        Piece piece = bare.piece();
        double[] arrises = piece.slanted().map(Shape::arrises)
                .orElseGet(() -> new double[]{piece.length().value().toMillimetres()});
        EndCut start = EndCut.along(piece.pose(), piece.shape().start().normal(), arrises);
        EndCut finish = EndCut.along(piece.pose(), piece.shape().finish().normal(), arrises);
        List<Joint> ends = own.stream().filter(joint -> joint.meeting().part().isEnd()).toList();
        Optional<Amount> shoulders = ends.size() == 2 && !piece.role().isPanel()
                ? Optional.of(piece.length())
                : Optional.empty();
        return new PlannedPiece(piece, project.wood(piece.role().id()), overall(piece, ends), shoulders, start, finish,
                !built.shaping(piece.id()).isNothing()
                        || Stream.concat(own.stream(), received.stream()).anyMatch(Joint::isOpen),
                own, bare.solid(), skin);
    }

    /** Shoulder length and whatever the joints add at both ends. */
    private static Amount overall(Piece piece, List<Joint> own) {
        if (own.isEmpty() || piece.role().isPanel()) {
            return piece.length();
        }
        Amount.SumBuilder sum = Amount.sum(Label.of("amount.pieceLength", piece.id())).plus(piece.length());
        own.forEach(joint -> sum.plus(joint.addedLength()));
        return sum.amount();
    }
}
