package longshoulder.core.measure;

import java.math.BigDecimal;
import java.math.BigInteger;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * An exact proportion of one length to another, such as a quarter or six times, in its lowest terms.
 *
 * @param numerator zero or more
 * @param denominator one or more
 */
public record Ratio(long numerator, long denominator) implements Comparable<Ratio> {

    /** As many digits as {@link #toString} may write of a decimal with a percent sign, such as 999999.999999 %. */
    private static final Pattern FRACTION = Pattern.compile("\\s*(\\d{1,12})\\s*/\\s*(\\d{1,9})\\s*");
    private static final long LARGEST = 999_999;
    private static final Pattern DECIMAL = Pattern.compile("\\s*(\\d{1,6}(?:[.,]\\d{1,6})?)\\s*(%?)\\s*");

    /** @throws IllegalArgumentException if it is negative or has no denominator */
    public Ratio {
        if (numerator < 0 || denominator < 1) {
            throw new IllegalArgumentException("No proportion: (%d / %d).".formatted(numerator, denominator));
        }
        long common = BigInteger.valueOf(numerator).gcd(BigInteger.valueOf(denominator)).longValueExact();
        numerator /= common;
        denominator /= common;
    }

    /**
     * Reads a proportion such as "1/4", "0.25", "0,25", "25 %" or "6".
     *
     * @throws EntryException if it is anything else
     */
    public static Ratio read(String text) throws EntryException {
        Matcher fraction = FRACTION.matcher(text);
        if (fraction.matches() && Long.parseLong(fraction.group(2)) > 0) {
            Ratio ratio = new Ratio(Long.parseLong(fraction.group(1)), Long.parseLong(fraction.group(2)));
            // A whole number is written without a denominator, and read with six digits.
            if (ratio.numerator / ratio.denominator <= LARGEST) {
                return ratio;
            }
        }
        Matcher decimal = DECIMAL.matcher(text);
        if (!decimal.matches()) {
            throw new EntryException("ratio", 0, text.length() > 40 ? text.substring(0, 40) + "…" : text);
        }
        BigDecimal number = new BigDecimal(decimal.group(1).replace(',', '.'));
        long whole = decimal.group(2).isEmpty() ? 1 : 100;
        return new Ratio(number.unscaledValue().longValueExact(),
                BigInteger.TEN.pow(number.scale()).longValueExact() * whole);
    }

    /** So much of a length; rounded once, half to even, to a picometre. */
    public Length of(Length whole) {
        return whole.times(numerator, denominator);
    }

    /** The length of which this much is the given one; rounded like {@link #of}. @throws ArithmeticException of none at all */
    public Length whole(Length part) {
        return part.times(/* numerator= */ denominator, /* denominator= */ numerator);
    }

    /** What is left of one. @throws IllegalArgumentException of more than one */
    public Ratio rest() {
        return new Ratio(denominator - numerator, denominator);
    }

    public double toDouble() {
        return numerator / (double) denominator;
    }

    @Override
    public int compareTo(Ratio other) {
        return BigInteger.valueOf(numerator).multiply(BigInteger.valueOf(other.denominator))
                .compareTo(BigInteger.valueOf(other.numerator).multiply(BigInteger.valueOf(denominator)));
    }

    /** Such as "1/4" or "6"; {@link #read} reads it back. */
    @Override
    public String toString() {
        return denominator == 1 ? String.valueOf(numerator) : numerator + "/" + denominator;
    }
}
