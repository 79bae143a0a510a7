package longshoulder.desktop.paint;

import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javafx.scene.Node;
import longshoulder.desktop.document.Background;
import longshoulder.desktop.document.BackgroundValue;
import org.jspecify.annotations.Nullable;

/**
 * Small pictures by name, painted one after another in the background while they are shown. Each has a frame of its own, which keeps what
 * it shows until the next picture is there.
 *
 * @param <S> what they are pictures of; equal for equal pictures
 * @param <N> what names one
 */
public final class BackgroundPictures<S, N> {

    /** Paints one. On a thread of its own, so it touches nothing of the window. */
    @FunctionalInterface
    public interface Painter<S, N> {

        /**
         * Paints the picture of a name; empty if there is nothing to show.
         *
         * @param pixels of the screen to one of the layout
         */
        Optional<Picture> paint(S subject, N name, double pixels);
    }

    private record Wanted<S, N>(S subject, List<N> names, double pixels, Palette.Theme theme) {}

    private final double width;
    private final double height;
    private final Painter<S, N> painter;
    private final Map<N, FramedPicture> frames = new HashMap<>();
    private final BackgroundValue<Wanted<S, N>, Map<N, Picture>> pictures;

    /**
     * @param width of each, in pixels of the layout
     * @param height of each, in pixels of the layout
     */
    public BackgroundPictures(Background background, double width, double height, Painter<S, N> painter) {
        this.width = width;
        this.height = height;
        this.painter = painter;
        pictures = background.value(this::paint);
        pictures.valueProperty().addListener((observed, was, is) -> is.ifPresent(this::show));
    }

    /** Where a picture is shown: the same frame for good. */
    public FramedPicture frame(N name) {
        return frames.computeIfAbsent(name, one -> new FramedPicture(width, height));
    }

    /**
     * Somebody sees them from now on.
     *
     * @param names in the order in which they are painted
     * @param where they are seen
     */
    public void want(S subject, List<N> names, Node where) {
        pictures.want(new Wanted<>(subject, List.copyOf(names), PictureView.pixels(where), Palette.theme()));
    }

    /** Nobody sees them any more. */
    public void drop() {
        pictures.drop();
    }

    /** Takes all pictures out of their frames. */
    public void clear() {
        frames.values().forEach(FramedPicture::clear);
    }

    private Map<N, Picture> paint(Wanted<S, N> wanted, BackgroundValue.Progress<Map<N, Picture>> progress) {
        Map<N, Picture> painted = new LinkedHashMap<>();
        for (N name : wanted.names) {
            painter.paint(wanted.subject, name, wanted.pixels).ifPresent(picture -> painted.put(name, picture));
            progress.soFar(Map.copyOf(painted));
        }
        return Map.copyOf(painted);
    }

    private void show(Map<N, Picture> painted) {
        painted.forEach((name, picture) -> {
            @Nullable
            FramedPicture frame = frames.get(name);
            if (frame != null) {
                frame.show(picture);
            }
        });
    }
}
