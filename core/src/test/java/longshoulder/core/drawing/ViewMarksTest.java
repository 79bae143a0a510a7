package longshoulder.core.drawing;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import longshoulder.core.Tables;
import longshoulder.core.plan.Plan;
import longshoulder.core.plan.Planner;
import longshoulder.core.projection.Extent;
import longshoulder.core.projection.Patch;
import longshoulder.core.projection.Projection;
import longshoulder.core.projection.Stroke;
import org.apache.commons.geometry.euclidean.twod.Vector2D;
import org.junit.jupiter.api.Test;

/** What becomes of faces and edges when a piece is picked out. */
class ViewMarksTest {

    private static final Plan PLAN = Planner.plan(Tables.table());
    private static final Vector2D A = Vector2D.of(0, 10);
    private static final Vector2D B = Vector2D.of(40, 10);

    private static Stroke line(String piece, Stroke.Kind kind) {
        return new Stroke(piece, A, B, kind);
    }

    private static List<Meaning> meanings(String lit, Stroke... strokes) {
        Projection projection = new Projection(List.of(), List.of(strokes), new Extent(0, 0, 40, 20));
        return new ViewMarks(PLAN, lit).of(projection).stream().map(mark -> ((Mark.Line) mark).meaning()).toList();
    }

    /** A line that two pieces share is drawn once, and in the colour of the one that is lit. */
    @Test
    void sharedLine_isPlain_unlessOneOfBothIsLit() {
        Stroke front = line("apron-front", Stroke.Kind.VISIBLE);
        Stroke back = line("leg-front-left", Stroke.Kind.DOUBLED);
        assertThat(meanings("", front, back)).containsExactly(Meaning.VISIBLE_EDGE);
        assertThat(meanings("apron-front", front, back)).containsExactly(Meaning.LIT_EDGE);
        assertThat(meanings("leg-front-left", front, back)).containsExactly(Meaning.VISIBLE_EDGE, Meaning.LIT_EDGE);
    }

    /** Hidden edges lie under those that are seen, the lit ones on top. */
    @Test
    void order_hiddenThenSeenThenLit() {
        assertThat(meanings("apron-front", line("apron-front", Stroke.Kind.VISIBLE),
                line("apron-front", Stroke.Kind.HIDDEN), line("top", Stroke.Kind.VISIBLE)))
                .containsExactly(Meaning.HIDDEN_EDGE, Meaning.VISIBLE_EDGE, Meaning.LIT_EDGE);
    }

    @Test
    void faces_haveTheWoodOfTheirPiece_andDarkenAwayFromTheLight() {
        Projection projection = new Projection(
                List.of(new Patch("top", List.of(A, B, Vector2D.of(0, 0)), 1, 1),
                        new Patch("apron-front", List.of(A, B, Vector2D.of(0, 0)), 0.5, 0),
                        new Patch("a wedge", List.of(A, B, Vector2D.of(0, 0)), 1, 1)),
                List.of(), new Extent(0, 0, 40, 20));
        List<Tint> tints = new ViewMarks(PLAN, "").of(projection).stream().map(mark -> ((Mark.Face) mark).tint())
                .toList();
        assertThat(tints).extracting(Tint::wood).containsExactly(PLAN.piece("top").wood(),
                PLAN.piece("apron-front").wood(), "");
        assertThat(tints.get(0).shade()).isZero();
        assertThat(tints.get(1).shade()).isBetween(0.1, 0.2);
    }
}
