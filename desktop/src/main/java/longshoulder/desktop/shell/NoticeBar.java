package longshoulder.desktop.shell;

import longshoulder.desktop.control.Lines;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import longshoulder.desktop.words.Texts;
import longshoulder.desktop.document.Notice;
import longshoulder.desktop.document.Workbench;

/** One sentence over the sheet, with what can be done about it; gone when there is nothing to say. */
public final class NoticeBar extends HBox {

    private final Workbench bench;

    public NoticeBar(Workbench bench) {
        this.bench = bench;
        setId("notice");
        getStyleClass().add("notice");
        setAlignment(Pos.CENTER_LEFT);
        bench.notices().shownProperty().addListener((observed, was, is) -> show(is));
        show(bench.notices().shown());
    }

    private void show(Notice notice) {
        setVisible(!notice.text().isEmpty());
        if (!isVisible()) {
            getChildren().clear();
            return;
        }
        Label text = new Label(notice.text());
        Lines.over(text);
        text.setId("notice-text");
        HBox.setHgrow(text, Priority.ALWAYS);
        text.setMaxWidth(Double.MAX_VALUE);
        getChildren().setAll(text);
        for (Notice.Choice choice : notice.choices()) {
            getChildren().add(button(choice.text(), choice.action()));
        }
        if (notice.choices().isEmpty()) {
            getChildren().add(button(Texts.get("notice.close"), () -> bench.notices().close()));
        }
    }

    private static Button button(String text, Runnable action) {
        Button button = new Button(text);
        button.setMinWidth(Region.USE_PREF_SIZE);
        button.setOnAction(event -> action.run());
        return button;
    }
}
