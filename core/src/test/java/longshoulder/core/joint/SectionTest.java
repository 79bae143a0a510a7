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
        assertThat(end().intoRail(7, section).and(beyond).volume()).isZero();
    }

    /** A round peg of any size, in any direction, is closed, touches its round from outside and is nowhere more than 0.1 mm off it. */
    @Property(tries = 100)
    void round_anywhere(@ForAll @IntRange(min = 2, max = 400) int tenths,
            @ForAll @IntRange(min = -90, max = 90) int turn,
            @ForAll @IntRange(min = 1, max = 300) int length) {
        double radius = tenths / 10.0;
        double angle = Math.toRadians(turn);
        Vector3D.Unit axis = Vector3D.Unit.from(Math.cos(angle), Math.sin(angle), 0.3);
        Solid peg = end().round(Vector3D.of(5, -3, 2), axis, length, radius);
        Mesh mesh = Mesh.of(peg);
        Skins.assertClosed(mesh);
        double round = Math.PI * radius * radius * length;
        double facets = 4 * Math.max(4, Math.ceil(Math.PI / 4 / Math.acos(radius / (radius + 0.1))));
        assertThat(mesh.volume()).isCloseTo(round * facets * Math.tan(Math.PI / facets) / Math.PI,
                withinPercentage(1e-4));
        assertThat(mesh.points()).allSatisfy(point -> {
            Vector3D offset = point.subtract(Vector3D.of(5, -3, 2));
            double across = offset.subtract(axis.multiply(offset.dot(axis))).norm();
            assertThat(across).isLessThan(radius + 0.1);
        });
    }
}
