package longshoulder.core.projection;

import java.util.List;

/**
 * The shadows that may fall on a piece. Their boxes lie one after the other in plain numbers, for each is asked of every edge of the
 * piece, and hardly any of them meets it.
 */
final class NearbyShadows {

    private final Shadow[] shadows;
    /** Left, low, right and high of each. */
    private final double[] boxes;

    NearbyShadows(List<Shadow> shadows) {
        this.shadows = shadows.toArray(Shadow[]::new);
        boxes = new double[4 * this.shadows.length];
        for (int i = 0; i < this.shadows.length; i++) {
            put(i);
        }
    }

    private void put(int number) {
        Extent box = shadows[number].box();
        boxes[4 * number] = box.left() - Shadow.SEAM;
        boxes[4 * number + 1] = box.low() - Shadow.SEAM;
        boxes[4 * number + 2] = box.right() + Shadow.SEAM;
        boxes[4 * number + 3] = box.high() + Shadow.SEAM;
    }

    Shadow get(int number) {
        return shadows[number];
    }

    /** The number of the first, from one on, that may hide something of what has a box in the picture; less than nothing if none may. */
    int next(Extent box, int from) {
        for (int i = from; i < shadows.length; i++) {
            int at = 4 * i;
            if (box.right() > boxes[at] && box.left() < boxes[at + 2] && box.high() > boxes[at + 1]
                    && box.low() < boxes[at + 3]) {
                return i;
            }
        }
        return -1;
    }

    /** Lets a shadow be asked before all others. */
    void putFirst(int number) {
        Shadow first = shadows[number];
        shadows[number] = shadows[0];
        shadows[0] = first;
        put(number);
        put(0);
    }
}
