package longshoulder.core.project;

import static longshoulder.core.Tables.give;
import static longshoulder.core.Tables.mm;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import longshoulder.core.brief.JointKind;
import longshoulder.core.finding.Finding;
import longshoulder.core.frame.Alteration;
import longshoulder.core.kind.Designs;
import longshoulder.core.measure.Showing;
import longshoulder.core.measure.Unit;
import longshoulder.core.plan.Plan;
import longshoulder.core.plan.Planner;
import longshoulder.core.reckoning.Level;
import longshoulder.core.words.Words;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Frames edited beyond their kind: what holds when sizes change, what waits, what is refused. */
class AlterationsTest {

    private static final String LOW = "between,piece=rail-low,from=leg-front-left,to=leg-front-right,width=40,"
            + "thickness=20,height=100";

    private static Alteration read(String text) {
        String[] parts = text.split(",", -1);
        Map<String, String> fields = Arrays.stream(parts).skip(1).map(part -> part.split("=", 2))
                .collect(Collectors.toMap(half -> half[0], half -> half[1]));
        fields.put("do", parts[0]);
        return Alterations.read(fields, Unit.MILLIMETRE);
    }

    private static Project altered(Project project, String... alterations) {
        Project changed = project;
        for (String alteration : alterations) {
            changed = new Edit.Alter(read(alteration)).applyTo(changed);
        }
        return changed;
    }

    /** 1500 − 2 · 60 − 2 · 60 = 1260 between the legs; 200 more when the table grows by 200. */
    @Test
    void between_followsItsPosts() {
        Project project = altered(Designs.of("table"), LOW);
        Plan plan = Planner.plan(project);
        assertThat(plan.piece("rail-low").shoulderLength().orElseThrow().value()).isEqualTo(mm("1260"));
        assertThat(plan.isStopped()).isFalse();
        Plan longer = Planner.plan(give("overall.length", "1700").applyTo(project));
        assertThat(longer.piece("rail-low").shoulderLength().orElseThrow().value()).isEqualTo(mm("1460"));
        assertThat(longer.piece("rail-low").joints()).hasSize(2);
    }

    /** Leaning by 7° the legs stand 2 · 625 · tan 7° farther apart at the lower edge, 100 above the floor, than at 725. */
    @Test
    void between_leaningLegs_endsOnTheirFaces() {
        Project project = altered(Designs.of("table", "splay.front", "7°"), LOW);
        double longest = Planner.plan(project).piece("rail-low").shoulderLength().orElseThrow().value()
                .toMillimetres();
        double apart = 2 * 625 * Math.tan(Math.toRadians(7));
        double narrower = 2 * 60 * (1 / Math.cos(Math.toRadians(7)) - 1);
        assertThat(longest).isCloseTo(1260 + apart - narrower, within(0.5));
    }

    @Test
    void between_followsAnotherAddedPiece() {
        Project project = altered(Designs.of("table"), LOW,
                "between,piece=rail-mid,from=rail-low,to=apron-back,width=30,thickness=20,height=660");
        assertThat(Planner.plan(project).has("rail-mid")).isTrue();
    }

    @Test
    void move_resize_rename_remove() {
        Project project = altered(Designs.of("table", "stretchers", "box"), "remove,piece=stretcher-back",
                "resize,piece=stretcher-front,width=60,thickness=30", "rename,piece=stretcher-left,mark=X9",
                "move,piece=top,z=10");
        Plan plan = Planner.plan(project);
        assertThat(plan.has("stretcher-back")).isFalse();
        assertThat(plan.piece("stretcher-front").piece().width().value()).isEqualTo(mm("60"));
        assertThat(plan.piece("stretcher-left").piece().mark()).isEqualTo("X9");
        assertThat(plan.piece("top").piece().pose().origin().getZ()).isCloseTo(735, within(1e-9));
    }

    /** A leg made 10 narrower on its inner side: the front apron reaches 10 farther, the one behind it stays. */
    @Test
    void resize_ofAPost_takesItsRailsAlong() {
        Project project = altered(Designs.of("table"), "resize,piece=leg-front-left,width=50,thickness=60");
        Plan plan = Planner.plan(project);
        assertThat(plan.piece("apron-front").shoulderLength().orElseThrow().value()).isEqualTo(mm("1270"));
        assertThat(plan.piece("apron-back").shoulderLength().orElseThrow().value()).isEqualTo(mm("1260"));
        assertThat(plan.isStopped()).isFalse();
        Project again = altered(project, "resize,piece=leg-front-left,width=55,thickness=60");
        assertThat(Planner.plan(again).piece("apron-front").shoulderLength().orElseThrow().value())
                .isEqualTo(mm("1265"));
    }

    @Test
    void between_oneAndTheSame_orOverEachOther_isRefused() {
        for (String to : List.of("leg-front-left", "top")) {
            assertThatThrownBy(() -> altered(altered(Designs.of("table"), "move,piece=top,x=-690,y=-330"),
                    "between,piece=x,from=leg-front-left,to=" + to + ",width=9,thickness=9")).as(to)
                    .isInstanceOf(EditRefused.class);
        }
    }

    @Test
    void remove_takesThePieceOutOfItsGlueUp() {
        Plan plan = Planner.plan(altered(Designs.of("table"), "remove,piece=apron-left"));
        assertThat(plan.frame().assemblies()).allMatch(assembly -> !assembly.pieces().contains("apron-left"));
    }

    /** A change to a piece that a choice takes away waits, is told of, and holds again when the piece comes back. */
    @Test
    void alteration_whosePieceIsGone_waitsAndComesBack() {
        Project project = altered(Designs.of("table", "stretchers", "box"), "rename,piece=stretcher-front,mark=X9");
        Project without = give("stretchers", "none").applyTo(project);
        Finding waits = Planner.plan(without).findings().stream().filter(one -> one.code().equals("waits")).findFirst()
                .orElseThrow();
        assertThat(waits.level()).isEqualTo(Level.NOTE);
        Project back = give("stretchers", "box").applyTo(without);
        assertThat(Planner.plan(back).piece("stretcher-front").piece().mark()).isEqualTo("X9");
        Project forgotten = waits.remedies().getFirst().edit().applyTo(without);
        assertThat(forgotten.alterations()).isEmpty();
        assertThat(Planner.plan(forgotten).findings()).extracting(Finding::code).doesNotContain("waits");
    }

    @Test
    void jointOfAPieceThatIsGone_waits() {
        Project project = give("stretcher-front/leg-front-left:joint", "through-tenon")
                .applyTo(Designs.of("table", "stretchers", "box"));
        Plan without = Planner.plan(give("stretchers", "none").applyTo(project));
        Finding waits = without.findings().stream().filter(one -> one.code().equals("waits")).findFirst().orElseThrow();
        assertThat(Words.showing(Showing.TENTH_MILLIMETRES).say(waits))
                .contains("front stretcher into front left leg").doesNotContain("stretcher-front");
        assertThat(Planner.plan(project).findings()).extracting(Finding::code).doesNotContain("waits");
    }

    @Test
    void milledOfAPieceThatIsGone_waits() {
        Project project = new Edit.RecordMilled("stretcher-left", Milled.WIDTH, mm("44"))
                .applyTo(Designs.of("table", "stretchers", "box"));
        assertThat(Planner.plan(project).findings()).extracting(Finding::code).doesNotContain("waits");
        Project without = give("stretchers", "none").applyTo(project);
        Finding waits = Planner.plan(without).findings().stream().filter(one -> one.code().equals("waits")).findFirst()
                .orElseThrow();
        assertThat(waits.remedies().getFirst().edit().applyTo(without).milled()).isEmpty();
    }

    /** Two posts 60 × 60, 900 apart: the rail between them is 840, and a third post far away floats. */
    @Test
    void freeFrame_postsAndRailsOfOnesOwn() {
        Project project = Designs.of("free");
        Plan plan = Planner.plan(project);
        assertThat(plan.piece("rail-upper").shoulderLength().orElseThrow().value()).isEqualTo(mm("840"));
        assertThat(plan.joints()).hasSize(2);
        Project third = altered(project,
                "add,piece=post-back,role=post,length=720,width=60,thickness=60,lie=zx,x=0,y=500,z=0");
        assertThat(Planner.plan(third).findings()).extracting(Finding::code).contains("floats");
        Project joined = altered(third,
                "between,piece=rail-side,from=post-left,to=post-back,width=80,thickness=24,height=500");
        Plan whole = Planner.plan(joined);
        assertThat(whole.findings()).extracting(Finding::code).doesNotContain("floats");
        assertThat(whole.piece("rail-side").shoulderLength().orElseThrow().value()).isEqualTo(mm("440"));
    }

    /** A board on edge across another: both give way. */
    @Test
    void freeFrame_crossingPiecesAreLapped() {
        Project crossing = altered(Designs.of("free"),
                "add,piece=rail-a,role=rail,length=600,width=50,thickness=30,lie=xz,x=2000,y=0,z=100",
                "add,piece=rail-b,role=rail,length=600,width=50,thickness=30,lie=yz,x=2300,y=-300,z=100");
        assertThat(Planner.plan(crossing).joints()).extracting(joint -> joint.kind()).contains(JointKind.CROSS_LAP);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {"remove,piece=keel | refused.altered.remove",
            "rename,piece=keel,mark=K | refused.altered.rename", "move,piece=keel,x=1 | refused.altered.move",
            "resize,piece=keel,width=1,thickness=1 | refused.altered.resize",
            "between,piece=a,from=leg-front-left,to=keel,width=9,thickness=9 | refused.altered.between",
            "add,piece=top,length=9,width=9,thickness=9,lie=xy | refused.altered.add",
            "bend,piece=top | refused.alteration", "remove,piece=Two Words | refused.name",
            "add,piece=a,length=9,width=9,thickness=9,lie=up | refused.lie",
            "resize,piece=top,width=9 | refused.missing", "resize,piece=top,width=9,thick=9 | refused.missing",
            "resize,piece=top,widht=9,thickness=9 | refused.misspelt",
            "resize,piece=top,width=0,thickness=9 | refused.field", "move,piece=top,x=wide | refused.entry",
            "move,piece=top,x=900 m | refused.field", "add,piece=a,role=keel,length=9 | refused.role"})
    void refused_withItsReason(String alteration, String reason) {
        assertThatThrownBy(() -> altered(Designs.of("table"), alteration)).isInstanceOfSatisfying(EditRefused.class,
                refused -> assertThat(refused.reason().key()).isEqualTo(reason));
    }

    @ParameterizedTest
    @ValueSource(strings = {LOW, "remove,piece=top", "rename,piece=top,mark=Z", "move,piece=top,x=-5,y=3,z=1",
            "resize,piece=top,width=700,thickness=20",
            "add,piece=post-x,role=post,mark=P,length=700,width=60,thickness=50,lie=zy,x=1,y=2,z=3"})
    void fields_areReadBack(String text) {
        Alteration alteration = read(text);
        assertThat(Alterations.read(alteration.fields(), Unit.INCH)).isEqualTo(alteration);
    }

    @Test
    void buildAs_keepsHouseRulesAndTitle_andBeginsAfresh() {
        Project project = give("limit.wall", "9").applyTo(altered(Designs.of("table"), LOW));
        Project door = new Edit.BuildAs("door").applyTo(project);
        assertThat(door.brief().kind()).isEqualTo("door");
        assertThat(door.brief().measure("limit.wall")).isPresent();
        assertThat(door.alterations()).isEmpty();
        assertThat(door.title()).isEqualTo(project.title());
    }
}
