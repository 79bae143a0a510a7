package longshoulder.core.kind;

import static longshoulder.core.Tables.mm;
import static longshoulder.core.kind.Designs.length;
import static longshoulder.core.kind.Designs.plan;
import static longshoulder.core.kind.Designs.shoulder;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Objects;
import java.util.stream.Stream;
import longshoulder.core.brief.JointKind;
import longshoulder.core.geometry.Bounds;
import longshoulder.core.geometry.Cell;
import longshoulder.core.geometry.HalfSpace;
import longshoulder.core.geometry.Pose;
import longshoulder.core.geometry.Skins;
import longshoulder.core.geometry.Solid;
import longshoulder.core.joint.Joint;
import longshoulder.core.joint.MouldedTenon;
import longshoulder.core.measure.Length;
import longshoulder.core.plan.Plan;
import longshoulder.core.plan.Planner;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** What kinds offer beyond their plain form, against figures worked out by hand. */
class KindChoicesTest {

    private static Joint joint(Plan plan, String id) {
        return plan.joints().stream().filter(one -> one.id().equals(id)).findFirst().orElseThrow();
    }

    private static Length figure(Plan plan, String joint, String name) {
        return Objects.requireNonNull(joint(plan, joint).figures().get(name)).value();
    }

    private static Bounds bounds(Plan plan, String piece) {
        return plan.piece(piece).solid().bounds();
    }

    /** The wood of all pieces within a box of the world. */
    private static double wood(Plan plan, double[] least, double[] greatest) {
        Solid box = Solid.of(Cell.box(Pose.WORLD, least[0], least[1], least[2], greatest[0], greatest[1], greatest[2]));
        return plan.pieces().stream().mapToDouble(piece -> piece.solid().intersection(box).volume()).sum();
    }

    /**
     * Chord 1260, rise 25: R = (630² + 25²) ÷ 50 = 7950.5; the blank holds both arcs: 7950.5 − √(7928.5² − 630²) = 47.070. The
     * rise takes its share of the depth: end aprons 800 − 80 − 25 − 120 = 575.
     */
    @Test
    void bow_squareToTheChord() {
        Plan plan = plan("table", "bow", "front");
        assertThat(plan.isStopped()).isFalse();
        assertThat(shoulder(plan, "apron-front")).isEqualTo(mm("1260"));
        assertThat(shoulder(plan, "apron-left")).isEqualTo(mm("575"));
        assertThat(plan.piece("apron-front").piece().thickness().value().toMillimetres())
                .isCloseTo(47.070, within(1e-3));
        // its front bows to 25 before the faces at its shoulders, which stand back by 8 from the legs at 65
        assertThat(bounds(plan, "apron-front").least().getY()).isCloseTo(65 + 8 - 25, within(1e-6));
        assertThat(bounds(plan, "top").least().getY()).isCloseTo(0, within(1e-6));
        Skins.assertClosed(plan.piece("apron-front").mesh());
        // at the shoulders 22.07 of wood: a third is 7.36, the chisel next to it 8, in its middle
        assertThat(figure(plan, "apron-front/leg-front-left", "tenon.thickness")).isEqualTo(mm("8"));
        Solid tenon = joint(plan, "apron-front/leg-front-left").adds();
        double middle = 65 + 8 + (47.070 - 25) / 2;
        assertThat((tenon.bounds().least().getY() + tenon.bounds().greatest().getY()) / 2)
                .isCloseTo(middle, within(1e-3));
    }

    /**
     * Legs of 60 stand 60 and 40 in from the top's ends and sides, aprons 22 behind 8: their inner faces at 90 and 70. Grooves 10 deep, 1 of room at an end and 6
     * at a side: the panel begins at 81 and 66, the legs end at 120 and 100, 1 of room: notches 40 by 35.
     */
    @Test
    void bottom_saysItsNotches() {
        Plan plan = plan("table", "bottom", "panel");
        assertThat(plan.frame().featuresOf("bottom")).singleElement().satisfies(notch -> assertThat(notch.figures())
                .extracting(figure -> figure.amount().value()).containsExactly(mm("40"), mm("35")));
        // 15 of the apron's 95 lie under the groove, which is as wide as the panel is thick: 10.
        assertThat(figure(plan, "bottom/apron-front", "groove.from-face")).isEqualTo(mm("70"));
    }

    /** Aprons 22 set back by 45 end 67 behind the legs' faces, which are 60 wide: a panel 6 in their grooves clears the legs by 1. */
    @Test
    void bottom_hasNoNotchesWhereTheLegsStandClear() {
        assertThat(plan("table", "bottom", "panel", "apron.setback", "45").frame().featuresOf("bottom")).isEmpty();
    }

    /** Both rails of a drawer stand as far behind the faces of legs that lean to the front. */
    @Test
    void drawerRails_followLeaningLegs() {
        Plan plan = plan("table", "drawer", "front", "splay.side", "6°");
        assertThat(plan.isStopped()).isFalse();
        List<Double> behind = Stream.of("rail-drawer-upper", "rail-drawer-lower")
                .map(rail -> plan.frame().piece(rail).shape()).map(shape -> shape.looking(Vector3D.Unit.MINUS_Y))
                .map(HalfSpace::offset).toList();
        assertThat(behind.get(1) - behind.get(0)).isCloseTo(95 * Math.tan(Math.toRadians(6)), within(1e-6));
    }

    /** The legs' fronts follow the arc: at its end it leaves the chord at asin(630 ÷ 7950.5) = 4.545°. */
    @Test
    void bow_legsAreBevelledToIt() {
        Plan plan = plan("table", "bow", "front");
        double normal = plan.piece("leg-front-left").piece().shape().faceSide().normal().getX();
        assertThat(Math.toDegrees(Math.asin(-normal))).isCloseTo(4.545, within(1e-3));
    }

    /** Both arcs are worked in the same chords, so that one part is left to each, and a tenon at each end. */
    @ParameterizedTest
    @ValueSource(strings = {"chord", "radius"})
    void bow_apronFallsIntoOnePartAChord(String ends) {
        Plan plan = plan("table", "bow", "front", "bow.ends", ends);
        int strips = plan.frame().shaping("apron-front").cells().size();
        assertThat(strips).isGreaterThan(10);
        assertThat(plan.piece("apron-front").solid().cells().size()).isBetween(strips / 2, strips / 2 + 4);
    }

    /** Along the radius the shoulders lean by the arc's own angle, and the chord has grown by what the bevels took. */
    @Test
    void bow_alongTheRadius() {
        Plan plan = plan("table", "bow", "front", "bow.ends", "radius");
        assertThat(plan.isStopped()).isFalse();
        double lean = Math.abs(plan.piece("apron-front").start().edgeAngle());
        double chord = 1260 + 2 * (60 - 8) * Math.tan(Math.toRadians(lean));
        double radius = (chord * chord / 4 + 625) / 50;
        assertThat(Math.sin(Math.toRadians(lean))).isCloseTo(chord / 2 / radius, within(1e-9));
    }

    @Test
    void taper_onOneFace_takesOneWedge() {
        double whole = plan("table").piece("leg-back-left").solid().volume();
        double left = plan("table", "leg.taper", "one", "leg.foot", "45").piece("leg-back-left").solid().volume();
        assertThat(whole - left).isCloseTo(15 * 620 / 2.0 * 60, within(1e-3));
    }

    /** A bolt of 10 in a hole of 11 through the post of 90, its nut 60 behind the shoulder. */
    @Test
    void workbench_bolted_comesApart() {
        Plan plan = plan("workbench", "stretcher.joint", "bolted");
        assertThat(plan.isStopped()).isFalse();
        Joint joint = joint(plan, "stretcher-front/post-front-left");
        assertThat(joint.kind()).isEqualTo(JointKind.STUB_TENON);
        assertThat(figure(plan, joint.id(), "bolt.reach")).isEqualTo(mm("60"));
        assertThat(figure(plan, joint.id(), "bolt.nut")).isEqualTo(mm("16"));
        double tenonDeep = joint.tenons().getFirst().depth().value().toMillimetres();
        double inPost = plan.frame().piece("post-front-left").body().intersection(joint.removes()).volume()
                - plan.frame().piece("post-front-left").body().intersection(joint.tenons().getFirst().removes())
                        .volume();
        // facets touch the round from outside: a little more than the circle
        assertThat(inPost / (Math.PI * 5.5 * 5.5 * (90 - tenonDeep))).isBetween(1.0, 1.01);
        for (String piece : List.of("stretcher-front", "post-front-left")) {
            assertThat(joint.loosePart().intersection(plan.piece(piece).solid()).volume()).as(piece).isLessThan(1e-6);
        }
    }

    @ParameterizedTest
    @CsvSource({"arched, 50", "sloped, 50"})
    void bench_shapedFeet_keepTheirJoints(String form, double height) {
        Plan plain = plan("bench");
        Plan shaped = plan("bench", "foot.shape", form, "bearer.shape", "sloped");
        assertThat(shaped.isStopped()).isFalse();
        assertThat(shaped.piece("foot-left").solid().volume()).isLessThan(plain.piece("foot-left").solid().volume());
        assertThat(bounds(shaped, "foot-left").size().getZ()).isCloseTo(height, within(1e-9));
        assertThat(bounds(shaped, "bearer-left").size().getY()).isCloseTo(290, within(1e-9));
        Skins.assertClosed(shaped.piece("foot-left").mesh());
        assertThat(shaped.findings()).isEqualTo(plain.findings());
    }

    /** A rail in which a panel stands would be grooved elsewhere if it were moved: the front rails go, the back's tenons are shortened. */
    @Test
    void cabinet_staggered_railsWithPanelsStay() {
        Plan plain = plan("cabinet");
        Plan staggered = plan("cabinet", "tenon.meeting", "staggered");
        assertThat(staggered.isStopped()).isFalse();
        for (String rail : List.of("rail-upper-left", "rail-lower-right", "rail-upper-back")) {
            assertThat(bounds(staggered, rail).greatest().getZ()).as(rail)
                    .isCloseTo(bounds(plain, rail).greatest().getZ(), within(1e-6));
        }
        assertThat(bounds(staggered, "rail-upper-front").greatest().getZ())
                .isLessThan(bounds(plain, "rail-upper-front").greatest().getZ() - 1);
    }

    /** What is worked off the far side of a post is no place for the rail: the uprights end in the feet, not under their arches. */
    @Test
    void bench_uprightsEndInTheirArchedFeet() {
        Plan plan = plan("bench", "foot.shape", "arched");
        Joint joint = plan.joints().stream().filter(one -> one.id().equals("upright-front-left/foot-left")).findFirst()
                .orElseThrow();
        double length = joint.tenons().getFirst().length().value().toMillimetres();
        assertThat(bounds(plan, "upright-front-left").least().getZ()).isCloseTo(50 - length, within(1e-6));
        assertThat(joint.figures()).doesNotContainKey("scribe.depth");
    }

    /** Sight 450 − 2 · 60 = 330; mould 5, rebate 10: front shoulders at 340, back shoulders at 350. */
    @Test
    void door_rebatedAndMoulded_longAndShortShoulders() {
        Plan plan = plan("door", "construction", "rebated", "filling", "glass");
        assertThat(plan.isStopped()).isFalse();
        assertThat(joint(plan, "rail-top/stile-left").plain()).isInstanceOf(MouldedTenon.class);
        assertThat(figure(plan, "rail-top/stile-left", "front-shoulders")).isEqualTo(mm("340"));
        assertThat(figure(plan, "rail-top/stile-left", "back-shoulders")).isEqualTo(mm("350"));
        // Where rail and stile meet, nothing is left open but the mortise's floor: 1.5 of it, and the corner of the glass.
        Joint joint = joint(plan, "rail-top/stile-left");
        double floor = 1.5 * joint.tenons().getFirst().width().value().toMillimetres()
                * joint.tenons().getFirst().thickness().value().toMillimetres();
        double[] least = {0, 0, 660 + 10};
        double[] greatest = {60, 24, 720};
        assertThat(wood(plan, least, greatest)).isCloseTo(60 * 24 * 50 - floor, within(1e-3));
    }

    /** The moulding is a chamfer of 5 by 5 on the inner edge; mitred or scribed, the corner shows the same wood. */
    @ParameterizedTest
    @ValueSource(strings = {"scribed", "mitred"})
    void door_mouldings_meetAtTheCorner(String corner) {
        Plan plan = plan("door", "construction", "rebated", "filling", "none", "mould.corner", corner);
        assertThat(plan.isStopped()).isFalse();
        // over the inner corner the wood is as high as the higher of both slopes: the mean of max(x, y) is two thirds
        double[] least = {55, 0, 660};
        double[] greatest = {60, 5, 665};
        assertThat(wood(plan, least, greatest)).isCloseTo(5 * 5 * 5 * 2 / 3.0, within(1e-3));
    }

    /** Lock rail 60 with its middle at 900: 900 − 80 − 30 = 790 below; 2000 − 60 − 80 − 60 − 790 = 1010 above. */
    @Test
    void door_lockRail_standsAtItsHeight() {
        Plan plan = plan("door", "size.height", "2000", "size.width", "800", "middle.rails", "one", "lock-rail",
                "at-height", "lock-rail.height", "900", "muntins", "one");
        assertThat(shoulder(plan, "muntin-1-1")).isEqualTo(mm("790"));
        assertThat(shoulder(plan, "muntin-2-1")).isEqualTo(mm("1010"));
        assertThat(plan.isStopped()).isFalse();
    }

    /** Three by four panes: (580 − 3 · 24) ÷ 4 = 127 wide between bars, and as many panes as openings. */
    @Test
    void door_glazingBars_inAGrid() {
        Plan plan = plan("door", "size.width", "700", "size.height", "1000", "construction", "rebated", "filling",
                "glass", "bars.across", "two", "bars.upright", "three");
        assertThat(plan.isStopped()).isFalse();
        assertThat(plan.pieces().stream().filter(piece -> piece.id().startsWith("glass"))).hasSize(12);
        assertThat(plan.pieces().stream().filter(piece -> piece.id().startsWith("bar-upright"))).hasSize(9);
        assertThat(shoulder(plan, "bar-level-1")).isEqualTo(mm("580"));
        // 127 + 2 · 10 − 3
        assertThat(plan.piece("glass-2-3").piece().width().value()).isEqualTo(mm("144"));
        assertThat(plan.joints().stream().filter(one -> one.id().startsWith("bar-upright-")))
                .allMatch(one -> one.kind() == JointKind.GLAZING_BAR).hasSize(18);
    }

    /** Overlaid by 12 on an opening of 710: 734 wide and 730 + 24 high; a pair shares that less the gap between. */
    @Test
    void cabinet_overlaidDoors() {
        Plan plan = plan("cabinet", "size.given", "case", "front", "one-door", "door.hang", "overlaid");
        assertThat(bounds(plan, "door.stile-left").least().getX()).isCloseTo(45 - 12, within(1e-9));
        assertThat(bounds(plan, "door.stile-right").greatest().getX()).isCloseTo(755 + 12, within(1e-9));
        // 878 − 90 − 2 · 60 + 2 · 12
        assertThat(length(plan, "door.stile-left")).isEqualTo(mm("692"));
        Plan pair = plan("cabinet", "size.given", "case", "front", "two-doors", "door.hang", "overlaid");
        assertThat(bounds(pair, "door-right.stile-left").least().getX()
                - bounds(pair, "door-left.stile-right").greatest().getX()).isCloseTo(2, within(1e-9));
        assertThat(plan.isStopped() || pair.isStopped()).isFalse();
    }

    /** Overall 800 × 400: 15 of overhang at each side and behind, in front 20 of door rather than 15: the case is 770 × 365. */
    @Test
    void cabinet_overallSizes_areThoseOverAll() {
        Plan plan = plan("cabinet", "front", "one-door", "door.hang", "overlaid");
        assertThat(shoulder(plan, "rail-lower-front")).isEqualTo(mm("680"));
        assertThat(shoulder(plan, "rail-lower-left")).isEqualTo(mm("275"));
        Plan inset = plan("cabinet", "front", "one-door");
        assertThat(shoulder(inset, "rail-lower-left")).isEqualTo(mm("280"));
        assertThat(length(inset, "top")).isEqualTo(mm("800"));
    }

    /** Overlaid by 60 on posts of 40: 20 beyond the case at each side, where the top overhangs by 15. */
    @Test
    void cabinet_doorsWiderThanTheTop_areTheOverallWidth() {
        Plan plan = plan("cabinet", "front", "two-doors", "door.hang", "overlaid", "door.overlap", "60", "post.width",
                "40", "rail.width", "61");
        assertThat(bounds(plan, "door-right.stile-right").greatest().getX()
                - bounds(plan, "door-left.stile-left").least().getX()).isCloseTo(800, within(1e-9));
        assertThat(length(plan, "top")).isEqualTo(mm("790"));
        assertThat(plan.isStopped()).isFalse();
    }

    /** Doors that overlap a rail of 60 by 60 leave no room between them and the top. */
    @Test
    void cabinet_doorsOverTheWholeRail_areTold() {
        Plan plan = plan("cabinet", "front", "two-doors", "door.hang", "overlaid", "door.overlap", "60");
        assertThat(plan.findings()).filteredOn(finding -> finding.code().equals("no-room")).singleElement()
                .satisfies(finding -> assertThat(finding.remedies()).anySatisfy(remedy -> assertThat(
                        Planner.plan(remedy.edit().applyTo(plan.project())).isStopped()).isFalse()));
    }

    /** Four drawers of 120 with rails of 60 ask for 720 of 668: the remedy gives what is left under them 100. */
    @Test
    void cabinet_drawersThatTakeAllTheRoom_areTold() {
        Plan plan = plan("cabinet", "drawers", "four");
        assertThat(plan.findings()).filteredOn(finding -> finding.code().equals("no-room")).singleElement()
                .satisfies(finding -> assertThat(finding.remedies()).singleElement().satisfies(remedy -> {
                    Plan remedied = Planner.plan(remedy.edit().applyTo(plan.project()));
                    assertThat(remedied.project().brief().measure("overall.height").orElseThrow().value())
                            .isEqualTo(mm("1052"));
                    assertThat(remedied.isStopped()).isFalse();
                }));
    }

    /** A drawer and aprons of two layers: the runners end at the inner layer of the back apron. */
    @ParameterizedTest
    @ValueSource(strings = {"table", "stool"})
    void drawer_withLayeredAprons_isSound(String kind) {
        Plan one = plan(kind, "drawer", "front");
        Plan two = plan(kind, "drawer", "front", "apron.layers", "two");
        assertThat(two.isStopped()).isFalse();
        assertThat(length(one, "runner-left").minus(length(two, "runner-left")))
                .isEqualTo(two.project().brief().required("inner-layer.thickness").value());
    }

    /** A rail that carries a divider stays where it is: moved, it would leave the divider behind. */
    @Test
    void cabinet_staggered_railsWithDividersStay() {
        Plan plan = plan("cabinet", "dividers", "two", "tenon.meeting", "staggered");
        assertThat(plan.isStopped()).isFalse();
    }

    /** The face frame is a part of the depth of the case: the sides' rails are 400 − 20 − 90 = 290 between their shoulders. */
    @Test
    void cabinet_faceFrame_dividers_andDoorsInEachOpening() {
        Plan plan = plan("cabinet", "size.given", "case", "face.frame", "glued-on", "dividers", "one", "front",
                "one-door", "drawers", "one");
        assertThat(plan.isStopped()).isFalse();
        assertThat(shoulder(plan, "rail-upper-left")).isEqualTo(mm("290"));
        assertThat(shoulder(plan, "face.rail-top")).isEqualTo(mm("700"));
        assertThat(shoulder(plan, "face.rail-drawer-1")).isEqualTo(mm("700"));
        // (700 − 45) ÷ 2 − 2 · 2 = 323.5
        assertThat(bounds(plan, "door-1.stile-right").greatest().getX()
                - bounds(plan, "door-1.stile-left").least().getX()).isCloseTo(323.5, within(1e-9));
        assertThat(plan.has("door-2.stile-left")).isTrue();
        assertThat(bounds(plan, "door-2.rail-top").least().getY()).isCloseTo(0, within(1e-9));
    }

    /** Opening 710 × 120, gap 2: front 706 × 116. The back stands between the sides, 706 − 24 = 682. */
    @Test
    void cabinet_drawersFitTheirOpenings() {
        Plan plan = plan("cabinet", "size.given", "case", "drawers", "two", "drawer.boxes", "fitted");
        assertThat(plan.isStopped()).isFalse();
        assertThat(length(plan, "drawer-1.front")).isEqualTo(mm("706"));
        assertThat(plan.piece("drawer-2.front").piece().width().value()).isEqualTo(mm("116"));
        assertThat(shoulder(plan, "drawer-1.back")).isEqualTo(mm("682"));
        assertThat(joint(plan, "drawer-1.side-left/drawer-1.front").kind()).isEqualTo(JointKind.HOUSING);
        assertThat(joint(plan, "drawer-1.bottom/drawer-1.side-right").kind()).isEqualTo(JointKind.GROOVE);
        // it lies on its runners, whose upper faces are level with the lower edge of the opening
        assertThat(bounds(plan, "runner-drawer-1-left").greatest().getZ())
                .isCloseTo(bounds(plan, "drawer-1.side-left").least().getZ() - 2, within(1e-9));
    }

    /** Three shelves share out 668 between the rails; each lies on its bearers. */
    @Test
    void cabinet_shelves_lieOnBearers() {
        Plan plan = plan("cabinet", "size.given", "case", "shelves", "three", "front", "two-doors");
        assertThat(plan.isStopped()).isFalse();
        assertThat(bounds(plan, "shelf-2").least().getZ()).isCloseTo(150 + 668 / 2.0, within(1e-6));
        assertThat(bounds(plan, "bearer-shelf-2-right").greatest().getZ())
                .isCloseTo(bounds(plan, "shelf-2").least().getZ(), within(1e-9));
        assertThat(length(plan, "shelf-1")).isEqualTo(mm("708"));
    }
}
