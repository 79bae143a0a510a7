package longshoulder.files;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import javax.xml.parsers.DocumentBuilderFactory;
import longshoulder.core.drawing.DrawingContext;
import longshoulder.core.drawing.Drawings;
import longshoulder.core.drawing.Mark;
import longshoulder.core.drawing.Meaning;
import longshoulder.core.drawing.Page;
import longshoulder.core.drawing.Paper;
import longshoulder.core.kind.Kinds;
import longshoulder.core.measure.Showing;
import longshoulder.core.plan.Plan;
import longshoulder.core.plan.Planner;
import longshoulder.core.project.Project;
import longshoulder.core.words.Words;
import org.apache.commons.geometry.euclidean.twod.Vector2D;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.rendering.ImageType;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.w3c.dom.Document;
import org.w3c.dom.Element;
import org.w3c.dom.NodeList;

/** Reads back what the pens write, with readers that are not the writers. */
class PensTest {

    private static final double INCH = 25.4;

    /** A table whose front apron is 1260 between its shoulders. */
    private static DrawingContext context(Showing showing) {
        Plan plan = Planner.plan(Project.ofKind(Kinds.find("table").orElseThrow(), "Test & <table>", showing));
        return new DrawingContext(plan, Words.showing(showing), PaperTypeface.SHIPPED);
    }

    private static Page atFullSize(String name) {
        return Drawings.find(context(Showing.TENTH_MILLIMETRES), name).orElseThrow().atScale(1);
    }

    private static double shoulderLength(Showing showing) {
        return context(showing).plan().piece("apron-front").shoulderLength().orElseThrow().value().toMillimetres();
    }

    private static Document svg(Page page) throws Exception {
        return DocumentBuilderFactory.newInstance().newDocumentBuilder()
                .parse(new ByteArrayInputStream(SvgPen.toBytes(page)));
    }

    private static List<Element> elements(Document document, String name) {
        NodeList found = document.getElementsByTagName(name);
        List<Element> all = new ArrayList<>();
        for (int i = 0; i < found.getLength(); i++) {
            all.add((Element) found.item(i));
        }
        return all;
    }

    /** Where the upright lines of a class lie, from left to right. */
    private static List<Double> uprightLines(Document svg, String layer) {
        return elements(svg, "path").stream()
                .filter(path -> ((Element) path.getParentNode()).getAttribute("class").equals(layer))
                .map(path -> path.getAttribute("d").split("[ML ]", -1)).filter(places -> places[1].equals(places[3]))
                .map(places -> Double.parseDouble(places[1])).sorted().toList();
    }

    @Test
    void svg_isInMillimetresOfPaper() throws Exception {
        Page page = atFullSize("rod:apron-front");
        Document svg = svg(page);
        Element root = svg.getDocumentElement();
        assertThat(root.getAttribute("width")).isEqualTo("%.3fmm".formatted(page.width()).replace(',', '.'));
        assertThat(root.getAttribute("viewBox"))
                .isEqualTo("0 0 " + root.getAttribute("width").replace("mm", "") + " "
                        + root.getAttribute("height").replace("mm", ""));
        List<Double> shoulders = uprightLines(svg, "knife-line");
        assertThat(shoulders.getLast() - shoulders.getFirst())
                .isCloseTo(shoulderLength(Showing.TENTH_MILLIMETRES), within(1e-3));
    }

    @Test
    void svg_hasItsTextAsText_andItsTypefaceInIt() throws Exception {
        Document svg = svg(atFullSize("front"));
        assertThat(elements(svg, "text")).extracting(Element::getTextContent).contains("1500", "750",
                "from the front");
        assertThat(elements(svg, "style").getFirst().getTextContent()).contains("@font-face");
    }

    /** An inch design: a figure such as 49 5/8 is a number and a fraction that is set smaller. */
    @Test
    void svg_fractionsAreSetAsFractions() throws Exception {
        Document svg = svg(Drawings.find(context(Showing.SIXTY_FOURTHS), "rod:apron-front").orElseThrow().atScale(1));
        List<Element> texts = elements(svg, "text");
        assertThat(texts).extracting(Element::getTextContent).contains("\u2044")
                .noneMatch(text -> text.matches(".*\\d/\\d.*"));
    }

    @ParameterizedTest
    @ValueSource(strings = {"front", "end", "plan", "pictorial", "sheet", "lengths", "rod:apron-front"})
    void pdf_isReadBack_andIsTheSameForTheSamePage(String name) throws IOException {
        byte[] pdf = PdfPen.toBytes("A title", List.of(atFullSize(name)));
        assertThat(PdfPen.toBytes("A title", List.of(atFullSize(name)))).isEqualTo(pdf);
        try (PDDocument document = Loader.loadPDF(pdf)) {
            assertThat(document.getNumberOfPages()).isEqualTo(1);
            assertThat(document.getDocumentInformation().getTitle()).isEqualTo("A title");
            assertThat(document.getPage(0).getMediaBox().getWidth())
                    .isCloseTo((float) (atFullSize(name).width() * 72 / INCH), within(0.01f));
        }
    }

    /** Measured on the picture of the page: within a tenth of a millimetre over more than a metre. */
    @Test
    void pdf_atFullSize_measuresTrueOnTheRaster() throws IOException {
        float dpi = 400;
        try (PDDocument document = Loader.loadPDF(PdfPen.toBytes("Rod", List.of(atFullSize("rod:apron-front"))))) {
            BufferedImage picture = new PDFRenderer(document).renderImageWithDPI(0, dpi, ImageType.RGB);
            double[] ends = shoulders(picture, dpi);
            assertThat((ends[1] - ends[0]) / dpi * INCH)
                    .isCloseTo(shoulderLength(Showing.TENTH_MILLIMETRES), within(0.1));
            assertThat(new PDFTextStripper().getText(document)).contains("1300");
        }
    }

    /** The middles of the two shoulder lines, 18 mm below the edge: over the piece, where marks stand out and only these are of ink. */
    private static double[] shoulders(BufferedImage picture, float dpi) {
        int row = (int) (18 * dpi / INCH);
        List<Double> lines = new ArrayList<>();
        int from = -1;
        for (int x = 0; x < picture.getWidth(); x++) {
            boolean isInk = (picture.getRGB(x, row) & 0xff) < 0x48;
            if (isInk && from < 0) {
                from = x;
            } else if (!isInk && from >= 0) {
                lines.add(middle(picture, row, from - 2, x + 2));
                from = -1;
            }
        }
        assertThat(lines).hasSize(2);
        return new double[]{lines.getFirst(), lines.getLast()};
    }

    /** The middle of what is dark from a column to before another: finer than a pixel, since edges are smooth. */
    private static double middle(BufferedImage picture, int row, int from, int to) {
        double sum = 0;
        double moment = 0;
        for (int x = from; x < to; x++) {
            int dark = 255 - (picture.getRGB(x, row) & 0xff);
            sum += dark;
            moment += dark * x;
        }
        return moment / sum;
    }

    /** Groups of code and value, as the format has them. */
    private static List<String[]> dxf(byte[] file) {
        String[] lines = new String(file, StandardCharsets.US_ASCII).split("\n", -1);
        List<String[]> pairs = new ArrayList<>();
        for (int i = 0; i + 1 < lines.length; i += 2) {
            pairs.add(new String[]{lines[i].strip(), lines[i + 1]});
        }
        return pairs;
    }

    /** Values of a code of all entities of a type on a layer. */
    private static List<String> values(List<String[]> dxf, String type, String layer, String code) {
        List<String> values = new ArrayList<>();
        String entity = "";
        String on = "";
        for (String[] pair : dxf) {
            if (pair[0].equals("0")) {
                entity = pair[1];
            } else if (pair[0].equals("8")) {
                on = pair[1];
            } else if (pair[0].equals(code) && entity.equals(type) && on.equals(layer)) {
                values.add(pair[1]);
            }
        }
        return values;
    }

    /** Whatever the scale of the page, the drawing file has the millimetres of the piece. */
    @Test
    void dxf_isInMillimetresOfThePiece_whateverTheScale() {
        DrawingContext context = context(Showing.TENTH_MILLIMETRES);
        for (Page page : List.of(Paper.A4.fitted(Drawings.find(context, "rod:apron-front").orElseThrow()),
                atFullSize("rod:apron-front"))) {
            List<String[]> dxf = dxf(DxfPen.toBytes(page));
            List<Double> shoulders = values(dxf, "LINE", "knife-line", "10").stream().map(Double::valueOf).sorted()
                    .toList();
            assertThat(shoulders.getLast() - shoulders.getFirst())
                    .isCloseTo(shoulderLength(Showing.TENTH_MILLIMETRES), within(1e-5));
        }
    }

    @Test
    void dxf_saysItsVersionAndUnit_andEveryHandleOnce() {
        List<String[]> dxf = dxf(DxfPen.toBytes(atFullSize("sheet")));
        assertThat(dxf.getLast()).containsExactly("0", "EOF");
        assertThat(dxf).anySatisfy(pair -> assertThat(pair).containsExactly("1", "AC1015"));
        for (int i = 0; i < dxf.size(); i++) {
            if (dxf.get(i)[1].equals("$INSUNITS")) {
                assertThat(dxf.get(i + 1)).containsExactly("70", "4");
            }
        }
        List<String> handles = dxf.stream().filter(pair -> pair[0].equals("5") || pair[0].equals("105"))
                .map(pair -> pair[1]).toList();
        assertThat(handles.subList(1, handles.size())).doesNotHaveDuplicates().hasSizeGreaterThan(200);
    }

    @Test
    void dxf_fractionsAreWrittenInLine() {
        Page page = Drawings.find(context(Showing.SIXTY_FOURTHS), "rod:apron-front").orElseThrow().atScale(1);
        assertThat(values(dxf(DxfPen.toBytes(page)), "TEXT", "derived", "1"))
                .anyMatch(text -> text.matches("\\d+ \\d+/\\d+"));
    }

    /** What a typeface lacks does not keep a paper from being made. */
    @Test
    void pdf_charactersThatTheTypefaceLacks_areQuestionMarks() throws IOException {
        Page page = new Page(100, 20, List.of(Page.Group.onPaper(5, 10,
                List.of(new Mark.Text(Vector2D.ZERO,
                        "table \u684c", 4, false, Mark.Align.LEFT,
                        Meaning.TEXT)))));
        try (PDDocument document = Loader.loadPDF(PdfPen.toBytes("", List.of(page)))) {
            assertThat(new PDFTextStripper().getText(document)).contains("table ?");
        }
    }
}
