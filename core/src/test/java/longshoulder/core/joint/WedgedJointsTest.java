package longshoulder.core.joint;

import static longshoulder.core.Tables.mm;
import static longshoulder.core.Tables.table;
import static longshoulder.core.joint.Joints.figure;
import static longshoulder.core.joint.Joints.joint;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import longshoulder.core.brief.JointKind;
import longshoulder.core.geometry.Solid;
import longshoulder.core.finding.Finding;
import longshoulder.core.kind.Designs;
import longshoulder.core.plan.Plan;
import longshoulder.core.plan.Planner;
import longshoulder.core.project.Edit;
import longshoulder.core.project.Project;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Wedged, blind wedged, tusked and pegged joints against figures worked out by hand: post 60, rail 95 × 22, tenon 71 × 8. */
class WedgedJointsTest {

    /** How many times the square of its radius a peg has whose 24 facets touch the round from outside: a little more than π. */
    private static final double FACETED = faceted(24);

    /** Two slots of 2 × 8 over 40, and a relief hole of radius 2 at the end of each, half of it beside and beyond the slot. */
    @Test
    void throughWedged_slotsEndInReliefHoles() {
        Joint plain = joint(JointKind.THROUGH_TENON, "wedge.slot", "40");
        Joint bare = joint(JointKind.THROUGH_TENON, "tenon.wedges", "two", "wedge.slot", "40", "wedge.relief", "none");
        assertThat(bored(plain).volume() - bored(bare).volume()).isCloseTo(2 * 2 * 8 * 40, within(1e-6));
        Joint drilled = joint(JointKind.THROUGH_TENON, "tenon.wedges", "two", "wedge.slot", "40");
        double holes = bored(bare).volume() - bored(drilled).volume();
        double round = 2 * 8 * Math.PI * 2 * 2;
        assertThat(holes).isBetween(round / 2, round);
    }

    @Test
    void throughWedged_oneUpTo25Wide_twoAbove() {
        assertThat(wedges("fitting", "71")).isEqualTo(2);
        assertThat(wedges("fitting", "25")).isEqualTo(1);
        assertThat(wedges("one", "71")).isEqualTo(1);
        assertThat(wedges("two", "25")).isEqualTo(2);
        assertThat(wedges("none", "71")).isZero();
    }

    /**
     * An upright of 200 × 45 under a slab: a seventh of 200 is nearest to the chisel of 20, so 200 − 3 × 20 = 140 make four gaps of 35. Each
     * tenon is 45 less two shoulders of 8 long in the mortise, which takes two wedges.
     */
    @Test
    void broadUpright_hasThreeTenonsSideBySide() {
        Plan plan = Designs.plan("bench", "uprights", "single", "upright.width", "200", "slab.joint", "wedged-through",
                "figures.step", "1", "through-tenon:tenon.count", "by-width");
        ThroughTenon joint = (ThroughTenon) plan.joints().stream().filter(one -> one.id().equals("upright-left/slab"))
                .findFirst().orElseThrow().plain();
        assertThat(joint.tenons()).extracting(tenon -> tenon.faceShoulder().value()).containsExactly(mm("35"),
                mm("90"), mm("145"));
        assertThat(joint.tenons()).allSatisfy(tenon -> {
            assertThat(tenon.thickness().value()).isEqualTo(mm("20"));
            assertThat(tenon.width().value()).isEqualTo(mm("29"));
        });
        assertThat(joint.adds().volume()).isCloseTo(3 * 20 * 29 * 40, within(1e-6));
        assertThat(joint.wedgings()).extracting(Wedging::count).containsExactly(2, 2, 2);
        assertThat(plan.findings()).extracting(Finding::code).doesNotContain("no-chisel", "tenon-thin");
        assertThat(plan.findings()).noneMatch(finding -> finding.remedies().stream()
                .anyMatch(remedy -> remedy.edit() instanceof Edit.OwnChisel));
    }

    /** A rail of 95: tenons and gaps of (95 − 24) / 5 = 14.2 one above the other. */
    @Test
    void threeTenons_oneAboveTheOther_eachWithItsWedge() {
        ThroughTenon joint = (ThroughTenon) joint(JointKind.THROUGH_TENON, "tenon.count", "three", "tenon.wedges",
                "fitting").plain();
        assertThat(joint.tenons()).extracting(tenon -> tenon.edgeShoulder().value()).containsExactly(mm("12"),
                mm("40.4"), mm("68.8"));
        assertThat(joint.wedgings()).extracting(Wedging::count).containsExactly(1, 1, 1);
        assertThat(joint.loosePart().cells()).hasSize(3);
    }

    private static int wedges(String choice, String tenonWidth) {
        Project table = table("apron.width", tenonWidth.equals("71") ? "95" : "37");
        return Joints.in(Joints.with(table, JointKind.THROUGH_TENON, "tenon.wedges", choice, "tenon.count", "one"))
                .wedged()
                .map(Wedging::count).orElse(0);
    }

    /** One wedge in the middle opens both sides, two open one each. */
    @Test
    void wedge_fillsItsSlotAndTheFlare() {
        Joint one = joint(JointKind.THROUGH_TENON, "tenon.wedges", "one", "wedge.flare", "3");
        assertThat(figure(one, "wedge.head")).isEqualTo(mm("8"));
        Joint two = joint(JointKind.THROUGH_TENON, "tenon.wedges", "two", "wedge.flare", "3");
        assertThat(figure(two, "wedge.head")).isEqualTo(mm("5"));
        // From half a kerf at its tip to its head, as long as its slot of four fifths of 60, as wide as the tenon is thick.
        assertThat(two.loosePart().volume()).isCloseTo(2 * (1 + 5) / 2.0 * 48 * 8, within(1e-6));
        assertThat(two.loosePart().intersection(two.adds()).volume()).isZero();
    }

    /** The mortise is straight to the knee and then wider at both ends by the flare. */
    @ParameterizedTest
    @CsvSource({"60, 2", "30, 2", "54, 1.5"})
    void flare_runsFromTheKneeToTheExit(double run, double flare) {
        Joint wedged = joint(JointKind.THROUGH_TENON, "tenon.wedges", "two", "wedge.flare", String.valueOf(flare),
                "wedge.flare-run", String.valueOf(run));
        double straight = 60 * 71 * 8;
        assertThat(wedged.removes().volume()).isCloseTo(straight + run * flare * 8, within(1e-6));
    }

    @Test
    void flare_withTheGrain_opensTheCheeks() {
        Joint wedged = joint(JointKind.THROUGH_TENON, "tenon.wedges", "one", "wedge.flare", "2", "wedge.flare-run",
                "60", "wedge.line", "with-grain");
        assertThat(wedged.removes().volume()).isCloseTo(60 * 71 * 8 + 60 * 2 * 71, within(1e-6));
    }

    /** Slot 24, room at the floor 1.5: a wedge of 25.5 is the longest that lets the shoulder close. */
    @Test
    void blindWedged_longestWedgeIsSlotAndRoom() {
        Joint joint = joint(JointKind.BLIND_WEDGED_TENON, "tenon.length", "30", "wedge.slot", "24");
        BlindWedgedTenon blind = (BlindWedgedTenon) joint.plain();
        assertThat(blind.longestWedge().value()).isEqualTo(mm("25.5"));
        assertThat(figure(joint, "wedge.length")).isEqualTo(mm("24.5"));
        assertThat(blind.givesWay()).isEqualTo(GivesWay.SHORTENED);
    }

    /** A blind mortise widens to its floor: its mouth is the tenon's own section. */
    @Test
    void blindWedged_mouthIsNoWiderThanTheTenon() {
        Joint joint = joint(JointKind.BLIND_WEDGED_TENON, "tenon.length", "30", "wedge.flare", "2", "wedge.flare-run",
                "20");
        assertThat(joint.removes().volume()).isCloseTo(31.5 * 71 * 8 + 20 * 2 * 8, within(1e-6));
        assertThat(joint.adds().minus(joint.removes()).volume()).isZero();
    }

    /** Its neighbour in the leg runs straight as well: a mitre against an unmitred tenon would cut it for nothing. */
    @Test
    void blindWedged_neighbourStopsShortOfIt() {
        Project project = Joints.with(table("apron.setback", "6"), JointKind.BLIND_WEDGED_TENON);
        Joint neighbour = Planner.plan(project).joints().stream()
                .filter(joint -> joint.id().equals("apron-left/leg-front-left")).findFirst().orElseThrow();
        assertThat(neighbour.tenons().getFirst().mitres()).isEmpty();
        assertThat(neighbour.tenons().getFirst().length().value()).isEqualTo(mm("38"));
    }

    /** Post 60, tusk 20 wide at most, relish 30: the tenon is 110 long; the slot begins 1.5 inside the post. */
    @Test
    void tusked_isPostRoomAndRelish() {
        Joint joint = joint(JointKind.TUSKED_TENON, "tusk.width", "20", "tusk.relish", "30", "tusk.thickness", "4");
        assertThat(joint.addedLength().value()).isEqualTo(mm("110"));
        assertThat(joint.isThrough()).isTrue();
        // The slot narrows from 20 by a seventh of the tenon's width of 71; it begins 1.5 inside the post.
        double narrowest = 20 - 71 / 7.0;
        double slot = 4 * 71 * (1.5 + (20 + narrowest) / 2);
        assertThat(bored(joint).volume()).isCloseTo(110 * 71 * 8 - slot, within(1e-6));
    }

    /** Home, the tusk bears on the post and on the slope of its slot and overlaps nothing. */
    @Test
    void tusked_tuskFillsItsSlotOutsideThePost() {
        Joint joint = joint(JointKind.TUSKED_TENON, "tusk.width", "20", "tusk.thickness", "4");
        Solid tusk = joint.loosePart();
        assertThat(tusk.intersection(bored(joint)).volume()).isCloseTo(0, within(1e-9));
        assertThat(tusk.intersection(joint.meeting().mortisePiece().body()).volume()).isCloseTo(0, within(1e-9));
        // It stands out by 12 at both edges of the tenon, wider above and narrower below.
        assertThat(tusk.volume()).isCloseTo(4 * 95 * (20 - 71 / 14.0), within(1e-6));
    }

    @ParameterizedTest
    @CsvSource({"one-in-six, 6", "one-in-seven, 7", "one-in-eight, 8"})
    void tusked_slopes(String slope, double run) {
        Joint joint = joint(JointKind.TUSKED_TENON, "tusk.width", "20", "tusk.thickness", "4", "tusk.slope", slope);
        assertThat(joint.loosePart().volume()).isCloseTo(4 * 95 * (20 - 71 / (2 * run)), within(1e-6));
    }

    /** As thick as the tenon, two diameters from the shoulder; two of them in a tenon of 71. */
    @Test
    void pegged_usualPlaces() {
        Joint joint = joint(JointKind.STOPPED_TENON, "peg", "pegged");
        assertThat(figure(joint, "peg.diameter")).isEqualTo(mm("8"));
        assertThat(figure(joint, "peg.from-shoulder")).isEqualTo(mm("16"));
        assertThat(figure(joint, "drawbore.offset")).isEqualTo(mm("0"));
        assertThat(joint.pegged().orElseThrow().places()).containsExactly(12 + 71 / 4.0, 12 + 71 * 0.75);
        assertThat(joint.kind()).isEqualTo(JointKind.STOPPED_TENON);
    }

    /** Without an offset the pegs fill their holes in the post and in the tenon. */
    @Test
    void pegged_pegsFillTheirHoles() {
        Joint joint = joint(JointKind.STOPPED_TENON, "peg", "pegged", "peg.count", "one");
        double round = joint.loosePart().volume() / 60;
        assertThat(round).isCloseTo(FACETED * 16, within(1e-9));
        assertThat(joint.loosePart().intersection(bored(joint)).volume()).isCloseTo(0, within(1e-9));
        assertThat(joint.adds().volume() - bored(joint).volume()).isCloseTo(round * 8, within(1e-6));
    }

    /** Drawbored, the hole in the tenon lies nearer to the shoulder, so that the peg pulls. */
    @Test
    void drawbored_holeInTheTenonIsNearerToTheShoulder() {
        Joint joint = joint(JointKind.STOPPED_TENON, "peg", "drawbored", "drawbore.offset", "2", "peg.count", "one");
        Solid hole = joint.adds().minus(bored(joint));
        double middle = (hole.bounds().least().getX() + hole.bounds().greatest().getX()) / 2;
        // The shoulder stands at 60 + 60 from the left end of the top; the tenon points to the left.
        assertThat(middle).isCloseTo(120 - 14, within(1e-6));
        Solid squeezed = joint.loosePart();
        assertThat(squeezed.intersection(bored(joint)).volume()).isCloseTo(0, within(1e-9));
        assertThat(squeezed.volume()).isLessThan(peg("0").volume());
    }

    /** The tenon with its holes and slots. */
    private static Solid bored(Joint joint) {
        return joint.bores().stream().reduce(joint.adds(), Solid::minus);
    }

    private static Solid peg(String offset) {
        return Joints.joint(JointKind.STOPPED_TENON, "peg", "drawbored", "drawbore.offset", offset, "peg.count", "one")
                .loosePart();
    }

    @ParameterizedTest
    @CsvSource({"beech, 8, 1", "white-pine, 8, 1.5", "beech, 12, 1.5", "white-pine, 12, 2"})
    void drawbored_offsetByWoodAndSize(String wood, String diameter, String offset) {
        Project project = new Edit.UseWood("apron", wood).applyTo(
                Joints.with(table(), JointKind.STOPPED_TENON, "peg", "drawbored", "peg.diameter", diameter));
        assertThat(figure(Joints.in(project), "drawbore.offset")).isEqualTo(mm(offset));
    }

    private static double faceted(int facets) {
        return facets * Math.tan(Math.PI / facets);
    }

    /** A round-ended tenon loses what a square has more than the facets round a circle: of 16 no point is 0.1 off a round of 4. */
    @Test
    void roundEnds_tenonAndMortiseAlike() {
        Joint square = joint(JointKind.STOPPED_TENON, "tenon.length", "30");
        Joint round = joint(JointKind.STOPPED_TENON, "tenon.length", "30", "mortise.ends", "round");
        double corners = (4 - faceted(16)) * 16;
        assertThat(square.adds().volume() - round.adds().volume()).isCloseTo(30 * corners, within(1e-6));
        assertThat(square.removes().volume() - round.removes().volume())
                .isCloseTo(31.5 * corners, within(1e-6));
        assertThat(round.adds().minus(round.removes()).volume()).isZero();
    }

    /** Behind a drawer rail: 6 into the post, as high as the runner, from the rail's back to the other side of the post. */
    @Test
    void stub_withARunnerNotch() {
        Joint plain = joint(JointKind.STUB_TENON);
        Joint notched = joint(JointKind.STUB_TENON, "runner.height", "20");
        Solid post = plain.meeting().mortisePiece().body();
        double more = notched.removes().intersection(post).volume() - plain.removes().intersection(post).volume();
        assertThat(more).isCloseTo(6 * 20 * (60 - 22), within(1e-6));
        assertThat(figure(notched, "runner.depth")).isEqualTo(mm("6"));
    }
}
