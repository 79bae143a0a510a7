package longshoulder.core.kind;

import static longshoulder.core.Tables.mm;
import static longshoulder.core.kind.Designs.length;
import static longshoulder.core.kind.Designs.plan;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;
import longshoulder.core.finding.Finding;
import longshoulder.core.geometry.Cell;
import longshoulder.core.geometry.Pose;
import longshoulder.core.geometry.Solid;
import longshoulder.core.plan.Plan;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Furniture for an object that was measured: a pot, a mirror, a niche. Figures worked out by hand; places measured on the solids. */
class GivenObjectsTest {

    /** The clear width between two legs of a stand at a height, in millimetres. */
    private static double clear(Plan plan, double height) {
        Solid slab = Solid.of(Cell.box(Pose.WORLD, -5000, -5000, height - 1e-4, 5000, 5000, height + 1e-4));
        double left = plan.piece("leg-left").solid().intersection(slab).bounds().greatest().getX();
        double right = plan.piece("leg-right").solid().intersection(slab).bounds().least().getX();
        return right - left;
    }

    private static Plan stand(String... more) {
        List<String> settings = new ArrayList<>(List.of("seat.height", "300", "leg.above", "90", "stand.lean", "8°",
                "pot.clearance", "3"));
        settings.addAll(Arrays.asList(more));
        return plan("stand", settings.toArray(String[]::new));
    }

    /**
     * The legs rise 90 above the seat. tan 8° = 0.140541.
     * <ul>
     * <li>Belly 300 at 120, above the tops: at the tops 220 + 90/120 · 80 = 280; let down: 280 + 6 = 286 there.
     * <li>Belly 300 at 60, rim 240 at 200: the belly passes the tops, so 306 there.
     * <li>The same set down and not let down: at the foot 226, at the belly 306 + 2 · 60 · tan 8° = 322.865, at the tops 287.143 + 6 + 2 · 90 ·
     * tan 8° = 318.440: at the seat 322.865, so at the tops 322.865 − 25.297 = 297.568.
     * </ul>
     */
    @ParameterizedTest
    @CsvSource({"tops, 300, 120, 260, 260, 286", "tops, 300, 60, 240, 200, 306", "seat, 300, 60, 240, 200, 297.568"})
    void stand_leavesAPotItsRoom_byItsContour(String between, String belly, String at, String rim, String height,
            double tops) {
        Plan plan = stand("pot.shape", "contour", "pot.foot", "220", "pot.belly", belly, "pot.belly-height", at,
                "pot.diameter", rim, "pot.height", height, "pot.between", between);
        assertThat(clear(plan, 390)).isCloseTo(tops, within(2e-3));
    }

    /** 300 along the edge of a leg that leans 8° are 300 · cos 8° = 297.080 above the floor; there the upper edges of the rails lie. */
    @Test
    void stand_seatAlongTheLeg() {
        Plan plan = stand("seat.measured", "along");
        assertThat(plan.piece("rail-long").solid().bounds().greatest().getZ()).isCloseTo(297.080, within(1e-3));
    }

    /** 330 between the shoulders at the upper edge is what the legs are apart at the seat. */
    @Test
    void stand_byItsCrossRail() {
        Plan plan = stand("stand.given", "rail", "rail.between", "330", "pot.diameter", "290");
        assertThat(clear(plan, 299.999)).isCloseTo(330, within(2e-3));
        assertThat(plan.findings()).isEmpty();
    }

    /** At the tops 330 − 25.297 = 304.703 are left: a pot of 300 with 3 at each side wants 306. */
    @Test
    void stand_byACrossRailTooShortForThePot_isStopped() {
        assertThat(Stream.of("300", "298").map(pot -> stand("stand.given", "rail", "rail.between", "330",
                "pot.diameter", pot)).map(plan -> plan.findings().stream().map(Finding::code).toList()))
                .containsExactly(List.of("no-room"), List.of());
    }

    /** A mirror 400 by 600 with 3 of room in rebates 9 wide: 385 and 585 are seen; with 55 at each side 495 by 695 in all. */
    @Test
    void frame_byItsMirror() {
        Plan plan = plan("frame", "size.given", "mirror", "size.width", "400", "size.height", "600");
        assertThat(length(plan, "stile-left")).isEqualTo(mm("695"));
        assertThat(plan.piece("rail-top").shoulderLength().orElseThrow().value()).isEqualTo(mm("385"));
        assertThat(length(plan, "glass")).isEqualTo(mm("600"));
        assertThat(plan.piece("glass").piece().width().value()).isEqualTo(mm("400"));
    }

    /** A niche 800 wide and 900 high: 5 at each side and above leave 790 and 895. */
    @Test
    void cabinet_inANiche() {
        Plan plan = plan("cabinet", "size.given", "niche", "overall.width", "800", "overall.height", "900",
                "overall.depth", "400");
        assertThat(length(plan, "top")).isEqualTo(mm("790"));
        assertThat(plan.piece("top").piece().width().value()).isEqualTo(mm("395"));
        assertThat(plan.piece("top").solid().bounds().greatest().getZ()).isCloseTo(895, within(1e-6));
    }
}
