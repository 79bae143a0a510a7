package longshoulder.desktop.panel;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.geometry.Rectangle2D;
import javafx.scene.layout.Region;
import longshoulder.core.projection.Projection;
import longshoulder.core.projection.Extent;
import longshoulder.core.joint.Joint;
import longshoulder.core.marking.Rod;
import longshoulder.core.plan.Plan;
import longshoulder.core.plan.PlannedPiece;
import longshoulder.core.reckoning.Label;
import longshoulder.core.words.Words;
import longshoulder.desktop.Texts;
import longshoulder.desktop.look.Brush;
import longshoulder.desktop.look.Palette;
import longshoulder.desktop.look.Picture;
import longshoulder.desktop.look.PictureView;
import longshoulder.desktop.model.Workbench;

/**
 * A piece as it lies on the rod, painted: its faces under each other, and its marks across them. It is made beside the window.
 *
 * @param heading its mark and name
 * @param marks where they lie in the region, in pixels
 * @param figures one for each place where marks lie, from left to right
 * @param middles where the middle of each face lies, in pixels
 */
record PaintedRod(String heading, Rod rod, List<Double> marks, List<Figure> figures, List<Double> middles,
        Picture picture) {

    static final double HEIGHT = 164;
    static final double SIDE = 96;
    static final double TOP = 56;

    private static final double BOTTOM = 14;
    private static final double BETWEEN = 8;
    private static final double WIDEST = 62;
    /** Where marks begin and end, over and under the faces. */
    private static final double MARK_TOP = TOP - 6;
    private static final double MARK_END = HEIGHT - BOTTOM + 4;
    /** A rod shorter than this on the screen is not drawn. */
    private static final double SHORTEST = 10;

    /**
     * What it is painted for, besides its plan.
     *
     * @param width of the region, in pixels of the layout
     * @param pixels of the screen to one of the layout
     * @param piece by its id
     */
    record Setting(double width, double pixels, String piece, Palette.Theme theme) {

        /** As a region stands now. */
        static Setting of(Region region, String piece) {
            return new Setting(region.getWidth(), PictureView.pixels(region), piece, Palette.theme());
        }

        private double length() {
            return width - 2 * SIDE;
        }
    }

    /**
     * A running figure.
     *
     * @param x where its mark lies in the region, in pixels
     * @param shown the figure as the document shows lengths
     * @param name of the mark, for screen readers
     */
    record Figure(double x, String shown, String name, Label label) {

        private static Figure of(double x, Rod.Mark mark, Words words) {
            Label label = mark.position().label();
            return new Figure(x, words.figure(mark.position().value()),
                    Texts.get("rod." + mark.kind().name()) + ", " + words.say(label), label);
        }
    }

    /** Paints a piece; nothing where there is none of it, or no room. */
    static Optional<PaintedRod> of(Plan plan, Setting setting) {
        if (setting.length() < SHORTEST || !plan.has(setting.piece())
                || plan.piece(setting.piece()).cutShape().isNothing()) {
            return Optional.empty();
        }
        PlannedPiece piece = plan.piece(setting.piece());
        Rod rod = Rod.of(plan, piece.id());
        double scale = setting.length() / rod.marks().getLast().position().value().toMillimetres();
        List<Double> marks = rod.marks().stream()
                .map(mark -> SIDE + scale * mark.position().value().toMillimetres()).toList();
        int faces = rod.faces().size();
        double room = HEIGHT - TOP - BOTTOM - BETWEEN * (faces - 1);
        double each = Math.min(WIDEST, room / faces);
        List<Double> middles = new ArrayList<>();
        for (int i = 0; i < faces; i++) {
            middles.add(TOP + (room - each * faces) / 2 + each / 2 + i * (each + BETWEEN));
        }
        Rectangle2D part = new Rectangle2D(SIDE, MARK_TOP, setting.length(), MARK_END - MARK_TOP);
        Picture picture = Picture.of(part, setting.width(), HEIGHT, setting.pixels(), brush -> {
            faces(brush, plan, piece, rod, scale, each, middles);
            marks(brush, rod, marks);
        });
        Words words = Workbench.words(plan.project());
        String heading = Texts.get("rod.heading") + "  " + piece.piece().mark() + "  " + words.name(piece.id());
        return Optional.of(new PaintedRod(heading, rod, marks, figures(rod, marks, words), middles, picture));
    }

    private static List<Figure> figures(Rod rod, List<Double> marks, Words words) {
        List<Figure> figures = new ArrayList<>();
        for (int i = 0; i < marks.size(); i++) {
            // In their order: the same place follows at once.
            if (i == 0 || !marks.get(i).equals(marks.get(i - 1))) {
                figures.add(Figure.of(marks.get(i), rod.marks().get(i), words));
            }
        }
        return figures;
    }

    private static void faces(Brush brush, Plan plan, PlannedPiece piece, Rod rod, double scale, double each,
            List<Double> middles) {
        List<Projection> drawings = Projection.alone(piece, rod.faces().stream().map(Rod.Face::view).toList());
        for (int i = 0; i < drawings.size(); i++) {
            Rod.Face face = rod.faces().get(i);
            Extent extent = drawings.get(i).extent();
            double upright = each / Math.max(1e-6, extent.height());
            RodStrip strip = new RodStrip(brush, extent, scale, upright, SIDE, middles.get(i) - each / 2);
            strip.hatchEnds(rod);
            strip.draw(drawings.get(i), Palette.wood(piece.wood()));
            strip.waste(plan.mortisesIn(piece.id()).stream().filter(joint -> face.joints().contains(joint.id()))
                    .map(Joint::removes), face.view());
        }
    }

    private static void marks(Brush brush, Rod rod, List<Double> places) {
        for (int i = 0; i < places.size(); i++) {
            boolean shoulder = rod.marks().get(i).kind() == Rod.Kind.SHOULDER;
            brush.line(shoulder ? Palette.lit() : Palette.quiet(), shoulder ? 1.6 : 0.8, false);
            brush.draw(places.get(i), MARK_TOP, places.get(i), MARK_END);
        }
    }
}
