package longshoulder.files;

import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;
import java.util.function.DoubleConsumer;
import java.util.concurrent.TimeUnit;
import longshoulder.core.boards.Goal;
import longshoulder.core.boards.Search;
import longshoulder.core.drawing.DrawingContext;
import longshoulder.core.drawing.Paper;
import longshoulder.core.papers.ShopPaper;
import longshoulder.core.papers.Stamp;
import longshoulder.core.plan.Plan;
import longshoulder.core.project.Project;
import longshoulder.core.words.Words;

/** The shop paper of a plan as PDF. */
public final class ShopPaperPdf {

    /** So long boards are usually looked for, in seconds: the window looks as long. */
    public static final double USUAL_SECONDS = 5;

    private static final int MARK = 6;

    private ShopPaperPdf() {}

    /**
     * The whole paper.
     *
     * @param date on which it is made, as it is to be shown
     * @param seconds how long boards are looked for at most; none for a first plan
     * @param progress is told how much is done, from 0 to 1
     */
    public static byte[] toBytes(Plan plan, Words words, Paper paper, String date, double seconds,
            DoubleConsumer progress) {
        long end = System.nanoTime() + (long) (seconds * TimeUnit.SECONDS.toNanos(1));
        Search search = Search.usual(Goal.COST, () -> System.nanoTime() - end >= 0);
        DrawingContext context = new DrawingContext(plan, words, PaperTypeface.SHIPPED);
        Project project = plan.project();
        String title = project.title().isEmpty() ? words.text("kind." + project.brief().kind()) : project.title();
        return PdfPen.toBytes(title,
                ShopPaper.pages(context, paper, new Stamp(title, revision(project), date), search, progress));
    }

    /** A short mark of a design, six hexadecimal digits: two designs with the same one are the same, but for one in 16 million. */
    public static String revision(Project project) {
        try {
            byte[] hash = MessageDigest.getInstance("SHA-256").digest(DesignFile.toBytes(project));
            return HexFormat.of().formatHex(hash).substring(0, MARK);
        } catch (NoSuchAlgorithmException missing) {
            throw new IllegalStateException("Every Java has SHA-256.", missing);
        }
    }
}
