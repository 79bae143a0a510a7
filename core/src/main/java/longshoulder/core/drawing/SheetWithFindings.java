package longshoulder.core.drawing;

import java.util.ArrayList;
import java.util.List;
import longshoulder.core.finding.Finding;
import longshoulder.core.words.Words;
import org.apache.commons.geometry.euclidean.twod.Vector2D;

/** The sheet of all views, and under it the list of findings that explains the numbers on it. For a sheet that stands alone. */
public final class SheetWithFindings implements Drawing {

    private static final double TEXT = 3;
    private static final double LINE = 4.4;
    private static final double SYMBOL = 7;
    /** Between the views and the list. */
    private static final double GAP = 4;
    /** A list beside views that are narrower than this at their scale widens the page. */
    private static final double LEAST_WIDTH = 120;

    private final DrawingContext context;
    private final Drawing sheet;

    public SheetWithFindings(DrawingContext context, PictorialLook look) {
        this.context = context;
        sheet = new SheetDrawing(context, look);
    }

    /** What a finding says, with the name of what it is about unless the message has it. */
    public static String sentence(Words words, Finding finding) {
        String message = words.say(finding) + ".";
        return finding.about().stream().findFirst().map(words::name).filter(name -> !message.contains(name))
                .map(name -> Words.capital(name) + ": ").orElse("") + message;
    }

    private List<Finding> findings() {
        return context.plan().findings();
    }

    private List<String> lines(Finding finding, double width) {
        return context.measure().lines(sentence(context.words(), finding), TEXT, false, width - SYMBOL);
    }

    /** How high the list is on a page so wide. */
    private double list(double width) {
        int lines = findings().stream().mapToInt(finding -> lines(finding, width).size()).sum();
        return findings().isEmpty() ? 0 : GAP + findings().size() * GAP / 2 + lines * LINE;
    }

    @Override
    public double largestScale(double width, double height) {
        return sheet.largestScale(width, Math.max(1, height - list(width)));
    }

    @Override
    public Area leastPage(double scale) {
        Area views = sheet.leastPage(scale);
        double width = findings().isEmpty() ? views.width() : Math.max(LEAST_WIDTH, views.width());
        return new Area(0, 0, width, views.height() + list(width));
    }

    @Override
    public Page page(double width, double height, double scale) {
        double top = height - list(width);
        List<Page.Group> groups = new ArrayList<>(sheet.page(width, top, scale).groups());
        double y = top + GAP;
        for (int i = 0; i < findings().size(); i++) {
            Finding finding = findings().get(i);
            groups.add(Page.Group.onPaper(SYMBOL / 2, y + LINE / 2,
                    List.of(new Mark.FindingSymbol(Vector2D.ZERO, finding.level(), String.valueOf(i + 1)))));
            for (String line : lines(finding, width)) {
                groups.add(DrawingContext.text(line, SYMBOL, y + (LINE + TEXT) / 2 - 0.4, TEXT, false, Mark.Align.LEFT,
                        Meaning.TEXT));
                y += LINE;
            }
            y += GAP / 2;
        }
        return new Page(width, height, groups);
    }
}
