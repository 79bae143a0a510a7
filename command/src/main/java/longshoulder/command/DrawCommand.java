package longshoulder.command;

import java.io.IOException;
import java.nio.file.Path;
import java.util.Optional;
import java.util.concurrent.Callable;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import longshoulder.core.drawing.Drawing;
import longshoulder.core.drawing.DrawingContext;
import longshoulder.core.drawing.Drawings;
import longshoulder.core.drawing.Page;
import longshoulder.core.drawing.Paper;
import longshoulder.core.plan.Plan;
import longshoulder.core.words.Words;
import longshoulder.files.BadFile;
import longshoulder.files.DrawingFile;
import longshoulder.files.DrawingFormat;
import longshoulder.files.PaperTypeface;
import org.jspecify.annotations.Nullable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;

/** {@code draw FILE --view sheet --pdf OUT}: a drawing with its figures as PDF, SVG or DXF. */
@Command(name = "draw", mixinStandardHelpOptions = true, description = "Writes a drawing with its figures as PDF, SVG or DXF.")
final class DrawCommand implements Callable<Integer> {

    private static final Pattern SCALE = Pattern.compile("(\\d{1,4}(?:\\.\\d{1,3})?):(\\d{1,4}(?:\\.\\d{1,3})?)");
    private static final String FIT = "fit";

    @Mixin
    private Designs designs = new Designs();

    @Option(names = "--view", required = true, paramLabel = "VIEW", description = "front, end, plan, pictorial, sheet, joint:ID, rod:PIECE (by id or mark) or lengths.")
    private String view = "";

    @Option(names = "--pdf", paramLabel = "OUT", description = "Writes a PDF.")
    private @Nullable Path pdf;

    @Option(names = "--svg", paramLabel = "OUT", description = "Writes an SVG.")
    private @Nullable Path svg;

    @Option(names = "--dxf", paramLabel = "OUT", description = "Writes a DXF, in millimetres of the piece whatever the scale.")
    private @Nullable Path dxf;

    @Option(names = "--scale", paramLabel = "1:10", description = "Paper to piece, such as 1:10, 1:1 or 2:1; or fit. Usually fit with --paper, else 1:1.")
    private Optional<String> scale = Optional.empty();

    @Option(names = "--paper", paramLabel = "PAPER", description = "a4 or letter; without it the page is as large as the drawing.")
    private Optional<String> paper = Optional.empty();

    @Override
    public Integer call() throws BadFile, IOException {
        if (pdf == null && svg == null && dxf == null) {
            throw new Refusal("Say where to write: --pdf OUT, --svg OUT or --dxf OUT.");
        }
        Plan plan = designs.plan();
        Words words = Words.showing(plan.project().showing());
        Drawing drawing = Drawings.find(new DrawingContext(plan, words, PaperTypeface.SHIPPED), view)
                .orElseThrow(() -> noSuchView(plan));
        Page page = page(drawing);
        write(pdf, DrawingFormat.PDF, plan, page);
        write(svg, DrawingFormat.SVG, plan, page);
        write(dxf, DrawingFormat.DXF, plan, page);
        return Designs.code(plan);
    }

    private void write(@Nullable Path file, DrawingFormat format, Plan plan, Page page) throws IOException {
        if (file != null) {
            DrawingFile.write(file, format.toBytes(plan.project().title(), page));
            designs.out().println(file);
            designs.out().flush();
        }
    }

    private Refusal noSuchView(Plan plan) {
        if (view.startsWith("rod:")) {
            designs.piece(plan, view.substring("rod:".length()));
        }
        return view.startsWith("joint:")
                ? new Refusal(
                        "There is no joint \"%s\" in this design; \"longshoulder plan FILE\" lists them.".formatted(
                                view.substring("joint:".length())))
                : new Refusal("There is no view \"%s\"; there are %s.".formatted(view,
                        String.join(", ", Drawings.NAMES)));
    }

    private Page page(Drawing drawing) {
        Optional<Double> wanted = scale.filter(text -> !text.equals(FIT)).map(DrawCommand::ratio);
        if (paper.isEmpty()) {
            if (scale.filter(FIT::equals).isPresent()) {
                throw new Refusal(
                        "There is nothing for the drawing to fit; give --paper a4 or --paper letter with --scale fit.");
            }
            return drawing.atScale(wanted.orElse(1.0));
        }
        Paper sheet = PaperOption.read(paper.get());
        return wanted.map(ratio -> sheet.atScale(drawing, ratio).orElseThrow(() -> new Refusal(
                "At %s the drawing does not fit on %s; use --scale fit, or leave --paper out for a page as large as it."
                        .formatted(scale.orElse(""), sheet.id()))))
                .orElseGet(() -> sheet.fitted(drawing));
    }

    private static double ratio(String text) {
        Matcher matcher = SCALE.matcher(text);
        if (!matcher.matches()) {
            throw new Refusal("\"%s\" is not a scale; write it as 1:10, 1:1 or fit.".formatted(text));
        }
        double onPaper = Double.parseDouble(matcher.group(1));
        double ofPiece = Double.parseDouble(matcher.group(2));
        if (onPaper <= 0 || ofPiece <= 0 || onPaper / ofPiece > 20 || ofPiece / onPaper > 1000) {
            throw new Refusal("The scale %s is out of reach; it must be between 1:1000 and 20:1.".formatted(text));
        }
        return onPaper / ofPiece;
    }
}
