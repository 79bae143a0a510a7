package longshoulder.desktop.control;

import javafx.scene.Node;
import javafx.scene.input.KeyEvent;

/** The arrow keys turn what a drawing shows, while the drawing has the keyboard. */
@FunctionalInterface
public interface ArrowTurn {

    /** By so many degrees for each press of a key. */
    double STEP = 6;

    /** Turns it by so many degrees round the furniture and up. */
    void turn(double round, double up);

    /** Lets the arrow keys turn what a node shows. */
    static void install(Node node, ArrowTurn turn) {
        node.addEventHandler(KeyEvent.KEY_PRESSED, key -> {
            if (key.isShortcutDown() || !key.getTarget().equals(node)) {
                return;
            }
            switch (key.getCode()) {
                case LEFT -> turn.turn(STEP, 0);
                case RIGHT -> turn.turn(-STEP, 0);
                case UP -> turn.turn(0, STEP);
                case DOWN -> turn.turn(0, -STEP);
                default -> {
                    return;
                }
            }
            key.consume();
        });
    }
}
