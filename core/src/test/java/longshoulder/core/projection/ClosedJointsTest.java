package longshoulder.core.projection;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import longshoulder.core.brief.JointKind;
import longshoulder.core.geometry.View;
import longshoulder.core.kind.Designs;
import longshoulder.core.plan.Plan;
import longshoulder.core.plan.Planner;
import longshoulder.core.project.Project;
import longshoulder.core.Tables;
import org.apache.commons.geometry.euclidean.twod.Vector2D;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Drawn as if what is filled had never been cut, pieces look as they do cell by cell, with pegs and bolts among them. */
class ClosedJointsTest {

    private static final View EYE = View.pictorial(32, 20);
    private static final View BELOW = View.pictorial(-60, -25);

    /** So near a point of a picture lies on a line, in millimetres. */
    private static final double NEAR = 1e-3;
    private static final int SAMPLES = 20;

    private static List<Stroke> seen(List<DrawnPart> shown, View view) {
        return new HiddenLines(shown, view, piece -> false).strokes();
    }

    /** The pieces cut cell by cell, with the pegs and bolts that fill their holes. */
    private static List<DrawnPart> exact(Plan plan) {
        Stream<DrawnPart> pieces = plan.pieces().stream().map(DrawnPart::alone);
        Stream<DrawnPart> loose = plan.joints().stream().filter(joint -> joint.heldBy().isPresent())
                .map(joint -> DrawnPart.part(joint.id(), joint.loosePart()));
        return Stream.concat(pieces, loose).toList();
    }

    /**
     * How much of some lines no others cover, in millimetres. Seen square on, lines of several pieces fall on each other, and any of
     * them covers the others; from elsewhere it has to be a line of the same piece.
     */
    private static double uncovered(List<Stroke> lines, List<Stroke> others, boolean squareOn) {
        return lines.stream()
                .mapToDouble(line -> line.from().distance(line.to()) / SAMPLES * IntStream.range(0, SAMPLES)
                        .mapToObj(i -> line.from().lerp(line.to(), (i + 0.5) / SAMPLES))
                        .filter(point -> others.stream()
                                .noneMatch(other -> (squareOn || other.piece().equals(line.piece()))
                                        && isOn(other, point)))
                        .count())
                .sum();
    }

    private static boolean isOn(Stroke line, Vector2D point) {
        Vector2D way = line.to().subtract(line.from());
        double share = Math.clamp(point.subtract(line.from()).dot(way) / way.normSq(), 0, 1);
        return line.from().lerp(line.to(), share).distance(point) < NEAR;
    }

    /** @param inside how much of what is seen may lie in slots, in millimetres */
    private static void assertLooksLikeItsSolids(Plan plan, double inside) {
        List<DrawnPart> whole = DrawnPart.all(plan);
        List<DrawnPart> exact = exact(plan);
        for (View view : List.of(View.FRONT, View.PLAN, EYE, BELOW)) {
            List<Stroke> seen = seen(whole, view);
            List<Stroke> wanted = seen(exact, view).stream().filter(stroke -> plan.has(stroke.piece())).toList();
            boolean squareOn = view.equals(View.FRONT) || view.equals(View.PLAN);
            assertThat(uncovered(seen, wanted, squareOn)).as("seen though it is hidden in %s", view).isLessThan(0.5);
            assertThat(uncovered(wanted, seen, squareOn)).as("hidden though it is seen in %s", view)
                    .isLessThan(0.5 + inside);
        }
    }

    @ParameterizedTest
    @ValueSource(strings = {"table", "table stretchers=box leg.taper=two", "table splay.front=7° splay.side=7°",
            "table bow=front",
            "stool stretchers=box", "door",
            "door construction=cope-and-stick muntins=two",
            "door construction=rebated filling=glass bars.across=two bars.upright=two",
            "frame", "frame filling=panel",
            "cabinet face.frame=glued-on drawers=two drawer.boxes=fitted dividers=one front=two-doors",
            "trestle", "stand", "free"})
    void everyKind(String design) {
        assertLooksLikeItsSolids(plan(design), 0);
    }

    /** What is seen inside the slots of wedges and tusks, and beside a bolt in its hole, is not drawn: so many millimetres at most. */
    @ParameterizedTest
    @CsvSource({"bench slab.joint=wedged-through, 22", "workbench, 12", "workbench stretcher.joint=bolted, 3"})
    void slots_areDrawnFilled(String design, double inside) {
        assertLooksLikeItsSolids(plan(design), inside);
    }

    private static Plan plan(String design) {
        String[] words = design.split(" ", -1);
        String[] settings = new String[2 * (words.length - 1)];
        for (int i = 1; i < words.length; i++) {
            String[] halves = words[i].split("=", 2);
            settings[2 * i - 2] = halves[0];
            settings[2 * i - 1] = halves[1];
        }
        return Designs.plan(words[0], settings);
    }

    @ParameterizedTest
    @EnumSource
    void everyTypeOfJoint(JointKind kind) {
        if (kind.isForEnds()) {
            assertLooksLikeItsSolids(joined(kind, "none"), kind == JointKind.TUSKED_TENON ? 5 : 0);
        }
    }

    @ParameterizedTest
    @ValueSource(strings = {"pegged", "drawbored"})
    void pegs_fillTheirHoles(String way) {
        assertLooksLikeItsSolids(joined(JointKind.STOPPED_TENON, way), 0);
    }

    private static Plan joined(JointKind kind, String peg) {
        Project typed = Tables.give("apron-front/leg-front-left:joint", kind.id()).applyTo(Tables.worked());
        return Planner.plan(peg.equals("none")
                ? typed
                : Tables.give("apron-front/leg-front-left:peg", peg).applyTo(typed));
    }
}
