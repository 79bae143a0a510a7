package longshoulder.desktop.panel;

import java.nio.file.Path;
import javafx.scene.control.MenuItem;
import javafx.scene.control.SplitMenuButton;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.Region;
import longshoulder.desktop.Texts;
import longshoulder.desktop.model.Documents;

/** Opens a design, or one of those that were opened or saved last. */
final class OpenMenu extends SplitMenuButton {

    OpenMenu(Documents documents) {
        setText(Texts.get("header.open"));
        setId("open");
        getStyleClass().addAll("button", "plain");
        setMinWidth(Region.USE_PREF_SIZE);
        setTooltip(new Tooltip(Texts.get("header.open.key")));
        setOnAction(action -> documents.open());
        setOnShowing(showing -> fill(documents));
        // A menu without items is never shown.
        getItems().add(new MenuItem());
    }

    private void fill(Documents documents) {
        getItems().clear();
        for (Path path : documents.recent()) {
            MenuItem item = new MenuItem(path.getFileName() + "   " + path.getParent());
            item.setMnemonicParsing(false);
            item.setOnAction(action -> documents.open(path));
            getItems().add(item);
        }
        if (getItems().isEmpty()) {
            MenuItem none = new MenuItem(Texts.get("header.recent.none"));
            none.setDisable(true);
            getItems().add(none);
        }
    }
}
