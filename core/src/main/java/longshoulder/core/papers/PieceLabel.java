package longshoulder.core.papers;

import java.util.ArrayList;
import java.util.List;
import longshoulder.core.cutlist.CutLine;
import longshoulder.core.cutlist.CutList;
import longshoulder.core.plan.Copies;
import longshoulder.core.plan.Plan;
import longshoulder.core.words.Words;

/**
 * What is stuck on a piece so that it is not mixed up.
 *
 * @param mark such as A1
 * @param name such as front left leg
 * @param sizes finished length, width and thickness
 * @param line number of its line in the cut list, and its wood
 * @param face where the label goes
 * @param code that a phone reads and the finder of the window takes: the mark and the name
 */
public record PieceLabel(String mark, String name, String sizes, String line, String face, String code) {

    /** One for each piece of a plan that is sawn from boards, in the order of the cut list. */
    public static List<PieceLabel> of(Plan plan, Words words) {
        List<PieceLabel> labels = new ArrayList<>();
        for (Copies copies : Copies.of(plan)) {
            for (CutLine line : CutList.of(copies.plan()).lines()) {
                for (int i = 0; line.kind() == CutLine.Kind.PIECE && i < line.count(); i++) {
                    for (int copy : copies.numbers()) {
                        labels.add(of(line, i, Copies.mark(plan.project(), line.marks().get(i), copy), words));
                    }
                }
            }
        }
        return labels;
    }

    private static PieceLabel of(CutLine line, int index, String mark, Words words) {
        String name = words.name(line.pieces().get(index));
        CutLine.Size size = line.finished();
        return new PieceLabel(mark, name,
                words.figure(size.length().value()) + " \u00d7 " + words.figure(size.width().value()) + " \u00d7 "
                        + words.length(size.thickness().value()),
                line.number() + "  \u00b7  " + words.wood(line.wood()), words.text("label.face"),
                mark + "  " + name);
    }
}
