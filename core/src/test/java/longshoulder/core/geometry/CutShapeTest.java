package longshoulder.core.geometry;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** A shape that is carried to another place is the one that would be made there. */
class CutShapeTest {

    private static final Pose HERE = Pose.of(Vector3D.of(5, -3, 2), Vector3D.Unit.PLUS_Y, Vector3D.Unit.PLUS_Z);

    /** A block with a round hole across it and a slanted end. */
    private static Solid block(Pose pose) {
        double[] y = new double[12];
        double[] z = new double[12];
        for (int i = 0; i < y.length; i++) {
            y[i] = 20 + 8 * Math.cos(i * Math.PI / 6);
            z[i] = 15 + 8 * Math.sin(i * Math.PI / 6);
        }
        return Solid.of(Cell.box(pose, 0, 0, 0, 120, 40, 30))
                .minus(Solid.of(Cell.box(pose, 40, -5, 10, 60, 45, 20)))
                .minus(new Solid(List.of(Cell.prism(pose, 80, 140, y, z))))
                .clip(HalfSpace.through(pose.toWorld(10, 0, 0), pose.along().negate().add(pose.out().multiply(0.2))));
    }

    private static Pose elsewhere(double turn) {
        Vector3D.Unit across = Vector3D.Unit.from(-Math.sin(turn), Math.cos(turn), 0.3 * turn);
        Vector3D.Unit out = Vector3D.Unit.PLUS_X.cross(across).normalize();
        return Pose.of(Vector3D.of(300, 200, -100), across, turn == 0 ? Vector3D.Unit.PLUS_Z : out);
    }

    @ParameterizedTest
    @ValueSource(doubles = {0, 0.3, 1.1, 2})
    void at_isWhatWouldBeMadeThere(double turn) {
        Pose there = elsewhere(turn);
        CutShape carried = CutShape.of(block(HERE), HERE).at(there);
        CutShape made = CutShape.of(block(there), there);
        assertThat(carried.bounds().least().distance(made.bounds().least())).isLessThan(1e-9);
        assertThat(carried.bounds().greatest().distance(made.bounds().greatest())).isLessThan(1e-9);
        assertThat(carried.solid().volume()).isCloseTo(made.solid().volume(), within(1e-6));
        for (int i = 0; i < made.solid().cells().size(); i++) {
            Cell one = carried.solid().cells().get(i);
            assertThat(one.minus(made.solid().cells().get(i))).isEmpty();
            assertThat(made.solid().cells().get(i).minus(one)).isEmpty();
        }
        Skins.assertClosed(carried.mesh());
        assertThat(carried.mesh().volume()).isCloseTo(carried.solid().volume(), within(0.01));
        assertThat(carried.lines().arrises()).hasSameSizeAs(made.lines().arrises());
    }

    @Test
    void at_theSamePlace_isItself() {
        CutShape cutShape = CutShape.of(block(HERE), HERE);
        assertThat(cutShape.at(HERE)).isSameAs(cutShape);
    }
}
