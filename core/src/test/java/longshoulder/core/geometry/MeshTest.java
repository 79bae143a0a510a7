package longshoulder.core.geometry;

import static longshoulder.core.geometry.Skins.assertClosed;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.List;
import longshoulder.core.geometry.Boundary.Arris.Sight;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class MeshTest {

    private static Solid box(double x0, double y0, double z0, double x1, double y1, double z1) {
        return Solid.of(Cell.box(Pose.WORLD, x0, y0, z0, x1, y1, z1));
    }

    @Test
    void box_hasTwelveEdgesAndTwelveTriangles() {
        Boundary boundary = Boundary.of(box(0, 0, 0, 30, 20, 10));
        Mesh mesh = Mesh.of(boundary);
        assertThat(mesh.points()).hasSize(8);
        assertThat(mesh.triangles()).hasSize(12);
        assertThat(boundary.lines().arrises()).hasSize(12);
        assertClosed(mesh);
        assertThat(mesh.volume()).isCloseTo(6000, within(1e-9));
    }

    @Test
    void twoCellsSideBySide_haveTheSkinOfOneBox() {
        Boundary boundary = Boundary.of(box(0, 0, 0, 30, 20, 10).plus(box(30, 0, 0, 50, 20, 10)));
        Mesh mesh = Mesh.of(boundary);
        assertClosed(mesh);
        assertThat(boundary.lines().arrises()).as("no edge along the seam").hasSize(12);
        assertThat(mesh.volume()).isCloseTo(10_000, within(1e-9));
    }

    @Test
    void stackOfUnequalCells_isClosedAlongTheStep() {
        Boundary boundary = Boundary.of(box(0, 0, 0, 30, 20, 10).plus(box(5, 5, 10, 15, 15, 30)));
        Mesh mesh = Mesh.of(boundary);
        assertClosed(mesh);
        assertThat(boundary.lines().arrises()).hasSize(24);
        assertThat(mesh.volume()).isCloseTo(6000 + 2000, within(1e-9));
    }

    @Test
    void blindHole_isClosedAndHasItsFloor() {
        Boundary boundary = Boundary.of(box(0, 0, 0, 30, 20, 10).minus(box(10, 5, 4, 20, 15, 11)));
        Mesh mesh = Mesh.of(boundary);
        assertClosed(mesh);
        assertThat(boundary.lines().arrises()).hasSize(24);
        assertThat(mesh.volume()).isCloseTo(6000 - 600, within(1e-9));
    }

    @Test
    void throughHole_isClosed() {
        Boundary boundary = Boundary.of(box(0, 0, 0, 30, 20, 10).minus(box(10, 5, -1, 20, 15, 11)));
        Mesh mesh = Mesh.of(boundary);
        assertClosed(mesh);
        assertThat(boundary.lines().arrises()).hasSize(24);
        // Euler: a ring has characteristic 0.
        assertThat(mesh.points().size() - mesh.triangles().size() * 3 / 2 + mesh.triangles().size()).isZero();
    }

    @Test
    void slantedCut_hasTheEdgesOfAWedge() {
        HalfSpace slant = HalfSpace.through(Vector3D.of(30, 0, 0), Vector3D.of(1, 0, 1));
        Boundary boundary = Boundary.of(box(0, 0, 0, 30, 20, 10).clip(slant));
        Mesh mesh = Mesh.of(boundary);
        assertClosed(mesh);
        assertThat(boundary.lines().arrises()).hasSize(12);
        assertThat(mesh.volume()).isCloseTo(20 * 10 * 25, within(1e-9));
    }

    /** Just before an edge, as an eye looks at it, there is wood exactly where its two faces say so. */
    @Property(tries = 200, seed = "2611")
    void arris_isHiddenByItsOwnWood(@ForAll @IntRange(min = -179, max = 179) int turn,
            @ForAll @IntRange(min = -89, max = 89) int lift, @ForAll @IntRange(min = 0, max = 15) int left) {
        Vector3D.Unit toEye = View.pictorial(turn + 0.3, lift + 0.4).toEye();
        Solid block = box(0, 0, 0, 30, 20, 10).minus(box(left, 5, 4, left + 10, 25, 11));
        for (Boundary.Arris arris : Boundary.of(block).lines().arrises()) {
            Vector3D before = arris.edge().from().lerp(arris.edge().to(), 0.37).add(toEye.multiply(1e-3));
            boolean inWood = block.cells().stream()
                    .anyMatch(cell -> cell.faces().stream().allMatch(face -> face.plane().distance(before) < 0));
            assertThat(arris.sight(toEye)).as("%s", arris).isEqualTo(inWood ? Sight.HIDDEN : Sight.OPEN);
        }
    }

    @Test
    void arrisOfABox_seenSquarely() {
        List<Boundary.Arris> box = Boundary.of(box(0, 0, 0, 30, 20, 10)).lines().arrises();
        assertThat(box).as("those of the back lie under those of the front, as do those that are mere points")
                .filteredOn(arris -> arris.sight(View.FRONT.toEye()) == Sight.COVERED)
                .allMatch(arris -> Math.max(arris.edge().from().getY(), arris.edge().to().getY()) == 20).hasSize(8);
        assertThat(box).filteredOn(arris -> arris.sight(View.FRONT.toEye()) == Sight.HIDDEN).isEmpty();
    }

    /** Two blocks on a third: the edge between them runs on as one, now with wood beside it, now without. */
    @Test
    void arrisAlongWhichFacesChange_mayBeSeenFromAnywhere() {
        Boundary step = Boundary
                .of(box(0, 0, 0, 30, 20, 10).plus(box(0, 20, 0, 15, 30, 10)).plus(box(15, 0, 10, 30, 20, 20)));
        assertThat(step.lines().arrises()).filteredOn(arris -> arris.shape() == Boundary.Arris.Shape.CHANGING)
                .isNotEmpty()
                .allMatch(arris -> arris.sight(View.FRONT.toEye()) == Sight.OPEN);
    }

    /** Something round has lines round its ends, and along it only where it is an outline. */
    @Test
    void round_hasNoLinesAlongItsFacets() {
        double[] y = new double[24];
        double[] z = new double[24];
        Arrays.setAll(y, i -> 5 * Math.cos(Math.PI * i / 12));
        Arrays.setAll(z, i -> 5 * Math.sin(Math.PI * i / 12));
        Boundary prism = Boundary.of(new Solid(List.of(Cell.prism(Pose.WORLD, 0, 30, y, z))));
        assertThat(prism.lines().arrises()).hasSize(72);
        Solid peg = new Solid(List.of(Cell.round(Pose.WORLD, 0, 30, y, z)));
        for (Boundary round : List.of(Boundary.of(peg), Boundary.of(box(-1, -9, -9, 29, 9, 9).minus(peg)))) {
            assertThat(round.lines().bends()).hasSize(24);
            assertThat(round.lines().bends()).filteredOn(bend -> bend.isOutline(View.FRONT.toEye())).hasSize(2);
        }
        Pose turned = new Pose(Vector3D.of(1, 2, 3), Vector3D.Unit.PLUS_Z, Vector3D.Unit.PLUS_X, Vector3D.Unit.PLUS_Y);
        assertThat(Boundary.of(peg.moved(Transform.of(Pose.WORLD, turned))).lines().bends()).hasSize(24);
    }

    @Test
    void nothing_hasAnEmptySkin() {
        Boundary boundary = Boundary.of(Solid.NOTHING);
        Mesh mesh = Mesh.of(boundary);
        assertThat(mesh.triangles()).isEmpty();
        assertThat(boundary.lines().arrises()).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({"1 2 3 4, 1 2 3 4", "1 2 3 2 4, 1 2 4", "1 2 3 2 1 4 5, 1 4 5", "3 1 2 4 1, 1 2 4", "1 2 4 5 2, 2 4 5",
            "1 2 1, ''", "1 2 2 3, 1 2 3", "1 2 3 3 2, ''"})
    void spikes_areLeftOutOfALoop(String loop, String left) {
        assertThat(BoundaryBuilder.withoutSpikes(numbers(loop))).containsExactly(numbers(left));
    }

    private static int[] numbers(String text) {
        return Arrays.stream(text.split(" ")).filter(word -> !word.isEmpty()).mapToInt(Integer::parseInt).toArray();
    }

    /** A cut so nearly along a corner that what is left there is thinner than two points may be apart. */
    @Property(tries = 300, seed = "2611")
    void cutBesideACorner_leavesAClosedSkin(@ForAll @IntRange(min = -600, max = 600) int beside,
            @ForAll @IntRange(min = 1, max = 2000) int steep) {
        double slope = steep * 1e-5;
        HalfSpace slant = HalfSpace.through(Vector3D.of(50, 30 + beside * 1e-8, 0), Vector3D.of(slope, 1, slope / 2));
        Solid solid = box(0, 0, 0, 100, 60, 40).minus(box(50, 0, 10, 100, 30, 40))
                .minus(box(20, 10, 0, 100, 60, 40).clip(slant.complement()));
        Mesh mesh = Mesh.of(solid);
        assertClosed(mesh);
        assertThat(mesh.volume()).isCloseTo(solid.volume(), within(0.05));
    }

    /** Up to three holes anywhere, through or not, over each other or not: the skin is closed and holds the volume. */
    @Property(tries = 400, seed = "2611")
    void holesAnywhere_leaveAClosedSkin(@ForAll @IntRange(min = 0, max = 999_999_999) int where,
            @ForAll @IntRange(min = 0, max = 999_999_999) int size) {
        Solid solid = box(0, 0, 0, 100, 60, 40);
        for (int hole = 0; hole < 3; hole++) {
            int shift = hole == 0 ? 1 : hole == 1 ? 1000 : 1_000_000;
            int at = where / shift % 1000;
            int big = size / shift % 1000;
            double x = at % 10 * 9.0 + 3;
            int row = at / 10 % 10;
            double y = row * 5.0 + 2;
            int layer = at / 100;
            double z = layer * 4.0 + 1;
            solid = solid.minus(box(x, y, z, x + 4 + big % 10 * 7, y + 3 + big / 10 % 10 * 5, z + 5 + big / 100 * 4));
        }
        Mesh mesh = Mesh.of(solid);
        assertThat(mesh.volume()).isCloseTo(solid.volume(), within(1e-6));
        Skins.assertBalanced(mesh);
    }

    /** Two recesses whose corners just meet along a line: four faces meet there, and still every edge has two triangles. */
    @Test
    void recessesThatTouchAlongALine_leaveAClosedSkin() {
        Solid block = box(0, 0, 0, 60, 60, 100);
        Solid one = box(10, 20, 30, 30, 61, 60);
        Solid other = box(30, -1, 40, 61, 20, 80);
        Solid left = block.minus(one).minus(other);
        Mesh mesh = Mesh.of(left);
        Skins.assertClosed(mesh);
        assertThat(mesh.volume()).isCloseTo(left.volume(), within(1e-6));
    }
}
