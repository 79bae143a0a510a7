package longshoulder.desktop.frame;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.function.DoubleConsumer;
import java.util.function.Supplier;
import java.util.stream.IntStream;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.Slider;
import javafx.scene.control.TextField;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import longshoulder.core.brief.Parameter;
import longshoulder.core.frame.Alteration;
import longshoulder.core.frame.Piece;
import longshoulder.core.frame.Role;
import longshoulder.core.kind.Kinds;
import longshoulder.core.measure.Length;
import longshoulder.core.project.Edit;
import longshoulder.desktop.words.Texts;
import longshoulder.desktop.control.ChoiceButton;
import longshoulder.desktop.control.ChoiceButton.Choice;
import longshoulder.desktop.control.FigureField;
import longshoulder.desktop.control.FocusKeeper;
import longshoulder.desktop.document.Workbench;
import longshoulder.desktop.control.Choices;

/**
 * What can be done to the frame: what its kind allows to be added, a rail between two pieces, and the lit piece renamed, resized, moved
 * or taken away. The pictorial view is pulled apart by a slider.
 */
public final class FrameTools extends FlowPane {

    /** Choices of kinds that add pieces, as opposed to those that shape them. */
    private static final Set<String> ADDING = Set.of("stretchers", "drawer", "drawers", "drawer.boxes", "dividers",
            "shelves", "middle.rails", "muntins", "bars.across", "bars.upright", "bottom", "face.frame", "front");

    private static final double MOST_NAME = 12;

    private final Workbench bench;
    private final HBox explode;
    private List<Object> shown = List.of();

    /**
     * @param explode how far the pieces of the pictorial view stand apart, from 0 to 1
     * @param large shows the pictorial view alone, or all views again
     * @param near shows the lit piece close, or all views again
     */
    public FrameTools(Workbench bench, DoubleConsumer explode, Runnable large, Runnable near) {
        this.bench = bench;
        setId("frame-tools");
        getStyleClass().add("frame-tools");
        setAlignment(Pos.CENTER_LEFT);
        Slider slider = new Slider(0, 1, 0);
        slider.setId("explode");
        slider.setPrefWidth(110);
        slider.setBlockIncrement(0.1);
        slider.setAccessibleText(Texts.get("frame.explode"));
        slider.valueProperty().addListener((observed, was, is) -> explode.accept(is.doubleValue()));
        this.explode = named("frame.explode", slider, seen("picture", large), seen("near", near));
        bench.planProperty().addListener((observed, was, is) -> refresh());
        bench.selection().pieceProperty().addListener((observed, was, is) -> refresh());
        refresh();
    }

    /** What the tools hang on: while it stays, so do they, for new controls cost more than all the rest of an edit. */
    private List<Object> state() {
        List<Object> state = new ArrayList<>(List.of(bench.selection().pieceProperty().get(), bench.project().showing(),
                bench.project().brief().kind(), bench.plan().pieces().stream()
                        .map(piece -> piece.id() + " " + piece.piece().mark()).toList()));
        bench.plan().pieces().stream().filter(piece -> piece.id().equals(bench.selection().pieceProperty().get()))
                .forEach(piece -> state.addAll(
                        List.of(piece.piece().width().value(), piece.piece().thickness().value())));
        ADDING.stream().sorted().forEach(name -> state.add(bench.project().brief().choice(name)));
        return state;
    }

    private void refresh() {
        List<Object> now = state();
        if (now.equals(shown)) {
            return;
        }
        shown = now;
        List<Node> tools = new ArrayList<>();
        if (bench.plan().has(bench.selection().pieceProperty().get())) {
            Piece piece = bench.plan().piece(bench.selection().pieceProperty().get()).piece();
            tools.add(named("frame.mark", mark(piece)));
            tools.add(named("frame.section", size(piece, true), new Label("\u00d7"), size(piece, false)));
            tools.add(named("frame.move", move(piece, "x"), move(piece, "y"), move(piece, "z")));
            tools.add(between(piece));
            tools.add(button("frame-remove", Texts.get("frame.remove"), new Alteration.Remove(piece.id())));
        }
        Kinds.find(bench.project().brief().kind()).orElseThrow().parameters().stream()
                .filter(Parameter.Choice.class::isInstance).map(Parameter.Choice.class::cast)
                .filter(choice -> ADDING.contains(choice.name())).forEach(choice -> tools.add(way(choice)));
        tools.add(explode);
        FocusKeeper.rebuild(this, () -> getChildren().setAll(tools));
    }

    private static HBox named(String key, Node... nodes) {
        Label name = new Label(Texts.get(key));
        name.getStyleClass().add("quiet");
        name.setMinWidth(Region.USE_PREF_SIZE);
        HBox box = new HBox(name);
        box.getChildren().addAll(nodes);
        box.getStyleClass().add("frame-tool");
        box.setAlignment(Pos.CENTER_LEFT);
        return box;
    }

    private static Button seen(String what, Runnable action) {
        Button button = new Button(Texts.get("frame." + what));
        button.setId("frame-" + what);
        button.getStyleClass().add("small");
        button.setMinWidth(Region.USE_PREF_SIZE);
        button.setTooltip(new Tooltip(Texts.get("frame." + what + ".key")));
        button.setOnAction(pressed -> action.run());
        return button;
    }

    private void alter(Alteration alteration) {
        bench.edit(new Edit.Alter(alteration));
    }

    private Button button(String id, String text, Alteration alteration) {
        Button button = new Button(text);
        button.setId(id);
        button.getStyleClass().add("small");
        button.setMinWidth(Region.USE_PREF_SIZE);
        button.setOnAction(action -> alter(alteration));
        return button;
    }

    private TextField mark(Piece piece) {
        TextField field = new TextField(piece.mark());
        field.setId("frame-mark");
        field.getStyleClass().add("entry");
        field.setPrefColumnCount(4);
        field.setAccessibleText(Texts.get("frame.mark"));
        field.setOnAction(entered -> {
            String typed = field.getText().strip();
            if (!typed.isEmpty() && typed.length() <= MOST_NAME) {
                alter(new Alteration.Rename(piece.id(), typed));
            } else {
                bench.notices().say(Texts.get("frame.mark.refused"));
            }
        });
        return field;
    }

    private FigureField size(Piece piece, boolean width) {
        Length shown = (width ? piece.width() : piece.thickness()).value();
        FigureField field = new FigureField(bench.words().figure(shown),
                Texts.get(width ? "frame.width" : "frame.thickness"), true, true, () -> {}, typed -> bench.read(typed)
                        .map(length -> bench.edit(new Edit.Alter(new Alteration.Resize(piece.id(),
                                width ? length : piece.width().value(),
                                width ? piece.thickness().value() : length))))
                        .orElse(false));
        field.setId(width ? "frame-width" : "frame-thickness");
        return field;
    }

    /** Typed as a length to the right, to the back or upwards; with a minus the other way. */
    private TextField move(Piece piece, String axis) {
        TextField field = new TextField();
        field.setId("frame-move-" + axis);
        field.getStyleClass().add("entry");
        field.setPrefColumnCount(4);
        field.setPromptText(Texts.get("frame.move." + axis));
        field.setAccessibleText(Texts.get("frame.move") + " " + Texts.get("frame.move." + axis));
        field.setOnAction(entered -> {
            String typed = field.getText().strip();
            boolean back = typed.startsWith("-");
            bench.read(back ? typed.substring(1) : typed).map(length -> back ? length.negated() : length)
                    .ifPresent(by -> alter(new Alteration.Move(piece.id(), axis.equals("x") ? by : Length.ZERO,
                            axis.equals("y") ? by : Length.ZERO, axis.equals("z") ? by : Length.ZERO)));
        });
        return field;
    }

    /** A level rail from the lit piece to another: as high as the middle of both. */
    private ChoiceButton between(Piece from) {
        return small("frame-between", Texts.get("frame.between"), Texts.get("frame.between"),
                () -> bench.plan().pieces().stream().map(one -> one.piece())
                        .filter(to -> !to.id().equals(from.id()) && !to.role().isPanel() && !to.role().isLaidOn())
                        .map(to -> new Choice("between-" + to.id(), to.mark() + "  " + bench.words().name(to.id()),
                                () -> alter(rail(bench.plan().piece(from.id()).piece(), to))))
                        .toList());
    }

    private static ChoiceButton small(String id, String text, String spoken, Supplier<List<Choice>> choices) {
        ChoiceButton button = new ChoiceButton(text, choices).named(id, spoken);
        button.getStyleClass().add("small");
        return button;
    }

    private Alteration rail(Piece from, Piece to) {
        int number = IntStream.iterate(1, n -> n + 1).filter(n -> !bench.plan().has("rail-added-" + n)).findFirst()
                .orElse(1);
        boolean inches = bench.project().showing().isInches();
        Length thick = inches ? Length.ofInches(7, 8) : Length.ofMillimetres(22);
        Length wide = inches ? Length.ofInches(2, 1) : Length.ofMillimetres(50);
        double middle = (middle(from) + middle(to)) / 2;
        Length height = Length.ofMillimetres(Math.max(0, Math.round(middle - wide.toMillimetres() / 2)));
        return new Alteration.Between("rail-added-" + number, Role.RAIL, "X" + number, from.id(), to.id(), wide, thick,
                height, Length.ZERO);
    }

    private static double middle(Piece piece) {
        return (piece.body().bounds().least().getZ() + piece.body().bounds().greatest().getZ()) / 2;
    }

    private HBox way(Parameter.Choice choice) {
        String option = bench.project().brief().choice(choice.name()).orElse(choice.options().getFirst());
        ChoiceButton menu = small("frame-" + choice.name().replace('.', '-'), bench.words().option(choice, option),
                bench.words().meaning(choice),
                () -> Choices.of(bench, choice, choice.name()));
        Label name = new Label(bench.words().text("short." + choice.name()));
        name.getStyleClass().add("quiet");
        name.setMinWidth(Region.USE_PREF_SIZE);
        HBox box = new HBox(name, menu);
        box.getStyleClass().add("frame-tool");
        box.setAlignment(Pos.CENTER_LEFT);
        return box;
    }
}
