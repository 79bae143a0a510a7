package longshoulder.core.geometry;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.Test;

/** A block 60 square and 100 high, with slots from two of its sides. Heights lie along y. */
class LayersTest {

    private static final int CORNERS = 24;
    private static final Solid BLOCK = Solid.of(Cell.box(Pose.WORLD, 0, 0, 0, 60, 100, 60));

    /** From the side x = 0 into the block, with round ends; a peg's hole if it is as wide as high. */
    private static Solid alongX(double middle, double height, double width, double depth) {
        return slot(new Pose(Vector3D.of(0, middle, 30), Vector3D.Unit.PLUS_X, Vector3D.Unit.PLUS_Y,
                Vector3D.Unit.PLUS_Z), height, width, depth);
    }

    private static Solid alongZ(double middle, double height, double width, double depth) {
        return slot(new Pose(Vector3D.of(30, middle, 0), Vector3D.Unit.PLUS_Z, Vector3D.Unit.MINUS_Y,
                Vector3D.Unit.PLUS_X), height, width, depth);
    }

    private static Solid slot(Pose pose, double height, double width, double depth) {
        double[] y = new double[CORNERS];
        double[] z = new double[CORNERS];
        for (int i = 0; i < CORNERS; i++) {
            double turn = 2 * Math.PI * (i + 0.5) / CORNERS;
            y[i] = width / 2 * Math.cos(turn) + Math.copySign((height - width) / 2, Math.cos(turn));
            z[i] = width / 2 * Math.sin(turn);
        }
        return Solid.of(Optional.of(Cell.round(pose, 0, depth, y, z)));
    }

    private static Solid inLayers(Solid one, Solid other) {
        Layers layers = new Layers(List.of(one, other));
        return BLOCK.minus(layers.of(one)).minus(layers.of(other));
    }

    /** Its flat end is sawn before its facets, or these would be sawn through all of the block, and the next slot through them. */
    @Test
    void slotWithASlantedEnd_leavesNoMoreCellsThanOneWithASquareEnd() {
        Solid square = alongX(50, 40, 12, 20);
        Solid slanted = alongX(50, 40, 12, 25)
                .clip(HalfSpace.through(Vector3D.of(20, 50, 30), Vector3D.of(1, 0, 0.2)));
        Solid beside = alongZ(50, 40, 6, 20).moved(Vector3D.of(20, 0, 0));
        assertThat(BLOCK.minus(slanted).minus(beside).cells())
                .hasSize(BLOCK.minus(square).minus(beside).cells().size());
    }

    @Test
    void slotsThatCross_leaveTheSameInHalfTheCells() {
        Solid one = alongX(50, 40, 12, 45);
        Solid other = alongZ(50, 40, 12, 45);
        Solid whole = BLOCK.minus(one).minus(other);
        Solid layered = inLayers(one, other);
        assertThat(layered.volume()).isCloseTo(whole.volume(), within(1e-6));
        assertThat(layered.cells().size()).isLessThan(whole.cells().size() / 2);
        Skins.assertClosed(Mesh.of(Boundary.of(layered)));
    }

    @Test
    void layers_areWhatTheyWereTogether() {
        Solid slot = alongX(50, 40, 12, 45);
        Solid layers = new Layers(List.of(slot, alongZ(60, 40, 12, 45))).of(slot);
        assertThat(layers.cells()).hasSize(CORNERS / 2 - 1);
        assertThat(layers.volume()).isCloseTo(slot.volume(), within(1e-6));
        assertThat(layers.bounds()).isEqualTo(slot.bounds());
    }

    @Test
    void pegThroughTheStraightMiddleOfASlot_leavesBothWhole() {
        Solid slot = alongX(50, 40, 12, 45);
        Solid peg = alongZ(50, 8, 8, 60);
        assertThat(new Layers(List.of(slot, peg)).of(slot).cells()).containsExactlyElementsOf(slot.cells());
        assertThat(new Layers(List.of(slot, peg)).of(peg).cells()).containsExactlyElementsOf(peg.cells());
    }

    @Test
    void slotsThatMiss_stayWhole() {
        Solid slot = alongX(30, 20, 12, 45);
        Solid other = alongZ(70, 20, 12, 45);
        assertThat(new Layers(List.of(slot, other)).of(slot).cells()).containsExactlyElementsOf(slot.cells());
    }

    @Test
    void squareTool_staysAsItIs() {
        Solid box = Solid.of(Cell.box(Pose.WORLD, 0, 40, 20, 30, 60, 40));
        assertThat(new Layers(List.of(box, alongX(50, 40, 12, 45))).of(box).cells())
                .containsExactlyElementsOf(box.cells());
    }

    @Property(tries = 300, seed = "2611")
    void anyTwo_leaveTheSame_closed(@ForAll @DoubleRange(min = 30, max = 70) double one,
            @ForAll @DoubleRange(min = 30, max = 70) double other,
            @ForAll @DoubleRange(min = 6, max = 20) double width,
            @ForAll @DoubleRange(min = 20, max = 60) double depth) {
        Solid first = alongX(one, 40, width, depth);
        Solid second = alongZ(other, 24, 12, 60);
        Solid layered = inLayers(first, second);
        assertThat(layered.volume()).isCloseTo(BLOCK.minus(first).minus(second).volume(), within(1e-6));
        Skins.assertBalanced(Mesh.of(Boundary.of(layered)));
    }
}
