package longshoulder.files;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import longshoulder.core.drawing.Mark;
import longshoulder.core.drawing.Meaning;
import longshoulder.core.drawing.Page;
import longshoulder.core.papers.LabelPages;
import longshoulder.core.papers.PieceLabel;
import org.apache.commons.geometry.euclidean.twod.Vector2D;

/** The lines that a printer of labels takes, as {@link LabelPrinter} tells. */
final class LabelScript {

    static final String PRINT = "PRINT";
    static final int LONGEST_LINE = 300;

    private static final double WIDTH = 62;
    private static final double HEIGHT = 29;
    private static final double LARGEST = 300;
    private static final int MOST_MARKS = 50;
    private static final String NUMBER = "([0-9]{1,3}(?:\\.[0-9]{1,3})?)";
    private static final Pattern LABEL = Pattern.compile("LABEL " + NUMBER + " " + NUMBER);
    private static final Pattern TEXT = Pattern
            .compile("TEXT " + NUMBER + " " + NUMBER + " " + NUMBER + " (bold|plain) (.+)");
    private static final Pattern CODE = Pattern.compile("CODE " + NUMBER + " " + NUMBER + " " + NUMBER + " (.+)");

    private double width;
    private double height;
    private final List<Mark> marks = new ArrayList<>();
    private final List<String> texts = new ArrayList<>();

    /** A label that was read. */
    record Read(Page page, List<String> texts) {}

    /** A line that says nothing a printer knows. */
    static final class Refused extends Exception {
        private static final long serialVersionUID = 1;

        Refused(String reason) {
            super(reason);
        }
    }

    /** The lines of one label. */
    static List<String> lines(PieceLabel label) {
        LabelPages pages = new LabelPages(PaperTypeface.SHIPPED, LabelsPdf::code);
        List<String> lines = new ArrayList<>();
        lines.add(String.format(Locale.ROOT, "LABEL %.3f %.3f", WIDTH, HEIGHT));
        for (Mark mark : pages.texts(label, WIDTH, HEIGHT)) {
            if (mark instanceof Mark.Text text) {
                lines.add(String.format(Locale.ROOT, "TEXT %.3f %.3f %.3f %s %s", text.at().getX(), -text.at().getY(),
                        text.size(), text.bold() ? "bold" : "plain", text.text()));
            }
        }
        double side = LabelPages.codeSide(HEIGHT);
        lines.add(String.format(Locale.ROOT, "CODE %.3f %.3f %.3f %s", LabelPages.codeLeft(WIDTH, HEIGHT),
                HEIGHT / 2 - side / 2, side, label.code()));
        lines.add(PRINT);
        return lines;
    }

    /** Takes one more line. @return the label once it is to be printed */
    Optional<Read> take(String line) throws Refused {
        if (line.length() > LONGEST_LINE || marks.size() > 10_000 || texts.size() > MOST_MARKS) {
            throw new Refused("too much for one label");
        }
        Matcher label = LABEL.matcher(line);
        Matcher text = TEXT.matcher(line);
        Matcher code = CODE.matcher(line);
        if (label.matches()) {
            begin(number(label, 1), number(label, 2));
        } else if (width == 0) {
            throw new Refused("a label begins with LABEL");
        } else if (text.matches()) {
            texts.add(text.group(5));
            marks.add(new Mark.Text(Vector2D.of(number(text, 1), -number(text, 2)), text.group(5), number(text, 3),
                    text.group(4).equals("bold"), Mark.Align.LEFT, Meaning.TEXT));
        } else if (code.matches()) {
            marks.addAll(LabelPages.squares(LabelsPdf.code(code.group(4)), number(code, 1), number(code, 2),
                    number(code, 3)));
        } else if (line.equals(PRINT)) {
            return Optional.of(end());
        } else {
            throw new Refused("unknown line \"%s\"".formatted(line.substring(0, Math.min(40, line.length()))));
        }
        return Optional.empty();
    }

    private void begin(double labelWidth, double labelHeight) throws Refused {
        if (!(labelWidth > 0 && labelHeight > 0 && labelWidth <= LARGEST && labelHeight <= LARGEST)) {
            throw new Refused("no such size of label");
        }
        width = labelWidth;
        height = labelHeight;
        marks.clear();
        texts.clear();
    }

    private Read end() {
        Read read = new Read(new Page(width, height, List.of(Page.Group.onPaper(0, 0, List.copyOf(marks)))),
                List.copyOf(texts));
        width = 0;
        marks.clear();
        texts.clear();
        return read;
    }

    private static double number(Matcher line, int group) {
        return Double.parseDouble(line.group(group));
    }
}
