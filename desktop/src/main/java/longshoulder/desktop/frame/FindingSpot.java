package longshoulder.desktop.frame;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import longshoulder.core.finding.Finding;
import longshoulder.core.frame.Piece;
import longshoulder.core.joint.Joint;
import longshoulder.core.joint.Meeting;
import longshoulder.core.plan.Plan;
import longshoulder.core.words.Words;
import longshoulder.core.drawing.PlacedView;
import longshoulder.desktop.paint.Pixels;
import longshoulder.desktop.document.Workbench;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import org.apache.commons.geometry.euclidean.twod.Vector2D;

/**
 * A finding, what it says, and where on the sheet it arises: in the view that looks most squarely at the face side of the rail or
 * piece concerned.
 */
record FindingSpot(Finding finding, String words, Vector2D at) {

    /** For what is about nothing that is drawn, such as figures of pieces that are not there now. */
    private static final Vector2D CORNER = Vector2D.of(24, 24);

    /** Those of all findings of a plan. */
    static List<FindingSpot> of(Plan plan, List<PlacedView> views) {
        Words words = Workbench.words(plan.project());
        return plan.findings().stream().map(finding -> new FindingSpot(finding, words.say(finding),
                finding.about().stream().findFirst().map(id -> place(plan, id, views)).orElse(CORNER))).toList();
    }

    private static Vector2D place(Plan plan, String id, List<PlacedView> views) {
        Optional<Joint> joint = plan.joints().stream().filter(j -> j.id().equals(id)).findFirst();
        Piece piece = joint.map(j -> j.meeting().tenonPiece())
                .orElseGet(() -> plan.has(id) ? plan.piece(id).piece() : plan.pieces().getFirst().piece());
        Vector3D spot = joint.map(FindingSpot::middle).orElseGet(() -> middle(piece));
        return views.stream().filter(view -> !view.isPictorial())
                .max(Comparator.comparingDouble(view -> Math.abs(view.view().toEye().dot(piece.pose().out()))))
                .map(view -> pixels(view.onPage(spot))).orElse(CORNER);
    }

    private static Vector2D pixels(Vector2D onPage) {
        return Vector2D.of(Pixels.of(onPage.getX()), Pixels.of(onPage.getY()));
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
}
