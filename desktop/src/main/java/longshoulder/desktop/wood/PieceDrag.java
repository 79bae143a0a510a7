package longshoulder.desktop.wood;

import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.Pane;
import javafx.scene.layout.VBox;
import javafx.scene.shape.Rectangle;
import longshoulder.core.boards.SawnBoard;
import longshoulder.core.boards.Snapping;
import longshoulder.core.measure.Length;
import org.jspecify.annotations.Nullable;

/** Drags a piece from its place on a board to another, where it is pinned. */
final class PieceDrag {

    /** A piece that is let go so near to a good place lies there, in pixels. */
    private static final double NEAR = 10;
    /** What is moved less is clicked. */
    private static final double LEAST = 4;

    private final VBox list;
    private final Supplier<List<BoardCard>> cards;
    private final Rectangle ghost = new Rectangle();
    private @Nullable Held held;

    PieceDrag(VBox list, Supplier<List<BoardCard>> cards) {
        this.list = list;
        this.cards = cards;
        ghost.setManaged(false);
        ghost.setMouseTransparent(true);
        ghost.getStyleClass().add("board-ghost");
    }

    /**
     * A piece in the hand.
     *
     * @param grip where it was taken, in millimetres from its lower corner
     */
    private record Held(BoardCard from, SawnBoard.Part part, Point2D grip, Point2D begin) {}

    /** Where a piece would lie. */
    private record Landing(BoardCard card, Length x, Length y) {}

    void listenTo(BoardCard card) {
        Pane place = card.place();
        place.setOnMousePressed(press -> take(card, press));
        place.setOnMouseDragged(this::move);
        place.setOnMouseReleased(this::drop);
    }

    private void take(BoardCard card, MouseEvent press) {
        held = card.isWhole()
                ? card.partAt(press.getX(), press.getY()).map(part -> new Held(card, part,
                        card.onBoard(press.getX(), press.getY())
                                .subtract(part.x().toMillimetres(), part.y().toMillimetres()),
                        new Point2D(press.getSceneX(), press.getSceneY()))).orElse(null)
                : null;
    }

    private void move(MouseEvent drag) {
        Held now = held;
        if (now == null || now.begin.distance(drag.getSceneX(), drag.getSceneY()) < LEAST) {
            return;
        }
        if (!list.getChildren().contains(ghost)) {
            list.getChildren().add(ghost);
        }
        Optional<Landing> landing = landing(now, drag);
        ghost.setVisible(landing.isPresent());
        landing.ifPresent(at -> {
            double scale = at.card.pixelsPerMillimetre();
            Point2D corner = list.sceneToLocal(at.card.place().localToScene(
                    at.card.onScreen(at.x.toMillimetres(), at.y.plus(now.part.width()).toMillimetres())));
            ghost.setX(corner.getX());
            ghost.setY(corner.getY());
            ghost.setWidth(now.part.length().toMillimetres() * scale);
            ghost.setHeight(now.part.width().toMillimetres() * scale);
        });
    }

    private void drop(MouseEvent release) {
        Held now = held;
        held = null;
        if (now == null || !list.getChildren().remove(ghost)) {
            return;
        }
        landing(now, release).ifPresent(at -> at.card.pins().pin(
                PiecePins.layers(now.from.shown().board(), now.part), at.card.shown().board(), at.x, at.y));
    }

    /** Empty where no board is that a piece can be laid on. */
    private Optional<Landing> landing(Held piece, MouseEvent mouse) {
        return cards.get().stream().filter(card -> !card.shown().sawn() && card.isWhole() && holds(card.place(), mouse))
                .findFirst().map(card -> landing(piece, card,
                        card.place().sceneToLocal(mouse.getSceneX(), mouse.getSceneY())));
    }

    private static Landing landing(Held piece, BoardCard card, Point2D mouse) {
        Point2D corner = card.onBoard(mouse.getX(), mouse.getY()).subtract(piece.grip);
        Snapping snapping = new Snapping(card.shown().board(), piece.part);
        Length near = Length.fromMillimetres(NEAR / card.pixelsPerMillimetre());
        return new Landing(card, snapping.along(Length.ofMillimetres(Math.round(corner.getX())), near),
                snapping.across(Length.ofMillimetres(Math.round(corner.getY())), near));
    }

    private static boolean holds(Node place, MouseEvent mouse) {
        return place.contains(place.sceneToLocal(mouse.getSceneX(), mouse.getSceneY()));
    }
}
