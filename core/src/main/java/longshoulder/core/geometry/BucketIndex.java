package longshoulder.core.geometry;

/**
 * Finds numbers by their values without sorting them: they lie in as many equal steps as there are of them, and within a step in the order
 * in which they were given. What is found near a value has to be looked at once more.
 */
final class BucketIndex {

    private final double least;
    private final double stepsPerUnit;
    /** Where each step begins in the order; one more than there are steps. */
    private final int[] starts;
    private final int[] order;

    BucketIndex(double[] values) {
        double low = Double.POSITIVE_INFINITY;
        double high = Double.NEGATIVE_INFINITY;
        for (double value : values) {
            low = Math.min(low, value);
            high = Math.max(high, value);
        }
        least = low;
        stepsPerUnit = high > low ? values.length / (high - low) : 0;
        starts = new int[values.length + 1];
        order = new int[values.length];
        fill(values);
    }

    private void fill(double[] values) {
        for (double value : values) {
            starts[step(value) + 1]++;
        }
        for (int i = 1; i < starts.length; i++) {
            starts[i] += starts[i - 1];
        }
        int[] next = starts.clone();
        for (int i = 0; i < values.length; i++) {
            order[next[step(values[i])]++] = i;
        }
    }

    private int step(double value) {
        return Math.clamp((int) ((value - least) * stepsPerUnit), 0, order.length - 1);
    }

    /** The numbers of the values, step by step; nobody changes it. */
    int[] order() {
        return order;
    }

    /** The place in the order of the first number whose value may be this or more. */
    int first(double value) {
        return starts[step(value)];
    }

    /** The place behind the last number whose value may be this or less. */
    int last(double value) {
        return starts[step(value) + 1];
    }
}
