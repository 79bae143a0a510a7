package longshoulder.core.geometry;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.Test;

/** Poses, views and half spaces. */
class FramesTest {

    @Test
    void pose_leftHanded_isRefused() {
        assertThatThrownBy(() -> new Pose(Vector3D.ZERO, Vector3D.Unit.PLUS_X, Vector3D.Unit.PLUS_Y,
                Vector3D.Unit.MINUS_Z)).isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("right-handed");
    }

    @Property(tries = 200, seed = "2611")
    void pose_thereAndBack(@ForAll @DoubleRange(min = -500, max = 500) double x,
            @ForAll @DoubleRange(min = -500, max = 500) double y) {
        Pose pose = Pose.of(Vector3D.of(3, 5, 7), Vector3D.Unit.from(1, 1, 0), Vector3D.Unit.PLUS_Z);
        Vector3D back = pose.toLocal(pose.toWorld(x, y, 11));
        assertThat(back.distance(Vector3D.of(x, y, 11))).isLessThan(1e-9);
    }

    @Test
    void views_putTheRightThingsRightAndUp() {
        Vector3D point = Vector3D.of(1, 2, 3);
        assertThat(View.FRONT.flat(point).toArray()).containsExactly(1, 3);
        assertThat(View.END.flat(point).toArray()).containsExactly(2, 3);
        assertThat(View.PLAN.flat(point).toArray()).containsExactly(1, 2);
        assertThat(View.FRONT.toEye()).isEqualTo(Vector3D.Unit.MINUS_Y);
        assertThat(View.END.toEye()).isEqualTo(Vector3D.Unit.PLUS_X);
        assertThat(View.PLAN.toEye()).isEqualTo(Vector3D.Unit.PLUS_Z);
    }

    @Property(tries = 200, seed = "2611")
    void pictorial_axesAreSquareAndTheEyeIsAbove(@ForAll @DoubleRange(min = -180, max = 180) double turn,
            @ForAll @DoubleRange(min = 1, max = 89) double lift) {
        View view = View.pictorial(turn, lift);
        assertThat(view.right().dot(view.up())).isCloseTo(0, within(1e-12));
        assertThat(view.right().cross(view.up()).distance(view.toEye())).isLessThan(1e-12);
        assertThat(view.toEye().getZ()).isCloseTo(Math.sin(Math.toRadians(lift)), within(1e-12));
    }

    @Test
    void halfSpaces_faceEachOtherOnlyOnOnePlane() {
        HalfSpace left = HalfSpace.through(Vector3D.of(10, 0, 0), Vector3D.Unit.PLUS_X);
        assertThat(left.faces(left.complement())).isTrue();
        assertThat(left.faces(left)).isFalse();
        assertThat(left.faces(HalfSpace.through(Vector3D.of(10.1, 0, 0), Vector3D.Unit.MINUS_X))).isFalse();
        assertThat(left.distance(Vector3D.of(7, 100, 100))).isEqualTo(-3);
    }

    @Test
    void solid_boundsAndVolume() {
        Solid two = Solid.of(Cell.box(Pose.WORLD, 0, 0, 0, 1, 1, 1))
                .plus(Solid.of(Cell.box(Pose.WORLD, 5, 5, 5, 6, 7, 8)));
        assertThat(two.volume()).isCloseTo(7, within(1e-12));
        assertThat(two.bounds().size()).isEqualTo(Vector3D.of(6, 7, 8));
        assertThat(Solid.NOTHING.bounds().isNothing()).isTrue();
        assertThat(two.minus(two).isNothing()).isTrue();
        assertThat(two.intersection(two).volume()).isCloseTo(7, within(1e-12));
    }
}
