package longshoulder.core.drawing;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import longshoulder.core.geometry.Cell;
import longshoulder.core.geometry.HalfSpace;
import longshoulder.core.geometry.Tolerance;

/**
 * A cell that hides what lies behind it. Looked at from all sides, its piece is asked once for its seams.
 *
 * @param seams those of its faces, by their numbers, beyond which the wood may go on in another cell of the piece
 */
record Hiding(Cell cell, Set<Integer> seams) {

    /** The plane of a face. */
    private record Side(int cell, int face, HalfSpace plane) {}

    Hiding {
        seams = Set.copyOf(seams);
    }

    /** The cells of a piece. */
    static List<Hiding> of(List<Cell> cells) {
        List<Side> sides = new ArrayList<>();
        List<Set<Integer>> seams = new ArrayList<>();
        for (int i = 0; i < cells.size(); i++) {
            seams.add(new HashSet<>());
            for (int j = 0; j < cells.get(i).faces().size(); j++) {
                sides.add(new Side(i, j, cells.get(i).faces().get(j).plane()));
            }
        }
        sides.sort((one, other) -> Double.compare(one.plane.offset(), other.plane.offset()));
        double[] offsets = sides.stream().mapToDouble(side -> side.plane.offset()).toArray();
        sides.stream().filter(side -> isFaced(side, sides, offsets))
                .forEach(side -> seams.get(side.cell).add(side.face));
        List<Hiding> hiding = new ArrayList<>();
        for (int i = 0; i < cells.size(); i++) {
            hiding.add(new Hiding(cells.get(i), seams.get(i)));
        }
        return hiding;
    }

    /** Whether a face of another cell lies in the same plane and faces it: found among the few as far from the origin. */
    private static boolean isFaced(Side side, List<Side> sides, double[] offsets) {
        double opposite = -side.plane.offset();
        int found = Arrays.binarySearch(offsets, opposite - Tolerance.LENGTH);
        for (int i = found < 0 ? -found - 1 : found; i < offsets.length
                && offsets[i] <= opposite + Tolerance.LENGTH; i++) {
            Side other = sides.get(i);
            if (other.cell != side.cell && other.plane.faces(side.plane)) {
                return true;
            }
        }
        return false;
    }
}
