package longshoulder.core.drawing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import longshoulder.core.joint.Joint;
import longshoulder.core.kind.Kind;
import longshoulder.core.kind.Kinds;
import longshoulder.core.measure.Showing;
import longshoulder.core.plan.Plan;
import longshoulder.core.plan.Planner;
import longshoulder.core.project.Project;
import longshoulder.core.words.Words;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Every drawing of every kind: on the page that it was laid out for, and at the scale that was asked for. */
class DrawingsTest {

    private static final TextMeasure MEASURE = (text, size, bold) -> 0.5 * size * text.length();

    static List<String> kinds() {
        return Kinds.all().stream().map(Kind::id).toList();
    }

    private static DrawingContext context(String kind, Showing showing) {
        Plan plan = Planner.plan(Project.ofKind(Kinds.find(kind).orElseThrow(), "", showing));
        return new DrawingContext(plan, Words.showing(showing), MEASURE);
    }

    private static List<String> names(Plan plan) {
        List<String> names = new ArrayList<>(List.of("front", "end", "plan", "pictorial", "sheet", "lengths"));
        plan.joints().stream().map(Joint::kind).distinct().forEach(kind -> plan.joints().stream()
                .filter(joint -> joint.kind() == kind).findFirst()
                .ifPresent(joint -> names.add("joint:" + joint.id())));
        plan.pieces().stream().limit(3).forEach(piece -> names.add("rod:" + piece.piece().mark()));
        return names;
    }

    @ParameterizedTest
    @MethodSource("kinds")
    void fitted_liesOnItsPage(String kind) {
        for (Showing showing : List.of(Showing.TENTH_MILLIMETRES, Showing.SIXTY_FOURTHS)) {
            DrawingContext context = context(kind, showing);
            for (String name : names(context.plan())) {
                Drawing drawing = Drawings.find(context, name).orElseThrow();
                for (double[] size : new double[][]{{277, 190}, {190, 277}}) {
                    assertInside(drawing.fitted(size[0], size[1]), kind + " " + name);
                }
            }
        }
    }

    @ParameterizedTest
    @MethodSource("kinds")
    void atAScale_thePageIsAsLargeAsTheDrawing(String kind) {
        DrawingContext context = context(kind, Showing.TENTH_MILLIMETRES);
        for (String name : names(context.plan())) {
            Drawing drawing = Drawings.find(context, name).orElseThrow();
            for (double scale : new double[]{1, 0.1}) {
                Page page = drawing.atScale(scale);
                assertInside(page, kind + " " + name + " at " + scale);
                assertThat(page.groups()).as(name).filteredOn(group -> !group.onPaper())
                        .anySatisfy(group -> assertThat(group.placement().scale()).isCloseTo(scale, within(1e-9)));
            }
        }
    }

    private static void assertInside(Page page, String name) {
        BoundsPen pen = new BoundsPen();
        page.draw(pen);
        assertThat(pen.left).as("%s to the left", name).isGreaterThan(-0.01);
        assertThat(pen.top).as("%s above", name).isGreaterThan(-0.01);
        assertThat(pen.right).as("%s to the right", name).isLessThan(page.width() + 0.01);
        assertThat(pen.bottom).as("%s below", name).isLessThan(page.height() + 0.01);
    }

    @Test
    void names_ofNothing_areRefused() {
        DrawingContext context = context("table", Showing.TENTH_MILLIMETRES);
        for (String name : List.of("side", "", "front:B1", "rod", "rod:", "rod:nobody", "joint", "joint:a/b")) {
            assertThat(Drawings.find(context, name)).as(name).isEqualTo(Optional.empty());
        }
    }

    /** Holds everything that is drawn, texts with their widths. */
    private static final class BoundsPen implements Pen {

        private double left = Double.POSITIVE_INFINITY;
        private double top = Double.POSITIVE_INFINITY;
        private double right = Double.NEGATIVE_INFINITY;
        private double bottom = Double.NEGATIVE_INFINITY;

        private void add(double x, double y) {
            left = Math.min(left, x);
            top = Math.min(top, y);
            right = Math.max(right, x);
            bottom = Math.max(bottom, y);
        }

        @Override
        public double width(String text, double size, boolean bold) {
            return MEASURE.width(text, size, bold);
        }

        @Override
        public void line(double fromX, double fromY, double toX, double toY, Meaning meaning) {
            add(fromX, fromY);
            add(toX, toY);
        }

        @Override
        public void arc(double x, double y, double radius, double start, double sweep, Meaning meaning) {
            add(x - radius, y - radius);
            add(x + radius, y + radius);
        }

        @Override
        public void face(double[] xs, double[] ys, Tint tint) {
            for (int i = 0; i < xs.length; i++) {
                add(xs[i], ys[i]);
            }
        }

        @Override
        public void text(double x, double y, String text, double size, boolean bold, Meaning meaning) {
            add(x, y - 0.7 * size);
            add(x + width(text, size, bold), y);
        }
    }
}
