package longshoulder.desktop.wood;

import java.util.List;
import java.util.Optional;
import longshoulder.core.boards.Pin;
import longshoulder.core.boards.SawnBoard;
import longshoulder.core.measure.Length;
import longshoulder.core.project.Edit;
import longshoulder.core.supply.Supply;
import longshoulder.desktop.document.Workbench;
import longshoulder.desktop.words.Texts;

/** Pins parts to places on boards, and says why where that cannot be. */
record PiecePins(Workbench bench, Supply supply) {

    /** Those that lie one over the other at the place of a part. */
    static List<SawnBoard.Part> layers(SawnBoard board, SawnBoard.Part part) {
        return board.pieces().stream().filter(one -> one.x().equals(part.x()) && one.y().equals(part.y())).toList();
    }

    /** Pins all parts at a place of one board to a place of another, or of the same. */
    boolean pin(List<SawnBoard.Part> parts, SawnBoard target, Length x, Length y) {
        int number = number(target, parts);
        List<Pin> pins = parts.stream().map(part -> new Pin(part.id(), target.stock().id(), number, x, y)).toList();
        Optional<Pin.Why> why = supply.whyNot(pins.getFirst());
        if (why.isPresent()) {
            bench.notices().say(Texts.get("wood.pin.refused").formatted(
                    String.join(" ", supply.marks(parts.getFirst())), bench.words().text("pin." + why.get().id())));
            return false;
        }
        return bench.edit(new Edit.PinDown(pins));
    }

    /** Which board of its row it is for the pins: the one on which something is pinned, else a new one. */
    private int number(SawnBoard target, List<SawnBoard.Part> moved) {
        List<Pin> ofRow = bench.project().pinned().stream()
                .filter(pin -> pin.stock().equals(target.stock().id())).toList();
        List<String> there = target.pieces().stream().map(SawnBoard.Part::id).toList();
        List<String> names = moved.stream().map(SawnBoard.Part::id).toList();
        return ofRow.stream().filter(pin -> there.contains(pin.name())).map(Pin::board).findFirst()
                .orElseGet(() -> 1 + ofRow.stream().filter(pin -> !names.contains(pin.name())).mapToInt(Pin::board)
                        .max().orElse(0));
    }

    /** Pins a part where it lies, or lets it go. */
    void toggle(SawnBoard board, SawnBoard.Part part) {
        if (supply.isPinned(part)) {
            release(board, part);
        } else {
            pin(layers(board, part), board, part.x(), part.y());
        }
    }

    /** Lets all parts at the place of a part go. */
    void release(SawnBoard board, SawnBoard.Part part) {
        bench.edit(new Edit.All(layers(board, part).stream().filter(supply::isPinned)
                .<Edit>map(one -> new Edit.Unpin(one.id())).toList()));
    }
}
