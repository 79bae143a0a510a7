package longshoulder.desktop.brief;

import longshoulder.desktop.control.Lines;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import longshoulder.core.brief.Brief;
import longshoulder.core.brief.Parameter;
import longshoulder.core.brief.Value;
import longshoulder.core.kind.IdleParameters;
import longshoulder.core.kind.Kind;
import longshoulder.core.kind.Kinds;
import longshoulder.desktop.words.Texts;
import longshoulder.desktop.control.ChoiceButton;
import longshoulder.desktop.control.FigureField;
import longshoulder.desktop.control.FocusKeeper;
import longshoulder.desktop.document.BackgroundValue;
import longshoulder.desktop.document.Workbench;
import longshoulder.desktop.control.Choices;
import longshoulder.desktop.control.Nodes;

/**
 * What the kind asks for, in groups: sizes, then the ways that can be chosen, each changed where it stands. What stands on the picture is
 * left out, and what changes nothing as the brief stands is hidden until it is asked for. What is left to the rules is no part of it: the
 * reckoning has that.
 */
public final class BriefForm extends VBox {

    private static final int COLUMNS = 3;

    /** What the lines are made from; while it stays, so do they. */
    private record State(Brief brief, boolean inches, Set<String> idle, Set<String> elsewhere, boolean all) {}

    private final Workbench bench;
    private final VBox groups = new VBox();
    private final Button more = new Button();
    private final BackgroundValue<Brief, Set<String>> trying;
    private Set<String> idle = Set.of();
    /** The kind to which these belong. */
    private String known = "";
    private Set<String> elsewhere = Set.of();
    private boolean all;
    private State shown = new State(new Brief("", Map.of()), false, Set.of(), Set.of(), false);

    public BriefForm(Workbench bench) {
        this.bench = bench;
        trying = bench.background().value((brief, progress) -> IdleParameters.of(kind(brief), brief));
        trying.valueProperty().addListener((observed, was, is) -> is.ifPresent(found -> {
            idle = found;
            known = bench.project().brief().kind();
            show();
        }));
        setId("brief-form");
        getStyleClass().add("brief-form");
        groups.getStyleClass().add("brief-form");
        more.setId("brief-more");
        more.getStyleClass().add("small");
        more.setOnAction(pressed -> {
            all = !all;
            show();
        });
        getChildren().addAll(groups, more);
        bench.planProperty().addListener((observed, was, is) -> refresh());
    }

    private static Kind kind(Brief brief) {
        return Kinds.find(brief.kind()).orElseThrow();
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

    /** Leaves sizes out that can be typed elsewhere. */
    void leave(Set<String> sizes) {
        elsewhere = sizes;
        show();
    }

    /** Brought up to date, unless it is hidden. */
    public void refresh() {
        if (getParent() == null || !Nodes.isShown(this)) {
            trying.drop();
            return;
        }
        Brief brief = bench.project().brief();
        if (!brief.kind().equals(known)) {
            // Better nothing for a moment than lines that vanish again.
            groups.getChildren().clear();
        }
        trying.want(brief);
        show();
    }

    private void show() {
        State state = new State(bench.project().brief(), bench.project().showing().isInches(), idle, elsewhere, all);
        if (getParent() == null || !Nodes.isShown(this) || !known.equals(state.brief.kind()) || state.equals(shown)) {
            return;
        }
        shown = state;
        Map<String, List<Parameter>> byGroup = new LinkedHashMap<>();
        kind(state.brief).parameters().stream().filter(this::isShown)
                .sorted(Comparator.comparing(Kinds::isOfJoints))
                .forEach(parameter -> byGroup.computeIfAbsent(bench.words().group(parameter),
                        group -> new ArrayList<>()).add(parameter));
        more.setText(all ? Texts.get("brief.less") : Texts.get("brief.more").formatted(idle.size()));
        more.setVisible(!idle.isEmpty());
        more.setManaged(!idle.isEmpty());
        FocusKeeper.rebuild(this, () -> groups.getChildren().setAll(byGroup.entrySet().stream()
                .map(group -> group(group.getKey(), group.getValue())).toList()));
    }

    private boolean isShown(Parameter parameter) {
        boolean asked = !(parameter instanceof Parameter.Measure measure) || measure.metric().isPresent()
                || !Kinds.isOfJoints(measure);
        return asked && !elsewhere.contains(parameter.name()) && (all || !idle.contains(parameter.name()));
    }

    private VBox group(String heading, List<Parameter> parameters) {
        Label label = new Label(heading);
        label.getStyleClass().add("subheading");
        VBox group = new VBox(label);
        group.getStyleClass().add("brief-form");
        List<Node> sizes = new ArrayList<>();
        List<Node> ways = new ArrayList<>();
        for (Parameter parameter : parameters) {
            switch (parameter) {
                case Parameter.Choice choice -> ways.add(way(choice));
                case Parameter.Turn turn -> sizes.add(size(turn, new Value.Turned(shown.brief.angle(turn))));
                case Parameter.Proportion part ->
                    sizes.add(size(part, new Value.Proportioned(shown.brief.ratio(part))));
                case Parameter.Measure measure -> sizes.add(shown.brief.measure(measure.name())
                        .map(amount -> size(measure, new Value.Measured(amount.value())))
                        .orElseGet(() -> byRule(measure)));
            }
        }
        GridPane grid = columns();
        fill(grid, Stream.concat(sizes.stream(), ways.stream()).toList());
        group.getChildren().add(grid);
        return group;
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

    /** What the maker may leave to a rule, and has. */
    private HBox byRule(Parameter parameter) {
        return line(parameter, figure(bench, parameter, Texts.get("brief.byRule"), false)
                .named("brief-" + parameter.name()));
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
        return way(bench, choice, shown.brief.choice(choice.name()).orElse(choice.options().getFirst()));
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
