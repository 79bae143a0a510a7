package longshoulder.core.geometry;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.Test;

/** A stick 100 × 20 × 20 or 100 × 20 × 10, with notches that make it handed or not. */
class CongruenceTest {

    private static Solid stick(double thickness, double... notches) {
        Solid solid = Solid.of(Cell.box(Pose.WORLD, 0, 0, 0, 100, 20, thickness));
        for (int i = 0; i < notches.length; i += 6) {
            solid = solid.minus(Solid.of(Cell.box(Pose.WORLD, notches[i], notches[i + 1], notches[i + 2],
                    notches[i + 3], notches[i + 4], notches[i + 5])));
        }
        return solid;
    }

    private static Congruence compare(Solid one, Solid other) {
        return Congruence.of(Boundary.of(one).outline(Pose.WORLD), Boundary.of(other).outline(Pose.WORLD));
    }

    @Test
    void plainSticks_areTheSame() {
        assertThat(compare(stick(20), stick(20))).isEqualTo(Congruence.SAME);
        assertThat(compare(stick(20), stick(19))).isEqualTo(Congruence.DIFFERENT);
    }

    @Test
    void notchAtTheOtherEnd_isTheSameStickTurned() {
        assertThat(compare(stick(10, 5, 0, -1, 15, 5, 11), stick(10, 85, 0, -1, 95, 5, 11)))
                .isEqualTo(Congruence.SAME);
    }

    @Test
    void notchElsewhere_isDifferent() {
        assertThat(compare(stick(10, 5, 0, -1, 15, 5, 11), stick(10, 6, 0, -1, 16, 5, 11)))
                .isEqualTo(Congruence.DIFFERENT);
    }

    @Test
    void twoNotchesRoundACorner_areHanded() {
        Solid left = stick(20, 5, -1, 5, 15, 5, 15, 30, 5, -1, 50, 15, 5);
        Solid right = stick(20, 85, -1, 5, 95, 5, 15, 50, 5, -1, 70, 15, 5);
        assertThat(compare(left, right)).isEqualTo(Congruence.MIRRORED);
        assertThat(compare(left, left)).isEqualTo(Congruence.SAME);
    }

    @Test
    void squareStick_turnedAQuarter_isTheSame() {
        assertThat(compare(stick(20, 5, -1, 5, 15, 5, 15), stick(20, 5, 5, -1, 15, 15, 5)))
                .isEqualTo(Congruence.SAME);
    }

    /** Edges in the same order are compared at once, others are looked for: both come to the same. */
    @Property(tries = 300, seed = "2611")
    void of_doesNotHangOnTheOrderOfEdges(@ForAll @IntRange(min = 1, max = 8) int along,
            @ForAll @IntRange(min = 0, max = 3) int across, @ForAll boolean mirrored, @ForAll long seed) {
        double x = 10.0 * along;
        Outline one = Boundary.of(stick(20, x, 5.0 * across, 15, x + 10, 5.0 * across + 5, 21, 30, -1, 5, 50, 15, 5))
                .outline(Pose.WORLD);
        List<Boundary.Edge> edges = new ArrayList<>(one.edges().stream()
                .map(edge -> mirrored ? new Boundary.Edge(upsideDown(edge.to()), upsideDown(edge.from())) : edge)
                .toList());
        Congruence inOrder = Congruence.of(one, new Outline(edges));
        assertThat(inOrder).isNotEqualTo(Congruence.DIFFERENT);
        Collections.shuffle(edges, new Random(seed));
        assertThat(Congruence.of(one, new Outline(edges))).isEqualTo(inOrder);
    }

    private static Vector3D upsideDown(Vector3D point) {
        return Vector3D.of(point.getX(), point.getY(), -point.getZ());
    }

    /** Whether a skin was needed to tell it or not. */
    @Property(tries = 500, seed = "2611")
    void halfTurns_ofASolid_areThoseOfItsOutline(@ForAll @IntRange(min = 1, max = 8) int along,
            @ForAll @IntRange(min = -1, max = 3) int across, @ForAll boolean evened, @ForAll boolean through) {
        double x = 10.0 * along;
        double y = 5.0 * across;
        double top = through ? 21 : 12;
        Solid once = stick(20, x, y, -1, x + 10, y + 5, top);
        Solid solid = evened ? once.minus(Solid.of(Cell.box(Pose.WORLD, 90 - x, y, -1, 100 - x, y + 5, top))) : once;
        assertThat(Congruence.halfTurns(solid, Pose.WORLD))
                .isEqualTo(Congruence.halfTurns(Boundary.of(solid).outline(Pose.WORLD)));
    }

    @Test
    void centreOfMass_liesAwayFromANotch() {
        Vector3D centre = stick(20, 0, 0, -1, 50, 10, 21).centreOfMass();
        // 40000 less 10000 whose middle is at 25, 5, 10.
        assertThat(centre.getX()).isCloseTo((40_000 * 50 - 10_000 * 25) / 30_000.0, within(1e-9));
        assertThat(centre.getY()).isCloseTo((40_000 * 10 - 10_000 * 5) / 30_000.0, within(1e-9));
        assertThat(centre.getZ()).isCloseTo(10, within(1e-9));
        assertThat(Solid.NOTHING.centreOfMass()).isEqualTo(Vector3D.ZERO);
    }
}
