package longshoulder.core.boards;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.ResourceBundle;
import java.util.stream.IntStream;
import longshoulder.core.measure.Length;

/** The price list of a made-up timber yard: its usual boards of each wood, any number of each. */
public final class Yard {

    private static final List<Length> THICKNESSES = millimetres(27, 34, 41, 54, 65, 80, 105);
    private static final List<Length> WIDTHS = millimetres(150, 200, 250);
    private static final List<Length> LENGTHS = millimetres(2400, 3000);

    private static final List<Length> INCH_THICKNESSES = quarters(4, 5, 6, 8, 10, 12, 16);
    private static final List<Length> INCH_WIDTHS = quarters(24, 32, 40);
    private static final List<Length> INCH_LENGTHS = quarters(384, 480);

    private Yard() {}

    private static List<Length> millimetres(int... sizes) {
        return IntStream.of(sizes).mapToObj(Length::ofMillimetres).toList();
    }

    private static List<Length> quarters(int... sizes) {
        return IntStream.of(sizes).mapToObj(quarter -> Length.ofInches(quarter, 4)).toList();
    }

    /**
     * Its boards.
     *
     * @param inches whether it sells by inches, thicknesses in quarters
     */
    public static List<StockRow> rows(boolean inches) {
        ResourceBundle prices = ResourceBundle.getBundle("longshoulder.core.boards.yard", Locale.ROOT);
        List<StockRow> rows = new ArrayList<>();
        for (String wood : prices.keySet().stream().sorted().toList()) {
            BigDecimal perCubicMetre = new BigDecimal(prices.getString(wood));
            for (Length thickness : inches ? INCH_THICKNESSES : THICKNESSES) {
                for (Length width : inches ? INCH_WIDTHS : WIDTHS) {
                    for (Length length : inches ? INCH_LENGTHS : LENGTHS) {
                        rows.add(row(wood, length, width, thickness, perCubicMetre));
                    }
                }
            }
        }
        return rows;
    }

    private static StockRow row(String wood, Length length, Length width, Length thickness, BigDecimal perCubicMetre) {
        BigDecimal cubicMetres = metres(length).multiply(metres(width)).multiply(metres(thickness));
        return new StockRow("%s %sx%s %s".formatted(wood, Row.plain(thickness), Row.plain(width), Row.plain(length)),
                wood, length, width, thickness, Optional.empty(),
                cubicMetres.multiply(perCubicMetre).setScale(1, RoundingMode.HALF_UP).setScale(2), Optional.empty(),
                Optional.empty(), List.of(), List.of(), List.of(), Optional.empty(), "", "");
    }

    private static BigDecimal metres(Length length) {
        return BigDecimal.valueOf(length.picometres(), 12);
    }
}
