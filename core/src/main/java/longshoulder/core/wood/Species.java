package longshoulder.core.wood;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.function.DoublePredicate;
import java.util.stream.Collectors;
import longshoulder.core.reckoning.Label;
import longshoulder.core.reckoning.Typed;

/**
 * A kind of wood. A figure that nobody is sure of is empty: it is unknown, not nothing.
 *
 * @param id such as {@code white-oak}
 * @param names others by which it is found, such as {@code oak}
 * @param density at 12 % moisture, in kg/m³
 * @param radial share of the width by which it moves along the rings' radius, per % of moisture
 * @param tangential the same along the rings
 * @param hardness force that presses a small ball halfway into its side, in newton
 * @param traits how it behaves under tools and on skin
 * @param colour of a freshly planed face, as 0xRRGGBB
 * @param source where its figures are from
 */
public record Species(String id, List<String> names, Optional<Double> density, Optional<Double> radial,
        Optional<Double> tangential, Optional<Double> hardness, Set<Trait> traits, int colour, String source) {

    /** How a wood behaves. */
    public enum Trait {
        /** Its fibres give under pressure: fine details bruise. */
        CRUSHES,
        /** It comes apart along the grain: fine details break off. */
        SPLITS,
        /** It moves much as the seasons change. */
        MOVES,
        /** Its dust sensitises. */
        DUSTY,
        /** Glue and finish hold badly on it unless it is wiped. */
        OILY,
        /** It turns dark where it meets iron. */
        STAINS_WITH_IRON,
        /** It is bought in sheets. */
        SHEET;

        /** As it is written in files, such as {@code stains-with-iron}. */
        public String id() {
            return name().toLowerCase(Locale.ROOT).replace('_', '-');
        }
    }

    /** The names of its figures in files, in the order in which they are written. */
    public static final List<String> COLUMNS = List.of("id", "names", "density", "radial", "tangential", "hardness",
            "character", "colour", "source");

    /** Softer than this, in newton, is crushed by fine details and gives under a peg. */
    private static final int SOFT = 4000;

    /** The colour of a wood that is not in the table. */
    private static final int OTHER_COLOUR = 0xe6d3b3;

    private static final double HEAVIEST = 2000;
    private static final double HARDEST = 50_000;
    private static final double MOST_MOVEMENT = 0.02;

    public Species {
        names = List.copyOf(names);
        traits = Set.copyOf(traits);
    }

    /**
     * A wood as a line of a table tells of it: texts by the names in {@link #COLUMNS}; what is missing is unknown.
     *
     * @throws WoodRefused if a text is none that can be used
     */
    public static Species of(Map<String, String> row) {
        String id = row.getOrDefault("id", "").strip();
        if (!id.matches("[a-z0-9][a-z0-9-]{0,39}")) {
            throw new WoodRefused(Label.of("refused.wood.id", new Typed(id)));
        }
        return new Species(id, words(row.getOrDefault("names", "")),
                figure(row, "density", value -> value > 0 && value <= HEAVIEST),
                figure(row, "radial", value -> value >= 0 && value <= MOST_MOVEMENT),
                figure(row, "tangential", value -> value >= 0 && value <= MOST_MOVEMENT),
                figure(row, "hardness", value -> value > 0 && value <= HARDEST),
                words(row.getOrDefault("character", "")).stream().map(Species::trait)
                        .collect(Collectors.toCollection(TreeSet::new)),
                colour(row.getOrDefault("colour", "").strip()), row.getOrDefault("source", "").strip());
    }

    /** As a line of a table: the texts from which {@link #of} makes it again, without what is unknown. */
    public Map<String, String> row() {
        Map<String, String> row = new TreeMap<>();
        row.put("id", id);
        put(row, "names", String.join(" ", names));
        density.ifPresent(value -> row.put("density", plain(value)));
        radial.ifPresent(value -> row.put("radial", plain(value)));
        tangential.ifPresent(value -> row.put("tangential", plain(value)));
        hardness.ifPresent(value -> row.put("hardness", plain(value)));
        put(row, "character", traits.stream().sorted().map(Trait::id).collect(Collectors.joining(" ")));
        row.put("colour", "%06x".formatted(colour));
        put(row, "source", source);
        return row;
    }

    private static void put(Map<String, String> row, String name, String text) {
        if (!text.isEmpty()) {
            row.put(name, text);
        }
    }

    private static String plain(double value) {
        return java.math.BigDecimal.valueOf(value).stripTrailingZeros().toPlainString();
    }

    private static List<String> words(String text) {
        return Arrays.stream(text.strip().split("\\s+")).filter(word -> !word.isEmpty()).toList();
    }

    private static Optional<Double> figure(Map<String, String> row, String name, DoublePredicate isSensible) {
        String text = row.getOrDefault(name, "").strip();
        if (text.isEmpty()) {
            return Optional.empty();
        }
        try {
            double value = Double.parseDouble(text);
            if (isSensible.test(value)) {
                return Optional.of(value);
            }
        } catch (NumberFormatException notOne) {
            // Said below, like a figure that cannot be.
        }
        throw new WoodRefused(Label.of("refused.wood.figure", new Typed(name), new Typed(text)));
    }

    private static Trait trait(String text) {
        return Arrays.stream(Trait.values()).filter(trait -> trait.id().equals(text)).findFirst()
                .orElseThrow(() -> new WoodRefused(Label.of("refused.wood.character", new Typed(text),
                        new Typed(Arrays.stream(Trait.values()).map(Trait::id).collect(Collectors.joining(", "))))));
    }

    private static int colour(String text) {
        if (text.isEmpty()) {
            return OTHER_COLOUR;
        }
        if (!text.matches("[0-9a-fA-F]{6}")) {
            throw new WoodRefused(Label.of("refused.wood.colour", new Typed(text)));
        }
        return Integer.parseInt(text, 16);
    }

    /** The colour of a wood of any name. */
    public static int colourOf(String id) {
        return Woods.SHIPPED.find(id).map(Species::colour).orElse(OTHER_COLOUR);
    }

    /** Whether it is known to be crushed by fine details and to give under a peg. */
    public boolean isSoft() {
        return hardness.filter(force -> force < SOFT).isPresent();
    }

    public boolean has(Trait trait) {
        return traits.contains(trait);
    }

    /** Whether this is one of its names. */
    boolean isCalled(String name) {
        return id.equals(name) || names.contains(name);
    }
}
