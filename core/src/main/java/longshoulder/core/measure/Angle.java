package longshoulder.core.measure;

import java.math.BigDecimal;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * An angle such as "7.5°". A double: what is turned is never exact, and becomes a {@link Length} once, at the end of a
 * reckoning.
 *
 * @param degrees finite
 */
public record Angle(double degrees) implements Comparable<Angle> {

    public static final Angle ZERO = new Angle(0);

    private static final Pattern ENTRY = Pattern
            .compile("\\s*(-?\\d{1,6}(?:[.,]\\d{1,12})?)\\s*(?:°|deg|degrees)?\\s*");

    public Angle {
        if (!Double.isFinite(degrees)) {
            throw new IllegalArgumentException("An angle (%s) must be a number.".formatted(degrees));
        }
        // No angle at all has no sign: -0.0 becomes 0.0.
        degrees += 0.0;
    }

    /**
     * Reads an angle in degrees, such as "7", "7.5°", "7,5" or "7 deg".
     *
     * @throws EntryException if it is anything else
     */
    public static Angle read(String text) throws EntryException {
        Matcher matcher = ENTRY.matcher(text);
        if (!matcher.matches()) {
            throw new EntryException("angle", 0, text.length() > 40 ? text.substring(0, 40) + "…" : text);
        }
        return new Angle(Double.parseDouble(matcher.group(1).replace(',', '.')));
    }

    public double radians() {
        return Math.toRadians(degrees);
    }

    public boolean isZero() {
        return degrees == 0;
    }

    @Override
    public int compareTo(Angle other) {
        return Double.compare(degrees, other.degrees);
    }

    /** In degrees with their sign; {@link #read} reads it back. */
    @Override
    public String toString() {
        return BigDecimal.valueOf(degrees).stripTrailingZeros().toPlainString() + "°";
    }
}
