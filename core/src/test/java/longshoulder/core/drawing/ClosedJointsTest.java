package longshoulder.core.drawing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import longshoulder.core.brief.JointKind;
import longshoulder.core.geometry.View;
import longshoulder.core.kind.Designs;
import longshoulder.core.plan.Plan;
import longshoulder.core.plan.Planner;
import longshoulder.core.Tables;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Drawn as whole bodies, where joints are closed, pieces look as they do cell by cell. */
class ClosedJointsTest {

    private static final View EYE = View.pictorial(32, 20);
    private static final View BELOW = View.pictorial(-60, -25);

    /** How much of each piece's lines is seen, in millimetres. */
    private static Map<String, Double> seen(List<Shown> shown, View view) {
        Map<String, Double> seen = new TreeMap<>();
        for (Stroke stroke : new HiddenLines(shown, view, false).strokes()) {
            seen.merge(stroke.piece(), stroke.from().distance(stroke.to()), Double::sum);
        }
        return seen;
    }

    private static void assertLooksLikeItsSolids(Plan plan) {
        List<Shown> whole = plan.pieces().stream().map(Shown::of).toList();
        List<Shown> exact = plan.pieces().stream().map(one -> Shown.part(one.id(), one.solid())).toList();
        for (View view : List.of(View.FRONT, View.PLAN, EYE, BELOW)) {
            Map<String, Double> seen = seen(whole, view);
            Map<String, Double> wanted = seen(exact, view);
            assertThat(seen.keySet()).isEqualTo(wanted.keySet());
            seen.forEach((piece, length) -> assertThat(length).as("%s in %s", piece, view)
                    .isCloseTo(wanted.getOrDefault(piece, 0.0), within(0.5)));
        }
    }

    @ParameterizedTest
    @ValueSource(strings = {"table", "table stretchers=box leg.taper=two", "table splay.front=7° splay.side=7°",
            "table bow=front",
            "stool stretchers=box", "bench slab.joint=wedged-through", "workbench", "door",
            "door construction=cope-and-stick muntins=two",
            "door construction=rebated filling=glass bars.across=two bars.upright=two",
            "frame", "frame filling=panel",
            "cabinet face.frame=glued-on drawers=two drawer.boxes=fitted dividers=one front=two-doors",
            "trestle", "stand", "free"})
    void everyKind(String design) {
        String[] words = design.split(" ", -1);
        String[] settings = new String[2 * (words.length - 1)];
        for (int i = 1; i < words.length; i++) {
            String[] halves = words[i].split("=", 2);
            settings[2 * i - 2] = halves[0];
            settings[2 * i - 1] = halves[1];
        }
        assertLooksLikeItsSolids(Designs.plan(words[0], settings));
    }

    @ParameterizedTest
    @EnumSource
    void everyTypeOfJoint(JointKind kind) {
        if (kind.isForEnds()) {
            assertLooksLikeItsSolids(Planner.plan(
                    Tables.give("apron-front/leg-front-left:joint", kind.id()).applyTo(Tables.worked())));
        }
    }
}
