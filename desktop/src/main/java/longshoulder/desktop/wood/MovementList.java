package longshoulder.desktop.wood;

import java.util.List;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import longshoulder.core.plan.Movement;
import longshoulder.core.words.Words;
import longshoulder.desktop.control.Lines;
import longshoulder.desktop.words.Texts;

/** How much wide pieces grow and shrink, and the room that they have. */
final class MovementList extends VBox {

    MovementList(List<Movement> all, Words words) {
        setId("movement");
        getStyleClass().add("buying");
        Label heading = new Label(Texts.get("wood.movement"));
        heading.getStyleClass().add("heading");
        getChildren().add(heading);
        all.forEach(one -> getChildren().add(Lines.of(words.say(one), one.isRisk() ? "risk-text" : "")));
    }
}
