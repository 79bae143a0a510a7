package longshoulder.core.drawing;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.IntStream;
import longshoulder.core.geometry.Cell;
import longshoulder.core.geometry.HalfSpace;
import longshoulder.core.geometry.Pose;
import longshoulder.core.geometry.Solid;
import org.junit.jupiter.api.Test;

class HidingTest {

    private static Solid box(double from, double to) {
        return Solid.of(Cell.box(Pose.WORLD, from, 0, 0, to, 20, 10));
    }

    /** The way that goes through all pairs of faces, which is slow and plain. */
    private static boolean isSeam(List<Cell> cells, Cell cell, int face) {
        return cells.stream().filter(other -> !other.equals(cell)).flatMap(other -> other.faces().stream())
                .anyMatch(other -> other.plane().faces(cell.faces().get(face).plane()));
    }

    @Test
    void of_twoHalves_haveASeamWhereTheyTouch() {
        List<Hiding> halves = Hiding.of(box(0, 30).plus(box(30, 50)).cells());
        assertThat(halves.get(0).seams()).containsExactly(1);
        assertThat(halves.get(1).seams()).containsExactly(0);
        assertThat(Hiding.of(box(0, 30).cells()).getFirst().seams()).isEmpty();
    }

    /** It goes on in another that is not asked what it hides, as a rail does in its tenon. */
    @Test
    void of_oneThatGoesOnInAnother_hasASeamThere() {
        List<Hiding> hiding = Hiding.of(box(0, 30).cells(), box(30, 50).cells());
        assertThat(hiding).hasSize(1);
        assertThat(hiding.getFirst().seams()).containsExactly(1);
    }

    @Test
    void of_aMortisedBlock_findsTheSeamsThatAllPairsHave() {
        List<Cell> cells = box(0, 90).minus(box(20, 40).clip(new HalfSpace(Pose.WORLD.across(), 12)))
                .minus(box(60, 65)).cells();
        List<Hiding> hiding = Hiding.of(cells);
        assertThat(hiding).hasSizeGreaterThan(3);
        for (Hiding one : hiding) {
            int[] slowly = IntStream.range(0, one.cell().faces().size()).filter(i -> isSeam(cells, one.cell(), i))
                    .toArray();
            assertThat(one.seams()).containsExactlyInAnyOrderElementsOf(
                    IntStream.of(slowly).boxed().toList());
        }
    }
}
