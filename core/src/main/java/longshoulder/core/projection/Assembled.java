package longshoulder.core.projection;

import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Collectors;
import longshoulder.core.brief.JointKind;
import longshoulder.core.projection.DrawnPart.Outside;
import longshoulder.core.frame.Piece;
import longshoulder.core.geometry.Cell;
import longshoulder.core.geometry.Skin;
import longshoulder.core.geometry.Solid;
import longshoulder.core.joint.Joint;
import longshoulder.core.plan.Cutting;
import longshoulder.core.plan.Plan;
import longshoulder.core.plan.PlannedPiece;
import longshoulder.core.tasks.Tasks;

/**
 * The pieces of a plan as they stand when all is done: joints closed, pegs home, wedges driven. What is cut out of one piece and filled by
 * another is drawn as if it had never been cut, since mortises cut a piece into many cells; where what fills it comes out flush, its
 * faces are laid into those of the piece.
 */
final class Assembled {

    private final Plan plan;
    private final Map<String, List<Joint>> received;
    private final Map<String, Solid> cores = new ConcurrentHashMap<>();

    private Assembled(Plan plan) {
        this.plan = plan;
        received = plan.joints().stream().collect(Collectors.groupingBy(joint -> joint.meeting().mortisePiece().id()));
    }

    /** All pieces of a plan. The processors share them. */
    static List<DrawnPart> pieces(Plan plan) {
        Assembled assembled = new Assembled(plan);
        return Tasks.each(plan.pieces(), assembled::shown);
    }

    private DrawnPart shown(PlannedPiece piece) {
        Solid seen = seen(piece);
        List<Joint> closed = closed(received(piece.id()));
        // Tenons hide nothing that is not hidden without them, but the wood goes on in them.
        List<Cell> filling = closed(piece.joints()).stream().flatMap(joint -> joint.adds().cells().stream()).toList();
        Skin skin = Skin.of(seen.cells(), filling);
        List<Outside> outside = Outside.of(seen, skin).stream().map(cell -> cell.with(closed)).toList();
        return new DrawnPart(piece.id(), piece.cutShape(), outside, Hiding.of(seen.cells(), skin));
    }

    private List<Joint> received(String piece) {
        return received.getOrDefault(piece, List.of());
    }

    /** A piece without its ends, as far as it is seen: shaped, and cut where what is cut stays open. */
    private Solid core(Piece piece) {
        return cores.computeIfAbsent(piece.id(), id -> cut(piece, List.of()));
    }

    private Solid cut(Piece piece, List<Cutting.End> ends) {
        return Cutting.of(piece, ends, open(piece), plan.frame().shaping(piece.id())).solid();
    }

    /** What others have in a piece and leave open. */
    private List<Joint> open(Piece piece) {
        return received(piece.id()).stream().filter(Joint::isOpen).toList();
    }

    private Solid seen(PlannedPiece planned) {
        Piece piece = planned.piece();
        List<Cutting.End> open = planned.joints().stream().filter(Joint::isOpen).map(Cutting.End::of).toList();
        Solid seen = open.isEmpty() ? core(piece) : cut(piece, open);
        for (Joint joint : closed(planned.joints())) {
            // A panel itself is let into its groove.
            seen = joint.kind() == JointKind.GROOVE
                    ? seen.minus(core(joint.meeting().mortisePiece()))
                    : seen.plus(proud(piece, joint));
        }
        return seen;
    }

    private static List<Joint> closed(List<Joint> joints) {
        return joints.stream().filter(joint -> !joint.isOpen()).toList();
    }

    /** What a joint adds to its rail and does not let into its post, such as a shoulder that runs on into a rebate. */
    private Solid proud(Piece rail, Joint joint) {
        Solid proud = joint.adds().minus(core(joint.meeting().mortisePiece())).minus(rail.body());
        return Cutting.passed(proud, open(rail), plan.frame().shaping(rail.id()));
    }
}
