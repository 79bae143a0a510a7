package longshoulder.benchmark;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.concurrent.TimeUnit;

/**
 * How a plan grows with its joints. The racks of {@link ManyJointsBenchmark} are planned in turn in one run, the same number of
 * joints each time, so that a machine whose speed changes by the minute is as fast for one as for another.
 */
public final class Growth {

    private static final int[] JOINTS = {10, 50, 200, 1000};
    private static final int LARGEST = 1000;

    private Growth() {}

    /** @param arguments for how many seconds; the first third of the rounds is warm-up */
    public static void main(String[] arguments) {
        List<ManyJointsBenchmark> racks = new ArrayList<>();
        List<List<Double>> times = new ArrayList<>();
        for (int joints : JOINTS) {
            racks.add(ManyJointsBenchmark.of(joints));
            times.add(new ArrayList<>());
        }
        long end = System.nanoTime() + TimeUnit.SECONDS.toNanos(Long.parseLong(arguments[0]));
        while (System.nanoTime() < end) {
            for (int i = 0; i < JOINTS.length; i++) {
                times.get(i).add(milliseconds(racks.get(i), LARGEST / JOINTS[i]));
            }
        }
        List<Double> medians = times.stream().map(Growth::median).toList();
        for (int i = 0; i < JOINTS.length; i++) {
            System.out.printf("%d joints: %.3f ms%n", JOINTS[i], medians.get(i));
        }
        System.out.printf("exponent from %d to %d: %.3f%n", JOINTS[0], LARGEST,
                Math.log(medians.getLast() / medians.getFirst()) / Math.log((double) LARGEST / JOINTS[0]));
    }

    /** Of one plan. */
    private static double milliseconds(ManyJointsBenchmark rack, int plans) {
        long start = System.nanoTime();
        for (int i = 0; i < plans; i++) {
            rack.plan();
        }
        return (System.nanoTime() - start) / 1e6 / plans;
    }

    private static double median(List<Double> all) {
        List<Double> warm = new ArrayList<>(all.subList(all.size() / 3, all.size()));
        Collections.sort(warm);
        return warm.get(warm.size() / 2);
    }
}
