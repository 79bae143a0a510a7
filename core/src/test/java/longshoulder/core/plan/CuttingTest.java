package longshoulder.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Random;
import longshoulder.core.brief.Brief;
import longshoulder.core.brief.Value;
import longshoulder.core.geometry.Boundary;
import longshoulder.core.geometry.Congruence;
import longshoulder.core.geometry.Flip;
import longshoulder.core.geometry.Skins;
import longshoulder.core.geometry.Solid;
import longshoulder.core.joint.Joint;
import longshoulder.core.kind.RandomDesigns;
import longshoulder.core.kind.Kind;
import longshoulder.core.kind.Kinds;
import longshoulder.core.measure.Length;
import longshoulder.core.measure.Showing;
import longshoulder.core.measure.Unit;
import longshoulder.core.project.Edit;
import longshoulder.core.project.EditRefused;
import longshoulder.core.project.Project;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.api.Test;

/** Shapes that plans share and keep are those that would be cut anew. */
class CuttingTest {

    private static Project of(String kind) {
        return Project.ofKind(Kinds.find(kind).orElseThrow(), "", Showing.TENTH_MILLIMETRES);
    }

    private static Cutting anew(Plan plan, PlannedPiece piece) {
        List<Joint> received = plan.joints().stream()
                .filter(joint -> joint.meeting().mortisePiece().id().equals(piece.id())).toList();
        return Cutting.of(piece.piece(), piece.joints().stream().map(Cutting.End::of).toList(), received,
                plan.frame().shaping(piece.id()));
    }

    /** Each plan takes from what those before it made: whatever is edited, each shape is that of its piece cut anew. */
    @Property(tries = 150, seed = "2611")
    void form_afterEdits_isThatOfThePieceCutAnew(@ForAll("kinds") Kind kind, @ForAll long seed) {
        Project project = RandomDesigns.design(kind, seed);
        Random random = new Random(seed);
        for (int edit = 0; edit < 4; edit++) {
            Plan plan = Planner.plan(project);
            if (!plan.isStopped()) {
                plan.pieces().forEach(piece -> assertSame(piece, anew(plan, piece).solid()));
            }
            project = edited(project, random);
        }
    }

    @Provide
    Arbitrary<Kind> kinds() {
        return Arbitraries.of(Kinds.all());
    }

    private static void assertSame(PlannedPiece piece, Solid anew) {
        assertThat(piece.solid().minus(anew).volume()).as(piece.id()).isLessThan(0.01);
        assertThat(anew.minus(piece.solid()).volume()).as(piece.id()).isLessThan(0.01);
        assertThat(piece.solid().volume()).as(piece.id()).isCloseTo(anew.volume(), within(0.01));
        assertThat(piece.solid().bounds().least().distance(anew.bounds().least())).isLessThan(1e-6);
        assertThat(piece.solid().bounds().greatest().distance(anew.bounds().greatest())).isLessThan(1e-6);
        // Where it leans, its box is that of the skin, whose points are made one within a fraction of a micrometre.
        assertThat(piece.cutShape().bounds().least().distance(anew.bounds().least())).isLessThan(5e-5);
        assertThat(piece.cutShape().bounds().greatest().distance(anew.bounds().greatest())).isLessThan(5e-5);
        Skins.assertClosed(piece.mesh());
        assertThat(piece.mesh().volume()).as(piece.id()).isCloseTo(anew.volume(), within(0.1));
        assertThat(Congruence.of(piece.outline(), Boundary.of(anew).outline(piece.piece().pose()))).as(piece.id())
                .isEqualTo(Congruence.SAME);
    }

    /** With one of its measures a little less or more. */
    private static Project edited(Project project, Random random) {
        Brief brief = project.brief();
        // A frame of one's own has none.
        List<String> measures = brief.values().keySet().stream().filter(name -> brief.measure(name).isPresent())
                .toList();
        if (measures.isEmpty()) {
            return project;
        }
        String name = measures.get(random.nextInt(measures.size()));
        Length changed = brief.required(name).value().plus(Length.ofMicrometres(10L * random.nextInt(-800, 4000)));
        try {
            return new Edit.Give(name, new Value.Measured(changed)).applyTo(project);
        } catch (EditRefused beyondItsBounds) {
            return project;
        }
    }

    @Test
    void alike_isEqualWhereTheSameIsCut() {
        Plan plan = Planner.plan(of("table"));
        CutShapeKey front = anew(plan, plan.piece("apron-front")).alike();
        assertThat(front).isEqualTo(anew(plan, plan.piece("apron-front")).alike());
        assertThat(front).isEqualTo(anew(plan, plan.piece("apron-back")).alike());
        assertThat(front).isNotEqualTo(anew(plan, plan.piece("apron-left")).alike());
        assertThat(front).isNotEqualTo(anew(plan, plan.piece("leg-front-left")).alike());
    }

    /** Their round holes lie alike too, though they stand the other way round. */
    @Test
    void alike_whereRoundHolesAre() {
        Project bolted = new Edit.Give("stretcher.joint", Edit.parameter(of("workbench"), "stretcher.joint")
                .read("bolted", Unit.MILLIMETRE)).applyTo(of("workbench"));
        Plan plan = Planner.plan(bolted);
        assertThat(anew(plan, plan.piece("stretcher-front")).alike())
                .isEqualTo(anew(plan, plan.piece("stretcher-back")).alike());
    }

    /** The left stile is the right one's image, and the rails of a carcass differ in their lengths alone. */
    @Test
    void stretchTo_findsImages_andPiecesOfOtherLengths() {
        Plan door = Planner.plan(of("door"));
        assertThat(flips(door, "stile-left", "stile-right")).isNotEmpty().noneMatch(Flip::isNone);
        Plan table = Planner.plan(of("table"));
        assertThat(flips(table, "apron-front", "apron-left")).contains(Flip.NONE);
        assertThat(flips(table, "apron-front", "leg-front-left")).isEmpty();
    }

    private static List<Flip> flips(Plan plan, String one, String other) {
        CutShapeKey from = anew(plan, plan.piece(one)).alike();
        CutShapeKey to = anew(plan, plan.piece(other)).alike();
        return Flip.ALL.stream().filter(flip -> from.stretchTo(to, flip).isPresent()).toList();
    }
}
