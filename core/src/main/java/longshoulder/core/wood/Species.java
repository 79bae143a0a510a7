package longshoulder.core.wood;

import java.util.List;

/**
 * A kind of wood.
 *
 * @param id such as {@code beech}
 * @param radial share of the width by which it moves along the rings' radius, per % of moisture
 * @param tangential the same along the rings
 */
public record Species(String id, double radial, double tangential) {

    /** Common woods; the figures are from public-domain wood-science tables. */
    public static final List<Species> COMMON = List.of(new Species("beech", 0.00190, 0.00431),
            new Species("white-ash", 0.00169, 0.00274), new Species("elm", 0.00144, 0.00338),
            new Species("cherry", 0.00126, 0.00248), new Species("hard-maple", 0.00165, 0.00353),
            new Species("white-oak", 0.00180, 0.00365), new Species("red-oak", 0.00158, 0.00369),
            new Species("walnut", 0.00190, 0.00274), new Species("yellow-birch", 0.00256, 0.00338),
            new Species("white-pine", 0.00071, 0.00212), new Species("larch", 0.00155, 0.00323),
            new Species("sycamore", 0.00172, 0.00296));

    /** Whether there is a wood of that name. */
    public static boolean isKnown(String id) {
        return COMMON.stream().anyMatch(species -> species.id().equals(id));
    }
}
