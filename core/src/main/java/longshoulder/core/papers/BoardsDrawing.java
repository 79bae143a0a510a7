package longshoulder.core.papers;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import longshoulder.core.boards.BoardPlan;
import longshoulder.core.boards.SawnBoard;
import longshoulder.core.drawing.Area;
import longshoulder.core.drawing.BoardDrawing;
import longshoulder.core.drawing.Drawing;
import longshoulder.core.drawing.Mark;
import longshoulder.core.drawing.Meaning;
import longshoulder.core.drawing.Page;
import longshoulder.core.drawing.TextMeasure;
import longshoulder.core.reckoning.Label;
import longshoulder.core.supply.Supply;
import longshoulder.core.words.Words;
import org.apache.commons.geometry.euclidean.twod.Vector2D;

/** All boards of a board plan under each other, each with its cuts in their order. */
public final class BoardsDrawing implements Drawing {

    private static final double EDGE = 6;
    private static final double HEADING = 4;
    private static final double TEXT = 3;
    private static final double LINE = 4.2;
    private static final double BETWEEN = 5;
    /** A line of cuts is no narrower, however small the boards are drawn. */
    private static final double LEAST = 150;

    private final Words words;
    private final TextMeasure measure;
    private final List<SawnBoard> boards;
    private final Function<SawnBoard.Part, String> marks;
    private final int first;

    /** All boards of a plan, those that are sawn already first. */
    public BoardsDrawing(Words words, TextMeasure measure, Supply supply, BoardPlan plan) {
        this(words, measure, Stream.concat(supply.sawn().stream(), plan.boards().stream()).toList(),
                part -> String.join(" ", supply.marks(part)), 1);
    }

    /**
     * Some boards.
     *
     * @param marks what is written on a piece
     * @param first number of the first board
     */
    public BoardsDrawing(Words words, TextMeasure measure, List<SawnBoard> boards,
            Function<SawnBoard.Part, String> marks, int first) {
        this.words = words;
        this.measure = measure;
        this.boards = List.copyOf(boards);
        this.marks = marks;
        this.first = first;
    }

    private BoardDrawing drawing(SawnBoard board) {
        return new BoardDrawing(board, new BoardDrawing.Named(words, measure, board.pieces().stream()
                .collect(Collectors.toMap(SawnBoard.Part::id, marks)), Set.of(), Set.of(), Set.of(), -1));
    }

    @Override
    public double largestScale(double width, double height) {
        double texts = boards.stream().mapToDouble(board -> textHeight(board, width - 2 * EDGE)).sum();
        double wide = boards.stream().mapToDouble(board -> drawing(board).largestScale(width - 2 * EDGE, 1e6)).min()
                .orElse(1);
        double all = boards.stream().mapToDouble(board -> board.stock().width().toMillimetres()).sum();
        double margins = boards.stream().mapToDouble(board -> drawing(board).leastPage(1e-9).height()).sum();
        return Math.max(1e-4, Math.min(wide, (height - 2 * EDGE - texts - margins) / Math.max(1, all)));
    }

    private double textHeight(SawnBoard board, double width) {
        return HEADING + LINE * lines(board, width).size() + BETWEEN;
    }

    @Override
    public Area leastPage(double scale) {
        double width = boards.stream().mapToDouble(board -> drawing(board).leastPage(scale).width()).max().orElse(0);
        double room = Math.max(LEAST, width);
        double height = boards.stream()
                .mapToDouble(board -> drawing(board).leastPage(scale).height() + textHeight(board, room)).sum();
        return new Area(0, 0, room + 2 * EDGE, height + 2 * EDGE);
    }

    @Override
    public Page page(double width, double height, double scale) {
        List<Page.Group> groups = new ArrayList<>();
        double y = EDGE;
        for (int i = 0; i < boards.size(); i++) {
            SawnBoard board = boards.get(i);
            y += HEADING;
            groups.add(text(heading(first + i, board), y, true));
            Area area = drawing(board).leastPage(scale);
            groups.addAll(drawing(board).page(area.width(), area.height(), scale).shifted(EDGE, y + 1));
            y += area.height() + 1;
            for (String line : lines(board, width - 2 * EDGE)) {
                y += LINE;
                groups.add(text(line, y, false));
            }
            y += BETWEEN - 1;
        }
        return new Page(width, height, groups);
    }

    private static Page.Group text(String text, double y, boolean bold) {
        return Page.Group.onPaper(EDGE, y, List.of(new Mark.Text(Vector2D.ZERO, text, bold ? HEADING - 0.4 : TEXT,
                bold, Mark.Align.LEFT, Meaning.TEXT)));
    }

    private String heading(int number, SawnBoard board) {
        return words.say(Label.of("paper.board", number, board.stock().length(), board.stock().width(),
                board.stock().thickness())) + ", " + words.wood(board.stock().wood()) + " (" + board.stock().id() + ")";
    }

    /** The cuts one behind the other, so many in a line as have room. */
    private List<String> lines(SawnBoard board, double width) {
        List<String> lines = new ArrayList<>();
        StringBuilder line = new StringBuilder();
        for (int i = 0; i < board.cuts().size(); i++) {
            String cut = cut(i + 1, board.cuts().get(i), board);
            if (!line.isEmpty() && measure.width(line + "   " + cut, TEXT, false) > width) {
                lines.add(line.toString());
                line.setLength(0);
            }
            line.append(line.isEmpty() ? "" : "   ").append(cut);
        }
        if (!line.isEmpty()) {
            lines.add(line.toString());
        }
        return lines;
    }

    private String cut(int number, SawnBoard.Cut cut, SawnBoard board) {
        String frees = board.pieces().stream()
                .filter(piece -> piece.id().equals(cut.first()) || piece.id().equals(cut.second())).map(marks)
                .collect(Collectors.joining(", "));
        return number + " " + words.text("cut." + cut.kind().id()) + " " + words.figure(cut.at())
                + (frees.isEmpty() ? "" : " \u2192 " + frees);
    }
}
