package longshoulder.files;

import java.util.List;
import java.util.function.Function;
import longshoulder.core.boards.SawnBoard;
import longshoulder.core.drawing.Paper;
import longshoulder.core.papers.BoardPages;
import longshoulder.core.papers.Stamp;
import longshoulder.core.words.Words;

/** Boards with their cuts as PDF. */
public final class BoardsPdf {

    private BoardsPdf() {}

    /**
     * All of them on pages.
     *
     * @param marks what is written on a piece
     */
    public static byte[] toBytes(List<SawnBoard> boards, Function<SawnBoard.Part, String> marks, Words words,
            Paper paper, Stamp stamp) {
        return PdfPen.toBytes(stamp.title(),
                new BoardPages(words, PaperTypeface.SHIPPED, marks).pages(boards, paper, stamp));
    }
}
