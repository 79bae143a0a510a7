package longshoulder.core.geometry;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What is stretched is what would be made as large, or it is not stretched. */
class StretchTest {

    private static final Pose POSE = Pose.of(Vector3D.of(7, -3, 11), Vector3D.Unit.from(0.6, 0.8, 0),
            Vector3D.Unit.PLUS_Z);

    /** A board with a slanted end, a mortise in the middle of it, and a round hole and a tenon at its other end. */
    private static Solid board(double length, double width, double thickness) {
        double[] y = new double[12];
        double[] z = new double[12];
        Arrays.setAll(y, i -> width - 15 + 6 * Math.cos((i + 0.5) * Math.PI / 6));
        Arrays.setAll(z, i -> thickness / 2 + 6 * Math.sin((i + 0.5) * Math.PI / 6));
        Vector3D slant = POSE.along().negate().add(POSE.out().multiply(0.2));
        return box(0, 0, 0, length, width, thickness)
                .minus(box(length / 2 - 20, 10, -1, length / 2 + 20, width - 25, thickness + 1))
                .plus(box(length, 5, 8, length + 30, width - 5, thickness - 8))
                .minus(new Solid(List.of(Cell.round(POSE, length - 40, length + 20, y, z))))
                .clip(HalfSpace.through(POSE.toWorld(10, 0, 0), slant));
    }

    private static Solid box(double x0, double y0, double z0, double x1, double y1, double z1) {
        return Solid.of(Cell.box(POSE, x0, y0, z0, x1, y1, z1));
    }

    /** The places of all corners, as a plan compares them. */
    private static double[][] places(double length, double width, double thickness) {
        return new double[][]{
                {0, 10, 10 + thickness / 5, length / 2 - 20, length / 2 + 20, length - 40, length, length + 20,
                        length + 30},
                {0, 5, 10, width - 25, width - 21, width - 15, width - 9, width - 5, width},
                {0, 0, 8, 8, thickness / 2 - 6, thickness / 2, thickness / 2 + 6, thickness - 8, thickness}};
    }

    private static Optional<CutShape> stretched(double length, double width) {
        return Stretch.between(Flip.NONE, places(400, 90, 40), places(length, width, 40))
                .flatMap(stretch -> CutShape.of(board(400, 90, 40), POSE).stretched(stretch, POSE));
    }

    @Property(tries = 100, seed = "2611")
    void boardOfAnyLengthAndWidth_isAsMadeSo(@ForAll @IntRange(min = 250, max = 2000) int length,
            @ForAll @IntRange(min = 60, max = 300) int width) {
        CutShape cutShape = stretched(length, width).orElseThrow();
        Solid made = board(length, width, 40);
        assertThat(cutShape.solid().minus(made).volume()).isLessThan(1e-3);
        assertThat(made.minus(cutShape.solid()).volume()).isLessThan(1e-3);
        assertThat(cutShape.mesh().volume()).isCloseTo(made.volume(), within(1e-3));
        Skins.assertClosed(cutShape.mesh());
        assertThat(cutShape.bounds().least().distance(made.bounds().least())).isLessThan(1e-9);
        assertThat(cutShape.bounds().greatest().distance(made.bounds().greatest())).isLessThan(1e-9);
        assertThat(Congruence.of(cutShape.outline(), Boundary.of(made).outline(POSE))).isEqualTo(Congruence.SAME);
    }

    /** However often it is stretched, it is what was made that is. */
    @Test
    void stretchedTwice_isStretchedOnce() {
        CutShape far = stretched(1900, 90).orElseThrow();
        CutShape back = far
                .stretched(Stretch.between(Flip.NONE, places(400, 90, 40), places(500, 90, 40)).orElseThrow(), POSE)
                .orElseThrow();
        assertThat(back.outline().edges()).isEqualTo(stretched(500, 90).orElseThrow().outline().edges());
    }

    /** Its slanted end and its round hole would become other shapes. */
    @Test
    void thicker_isNoStretch() {
        assertThat(Stretch.between(Flip.NONE, places(400, 90, 40), places(400, 90, 46))
                .flatMap(stretch -> CutShape.of(board(400, 90, 40), POSE).stretched(stretch, POSE))).isEmpty();
    }

    @Test
    void tapered_isNotStretchedAlongItsTaper() {
        Solid tapered = box(0, 0, 0, 400, 40, 40)
                .clip(HalfSpace.through(POSE.toWorld(0, 40, 0), POSE.across().add(POSE.along().multiply(0.05))));
        double[][] from = {{0, 400}, {0, 20, 40}, {0, 40}};
        Stretch longer = Stretch.between(Flip.NONE, from, new double[][]{{0, 500}, {0, 20, 40}, {0, 40}}).orElseThrow();
        assertThat(longer.suits(tapered, POSE)).isFalse();
        assertThat(longer.suits(box(0, 0, 0, 400, 40, 40), POSE)).isTrue();
        Stretch moved = Stretch.between(Flip.NONE, from, new double[][]{{5, 405}, {0, 20, 40}, {0, 40}}).orElseThrow();
        assertThat(moved.suits(tapered, POSE)).as("all of it moved the same way").isTrue();
    }

    @Test
    void placesThatChangeTheirOrderOrComeTogether_areNoStretch() {
        double[][] from = {{0, 100, 200}, {0}, {0}};
        assertThat(Stretch.between(Flip.NONE, from, new double[][]{{0, 250, 200}, {0}, {0}})).isEmpty();
        assertThat(Stretch.between(Flip.NONE, from, new double[][]{{0, 199.95, 200}, {0}, {0}})).isEmpty();
        assertThat(Stretch.between(Flip.NONE, from, new double[][]{{0, 199.5, 200}, {0}, {0}})).isPresent();
    }

    /** What lies in between on one side need not on the way back. */
    @Test
    void cornersBetweenTwoParts_areNotStretched() {
        Stretch stretch = Stretch
                .between(Flip.NONE, new double[][]{{0, 100}, {0}, {0}}, new double[][]{{0, 130}, {0}, {0}})
                .orElseThrow();
        assertThat(stretch.suits(box(0, 0, 0, 50, 10, 10), POSE)).isFalse();
        assertThat(stretch.suits(box(0, 0, 0, 100, 10, 10), POSE)).isTrue();
        assertThat(stretch.inverse().suits(box(0, 0, 0, 130, 10, 10), POSE)).isTrue();
        assertThat(stretch.inverse().suits(box(0, 0, 0, 100, 10, 10), POSE)).isFalse();
    }

    private static CutShape flipped(Flip flip) {
        double[][] from = places(400, 90, 40);
        for (int axis = 0; axis < from.length; axis++) {
            int sign = flip.sign(axis);
            from[axis] = Arrays.stream(from[axis]).map(place -> sign * place).toArray();
        }
        Stretch stretch = Stretch.between(flip, from, from).orElseThrow();
        return CutShape.of(board(400, 90, 40), POSE).stretched(stretch, POSE).orElseThrow();
    }

    /** Flipped, it is as solid as before, and its lines are those that its cells have. */
    @ParameterizedTest
    @ValueSource(ints = {1, 2, 3, 4, 5, 6, 7})
    void flipped_isItsImage(int axes) {
        CutShape whole = CutShape.of(board(400, 90, 40), POSE);
        CutShape image = flipped(new Flip(axes));
        assertThat(image.solid().volume()).isCloseTo(whole.solid().volume(), within(1e-3));
        Skins.assertClosed(image.mesh());
        assertThat(image.mesh().volume()).as("its faces look outwards").isCloseTo(whole.mesh().volume(), within(1e-3));
        assertThat(Congruence.of(whole.outline(), image.outline()))
                .isEqualTo(Integer.bitCount(axes) % 2 == 1 ? Congruence.MIRRORED : Congruence.SAME);
        List<Boundary.Arris> lines = Boundary.of(image.solid()).lines().arrises();
        assertThat(image.lines().arrises()).hasSameSizeAs(lines)
                .allSatisfy(arris -> assertThat(lines).anyMatch(line -> Skins.areSame(arris, line)));
    }
}
