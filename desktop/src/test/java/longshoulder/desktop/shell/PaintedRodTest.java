package longshoulder.desktop.shell;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import longshoulder.core.kind.Kinds;
import longshoulder.core.marking.Rod;
import longshoulder.core.measure.Showing;
import longshoulder.core.plan.Plan;
import longshoulder.core.plan.Planner;
import longshoulder.core.project.Project;
import longshoulder.desktop.paint.Palette;
import org.junit.jupiter.api.Test;

/** Where a piece and its marks lie on the rod, and what is painted there. */
class PaintedRodTest {

    private static final double WIDTH = 1000;

    private static Plan plan(String kind) {
        return Planner.plan(Project.ofKind(Kinds.find(kind).orElseThrow(), "", Showing.TENTH_MILLIMETRES));
    }

    private static Optional<PaintedRod> painted(Plan plan, String piece, double width) {
        return PaintedRod.of(plan, new PaintedRod.Setting(width, 1, piece, Palette.Theme.LIGHT));
    }

    /** The marks keep the distances of the rod, and the whole piece has the room that is there. */
    @Test
    void marks_lieAtTheScaleOfTheRod() {
        PaintedRod rod = painted(plan("table"), "apron-front", WIDTH).orElseThrow();
        assertThat(rod.marks().getFirst()).isCloseTo(PaintedRod.SIDE, within(1e-9));
        assertThat(rod.marks().getLast()).isCloseTo(WIDTH - PaintedRod.SIDE, within(1e-9));
        double whole = rod.rod().marks().getLast().position().value().toMillimetres();
        for (int i = 0; i < rod.marks().size(); i++) {
            double share = rod.rod().marks().get(i).position().value().toMillimetres() / whole;
            assertThat(rod.marks().get(i)).isCloseTo(PaintedRod.SIDE + share * (WIDTH - 2 * PaintedRod.SIDE),
                    within(1e-9));
        }
    }

    /** Mortises of one height in both faces of a leg begin and end at the same places. */
    @Test
    void figures_areToldOnceForEachPlace() {
        PaintedRod rod = painted(plan("table"), "leg-front-left", WIDTH).orElseThrow();
        assertThat(rod.marks()).hasSize(6);
        assertThat(rod.figures()).extracting(PaintedRod.Figure::x)
                .containsExactlyElementsOf(rod.marks().stream().distinct().toList()).hasSize(4);
        assertThat(rod.figures()).extracting(PaintedRod.Figure::shown).startsWith("0").doesNotHaveDuplicates();
    }

    @Test
    void shoulders_arePaintedAcrossAllFaces() {
        PaintedRod rod = painted(plan("table"), "apron-front", WIDTH).orElseThrow();
        int[] columns = new int[2];
        int found = 0;
        for (int i = 0; i < rod.marks().size(); i++) {
            if (rod.rod().marks().get(i).kind() == Rod.Kind.SHOULDER) {
                columns[found++] = (int) Math.floor(rod.marks().get(i) - rod.picture().place().getMinX());
            }
        }
        assertThat(found).isEqualTo(2);
        for (int column : columns) {
            for (double middle : rod.middles()) {
                int row = (int) (middle - rod.picture().place().getMinY());
                assertThat(List.of(rod.picture().argb(column - 1, row), rod.picture().argb(column, row),
                        rod.picture().argb(column + 1, row))).anySatisfy(
                                pixel -> assertThat(blue(pixel))
                                        .as("bluer than wood").isGreaterThan(red(pixel)));
            }
        }
    }

    private static int blue(int argb) {
        return argb & 0xff;
    }

    private static int red(int argb) {
        return argb >> 16 & 0xff;
    }

    @Test
    void nothing_withoutRoomOrPiece() {
        Plan table = plan("table");
        assertThat(painted(table, "apron-front", 2 * PaintedRod.SIDE + 5)).isEmpty();
        assertThat(painted(table, "no-such-piece", WIDTH)).isEmpty();
    }
}
