package longshoulder.core.papers;

import java.util.List;
import java.util.stream.Collectors;
import longshoulder.core.cutlist.CutLine;
import longshoulder.core.cutlist.CutList;
import longshoulder.core.drawing.Area;
import longshoulder.core.drawing.DrawingContext;
import longshoulder.core.drawing.Mark;
import longshoulder.core.drawing.Meaning;
import longshoulder.core.plan.Copies;
import longshoulder.core.reckoning.Amount;
import longshoulder.core.reckoning.Label;
import longshoulder.core.words.MarkRanges;
import longshoulder.core.words.Words;

/** The cut list as a table: a row for pieces that are the same, a box to tick for each piece and each step of the work. */
final class CutListTable {

    private static final double ROW = 8;
    private static final double BOX = 4.2;
    private static final double NUMBER = 8;
    private static final double PIECE = 18;
    private static final double MARKS = 44;
    private static final double WOODS = 28;
    private static final double FIGURE = 15;
    private static final double BETWEEN = 4;
    private static final double TICK = 11;
    private static final List<String> STEPS = List.of("rough", "milled", "length", "jointed", "fitted", "glued");
    private static final double HEAD = 3;

    private final Words words;
    private final PaperFlow flow;
    private final List<Copies> all;
    /** Where columns begin, from the left. */
    private final double ticks;
    private final double rough;
    private final double finished;
    private final double wood;

    CutListTable(DrawingContext context, PaperFlow flow) {
        words = context.words();
        this.flow = flow;
        all = Copies.of(context.plan());
        ticks = flow.left().width() - STEPS.size() * TICK;
        rough = ticks - 3 * FIGURE - BETWEEN;
        finished = rough - 3 * FIGURE - BETWEEN;
        wood = finished - WOODS;
    }

    void lay() {
        for (Copies copies : all) {
            flow.newPage();
            head(copies);
            for (CutLine line : CutList.of(copies.plan()).lines()) {
                List<String> marks = marks(line);
                double high = ROW + PaperFlow.LINE * (marks.size() - 1);
                if (flow.makeRoom(high)) {
                    head(copies);
                }
                row(line, copies.numbers().size(), marks, flow.take(high));
            }
        }
    }

    private void head(Copies copies) {
        boolean several = all.size() > 1 || copies.numbers().size() > 1;
        flow.heading(words.text("paper.cutlist") + (several
                ? ", " + words.text("paper.copies") + " " + told(copies.numbers())
                : ""));
        Area room = flow.take(2 * PaperFlow.LINE);
        double first = room.top() + HEAD;
        double second = first + PaperFlow.LINE;
        group("paper.finished", room.left() + finished, first);
        group("paper.rough", room.left() + rough, first);
        for (String[] column : new String[][]{{"paper.number", "0"}, {"paper.piece", String.valueOf(PIECE)},
                {"paper.marks", String.valueOf(MARKS)}, {"paper.wood", String.valueOf(wood)}}) {
            caption(words.text(column[0]), room.left() + Double.parseDouble(column[1]), second, Mark.Align.LEFT);
        }
        for (double start : new double[]{finished, rough}) {
            int i = 0;
            for (String size : List.of("paper.long", "paper.wide", "paper.thick")) {
                caption(words.text(size), room.left() + start + FIGURE * ++i - 2, second, Mark.Align.RIGHT);
            }
        }
        for (int i = 0; i < STEPS.size(); i++) {
            caption(words.text("paper.tick." + STEPS.get(i)), room.left() + ticks + i * TICK, second, Mark.Align.LEFT);
        }
        flow.rule(room.left(), room.right(), room.bottom() - 0.5);
    }

    private static String told(List<Integer> numbers) {
        return numbers.stream().map(String::valueOf).collect(Collectors.joining(", "));
    }

    private void group(String key, double x, double y) {
        caption(words.text(key), x + 1.5 * FIGURE, y, Mark.Align.MIDDLE);
    }

    private void caption(String text, double x, double y, Mark.Align align) {
        flow.text(text, x, y, HEAD, false, align, Meaning.CAPTION);
    }

    private List<String> marks(CutLine line) {
        String mirror = line.mirrorOf().map(other -> ", " + words.text("paper.mirror") + " " + other).orElse("");
        String trimmed = line.isTrimmed()
                ? ", " + words.say(Label.of("paper.cutTo", line.cutTo().value()))
                : "";
        return flow.lines(MarkRanges.told(line.marks()).replace('\u00a0', ' ') + mirror + trimmed, wood - MARKS - 2,
                false);
    }

    /** @param copies that are made alike */
    private void row(CutLine line, int copies, List<String> marks, Area room) {
        double y = room.top() + ROW / 2 + PaperFlow.TEXT / 3;
        double x = room.left();
        text(String.valueOf(line.number()), x, y, true);
        text(line.count() * copies + " \u00d7", x + NUMBER, y, false);
        text(shortened(words.text(line.what()), MARKS - PIECE), x + PIECE, y, true);
        for (int i = 0; i < marks.size(); i++) {
            text(marks.get(i), x + MARKS, y + i * PaperFlow.LINE, false);
        }
        text(shortened(words.wood(line.wood()), WOODS), x + wood, y, false);
        sizes(line.finished(), x + finished, y, true);
        sizes(line.rough(), x + rough, y, false);
        for (int i = 0; i < STEPS.size(); i++) {
            flow.box(x + ticks + i * TICK, room.top() + (ROW - BOX) / 2, BOX, BOX);
        }
        flow.rule(room.left(), room.right(), room.bottom());
    }

    private String shortened(String text, double room) {
        List<String> lines = flow.lines(text, room - 2, true);
        return lines.size() > 1 ? lines.getFirst() + " \u2026" : text;
    }

    private void text(String text, double x, double y, boolean bold) {
        flow.text(text, x, y, PaperFlow.TEXT, bold, Mark.Align.LEFT, Meaning.TEXT);
    }

    private void sizes(CutLine.Size size, double x, double y, boolean bold) {
        int i = 0;
        for (Amount amount : List.of(size.length(), size.width(), size.thickness())) {
            flow.text(words.figure(amount.value()), x + FIGURE * ++i - 2, y, PaperFlow.TEXT, bold, Mark.Align.RIGHT,
                    Meaning.TEXT);
        }
    }
}
