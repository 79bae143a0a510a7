package longshoulder.core.geometry;

import static org.assertj.core.api.Assertions.assertThat;

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
        return Congruence.of(Mesh.of(one).outline(Pose.WORLD), Mesh.of(other).outline(Pose.WORLD));
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
}
