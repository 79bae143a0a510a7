package longshoulder.core.wood;

import java.util.List;
import java.util.Optional;

/**
 * A kind of wood.
 *
 * @param id such as {@code beech}
 * @param radial share of the width by which it moves along the rings' radius, per % of moisture
 * @param tangential the same along the rings
 * @param hardness force that presses a small ball halfway into its side, in newton
 * @param colour of a freshly planed face, as 0xRRGGBB
 */
public record Species(String id, double radial, double tangential, int hardness, int colour) {

    /** Softer than this, in newton, is crushed by fine details and gives under a peg. */
    private static final int SOFT = 4000;

    /** Common woods; the figures are from public-domain wood-science tables. */
    public static final List<Species> COMMON = List.of(new Species("beech", 0.00190, 0.00431, 5800, 0xecd8b8),
            new Species("white-ash", 0.00169, 0.00274, 5900, 0xefe2c6),
            new Species("elm", 0.00144, 0.00338, 3700, 0xd8b78c),
            new Species("cherry", 0.00126, 0.00248, 4200, 0xd9a67f),
            new Species("hard-maple", 0.00165, 0.00353, 6400, 0xf1e4cb),
            new Species("white-oak", 0.00180, 0.00365, 6000, 0xdcc59b),
            new Species("red-oak", 0.00158, 0.00369, 5700, 0xe0bd98),
            new Species("walnut", 0.00190, 0.00274, 4500, 0xb69479),
            new Species("yellow-birch", 0.00256, 0.00338, 5600, 0xefdcb4),
            new Species("white-pine", 0.00071, 0.00212, 1700, 0xf3e3bd),
            new Species("larch", 0.00155, 0.00323, 3700, 0xe6be8e),
            new Species("sycamore", 0.00172, 0.00296, 3400, 0xf2ead8));

    /** The colour of a wood that is not in the table. */
    private static final int OTHER_COLOUR = 0xe6d3b3;

    /** The colour of a wood of any name. */
    public static int colourOf(String id) {
        return find(id).map(Species::colour).orElse(OTHER_COLOUR);
    }

    /** The wood of a name; empty if there is none. */
    public static Optional<Species> find(String id) {
        return COMMON.stream().filter(species -> species.id().equals(id)).findFirst();
    }

    public boolean isSoft() {
        return hardness < SOFT;
    }

    /** Whether there is a wood of that name. */
    public static boolean isKnown(String id) {
        return find(id).isPresent();
    }
}
