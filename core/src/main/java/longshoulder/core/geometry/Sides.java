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
     * @param cell the number of its cell
     * @param number its place among the faces of the cell
     * @param offset of its plane
     */
    record Side(int cell, int number, double offset, Polygon face, Bounds box) {

        private boolean isBefore(Side other) {
            return cell < other.cell || cell == other.cell && number < other.number;
        }
    }

    /** A comparator of its own, for this is asked of every piece: one that is put together asks others in turn. */
    private static final Comparator<Side> BY_OFFSET = (one, other) -> Double.compare(one.offset, other.offset);

    private final List<List<Side>> byCell = new ArrayList<>();
    private final Side[] byOffset;
    private final double[] offsets;

    Sides(List<Cell> cells) {
        List<Side> all = new ArrayList<>();
        for (int cell = 0; cell < cells.size(); cell++) {
            List<Side> own = new ArrayList<>();
            for (Polygon face : cells.get(cell).faces()) {
                own.add(new Side(cell, own.size(), face.plane().offset(), face, Bounds.of(face.corners())));
            }
            byCell.add(own);
            all.addAll(own);
        }
        byOffset = all.toArray(Side[]::new);
        Arrays.sort(byOffset, BY_OFFSET);
        offsets = new double[byOffset.length];
        Arrays.setAll(offsets, i -> byOffset[i].offset);
    }

    /** The faces of a cell. */
    List<Side> of(int cell) {
        return byCell.get(cell);
    }

    /** Those that touch one of them in the same plane from the other side, in the order of the cells. */
    List<Side> against(Side side) {
        return against(side.face, side.offset, side.box);
    }

    /** Those that touch a face of something else in the same plane from the other side, in the order of the cells. */
    List<Side> against(Polygon face) {
        double offset = face.plane().offset();
        return isAsFar(firstFacing(offset), offset) ? against(face, offset, Bounds.of(face.corners())) : List.of();
    }

    private List<Side> against(Polygon face, double offset, Bounds box) {
        List<Side> found = new ArrayList<>();
        for (int i = firstFacing(offset); isAsFar(i, offset); i++) {
            Side other = byOffset[i];
            if (other.box.touches(box) && face.plane().faces(other.face.plane())) {
                insert(other, found);
            }
        }
        return found;
    }

    /** Few of them: put where they belong, they need not be sorted. */
    private static void insert(Side side, List<Side> inOrder) {
        int at = inOrder.size();
        while (at > 0 && side.isBefore(inOrder.get(at - 1))) {
            at--;
        }
        inOrder.add(at, side);
    }

    private int firstFacing(double offset) {
        int at = Arrays.binarySearch(offsets, -offset - Tolerance.LENGTH);
        return at < 0 ? -at - 1 : at;
    }

    /** Whether there is a face with this number that may lie in the plane of one so far from the origin. */
    private boolean isAsFar(int number, double offset) {
        return number < offsets.length && offsets[number] <= -offset + Tolerance.LENGTH;
    }
}
