package longshoulder.desktop.shell;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.Supplier;
import longshoulder.core.drawing.Drawing;
import longshoulder.core.drawing.DrawingContext;
import longshoulder.core.drawing.RodDrawing;
import longshoulder.core.papers.LabelSheet;
import longshoulder.core.plan.Plan;
import longshoulder.desktop.control.ChoiceButton;
import longshoulder.desktop.control.ChoiceButton.Choice;
import longshoulder.desktop.document.Exports;
import longshoulder.desktop.document.Workbench;
import longshoulder.desktop.words.Texts;
import longshoulder.files.DrawingFormat;

/** What can go on paper or into a drawing file: what the shown stage draws, the rod of the lit piece, the shop paper. */
final class PaperMenu {

    private final Workbench bench;
    private final Exports exports;
    private final PrintSheet sheet;
    private final Supplier<Optional<Function<DrawingContext, Drawing>>> shown;

    /** @param shown how the stage that is shown draws what it shows */
    PaperMenu(Workbench bench, Exports exports, PrintSheet sheet,
            Supplier<Optional<Function<DrawingContext, Drawing>>> shown) {
        this.bench = bench;
        this.exports = exports;
        this.sheet = sheet;
        this.shown = shown;
    }

    ChoiceButton button() {
        return new ChoiceButton(Texts.get("header.papers"), this::choices).named("papers",
                Texts.get("header.papers.key"));
    }

    private List<Choice> choices() {
        List<Choice> choices = new ArrayList<>(
                List.of(new Choice("shop-paper", Texts.get("papers.shop"), this::shopPaper)));
        shown.get().ifPresent(drawing -> add(choices, "drawing", drawing));
        rod().ifPresent(rod -> add(choices, "rod", rod));
        for (LabelSheet labels : LabelSheet.values()) {
            choices.add(new Choice("labels-" + labels.id(), Texts.get("papers.labels").formatted(labels.id()),
                    () -> exports.labels(labels)));
        }
        choices.add(new Choice("labels-printer", Texts.get("papers.labels.printer"), exports::printLabels));
        return choices;
    }

    private Optional<Function<DrawingContext, Drawing>> rod() {
        return bench.plan().pieces().stream()
                .filter(piece -> piece.id().equals(bench.selection().piece()) && !piece.cutShape().isNothing())
                .findFirst().map(piece -> context -> new RodDrawing(context, piece.id()));
    }

    private void add(List<Choice> choices, String what, Function<DrawingContext, Drawing> drawing) {
        choices.add(new Choice("print-" + what, Texts.get("papers.print." + what), () -> print(what, drawing)));
        for (DrawingFormat format : DrawingFormat.values()) {
            choices.add(new Choice("export-" + what + format.suffix().replace('.', '-'),
                    Texts.get("papers.export." + what).formatted(format.name()),
                    () -> exports.export(drawing, Texts.get("papers.name." + what), format)));
        }
    }

    /** Prints the drawing that is shown; where the stage shows none, the shop paper. */
    void print() {
        shown.get().ifPresentOrElse(drawing -> print("drawing", drawing), this::shopPaper);
    }

    private void print(String what, Function<DrawingContext, Drawing> drawing) {
        Plan plan = bench.plan();
        sheet.open(new Printout(Texts.get("papers.name." + what), true,
                (paper, scale, progress) -> Exports.onPaper(plan, drawing, paper, scale)));
    }

    void shopPaper() {
        Plan plan = bench.plan();
        sheet.open(new Printout(Texts.get("papers.name.shop"), false,
                (paper, scale, progress) -> Optional.of(Exports.shopPaper(plan, paper, progress))));
    }
}
