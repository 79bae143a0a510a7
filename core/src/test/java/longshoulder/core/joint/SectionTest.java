package longshoulder.core.joint;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.assertj.core.api.Assertions.withinPercentage;

import longshoulder.core.Tables;
import longshoulder.core.geometry.Mesh;
import longshoulder.core.geometry.Skins;
import longshoulder.core.geometry.Solid;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Sections across a rail's end and the prisms that stand on them. */
class SectionTest {

    private static final Vector3D FOOT = Vector3D.of(5, -3, 2);

    private static RailEnd end() {
        return new RailEnd(Joints.in(Tables.table("apron.setback", "0")).meeting());
    }

    /** No rounder than the section is thick. */
    @ParameterizedTest
    @CsvSource({"40, 8, 4, 4", "40, 8, 10, 4", "6, 8, 10, 3", "40, 8, 0, 0"})
    void rounded_asFarAsThereIsRoom(double width, double thickness, double wanted, double radius) {
        assertThat(new Section(0, width, 0, thickness).rounded(wanted).radius()).isEqualTo(radius);
    }

    @Test
    void middle_ofBothWays() {
        Section section = new Section(12, 83, 7, 15);
        assertThat(section.middleY()).isEqualTo(47.5);
        assertThat(section.middleZ()).isEqualTo(11);
    }

    /** From one distance to another beyond the shoulder, and from one depth to another in the post: the same stretch. */
    @Test
    void stretch_beyondTheShoulderIsThatInThePost() {
        Section section = new Section(10, 50, 5, 15);
        Solid beyond = end().beyondShoulder(10, 30, section);
        assertThat(beyond.volume()).isCloseTo(20 * 40 * 10, within(1e-9));
        Solid into = end().intoPost(10, 30, section);
        assertThat(beyond.minus(into).volume()).isCloseTo(0, within(1e-9));
        assertThat(end().intoRail(7, section).volume()).isCloseTo(7 * 40 * 10, within(1e-9));
        assertThat(end().intoRail(7, section).intersection(beyond).volume()).isZero();
    }

    /**
     * Round of any size, in any direction: closed, touching its round from outside and nowhere 0.1 mm off it; where something has to fit, not
     * a hundredth either.
     */
    @Property(tries = 200, seed = "2611")
    void round_anywhere(@ForAll @IntRange(min = 2, max = 400) int tenths,
            @ForAll @IntRange(min = -90, max = 90) int turn,
            @ForAll @IntRange(min = 1, max = 300) int length, @ForAll boolean fits) {
        double radius = tenths / 10.0;
        Vector3D.Unit axis = axis(turn);
        Mesh round = Mesh.of(fits
                ? end().round(FOOT, axis, length, radius)
                : end().clearance(FOOT, axis, length, radius));
        assertRound(round, radius, length, fits ? Math.max(24, facets(radius)) : facets(radius));
        double most = fits ? Math.min(radius + 0.1, radius * 1.01) : radius + 0.1;
        assertThat(round.points()).allSatisfy(point -> assertThat(off(point, axis)).isLessThan(most));
    }

    @Test
    void round_ofNothing_isNothing() {
        assertThat(end().round(FOOT, axis(0), 10, 0).isNothing()).isTrue();
        assertThat(end().clearance(FOOT, axis(0), 0, 5).isNothing()).isTrue();
    }

    private static Vector3D.Unit axis(int turn) {
        double angle = Math.toRadians(turn);
        return Vector3D.Unit.from(Math.cos(angle), Math.sin(angle), 0.3);
    }

    /** How many keep a round within 0.1 mm. */
    private static double facets(double radius) {
        return 4 * Math.ceil(Math.PI / 4 / Math.acos(radius / (radius + 0.1)));
    }

    private static void assertRound(Mesh mesh, double radius, double length, double facets) {
        Skins.assertClosed(mesh);
        assertThat(mesh.volume()).isCloseTo(radius * radius * length * facets * Math.tan(Math.PI / facets),
                withinPercentage(1e-4));
    }

    private static double off(Vector3D point, Vector3D.Unit axis) {
        Vector3D offset = point.subtract(FOOT);
        return offset.subtract(axis.multiply(offset.dot(axis))).norm();
    }
}
