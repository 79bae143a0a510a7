package longshoulder.desktop.brief;

import longshoulder.desktop.control.Lines;
import java.util.ArrayList;
import java.util.List;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import longshoulder.core.brief.Brief;
import longshoulder.core.brief.Parameter;
import longshoulder.core.brief.Value;
import longshoulder.core.kind.Kinds;
import longshoulder.desktop.words.Texts;
import longshoulder.desktop.control.ChoiceButton;
import longshoulder.desktop.control.FigureField;
import longshoulder.desktop.control.FocusKeeper;
import longshoulder.desktop.document.Workbench;
import longshoulder.desktop.control.Choices;
import longshoulder.desktop.control.Nodes;

/**
 * What the kind asks for: every size, then the ways that can be chosen, each changed where it stands. What is left to the
 * rules is no part of it: the reckoning has that.
 */
public final class BriefForm extends VBox {

    private final Workbench bench;
    private static final int COLUMNS = 3;

    private final GridPane ways = columns();
    private final GridPane sizes = columns();
    private Brief shown = new Brief("", java.util.Map.of());
    private boolean inches;

    public BriefForm(Workbench bench) {
        this.bench = bench;
        setId("brief-form");
        getStyleClass().add("brief-form");
        getChildren().addAll(subheading("brief.sizes"), sizes, subheading("brief.ways"), ways);
        bench.planProperty().addListener((observed, was, is) -> refresh());
    }

    static GridPane columns() {
        GridPane grid = new GridPane();
        grid.getStyleClass().add("brief-grid");
        for (int i = 0; i < COLUMNS; i++) {
            ColumnConstraints column = new ColumnConstraints();
            column.setPercentWidth(100.0 / COLUMNS);
            grid.getColumnConstraints().add(column);
        }
        return grid;
    }

    /** Row by row, from left to right. */
    static void fill(GridPane grid, List<Node> lines) {
        grid.getChildren().clear();
        for (int i = 0; i < lines.size(); i++) {
            grid.add(lines.get(i), i % COLUMNS, i / COLUMNS);
        }
    }

    private static Label subheading(String key) {
        Label label = new Label(Texts.get(key));
        label.getStyleClass().add("subheading");
        return label;
    }

    /** Brought up to date, unless it is hidden. */
    public void refresh() {
        Brief brief = bench.project().brief();
        boolean hidden = getParent() == null || !Nodes.isShown(this);
        if (hidden || brief.equals(shown) && inches == bench.project().showing().isInches()) {
            return;
        }
        shown = brief;
        inches = bench.project().showing().isInches();
        List<Node> chosen = new ArrayList<>();
        List<Node> given = new ArrayList<>();
        for (Parameter parameter : Kinds.find(brief.kind()).orElseThrow().parameters()) {
            switch (parameter) {
                case Parameter.Choice choice -> chosen.add(way(choice));
                case Parameter.Turn turn -> given.add(size(turn, new Value.Turned(brief.angle(turn))));
                case Parameter.Proportion part -> given.add(size(part, new Value.Proportioned(brief.ratio(part))));
                case Parameter.Measure measure -> brief.measure(measure.name()).filter(known -> isKinds(measure))
                        .ifPresent(amount -> given.add(size(measure, new Value.Measured(amount.value()))));
            }
        }
        FocusKeeper.rebuild(this, () -> {
            fill(ways, chosen);
            fill(sizes, given);
        });
    }

    private static boolean isKinds(Parameter.Measure measure) {
        return measure.metric().isPresent();
    }

    private HBox line(Parameter parameter, Node control) {
        return line(bench.words().meaning(parameter), control);
    }

    /** What it is at the left, what it stands at to the right. */
    static HBox line(String text, Node control) {
        Label name = Lines.of(text);
        name.setMaxWidth(Double.MAX_VALUE);
        HBox.setHgrow(name, Priority.ALWAYS);
        HBox line = new HBox(name, control);
        line.getStyleClass().add("brief-line");
        line.setAlignment(Pos.CENTER_LEFT);
        line.setFillHeight(false);
        return line;
    }

    private HBox size(Parameter parameter, Value value) {
        return line(parameter,
                figure(bench, parameter, bench.words().figure(value), true).named("brief-" + parameter.name()));
    }

    /**
     * What a parameter stands at, to be typed over.
     *
     * @param given whether the maker gave it
     */
    static FigureField figure(Workbench bench, Parameter parameter, String figure, boolean given) {
        return new FigureField(figure, bench.words().meaning(parameter), given, true, () -> {},
                typed -> bench.give(parameter, typed));
    }

    private VBox way(Parameter.Choice choice) {
        return way(bench, choice, shown.choice(choice.name()).orElse(choice.options().getFirst()));
    }

    /** The name of a choice above the menu of its options, which are sentences. */
    static VBox way(Workbench bench, Parameter.Choice choice, String option) {
        String chosen = bench.words().option(choice, option);
        ChoiceButton menu = new ChoiceButton(chosen, () -> Choices.of(bench, choice, choice.name()))
                .named("brief-" + choice.name().replace('.', '-'), bench.words().meaning(choice) + " " + chosen);
        menu.getStyleClass().add("small");
        Lines.over(menu);
        Label name = Lines.of(bench.words().meaning(choice));
        VBox lines = new VBox(name, menu);
        lines.getStyleClass().addAll("brief-line", "brief-way");
        return lines;
    }
}
