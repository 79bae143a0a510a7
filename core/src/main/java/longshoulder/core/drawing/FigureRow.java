package longshoulder.core.drawing;

/** Figures in a row over the places that they tell of. */
public final class FigureRow {

    private FigureRow() {}

    /**
     * Where figures begin so that none covers another and all stand as near over their places as that allows: the sum of the squares of
     * how far they are off is the least. Those that crowd move apart together, as the pooling of adjacent violators of isotonic
     * regression has it.
     *
     * @param places in ascending order
     * @param widths of the figures over them
     * @param end of the row, which begins at nothing
     */
    public static double[] spread(double[] places, double[] widths, double end) {
        int count = places.length;
        // Of each crowd: where it begins, less what stands before it in the row, and how many figures it has.
        double[] begin = new double[count];
        int[] size = new int[count];
        int crowds = 0;
        double before = 0;
        for (int i = 0; i < count; i++) {
            begin[crowds] = places[i] - widths[i] / 2 - before;
            size[crowds++] = 1;
            before += widths[i];
            while (crowds > 1 && begin[crowds - 2] > begin[crowds - 1]) {
                crowds--;
                int both = size[crowds - 1] + size[crowds];
                begin[crowds - 1] = (begin[crowds - 1] * size[crowds - 1] + begin[crowds] * size[crowds]) / both;
                size[crowds - 1] = both;
            }
        }
        return placed(begin, size, widths, Math.max(0, end - before));
    }

    private static double[] placed(double[] begin, int[] size, double[] widths, double room) {
        double[] left = new double[widths.length];
        double before = 0;
        int figure = 0;
        for (int crowd = 0; figure < left.length; crowd++) {
            for (int last = figure + size[crowd]; figure < last; figure++) {
                left[figure] = before + Math.clamp(begin[crowd], 0, room);
                before += widths[figure];
            }
        }
        return left;
    }
}
