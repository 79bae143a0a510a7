package longshoulder.core.boards;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import longshoulder.core.boards.SawnBoard.Cut;
import longshoulder.core.boards.SawnBoard.Kind;
import longshoulder.core.boards.SawnBoard.Part;
import longshoulder.core.measure.Length;

/** Turns a pattern into the cuts that a person makes, in their order, and says where every piece lies in the board. */
final class Sawing {

    private final Task task;
    /** How many pieces of each row have been sawn so far, over all boards of the task. */
    private final Map<String, Integer> sawn;
    private final List<Part> pieces = new ArrayList<>();
    private final List<Cut> cuts = new ArrayList<>();
    private final List<Part> offcuts = new ArrayList<>();
    private final Task.Offered board;
    private final Stock stock;
    private int names;

    private Sawing(Task task, Task.Offered board, Map<String, Integer> sawn) {
        this.task = task;
        this.board = board;
        this.stock = board.stock();
        this.sawn = sawn;
    }

    /** A part on its way through the saw. */
    private record Piece(String id, long x, long y, long length, long width) {}

    /** @param sawn how many pieces of each row there are already; counted on */
    static SawnBoard saw(Task task, Solution.Used used, Map<String, Integer> sawn) {
        Sawing sawing = new Sawing(task, used.board(), sawn);
        sawing.whole(used.pattern());
        return new SawnBoard(used.board().stock(), sawing.pieces, sawing.cuts, sawing.offcuts);
    }

    /** Saws more from an offcut of a board. */
    static SawnBoard sawOn(SawnBoard board, Part offcut, Task task, Solution.Used used, Map<String, Integer> sawn) {
        Sawing sawing = new Sawing(task, used.board(), sawn);
        sawing.names = board.cuts().size() * 2;
        sawing.saw(new Piece(offcut.id(), offcut.x().picometres(), offcut.y().picometres(),
                offcut.length().picometres(), offcut.width().picometres()), used.pattern());
        List<Part> offcuts = new ArrayList<>(board.offcuts());
        offcuts.remove(offcut);
        offcuts.addAll(sawing.offcuts);
        List<Part> pieces = new ArrayList<>(board.pieces());
        pieces.addAll(sawing.pieces);
        List<Cut> cuts = new ArrayList<>(board.cuts());
        cuts.addAll(sawing.cuts);
        if (sawing.cuts.isEmpty()) {
            // The offcut is the piece as it is: the cut that made it calls it so.
            String name = sawing.pieces.getFirst().id();
            cuts.replaceAll(cut -> called(cut, offcut.id(), name));
        }
        return new SawnBoard(board.stock(), pieces, cuts, offcuts);
    }

    private static Cut called(Cut cut, String before, String now) {
        return new Cut(cut.part(), cut.kind(), cut.at(), cut.first().equals(before) ? now : cut.first(),
                cut.second().equals(before) ? now : cut.second());
    }

    private void whole(Pattern pattern) {
        long length = stock.length().picometres();
        Piece board = new Piece(SawnBoard.WHOLE, 0, 0, length, stock.width().picometres());
        long first = stock.first().picometres();
        if (first > 0) {
            board = cut(board, Kind.CROSSCUT, first - stock.kerf().picometres())[1];
        }
        long lower = stock.lower().picometres();
        if (lower > 0) {
            board = cut(board, Kind.RIP, lower - stock.kerf().picometres())[1];
        }
        saw(board, pattern);
    }

    /** What lies beyond and beside the whole pattern goes first, so that it stays in one. */
    private void saw(Piece part, Pattern pattern) {
        Piece rest = part;
        if (pattern instanceof Pattern.Room room && room.inner().isPresent()) {
            saw(part, room.inner().get());
            return;
        }
        if (rest.length > pattern.length()) {
            rest = cutOff(rest, Kind.CROSSCUT, pattern.length());
        }
        if (rest.width > pattern.width()) {
            rest = cutOff(rest, Kind.RIP, pattern.width());
        }
        switch (pattern) {
            case Pattern.Room room -> leave(rest, room);
            case Pattern.Single single -> apart(rest, task.wanted().get(single.type()));
            case Pattern.Pinned pinned -> apart(rest, board.pinned().get(pinned.place()));
            case Pattern.Parted parted -> {
                Piece[] two = parted.across()
                        ? cut(rest, Kind.CROSSCUT, parted.one().length())
                        : cut(rest, Kind.RIP, parted.one().width());
                saw(two[0], parted.one());
                saw(two[1], parted.other());
            }
        }
    }

    /** What holds a bad spot is no offcut. */
    private void leave(Piece part, Pattern.Room room) {
        if (room.clear()) {
            offcuts.add(placed(part, part.id, 0));
        }
    }

    private Piece cutOff(Piece part, Kind kind, long at) {
        Piece[] two = cut(part, kind, at);
        if (two[1].length > 0 && two[1].width > 0) {
            offcuts.add(placed(two[1], two[1].id, 0));
        }
        return two[0];
    }

    /** @param at from the part's own first end or lower edge */
    private Piece[] cut(Piece part, Kind kind, long at) {
        long kerf = stock.kerf().picometres();
        String one = name();
        String other = name();
        boolean across = kind == Kind.CROSSCUT;
        cuts.add(new Cut(part.id, kind, new Length(at + (across ? part.x : part.y)), one, other));
        long rest = Math.max(0, (across ? part.length : part.width) - at - kerf);
        return across
                ? new Piece[]{new Piece(one, part.x, part.y, at, part.width),
                        new Piece(other, part.x + at + kerf, part.y, rest, part.width)}
                : new Piece[]{new Piece(one, part.x, part.y, part.length, at),
                        new Piece(other, part.x, part.y + at + kerf, part.length, rest)};
    }

    /** Sawn apart in the thickness, if more than one piece is still wanted of it; the last keeps what is left of the thickness. */
    private void apart(Piece part, Task.Wanted wanted) {
        Blank blank = wanted.blank();
        int before = sawn.getOrDefault(blank.id(), 0);
        int layers = Math.min(wanted.layers(), blank.count() - before);
        sawn.put(blank.id(), before + layers);
        apart(part, blank, blank.names().subList(before, before + layers));
    }

    private void apart(Piece part, Pinning.Place place) {
        apart(part, place.blank(), place.names());
    }

    private void apart(Piece part, Blank blank, List<String> called) {
        String rest = part.id;
        for (int layer = 0; layer < called.size() - 1; layer++) {
            long at = layer * (blank.thickness().picometres() + stock.resawKerf().picometres())
                    + blank.thickness().picometres();
            String one = called.get(layer);
            String other = name();
            cuts.add(new Cut(rest, Kind.RESAW, new Length(at), one, other));
            pieces.add(placed(new Piece(one, part.x, part.y, part.length, part.width), blank.id(), layer));
            rest = other;
        }
        rename(rest, called.getLast(), part, blank, called.size() - 1);
    }

    /** The last part of a place is a piece: the cut that makes it calls it so. */
    private void rename(String rest, String name, Piece part, Blank blank, int layer) {
        cuts.replaceAll(cut -> called(cut, rest, name));
        pieces.add(placed(new Piece(name, part.x, part.y, part.length, part.width), blank.id(), layer));
    }

    private String name() {
        names++;
        return "part" + names;
    }

    private static Part placed(Piece part, String piece, int layer) {
        return new Part(part.id, piece, new Length(part.x), new Length(part.y), new Length(part.length),
                new Length(part.width), layer);
    }
}
