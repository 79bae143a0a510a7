package longshoulder.core.measure;

import java.math.BigInteger;
import java.util.ArrayList;
import java.util.List;
import longshoulder.core.measure.EntryTokens.Kind;
import longshoulder.core.measure.EntryTokens.Token;

/**
 * Reads a length as makers write it: {@code 34 1/2}, {@code 34-1/2"}, {@code 2' 10 1/2"}, {@code 876},
 * {@code 87.6cm}, {@code 0.876 m}, {@code 22,5}, and sums such as {@code 1200 - 2*65} or {@code 1 1/2" + 6mm}.
 *
 * <pre>
 * sum      = product { ("+" | "-") product }
 * product  = factor { ("*" | "/") factor }
 * factor   = "-" factor | "(" sum ")" | measure
 * measure  = feet ["-"] [mixed ["in"]] | mixed [unit]
 * mixed    = decimal | whole [" " | "-"] whole "/" whole | whole "/" whole
 * </pre>
 *
 * <p>All arithmetic is in exact fractions; the result is rounded once, half to even, to a picometre. A number without a
 * unit counts in the unit given to {@link #read}. A hyphen between a whole number and a fraction, with no space around
 * it, joins them ({@code 34-1/2}); any other hyphen takes away. The reader keeps no state between calls.
 */
public final class LengthEntry {

    private static final int LONGEST_TEXT = 200;
    private static final int DEEPEST_NESTING = 20;

    private final String text;
    private final Unit bare;
    private final List<Token> tokens;
    private int next;
    private int depth;

    private LengthEntry(String text, Unit bare) {
        this.text = text;
        this.bare = bare;
        this.tokens = EntryTokens.split(text);
    }

    /**
     * Reads one entry.
     *
     * @param text what was typed, at most 200 characters
     * @param bare the unit of a number that has none
     * @return the exact length; may be zero or negative, bounds are the business of whoever asked
     * @throws EntryException if it cannot be read, with one sentence for the maker
     */
    public static Length read(String text, Unit bare) {
        if (text.length() > LONGEST_TEXT) {
            throw new EntryException("long", LONGEST_TEXT, text.length(), LONGEST_TEXT);
        }
        return new LengthEntry(text, bare).length();
    }

    /** A number on its way to a length: {@code unit} is false while it is still a bare count. */
    private record Quantity(Fraction value, boolean unit) {}

    private Length length() {
        if (peek().kind() == Kind.END) {
            throw trouble("empty", 0);
        }
        Quantity result = measured(sum());
        if (peek().kind() != Kind.END) {
            throw unexpected(peek());
        }
        try {
            return result.value().toLength();
        } catch (ArithmeticException tooLarge) {
            throw trouble("large", 0, text.strip());
        }
    }

    private Quantity sum() {
        Quantity total = product();
        while (peek().isSymbol('+') || peek().isSymbol('-')) {
            boolean add = take().isSymbol('+');
            Quantity term = product();
            boolean unit = total.unit() || term.unit();
            Fraction left = unit ? measured(total).value() : total.value();
            Fraction right = unit ? measured(term).value() : term.value();
            total = new Quantity(add ? left.plus(right) : left.minus(right), unit);
        }
        return total;
    }

    private Quantity product() {
        Quantity result = factor();
        while (peek().isSymbol('*') || peek().isSymbol('/')) {
            Token operator = take();
            Quantity other = factor();
            result = operator.isSymbol('*') ? times(result, other, operator) : over(result, other, operator);
        }
        return result;
    }

    private Quantity times(Quantity a, Quantity b, Token at) {
        if (a.unit() && b.unit()) {
            throw trouble("square", at.position());
        }
        return new Quantity(a.value().times(b.value()), a.unit() || b.unit());
    }

    private Quantity over(Quantity a, Quantity b, Token at) {
        if (b.unit()) {
            throw trouble("divisor", at.position());
        }
        if (b.value().isZero()) {
            throw trouble("zero", at.position());
        }
        return new Quantity(a.value().over(b.value()), a.unit());
    }

    private Quantity factor() {
        if (++depth > DEEPEST_NESTING) {
            throw trouble("nested", peek().position());
        }
        try {
            if (peek().isSymbol('-')) {
                take();
                Quantity inner = factor();
                return new Quantity(inner.value().negated(), inner.unit());
            }
            return peek().isSymbol('(') ? bracket() : measure();
        } finally {
            depth--;
        }
    }

    private Quantity bracket() {
        Token open = take();
        Quantity inner = sum();
        if (!peek().isSymbol(')')) {
            throw trouble("bracket", open.position());
        }
        take();
        return inner;
    }

    private Quantity measure() {
        Fraction number = mixed();
        if (peek().kind() != Kind.UNIT) {
            return new Quantity(number, false);
        }
        Unit unit = take().unit();
        Fraction length = number.times(Fraction.of(unit.picometres()));
        return new Quantity(unit == Unit.FOOT ? length.plus(inchesAfterFeet()) : length, true);
    }

    private Fraction inchesAfterFeet() {
        if (peek().isSymbol('-') && peek().joined()) {
            take();
        }
        if (peek().kind() != Kind.NUMBER) {
            return Fraction.ZERO;
        }
        Fraction inches = mixed();
        if (peek().kind() == Kind.UNIT) {
            Token unit = take();
            if (unit.unit() != Unit.INCH) {
                throw trouble("feet", unit.position());
            }
        }
        return inches.times(Fraction.of(Unit.INCH.picometres()));
    }

    /** A decimal, a fraction, or a whole number and a fraction. */
    private Fraction mixed() {
        Token first = peek();
        if (first.kind() != Kind.NUMBER) {
            throw unexpected(first);
        }
        if (startsFraction(next)) {
            return fraction();
        }
        take();
        if (!first.whole()) {
            return first.value();
        }
        if (peek().kind() == Kind.NUMBER && peek().vulgar()) {
            return first.value().plus(take().value());
        }
        if (startsFraction(next)) {
            return first.value().plus(fraction());
        }
        if (peek().isSymbol('-') && peek().joined() && startsFraction(next + 1)) {
            take();
            return first.value().plus(fraction());
        }
        return first.value();
    }

    private boolean startsFraction(int index) {
        return index + 2 < tokens.size() && tokens.get(index).whole() && tokens.get(index + 1).isSymbol('/')
                && tokens.get(index + 2).whole();
    }

    private Fraction fraction() {
        Fraction numerator = take().value();
        Token slash = take();
        Fraction denominator = take().value();
        if (denominator.isZero()) {
            throw trouble("zero", slash.position());
        }
        return numerator.over(denominator);
    }

    private Quantity measured(Quantity quantity) {
        return quantity.unit()
                ? quantity
                : new Quantity(quantity.value().times(Fraction.of(bare.picometres())), true);
    }

    private Token peek() {
        return tokens.get(next);
    }

    private Token take() {
        return tokens.get(next++);
    }

    private EntryException unexpected(Token token) {
        if (token.kind() == Kind.END) {
            return trouble("missing", token.position());
        }
        return token.position() == 0
                ? trouble("start", token.position(), token.text())
                : trouble("after", token.position(), token.text(), text.substring(0, token.position()).strip());
    }

    private static EntryException trouble(String key, int position, Object... arguments) {
        return new EntryException(key, position, arguments);
    }

    /** An exact fraction of picometres or of nothing; the denominator is positive. */
    record Fraction(BigInteger numerator, BigInteger denominator) {
        static final Fraction ZERO = of(0);

        static Fraction of(long whole) {
            return new Fraction(BigInteger.valueOf(whole), BigInteger.ONE);
        }

        Fraction plus(Fraction other) {
            return new Fraction(numerator.multiply(other.denominator).add(other.numerator.multiply(denominator)),
                    denominator.multiply(other.denominator));
        }

        Fraction minus(Fraction other) {
            return plus(other.negated());
        }

        Fraction times(Fraction other) {
            return new Fraction(numerator.multiply(other.numerator), denominator.multiply(other.denominator));
        }

        Fraction over(Fraction other) {
            boolean flip = other.numerator.signum() < 0;
            BigInteger top = numerator.multiply(other.denominator);
            return new Fraction(flip ? top.negate() : top, denominator.multiply(other.numerator.abs()));
        }

        Fraction negated() {
            return new Fraction(numerator.negate(), denominator);
        }

        boolean isZero() {
            return numerator.signum() == 0;
        }

        Length toLength() {
            List<BigInteger> halves = new ArrayList<>(List.of(numerator.divideAndRemainder(denominator)));
            BigInteger twice = halves.get(1).abs().shiftLeft(1);
            int over = twice.compareTo(denominator);
            boolean up = over > 0 || over == 0 && halves.get(0).testBit(0);
            BigInteger whole = halves.get(0);
            return new Length((up ? whole.add(BigInteger.valueOf(numerator.signum())) : whole).longValueExact());
        }
    }
}
