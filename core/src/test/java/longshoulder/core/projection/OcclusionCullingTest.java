package longshoulder.core.projection;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.apache.commons.geometry.euclidean.twod.Vector2D;
import org.junit.jupiter.api.Test;

class OcclusionCullingTest {

    private static final int SIDE = 40;

    private static Patch patch(String piece, double... corners) {
        List<Vector2D> points = new ArrayList<>();
        for (int i = 0; i < corners.length; i += 2) {
            points.add(Vector2D.of(corners[i], corners[i + 1]));
        }
        return new Patch(piece, points, 1, 0);
    }

    private static Patch box(String piece, double left, double low, double right, double high) {
        return patch(piece, left, low, right, low, right, high, left, high);
    }

    @Test
    void of_whatLiesUnderAnother_isLeftOut() {
        Patch under = box("back", 1, 1, 9, 9);
        Patch over = box("front", 0, 0, 10, 10);
        assertThat(OcclusionCulling.of(List.of(under, over))).containsExactly(over);
        assertThat(OcclusionCulling.of(List.of(over, under))).as("nearer").containsExactly(over, under);
        assertThat(OcclusionCulling.of(List.of(over, over))).as("twice the same").hasSize(1);
    }

    /** Of two triangles in one box neither covers the other. */
    @Test
    void of_whatLooksOutBesideASlope_isKept() {
        Patch one = patch("one", 0, 0, 10, 0, 0, 10);
        Patch other = patch("other", 10, 10, 0, 10, 10, 0);
        Patch corner = patch("corner", 0, 0, 4, 0, 0, 4);
        assertThat(OcclusionCulling.of(List.of(corner, one, other))).containsExactly(one, other);
        assertThat(OcclusionCulling.of(List.of(corner, other))).containsExactly(corner, other);
    }

    /** Whatever is left out: everywhere the same face is seen. */
    @Property(tries = 300, seed = "2611")
    void of_anyFaces_sameFacesAreSeen(@ForAll long seed) {
        Random random = new Random(seed);
        List<Patch> all = new ArrayList<>();
        for (int i = 0; i < 12; i++) {
            int left = random.nextInt(SIDE);
            int low = random.nextInt(SIDE);
            int right = left + 1 + random.nextInt(SIDE);
            int high = low + 1 + random.nextInt(SIDE);
            all.add(random.nextBoolean()
                    ? box("box " + i, left, low, right, high)
                    : patch("kite " + i, left, low, right, low, right, high));
        }
        List<Patch> left = OcclusionCulling.of(all);
        for (int i = 0; i < 200; i++) {
            // On no edge: these run through whole numbers or slant through few others.
            Vector2D point = Vector2D.of(0.37 + random.nextInt(2 * SIDE), 0.41 + random.nextInt(2 * SIDE));
            assertThat(seenAt(left, point)).isEqualTo(seenAt(all, point));
        }
        assertThat(all).containsSubsequence(left);
    }

    private static Optional<String> seenAt(List<Patch> patches, Vector2D point) {
        return patches.reversed().stream().filter(patch -> holds(patch.corners(), point)).findFirst().map(Patch::piece);
    }

    private static boolean holds(List<Vector2D> corners, Vector2D point) {
        for (int i = 0; i < corners.size(); i++) {
            Vector2D from = corners.get(i);
            if (from.vectorTo(corners.get((i + 1) % corners.size())).signedArea(from.vectorTo(point)) < 0) {
                return false;
            }
        }
        return true;
    }
}
