package longshoulder.core.geometry;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;

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
        List<Integer> fromLeft = IntStream.range(0, boxes.size()).boxed()
                .sorted(Comparator.comparingDouble(box -> boxes.get(box).least().getX())).toList();
        for (int i = 0; i < fromLeft.size(); i++) {
            int one = fromLeft.get(i);
            Bounds box = boxes.get(one);
            double right = box.greatest().getX();
            // What begins beyond a box's right end cannot touch it, nor can anything after that.
            for (int j = i + 1; j < fromLeft.size() && boxes.get(fromLeft.get(j)).least().getX() < right; j++) {
                int other = fromLeft.get(j);
                if (box.overlaps(boxes.get(other))) {
                    visitor.visit(Math.min(one, other), Math.max(one, other));
                }
            }
        }
    }
}
