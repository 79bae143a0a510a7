package longshoulder.core.projection;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import longshoulder.core.geometry.View;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.Test;

/** Seen from above, so that the outlines are those of the points given. */
class SilhouetteTest {

    private static Silhouette of(double... xy) {
        return Silhouette.of(points(xy), View.PLAN);
    }

    private static List<Vector3D> points(double... xy) {
        return IntStream.range(0, xy.length / 2).mapToObj(i -> Vector3D.of(xy[2 * i], xy[2 * i + 1], i)).toList();
    }

    @Test
    void boxesThatShareAnEdge_doNotOverlap() {
        Silhouette left = of(0, 0, 10, 0, 10, 10, 0, 10);
        assertThat(left.overlaps(of(10, 0, 20, 0, 20, 10, 10, 10))).isFalse();
        assertThat(left.overlaps(of(9, 5, 20, 5, 20, 15, 9, 15))).isTrue();
    }

    /** Their boxes overlap, and a slanted side of one parts them: from either side asked. */
    @Test
    void cornerBeyondASlantedSide_isParted() {
        Silhouette triangle = of(0, 0, 10, 0, 0, 10);
        Silhouette corner = of(6, 6, 12, 6, 12, 12, 6, 12);
        assertThat(triangle.mayOverlap(corner)).isTrue();
        assertThat(triangle.overlaps(corner)).isFalse();
        assertThat(corner.overlaps(triangle)).isFalse();
        assertThat(triangle.overlaps(of(4, 4, 12, 4, 12, 12, 4, 12))).isTrue();
    }

    @Test
    void oneInsideTheOther_overlaps() {
        assertThat(of(0, 0, 10, 0, 10, 10, 0, 10).overlaps(of(4, 4, 5, 4, 5, 5))).isTrue();
    }

    /** Points inside the outline, on its sides and twice in the same place are none of its corners, in whatever order they come. */
    @Test
    void outline_hangsOnTheOutermostPointsAlone() {
        Silhouette triangle = of(0, 0, 10, 0, 0, 10);
        List<Vector3D> more = points(0, 0, 10, 0, 0, 10, 3, 3, 5, 0, 5, 5, 0, 10, 0, 4, 1, 1);
        Random random = new Random(7);
        for (int i = 0; i < 50; i++) {
            List<Vector3D> shuffled = Arrays.asList(more.toArray(Vector3D[]::new));
            Collections.shuffle(shuffled, random);
            Silhouette same = Silhouette.of(shuffled, View.PLAN);
            double x = random.nextDouble(12);
            double y = random.nextDouble(12);
            Silhouette probe = of(x, y, x + 1, y, x, y + 1);
            assertThat(same.overlaps(probe)).isEqualTo(triangle.overlaps(probe));
            assertThat(same.boxArea()).isEqualTo(100);
        }
    }
}
