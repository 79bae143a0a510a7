package longshoulder.core.drawing;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import longshoulder.core.geometry.Solid;
import longshoulder.core.geometry.View;
import longshoulder.core.joint.Joint;
import longshoulder.core.marking.Rod;
import longshoulder.core.plan.Plan;
import longshoulder.core.plan.PlannedPiece;
import longshoulder.core.projection.Extent;
import longshoulder.core.projection.Projection;
import longshoulder.core.projection.Stroke;
import org.apache.commons.geometry.euclidean.twod.Vector2D;

/**
 * A piece as it lies on the bench: its faces under each other, what is cut away hatched, its marks across them all. Lengths are at one
 * scale, widths at one of their own where a slender piece could not be read otherwise.
 *
 * @param places where the marks lie on the page, one for each of the rod's, from its left edge
 * @param middles where the middle of each face lies on the page, from its upper edge
 * @param groups all that is drawn
 */
public record RodLayout(Rod rod, List<Double> places, List<Double> middles, List<Page.Group> groups) {

    /** Room beside the rod, and over it for figures, in millimetres of paper. */
    public static final double SIDE = 25.4;
    public static final double TOP = 14.8;
    public static final double BOTTOM = 3.7;

    /** Marks reach so far over the faces and under them. */
    public static final double OVER = 1.6;
    public static final double UNDER = 1.1;

    private static final double BETWEEN = 2.1;
    private static final double WIDEST = 16.4;
    private static final double HATCH = 1.85;

    /** Lengths and widths at scales of their own, so that it fills an area between the room at its sides. */
    public static RodLayout filling(Plan plan, String piece, double width, double height) {
        Rod rod = Rod.of(plan, piece);
        List<Projection> faces = faces(plan, rod);
        double along = (width - 2 * SIDE) / length(rod);
        double room = height - TOP - BOTTOM - BETWEEN * (faces.size() - 1);
        double each = Math.min(WIDEST, room / faces.size());
        return of(plan, rod, faces, along, faces.stream().map(face -> each / height(face)).toList(),
                TOP + (room - each * faces.size()) / 2, TOP - OVER, height - BOTTOM + UNDER);
    }

    /**
     * Lengths and widths at one scale.
     *
     * @param top where the first face begins
     */
    static RodLayout atScale(Plan plan, String piece, double scale, double top) {
        Rod rod = Rod.of(plan, piece);
        List<Projection> faces = faces(plan, rod);
        double foot = top + faces.stream().mapToDouble(face -> scale * height(face)).sum()
                + BETWEEN * (faces.size() - 1);
        return of(plan, rod, faces, scale, faces.stream().map(face -> scale).toList(), top, top - OVER, foot + UNDER);
    }

    /** How long the rod of a piece is, in millimetres of the piece. */
    static double length(Rod rod) {
        return rod.marks().getLast().position().value().toMillimetres();
    }

    private static double height(Projection face) {
        return Math.max(1e-6, face.extent().height());
    }

    private static List<Projection> faces(Plan plan, Rod rod) {
        return Projection.alone(plan.piece(rod.piece()), rod.faces().stream().map(Rod.Face::view).toList());
    }

    /**
     * Lays the faces under each other.
     *
     * @param across the scale of each face's width
     * @param top where the first face begins
     * @param marksFrom where the marks across all faces begin
     * @param marksTo where they end
     */
    private static RodLayout of(Plan plan, Rod rod, List<Projection> faces, double along, List<Double> across,
            double top, double marksFrom, double marksTo) {
        List<Double> places = rod.marks().stream()
                .map(mark -> SIDE + along * mark.position().value().toMillimetres()).toList();
        List<Double> middles = new ArrayList<>();
        List<Page.Group> groups = new ArrayList<>();
        double y = top;
        for (int i = 0; i < faces.size(); i++) {
            double wide = across.get(i) * height(faces.get(i));
            Strip strip = new Strip(faces.get(i), across.get(i) / along);
            groups.add(
                    new Page.Group(new Placement(along, SIDE, y + wide), strip.marks(plan, rod, rod.faces().get(i))));
            middles.add(y + wide / 2);
            y += wide + BETWEEN;
        }
        groups.add(lines(rod, along, marksFrom, marksTo));
        return new RodLayout(rod, places, middles, groups);
    }

    /** The marks across all faces: shoulders are cut with the knife, all else is drawn. */
    private static Page.Group lines(Rod rod, double along, double top, double foot) {
        List<Mark> marks = new ArrayList<>();
        for (Rod.Mark mark : rod.marks()) {
            double x = mark.position().value().toMillimetres();
            marks.add(new Mark.Line(Vector2D.of(x, 0), Vector2D.of(x, (foot - top) / along),
                    mark.kind() == Rod.Kind.SHOULDER ? Meaning.KNIFE_LINE : Meaning.PENCIL_LINE));
        }
        return new Page.Group(new Placement(along, SIDE, foot), marks);
    }

    /** Where the marks across all faces begin, from the page's upper edge. */
    double marksTop() {
        Page.Group lines = groups.getLast();
        Mark.Line first = (Mark.Line) lines.marks().getFirst();
        return lines.placement().y(first.to());
    }

    /** The lower end of the last face, from the page's upper edge. */
    double foot() {
        Page.Group last = groups.get(groups.size() - 2);
        return last.placement().y();
    }

    /**
     * One face.
     *
     * @param stretch by how much its width is drawn larger than its length
     */
    private record Strip(Projection face, double stretch) {

        private Vector2D place(Vector2D point) {
            return Vector2D.of(point.getX() - face.extent().left(),
                    stretch * (point.getY() - face.extent().low()));
        }

        List<Mark> marks(Plan plan, Rod rod, Rod.Face shown) {
            PlannedPiece piece = plan.piece(rod.piece());
            List<Mark> marks = new ArrayList<>(ends(rod));
            Tint wood = new Tint(piece.wood(), 0);
            face.patches().forEach(
                    patch -> marks.add(new Mark.Face(patch.corners().stream().map(this::place).toList(), wood)));
            lines(Stroke.Kind.HIDDEN, Meaning.HIDDEN_EDGE, marks);
            lines(Stroke.Kind.VISIBLE, Meaning.VISIBLE_EDGE, marks);
            waste(plan.mortisesIn(piece.id()).stream().filter(joint -> shown.joints().contains(joint.id()))
                    .map(Joint::removes), shown.view(), marks);
            return marks;
        }

        private void lines(Stroke.Kind kind, Meaning meaning, List<Mark> marks) {
            face.strokes().stream().filter(stroke -> stroke.kind() == kind)
                    .forEach(stroke -> marks.add(new Mark.Line(place(stroke.from()), place(stroke.to()), meaning)));
        }

        /** What joints take out of this face; what several take together, such as a rebate, once. */
        private void waste(Stream<Solid> removed, View view, List<Mark> marks) {
            removed.flatMap(solid -> waste(solid, view).stream()).distinct().forEach(box -> hatch(box, marks));
        }

        /** What runs out of the piece, such as a plough, is waste no farther than the piece goes. */
        private Optional<Extent> waste(Solid removed, View view) {
            Extent whole = face.extent();
            List<Vector2D> corners = removed.cells().stream().flatMap(cell -> cell.faces().stream())
                    .flatMap(one -> one.corners().stream()).map(view::flat).toList();
            if (corners.isEmpty()) {
                return Optional.empty();
            }
            Extent box = Extent.of(corners);
            Extent cut = new Extent(Math.max(whole.left(), box.left()), Math.max(whole.low(), box.low()),
                    Math.min(whole.right(), box.right()), Math.min(whole.high(), box.high()));
            return cut.width() > 0 && cut.height() > 0 ? Optional.of(cut) : Optional.empty();
        }

        /** Beyond the shoulders the blank is waste; the tenons are drawn over it. */
        private List<Mark> ends(Rod rod) {
            List<Mark> marks = new ArrayList<>();
            Extent whole = face.extent();
            rod.marks().stream().filter(mark -> mark.kind() == Rod.Kind.SHOULDER).forEach(mark -> {
                double shoulder = whole.left() + mark.position().value().toMillimetres();
                boolean first = shoulder < (whole.left() + whole.right()) / 2;
                hatch(new Extent(first ? whole.left() : shoulder, whole.low(), first ? shoulder : whole.right(),
                        whole.high()), marks);
            });
            return marks;
        }

        private void hatch(Extent box, List<Mark> marks) {
            Vector2D low = place(Vector2D.of(box.left(), box.low()));
            Vector2D high = place(Vector2D.of(box.right(), box.high()));
            List<Vector2D> corners = Mark.corners(low.getX(), low.getY(), high.getX(), high.getY());
            marks.add(new Mark.Hatched(corners, HATCH, true, Meaning.WASTE));
            marks.add(new Mark.Polyline(corners, true, Meaning.WASTE));
        }
    }
}
