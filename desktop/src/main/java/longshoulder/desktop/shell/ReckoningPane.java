package longshoulder.desktop.shell;

import longshoulder.desktop.control.Lines;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Predicate;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import longshoulder.core.brief.Address;
import longshoulder.core.brief.Brief;
import longshoulder.core.brief.Parameter;
import longshoulder.core.brief.Value;
import longshoulder.core.measure.Length;
import longshoulder.core.plan.SolveFor;
import longshoulder.core.project.Edit;
import longshoulder.core.project.Milled;
import longshoulder.core.reckoning.Amount;
import longshoulder.desktop.words.Texts;
import longshoulder.desktop.control.ChoiceButton;
import longshoulder.desktop.control.FigureField;
import longshoulder.desktop.control.FigureText;
import longshoulder.desktop.control.FocusKeeper;
import longshoulder.desktop.paint.Palette;
import longshoulder.desktop.control.SteadyLabel;
import longshoulder.desktop.document.PlanValue;
import longshoulder.desktop.document.Solving;
import longshoulder.desktop.document.Workbench;
import longshoulder.desktop.shell.ReckoningRow.What;
import longshoulder.desktop.control.Choices;

/**
 * The reckoning: how the figure in hand came about, line by line in the maker's arithmetic, and the other figures of the
 * lit piece to choose from. Given figures can be changed right here.
 *
 * <p>While an edit changes nothing but figures, the nodes stay and only the figures are shown anew.
 */
public final class ReckoningPane extends VBox {

    /** So many characters of a name and its option fit beside each other; longer ones stand below each other. */
    private static final int BESIDE = 38;

    private static final double RESULT = 19;

    private final Workbench bench;
    private final Solving solving;
    private final PlanValue<ReckoningRows.Query, List<ReckoningRow>> reckoning;
    private List<ReckoningRow> rows = List.of();
    /** One for each row; what does nothing stands for rows without a figure. */
    private final List<Consumer<String>> figures = new ArrayList<>();

    public ReckoningPane(Workbench bench) {
        this.bench = bench;
        this.solving = new Solving(bench);
        this.reckoning = new PlanValue<>(bench, () -> Optional.of(ReckoningRows.Query.at(bench)),
                (plan, asked, before) -> ReckoningRows.of(plan, asked), this::show);
        setId("reckoning");
        getStyleClass().add("reckoning");
        bench.selection().pieceProperty().addListener((observed, was, is) -> reckoning.refresh());
        bench.selection().figureProperty().addListener((observed, was, is) -> reckoning.refresh());
        bench.selection().jointProperty().addListener((observed, was, is) -> reckoning.refresh());
        reckoning.begin();
    }

    private void show(List<ReckoningRow> made) {
        List<ReckoningRow> before = rows;
        rows = made;
        if (!sameOutline(before, rows)) {
            FocusKeeper.rebuild(this, this::remake);
            return;
        }
        for (int i = 0; i < rows.size(); i++) {
            figures.get(i).accept(rows.get(i).figure());
        }
    }

    private static boolean sameOutline(List<ReckoningRow> before, List<ReckoningRow> now) {
        if (before.size() != now.size()) {
            return false;
        }
        for (int i = 0; i < now.size(); i++) {
            if (!before.get(i).looksLike(now.get(i))) {
                return false;
            }
        }
        return true;
    }

    private void remake() {
        getChildren().clear();
        figures.clear();
        VBox lines = new VBox();
        lines.getStyleClass().add("lines");
        lines.setId("lines");
        for (ReckoningRow row : rows) {
            figures.add(figure -> {});
            switch (row.what()) {
                case PIECE -> getChildren().addAll(heading(row), lines);
                case WOOD -> ((HBox) getChildren().getFirst()).getChildren().add(wood(row));
                case LINE, RESULT -> lines.getChildren().add(line(row));
                case BECAUSE -> lines.getChildren().add(because(row));
                case SUBHEADING -> getChildren().add(subheading(row.text()));
                case SENTENCE -> getChildren().add(sentence(row.figure()));
                case RULE -> getChildren().add(rule(row));
                case JOINT, OPTION -> getChildren().add(menu(row));
                case FIGURE, LEAVABLE -> getChildren().add(choice(row));
                case AS_CUT -> getChildren().add(asCut(row));
            }
        }
    }

    private HBox heading(ReckoningRow row) {
        Label name = Lines.of(row.text(), "heading");
        Label mark = new Label(bench.plan().piece(row.id()).piece().mark());
        mark.getStyleClass().add("piece-mark");
        mark.setMinWidth(USE_PREF_SIZE);
        Region gap = new Region();
        HBox.setHgrow(gap, Priority.ALWAYS);
        HBox box = new HBox(mark, name, gap);
        box.getStyleClass().add("piece-heading");
        box.setAlignment(Pos.CENTER_LEFT);
        return box;
    }

    private ChoiceButton wood(ReckoningRow row) {
        String role = bench.plan().piece(row.id()).piece().role().id();
        return new ChoiceButton(row.text(), () -> Choices.ofWood(bench, role))
                .named("wood", Texts.get("reckoning.wood") + " " + row.text());
    }

    private static Label subheading(String text) {
        Label label = new Label(text);
        label.getStyleClass().add("subheading");
        return label;
    }

    private SteadyLabel sentence(String text) {
        SteadyLabel label = Lines.over(new SteadyLabel(text));
        figures.set(figures.size() - 1, label::setText);
        label.getStyleClass().add("sentence");
        return label;
    }

    private static Label because(ReckoningRow row) {
        Label because = Lines.of(row.text());
        because.getStyleClass().add("because");
        because.setPadding(new Insets(0, 60, 4, indent(row.depth()) + 16.0));
        return because;
    }

    private static int indent(int depth) {
        return Math.max(0, depth - 1) * 12;
    }

    private HBox line(ReckoningRow row) {
        Label name = Lines.of(row.text());
        HBox.setHgrow(name, Priority.ALWAYS);
        name.setMaxWidth(Double.MAX_VALUE);
        HBox line = new HBox(name, row.what() == What.RESULT ? result(row) : field(row, "line-" + row.id()));
        line.getStyleClass().add(row.depth() == 0 ? "result" : row.isDerived() ? "between" : "term");
        if (row.depth() > 1) {
            line.setPadding(new Insets(0, 0, 0, indent(row.depth())));
        }
        line.setFillHeight(false);
        line.setAlignment(Pos.CENTER_LEFT);
        return line;
    }

    private Node result(ReckoningRow row) {
        Amount amount = row.amount().orElseThrow();
        List<Parameter.Measure> free = SolveFor.free(bench.project(), amount);
        if (!free.isEmpty()) {
            FigureField field = new FigureField(row.figure(), bench.words().say(amount.label()), RESULT, false, true,
                    () -> {}, typed -> solve(amount, typed)).named("result");
            figures.set(figures.size() - 1, field::show);
            return field;
        }
        FigureText text = new FigureText(row.figure(), RESULT, true, Palette::ink);
        text.setId("result");
        figures.set(figures.size() - 1, text::setText);
        return text;
    }

    /** What follows is given: a size on which it hangs is changed. */
    private boolean solve(Amount amount, String typed) {
        ReckoningRows.Query asked = ReckoningRows.Query.at(bench);
        Optional<Length> wanted = bench.read(typed);
        wanted.ifPresent(length -> solving.give(
                new SolveFor(plan -> ReckoningRows.find(plan, asked, amount.label()), length),
                SolveFor.free(bench.project(), amount)));
        return wanted.isPresent();
    }

    private FigureField field(ReckoningRow row, String id) {
        Amount amount = row.amount().orElseThrow();
        Predicate<String> give = typed -> row.parameter().isPresent() && bench.read(typed)
                .map(length -> bench.edit(new Edit.Give(row.parameter().get(), new Value.Measured(length))))
                .orElse(false);
        FigureField field = new FigureField(row.figure(), bench.words().say(amount.label()), row.isGiven(),
                row.parameter().isPresent(),
                row.parameter().isPresent() ? () -> {} : () -> bench.selection().openFigure(amount), give);
        figures.set(figures.size() - 1, field::show);
        return field.named(id);
    }

    private HBox choice(ReckoningRow row) {
        Button name = choiceButton(row.text(), row.open());
        HBox.setHgrow(name, Priority.ALWAYS);
        Amount amount = row.amount().orElseThrow();
        name.setOnAction(action -> bench.selection().openFigure(amount));
        HBox line = new HBox(name);
        line.getStyleClass().add("choice-line");
        line.setAlignment(Pos.CENTER_LEFT);
        line.setFillHeight(false);
        if (row.what() == What.LEAVABLE) {
            Button leave = new Button(Texts.get("reckoning.leave"));
            leave.getStyleClass().add("small");
            leave.setId("leave-" + row.id().replace('.', '-'));
            leave.setMinWidth(USE_PREF_SIZE);
            leave.setOnAction(action -> bench.edit(new Edit.LeaveToRule(row.parameter().orElse(row.id()))));
            line.getChildren().add(leave);
        }
        line.getChildren().add(field(row, "piece-" + row.id()));
        return line;
    }

    private static Button choiceButton(String text, boolean open) {
        Button button = new Button(text);
        button.getStyleClass().setAll("choice", open ? "open" : "closed");
        button.setMaxWidth(Double.MAX_VALUE);
        Lines.over(button);
        return button;
    }

    private Button rule(ReckoningRow row) {
        Button button = choiceButton((row.open() ? "●  " : "○  ") + row.text(), row.open());
        button.setId("rule-" + row.id());
        button.setOnAction(
                action -> bench.edit(new Edit.Give(Brief.TENON_MEETING, new Value.Chosen(row.id()))));
        return button;
    }

    /** A type of joint that follows from how the pieces lie. */
    private static HBox unchangeable(ReckoningRow row) {
        Label name = new Label(row.text());
        name.setMaxWidth(Double.MAX_VALUE);
        HBox.setHgrow(name, Priority.ALWAYS);
        Label type = new Label(row.figure());
        type.getStyleClass().add("quiet");
        type.setMinWidth(USE_PREF_SIZE);
        HBox line = new HBox(name, type);
        line.getStyleClass().addAll("choice-line", "joint-line");
        line.setAlignment(Pos.CENTER_LEFT);
        return line;
    }

    /** A way of making a joint, chosen from a menu where it is named. */
    private Region menu(ReckoningRow row) {
        if (row.parameter().isEmpty()) {
            return unchangeable(row);
        }
        Address address = Address.parse(row.parameter().orElseThrow());
        Parameter.Choice choice = (Parameter.Choice) Edit.parameter(bench.project(), row.parameter().orElseThrow());
        boolean type = row.what() == What.JOINT;
        ChoiceButton menu = new ChoiceButton(row.figure(),
                () -> Choices.of(bench, choice, row.parameter().orElseThrow()))
                .named((type ? "joint-" : address.parameter().replace('.', '-') + "-") + row.id().replace('/', '-'),
                        row.text() + " " + row.figure());
        Label name = Lines.of(row.text());
        name.setMaxWidth(Double.MAX_VALUE);
        if (row.figure().length() + row.text().length() > BESIDE) {
            Lines.over(menu);
            VBox lines = new VBox(name, menu);
            lines.getStyleClass().addAll("joint-line", "joint-lines");
            return lines;
        }
        HBox.setHgrow(name, Priority.ALWAYS);
        HBox line = new HBox(name, menu);
        line.getStyleClass().addAll("choice-line", "joint-line");
        line.setAlignment(Pos.CENTER_LEFT);
        return line;
    }

    /** What was really cut at the saw. */
    private HBox asCut(ReckoningRow row) {
        Label name = Lines.of(row.text());
        name.setMaxWidth(Double.MAX_VALUE);
        HBox.setHgrow(name, Priority.ALWAYS);
        Milled what = row.parameter().flatMap(Milled::find).orElseThrow();
        FigureField field = new FigureField(row.figure(), row.text(), row.open(), true, () -> {},
                typed -> typed.isBlank()
                        ? bench.edit(new Edit.ForgetMilled(row.id(), what))
                        : bench.read(typed)
                                .map(length -> bench.edit(new Edit.RecordMilled(row.id(), what, length)))
                                .orElse(false));
        figures.set(figures.size() - 1, field::show);
        HBox line = new HBox(name, field.named(what == Milled.SHOULDER ? "piece-cut" : "piece-milled-" + what.id()));
        line.getStyleClass().add("choice-line");
        boolean first = rows.stream().filter(other -> other.what() == What.AS_CUT).findFirst().filter(row::equals)
                .isPresent();
        line.getStyleClass().add(first ? "as-cut" : "as-milled");
        line.setAlignment(Pos.CENTER_LEFT);
        return line;
    }
}
