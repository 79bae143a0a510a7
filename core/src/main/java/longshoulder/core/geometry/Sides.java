package longshoulder.core.geometry;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;

/**
 * The faces of all cells of a solid, in the order of the cells, so that those that lie against a face are found among the few at
 * the same distance from the origin.
 */
public final class Sides {

    /**
     * One face.
     *
     * @param number its place among all
     * @param cell the number of its cell
     */
    public record Side(int number, int cell, Polygon face, Bounds box) {}

    private final List<Side> all = new ArrayList<>();
    private final Side[] byOffset;
    private final double[] offsets;

    public Sides(List<Cell> cells) {
        for (int i = 0; i < cells.size(); i++) {
            for (Polygon face : cells.get(i).faces()) {
                all.add(new Side(all.size(), i, face, Bounds.of(face.corners())));
            }
        }
        byOffset = all.toArray(Side[]::new);
        Arrays.sort(byOffset, Comparator.comparingDouble(Sides::offset));
        offsets = Arrays.stream(byOffset).mapToDouble(Sides::offset).toArray();
    }

    private static double offset(Side side) {
        return side.face().plane().offset();
    }

    /** All, in the order of the cells. */
    public List<Side> all() {
        return all;
    }

    /** Those that touch a face in the same plane from the other side, in the order of all. */
    List<Side> against(Side side) {
        List<Side> found = new ArrayList<>();
        for (int i = firstFacing(side); isAsFar(i, side); i++) {
            Side other = byOffset[i];
            if (other.box.touches(side.box) && side.face.plane().faces(other.face.plane())) {
                found.add(other);
            }
        }
        found.sort(Comparator.comparingInt(Side::number));
        return found;
    }

    /** Whether another cell has a face in the same plane that looks the other way. */
    public boolean isFaced(Side side) {
        for (int i = firstFacing(side); isAsFar(i, side); i++) {
            Side other = byOffset[i];
            if (other.cell != side.cell && side.face.plane().faces(other.face.plane())) {
                return true;
            }
        }
        return false;
    }

    private int firstFacing(Side side) {
        int at = Arrays.binarySearch(offsets, -offset(side) - Tolerance.LENGTH);
        return at < 0 ? -at - 1 : at;
    }

    /** Whether there is a face with this number that may lie in the plane of another. */
    private boolean isAsFar(int number, Side side) {
        return number < offsets.length && offsets[number] <= -offset(side) + Tolerance.LENGTH;
    }
}
