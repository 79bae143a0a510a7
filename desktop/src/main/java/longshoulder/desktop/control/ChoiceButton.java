package longshoulder.desktop.control;

import java.util.List;
import java.util.function.Supplier;
import javafx.geometry.Side;
import javafx.scene.AccessibleRole;
import javafx.scene.control.Button;
import javafx.scene.control.ContentDisplay;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuItem;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.Region;
import longshoulder.desktop.paint.Palette;

/**
 * A button with the chosen option on it, which opens a menu of all. The menu is made when it is opened: most never are,
 * and a menu that is made beforehand costs a start and an edit more than ten labels.
 */
public final class ChoiceButton extends Button {

    /**
     * One of the options.
     *
     * @param id of its node
     * @param text as shown
     * @param isThere whether it can be taken; what only says that there is nothing cannot
     * @param more what opens beside it; then it is no option itself
     * @param take does what choosing it means
     */
    public record Choice(String id, String text, boolean isThere, List<Choice> more, Runnable take) {

        public Choice {
            more = List.copyOf(more);
        }

        public Choice(String id, String text, Runnable take) {
            this(id, text, true, List.of(), take);
        }

        /** Several under a heading, which would make the menu too long. */
        public static Choice group(String id, String text, List<Choice> more) {
            return new Choice(id, text, true, more, () -> {});
        }

        /** Says that there is nothing to choose. */
        public static Choice none(String id, String text) {
            return new Choice(id, text, false, List.of(), () -> {});
        }
    }

    private final Supplier<List<Choice>> choices;

    /** @param choices what can be chosen, asked for each time the menu opens */
    public ChoiceButton(String text, Supplier<List<Choice>> choices) {
        super(text);
        this.choices = choices;
        Region arrow = new Region();
        arrow.getStyleClass().add("arrow");
        arrow.setMaxSize(USE_PREF_SIZE, USE_PREF_SIZE);
        setGraphic(arrow);
        setContentDisplay(ContentDisplay.RIGHT);
        getStyleClass().setAll("choice-button");
        setAccessibleRole(AccessibleRole.MENU_BUTTON);
        setMinWidth(USE_PREF_SIZE);
        setOnAction(pressed -> open());
        setOnKeyPressed(key -> {
            if (key.getCode() == KeyCode.DOWN) {
                open();
                key.consume();
            }
        });
    }

    /** With an id for its node and what a screen reader says of it. */
    public ChoiceButton named(String id, String spoken) {
        setId(id);
        setAccessibleText(spoken);
        return this;
    }

    /** What can be chosen now. */
    public List<Choice> choices() {
        return choices.get();
    }

    private void open() {
        ContextMenu menu = new ContextMenu();
        // It is measured before it hangs below the window, so it needs the colours itself.
        menu.setStyle(Palette.css());
        choices().forEach(choice -> menu.getItems().add(item(choice)));
        menu.show(this, Side.BOTTOM, 0, 0);
    }

    private static MenuItem item(Choice choice) {
        MenuItem item = choice.more().isEmpty()
                ? new MenuItem(choice.text())
                : new Menu(choice.text(), null,
                        choice.more().stream().map(ChoiceButton::item).toArray(MenuItem[]::new));
        item.setId(choice.id());
        item.setMnemonicParsing(false);
        item.setDisable(!choice.isThere());
        item.setOnAction(chosen -> choice.take().run());
        return item;
    }
}
