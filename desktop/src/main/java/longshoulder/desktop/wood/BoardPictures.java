package longshoulder.desktop.wood;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import longshoulder.core.boards.SawnBoard;
import longshoulder.core.drawing.Area;
import longshoulder.core.drawing.BoardDrawing;
import longshoulder.core.drawing.Mark;
import longshoulder.core.drawing.Page;
import longshoulder.desktop.document.Background;
import longshoulder.desktop.document.BackgroundValue;
import longshoulder.desktop.paint.Palette;
import longshoulder.desktop.paint.Picture;
import longshoulder.desktop.paint.Pixels;
import longshoulder.desktop.paint.ScreenPen;
import org.apache.commons.geometry.euclidean.twod.Vector2D;

/** The boards at one scale, painted in the background while they are shown. */
final class BoardPictures {

    /** No board is drawn larger. */
    private static final double LARGEST = 0.25;
    /** A board is as high as it comes. */
    private static final double ANY = 1e6;

    private final BackgroundValue<Wanted, List<Picture>> pictures;

    /**
     * A board as it is to be painted.
     *
     * @param scale millimetres of the screen to one of the board
     */
    record Painted(SawnBoard board, BoardDrawing.Named named, double scale) {

        BoardDrawing drawing() {
            return new BoardDrawing(board, named);
        }

        /** In millimetres of the screen. */
        Area area() {
            return drawing().leastPage(scale);
        }

        /** What is written on it, where it lies. */
        List<Written> texts() {
            Area area = area();
            List<Written> texts = new ArrayList<>();
            for (Page.Group group : drawing().page(area.width(), area.height(), scale).groups()) {
                for (Mark mark : group.marks()) {
                    if (mark instanceof Mark.Text text) {
                        texts.add(new Written(text, group.placement().onPage(text.at())));
                    }
                }
            }
            return texts;
        }

        private Picture picture(double pixels) {
            Area area = area();
            Page page = drawing().page(area.width(), area.height(), scale);
            return Picture.of(Pixels.of(area.width()), Pixels.of(area.height()), pixels,
                    brush -> page.draw(new ScreenPen(brush)));
        }
    }

    /**
     * A text on a board.
     *
     * @param at in millimetres of the screen
     */
    record Written(Mark.Text text, Vector2D at) {}

    private record Wanted(List<Painted> boards, double pixels, Palette.Theme theme) {}

    BoardPictures(Background background) {
        pictures = background.value((wanted, progress) -> {
            List<Picture> painted = new ArrayList<>();
            for (Painted board : wanted.boards) {
                painted.add(board.picture(wanted.pixels));
                progress.at(painted.size() / (double) wanted.boards.size());
            }
            return List.copyOf(painted);
        });
    }

    /**
     * The scale at which all boards have room in a width.
     *
     * @param width in pixels of the layout
     */
    static double scale(List<SawnBoard> boards, BoardDrawing.Named named, double width) {
        return boards.stream()
                .mapToDouble(board -> new BoardDrawing(board, named).largestScale(Pixels.toMillimetres(width), ANY))
                .min().orElse(LARGEST);
    }

    /** No more than is good to look at. */
    static double capped(double scale) {
        return Math.min(LARGEST, scale);
    }

    void want(List<Painted> boards, double pixels) {
        pictures.want(new Wanted(boards, pixels, Palette.theme()));
    }

    /** In the order in which they were wanted; empty while they are painted. */
    Optional<List<Picture>> painted() {
        return pictures.valueProperty().get();
    }

    void whenPainted(Runnable show) {
        pictures.valueProperty().addListener((observed, was, is) -> is.ifPresent(all -> show.run()));
    }
}
