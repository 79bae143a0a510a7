package longshoulder.benchmark;

import java.util.Arrays;
import java.util.HashMap;
import java.util.Map;
import java.util.SplittableRandom;
import java.util.stream.IntStream;

/**
 * Work that has nothing to do with the program and never changes, of the sorts that an edit consists of, on all processors at once: what
 * it takes tells how fast the machine is at the moment.
 */
final class Yardstick {

    private static final int FIGURES = 6000;
    /** Two megabytes for each processor, laid into memory that was not used for long, as an edit's shapes and pictures are. */
    private static final int WORDS = 1 << 19;

    /** How often it is done at a time: the quickest tells what the machine can do, the others what came between. */
    private static final int TIMES = 6;

    private final int[] words = new int[WORDS];

    /** What it takes now, in milliseconds. */
    double milliseconds() {
        return IntStream.range(0, TIMES).mapToDouble(i -> once()).min().orElseThrow();
    }

    private double once() {
        long start = System.nanoTime();
        double sum = IntStream.range(0, Runtime.getRuntime().availableProcessors()).parallel().mapToDouble(this::work)
                .sum();
        double taken = (System.nanoTime() - start) / 1e6;
        if (Double.isNaN(sum)) {
            throw new ArithmeticException("the yardstick's figures are sums of roots");
        }
        return taken;
    }

    private double work(int processor) {
        double[] figures = new SplittableRandom(processor).doubles(FIGURES).toArray();
        Arrays.sort(figures);
        Map<Long, Double> places = new HashMap<>();
        double sum = 0;
        for (double figure : figures) {
            sum += Math.sqrt(1 + figure * sum);
            places.merge(Math.round(figure * FIGURES), sum, Double::max);
        }
        int[] copied = words.clone();
        return sum + places.size() + copied[places.size()];
    }
}
