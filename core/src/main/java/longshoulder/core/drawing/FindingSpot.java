package longshoulder.core.drawing;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
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

    /** So far the symbol of a finding reaches, with a little room round it. */
    private static final double REACH = 3.6;

    /** Free places are looked for in so many steps to each side, each so far. */
    private static final int STEPS = 20;
    private static final double STEP = 2.5;

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
     * Symbols for a page, each with the number of its finding in the plan's order, from 1, as near to its spot as others and figures
     * let it; a thin line leads to a spot that it does not cover.
     *
     * @param figures what no symbol is to cover
     * @param page on which all lie
     */
    static List<Page.Group> symbols(List<FindingSpot> spots, List<Area> figures, Area page) {
        List<Area> taken = new ArrayList<>(figures);
        List<Page.Group> leaders = new ArrayList<>();
        List<Page.Group> symbols = new ArrayList<>();
        for (int i = 0; i < spots.size(); i++) {
            Vector2D spot = spots.get(i).at;
            Vector2D at = free(spot, taken, page.inset(REACH, REACH, REACH, REACH));
            taken.add(round(at));
            leaders.add(Page.Group.onPaper(spot.getX(), spot.getY(), List.of(new Mark.Line(Vector2D.ZERO,
                    Vector2D.of(at.getX() - spot.getX(), spot.getY() - at.getY()), Meaning.EXTENSION))));
            symbols.add(Page.Group.onPaper(at.getX(), at.getY(), List.of(
                    new Mark.FindingSymbol(Vector2D.ZERO, spots.get(i).finding.level(), String.valueOf(i + 1)))));
        }
        leaders.addAll(symbols);
        return leaders;
    }

    /** The nearest place of those round the wanted one; the wanted one itself where none is free. */
    private static Vector2D free(Vector2D wanted, List<Area> taken, Area page) {
        return IntStream.rangeClosed(-STEPS, STEPS).boxed()
                .flatMap(across -> IntStream.rangeClosed(-STEPS, STEPS)
                        .mapToObj(down -> wanted.add(Vector2D.of(across * STEP, down * STEP))))
                .filter(at -> page.contains(at.getX(), at.getY()) && taken.stream().noneMatch(round(at)::overlaps))
                .min(Comparator.comparingDouble(wanted::distance)).orElse(wanted);
    }

    private static Area round(Vector2D at) {
        return new Area(at.getX() - REACH, at.getY() - REACH, 2 * REACH, 2 * REACH);
    }
}
