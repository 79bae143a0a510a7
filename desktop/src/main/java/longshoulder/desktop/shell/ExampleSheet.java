package longshoulder.desktop.shell;

import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import javafx.scene.control.Button;
import javafx.scene.control.ContentDisplay;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.TilePane;
import javafx.scene.layout.VBox;
import longshoulder.core.geometry.View;
import longshoulder.core.plan.Plan;
import longshoulder.core.plan.Planner;
import longshoulder.core.projection.Projection;
import longshoulder.desktop.control.Lines;
import longshoulder.desktop.control.Scroller;
import longshoulder.desktop.document.BackgroundValue;
import longshoulder.desktop.document.Documents;
import longshoulder.desktop.document.Examples;
import longshoulder.desktop.document.Workbench;
import longshoulder.desktop.paint.FramedPicture;
import longshoulder.desktop.paint.Palette;
import longshoulder.desktop.paint.Picture;
import longshoulder.desktop.paint.PictureView;
import longshoulder.desktop.paint.SmallPicture;
import longshoulder.desktop.words.Texts;

/** All designs that ship with the program, each with a small picture and a sentence; a click opens one as a design of one's own. */
final class ExampleSheet extends VBox {

    private static final View EYE = View.pictorial(32, 24);
    private static final double WIDTH = 132;
    private static final double HEIGHT = 92;
    private static final double CARD = 286;
    private static final double CARD_HEIGHT = 196;

    /** What the pictures are painted for. */
    private record Setting(double pixels, Palette.Theme theme) {}

    private final Documents documents;
    private final TilePane cards = new TilePane();
    private final Map<String, FramedPicture> frames = new HashMap<>();
    private final BackgroundValue<Setting, Map<String, Picture>> pictures;

    ExampleSheet(Workbench bench, Documents documents) {
        this.documents = documents;
        setId("example-sheet");
        getStyleClass().add("print-sheet");
        pictures = bench.background().value(ExampleSheet::paint);
        pictures.valueProperty().addListener((observed, was, is) -> is.ifPresent(this::show));
        setVisible(false);
    }

    /** Shows them; their cards are made when they are first asked for. */
    void open() {
        if (getChildren().isEmpty()) {
            fill();
        }
        setVisible(true);
        pictures.want(new Setting(PictureView.pixels(this), Palette.theme()));
        cards.getChildren().getFirst().requestFocus();
    }

    void close() {
        setVisible(false);
        pictures.drop();
    }

    /** One after another, each shown as soon as it is there. */
    private static Map<String, Picture> paint(Setting setting,
            BackgroundValue.Progress<Map<String, Picture>> progress) {
        Map<String, Picture> painted = new LinkedHashMap<>();
        for (String name : Examples.ALL) {
            Plan plan = Planner.plan(Examples.read(name));
            painted.put(name,
                    new SmallPicture(Projection.visible(plan, EYE), plan).painted(WIDTH, HEIGHT, setting.pixels()));
            progress.soFar(Map.copyOf(painted));
        }
        return Map.copyOf(painted);
    }

    private void show(Map<String, Picture> painted) {
        painted.forEach(
                (name, picture) -> Optional.ofNullable(frames.get(name)).ifPresent(frame -> frame.show(picture)));
    }

    private void fill() {
        Label heading = new Label(Texts.get("examples.heading"));
        heading.getStyleClass().add("heading");
        Region gap = new Region();
        HBox.setHgrow(gap, Priority.ALWAYS);
        Button close = new Button(Texts.get("print.close"));
        close.setId("examples-close");
        close.setOnAction(pressed -> close());
        HBox top = new HBox(heading, gap, close);
        cards.getStyleClass().add("examples");
        cards.setPrefTileWidth(CARD);
        cards.setPrefTileHeight(CARD_HEIGHT);
        Examples.ALL.forEach(name -> cards.getChildren().add(card(name)));
        Scroller scroller = new Scroller(cards);
        scroller.setFitToWidth(true);
        scroller.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        VBox.setVgrow(scroller, Priority.ALWAYS);
        getChildren().setAll(top, scroller);
    }

    private Button card(String name) {
        FramedPicture frame = new FramedPicture(WIDTH, HEIGHT);
        frames.put(name, frame);
        Label title = Lines.of(Texts.get("example." + name), "example-name");
        Label says = Lines.of(Texts.get("example." + name + ".says"));
        VBox card = new VBox(frame, title, says);
        card.getStyleClass().add("example-card");
        Button button = new Button();
        button.setGraphic(card);
        button.setContentDisplay(ContentDisplay.GRAPHIC_ONLY);
        button.getStyleClass().add("example");
        button.setId("example-" + name);
        button.setPrefWidth(CARD);
        button.setMaxHeight(Double.MAX_VALUE);
        card.setPrefWidth(CARD - 24);
        card.setMaxWidth(CARD - 24);
        button.setAccessibleText(Texts.get("example." + name) + ". " + Texts.get("example." + name + ".says"));
        button.setOnAction(chosen -> {
            close();
            documents.openExample(name);
        });
        return button;
    }
}
