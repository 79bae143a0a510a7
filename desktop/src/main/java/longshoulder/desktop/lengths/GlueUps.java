package longshoulder.desktop.lengths;

import java.util.List;
import java.util.stream.Collectors;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import longshoulder.core.frame.Assembly;
import longshoulder.core.plan.Plan;
import longshoulder.core.words.Words;
import longshoulder.desktop.words.Texts;
import longshoulder.desktop.control.FigureText;
import longshoulder.desktop.control.Lines;
import longshoulder.desktop.paint.Palette;

/** What is glued up by itself, in its order, and what a tape has to read from corner to corner. */
final class GlueUps extends VBox {

    private static final double FIGURE = 14.5;

    private final Plan plan;
    private final Words words;

    GlueUps(Plan plan, Words words) {
        this.plan = plan;
        this.words = words;
        setId("glue-ups");
        getStyleClass().add("span");
        getChildren().add(heading());
        List<Assembly> assemblies = plan.frame().assemblies();
        for (int i = 0; i < assemblies.size(); i++) {
            getChildren().add(row(i + 1, assemblies.get(i)));
        }
    }

    private static HBox heading() {
        Label title = Lines.of(Texts.get("lengths.glueUps"), "subheading");
        HBox.setHgrow(title, Priority.ALWAYS);
        title.setMaxWidth(Double.MAX_VALUE);
        Label diagonal = new Label(Texts.get("lengths.diagonal"));
        diagonal.getStyleClass().add("length-column");
        HBox heading = new HBox(title, diagonal);
        heading.getStyleClass().add("length-heading");
        heading.setAlignment(Pos.BASELINE_LEFT);
        return heading;
    }

    private HBox row(int number, Assembly assembly) {
        Label place = new Label(String.valueOf(number));
        place.getStyleClass().add("mark-badge");
        place.setMinWidth(Region.USE_PREF_SIZE);
        Label name = new Label(words.name(assembly.name()));
        name.getStyleClass().add("length-name");
        Label pieces = Lines.of(assembly.pieces().stream().map(id -> plan.piece(id).piece().mark())
                .collect(Collectors.joining("  ")));
        pieces.setMaxWidth(Double.MAX_VALUE);
        HBox.setHgrow(pieces, Priority.ALWAYS);
        HBox row = new HBox(place, name, pieces, diagonal(assembly));
        row.setAlignment(Pos.CENTER_LEFT);
        row.setId("glue-up-" + assembly.name());
        row.getStyleClass().add("glue-up");
        row.setAccessibleText(words.say(assembly, number));
        return row;
    }

    /** Empty where there is no rectangle to measure, as of a leg on its foot. */
    private Node diagonal(Assembly assembly) {
        return LengthList.column(new FigureText(
                assembly.diagonal().map(diagonal -> words.figure(diagonal.value())).orElse(""), FIGURE, false,
                Palette::ink));
    }
}
