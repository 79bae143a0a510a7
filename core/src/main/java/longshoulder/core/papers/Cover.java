package longshoulder.core.papers;

import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import longshoulder.core.brief.Parameter;
import longshoulder.core.brief.Brief;
import longshoulder.core.drawing.Area;
import longshoulder.core.drawing.DrawingContext;
import longshoulder.core.drawing.Mark;
import longshoulder.core.drawing.Meaning;
import longshoulder.core.drawing.Page;
import longshoulder.core.drawing.SheetWithFindings;
import longshoulder.core.drawing.PictorialDrawing;
import longshoulder.core.drawing.PictorialLook;
import longshoulder.core.finding.Finding;
import longshoulder.core.kind.Kinds;
import longshoulder.core.plan.PlannedPiece;
import longshoulder.core.reckoning.Amount;
import longshoulder.core.words.Words;
import org.apache.commons.geometry.euclidean.twod.Vector2D;

/** The first page: what is made, how large it is, and what is wrong with it. */
final class Cover {

    private static final double TITLE = 9;
    private static final double PICTURE = 105;
    /** The sizes stand in the right part of the page, so wide. */
    private static final double SIZES = 96;
    private static final double SYMBOL = 8;
    private static final double ROW = 7.5;
    private static final double SIZE = 4.2;

    private final DrawingContext context;
    private final Words words;
    private final PaperFlow flow;

    Cover(DrawingContext context, PaperFlow flow) {
        this.context = context;
        this.words = context.words();
        this.flow = flow;
    }

    void lay() {
        Area title = flow.take(TITLE * 1.7);
        String name = context.plan().project().title();
        flow.text(name.isEmpty() ? words.text("kind." + context.plan().project().brief().kind()) : name, title.left(),
                title.top() + TITLE, TITLE, true, Mark.Align.LEFT, Meaning.TEXT);
        Area room = flow.take(PICTURE);
        Area picture = room.inset(0, 0, SIZES, 0);
        flow.draw(new PictorialDrawing(context, PictorialLook.FIRST).fitted(picture.width(), picture.height()),
                picture);
        sizes(room.inset(room.width() - SIZES, 6, 0, 0));
        findings();
        flow.take(PaperFlow.LINE);
        flow.paragraph(words.text("paper.caution"), 0, false);
    }

    /** The sizes by which the furniture is known, how many pieces and joints it has, and its woods. */
    private void sizes(Area room) {
        Brief brief = context.plan().project().brief();
        double y = room.top();
        for (Parameter parameter : Kinds.find(brief.kind()).orElseThrow().parameters()) {
            Optional<Amount> size = parameter.isOverall()
                    ? brief.measure(parameter.name()).map(Amount.class::cast)
                    : Optional.empty();
            if (size.isPresent()) {
                y = row(words.meaning(parameter), words.length(size.get().value()), room, y);
            }
        }
        y = row(words.text("paper.pieces"), String.valueOf(context.plan().pieces().size()), room, y);
        y = row(words.text("paper.joints"), String.valueOf(context.plan().joints().size()), room, y);
        row(words.text("paper.woods"), context.plan().pieces().stream().map(PlannedPiece::wood).distinct()
                .map(wood -> words.wood(wood)).collect(Collectors.joining(", ")), room, y);
    }

    /** A name and what it stands at, under what ends at y; gives where it ends. */
    private double row(String name, String value, Area room, double y) {
        double line = y + ROW;
        flow.text(name, room.left(), line, SIZE, false, Mark.Align.LEFT, Meaning.CAPTION);
        flow.text(value, room.right(), line, SIZE, true, Mark.Align.RIGHT, Meaning.TEXT);
        return line;
    }

    private void findings() {
        List<Finding> findings = context.plan().findings();
        if (findings.isEmpty()) {
            flow.paragraph(words.text("paper.sound"), 0, true);
            return;
        }
        flow.heading(words.text("paper.findings"));
        for (int i = 0; i < findings.size(); i++) {
            Finding finding = findings.get(i);
            flow.makeRoom(2 * PaperFlow.LINE);
            flow.add(Page.Group.onPaper(flow.left().left() + SYMBOL / 2, flow.left().top() + PaperFlow.TEXT * 0.7,
                    List.of(new Mark.FindingSymbol(Vector2D.ZERO, finding.level(), String.valueOf(i + 1)))));
            flow.paragraph(SheetWithFindings.sentence(words, finding), SYMBOL + 2, false);
            flow.take(1.5);
        }
    }
}
