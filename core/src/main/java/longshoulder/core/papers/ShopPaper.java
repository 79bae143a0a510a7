package longshoulder.core.papers;

import java.util.List;
import java.util.Optional;
import java.util.function.DoubleConsumer;
import java.util.stream.Stream;
import longshoulder.core.brief.HouseRules;
import longshoulder.core.boards.BoardPlan;
import longshoulder.core.boards.SawnBoard;
import longshoulder.core.boards.Search;
import longshoulder.core.supply.BuyingList;
import longshoulder.core.supply.Supply;
import longshoulder.core.cutlist.CutLine;
import longshoulder.core.cutlist.CutList;
import longshoulder.core.drawing.Area;
import longshoulder.core.drawing.DrawingContext;
import longshoulder.core.drawing.JointDrawing;
import longshoulder.core.drawing.LengthsDrawing;
import longshoulder.core.drawing.Mark;
import longshoulder.core.drawing.Meaning;
import longshoulder.core.drawing.Page;
import longshoulder.core.drawing.Paper;
import longshoulder.core.drawing.PictorialLook;
import longshoulder.core.drawing.RodDrawing;
import longshoulder.core.drawing.SheetDrawing;
import longshoulder.core.marking.Rod;
import longshoulder.core.measure.Length;
import longshoulder.core.plan.PlannedPiece;
import longshoulder.core.plan.Spans;
import longshoulder.core.words.MarkRanges;
import longshoulder.core.words.Words;

/**
 * The paper that a maker takes to the bench: a cover, the cut list with boxes to tick, boards with their cuts, what has to be bought, all views, the joints in section, angles and saw
 * settings, and the rods. Pages lie across, since furniture and rods are longer than they are high.
 */
public final class ShopPaper {

    private static final double ROD = 43;
    private static final double LENGTHS_ROW = 9.5;
    private static final double LENGTHS_OTHER = 13;
    private static final double LENGTHS_BETWEEN = 3;

    private final DrawingContext context;
    private final Words words;
    private final PaperFlow flow;
    private final Search search;

    private ShopPaper(DrawingContext context, Paper paper, Search search) {
        this.context = context;
        this.search = search;
        words = context.words();
        flow = new PaperFlow(context, paper);
    }

    /**
     * All its pages.
     *
     * @param search of the board plan
     * @param progress is told how much is done, from 0 to 1
     */
    public static List<Page> pages(DrawingContext context, Paper paper, Stamp stamp, Search search,
            DoubleConsumer progress) {
        ShopPaper made = new ShopPaper(context, paper, search);
        List<Runnable> parts = List.of(new Cover(context, made.flow)::lay, new CutListTable(context, made.flow)::lay,
                made::boards, made::views, made::joints, made::lengths, made::angles, made::rods);
        for (int i = 0; i < parts.size(); i++) {
            parts.get(i).run();
            progress.accept((i + 1.0) / parts.size());
        }
        return made.flow.pages(stamp);
    }

    /** Boards with their cuts, those that are sawn first, and what has to be bought. */
    private void boards() {
        Supply supply = Supply.of(List.of(context.plan()));
        BoardPlan plan = supply.plan(search);
        List<SawnBoard> boards = Stream.concat(supply.sawn().stream(), plan.boards().stream()).toList();
        flow.newPage();
        if (!boards.isEmpty()) {
            new BoardPages(words, context.measure(), part -> String.join(" ", supply.marks(part))).lay(boards, flow);
        }
        new BuyingPaper(words, flow).lay(BuyingList.of(List.of(context.plan()), plan), plan.missing(), supply);
    }

    private void views() {
        flow.newPage();
        flow.drawing(new SheetDrawing(context, PictorialLook.FIRST), flow.left().height());
    }

    /** Those that are made alike once, two on a page. */
    private void joints() {
        List<AlikeJoints> all = AlikeJoints.of(context.plan());
        for (int i = 0; i < all.size(); i++) {
            if (i % 2 == 0) {
                flow.newPage();
            }
            Area room = flow.take(flow.left().height() / (i % 2 == 0 ? 2 : 1));
            String others = all.get(i).others(words);
            Area drawn = others.isEmpty() ? room : room.inset(0, 0, 0, PaperFlow.LINE * 2);
            flow.draw(new JointDrawing(context, all.get(i).first()).fitted(drawn.width(), drawn.height()), drawn);
            if (!others.isEmpty()) {
                List<String> lines = flow.lines(others, room.width() - 8, false);
                for (int line = 0; line < Math.min(2, lines.size()); line++) {
                    flow.text(lines.get(line), room.left() + 4, drawn.bottom() + PaperFlow.LINE * (line + 0.5),
                            PaperFlow.TEXT, false, Mark.Align.LEFT,
                            Meaning.TEXT);
                }
            }
        }
    }

    /** As many spans on a page as have room. */
    private void lengths() {
        List<List<PlannedPiece>> spans = Spans.of(context.plan());
        int from = 0;
        while (from < spans.size()) {
            flow.newPage();
            flow.heading(words.text("paper.lengths"));
            double room = flow.left().height() - LENGTHS_OTHER;
            int to = from;
            double used = 0;
            while (to < spans.size()
                    && (to == from || used + rows(spans.get(to)) <= room)) {
                used += rows(spans.get(to++));
            }
            flow.drawing(new LengthsDrawing(context, spans.subList(from, to)), used + LENGTHS_OTHER);
            from = to;
        }
    }

    private static double rows(List<PlannedPiece> span) {
        return span.size() * LENGTHS_ROW + LENGTHS_BETWEEN;
    }

    /** How the tools are set for each end that leans. */
    private void angles() {
        Length run = context.plan().project().brief().length(HouseRules.FENCE_RUN);
        boolean begun = false;
        for (PlannedPiece piece : context.plan().pieces()) {
            List<String> sentences = Stream.of(piece.start(), piece.finish())
                    .flatMap(cut -> words.say(cut, run).stream()).distinct().toList();
            if (sentences.isEmpty()) {
                continue;
            }
            if (!begun) {
                flow.makeRoom(PaperFlow.LINE * (sentences.size() + 5));
                flow.heading(words.text("paper.angles"));
                begun = true;
            }
            flow.makeRoom(PaperFlow.LINE * (sentences.size() + 2));
            flow.paragraph(piece.piece().mark() + "  " + words.name(piece.id()), 0, true);
            sentences.forEach(sentence -> flow.paragraph(sentence, 6, false));
            flow.take(PaperFlow.LINE / 2);
        }
    }

    /** One for pieces that are the same. */
    private void rods() {
        flow.newPage();
        flow.heading(words.text("paper.rods"));
        for (CutLine line : CutList.of(context.plan()).lines()) {
            String piece = line.pieces().getFirst();
            if (line.kind() == CutLine.Kind.PIECE && hasMarks(piece)) {
                List<String> shape = context.plan().frame().featuresOf(piece).stream().map(words::say).toList();
                flow.makeRoom(ROD + PaperFlow.LINE * (2 + shape.size()));
                Area room = flow.take(ROD + (line.count() > 1 ? PaperFlow.LINE : 0));
                flow.draw(new RodDrawing(context, piece).filling(room.width(), ROD), room);
                others(line).ifPresent(others -> flow.text(others, room.left() + 4, room.top() + ROD + PaperFlow.TEXT,
                        PaperFlow.TEXT, false, Mark.Align.LEFT,
                        Meaning.TEXT));
                flow.take(PaperFlow.LINE / 2);
                shape.forEach(sentence -> flow.paragraph(sentence, 4, false));
            }
        }
    }

    /** A piece without shoulders and mortises, such as a panel, is cut to its length and needs no rod. */
    private boolean hasMarks(String piece) {
        return !context.plan().piece(piece).cutShape().isNothing()
                && Rod.of(context.plan(), piece).marks().stream().anyMatch(mark -> mark.kind() != Rod.Kind.END);
    }

    private Optional<String> others(CutLine line) {
        return line.count() < 2
                ? Optional.empty()
                : Optional
                        .of(words.text("paper.same") + " " + MarkRanges.told(line.marks().subList(1, line.count())));
    }
}
