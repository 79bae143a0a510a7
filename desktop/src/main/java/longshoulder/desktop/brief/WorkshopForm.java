package longshoulder.desktop.brief;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import longshoulder.core.brief.HouseRules;
import longshoulder.core.brief.Parameter;
import longshoulder.core.brief.Value;
import longshoulder.core.frame.Role;
import longshoulder.core.measure.Length;
import longshoulder.core.project.Edit;
import longshoulder.core.project.Project;
import longshoulder.core.wood.Tools;
import longshoulder.desktop.words.Texts;
import longshoulder.desktop.control.ChoiceButton;
import longshoulder.desktop.control.ChoiceButton.Choice;
import longshoulder.desktop.control.FocusKeeper;
import longshoulder.desktop.document.Workbench;
import longshoulder.files.BadFile;
import longshoulder.files.StoredPreferences;
import longshoulder.files.SystemReason;
import longshoulder.desktop.document.FileAsker;
import longshoulder.desktop.document.OwnWorkshop;
import longshoulder.files.WoodsCsv;
import java.nio.file.Path;
import java.util.stream.Stream;
import java.io.IOException;
import longshoulder.desktop.control.Choices;
import longshoulder.desktop.control.Nodes;

/** What a design is made of and with: woods by role, chisels owned, the maker's ways of working, the limits at which checks speak up. */
public final class WorkshopForm extends VBox {

    private final Workbench bench;
    private final StoredPreferences remembered;
    private final FileAsker asker;
    private List<Object> shown = List.of();

    /**
     * @param remembered where the language is noted for the next start
     * @param asker asks for a table of woods
     */
    public WorkshopForm(Workbench bench, StoredPreferences remembered, FileAsker asker) {
        this.bench = bench;
        this.remembered = remembered;
        this.asker = asker;
        setId("workshop-form");
        getStyleClass().add("brief-form");
        bench.planProperty().addListener((observed, was, is) -> refresh());
    }

    /** Brought up to date, unless it is hidden. */
    public void refresh() {
        List<Object> now = getParent() == null || !Nodes.isShown(this) ? shown : state();
        if (now.equals(shown)) {
            return;
        }
        shown = now;
        FocusKeeper.rebuild(this, () -> getChildren().setAll(heading("brief.workshop"), woods(), chisels(),
                heading("brief.rules"), ways(), heading("brief.limits"), limits(), own(), language()));
    }

    /** What the form shows: while it stays, so do its controls. */
    private List<Object> state() {
        Project project = bench.project();
        List<Object> state = new ArrayList<>(
                List.of(project.showing(), project.tools(), project.knownWoods(), project.woods(),
                        bench.plan().pieces().stream().map(piece -> piece.piece().role()).distinct().toList()));
        for (Parameter rule : HouseRules.parameters()) {
            state.add(Optional.ofNullable(project.brief().values().get(rule.name())));
        }
        return state;
    }

    private static Label heading(String key) {
        Label label = new Label(Texts.get(key));
        label.getStyleClass().add("subheading");
        return label;
    }

    private GridPane woods() {
        List<Node> lines = new ArrayList<>();
        bench.plan().pieces().stream().map(piece -> piece.piece().role()).filter(role -> role != Role.GLASS).distinct()
                .forEach(role -> lines.add(wood(role)));
        GridPane grid = BriefForm.columns();
        BriefForm.fill(grid, lines);
        return grid;
    }

    private HBox wood(Role role) {
        String species = bench.project().wood(role.id());
        String name = String.format(Locale.ROOT, Texts.get("brief.wood"), bench.words().text("role." + role.id()));
        String chosen = bench.words().wood(species);
        return BriefForm.line(name, new ChoiceButton(chosen, () -> Choices.ofWood(bench, role.id()))
                .named("wood-" + role.id(), name + " " + chosen));
    }

    /** Each can be let go of; another is typed in. */
    private FlowPane chisels() {
        FlowPane row = new FlowPane();
        row.getStyleClass().add("chisels");
        row.setAlignment(Pos.CENTER_LEFT);
        row.getChildren().add(new Label(Texts.get("brief.chisels")));
        Tools tools = bench.project().tools();
        for (Length chisel : tools.chisels()) {
            Button owned = new Button(bench.words().figure(chisel) + "  \u00d7");
            owned.setId("chisel-" + bench.words().figure(chisel).replaceAll("[^0-9]", "-"));
            owned.getStyleClass().add("small");
            owned.setMinWidth(USE_PREF_SIZE);
            owned.setOnAction(action -> bench.edit(new Edit.GiveAwayChisel(chisel)));
            row.getChildren().add(owned);
        }
        TextField field = new TextField();
        field.setId("chisel-add");
        field.getStyleClass().add("entry");
        field.setPrefColumnCount(5);
        field.setPromptText(Texts.get("brief.chisel.prompt"));
        field.setAccessibleText(Texts.get("brief.chisel.add"));
        field.setOnAction(entered -> bench.read(field.getText())
                .ifPresent(width -> bench.edit(new Edit.OwnChisel(width))));
        row.getChildren().addAll(field, new Label(Texts.get("brief.chisel.add")));
        return row;
    }

    private GridPane ways() {
        List<Node> lines = new ArrayList<>();
        for (Parameter rule : HouseRules.parameters()) {
            if (rule instanceof Parameter.Choice choice) {
                String option = bench.project().brief().choice(rule.name()).orElse(choice.options().getFirst());
                lines.add(BriefForm.way(bench, choice, option));
            }
        }
        GridPane grid = BriefForm.columns();
        BriefForm.fill(grid, lines);
        return grid;
    }

    /** The maker's own workshop: what stands here is kept for all designs, or what was kept is taken over here. */
    private FlowPane own() {
        FlowPane row = new FlowPane(button("keep", this::keep), button("use", this::use),
                button("woods", () -> asker.toOpenTable().ifPresent(this::readWoods)));
        row.getStyleClass().add("chisels");
        return row;
    }

    private static Button button(String what, Runnable action) {
        Button button = new Button(Texts.get("brief.own." + what));
        button.setId("workshop-" + what);
        button.setMinWidth(USE_PREF_SIZE);
        button.setOnAction(pressed -> action.run());
        return button;
    }

    private void keep() {
        try {
            OwnWorkshop.beside(remembered).keep(bench.project().workshop());
            bench.notices().say(Texts.get("brief.own.kept"));
        } catch (IOException failed) {
            bench.notices()
                    .say(Texts.get("save.failed").formatted(Texts.get("brief.own.name"),
                            SystemReason.of(failed, Texts.locale())));
        }
    }

    private void use() {
        try {
            OwnWorkshop.beside(remembered).read().ifPresentOrElse(own -> bench.edit(new Edit.UseWorkshop(own)),
                    () -> bench.notices().say(Texts.get("brief.own.none")));
        } catch (BadFile bad) {
            bench.notices().say(bad.message(Texts.locale()));
        }
    }

    private void readWoods(Path table) {
        try {
            WoodsCsv.Table read = WoodsCsv.read(table);
            if (bench.edit(new Edit.KnowWoods(read.woods()))) {
                bench.notices().say(String.join(" ", Stream.concat(
                        Stream.of(Texts.get("brief.own.read").formatted(read.woods().size())),
                        read.troubles().stream()).toList()));
            }
        } catch (BadFile bad) {
            bench.notices().say(bad.message(Texts.locale()));
        }
    }

    private HBox language() {
        Locale next = Locale.forLanguageTag(remembered.get("language").orElse(Texts.locale().toLanguageTag()));
        ChoiceButton menu = new ChoiceButton(next.getDisplayLanguage(next), () -> Texts.LANGUAGES.stream()
                .map(one -> new Choice("language-" + one, one.getDisplayLanguage(one), () -> use(one))).toList());
        return BriefForm.line(Texts.get("brief.language"), menu.named("language", Texts.get("brief.language")));
    }

    /** From the next start on. */
    private void use(Locale language) {
        remembered.put("language", language.toLanguageTag());
        if (lookup("#language") instanceof ChoiceButton menu) {
            menu.setText(language.getDisplayLanguage(language));
        }
    }

    private GridPane limits() {
        List<Node> lines = new ArrayList<>();
        for (Parameter rule : HouseRules.parameters()) {
            if (!(rule instanceof Parameter.Choice)) {
                lines.add(limit(rule));
            }
        }
        GridPane grid = BriefForm.columns();
        BriefForm.fill(grid, lines);
        return grid;
    }

    private HBox limit(Parameter rule) {
        Optional<Value> given = Optional.ofNullable(bench.project().brief().values().get(rule.name()));
        Value value = given.or(() -> rule.preset(bench.project().showing().isInches())).orElseThrow();
        return BriefForm.line(bench.words().meaning(rule),
                BriefForm.figure(bench, rule, bench.words().finely(value), given.isPresent())
                        .named("rule-" + rule.name()));
    }
}
