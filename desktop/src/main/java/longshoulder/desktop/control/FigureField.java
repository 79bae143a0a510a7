package longshoulder.desktop.control;

import java.util.function.Predicate;
import javafx.css.PseudoClass;
import javafx.geometry.Insets;
import javafx.scene.AccessibleRole;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.StackPane;
import longshoulder.desktop.words.Texts;
import org.jspecify.annotations.Nullable;
import longshoulder.desktop.paint.Palette;

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

    /** Round the text, frame included. Set here and not by the style sheet, so that a sheet can place it unstyled. */
    private static final double SIZE = 14.5;
    private static final double BESIDE = 5;
    private static final double ABOVE = 2;

    private final String name;
    private String figure;
    private final FigureText text;
    private final boolean editable;
    private final Runnable open;
    private final Predicate<String> commit;
    private @Nullable TextField field;

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
        this(figure, name, SIZE, given, editable, open, commit);
    }

    /** @param size of the figure, in pixels */
    public FigureField(String figure, String name, double size, boolean given, boolean editable, Runnable open,
            Predicate<String> commit) {
        this.name = name;
        this.figure = figure;
        this.editable = editable;
        this.open = open;
        this.commit = commit;
        text = new FigureText(figure, size, given || size > SIZE, given ? Palette::given : Palette::ink);
        getStyleClass().add("figure");
        pseudoClassStateChanged(GIVEN, given);
        pseudoClassStateChanged(EDITABLE, editable);
        setPadding(new Insets(ABOVE - 1, BESIDE - 1, ABOVE - 1, BESIDE - 1));
        setFocusTraversable(true);
        setAccessibleRole(editable ? AccessibleRole.BUTTON : AccessibleRole.HYPERLINK);
        setAccessibleText(name + " " + figure);
        setAccessibleHelp(Texts.get(editable ? "figure.change" : "figure.open"));
        getChildren().add(text);
        addEventHandler(MouseEvent.MOUSE_CLICKED, click -> {
            fire();
            click.consume();
        });
        addEventHandler(KeyEvent.KEY_PRESSED, this::key);
    }

    /** How wide it is while nothing is typed into it, in pixels. */
    public double figureWidth() {
        return text.prefWidth(-1) + 2 * BESIDE;
    }

    /** How high it is while nothing is typed into it, in pixels. */
    public double figureHeight() {
        return text.prefHeight(-1) + 2 * ABOVE;
    }

    /** Shows another figure of the same amount; what is being typed stays as it is. */
    public void show(String other) {
        if (!other.equals(figure)) {
            figure = other;
            text.setText(other);
            setAccessibleText(name + " " + other);
        }
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
        TextField entry = entry();
        field = entry;
        getChildren().setAll(entry);
        entry.requestFocus();
        entry.selectAll();
    }

    /** Made when it is needed: a sheet has many figures, and one is typed into at a time. */
    private TextField entry() {
        TextField entry = new TextField(figure);
        entry.getStyleClass().add("figure-entry");
        entry.setPrefWidth(Math.max(90, text.prefWidth(-1) + 40));
        entry.focusedProperty().addListener((observed, was, is) -> {
            if (!is && entry.equals(field)) {
                take(entry);
            }
        });
        return entry;
    }

    /** Whether it is being typed into. */
    public boolean isEditing() {
        return field != null;
    }

    private void key(KeyEvent key) {
        KeyCode code = key.getCode();
        if (field != null) {
            if (code == KeyCode.ENTER) {
                take(field);
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

    private void take(TextField entry) {
        String typed = entry.getText();
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
        boolean hadFocus = field != null && field.isFocused();
        field = null;
        pseudoClassStateChanged(WRONG, false);
        getChildren().setAll(text);
        if (hadFocus) {
            requestFocus();
        }
    }
}
