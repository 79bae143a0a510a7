package longshoulder.core.boards;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.List;

/**
 * Pieces one beyond the other in one board: a bounded knapsack over lengths, by dynamic programming. Each piece takes its length and a kerf, of
 * a board that is a kerf longer. Time and room grow with the number of pieces times the length of the board in its finest step.
 */
final class LengthPricing implements Pricing {

    /** With more steps than this lengths are rounded down, which makes the result a bound. */
    private static final long MOST_STEPS = 300_000;

    private final int capacity;
    /** Of each size in steps; 0 where it does not go into this board. */
    private final int[] sizes;
    private final boolean exact;

    LengthPricing(Task task, Task.Offered board) {
        long step = board.length() + board.kerf();
        long common = 0;
        for (Task.Wanted one : task.wanted()) {
            common = gcd(common, one.length() + board.kerf());
        }
        // A board that is shorter than the pieces has no step.
        long coarse = Math.max(1, Math.ceilDiv(step / common, MOST_STEPS));
        exact = coarse == 1;
        long unit = common * coarse;
        capacity = (int) (step / unit);
        sizes = task.wanted().stream()
                .mapToInt(one -> board.holds(one.length(), one.width())
                        ? (int) ((one.length() + board.kerf()) / unit)
                        : 0)
                .toArray();
    }

    static long gcd(long one, long other) {
        return other == 0 ? one : gcd(other, one % other);
    }

    @Override
    public boolean isExact() {
        return exact;
    }

    /** Several pieces of one size that are taken together or not at all, so that any number up to the most can be made of them. */
    private record Bundle(int type, int count) {}

    private List<Bundle> bundles(long[] worth, int[] most) {
        List<Bundle> bundles = new ArrayList<>();
        for (int type = 0; type < sizes.length; type++) {
            if (sizes[type] > 0 && worth[type] > 0) {
                int left = Math.min(most[type], capacity / sizes[type]);
                for (int count = 1; left > 0; count *= 2) {
                    bundles.add(new Bundle(type, Math.min(count, left)));
                    left -= count;
                }
            }
        }
        return bundles;
    }

    @Override
    public Priced dearest(long[] worth, int[] most) {
        List<Bundle> bundles = bundles(worth, most);
        long[] best = new long[capacity + 1];
        List<BitSet> taken = new ArrayList<>();
        for (Bundle bundle : bundles) {
            taken.add(take(best, sizes[bundle.type] * bundle.count, worth[bundle.type] * bundle.count));
        }
        int[] counts = new int[sizes.length];
        int at = capacity;
        for (int i = bundles.size() - 1; i >= 0; i--) {
            Bundle bundle = bundles.get(i);
            if (taken.get(i).get(at)) {
                counts[bundle.type] += bundle.count;
                at -= sizes[bundle.type] * bundle.count;
            }
        }
        return new Priced(counts, best[capacity]);
    }

    /** Where taking a bundle is worth more than not. */
    private static BitSet take(long[] best, int size, long worth) {
        BitSet taken = new BitSet(best.length);
        for (int at = best.length - 1; at >= size; at--) {
            long with = best[at - size] + worth;
            if (with > best[at]) {
                best[at] = with;
                taken.set(at);
            }
        }
        return taken;
    }
}
