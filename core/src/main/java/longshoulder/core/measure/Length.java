package longshoulder.core.measure;

import java.math.BigDecimal;
import java.math.BigInteger;
import java.math.RoundingMode;
import org.jspecify.annotations.Nullable;

/**
 * An exact length such as "19.05 mm".
 *
 * <p>Counts whole picometres, so 0.001 mm and 1/512 in are both whole and so are the halves of all that makers write:
 * adding, subtracting and halving never drift. May be negative. Arithmetic that leaves the range of ±9 223 km throws
 * {@link ArithmeticException}. {@link #parse} reads back what {@link #toString} writes; what a maker types is read by
 * {@link LengthEntry}, and what a maker reads is written by {@link Showing}.
 */
public record Length(long picometres) implements Comparable<Length> {

    /** No length at all. */
    public static final Length ZERO = new Length(0);

    private static final long PER_MILLIMETRE = 1_000_000_000L;

    /** Up to here a double tells whole picometres apart, and to what lies nearer to one of them than this it rounds. */
    private static final double EXACT = 0x1p52;
    private static final double CLEAR = 0.499;

    /** A whole number of millimetres. */
    public static Length ofMillimetres(long millimetres) {
        return new Length(Math.multiplyExact(millimetres, PER_MILLIMETRE));
    }

    /** A whole number of micrometres: {@code ofMicrometres(1_500)} is 1.5 mm. */
    public static Length ofMicrometres(long micrometres) {
        return new Length(Math.multiplyExact(micrometres, 1_000_000L));
    }

    /** A fraction of an inch: {@code ofInches(3, 8)} is 9.525 mm. Rounded half to even where it is not whole. */
    public static Length ofInches(long numerator, long denominator) {
        return of(BigInteger.valueOf(numerator), BigInteger.valueOf(denominator), Unit.INCH);
    }

    /**
     * The one place where a computed number of millimetres becomes a length.
     *
     * @param millimetres any finite number; rounded half to even to a picometre
     * @throws ArithmeticException if it is not finite or out of range
     */
    public static Length fromMillimetres(double millimetres) {
        if (!Double.isFinite(millimetres)) {
            throw new ArithmeticException("A length must be finite, not (%s).".formatted(millimetres));
        }
        double picometres = Math.rint(millimetres * PER_MILLIMETRE);
        // Fused, so without a rounding of its own: how far that lies off the exact product.
        double off = Math.fma(millimetres, PER_MILLIMETRE, -picometres);
        if (Math.abs(picometres) < EXACT && Math.abs(off) < CLEAR) {
            return new Length((long) picometres);
        }
        BigDecimal whole = new BigDecimal(millimetres).movePointRight(9).setScale(0, RoundingMode.HALF_EVEN);
        return new Length(whole.longValueExact());
    }

    /** An exact fraction of a unit, rounded half to even to a picometre. */
    static Length of(BigInteger numerator, BigInteger denominator, Unit unit) {
        BigInteger scaled = numerator.multiply(BigInteger.valueOf(unit.picometres()));
        return new Length(roundedQuotient(scaled, denominator).longValueExact());
    }

    private static BigInteger roundedQuotient(BigInteger numerator, BigInteger denominator) {
        return new BigDecimal(numerator).divide(new BigDecimal(denominator), 0, RoundingMode.HALF_EVEN).toBigInteger();
    }

    /**
     * Reads what {@link #toString} writes, such as "19.05 mm".
     *
     * @throws IllegalArgumentException for anything else
     */
    public static Length parse(String text) {
        if (!text.matches("-?\\d{1,10}(\\.\\d{1,9})? mm")) {
            throw new IllegalArgumentException(
                    "The text (%s) is not an exact length. Maybe write it as \"19.05 mm\".".formatted(text));
        }
        BigDecimal millimetres = new BigDecimal(text.substring(0, text.length() - 3));
        return new Length(millimetres.movePointRight(9).longValueExact());
    }

    public Length plus(Length other) {
        return new Length(Math.addExact(picometres, other.picometres));
    }

    public Length minus(Length other) {
        return new Length(Math.subtractExact(picometres, other.picometres));
    }

    public Length times(long factor) {
        return new Length(Math.multiplyExact(picometres, factor));
    }

    /** This length times a fraction, such as two thirds; rounded once, half to even, to a picometre. */
    public Length times(long numerator, long denominator) {
        if (picometres % denominator == 0) {
            return new Length(Math.multiplyExact(picometres / denominator, numerator));
        }
        BigInteger scaled = BigInteger.valueOf(picometres).multiply(BigInteger.valueOf(numerator));
        return new Length(roundedQuotient(scaled, BigInteger.valueOf(denominator)).longValueExact());
    }

    /** The nearest whole number of steps; half to even. The step is positive. */
    public Length toNearest(Length step) {
        return step.times(times(1, step.picometres).picometres);
    }

    public Length negated() {
        return new Length(Math.negateExact(picometres));
    }

    public Length abs() {
        return picometres < 0 ? negated() : this;
    }

    public boolean isPositive() {
        return picometres > 0;
    }

    public boolean isNegative() {
        return picometres < 0;
    }

    public boolean isLessThan(Length other) {
        return picometres < other.picometres;
    }

    public boolean isGreaterThan(Length other) {
        return picometres > other.picometres;
    }

    /** The smaller of two. */
    public static Length least(Length a, Length b) {
        return b.isLessThan(a) ? b : a;
    }

    /** The larger of two. */
    public static Length greatest(Length a, Length b) {
        return b.isGreaterThan(a) ? b : a;
    }

    /** For geometry and drawing: the nearest double, in millimetres. */
    public double toMillimetres() {
        return picometres / (double) PER_MILLIMETRE;
    }

    // Written by hand: the generated methods of a record are linked when first called, which makes the start longer.
    @Override
    public boolean equals(@Nullable Object other) {
        return other instanceof Length length && picometres == length.picometres;
    }

    @Override
    public int hashCode() {
        return Long.hashCode(picometres);
    }

    @Override
    public int compareTo(Length other) {
        return Long.compare(picometres, other.picometres);
    }

    /** The exact length in millimetres with a decimal point in every locale, such as "19.05 mm". */
    @Override
    public String toString() {
        return BigDecimal.valueOf(picometres, 9).stripTrailingZeros().add(BigDecimal.ZERO).toPlainString() + " mm";
    }
}
