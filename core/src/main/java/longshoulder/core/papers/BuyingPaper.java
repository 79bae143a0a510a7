package longshoulder.core.papers;

import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import longshoulder.core.boards.BoardPlan;
import longshoulder.core.boards.Stock;
import longshoulder.core.cutlist.CutLine;
import longshoulder.core.drawing.Area;
import longshoulder.core.drawing.Mark;
import longshoulder.core.drawing.Meaning;
import longshoulder.core.supply.BuyingList;
import longshoulder.core.supply.Supply;
import longshoulder.core.words.Words;

/** What has to be bought, with a box to tick for each line; before it what has no board at all. */
final class BuyingPaper {

    private static final double ROW = 6;
    private static final double BOX = 3.6;
    private static final double COUNT = 8;
    private static final double WOOD = 24;
    private static final double SIZE = 74;
    private static final double VOLUME = 150;
    private static final double FEET = 180;
    private static final double WEIGHT = 206;
    private static final double PRICE = 234;

    private final Words words;
    private final PaperFlow flow;

    BuyingPaper(Words words, PaperFlow flow) {
        this.words = words;
        this.flow = flow;
    }

    void lay(BuyingList list, List<BoardPlan.Missing> missing, Supply supply) {
        missing.stream().collect(Collectors.groupingBy(one -> one, Collectors.counting())).forEach((one, count) -> flow
                .paragraph(words.text("paper.missing").formatted(count, supply.order(one.piece())
                        .map(order -> words.text(order.line().what())).orElse(one.piece()),
                        words.text("board.missing." + one.why().id())), 0, true));
        if (list.lines().isEmpty() && list.ready().isEmpty()) {
            return;
        }
        flow.makeRoom(ROW * 4);
        flow.heading(words.text("paper.buying"));
        list.lines().forEach(this::row);
        if (list.price().signum() > 0) {
            Area room = flow.take(ROW);
            text(list.price().toPlainString(), room.left() + PRICE, room, true, Mark.Align.RIGHT);
        }
        list.ready().forEach(this::row);
    }

    private void row(BuyingList.Line line) {
        Stock stock = line.stock();
        Area room = row(line.count(), words.wood(stock.wood()), words.figure(stock.length()) + " \u00d7 "
                + words.figure(stock.width()) + " \u00d7 " + words.length(stock.thickness()));
        text(String.format(Locale.ROOT, "%.4f m\u00b3", line.cubicMetres()), room.left() + VOLUME, room, false,
                Mark.Align.RIGHT);
        text(String.format(Locale.ROOT, words.text("paper.feet"), line.boardFeet()), room.left() + FEET, room, false,
                Mark.Align.RIGHT);
        line.kilograms().ifPresent(weight -> text(String.format(Locale.ROOT, "%.1f kg", weight), room.left() + WEIGHT,
                room, false, Mark.Align.RIGHT));
        text(line.price().toPlainString(), room.left() + PRICE, room, false, Mark.Align.RIGHT);
    }

    private void row(BuyingList.Ready ready) {
        CutLine line = ready.line();
        CutLine.Size size = line.finished();
        row(ready.count(), words.text(line.what()) + (line.wood().isEmpty() ? "" : ", " + words.wood(line.wood())),
                words.figure(size.length().value()) + " \u00d7 " + words.figure(size.width().value()) + " \u00d7 "
                        + words.length(size.thickness().value()));
    }

    private Area row(int count, String what, String size) {
        Area room = flow.take(ROW);
        flow.box(room.left(), room.top() + (ROW - BOX) / 2, BOX, BOX);
        text(count + " \u00d7", room.left() + COUNT, room, true, Mark.Align.LEFT);
        text(what, room.left() + WOOD, room, false, Mark.Align.LEFT);
        text(size, room.left() + SIZE, room, false, Mark.Align.LEFT);
        return room;
    }

    private void text(String text, double x, Area room, boolean bold, Mark.Align align) {
        flow.text(text, x, room.top() + ROW / 2 + PaperFlow.TEXT / 3, PaperFlow.TEXT, bold, align, Meaning.TEXT);
    }
}
