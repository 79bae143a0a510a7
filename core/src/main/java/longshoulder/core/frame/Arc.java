package longshoulder.core.frame;

import java.util.List;
import java.util.stream.IntStream;

/**
 * An arc over a chord; all figures in millimetres. Sagitta s = R − √(R² − (w/2)²).
 *
 * @param radius R, positive
 * @param chord w, positive; at most twice the radius for the arc to be possible
 */
public record Arc(double radius, double chord) {

    /** The arc that rises so far over the middle of its chord: R = ((w/2)² + s²) / 2s. */
    public static Arc ofRise(double chord, double rise) {
        return new Arc((chord * chord / 4 + rise * rise) / (2 * rise), chord);
    }

    /**
     * The arc that lies nearest to what was measured on a bent piece: heights over its chord at stations that are evenly spaced
     * between its ends, which are left out. By least squares over the rise.
     *
     * @throws IllegalArgumentException if nothing was measured, or it is straight or hollow on the whole
     */
    public static Arc ofOffsets(double chord, List<Double> heights) {
        double mean = heights.stream().mapToDouble(height -> height).average().orElse(0);
        if (mean <= 0) {
            throw new IllegalArgumentException("The measured heights (%s) are no arc.".formatted(heights));
        }
        double low = 0;
        double high = chord / 2;
        for (int i = 0; i < 100; i++) {
            double one = low + (high - low) / 3;
            double two = high - (high - low) / 3;
            if (ofRise(chord, one).squaredMiss(heights) < ofRise(chord, two).squaredMiss(heights)) {
                high = two;
            } else {
                low = one;
            }
        }
        return ofRise(chord, (low + high) / 2);
    }

    private double squaredMiss(List<Double> heights) {
        return IntStream.range(0, heights.size())
                .mapToDouble(i -> Math.pow(heights.get(i) - rise(chord * (i + 1) / (heights.size() + 1)), 2)).sum();
    }

    /** By how much the measured piece leaves this arc where it leaves it most. */
    public double farthest(List<Double> heights) {
        return IntStream.range(0, heights.size())
                .mapToDouble(i -> Math.abs(heights.get(i) - rise(chord * (i + 1) / (heights.size() + 1)))).max()
                .orElse(0);
    }

    public boolean isPossible() {
        return radius > 0 && chord > 0 && chord <= 2 * radius;
    }

    /** How far the middle of the arc stands off its chord. */
    public double sagitta() {
        return radius - Math.sqrt(radius * radius - chord * chord / 4);
    }

    /** How far the arc stands off its chord at a place along it. */
    public double rise(double place) {
        double aside = place - chord / 2;
        return Math.sqrt(radius * radius - aside * aside) - (radius - sagitta());
    }

    /** How far the arc falls off the line that touches it in the middle. */
    public double fall(double place) {
        return sagitta() - rise(place);
    }

    /**
     * The rises at evenly spaced stations, both ends among them.
     *
     * @param stations into how many the chord is divided, at least one
     */
    public List<Double> offsets(int stations) {
        return IntStream.rangeClosed(0, stations).mapToObj(i -> rise(chord * i / stations)).toList();
    }
}
