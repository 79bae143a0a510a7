package longshoulder.desktop.shell;

import java.util.Optional;
import javafx.scene.control.Button;
import javafx.scene.control.ContentDisplay;
import javafx.scene.control.Label;
import javafx.scene.layout.TilePane;
import javafx.scene.layout.VBox;
import longshoulder.core.geometry.View;
import longshoulder.core.plan.Plan;
import longshoulder.core.plan.Planner;
import longshoulder.core.projection.Projection;
import longshoulder.desktop.control.Lines;
import longshoulder.desktop.document.Documents;
import longshoulder.desktop.document.Examples;
import longshoulder.desktop.document.Workbench;
import longshoulder.desktop.paint.BackgroundPictures;
import longshoulder.desktop.paint.Picture;
import longshoulder.desktop.paint.SmallPicture;
import longshoulder.desktop.words.Texts;

/** All designs that ship with the program, each with a small picture and a sentence; a click opens one as a design of one's own. */
final class ExampleSheet extends Overlay {

    private static final View EYE = View.pictorial(32, 24);
    private static final double WIDTH = 132;
    private static final double HEIGHT = 92;
    private static final double CARD = 286;
    private static final double CARD_HEIGHT = 196;

    private final Documents documents;
    private final TilePane cards = new TilePane();
    private final BackgroundPictures<Boolean, String> pictures;

    ExampleSheet(Workbench bench, Documents documents) {
        super("examples");
        this.documents = documents;
        pictures = new BackgroundPictures<>(bench.background(), WIDTH, HEIGHT,
                (always, name, pixels) -> paint(name, pixels));
    }

    /** Shows them; their cards are made when they are first asked for. */
    void open() {
        if (getChildren().isEmpty()) {
            cards.getStyleClass().add("examples");
            cards.setPrefTileWidth(CARD);
            cards.setPrefTileHeight(CARD_HEIGHT);
            Examples.ALL.forEach(name -> cards.getChildren().add(card(name)));
            lay(new Label(Texts.get("examples.heading")), cards);
        }
        setVisible(true);
        pictures.want(true, Examples.ALL, this);
        cards.getChildren().getFirst().requestFocus();
    }

    @Override
    void closed() {
        pictures.drop();
    }

    private static Optional<Picture> paint(String name, double pixels) {
        Plan plan = Planner.plan(Examples.read(name));
        return Optional.of(new SmallPicture(Projection.visible(plan, EYE), plan).painted(WIDTH, HEIGHT, pixels));
    }

    private Button card(String name) {
        Label title = Lines.of(Texts.get("example." + name), "example-name");
        Label says = Lines.of(Texts.get("example." + name + ".says"));
        VBox card = new VBox(pictures.frame(name), title, says);
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
