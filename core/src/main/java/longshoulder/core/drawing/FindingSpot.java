package longshoulder.core.drawing;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import longshoulder.core.finding.Finding;
import longshoulder.core.frame.Piece;
import longshoulder.core.joint.Joint;
import longshoulder.core.joint.Meeting;
import longshoulder.core.plan.Plan;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import org.apache.commons.geometry.euclidean.twod.Vector2D;

/**
 * A finding, what it says, and where on a page of views it arises: in the view that looks most squarely at the face side of the rail or
 * piece concerned.
 *
 * @param at in millimetres of paper from the page's upper left corner, y downwards
 */
public record FindingSpot(Finding finding, String words, Vector2D at) {

    /** For what is about nothing that is drawn, such as figures of pieces that are not there now. */
    private static final Vector2D CORNER = Vector2D.of(6.35, 6.35);

    /** Symbols of findings are so far apart. */
    private static final double BESIDE = 7;

    /** Those of all findings of a plan. */
    public static List<FindingSpot> of(DrawingContext context, List<PlacedView> views) {
        return context.plan().findings().stream().map(finding -> new FindingSpot(finding, context.words().say(finding),
                finding.about().stream().findFirst().map(id -> place(context.plan(), id, views)).orElse(CORNER)))
                .toList();
    }

    private static Vector2D place(Plan plan, String id, List<PlacedView> views) {
        Optional<Joint> joint = plan.joints().stream().filter(j -> j.id().equals(id)).findFirst();
        Piece piece = joint.map(j -> j.meeting().tenonPiece())
                .orElseGet(() -> plan.has(id) ? plan.piece(id).piece() : plan.pieces().getFirst().piece());
        Vector3D spot = joint.map(FindingSpot::middle).orElseGet(() -> middle(piece));
        return views.stream().filter(view -> !view.isPictorial())
                .max(Comparator.comparingDouble(view -> Math.abs(view.view().toEye().dot(piece.pose().out()))))
                .map(view -> view.onPage(spot)).orElse(CORNER);
    }

    private static Vector3D middle(Joint joint) {
        Piece rail = joint.meeting().tenonPiece();
        double x = joint.meeting().part() == Meeting.Part.START ? 0 : rail.length().value().toMillimetres();
        Vector3D end = rail.pose().toWorld(x, rail.width().value().toMillimetres() / 2,
                rail.thickness().value().toMillimetres() / 2);
        return end.add(joint.meeting().inward().multiply(joint.addedLength().value().toMillimetres() / 2));
    }

    private static Vector3D middle(Piece piece) {
        return piece.pose().toWorld(piece.length().value().toMillimetres() / 2,
                piece.width().value().toMillimetres() / 2, piece.thickness().value().toMillimetres() / 2);
    }

    /**
     * Symbols for a page, each with the number of its finding in the plan's order, from 1; those that would lie on another stand beside
     * it, or below it where the page ends.
     *
     * @param pageWidth in millimetres of paper
     */
    static List<Page.Group> symbols(List<FindingSpot> spots, double pageWidth) {
        List<Vector2D> taken = new ArrayList<>();
        List<Page.Group> symbols = new ArrayList<>();
        for (int i = 0; i < spots.size(); i++) {
            Vector2D at = free(spots.get(i).at, taken, pageWidth);
            taken.add(at);
            symbols.add(Page.Group.onPaper(at.getX(), at.getY(), List.of(
                    new Mark.FindingSymbol(Vector2D.ZERO, spots.get(i).finding.level(), String.valueOf(i + 1)))));
        }
        return symbols;
    }

    private static Vector2D free(Vector2D wanted, List<Vector2D> taken, double pageWidth) {
        Vector2D at = wanted;
        while (isTaken(at, taken)) {
            Vector2D right = at.add(Vector2D.of(BESIDE, 0));
            at = right.getX() < pageWidth - BESIDE ? right : Vector2D.of(wanted.getX(), at.getY() + BESIDE);
        }
        return at;
    }

    private static boolean isTaken(Vector2D at, List<Vector2D> taken) {
        return taken.stream().anyMatch(other -> other.distance(at) < BESIDE - 1e-6);
    }
}
