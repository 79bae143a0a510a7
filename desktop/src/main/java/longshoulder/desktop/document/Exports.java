package longshoulder.desktop.document;

import java.io.IOException;
import java.nio.file.Path;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.time.format.FormatStyle;
import java.util.List;
import java.util.Optional;
import java.util.function.DoubleConsumer;
import java.util.function.Function;
import java.util.function.Supplier;
import longshoulder.core.drawing.Drawing;
import longshoulder.core.drawing.DrawingContext;
import longshoulder.core.drawing.Page;
import longshoulder.core.drawing.Paper;
import longshoulder.core.papers.LabelSheet;
import longshoulder.core.papers.PieceLabel;
import longshoulder.core.plan.Plan;
import longshoulder.desktop.words.Texts;
import longshoulder.files.DrawingFile;
import longshoulder.files.DrawingFormat;
import longshoulder.files.LabelPrinter;
import longshoulder.files.LabelsPdf;
import longshoulder.files.PaperTypeface;
import longshoulder.files.PdfPen;
import longshoulder.files.Printers;
import longshoulder.files.ShopPaperPdf;
import longshoulder.files.SystemReason;

/** What leaves the program on paper or as a drawing: made in the background, with a notice of what came of it. */
public final class Exports {

    private final Workbench bench;
    private final FileAsker asker;
    private final LongWork work;
    private final Printers printers;

    /** @param work where files are made */
    public Exports(Workbench bench, FileAsker asker, LongWork work, Printers printers) {
        this.bench = bench;
        this.asker = asker;
        this.work = work;
        this.printers = printers;
    }

    /** Names of the printers; empty where there is none. May take long. */
    public List<String> printers() {
        return printers.names();
    }

    /**
     * Asks for a file and writes a drawing of the shown plan at full size, on a page as large as it.
     *
     * @param drawing makes it; run in the background
     * @param name of the drawing, for the file
     */
    public void export(Function<DrawingContext, Drawing> drawing, String name, DrawingFormat format) {
        Plan plan = bench.plan();
        asker.toExport(Documents.fileName(bench) + "-" + name + format.suffix(), format)
                .ifPresent(file -> write(() -> format.toBytes(plan.project().title(),
                        drawing.apply(context(plan)).atScale(1)), file));
    }

    /**
     * A drawing on a sheet of paper as PDF; empty if it has no room there at that scale.
     *
     * @param scale 0 for as large as it can be
     */
    public static Optional<byte[]> onPaper(Plan plan, Function<DrawingContext, Drawing> drawing, Paper paper,
            double scale) {
        Drawing made = drawing.apply(context(plan));
        Optional<Page> page = scale > 0 ? paper.atScale(made, scale) : Optional.of(paper.fitted(made));
        return page.map(laid -> PdfPen.toBytes(plan.project().title(), List.of(laid)));
    }

    private static DrawingContext context(Plan plan) {
        return new DrawingContext(plan, Workbench.words(plan.project()), PaperTypeface.SHIPPED);
    }

    /**
     * The shop paper of a plan as PDF.
     *
     * @param progress is told how much is done, from 0 to 1
     */
    public static byte[] shopPaper(Plan plan, Paper paper, DoubleConsumer progress) {
        return ShopPaperPdf.toBytes(plan, Workbench.words(plan.project()), paper, today(),
                ShopPaperPdf.USUAL_SECONDS, progress);
    }

    private static String today() {
        return LocalDate.now(ZoneId.systemDefault()).format(DateTimeFormatter.ofLocalizedDate(FormatStyle.MEDIUM)
                .withLocale(Texts.dates()));
    }

    /** Asks for a file and writes a label for each piece, on sheets. */
    public void labels(LabelSheet sheet) {
        Plan plan = bench.plan();
        String name = Documents.fileName(bench) + "-" + Texts.get("papers.name.labels") + DrawingFormat.PDF.suffix();
        asker.toExport(name, DrawingFormat.PDF).ifPresent(file -> write(
                () -> LabelsPdf.toBytes(plan.project().title(), labels(plan), sheet), file));
    }

    /** Prints a label for each piece on the printer of labels of this machine. */
    public void printLabels() {
        Plan plan = bench.plan();
        work.run(() -> {
            List<PieceLabel> all = labels(plan);
            try {
                LabelPrinter.print(all, LabelPrinter.PORT);
                return Texts.get("labels.printed").formatted(all.size());
            } catch (IOException failed) {
                return Texts.get("labels.failed").formatted(LabelPrinter.PORT);
            }
        }, () -> bench.notices().say(Texts.get("labels.printing")), bench.notices()::say);
    }

    private static List<PieceLabel> labels(Plan plan) {
        return PieceLabel.of(plan, Workbench.words(plan.project()));
    }

    /** Asks for a file and writes what was made. */
    public void save(byte[] pdf, String name) {
        asker.toExport(Documents.fileName(bench) + "-" + name + DrawingFormat.PDF.suffix(), DrawingFormat.PDF)
                .ifPresent(file -> write(() -> pdf, file));
    }

    /**
     * Prints pages at true size.
     *
     * @param from the first page, from 0
     */
    public void print(String printer, byte[] pdf, int from, int to) {
        work.run(() -> {
            try {
                printers.print(printer, pdf, from, to);
                return Texts.get("print.sent").formatted(printer);
            } catch (IOException refused) {
                return Texts.get("print.failed").formatted(printer, SystemReason.of(refused, Texts.locale()));
            }
        }, () -> bench.notices().say(Texts.get("print.sending").formatted(printer)), bench.notices()::say);
    }

    private void write(Supplier<byte[]> contents, Path file) {
        work.run(() -> {
            try {
                DrawingFile.write(file, contents.get());
                return Texts.get("export.written").formatted(file.getFileName());
            } catch (IOException failed) {
                return Texts.get("save.failed").formatted(file.getFileName(),
                        SystemReason.of(failed, Texts.locale()));
            }
        }, () -> bench.notices().say(Texts.get("export.writing").formatted(file.getFileName())), bench.notices()::say);
    }
}
