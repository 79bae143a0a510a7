package longshoulder.desktop.shell;

import java.util.List;
import longshoulder.core.cutlist.CutLine;
import longshoulder.core.cutlist.CutList;
import longshoulder.core.measure.Length;
import longshoulder.core.plan.Plan;
import longshoulder.core.reckoning.Label;
import longshoulder.core.words.MarkRanges;
import longshoulder.core.words.Words;
import longshoulder.desktop.words.Texts;
import longshoulder.desktop.control.Lines;
import longshoulder.desktop.document.Workbench;

/**
 * A line of the cut list in words; it is told in the background.
 *
 * @param pieces by their ids
 * @param role what they are
 * @param about which ones, and of what wood
 * @param figures of length, width and thickness
 * @param spoken all of it, for screen readers
 */
record CutRow(List<String> pieces, String role, String about, List<String> figures, String spoken) {

    /** The lines of a plan, in finished or in rough sizes. */
    static List<CutRow> all(Plan plan, boolean rough) {
        List<CutLine> lines = CutList.of(plan).lines();
        Words words = Workbench.words(plan.project());
        return lines.stream().map(line -> of(line, lines, words, rough ? line.rough() : line.finished())).toList();
    }

    private static CutRow of(CutLine line, List<CutLine> lines, Words words, CutLine.Size size) {
        String role = words.text(line.what());
        String about = MarkRanges.told(line.marks()) + Lines.NO_BREAK + "· " + words.wood(line.wood())
                + line.mirrorOf().map(number -> ", " + Texts.get("cutlist.mirror") + Lines.NO_BREAK
                        + MarkRanges.told(lines.get(number - 1).marks())).orElse("")
                + (line.isTrimmed()
                        ? ", " + words.say(Label.of("paper.cutTo", line.cutTo().value()))
                        : "");
        List<Length> sizes = List.of(size.length().value(), size.width().value(), size.thickness().value());
        String spoken = line.count() + " " + role + ", " + words.length(sizes.get(0)) + " × "
                + words.length(sizes.get(1)) + " × " + words.length(sizes.get(2));
        return new CutRow(line.pieces(), role, about, sizes.stream().map(words::figure).toList(), spoken);
    }

    /** What is lit for its parts: pieces, and of small parts the pieces whose joints take them. */
    List<String> lit() {
        return pieces.stream().map(CutLine::pieceOf).distinct().toList();
    }

    /** What it says besides sizes; while that stays, its nodes stay. */
    String outline() {
        return pieces + role + about;
    }
}
