package longshoulder.core.geometry;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;

/** Pairs of boxes that overlap, without comparing each with each: boxes are gone through from left to right. */
public final class BoxPairs {

    /** Two places in the list of boxes; the first is the lesser. */
    public record Pair(int first, int second) {}

    private BoxPairs() {}

    /** What is done with a pair. */
    @FunctionalInterface
    public interface Visitor {
        void visit(int first, int second);
    }

    /** All pairs that share more than a touch, ordered by first and second. */
    public static List<Pair> of(List<Bounds> boxes) {
        List<Pair> pairs = new ArrayList<>();
        visit(boxes, (first, second) -> pairs.add(new Pair(first, second)));
        pairs.sort(Comparator.comparingInt(Pair::first).thenComparingInt(Pair::second));
        return pairs;
    }

    /** The same pairs in no order, for those whose order does not matter. */
    public static void visit(List<Bounds> boxes, Visitor visitor) {
        Bounds[] fromLeft = new Bounds[boxes.size()];
        Integer[] numbers = new Integer[fromLeft.length];
        Arrays.setAll(numbers, i -> i);
        // A comparator of its own, for this is asked often: one that is put together asks others in turn.
        Arrays.sort(numbers, (one, other) -> Double.compare(boxes.get(one).least().getX(),
                boxes.get(other).least().getX()));
        Arrays.setAll(fromLeft, i -> boxes.get(numbers[i]));
        for (int i = 0; i < fromLeft.length; i++) {
            Bounds box = fromLeft[i];
            double right = box.greatest().getX();
            // What begins beyond a box's right end cannot touch it, nor can anything after that.
            for (int j = i + 1; j < fromLeft.length && fromLeft[j].least().getX() < right; j++) {
                if (box.overlaps(fromLeft[j])) {
                    visitor.visit(Math.min(numbers[i], numbers[j]), Math.max(numbers[i], numbers[j]));
                }
            }
        }
    }
}
