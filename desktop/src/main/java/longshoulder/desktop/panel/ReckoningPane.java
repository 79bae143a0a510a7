package longshoulder.desktop.panel;

import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import longshoulder.core.brief.Brief;
import longshoulder.core.brief.Parameter;
import longshoulder.core.brief.Value;
import longshoulder.core.joint.Joint;
import longshoulder.core.joint.StoppedTenon;
import longshoulder.core.kind.Kinds;
import longshoulder.core.measure.Length;
import longshoulder.core.plan.Plan;
import longshoulder.core.plan.PlannedPiece;
import longshoulder.core.project.Edit;
import longshoulder.core.reckoning.Amount;
import longshoulder.core.wood.Species;
import longshoulder.desktop.Texts;
import longshoulder.desktop.look.FigureField;
import longshoulder.desktop.look.FocusKeeper;
import longshoulder.desktop.model.Workbench;

/**
 * The reckoning: how the figure in hand came about, line by line in the maker's arithmetic, and the other figures of the
 * lit piece to choose from. Given figures can be changed right here.
 */
public final class ReckoningPane extends VBox {

    private final Workbench bench;

    public ReckoningPane(Workbench bench) {
        this.bench = bench;
        setId("reckoning");
        getStyleClass().add("reckoning");
        bench.planProperty().addListener((observed, was, is) -> rebuild());
        bench.pieceProperty().addListener((observed, was, is) -> rebuild());
        bench.figureProperty().addListener((observed, was, is) -> rebuild());
        rebuild();
    }

    private void rebuild() {
        FocusKeeper.rebuild(this, this::remake);
    }

    private void remake() {
        getChildren().clear();
        Plan plan = bench.plan();
        if (!plan.has(bench.pieceProperty().get())) {
            return;
        }
        PlannedPiece piece = plan.piece(bench.pieceProperty().get());
        Map<String, Amount> figures = figures(piece);
        Amount open = bench.figureProperty().get()
                .flatMap(label -> figures.values().stream().filter(a -> a.label().equals(label)).findFirst()
                        .or(() -> plan.frame().dimensions().stream().map(d -> d.amount())
                                .filter(a -> a.label().equals(label)).findFirst()))
                .orElseGet(() -> piece.shoulderLength().orElse(piece.length()));
        getChildren().addAll(heading(piece), reckoning(open));
        if (touchesMeeting(open)) {
            getChildren().add(school());
        }
        Label others = new Label(Texts.get("reckoning.figures"));
        others.getStyleClass().add("subheading");
        getChildren().add(others);
        figures.forEach((id, amount) -> getChildren().add(choice(id, amount, amount.label().equals(open.label()))));
        if (piece.shoulderLength().isPresent()) {
            getChildren().add(asCut(piece));
        }
    }

    private HBox heading(PlannedPiece piece) {
        Label name = new Label(capital(bench.words().name(piece.id())));
        name.getStyleClass().add("heading");
        Label mark = new Label(piece.piece().mark());
        mark.getStyleClass().add("piece-mark");
        Region gap = new Region();
        HBox.setHgrow(gap, Priority.ALWAYS);
        HBox box = new HBox(mark, name, gap, wood(piece));
        box.getStyleClass().add("piece-heading");
        box.setAlignment(Pos.CENTER_LEFT);
        return box;
    }

    private MenuButton wood(PlannedPiece piece) {
        MenuButton menu = new MenuButton(bench.words().text("wood." + piece.wood()));
        menu.setId("wood");
        menu.setAccessibleText(Texts.get("reckoning.wood") + " " + menu.getText());
        String role = piece.piece().role().id();
        menu.getItems().setAll(Species.COMMON.stream().map(species -> wood(role, species)).toList());
        return menu;
    }

    private MenuItem wood(String role, Species species) {
        MenuItem item = new MenuItem(bench.words().text("wood." + species.id()));
        item.setOnAction(action -> bench.edit(new Edit.UseWood(role, species.id())));
        return item;
    }

    /** The figures of a piece by an id for their nodes. */
    private Map<String, Amount> figures(PlannedPiece piece) {
        Map<String, Amount> figures = new LinkedHashMap<>();
        piece.shoulderLength().ifPresent(amount -> figures.put("shoulder", amount));
        figures.put("length", piece.length());
        figures.put("width", piece.piece().width());
        figures.put("thickness", piece.piece().thickness());
        List<Joint> joints = piece.joints().isEmpty() ? bench.plan().mortisesIn(piece.id()) : piece.joints();
        joints.stream().findFirst().ifPresent(joint -> {
            switch (joint) {
                case StoppedTenon tenon -> {
                    figures.put(Brief.TENON_THICKNESS, tenon.thickness());
                    figures.put("tenon.width", tenon.width());
                    figures.put(Brief.TENON_LENGTH, tenon.length());
                    figures.put(Brief.MORTISE_DEPTH, tenon.depth());
                    figures.put("near-cheek", tenon.cheekFromReference());
                    figures.put("mortise-from-end", tenon.mortiseFromEnd());
                }
            }
        });
        return figures;
    }

    private VBox reckoning(Amount amount) {
        VBox lines = new VBox();
        lines.getStyleClass().add("lines");
        lines.setId("lines");
        tell(lines, amount, 1, 0);
        return lines;
    }

    /** Parts first, then what they come to: the order in which a maker writes a sum. */
    private void tell(VBox lines, Amount amount, int times, int depth) {
        if (amount instanceof Amount.Sum sum) {
            sum.terms().forEach(term -> tell(lines, term.amount(), term.times(), depth + 1));
        } else {
            amount.parts().forEach(part -> tell(lines, part, 1, depth + 1));
        }
        lines.getChildren().add(line(amount, times, depth));
        amount.rule().ifPresent(rule -> {
            Label because = new Label(bench.words().say(rule));
            because.setWrapText(true);
            because.setMinHeight(USE_PREF_SIZE);
            because.getStyleClass().addAll("because");
            because.setPadding(new Insets(0, 60, 4, indent(depth) + 16.0));
            lines.getChildren().add(because);
        });
    }

    private static int indent(int depth) {
        return Math.max(0, depth - 1) * 12;
    }

    private HBox line(Amount amount, int times, int depth) {
        boolean derived = !amount.parts().isEmpty();
        String sign = derived && depth == 0 ? "= " : times < 0 ? "− " : "";
        String factor = Math.abs(times) > 1 ? Math.abs(times) + " × " : "";
        Label name = new Label(sign + factor + bench.words().say(amount.label()) + chainError(amount));
        name.setWrapText(true);
        name.setMinHeight(USE_PREF_SIZE);
        HBox.setHgrow(name, Priority.ALWAYS);
        name.setMaxWidth(Double.MAX_VALUE);
        Optional<String> parameter = amount instanceof Amount.Given given
                ? Optional.of(given.parameter())
                : Optional.empty();
        Node figure = derived && depth == 0
                ? result(amount)
                : field(amount, parameter, "line-" + parameter.orElse(amount.label().key()));
        HBox line = new HBox(name, figure);
        line.getStyleClass().add(depth == 0 ? "result" : derived ? "between" : "term");
        if (depth > 1) {
            line.setPadding(new Insets(0, 0, 0, indent(depth)));
        }
        line.setFillHeight(false);
        line.setAlignment(Pos.CENTER_LEFT);
        return line;
    }

    /** Where shown figures do not add up to their shown total: by how much. */
    private String chainError(Amount amount) {
        if (!(amount instanceof Amount.Sum sum)) {
            return "";
        }
        List<Length> terms = new ArrayList<>();
        for (Amount.Term term : sum.terms()) {
            Length value = term.times() < 0 ? term.amount().value().negated() : term.amount().value();
            terms.addAll(Collections.nCopies(Math.abs(term.times()), value));
        }
        Length error = bench.project().showing().chainError(terms);
        if (error.equals(Length.ZERO)) {
            return "";
        }
        String sign = error.isNegative() ? " −" : " +";
        return " (" + Texts.get("reckoning.shown") + sign + bench.project().showing().figure(error.abs()) + ")";
    }

    private Node result(Amount amount) {
        var text = new longshoulder.desktop.look.FigureText(bench.project().showing().figure(amount.value()), 19, true,
                longshoulder.desktop.look.Palette.INK);
        text.setId("result");
        return text;
    }

    private FigureField field(Amount amount, Optional<String> parameter, String id) {
        return new FigureField(bench.project().showing().figure(amount.value()),
                bench.words().say(amount.label()), amount instanceof Amount.Given, parameter.isPresent(),
                parameter.isPresent() ? () -> {} : () -> bench.open(amount),
                typed -> parameter.isPresent() && bench.read(typed)
                        .map(length -> bench.edit(new Edit.Give(parameter.get(), new Value.Measured(length))))
                        .orElse(false))
                .named(id);
    }

    /** A figure of the piece to open; those that a school decides can be set here, and given back to the school. */
    private HBox choice(String id, Amount amount, boolean open) {
        Button name = new Button(bench.words().say(amount.label()));
        name.getStyleClass().setAll("choice", open ? "open" : "closed");
        name.setMaxWidth(Double.MAX_VALUE);
        HBox.setHgrow(name, Priority.ALWAYS);
        name.setOnAction(action -> bench.open(amount));
        Optional<String> parameter = parameter(id, amount);
        HBox line = new HBox(name);
        line.getStyleClass().add("choice-line");
        line.setAlignment(Pos.CENTER_LEFT);
        line.setFillHeight(false);
        if (amount instanceof Amount.Given && isLeftToSchool(id)) {
            Button leave = new Button(Texts.get("reckoning.leave"));
            leave.getStyleClass().add("small");
            leave.setId("leave-" + id.replace('.', '-'));
            leave.setMinWidth(USE_PREF_SIZE);
            leave.setOnAction(action -> bench.edit(new Edit.LeaveToSchool(id)));
            line.getChildren().add(leave);
        }
        line.getChildren().add(field(amount, parameter, "piece-" + id));
        return line;
    }

    private Optional<String> parameter(String id, Amount amount) {
        return amount instanceof Amount.Given given
                ? Optional.of(given.parameter())
                : isLeftToSchool(id) ? Optional.of(id) : Optional.empty();
    }

    private boolean isLeftToSchool(String parameter) {
        return Kinds.find(bench.project().brief().kind()).flatMap(kind -> kind.parameter(parameter))
                .filter(known -> known.preset(false).isEmpty()).isPresent();
    }

    private static boolean touchesMeeting(Amount amount) {
        return amount.label().key().equals("amount.tenonLength")
                || amount.label().key().equals("parameter." + Brief.TENON_LENGTH);
    }

    /** The school that decides where tenons meet, changed right where it decides. */
    private VBox school() {
        Label name = new Label(capital(Texts.get("reckoning.meeting")));
        name.getStyleClass().add("subheading");
        VBox box = new VBox(name);
        List<String> options = Kinds.find(bench.project().brief().kind())
                .flatMap(kind -> kind.parameter(Brief.TENON_MEETING))
                .filter(Parameter.Choice.class::isInstance).map(p -> ((Parameter.Choice) p).options())
                .orElse(new ArrayList<>());
        String chosen = bench.project().brief().choice(Brief.TENON_MEETING).orElse("");
        for (String option : options) {
            Button button = new Button((option.equals(chosen) ? "●  " : "○  ")
                    + bench.words().text("option." + Brief.TENON_MEETING + "." + option));
            button.setId("school-" + option);
            button.getStyleClass().setAll("choice", option.equals(chosen) ? "open" : "closed");
            button.setMaxWidth(Double.MAX_VALUE);
            button.setOnAction(
                    action -> bench.edit(new Edit.Give(Brief.TENON_MEETING, new Value.Chosen(option))));
            box.getChildren().add(button);
        }
        return box;
    }

    /** What was really cut at the saw. */
    private HBox asCut(PlannedPiece piece) {
        Label name = new Label(Texts.get("reckoning.cut"));
        name.setMaxWidth(Double.MAX_VALUE);
        HBox.setHgrow(name, Priority.ALWAYS);
        Length cut = bench.project().cutShoulders().get(piece.id());
        FigureField field = new FigureField(cut == null ? "–" : bench.project().showing().figure(cut),
                Texts.get("reckoning.cut"), cut != null, true, () -> {}, typed -> typed.isBlank()
                        ? bench.edit(new Edit.ForgetShoulder(piece.id()))
                        : bench.read(typed).map(length -> bench.edit(new Edit.RecordShoulder(piece.id(), length)))
                                .orElse(false));
        field.named("piece-cut");
        HBox line = new HBox(name, field);
        line.getStyleClass().addAll("choice-line", "as-cut");
        line.setAlignment(Pos.CENTER_LEFT);
        return line;
    }

    private static String capital(String text) {
        return text.substring(0, 1).toUpperCase(java.util.Locale.ROOT) + text.substring(1);
    }
}
