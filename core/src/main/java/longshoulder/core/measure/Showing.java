package longshoulder.core.measure;

import java.math.BigDecimal;
import java.math.RoundingMode;

/**
 * How lengths are shown: the unit, and the step to which a figure is rounded. Rounding is for showing only: each figure
 * is rounded from the exact length, half to even, never from another rounded figure.
 */
public enum Showing {
    WHOLE_MILLIMETRES("1 mm", 1_000_000_000L, 0), HALF_MILLIMETRES("0.5 mm", 500_000_000L, 0), TENTH_MILLIMETRES(
            "0.1 mm", 100_000_000L, 0), SIXTEENTHS("1/16 in", 1_587_500_000L,
                    16), THIRTY_SECONDS("1/32 in", 793_750_000L, 32), SIXTY_FOURTHS("1/64 in", 396_875_000L, 64);

    private final String code;
    private final long step;
    private final int denominator;

    Showing(String code, long step, int denominator) {
        this.code = code;
        this.step = step;
        this.denominator = denominator;
    }

    /** The way of showing with this code, such as "1/64 in". @throws IllegalArgumentException if there is none */
    public static Showing parse(String code) {
        for (Showing showing : values()) {
            if (showing.code.equals(code)) {
                return showing;
            }
        }
        throw new IllegalArgumentException("There is no way of showing called (%s).".formatted(code));
    }

    /** What design files call it, such as "1/64 in". */
    public String code() {
        return code;
    }

    public boolean isInches() {
        return denominator > 0;
    }

    /** The unit of a number that a maker types without one. */
    public Unit unit() {
        return isInches() ? Unit.INCH : Unit.MILLIMETRE;
    }

    /** The other of the two systems, at its usual step. */
    public Showing other() {
        return isInches() ? TENTH_MILLIMETRES : SIXTY_FOURTHS;
    }

    /** The nearest length that can be shown exactly. */
    public Length rounded(Length length) {
        return length.toNearest(step());
    }

    /** The smallest length that can be shown. */
    public Length step() {
        return new Length(step);
    }

    /** The figure as text without a unit: "599.1", "49 5/8", "-1/64". */
    public String figure(Length length) {
        long steps = length.times(1, step).picometres();
        return isInches()
                ? inches(steps)
                : BigDecimal.valueOf(steps * (step / 100_000_000L), 1).stripTrailingZeros()
                        .add(BigDecimal.ZERO).toPlainString();
    }

    /** A figure that rounding would spoil, such as a clearance: to a ten-thousandth where the step is too coarse for it. */
    public String finely(Length length) {
        return rounded(length).equals(length)
                ? figure(length)
                : BigDecimal.valueOf(length.picometres())
                        .divide(BigDecimal.valueOf(unit().picometres()), 4, RoundingMode.HALF_EVEN)
                        .stripTrailingZeros().toPlainString();
    }

    /** A fit with its unit: "0.34 mm", "0.013 in". */
    public String text(Fit fit) {
        return BigDecimal.valueOf(fit.length().picometres())
                .divide(BigDecimal.valueOf(unit().picometres()), isInches() ? 3 : 2, RoundingMode.HALF_EVEN)
                .toPlainString() + (isInches() ? " in" : " mm");
    }

    /** The figure with its unit: "599.1 mm", "49 5/8 in". */
    public String text(Length length) {
        return figure(length) + (isInches() ? " in" : " mm");
    }

    private String inches(long steps) {
        long whole = Math.abs(steps) / denominator;
        long rest = Math.abs(steps) % denominator;
        String sign = steps < 0 ? "-" : "";
        if (rest == 0) {
            return sign + whole;
        }
        long divisor = Long.lowestOneBit(rest);
        String fraction = rest / divisor + "/" + denominator / divisor;
        return sign + (whole == 0 ? fraction : whole + " " + fraction);
    }

    /**
     * By how much a chain of shown figures misses its shown total: Σ shown(term) − shown(Σ term). Zero where the maker
     * can add up what is shown.
     */
    public Length chainError(Iterable<Length> terms) {
        Length exact = Length.ZERO;
        Length shown = Length.ZERO;
        for (Length term : terms) {
            exact = exact.plus(term);
            shown = shown.plus(rounded(term));
        }
        return shown.minus(rounded(exact));
    }
}
