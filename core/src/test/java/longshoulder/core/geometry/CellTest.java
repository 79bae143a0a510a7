package longshoulder.core.geometry;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.Test;

class CellTest {

    private static Cell box(double x0, double y0, double z0, double x1, double y1, double z1) {
        return Cell.box(Pose.WORLD, x0, y0, z0, x1, y1, z1).orElseThrow();
    }

    private static HalfSpace below(double z) {
        return HalfSpace.through(Vector3D.of(0, 0, z), Vector3D.Unit.PLUS_Z);
    }

    @Test
    void box_hasSixFacesAndItsVolume() {
        Cell box = box(0, 0, 0, 30, 20, 10);
        assertThat(box.faces()).hasSize(6);
        assertThat(box.corners()).hasSize(8);
        assertThat(box.volume()).isCloseTo(6000, within(1e-9));
        assertThat(box.bounds().size()).isEqualTo(Vector3D.of(30, 20, 10));
    }

    @Test
    void box_everyFaceLooksOutwards() {
        Cell box = box(0, 0, 0, 30, 20, 10);
        for (Polygon face : box.faces()) {
            assertThat(face.plane().distance(Vector3D.of(15, 10, 5))).isNegative();
            assertThat(face.area().dot(face.plane().normal())).isPositive();
        }
    }

    /** Cells of pieces with impossible sizes may have such a face; they are measured like any other. */
    @Test
    void volume_withAFaceWithoutCorners_isThatOfTheOthers() {
        Cell box = box(0, 0, 0, 30, 20, 10);
        HalfSpace[] planes = Arrays.copyOf(box.planes(), 7);
        planes[6] = below(10);
        int[][] loops = Arrays.copyOf(box.loops(), 7);
        loops[6] = new int[0];
        Cell open = new Cell(box.points(), box.cornerCount(), planes, loops);
        assertThat(open.volume()).isCloseTo(6000, within(1e-9));
        assertThat(Solid.of(Optional.of(open)).centreOfMass().distance(Vector3D.of(15, 10, 5))).isLessThan(1e-9);
    }

    @Test
    void box_withoutThickness_isNothing() {
        assertThat(Cell.box(Pose.WORLD, 0, 0, 0, 30, 0, 10)).isEmpty();
        assertThat(Cell.box(Pose.WORLD, 5, 0, 0, 3, 10, 10)).isEmpty();
    }

    @Test
    void clip_keepsTheInnerSide() {
        Cell lower = box(0, 0, 0, 30, 20, 10).clip(below(4)).orElseThrow();
        assertThat(lower.volume()).isCloseTo(30 * 20 * 4, within(1e-9));
        assertThat(lower.bounds().greatest().getZ()).isCloseTo(4, within(1e-12));
    }

    @Test
    void clip_beyondTheCell_leavesItOrNothing() {
        Cell box = box(0, 0, 0, 30, 20, 10);
        assertThat(box.clip(below(10))).containsSame(box);
        assertThat(box.clip(below(0))).isEmpty();
        assertThat(box.clip(below(Tolerance.LENGTH / 2))).as("thinner than the tolerance").isEmpty();
    }

    @Test
    void clip_offACorner_addsATriangle() {
        HalfSpace plane = HalfSpace.through(Vector3D.of(25, 20, 10), Vector3D.of(1, 1, 1));
        Cell cut = box(0, 0, 0, 30, 20, 10).clip(plane).orElseThrow();
        assertThat(cut.faces()).hasSize(7);
        assertThat(cut.faces().getLast().corners()).hasSize(3);
        assertThat(cut.volume()).isCloseTo(6000 - 125 / 6.0, within(1e-9));
    }

    @Test
    void minus_leavesTheRestInPartsThatDoNotOverlap() {
        Cell box = box(0, 0, 0, 30, 20, 10);
        List<Cell> rest = box.minus(box(10, 5, 3, 20, 15, 50));
        assertThat(rest.stream().mapToDouble(Cell::volume).sum()).isCloseTo(6000 - 10 * 10 * 7, within(1e-9));
        for (Cell one : rest) {
            for (Cell other : rest) {
                assertThat(one == other || one.intersection(other).isEmpty()).isTrue();
            }
        }
    }

    private static Cell round(double radius, double from, double to) {
        int sides = 24;
        double[] y = new double[sides];
        double[] z = new double[sides];
        for (int i = 0; i < sides; i++) {
            double turn = 2 * Math.PI * (i + 0.5) / sides;
            y[i] = 10 + radius / Math.cos(Math.PI / sides) * Math.cos(turn);
            z[i] = 5 + radius / Math.cos(Math.PI / sides) * Math.sin(turn);
        }
        return Cell.prism(Pose.WORLD, from, to, y, z);
    }

    /** Round a circle of radius r stands a polygon of n sides with the area n · r² · tan(π / n). */
    @Test
    void prism_overAPolygon_holdsItsAreaTimesItsLength() {
        Cell prism = round(4, 2, 12);
        assertThat(prism.faces()).hasSize(26);
        assertThat(prism.volume()).isCloseTo(10 * 24 * 16 * Math.tan(Math.PI / 24), within(1e-9));
        assertThat(prism.faces()).allSatisfy(face -> assertThat(prism.corners())
                .allMatch(corner -> face.plane().distance(corner) < 1e-9));
        assertThat(prism.faces().subList(2, 6)).allSatisfy(side -> assertThat(
                Math.max(Math.abs(side.plane().normal().getY()), Math.abs(side.plane().normal().getZ())))
                .as("sides along the axes come first").isCloseTo(1, within(1e-9)));
    }

    /** A blind round hole in a block: five slabs round the prism's box, and the wood in its corners. */
    @Test
    void minus_aRoundHole_leavesTheRest() {
        Cell block = box(0, 0, 0, 30, 20, 10);
        Cell hole = round(4, -1, 12);
        List<Cell> rest = block.minus(hole);
        assertThat(rest.stream().mapToDouble(Cell::volume).sum())
                .isCloseTo(6000 - 12 * 24 * 16 * Math.tan(Math.PI / 24), within(1e-6));
        assertThat(rest).hasSize(5 + 20).allMatch(part -> part.intersection(hole).isEmpty());
    }

    /** Of a hole that only grazes a block, the block is sawn along no side that does not border it. */
    @Test
    void minus_aHoleThatGrazes_sawsOnlyWhereItBorders() {
        Cell beside = box(0, 12, 0, 30, 20, 10);
        Cell hole = round(4, -1, 40);
        List<Cell> left = beside.minus(hole);
        Cell shared = beside.intersection(hole).orElseThrow();
        double volume = left.stream().mapToDouble(Cell::volume).sum();
        assertThat(volume).isCloseTo(beside.volume() - shared.volume(), within(1e-6));
        assertThat(left).hasSize((int) shared.faces().stream()
                .filter(face -> hole.faces().stream().anyMatch(of -> of.plane().equals(face.plane()))).count());
    }

    @Test
    void minus_whatOnlyTouches_changesNothing() {
        Cell box = box(0, 0, 0, 30, 20, 10);
        assertThat(box.minus(box(30, 0, 0, 40, 20, 10))).containsExactly(box);
    }

    @Test
    void minus_everything_leavesNothing() {
        assertThat(box(0, 0, 0, 30, 20, 10).minus(box(-1, -1, -1, 31, 21, 11))).isEmpty();
    }

    @Test
    void isClearOf_neighbours_theNearerOnly_unlessSeenEdgeOn() {
        Cell left = box(0, 0, 0, 30, 20, 10);
        Cell right = box(30, 0, 0, 40, 20, 10);
        assertThat(right.isClearOf(left, Vector3D.Unit.PLUS_X)).isTrue();
        assertThat(left.isClearOf(right, Vector3D.Unit.PLUS_X)).isFalse();
        assertThat(left.isClearOf(right, Vector3D.Unit.PLUS_Z)).isTrue();
        assertThat(right.isClearOf(left, Vector3D.Unit.PLUS_Z)).isTrue();
        assertThat(left.isClearOf(box(29, 0, 0, 40, 20, 10), Vector3D.Unit.MINUS_X)).isFalse();
    }

    /** Apart along two axes: seen from between, neither covers the other, and none has to be painted first. */
    @Test
    void isClearOf_diagonalNeighbours_bothAre() {
        Cell low = box(0, 0, 0, 10, 10, 10);
        Cell high = box(20, 0, 20, 30, 10, 30);
        Vector3D.Unit toEye = Vector3D.of(-1, -1, 1).normalize();
        assertThat(low.isClearOf(high, toEye)).isTrue();
        assertThat(high.isClearOf(low, toEye)).isTrue();
    }

    /** Cutting with any plane: both parts together are the whole. */
    @Property(tries = 500, seed = "2611")
    void clip_bothWays_addsUp(@ForAll @DoubleRange(min = -1, max = 1) double x,
            @ForAll @DoubleRange(min = -1, max = 1) double y, @ForAll @DoubleRange(min = 0.01, max = 1) double z,
            @ForAll @DoubleRange(min = -40, max = 40) double offset) {
        HalfSpace plane = new HalfSpace(Vector3D.of(x, y, z).normalize(), offset);
        Cell box = box(0, 0, 0, 30, 20, 10);
        double parts = volume(box.clip(plane)) + volume(box.clip(plane.complement()));
        assertThat(parts).isCloseTo(6000, within(1e-2 * Tolerance.LENGTH * 1e6));
    }

    /** The intersection is the same whichever cell is asked. */
    @Property(tries = 300, seed = "2611")
    void and_isTheSameBothWays(@ForAll @DoubleRange(min = -40, max = 40) double x,
            @ForAll @DoubleRange(min = -20, max = 20) double y, @ForAll @DoubleRange(min = 0, max = 90) double turn) {
        double a = Math.toRadians(turn);
        Pose turned = new Pose(Vector3D.of(x, y, 2), Vector3D.Unit.from(Math.cos(a), Math.sin(a), 0),
                Vector3D.Unit.from(-Math.sin(a), Math.cos(a), 0), Vector3D.Unit.PLUS_Z);
        Cell one = box(0, 0, 0, 30, 20, 10);
        Cell other = Cell.box(turned, 0, 0, 0, 25, 15, 5).orElseThrow();
        assertThat(volume(one.intersection(other))).isCloseTo(volume(other.intersection(one)), within(1e-3));
        assertThat(volume(one.intersection(other)) + one.minus(other).stream().mapToDouble(Cell::volume).sum())
                .isCloseTo(one.volume(), within(1e-3));
    }

    private static double volume(Optional<Cell> cell) {
        return cell.map(Cell::volume).orElse(0.0);
    }

    /** A quick look may only say what the slow way would: sharing more than a touch is sharing a volume. */
    @Property(seed = "2611")
    void overlaps_isSharingAVolume(@ForAll @DoubleRange(min = -12, max = 32) double x,
            @ForAll @DoubleRange(min = -1, max = 1) double turn,
            @ForAll @DoubleRange(min = 0.05, max = 12) double size) {
        Pose turned = Pose.of(Vector3D.of(x, 3, 2), Vector3D.Unit.from(turn, 1, 0), Vector3D.Unit.PLUS_Z);
        Solid one = new Solid(List.of(box(0, 0, 0, 30, 20, 10)));
        Solid other = Solid.of(Cell.box(turned, 0, 0, 0, size, size, size));
        assertThat(one.overlaps(other)).isEqualTo(one.intersection(other).volume() >= Tolerance.VOLUME);
        assertThat(other.overlaps(one)).isEqualTo(one.overlaps(other));
        assertThat(one.mostShared(other)).isGreaterThanOrEqualTo(one.intersection(other).volume() - Tolerance.VOLUME);
    }

    /** Boxes that stand alike share what the boxes round them share: 10 of 30, all of 20, 4 of 10. */
    @Test
    void mostShared_ofBoxesThatStandAlike_isWhatTheyShare() {
        Solid one = new Solid(List.of(box(0, 0, 0, 30, 20, 10)));
        Solid other = new Solid(List.of(box(20, -5, 6, 50, 25, 16)));
        assertThat(one.mostShared(other)).isCloseTo(10 * 20 * 4, within(1e-9));
        assertThat(one.mostShared(new Solid(List.of(box(40, 0, 0, 50, 20, 10))))).isZero();
    }
}
