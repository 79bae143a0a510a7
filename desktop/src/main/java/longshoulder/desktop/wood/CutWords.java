package longshoulder.desktop.wood;

import java.util.Optional;
import longshoulder.core.boards.SawnBoard;
import longshoulder.core.boards.SawnBoard.Cut;
import longshoulder.core.supply.Supply;
import longshoulder.core.words.Words;
import longshoulder.desktop.words.Texts;

/** Says what a cut does. */
record CutWords(Words words, SawnBoard board, Supply supply) {

    /** What is sawn when so many cuts are made. */
    String next(int made) {
        Cut cut = board.cuts().get(made);
        return Texts.get("wood.cut." + cut.kind().id()).formatted(made + 1, words.length(cut.at()), becomes(cut));
    }

    private String becomes(Cut cut) {
        String one = name(cut.first()).orElse("");
        String other = name(cut.second()).orElse("");
        if (one.isEmpty() && other.isEmpty()) {
            return "";
        }
        return Texts.get("wood.cut.frees").formatted(one.isEmpty() || other.isEmpty()
                ? one + other
                : one + Texts.get("wood.cut.and") + other);
    }

    private Optional<String> name(String part) {
        return board.pieces().stream().filter(piece -> piece.id().equals(part)).findFirst()
                .map(piece -> String.join(" ", supply.marks(piece)));
    }
}
