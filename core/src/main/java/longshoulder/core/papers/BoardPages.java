package longshoulder.core.papers;

import java.util.List;
import java.util.function.Function;
import longshoulder.core.boards.SawnBoard;
import longshoulder.core.drawing.Area;
import longshoulder.core.drawing.Page;
import longshoulder.core.drawing.Paper;
import longshoulder.core.drawing.TextMeasure;
import longshoulder.core.words.Words;

/** Boards with their cuts on pages of a paper, all at one scale. */
public final class BoardPages {

    /** So much room that only the width decides the scale. */
    private static final double LARGEST = 1e6;

    private final Words words;
    private final TextMeasure measure;
    private final Function<SawnBoard.Part, String> marks;

    /** @param marks what is written on a piece */
    public BoardPages(Words words, TextMeasure measure, Function<SawnBoard.Part, String> marks) {
        this.words = words;
        this.measure = measure;
        this.marks = marks;
    }

    /** Pages of their own. */
    public List<Page> pages(List<SawnBoard> boards, Paper paper, Stamp stamp) {
        PaperFlow flow = new PaperFlow(words, measure, paper);
        lay(boards, flow);
        return flow.pages(stamp);
    }

    void lay(List<SawnBoard> boards, PaperFlow flow) {
        flow.heading(words.text("paper.boards"));
        double width = flow.left().width();
        double scale = new BoardsDrawing(words, measure, boards, marks, 1).largestScale(width, LARGEST);
        for (int i = 0; i < boards.size(); i++) {
            BoardsDrawing one = new BoardsDrawing(words, measure, List.of(boards.get(i)), marks, i + 1);
            Area room = flow.take(one.leastPage(scale).height());
            flow.draw(one.page(room.width(), room.height(), scale), room);
        }
    }
}
