package longshoulder.desktop.shell;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.geometry.Rectangle2D;
import javafx.scene.layout.Region;
import longshoulder.core.drawing.RodLayout;
import longshoulder.core.marking.Rod;
import longshoulder.core.plan.Plan;
import longshoulder.core.plan.PlannedPiece;
import longshoulder.core.reckoning.Label;
import longshoulder.core.words.Words;
import longshoulder.desktop.words.Texts;
import longshoulder.desktop.paint.Palette;
import longshoulder.desktop.paint.Picture;
import longshoulder.desktop.paint.PictureView;
import longshoulder.desktop.paint.Pixels;
import longshoulder.desktop.paint.ScreenPen;
import longshoulder.desktop.document.Workbench;

/**
 * A piece as it lies on the rod, painted: its faces under each other, and its marks across them. It is made in the background.
 *
 * @param heading its mark and name
 * @param marks where they lie in the region, in pixels
 * @param figures one for each place where marks lie, from left to right
 * @param middles where the middle of each face lies, in pixels
 */
record PaintedRod(String heading, Rod rod, List<Double> marks, List<Figure> figures, List<Double> middles,
        Picture picture) {

    static final double HEIGHT = 164;
    static final double SIDE = Pixels.of(RodLayout.SIDE);
    static final double TOP = Pixels.of(RodLayout.TOP);

    /** Where marks begin and end at the most, over and under the faces. */
    private static final double MARK_TOP = Pixels.of(RodLayout.TOP - RodLayout.OVER);
    private static final double MARK_END = HEIGHT - Pixels.of(RodLayout.BOTTOM - RodLayout.UNDER);
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
        RodLayout layout = RodLayout.filling(plan, piece.id(), Pixels.toMillimetres(setting.width()),
                Pixels.toMillimetres(HEIGHT));
        List<Double> marks = layout.places().stream().map(Pixels::of).toList();
        List<Double> middles = layout.middles().stream().map(Pixels::of).toList();
        Rectangle2D part = new Rectangle2D(SIDE, MARK_TOP, setting.length(), MARK_END - MARK_TOP);
        Picture picture = Picture.of(part, setting.width(), HEIGHT, setting.pixels(), brush -> {
            ScreenPen pen = new ScreenPen(brush);
            layout.groups().forEach(group -> group.draw(pen));
        });
        Words words = Workbench.words(plan.project());
        String heading = Texts.get("rod.heading") + "  " + piece.piece().mark() + "  " + words.name(piece.id());
        return Optional.of(new PaintedRod(heading, layout.rod(), marks,
                figures(layout.rod(), marks, words), middles, picture));
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
}
