package longshoulder.core.boards;

import java.util.Arrays;

/**
 * Pieces in a board that is cut from edge to edge, its parts again, and so on to any depth: dynamic programming over all sizes of parts that
 * lengths and widths of pieces can add up to, with as many of each piece as one likes. Where there are too many such sizes, pieces and board
 * are rounded down to steps. Both make the result a bound. The recursion is that of Gilmore and Gomory (1966).
 */
final class SectionPricing implements Pricing {

    private static final int MOST_LENGTHS = 240;
    private static final int MOST_WIDTHS = 80;

    private final int[] lengths;
    private final int[] widths;
    /** Sizes that can be made, from 0 up; the last is the largest that goes into the board. */
    private final int[] alongs;
    private final int[] acrosses;

    SectionPricing(Task task, Task.Offered board) {
        long[] pieceLengths = task.wanted().stream().mapToLong(Task.Wanted::length).toArray();
        long[] pieceWidths = task.wanted().stream().mapToLong(Task.Wanted::width).toArray();
        boolean[] fits = new boolean[pieceLengths.length];
        for (int i = 0; i < fits.length; i++) {
            fits[i] = board.holds(pieceLengths[i], pieceWidths[i]);
        }
        Steps along = Steps.of(pieceLengths, fits, board.length(), board.kerf(), MOST_LENGTHS);
        Steps across = Steps.of(pieceWidths, fits, board.width(), board.kerf(), MOST_WIDTHS);
        lengths = along.sizes;
        widths = across.sizes;
        alongs = along.sums();
        acrosses = across.sums();
    }

    /**
     * Sizes in whole steps, each with a kerf; -1 for those that do not fit.
     *
     * @param capacity of the board, with a kerf
     */
    @SuppressWarnings("ArrayRecordComponent") // read in inner loops and never compared
    private record Steps(int[] sizes, int capacity) {

        static Steps of(long[] pieces, boolean[] fits, long board, long kerf, int most) {
            long common = 0;
            long smallest = board + kerf;
            for (int i = 0; i < pieces.length; i++) {
                common = fits[i] ? LengthPricing.gcd(common, pieces[i] + kerf) : common;
                // None may vanish when it is rounded down.
                smallest = fits[i] ? Math.min(smallest, pieces[i] + kerf) : smallest;
            }
            Steps exact = common == 0 || (board + kerf) / common > 1_000_000
                    ? null
                    : of(pieces, fits, board, kerf, common);
            return exact != null && exact.sums().length <= most
                    ? exact
                    : of(pieces, fits, board, kerf, Math.min(smallest, Math.max(1, (board + kerf) / most)));
        }

        private static Steps of(long[] pieces, boolean[] fits, long board, long kerf, long unit) {
            int[] sizes = new int[pieces.length];
            for (int i = 0; i < sizes.length; i++) {
                sizes[i] = fits[i] ? (int) ((pieces[i] + kerf) / unit) : -1;
            }
            return new Steps(sizes, (int) ((board + kerf) / unit));
        }

        /** All sums of sizes up to the capacity, and the capacity itself is rounded down to the largest of them. */
        int[] sums() {
            boolean[] reached = new boolean[capacity + 1];
            reached[0] = true;
            for (int at = 0; at <= capacity; at++) {
                if (reached[at]) {
                    for (int size : sizes) {
                        if (size >= 0 && at + size <= capacity) {
                            reached[at + size] = true;
                        }
                    }
                }
            }
            int[] sums = new int[capacity + 1];
            int count = 0;
            for (int at = 0; at <= capacity; at++) {
                if (reached[at]) {
                    sums[count++] = at;
                }
            }
            return Arrays.copyOf(sums, count);
        }
    }

    @Override
    public boolean isExact() {
        return false;
    }

    /** What gave a part its worth: a piece, or a cut at one of the sizes. */
    private static final int PIECE = 1;
    private static final int CROSSCUT = 2;
    private static final int RIP = 3;

    @Override
    public Priced dearest(long[] worth, int[] most) {
        int n = alongs.length;
        int m = acrosses.length;
        long[][] best = new long[n][m];
        int[][] how = new int[n][m];
        pieces(worth, best, how);
        int[][] restAlong = rests(alongs);
        int[][] restAcross = rests(acrosses);
        for (int x = 0; x < n; x++) {
            for (int y = 0; y < m; y++) {
                cut(best, how, x, y, restAlong[x], restAcross[y]);
            }
        }
        int[] counts = new int[lengths.length];
        count(how, n - 1, m - 1, restAlong, restAcross, counts);
        return new Priced(counts, best[n - 1][m - 1]);
    }

    /** The best single piece in each size of part; {@code how} holds its number. */
    private void pieces(long[] worth, long[][] best, int[][] how) {
        for (int i = 0; i < lengths.length; i++) {
            if (lengths[i] < 0 || worth[i] <= 0) {
                continue;
            }
            for (int x = Arrays.binarySearch(alongs, lengths[i]); x < alongs.length; x++) {
                for (int y = Arrays.binarySearch(acrosses, widths[i]); y < acrosses.length; y++) {
                    if (worth[i] > best[x][y]) {
                        best[x][y] = worth[i];
                        how[x][y] = 4 * i + PIECE;
                    }
                }
            }
        }
    }

    private static void cut(long[][] best, int[][] how, int x, int y, int[] restAlong, int[] restAcross) {
        for (int at = 1; at < restAlong.length && restAlong[at] >= at; at++) {
            long both = best[at][y] + best[restAlong[at]][y];
            if (both > best[x][y]) {
                best[x][y] = both;
                how[x][y] = 4 * at + CROSSCUT;
            }
        }
        for (int at = 1; at < restAcross.length && restAcross[at] >= at; at++) {
            long both = best[x][at] + best[x][restAcross[at]];
            if (both > best[x][y]) {
                best[x][y] = both;
                how[x][y] = 4 * at + RIP;
            }
        }
    }

    /** For each size and each smaller one: the largest size that goes into the rest. */
    private static int[][] rests(int[] sums) {
        int[][] rests = new int[sums.length][];
        for (int whole = 0; whole < sums.length; whole++) {
            rests[whole] = new int[whole];
            int rest = whole;
            for (int at = 0; at < whole; at++) {
                while (sums[rest] > sums[whole] - sums[at]) {
                    rest--;
                }
                rests[whole][at] = rest;
            }
        }
        return rests;
    }

    private static void count(int[][] how, int x, int y, int[][] restAlong, int[][] restAcross, int[] counts) {
        int number = how[x][y] / 4;
        switch (how[x][y] % 4) {
            case PIECE -> counts[number]++;
            case CROSSCUT -> {
                count(how, number, y, restAlong, restAcross, counts);
                count(how, restAlong[x][number], y, restAlong, restAcross, counts);
            }
            case RIP -> {
                count(how, x, number, restAlong, restAcross, counts);
                count(how, x, restAcross[y][number], restAlong, restAcross, counts);
            }
            default -> {
                // nothing is cut from it
            }
        }
    }
}
