package longshoulder.core.geometry;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class SkinTest {

    private static Solid box(double from, double to) {
        return Solid.of(Cell.box(Pose.WORLD, from, 0, 0, to, 20, 10));
    }

    private static int[] seams(Skin skin, int cell) {
        return skin.seams().get(cell).stream().toArray();
    }

    private static double area(Skin skin) {
        return skin.faces().stream().mapToDouble(face -> face.polygon().area().norm()).sum();
    }

    @Test
    void twoHalves_haveASeamWhereTheyTouch() {
        Skin halves = Skin.of(box(0, 30).plus(box(30, 50)));
        assertThat(seams(halves, 0)).containsExactly(1);
        assertThat(seams(halves, 1)).containsExactly(0);
        assertThat(area(halves)).isCloseTo(area(Skin.of(box(0, 50))), within(1e-9));
        assertThat(seams(Skin.of(box(0, 30)), 0)).isEmpty();
    }

    /** Faces in one plane that lie apart do not touch. */
    @Test
    void wholeFaces_inOnePlane_areNoSeam() {
        Solid apart = Solid.of(Cell.box(Pose.WORLD, 30, 50, 0, 50, 70, 10));
        assertThat(seams(Skin.of(box(0, 30).plus(apart)), 0)).isEmpty();
    }

    /** It goes on in another that covers nothing, as a rail does in its tenon. */
    @Test
    void oneThatGoesOnInAnother_hasASeamThere_andItsWholeSkin() {
        Skin skin = Skin.of(box(0, 30).cells(), box(30, 50).cells());
        assertThat(skin.seams()).hasSize(1);
        assertThat(seams(skin, 0)).containsExactly(1);
        assertThat(area(skin)).isCloseTo(area(Skin.of(box(0, 30))), within(1e-9));
    }

    @Test
    void mortisedBlock_hasTheSeamsThatAllPairsHave() {
        List<Cell> cells = box(0, 90).minus(box(20, 40).clip(new HalfSpace(Pose.WORLD.across(), 12)))
                .minus(box(60, 65)).cells();
        assertThat(cells).hasSizeGreaterThan(3);
        Skin skin = Skin.of(cells, List.of());
        for (int i = 0; i < cells.size(); i++) {
            Cell cell = cells.get(i);
            assertThat(seams(skin, i)).containsExactly(
                    IntStream.range(0, cell.faces().size()).filter(face -> isSeam(cells, cell, face)).toArray());
        }
    }

    /** The way that goes through all pairs of faces, which is slow and plain. */
    private static boolean isSeam(List<Cell> cells, Cell cell, int number) {
        Polygon face = cell.faces().get(number);
        return cells.stream().filter(other -> !other.equals(cell)).flatMap(other -> other.faces().stream())
                .anyMatch(other -> other.plane().faces(face.plane())
                        && Bounds.of(other.corners()).touches(Bounds.of(face.corners())));
    }
}
