package longshoulder.core.measure;

import java.math.BigDecimal;
import java.math.BigInteger;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import longshoulder.core.measure.LengthEntry.Fraction;
import org.jspecify.annotations.Nullable;

/** Splits an entry into numbers, units and signs. */
final class EntryTokens {

    enum Kind {
        NUMBER, UNIT, SYMBOL, END
    }

    private static final Pattern NUMBER = Pattern.compile("\\d+(?:[.,]\\d+)?|[.,]\\d+");
    private static final Pattern WORD = Pattern.compile("\\p{L}+");
    private static final String VULGAR = "½⅓⅔¼¾⅛⅜⅝⅞";
    private static final int[][] VULGAR_VALUES = {{1, 2}, {1, 3}, {2, 3}, {1, 4}, {3, 4}, {1, 8}, {3, 8}, {5, 8},
            {7, 8}};
    private static final Map<String, Unit> UNITS = Map.ofEntries(Map.entry("mm", Unit.MILLIMETRE),
            Map.entry("cm", Unit.CENTIMETRE), Map.entry("m", Unit.METRE), Map.entry("in", Unit.INCH),
            Map.entry("inch", Unit.INCH), Map.entry("inches", Unit.INCH), Map.entry("ft", Unit.FOOT),
            Map.entry("foot", Unit.FOOT), Map.entry("feet", Unit.FOOT));

    /**
     * One word of an entry.
     *
     * @param joined whether there is no space on either side of it
     */
    record Token(Kind kind, String text, int position, Fraction value, @Nullable Unit unitOrNull, boolean joined) {
        boolean isSymbol(char symbol) {
            return kind == Kind.SYMBOL && text.charAt(0) == symbol;
        }

        boolean vulgar() {
            return kind == Kind.NUMBER && VULGAR.contains(text);
        }

        boolean whole() {
            return kind == Kind.NUMBER && text.chars().allMatch(c -> c >= '0' && c <= '9');
        }

        Unit unit() {
            return java.util.Objects.requireNonNull(unitOrNull, "unit");
        }
    }

    private final String text;
    private final List<Token> tokens = new ArrayList<>();
    private int at;

    private EntryTokens(String text) {
        this.text = text;
    }

    static List<Token> split(String text) {
        EntryTokens run = new EntryTokens(text);
        while (run.at < text.length()) {
            run.one();
        }
        run.add(Kind.END, "", Fraction.ZERO, null);
        return run.tokens;
    }

    private void one() {
        char c = text.charAt(at);
        if (Character.isWhitespace(c) || Character.isSpaceChar(c)) {
            at++;
        } else if (VULGAR.indexOf(c) >= 0) {
            int[] value = VULGAR_VALUES[VULGAR.indexOf(c)];
            add(Kind.NUMBER, String.valueOf(c), Fraction.of(value[0]).over(Fraction.of(value[1])), null);
        } else if (c >= '0' && c <= '9' || c == '.' || c == ',') {
            number();
        } else if (Character.isLetter(c)) {
            word();
        } else {
            symbol(c);
        }
    }

    private void number() {
        Matcher matcher = NUMBER.matcher(text).region(at, text.length());
        if (!matcher.lookingAt()) {
            throw new EntryException("digits", at, String.valueOf(text.charAt(at)));
        }
        BigDecimal value = new BigDecimal(matcher.group().replace(',', '.'));
        Fraction fraction = new Fraction(value.unscaledValue(), BigInteger.TEN.pow(value.scale()));
        add(Kind.NUMBER, matcher.group(), fraction, null);
    }

    private void word() {
        Matcher matcher = WORD.matcher(text).region(at, text.length());
        boolean found = matcher.lookingAt();
        String word = found ? matcher.group() : text.substring(at);
        if (word.equals("x")) {
            add(Kind.SYMBOL, "*", word);
            return;
        }
        Unit unit = UNITS.get(word.toLowerCase(Locale.ROOT));
        if (unit == null) {
            throw new EntryException("unit", at, word);
        }
        add(Kind.UNIT, word, Fraction.ZERO, unit);
    }

    private void symbol(char c) {
        switch (c) {
            case '"', '″', '”', '“' -> add(Kind.UNIT, String.valueOf(c), Fraction.ZERO, Unit.INCH);
            case '\'', '′', '’' -> feetOrInches(c);
            case '+', '*', '/', '(', ')', '-' -> add(Kind.SYMBOL, String.valueOf(c), Fraction.ZERO, null);
            case '−', '–' -> add(Kind.SYMBOL, "-", String.valueOf(c));
            case '×', '·' -> add(Kind.SYMBOL, "*", String.valueOf(c));
            case '÷', '⁄', ':' -> add(Kind.SYMBOL, "/", String.valueOf(c));
            default -> throw new EntryException("character", at,
                    Character.toString(text.codePointAt(at)));
        }
    }

    /** Two single strokes in a row are how inches come out of some keyboards. */
    private void feetOrInches(char c) {
        boolean doubled = at + 1 < text.length() && text.charAt(at + 1) == c;
        add(Kind.UNIT, doubled ? "" + c + c : String.valueOf(c), Fraction.ZERO, doubled ? Unit.INCH : Unit.FOOT);
    }

    private void add(Kind kind, String symbol, String written) {
        tokens.add(new Token(kind, symbol, at, Fraction.ZERO, null, joined(written.length())));
        at += written.length();
    }

    private void add(Kind kind, String written, Fraction value, @Nullable Unit unit) {
        tokens.add(new Token(kind, written, at, value, unit, joined(written.length())));
        at += written.length();
    }

    private boolean joined(int length) {
        int after = at + length;
        return at > 0 && after < text.length() && !Character.isWhitespace(text.charAt(at - 1))
                && !Character.isWhitespace(text.charAt(after));
    }
}
