package longshoulder.core.joint;

import static longshoulder.core.Tables.mm;
import static longshoulder.core.Tables.table;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import longshoulder.core.words.Words;
import longshoulder.core.measure.Showing;
import longshoulder.core.measure.Fit;
import longshoulder.core.Tables;
import longshoulder.core.finding.Finding;
import longshoulder.core.frame.Piece;
import longshoulder.core.geometry.Skins;
import longshoulder.core.kind.Designs;
import longshoulder.core.measure.Length;
import longshoulder.core.plan.Plan;
import longshoulder.core.plan.PlannedPiece;
import longshoulder.core.plan.Planner;
import longshoulder.core.project.Edit;
import longshoulder.core.project.EditRefused;
import longshoulder.core.project.Milled;
import longshoulder.core.project.Project;
import longshoulder.core.reckoning.Level;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What was really milled: what can follow follows, what was cut stands and is reported. */
class AsMilledTest {

    private static Project milled(Project project, String id, Milled what, String length) {
        return new Edit.RecordMilled(id, what, mm(length)).applyTo(project);
    }

    private static Length shoulder(Plan plan, String id) {
        return plan.piece(id).shoulderLength().orElseThrow().value();
    }

    /** A leg that came out 0.8 narrower: its outer faces stay, and the apron that stands on its inner face is 0.8 longer. */
    @Test
    void legNarrower_apronFollows() {
        Plan plan = Planner.plan(milled(table(), "leg-front-left", Milled.WIDTH, "59.2"));
        assertThat(shoulder(plan, "apron-front")).isEqualTo(mm("1260.8"));
        assertThat(shoulder(plan, "apron-back")).isEqualTo(mm("1260"));
        assertThat(shoulder(plan, "apron-left")).isEqualTo(mm("600"));
        assertThat(plan.findings()).noneMatch(finding -> finding.code().startsWith("shoulder"));
    }

    /** A stile 2 narrower and a rail 1 wider: the panel is 2 wider and 1 shorter, and stands as deep in its grooves as before. */
    @Test
    void stileNarrower_panelFollowsAcross_railWider_alongTheGrain() {
        Project door = Designs.of("door");
        Piece planned = Planner.plan(door).piece("panel").piece();
        Project milled = milled(milled(door, "stile-left", Milled.WIDTH, "58"), "rail-top", Milled.WIDTH, "61");
        Plan plan = Planner.plan(milled);
        Piece panel = plan.piece("panel").piece();
        assertThat(panel.width().value()).isEqualTo(planned.width().value().plus(mm("2")));
        assertThat(panel.length().value()).isEqualTo(planned.length().value().minus(mm("1")));
        assertThat(shoulder(plan, "rail-top")).isEqualTo(mm("332"));
        // groove 10, room 3 at each side
        assertThat(panel.body().bounds().least().getX()).isCloseTo(58 - 7, within(1e-9));
        assertThat(plan.isStopped()).isFalse();
        Piece kept = Planner.plan(milled(milled, "panel", Milled.WIDTH, "340")).piece("panel").piece();
        assertThat(kept.width().value()).as("its own width was measured").isEqualTo(mm("340"));
    }

    @Test
    void bothLegs_apronFollowsBoth() {
        Project project = milled(table(), "leg-front-left", Milled.WIDTH, "59");
        Plan plan = Planner.plan(milled(project, "leg-front-right", Milled.WIDTH, "58"));
        assertThat(shoulder(plan, "apron-front")).isEqualTo(mm("1263"));
    }

    @Test
    void legThinner_theOtherApronFollows() {
        Plan plan = Planner.plan(milled(table(), "leg-front-left", Milled.THICKNESS, "61"));
        assertThat(shoulder(plan, "apron-left")).isEqualTo(mm("599"));
        assertThat(shoulder(plan, "apron-front")).isEqualTo(mm("1260"));
    }

    /** An apron's face side and face edge stay; its tenon stays centred and as thick as the chisel. */
    @Test
    void apronThinner_keepsItsFaceSide() {
        Plan plan = Planner.plan(milled(table(), "apron-front", Milled.THICKNESS, "21.5"));
        Piece apron = plan.piece("apron-front").piece();
        Piece before = Planner.plan(table()).piece("apron-front").piece();
        assertThat(apron.shape().faceSide().offset()).isCloseTo(before.shape().faceSide().offset(), within(1e-9));
        Tenon tenon = Joints.in(plan.project()).tenons().getFirst();
        assertThat(tenon.cheekFromReference().value()).isEqualTo(mm("14.75"));
        assertThat(tenon.thickness().value()).isEqualTo(mm("8"));
    }

    @Test
    void apronNarrower_keepsItsFaceEdge() {
        Plan plan = Planner.plan(milled(table(), "apron-front", Milled.WIDTH, "93"));
        assertThat(plan.piece("apron-front").piece().width().value()).isEqualTo(mm("93"));
        assertThat(Joints.in(plan.project()).tenons().getFirst().width().value()).isEqualTo(mm("69"));
    }

    /** What was already cut is not changed: it is listed against what the place now asks for. */
    @Test
    void apronAlreadyCut_conflictsWithTheMilledLeg() {
        Project cut = milled(milled(table(), "apron-front", Milled.SHOULDER, "1260"), "apron-back", Milled.SHOULDER,
                "1260");
        assertThat(Planner.plan(cut).findings()).noneMatch(finding -> finding.code().startsWith("shoulder"));
        Plan plan = Planner.plan(milled(cut, "leg-front-left", Milled.WIDTH, "59.2"));
        assertThat(shoulder(plan, "apron-front")).isEqualTo(mm("1260"));
        Finding finding = plan.findings().stream().filter(one -> one.code().equals("shoulders-unequal")).findFirst()
                .orElseThrow();
        assertThat(finding.level()).isEqualTo(Level.STOP);
        assertThat(finding.message().arguments()).contains(mm("0.8"));
    }

    @ParameterizedTest
    @CsvSource({"leg-front-left, SHOULDER", "keel, WIDTH", "apron-front, TENON", "apron-front/keel, MORTISE",
            "glue, TONGUE"})
    void record_ofWhatThereIsNot_isRefused(String id, Milled what) {
        assertThatThrownBy(() -> milled(table(), id, what, "20")).isInstanceOf(EditRefused.class);
    }

    @Test
    void record_nothingOrTooMuch_isRefused() {
        assertThatThrownBy(() -> milled(table(), "top", Milled.WIDTH, "0")).isInstanceOf(EditRefused.class);
        assertThatThrownBy(() -> milled(table(), "top", Milled.WIDTH, "20000")).isInstanceOf(EditRefused.class);
    }

    @Test
    void forget_isAsPlannedAgain() {
        Project project = milled(table(), "leg-front-left", Milled.WIDTH, "59.2");
        assertThat(new Edit.ForgetMilled("leg-front-left", Milled.WIDTH).applyTo(project)).isEqualTo(table());
    }

    /** Mortise less tenon: below −0.05 too tight, above 0.25 too loose. */
    @ParameterizedTest
    @CsvSource({"8.34, 8, fit-tight", "8.06, 8, fit-tight", "8.05, 8, ''", "7.9, 8, ''", "7.75, 8, ''",
            "7.74, 8, fit-loose"})
    void fit_ofMeasuredPairs(String tenon, String mortise, String code) {
        Project project = milled(milled(table(), Joints.FRONT_LEFT, Milled.TENON, tenon), Joints.FRONT_LEFT,
                Milled.MORTISE, mortise);
        List<String> codes = Planner.plan(project).findings().stream().map(Finding::code)
                .filter(one -> one.startsWith("fit")).toList();
        assertThat(codes).isEqualTo(code.isEmpty() ? List.of() : List.of(code));
    }

    /** 0.34 over: 4 shavings of 0.04 off each cheek. */
    @Test
    void fit_tight_saysHowManyShavings() {
        Project project = milled(milled(table(), Joints.FRONT_LEFT, Milled.TENON, "8.34"), Joints.FRONT_LEFT,
                Milled.MORTISE, "8");
        Finding finding = Planner.plan(project).findings().stream().filter(one -> one.code().equals("fit-tight"))
                .findFirst().orElseThrow();
        assertThat(finding.message().arguments()).contains(new Fit(mm("0.34")), 4L, new Fit(Length.ofMicrometres(40)));
        assertThat(Words.showing(Showing.TENTH_MILLIMETRES).say(finding))
                .contains("is 0.34 mm too thick", "take 4 shavings of 0.04 mm off each cheek");
        assertThat(Words.showing(Showing.SIXTEENTHS).say(finding)).contains("is 0.013 in too thick");
    }

    /** Whatever is milled by a millimetre or two, at any lean, joints still close: solids neither overlap nor part. */
    @Property(tries = 120, seed = "2611")
    void anySections_pieceStillMeet(@ForAll @IntRange(min = -20, max = 20) int leg,
            @ForAll @IntRange(min = -20, max = 20) int apron, @ForAll @IntRange(min = 0, max = 90) int lean) {
        Project project = Tables.give("splay.side", lean / 10.0 + "°").applyTo(table());
        project = milled(project, "leg-front-left", Milled.WIDTH, String.valueOf(60 + leg / 10.0));
        project = milled(project, "leg-back-left", Milled.THICKNESS, String.valueOf(60 + leg / 20.0));
        project = milled(project, "apron-left", Milled.THICKNESS, String.valueOf(22 + apron / 10.0));
        Plan plan = Planner.plan(project);
        for (Joint joint : plan.joints()) {
            assertThat(joint.meeting().shoulder().faces(joint.meeting().surface())).as(joint.id()).isTrue();
        }
        for (PlannedPiece piece : plan.pieces()) {
            Skins.assertClosed(piece.mesh());
            for (PlannedPiece other : plan.pieces()) {
                if (!other.id().equals(piece.id())
                        && plan.findings().stream().noneMatch(f -> f.level() == Level.STOP)) {
                    assertThat(piece.solid().intersection(other.solid()).volume())
                            .isLessThan(1e-6 * piece.solid().volume());
                }
            }
        }
    }
}
