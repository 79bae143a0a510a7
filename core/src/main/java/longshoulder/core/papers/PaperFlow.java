package longshoulder.core.papers;

import java.util.ArrayList;
import java.util.List;
import longshoulder.core.drawing.Area;
import longshoulder.core.drawing.Drawing;
import longshoulder.core.drawing.DrawingContext;
import longshoulder.core.drawing.Mark;
import longshoulder.core.drawing.Meaning;
import longshoulder.core.drawing.Page;
import longshoulder.core.drawing.Paper;
import longshoulder.core.drawing.TextMeasure;
import longshoulder.core.words.Words;
import org.apache.commons.geometry.euclidean.twod.Vector2D;

/** Fills pages from top to bottom; what has no room on one goes to the next. All in millimetres of paper. */
final class PaperFlow {

    static final double TEXT = 3.6;
    static final double LINE = 5.2;

    private static final double HEADING = 5.6;
    private static final double HEADING_ROOM = 10;
    private static final double STAMP = 3;
    private static final double STAMP_ROOM = 9;

    private final Words words;
    private final TextMeasure measure;
    private final double width;
    private final double height;
    private final List<List<Page.Group>> pages = new ArrayList<>();
    private List<Page.Group> now = new ArrayList<>();
    private Area left;

    /** Pages that lie across. */
    PaperFlow(DrawingContext context, Paper paper) {
        this(context.words(), context.measure(), paper);
    }

    /** The same. */
    PaperFlow(Words words, TextMeasure measure, Paper paper) {
        this.words = words;
        this.measure = measure;
        width = paper.longSide();
        height = paper.shortSide();
        left = whole();
        pages.add(now);
    }

    private Area whole() {
        return new Area(0, 0, width, height).inset(Paper.MARGIN, Paper.MARGIN + STAMP_ROOM, Paper.MARGIN,
                Paper.MARGIN);
    }

    /** What is left of the page that is being filled. */
    Area left() {
        return left;
    }

    /** Begins a page, unless one was just begun. */
    void newPage() {
        if (!now.isEmpty()) {
            now = new ArrayList<>();
            pages.add(now);
        }
        left = whole();
    }

    /** Begins a page if there is no room so high on this one. */
    boolean makeRoom(double room) {
        boolean full = left.height() < room;
        if (full) {
            newPage();
        }
        return full;
    }

    /** Takes up room at the top of what is left, on the next page if this one has no more. */
    Area take(double room) {
        makeRoom(room);
        Area taken = new Area(left.left(), left.top(), left.width(), Math.min(room, left.height()));
        left = left.inset(0, taken.height(), 0, 0);
        return taken;
    }

    void heading(String text) {
        Area room = take(HEADING_ROOM);
        text(text, room.left(), room.top() + HEADING, HEADING, true, Mark.Align.LEFT, Meaning.TEXT);
    }

    void text(String text, double x, double y, double size, boolean bold, Mark.Align align, Meaning meaning) {
        now.add(Page.Group.onPaper(x, y, List.of(new Mark.Text(Vector2D.ZERO, text, size, bold, align, meaning))));
    }

    /** A rectangle, such as a box to be ticked. */
    void box(double x, double y, double wide, double high) {
        now.add(Page.Group.onPaper(x, y, List.of(Mark.Polyline.rectangle(0, 0, wide, -high, Meaning.TEXT))));
    }

    /** A thin level line. */
    void rule(double fromX, double toX, double y) {
        now.add(Page.Group.onPaper(fromX, y,
                List.of(new Mark.Line(Vector2D.ZERO, Vector2D.of(toX - fromX, 0), Meaning.PENCIL_LINE))));
    }

    void add(Page.Group group) {
        now.add(group);
    }

    /** Text over as many lines as it needs, from the left of what is left. */
    void paragraph(String text, double indent, boolean bold) {
        for (String line : lines(text, left.width() - indent, bold)) {
            Area room = take(LINE);
            text(line, room.left() + indent, room.top() + TEXT, TEXT, bold, Mark.Align.LEFT, Meaning.TEXT);
        }
    }

    /** Breaks a text into lines no wider than so. */
    List<String> lines(String text, double widest, boolean bold) {
        return measure.lines(text, TEXT, bold, widest);
    }

    /** A drawing as large as it can be in a room so high over the whole width. */
    void drawing(Drawing drawing, double room) {
        Area area = take(room);
        draw(drawing.fitted(area.width(), area.height()), area);
    }

    /** A page of its own laid into an area. */
    void draw(Page page, Area area) {
        now.addAll(page.shifted(area.left(), area.top()));
    }

    /** All pages, each with its stamp and number. */
    List<Page> pages(Stamp stamp) {
        List<Page> all = new ArrayList<>();
        for (List<Page.Group> groups : pages) {
            List<Page.Group> stamped = new ArrayList<>(groups);
            stamped.addAll(stamp(stamp, all.size() + 1));
            all.add(new Page(width, height, stamped));
        }
        return all;
    }

    private List<Page.Group> stamp(Stamp stamp, int number) {
        double line = Paper.MARGIN + STAMP;
        String right = words.text("paper.revision") + " " + stamp.revision() + "   " + stamp.date() + "   "
                + number + " / " + pages.size();
        return List.of(
                Page.Group.onPaper(Paper.MARGIN, line, List.of(new Mark.Text(Vector2D.ZERO, stamp.title(), STAMP, true,
                        Mark.Align.LEFT, Meaning.CAPTION))),
                Page.Group.onPaper(width - Paper.MARGIN, line,
                        List.of(new Mark.Text(Vector2D.ZERO, right, STAMP, false, Mark.Align.RIGHT, Meaning.CAPTION))),
                Page.Group.onPaper(Paper.MARGIN, line + STAMP / 2, List.of(new Mark.Line(Vector2D.ZERO,
                        Vector2D.of(width - 2 * Paper.MARGIN, 0), Meaning.PENCIL_LINE))));
    }
}
