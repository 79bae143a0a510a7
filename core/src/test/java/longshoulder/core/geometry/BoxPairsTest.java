package longshoulder.core.geometry;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.Test;

class BoxPairsTest {

    private static Bounds box(double x, double y, double z, double size) {
        return new Bounds(Vector3D.of(x, y, z), Vector3D.of(x + size, y + size, z + size));
    }

    /** The same pairs as comparing each with each, in the same order. */
    @Property(tries = 200, seed = "2611")
    void of_isWhatComparingAllWithAllGives(@ForAll long seed) {
        Random random = new Random(seed);
        List<Bounds> boxes = new ArrayList<>();
        for (int i = 0; i < 25; i++) {
            boxes.add(box(random.nextInt(20), random.nextInt(20), random.nextInt(20), 1 + random.nextInt(8)));
        }
        List<BoxPairs.Pair> expected = new ArrayList<>();
        for (int i = 0; i < boxes.size(); i++) {
            for (int j = i + 1; j < boxes.size(); j++) {
                if (boxes.get(i).overlaps(boxes.get(j))) {
                    expected.add(new BoxPairs.Pair(i, j));
                }
            }
        }
        assertThat(BoxPairs.of(boxes)).isEqualTo(expected);
    }

    @Test
    void of_boxesThatTouch_noPair() {
        assertThat(BoxPairs.of(List.of(box(0, 0, 0, 5), box(5, 0, 0, 5)))).isEmpty();
        assertThat(BoxPairs.of(List.of(box(0, 0, 0, 5), box(4, 0, 0, 5)))).containsExactly(new BoxPairs.Pair(0, 1));
        assertThat(BoxPairs.of(List.of())).isEmpty();
    }
}
