package longshoulder.desktop.look;

import java.util.function.Predicate;
import javafx.css.PseudoClass;
import javafx.scene.AccessibleRole;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.StackPane;

/**
 * A figure that is a handle: click it or press Enter, type a length, Enter. Escape leaves it as it was. Text that cannot be
 * taken stays in the field, marked as wrong, until it is mended or given up.
 *
 * <p>A figure that cannot be changed is opened instead (its reckoning).
 */
public final class FigureField extends StackPane {

    private static final PseudoClass GIVEN = PseudoClass.getPseudoClass("given");
    private static final PseudoClass EDITABLE = PseudoClass.getPseudoClass("editable");
    private static final PseudoClass WRONG = PseudoClass.getPseudoClass("wrong");

    private final String figure;
    private final FigureText text;
    private final boolean editable;
    private final Runnable open;
    private final Predicate<String> commit;
    private final TextField field = new TextField();

    /**
     * @param figure what it shows, such as "49 5/8"
     * @param name what it is the figure of, for screen readers and tests
     * @param given whether the maker gave it
     * @param editable whether typing changes it
     * @param open opens its reckoning
     * @param commit takes what was typed and says whether it could
     */
    public FigureField(String figure, String name, boolean given, boolean editable, Runnable open,
            Predicate<String> commit) {
        this.figure = figure;
        this.editable = editable;
        this.open = open;
        this.commit = commit;
        text = new FigureText(figure, 14.5, given, given ? Palette.GIVEN : Palette.INK);
        getStyleClass().add("figure");
        pseudoClassStateChanged(GIVEN, given);
        pseudoClassStateChanged(EDITABLE, editable);
        setFocusTraversable(true);
        setAccessibleRole(editable ? AccessibleRole.BUTTON : AccessibleRole.HYPERLINK);
        setAccessibleText(name + " " + figure);
        setAccessibleHelp(editable ? "Enter to change, F2 for its reckoning" : "Enter for its reckoning");
        getChildren().add(text);
        field.getStyleClass().add("figure-entry");
        addEventHandler(MouseEvent.MOUSE_CLICKED, click -> {
            fire();
            click.consume();
        });
        addEventHandler(KeyEvent.KEY_PRESSED, this::key);
        field.focusedProperty().addListener((observed, was, is) -> {
            if (!is && isEditing()) {
                take();
            }
        });
    }

    /** Names the node after what it shows, with dashes for dots so that it can be looked up. */
    public FigureField named(String id) {
        setId(id.replace('.', '-'));
        return this;
    }

    /** What a click or Enter does: edits or opens. */
    public void fire() {
        open.run();
        if (!editable || isEditing()) {
            return;
        }
        field.setText(figure);
        field.setPrefWidth(Math.max(90, text.prefWidth(-1) + 40));
        getChildren().setAll(field);
        field.requestFocus();
        field.selectAll();
    }

    /** Whether it is being typed into. */
    public boolean isEditing() {
        return getChildren().contains(field);
    }

    private void key(KeyEvent key) {
        KeyCode code = key.getCode();
        if (isEditing()) {
            if (code == KeyCode.ENTER) {
                take();
                key.consume();
            } else if (code == KeyCode.ESCAPE) {
                leave();
                key.consume();
            }
        } else if (code == KeyCode.ENTER || code == KeyCode.SPACE) {
            fire();
            key.consume();
        } else if (code == KeyCode.F2) {
            open.run();
            key.consume();
        }
    }

    private void take() {
        String typed = field.getText();
        if (typed.equals(figure)) {
            leave();
            return;
        }
        boolean taken = commit.test(typed);
        pseudoClassStateChanged(WRONG, !taken);
        if (taken) {
            leave();
        }
    }

    private void leave() {
        boolean hadFocus = field.isFocused();
        pseudoClassStateChanged(WRONG, false);
        getChildren().setAll(text);
        if (hadFocus) {
            requestFocus();
        }
    }
}
