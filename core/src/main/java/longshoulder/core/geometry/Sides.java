package longshoulder.core.geometry;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;

/**
 * The faces of some cells, so that those that lie against a face are found among the few at the same distance from the origin.
 */
final class Sides {

    /**
     * One face.
     *
     * @param number its place among all
     * @param cell the number of its cell
     * @param offset of its plane
     */
    record Side(int number, int cell, double offset, Polygon face, Bounds box) {}

    private final List<List<Side>> byCell = new ArrayList<>();
    private final Side[] byOffset;
    private final double[] offsets;

    /** @param others follow the cells in their numbers */
    Sides(List<Cell> cells, List<Cell> others) {
        List<Side> all = new ArrayList<>();
        cells.forEach(cell -> add(cell, all));
        others.forEach(cell -> add(cell, all));
        byOffset = all.toArray(Side[]::new);
        Arrays.sort(byOffset, Comparator.comparingDouble(Side::offset));
        offsets = new double[byOffset.length];
        Arrays.setAll(offsets, i -> byOffset[i].offset);
    }

    private void add(Cell cell, List<Side> all) {
        int first = all.size();
        for (Polygon face : cell.faces()) {
            all.add(new Side(all.size(), byCell.size(), face.plane().offset(), face, Bounds.of(face.corners())));
        }
        byCell.add(List.copyOf(all.subList(first, all.size())));
    }

    /** The faces of a cell. */
    List<Side> of(int cell) {
        return byCell.get(cell);
    }

    /** Those that touch a face in the same plane from the other side, in the order of the cells. */
    List<Side> against(Side side) {
        List<Side> found = new ArrayList<>();
        for (int i = firstFacing(side); isAsFar(i, side); i++) {
            Side other = byOffset[i];
            if (other.box.touches(side.box) && side.face.plane().faces(other.face.plane())) {
                insert(other, found);
            }
        }
        return found;
    }

    /** Few of them: put where they belong, they need not be sorted. */
    private static void insert(Side side, List<Side> inOrder) {
        int at = inOrder.size();
        while (at > 0 && inOrder.get(at - 1).number > side.number) {
            at--;
        }
        inOrder.add(at, side);
    }

    private int firstFacing(Side side) {
        int at = Arrays.binarySearch(offsets, -side.offset - Tolerance.LENGTH);
        return at < 0 ? -at - 1 : at;
    }

    /** Whether there is a face with this number that may lie in the plane of another. */
    private boolean isAsFar(int number, Side side) {
        return number < offsets.length && offsets[number] <= -side.offset + Tolerance.LENGTH;
    }
}
