package longshoulder.core.drawing;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import longshoulder.core.geometry.Cell;
import longshoulder.core.geometry.Sides;

/**
 * A cell that hides what lies behind it. Looked at from all sides, its piece is asked once for its seams.
 *
 * @param seams those of its faces, by their numbers, beyond which the wood may go on in another cell of the piece
 */
record Hiding(Cell cell, Set<Integer> seams) {

    Hiding {
        seams = Set.copyOf(seams);
    }

    /** The cells of a piece. */
    static List<Hiding> of(List<Cell> cells) {
        return of(cells, List.of());
    }

    /**
     * Cells of a piece.
     *
     * @param others in which it goes on, but which hide nothing that is not hidden without them
     */
    static List<Hiding> of(List<Cell> cells, List<Cell> others) {
        Sides sides = new Sides(Stream.concat(cells.stream(), others.stream()).toList());
        List<Hiding> hiding = new ArrayList<>();
        int first = 0;
        for (Cell cell : cells) {
            Set<Integer> seams = new HashSet<>();
            for (int i = 0; i < cell.faces().size(); i++) {
                if (sides.isFaced(sides.all().get(first + i))) {
                    seams.add(i);
                }
            }
            hiding.add(new Hiding(cell, seams));
            first += cell.faces().size();
        }
        return hiding;
    }
}
