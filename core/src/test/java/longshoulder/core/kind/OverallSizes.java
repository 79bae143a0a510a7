package longshoulder.core.kind;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.DoubleUnaryOperator;
import java.util.function.Predicate;
import java.util.stream.Stream;
import longshoulder.core.brief.Brief;
import longshoulder.core.geometry.HalfSpace;
import longshoulder.core.geometry.Mesh;
import longshoulder.core.plan.Plan;
import longshoulder.core.plan.PlannedPiece;
import org.apache.commons.geometry.euclidean.threed.Vector3D;

/** What was asked of a kind, measured on the skins of its pieces: another way to the same figures. */
final class OverallSizes {

    private static final double EXACT = 1e-3;

    private final Plan plan;
    private final Brief brief;

    private OverallSizes(Plan plan) {
        this.plan = plan;
        this.brief = plan.project().brief();
    }

    /** Every overall size recomputed from the solids is what was asked, to a thousandth of a millimetre. */
    static void assertAsAsked(Plan plan) {
        new OverallSizes(plan).check();
    }

    private void check() {
        switch (brief.kind()) {
            case "table", "stool" -> {
                box("overall.length", "overall.depth", "overall.height", piece -> true);
                diagonals();
            }
            case "workbench" -> {
                measured(0, "overall.length", id -> id.equals("top"));
                measured(1, "overall.depth", id -> id.startsWith("post"));
                measured(2, "overall.height", id -> true);
            }
            case "cabinet" -> cabinet();
            case "bench" -> bench();
            case "trestle" -> {
                measured(0, "beam.length", id -> id.startsWith("leg"));
                measured(1, "foot.spread", id -> id.startsWith("foot"));
                measured(2, "overall.height", id -> true);
            }
            case "door" -> doors();
            case "frame" -> frames();
            case "stand" -> stand();
            default -> assertThat(brief.kind()).isEqualTo("free");
        }
    }

    /** The case, where its sizes were given, is measured without its top; its height counts all the same. */
    private void cabinet() {
        if (brief.choice("size.given").equals(Optional.of("niche"))) {
            double room = asked("niche.room");
            assertThat(size(0, id -> true)).as("width in a niche").isCloseTo(asked("overall.width") - 2 * room,
                    within(EXACT));
            assertThat(size(1, id -> true)).as("depth in a niche").isCloseTo(asked("overall.depth") - room,
                    within(EXACT));
            assertThat(size(2, id -> true)).as("height in a niche").isCloseTo(asked("overall.height") - room,
                    within(EXACT));
            return;
        }
        boolean ofCase = brief.choice("size.given").equals(Optional.of("case"));
        box("overall.width", "overall.depth", "",
                ofCase ? id -> id.startsWith("post") || id.startsWith("face.stile") : id -> true);
        measured(2, "overall.height", id -> true);
    }

    private void bench() {
        box("overall.length", "overall.depth", "", id -> id.equals("slab"));
        boolean over = brief.choice("height.given").equals(Optional.of("over-slab"));
        double[] slab = extent(2, id -> id.equals("slab"));
        assertThat(over ? slab[1] : slab[0]).as("seat of a bench").isCloseTo(asked("seat.height"), within(EXACT));
    }

    private void doors() {
        boolean opening = brief.choice("size.given").equals(Optional.of("opening"));
        double gaps = opening ? 1 : 0;
        assertThat(size(0, id -> id.startsWith("stile"))).as("width of a door")
                .isCloseTo(asked("size.width") - gaps * 2 * asked("gap.sides"), within(EXACT));
        assertThat(size(2, id -> id.startsWith("stile"))).as("height of a door").isCloseTo(
                asked("size.height") - gaps * (asked("gap.top") + asked("gap.bottom")), within(EXACT));
    }

    /** By sight size the clear opening is what was asked; by a mirror so much less as it lies in its rebates without its room. */
    private void frames() {
        Optional<String> given = brief.choice("size.given");
        if (!given.equals(Optional.of("overall"))) {
            double hidden = given.equals(Optional.of("mirror")) ? 2 * asked("groove.depth") - asked("glass.room") : 0;
            assertThat(extent(0, "stile-right"::equals)[0] - extent(0, "stile-left"::equals)[1]).as("sight width")
                    .isCloseTo(asked("size.width") - hidden, within(EXACT));
            assertThat(extent(2, "rail-top"::equals)[0] - extent(2, "rail-bottom"::equals)[1]).as("sight height")
                    .isCloseTo(asked("size.height") - hidden, within(EXACT));
        } else {
            box("size.width", "", "size.height", id -> id.startsWith("stile"));
        }
    }

    /** The pot and its clearance fit between the legs where that was asked, and the rails' upper edges lie at the seat. */
    private void stand() {
        double lean = brief.angle("stand.lean").radians();
        boolean along = brief.choice("seat.measured").equals(Optional.of("along"));
        double seat = asked("seat.height") * (along ? Math.cos(lean) : 1);
        assertThat(extent(2, "rail-long"::equals)[1]).as("seat of a stand").isCloseTo(seat, within(EXACT));
        for (String leg : List.of("leg-left", "leg-right", "leg-front", "leg-back")) {
            HalfSpace inner = plan.frame().piece(leg).shape().farEdge();
            DoubleUnaryOperator clear = above -> 2 * inner.distance(Vector3D.of(0, 0, seat + above)) / Math.cos(lean);
            if (brief.choice("stand.given").equals(Optional.of("rail"))) {
                assertThat(clear.applyAsDouble(0)).as(leg).isCloseTo(asked("rail.between"), within(EXACT));
            } else {
                assertThat(spare(clear)).as(leg).isCloseTo(0, within(EXACT));
            }
        }
    }

    /** What a pot leaves of the clear width between the legs, where it leaves least: let down between the tops, or as it stands. */
    private double spare(DoubleUnaryOperator clear) {
        double above = asked("leg.above");
        boolean letDown = !brief.choice("pot.between").equals(Optional.of("seat"));
        return Stream.of(0.0, asked("pot.belly-height"), asked("pot.height"), above).filter(height -> height <= above)
                .filter(height -> !isContour()
                        ? letDown || height == 0
                        : height <= asked("pot.height")
                                || height <= asked("pot.belly-height"))
                .mapToDouble(height -> clear.applyAsDouble(letDown ? above : height) - diameter(height)
                        - 2 * asked("pot.clearance"))
                .min().orElseThrow();
    }

    private boolean isContour() {
        return brief.choice("pot.shape").equals(Optional.of("contour"));
    }

    /** The pot's diameter at a height above its foot. */
    private double diameter(double height) {
        double belly = asked("pot.belly-height");
        double rim = asked("pot.height");
        if (!isContour()) {
            return asked("pot.diameter");
        }
        return height <= belly
                ? asked("pot.foot") + height / belly * (asked("pot.belly") - asked("pot.foot"))
                : asked("pot.belly") + (height - belly) / (rim - belly) * (asked("pot.diameter") - asked("pot.belly"));
    }

    /** What a tape over the outer corners of the legs reads, whichever of the two diagonals it lies along. */
    private void diagonals() {
        for (String end : List.of("left", "right")) {
            String front = "leg-front-" + end;
            String back = "leg-back-" + end;
            assertThat(diagonal("end-" + end)).as(end).isCloseTo(corner(front, true).distance(corner(back, false)),
                    within(EXACT));
        }
        double whole = diagonal("whole");
        assertThat(whole).isCloseTo(corner("leg-front-left", true).distance(corner("leg-back-right", true)),
                within(EXACT));
        assertThat(whole).isCloseTo(corner("leg-front-right", true).distance(corner("leg-back-left", true)),
                within(EXACT));
    }

    private double diagonal(String assembly) {
        return plan.frame().assemblies().stream().filter(one -> one.name().equals(assembly)).findFirst().orElseThrow()
                .diagonal().orElseThrow().value().toMillimetres();
    }

    /** The outermost corner of a leg at its upper or lower end; of one that is bevelled to a bow, that of its outer face. */
    private Vector3D corner(String leg, boolean upper) {
        List<Vector3D> points = plan.piece(leg).mesh().points();
        double level = points.stream().mapToDouble(point -> upper ? point.getZ() : -point.getZ()).max().orElseThrow();
        double depth = brief.choice("bow").equals(Optional.of("front")) ? 1e-3 : 1;
        Vector3D outwards = Vector3D.of(leg.endsWith("left") ? -1 : 1, leg.contains("front") ? -depth : depth, 0);
        return points.stream().filter(point -> (upper ? point.getZ() : -point.getZ()) > level - EXACT)
                .max(Comparator.comparingDouble(outwards::dot)).orElseThrow();
    }

    private void box(String x, String y, String z, Predicate<String> pieces) {
        List<String> names = List.of(x, y, z);
        for (int axis = 0; axis < 3; axis++) {
            if (!names.get(axis).isEmpty()) {
                // A leaning table stands wider on the floor than its top: that is measured alone.
                boolean spread = brief.choice("splay.given").equals(Optional.of("spread"));
                boolean top = Stream.of("front", "side").anyMatch(way -> spread
                        ? asked("spread." + way) > 0
                        : !brief.angle("splay." + way).isZero());
                measured(axis, names.get(axis),
                        top && axis < 2 ? id -> id.equals("top") || id.equals("seat") : pieces);
            }
        }
    }

    private void measured(int axis, String parameter, Predicate<String> pieces) {
        assertThat(size(axis, pieces)).as("%s of a %s", parameter, brief.kind()).isCloseTo(asked(parameter),
                within(EXACT));
    }

    private double asked(String parameter) {
        return brief.required(parameter).value().toMillimetres();
    }

    private double size(int axis, Predicate<String> pieces) {
        double[] extent = extent(axis, pieces);
        return extent[1] - extent[0];
    }

    /** Without what stands out at ends as tenons proud: the corners of skins of these pieces along an axis. */
    private double[] extent(int axis, Predicate<String> pieces) {
        double[] found = {Double.POSITIVE_INFINITY, Double.NEGATIVE_INFINITY};
        plan.pieces().stream().filter(piece -> pieces.test(piece.id())).map(PlannedPiece::mesh).map(Mesh::points)
                .flatMap(List::stream).mapToDouble(point -> point.toArray()[axis]).forEach(value -> {
                    found[0] = Math.min(found[0], value);
                    found[1] = Math.max(found[1], value);
                });
        return found;
    }
}
