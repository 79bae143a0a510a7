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
import longshoulder.core.finding.Finding;
import longshoulder.core.frame.Assembly;
import longshoulder.core.geometry.Bounds;
import longshoulder.core.geometry.HalfSpace;
import longshoulder.core.geometry.Skins;
import longshoulder.core.joint.Joint;
import longshoulder.core.measure.Length;
import longshoulder.core.plan.Plan;
import longshoulder.core.plan.Planner;
import longshoulder.core.reckoning.Amount;
import longshoulder.core.reckoning.Level;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Each kind's chains against figures worked out by hand. */
class KindsTest {

    private static Joint joint(Plan plan, String id) {
        return plan.joints().stream().filter(one -> one.id().equals(id)).findFirst().orElseThrow();
    }

    private static Length figure(Plan plan, String joint, String name) {
        return Objects.requireNonNull(joint(plan, joint).figures().get(name)).value();
    }

    /** Door 400, stiles 55, tongue 9: rails 400 − 110 + 18 = 308; the tongue measured at 9.4 makes them 308.8. */
    @Test
    void door_copeAndStick_railIsDoorLessStilesAndTwoTongues() {
        String[] worked = {"construction", "cope-and-stick", "size.width", "400", "stile.width", "55", "groove.depth",
                "9"};
        assertThat(length(plan("door", worked), "rail-top")).isEqualTo(mm("308"));
    }

    /** A moulding of 12 is wider than the tongue of 9, and the rail's lip reaches over it: 400 − 110 + 24 = 314. */
    @Test
    void door_copeAndStick_lipLongerThanTheTongue() {
        Plan plan = plan("door", "construction", "cope-and-stick", "size.width", "400", "stile.width", "55",
                "groove.depth", "9", "mould.width", "12", "mould.depth", "6");
        assertThat(length(plan, "rail-top")).isEqualTo(mm("314"));
        Bounds rail = plan.piece("rail-top").solid().bounds();
        assertThat(rail.size().getX()).isCloseTo(314, within(1e-6));
    }

    /** Opening 500 × 800, gaps 2, 2, 2 and 3: the door is 496 × 795. Panel 496 − 2 · 60 + 2 · 10 − 6 = 390 wide. */
    @Test
    void door_byItsOpening_isOpeningLessGaps() {
        Plan plan = plan("door", "size.given", "opening", "size.width", "500", "size.height", "800", "panel.room", "6");
        assertThat(length(plan, "stile-left")).isEqualTo(mm("795"));
        assertThat(shoulder(plan, "rail-top")).isEqualTo(mm("376"));
        assertThat(plan.piece("panel").piece().width().value()).isEqualTo(mm("390"));
        // 795 − 60 − 80 + 2 · 10 − 2
        assertThat(length(plan, "panel")).isEqualTo(mm("673"));
    }

    /** Two rows of three panels: openings share out what rails and muntins leave. */
    @Test
    void door_ofManyPanels_sharesOutAlike() {
        Plan plan = plan("door", "size.width", "900", "size.height", "2000", "middle.rails", "one", "muntins", "two");
        // (900 − 2 · 60 − 2 · 50) ÷ 3 = 226 2/3, + 20 − 6
        assertThat(plan.piece("panel-1-2").piece().width().value().toMillimetres())
                .isCloseTo(680 / 3.0 + 14, within(1e-9));
        // (2000 − 60 − 80 − 60) ÷ 2 = 900
        assertThat(shoulder(plan, "muntin-2-1")).isEqualTo(mm("900"));
        assertThat(plan.pieces()).hasSize(2 + 3 + 4 + 6);
        assertThat(plan.isStopped()).isFalse();
    }

    /** The groove is as deep as it was asked to be: the panel stands in it less the room at its side. */
    @Test
    void panel_standsInItsGroove() {
        Plan plan = plan("door", "panel.room", "6");
        assertThat(figure(plan, "panel/stile-left", "groove.depth")).isEqualTo(mm("10"));
        assertThat(figure(plan, "panel/stile-left", "groove.room")).isEqualTo(mm("3"));
        assertThat(figure(plan, "panel/rail-top", "groove.depth")).isEqualTo(mm("10"));
        assertThat(figure(plan, "panel/rail-top", "groove.width")).isEqualTo(mm("8"));
        // As long as the panel and 1 of room at each end: (720 − 140 + 18 + 2) × 10 deep × 8 wide
        assertThat(joint(plan, "panel/stile-left").removes().volume()).isCloseTo(600 * 10 * 8, within(1e-6));
    }

    /** Glass in grooves cannot be changed once the frame is glued; in rebates, as it is by default, it can. */
    @Test
    void pane_inGrooves_isFound() {
        Plan grooved = plan("door", "filling", "glass", "glass/rail-top:groove.form", "groove");
        Finding trapped = grooved.findings().stream().filter(one -> one.code().equals("glass-trapped")).findFirst()
                .orElseThrow();
        Plan mended = Planner.plan(trapped.remedies().getFirst().edit().applyTo(grooved.project()));
        assertThat(mended.findings()).noneMatch(one -> one.code().equals("glass-trapped"));
        assertThat(joint(mended, "glass/rail-top").type()).isEqualTo("rebate");
    }

    /** A rebate holds glass 4 thick and a bead of 4: more than a quarter of 24. */
    @Test
    void rebatedDoor_hasRoomForTheBead() {
        assertThat(figure(plan("door", "construction", "rebated", "filling", "glass"), "rail-top/stile-left",
                "rebate.depth")).isEqualTo(mm("8"));
        Plan thick = plan("door", "construction", "rebated", "filling", "glass", "glass.thickness", "6");
        assertThat(figure(thick, "rail-top/stile-left", "rebate.depth")).isEqualTo(mm("8"));
        Finding shallow = thick.findings().stream().filter(one -> one.code().equals("rebate-shallow")).findFirst()
                .orElseThrow();
        Plan mended = Planner.plan(shallow.remedies().getFirst().edit().applyTo(thick.project()));
        assertThat(mended.piece("rail-top").piece().thickness().value()).isEqualTo(mm("30"));
        assertThat(mended.findings()).noneMatch(one -> one.code().equals("rebate-shallow"));
        assertThat(figure(plan("door", "construction", "rebated"), "rail-top/stile-left", "rebate.depth"))
                .isEqualTo(mm("6"));
    }

    /** Glass lies in a rebate, open to the back: 4 mm of glass and the 10 mm behind it. */
    @Test
    void pane_liesInARebate() {
        Plan rebate = plan("door", "filling", "glass");
        // 1.5 of clearance all round: glass 720 − 140 + 20 − 3 = 597 high, and 1 of run-out at each end
        assertThat(length(rebate, "glass")).isEqualTo(mm("597"));
        assertThat(figure(rebate, "glass/rail-top", "rebate.room")).isEqualTo(mm("1.5"));
        assertThat(
                joint(rebate, "glass/stile-left").removes().intersection(rebate.frame().piece("stile-left").body())
                        .volume())
                .isCloseTo(599 * 10 * 14, within(1e-6));
        assertThat(rebate.piece("glass").wood()).isEqualTo("glass");
    }

    /** A groove right through would run into the tenons of a rail; ended with the panel it does not reach them. */
    @Test
    void groove_throughCutsTenons_andEndsWithThePanelDoesNot() {
        Plan through = plan("door", "panel/rail-top:groove.run", "through", "construction", "tenoned", "groove.depth",
                "24", "panel.room", "5");
        assertThat(through.findings()).extracting(Finding::code).contains("groove-cuts-tenon");
        Plan ended = plan("door", "construction", "tenoned");
        assertThat(ended.findings()).extracting(Finding::code).doesNotContain("groove-cuts-tenon", "groove-through");
    }

    @ParameterizedTest
    @CsvSource({"panel-tight, panel.room, 1, 6", "groove-through, stile.width, 36, 60"})
    void grooveCheck_firesAndSparesTheTwin(String code, String parameter, String bad, String good) {
        Plan plan = plan("door", "groove.depth", code.equals("groove-through") ? "32" : "10", parameter, bad);
        Finding finding = plan.findings().stream().filter(one -> one.code().equals(code)).findFirst().orElseThrow();
        assertThat(finding.remedies()).isNotEmpty();
        Plan mended = longshoulder.core.plan.Planner.plan(finding.remedies().getFirst().edit().applyTo(plan.project()));
        assertThat(mended.findings()).extracting(Finding::code).doesNotContain(code);
        assertThat(plan("door", parameter, good).findings()).extracting(Finding::code).doesNotContain(code);
    }

    /** Sight 500 × 700 between stiles of 55 and rails of 60: 610 × 820 over all. */
    @Test
    void frame_bySightSize() {
        Plan plan = plan("frame", "size.given", "sight", "rail.width", "60");
        assertThat(length(plan, "stile-left")).isEqualTo(mm("820"));
        assertThat(shoulder(plan, "rail-bottom")).isEqualTo(mm("500"));
        Bounds all = plan.piece("stile-right").solid().bounds();
        assertThat(all.greatest().getX()).isCloseTo(610, within(1e-9));
    }

    /** Corner bridles: the rail runs through the stile, 390 + 2 · 55. */
    @Test
    void frame_withBridles_railsRunThrough() {
        assertThat(length(plan("frame", "corner.joint", "bridle"), "rail-top")).isEqualTo(mm("500"));
        assertThat(length(plan("frame", "corner.joint", "half-lap"), "rail-top")).isEqualTo(mm("500"));
    }

    /** Height 740 − foot 60 = 680; beam 800 − 2 · 50 = 700, for loose tenons lengthen nothing. */
    @Test
    void trestle_legIsHeightLessFoot() {
        Plan plan = plan("trestle");
        assertThat(length(plan, "leg-left")).isEqualTo(mm("680"));
        assertThat(length(plan, "beam")).isEqualTo(mm("700"));
        assertThat(plan.joints()).allMatch(joint -> joint.kind() == JointKind.LOOSE_TENON);
        assertThat(length(plan("trestle", "overall.height", "800"), "leg-left")).isEqualTo(mm("740"));
    }

    /**
     * Pot 300 and 3 at each side: 306 between the tops of the legs, which lean 8° and rise 90 above the seat: 306 + 2 · 90 · tan 8° =
     * 331.297 there. The rail's lower edge, 48 below, is longer by 2 · 48 · tan 8° = 13.492; legs (320 + 90) ÷ cos 8° = 414.029.
     */
    @Test
    void stand_isSizedFromThePot() {
        Plan plan = plan("stand");
        assertThat(java.util.Arrays.stream(plan.piece("rail-long").piece().shape().arrises()).min().orElseThrow())
                .isCloseTo(331.297, within(1e-3));
        assertThat(shoulder(plan, "rail-long").toMillimetres()).isCloseTo(331.297 + 13.492, within(1e-3));
        assertThat(length(plan, "leg-left").toMillimetres()).isCloseTo(414.029, within(1e-3));
        assertThat(Math.abs(plan.piece("rail-long").start().faceAngle())).isCloseTo(8, within(1e-9));
        Plan atSeat = plan("stand", "pot.between", "seat");
        assertThat(shoulder(atSeat, "rail-long").toMillimetres()).isCloseTo(306 + 13.492, within(1e-3));
        Plan plumb = plan("stand", "stand.lean", "0°");
        assertThat(shoulder(plumb, "rail-cross")).isEqualTo(mm("306"));
    }

    /** The cross rails, 34 thick, give way to each other by half of their 48, over 34 × 34. */
    @Test
    void stand_crossesInAHalfLap() {
        Joint lap = joint(plan("stand"), "rail-long/rail-cross");
        assertThat(lap.kind()).isEqualTo(JointKind.CROSS_LAP);
        assertThat(lap.removes().volume()).isCloseTo(34 * 34 * 24, within(1e-6));
        assertThat(lap.removesFromRail().volume()).isCloseTo(34 * 34 * 24, within(1e-6));
        assertThat(lap.removes().intersection(lap.removesFromRail()).volume()).isLessThan(1e-6);
        Joint uneven = joint(plan("stand", "rail-long/rail-cross:lap.depth", "10"), "rail-long/rail-cross");
        assertThat(uneven.removes().volume()).isCloseTo(34 * 34 * 10, within(1e-6));
        assertThat(uneven.removesFromRail().volume()).isCloseTo(34 * 34 * 38, within(1e-6));
    }

    /** Seat 450 to the top of a slab of 40: 410 under it; upright 410 − 50 − 50; stretcher 1400 − 2 · 180 − 2 · 45 = 950. */
    @Test
    void bench_uprightAndStretcher() {
        Plan plan = plan("bench");
        assertThat(shoulder(plan, "upright-front-left")).isEqualTo(mm("310"));
        assertThat(shoulder(plan, "stretcher")).isEqualTo(mm("950"));
        Plan under = plan("bench", "height.given", "under-slab");
        assertThat(shoulder(under, "upright-front-left")).isEqualTo(mm("350"));
        Plan through = plan("bench", "slab.joint", "wedged-through");
        assertThat(joint(through, "upright-back-left/slab").kind()).isEqualTo(JointKind.THROUGH_TENON);
        assertThat(joint(through, "upright-back-left/slab").wedged()).isPresent();
        assertThat(through.isStopped()).isFalse();
    }

    /** 1600 − 2 · 200 − 2 · 90 = 1020 between the posts, 600 − 2 · 90 = 420 in the end frames, posts 860 − 80. */
    @Test
    void workbench_stretchersAndRails() {
        Plan plan = plan("workbench");
        assertThat(shoulder(plan, "stretcher-front")).isEqualTo(mm("1020"));
        assertThat(shoulder(plan, "rail-lower-left")).isEqualTo(mm("420"));
        assertThat(length(plan, "post-front-left")).isEqualTo(mm("780"));
        for (String joint : List.of("wedged", "glued")) {
            assertThat(plan("workbench", "stretcher.joint", joint).isStopped()).as(joint).isFalse();
        }
    }

    /** Rails 800 − 2 · 45 = 710; two doors in 710 with three gaps of 2: 352 each; door height 878 − 90 − 120 − 4 = 664. */
    @Test
    void cabinet_doorsFillTheOpening() {
        Plan plan = plan("cabinet", "size.given", "case", "front", "two-doors");
        assertThat(shoulder(plan, "rail-lower-front")).isEqualTo(mm("710"));
        assertThat(shoulder(plan, "door-left.rail-top")).isEqualTo(mm("252"));
        assertThat(length(plan, "door-right.stile-left")).isEqualTo(mm("664"));
        assertThat(plan.isStopped()).isFalse();
        Plan drawers = plan("cabinet", "front", "one-door", "drawers", "two");
        // less two drawers of 120 and the rails under them
        assertThat(length(drawers, "door.stile-left")).isEqualTo(mm("304"));
        assertThat(drawers.isStopped()).isFalse();
    }

    /** Box stretchers stand in the middle of the legs and end where the aprons do; an H has one between two. */
    @Test
    void table_stretchers() {
        Plan box = plan("table", "stretchers", "box");
        assertThat(shoulder(box, "stretcher-front")).isEqualTo(mm("1260"));
        assertThat(shoulder(box, "stretcher-left")).isEqualTo(mm("600"));
        Plan h = plan("table", "stretchers", "h");
        // from the inner face of one end stretcher, 25 thick in the middle of 60, to the other
        assertThat(shoulder(h, "stretcher-middle")).isEqualTo(mm("1295"));
        Plan leaning = plan("table", "stretchers", "box", "splay.side", "7°", "splay.front", "5°");
        assertThat(leaning.isStopped()).isFalse();
        assertThat(shoulder(leaning, "stretcher-front").isGreaterThan(mm("1260"))).isTrue();
        // Reckoned from what was given where it can be, traced from planes where legs lean.
        assertThat(box.piece("stretcher-left").shoulderLength()).get().isInstanceOf(Amount.Sum.class);
        assertThat(h.piece("stretcher-middle").shoulderLength()).get().isInstanceOf(Amount.Sum.class);
        assertThat(leaning.piece("stretcher-front").shoulderLength()).get().isInstanceOf(Amount.Traced.class);
    }

    /** Legs 60 to 45 at the floor from 10 under aprons of 95: at 620, so each inner face loses 15 × 620 ÷ 2 × 60, once. */
    @Test
    void table_tapersBeginBelowTheAprons() {
        Plan plain = plan("table");
        Plan two = plan("table", "leg.taper", "two", "leg.foot", "45");
        double lost = plain.piece("leg-front-left").solid().volume() - two.piece("leg-front-left").solid().volume();
        double prism = 15 * 620 / 2.0 * 60;
        // the wedges share a pyramid at the inner corner
        assertThat(lost).isCloseTo(2 * prism - 15 * 15 * 620 / 3.0, within(1e-3));
        Plan four = plan("table", "leg.taper", "four", "leg.foot", "45");
        assertThat(four.piece("leg-back-right").solid().volume()).isCloseTo(
                plain.piece("leg-back-right").solid().volume() - 60 * 60 * 620
                        + 620 / 3.0 * (3600 + 2025 + Math.sqrt(3600.0 * 2025)),
                within(1e-3));
    }

    /** Between aprons 1320 × 660 (30 in from 1380 × 720), grooves 10, 1 at each end, 12 of room across. */
    @Test
    void table_bottomPanel_standsInTheAprons_andLeavesTheTenonsAlone() {
        Plan plan = plan("table", "bottom", "panel");
        assertThat(plan.piece("bottom").length().value()).isEqualTo(mm("1338"));
        assertThat(plan.piece("bottom").piece().width().value()).isEqualTo(mm("668"));
        assertThat(plan.joints().stream().filter(joint -> joint.kind() == JointKind.GROOVE)).extracting(Joint::id)
                .containsExactlyInAnyOrder("bottom/apron-front", "bottom/apron-back", "bottom/apron-left",
                        "bottom/apron-right");
        assertThat(plan.isStopped()).isFalse();
        assertThat(plan.findings()).noneMatch(finding -> finding.code().equals("groove-cuts-tenon"));
        plan.pieces().forEach(piece -> assertThat(piece.id().equals("bottom")
                || !piece.solid().overlaps(plan.piece("bottom").solid())).as(piece.id()).isTrue());
    }

    /** Spread is height × tan(angle): 725 × tan 7° = 89.018. */
    @Test
    void table_spreadAtTheFloor_isTheSameAsItsAngle() {
        Plan angle = plan("table", "splay.side", "7°");
        Plan spread = plan("table", "splay.given", "spread", "spread.side", "89.018");
        assertThat(spread.piece("apron-left").start().faceAngle())
                .isCloseTo(angle.piece("apron-left").start().faceAngle(), within(1e-3));
        assertThat(spread.piece("leg-front-left").length().value().toMillimetres()).isCloseTo(730.445, within(1e-3));
        assertThat(spread.isStopped()).isFalse();
    }

    /** Legs that lean a lot and are curved at once stand on the floor, and lose there, measured level, what the curve takes. */
    @Test
    void table_curvedLegsThatLean_standOnTheFloor() {
        String[] leaning = {"splay.front", "14°", "splay.side", "9°", "leg.faces", "backed", "leg.foot", "22",
                "leg.width",
                "240", "leg.depth", "220", "overall.height", "880", "taper.below", "350"};
        Bounds straight = onTheFloor(plan("table", leaning));
        Bounds curved = onTheFloor(plan("table", Stream
                .concat(Stream.of(leaning), Stream.of("leg.taper", "curved")).toArray(String[]::new)));
        assertThat(straight.size().getX() - curved.size().getX()).isCloseTo(240 - 22, within(1e-6));
        assertThat(straight.size().getY() - curved.size().getY()).isCloseTo(220 - 22, within(1e-6));
    }

    private static Bounds onTheFloor(Plan plan) {
        return plan.piece("leg-front-left").mesh().points().stream().filter(point -> point.getZ() < 1e-6)
                .map(point -> new Bounds(point, point)).reduce(Bounds::union).orElseThrow();
    }

    /** The arc begins without a kink and ends at the foot; what goes lies between a straight taper's half and the whole of it. */
    @Test
    void table_curvedLegs_endAtTheFoot() {
        Plan straight = plan("table");
        Plan curved = plan("table", "leg.taper", "curved", "leg.foot", "40");
        Plan tapered = plan("table", "leg.taper", "two", "leg.foot", "40");
        assertThat(curved.isStopped()).isFalse();
        double whole = straight.piece("leg-back-left").solid().volume();
        double lostByCurve = whole - curved.piece("leg-back-left").solid().volume();
        double lostByTaper = whole - tapered.piece("leg-back-left").solid().volume();
        assertThat(lostByCurve / lostByTaper).isBetween(0.5, 0.8);
        double foot = curved.piece("leg-back-left").mesh().points().stream().filter(point -> point.getZ() < 1e-6)
                .mapToDouble(point -> point.getX()).summaryStatistics().getMax()
                - curved.piece("leg-back-left").mesh().points().stream().filter(point -> point.getZ() < 1e-6)
                        .mapToDouble(point -> point.getX()).summaryStatistics().getMin();
        assertThat(foot).isCloseTo(40, within(1e-6));
        Skins.assertClosed(curved.piece("leg-back-left").mesh());
    }

    /** Leaning by 6°, each leg still begins whole under the aprons and is as thin at the floor as was asked. */
    @Test
    void table_tapersOfLeaningLegs() {
        String[] lean = {"splay.front", "6°", "splay.side", "6°", "overhang.ends", "120", "overhang.sides", "120",
                "leg.taper", "four", "leg.foot", "40"};
        Plan plan = plan("table", lean);
        assertThat(plan.isStopped()).isFalse();
        double[] whole = widths(plan, "leg-back-left", 640);
        double[] foot = widths(plan, "leg-back-left", 0.5);
        for (int axis = 0; axis < 2; axis++) {
            // level, across a leg that leans by θ, its section is longer by 1 / cos θ
            assertThat(whole[axis]).isCloseTo(60 / Math.cos(Math.toRadians(6)), within(0.7));
            assertThat(foot[axis]).isCloseTo(40, within(0.7));
        }
    }

    /** Along x and y, the mean of the least and greatest place of the skin cut level: the sides of its section. */
    private static double[] widths(Plan plan, String leg, double height) {
        Bounds thin = plan.piece(leg).solid().clip(new HalfSpace(Vector3D.Unit.PLUS_Z, height + 0.01))
                .clip(new HalfSpace(Vector3D.Unit.MINUS_Z, -height)).bounds();
        return thin.size().toArray();
    }

    /** The runners lie beside the legs and end on the back apron, plumb or leaning. */
    @ParameterizedTest
    @CsvSource({"0°, 0°", "4°, 6°"})
    void table_runners_touchAndDoNotCut(String ends, String sides) {
        Plan plan = plan("table", "drawer", "front", "splay.front", ends, "splay.side", sides, "overhang.ends", "120",
                "overhang.sides", "120");
        assertThat(plan.findings()).extracting(Finding::code).doesNotContain("pieces-collide");
        Bounds runner = plan.piece("runner-left").solid().bounds();
        Bounds back = plan.piece("apron-back").solid().bounds();
        assertThat(runner.greatest().getY()).isCloseTo(back.least().getY(), within(1e-6));
    }

    /** The inner layer is exactly the shoulder length; the outer one carries the tenons. */
    @Test
    void table_layeredAprons() {
        Plan plan = plan("table", "apron.layers", "two");
        assertThat(length(plan, "inner-apron-front")).isEqualTo(mm("1260"));
        assertThat(length(plan, "apron-front")).isEqualTo(mm("1340"));
        assertThat(plan.isStopped()).isFalse();
    }

    /** Apron 95, rails of 22: the drawer opening is 51 high; the upper rail is dovetailed into the leg tops. */
    @Test
    void table_drawerInTheFront() {
        Plan plan = plan("table", "drawer", "front");
        assertThat(plan.has("apron-front")).isFalse();
        assertThat(joint(plan, "rail-drawer-upper/leg-front-left").kind()).isEqualTo(JointKind.LAPPED_DOVETAIL);
        assertThat(joint(plan, "rail-drawer-lower/leg-front-right").kind()).isEqualTo(JointKind.STUB_TENON);
        assertThat(plan.frame().dimensions()).anyMatch(figure -> figure.amount().value().equals(mm("51")));
        assertThat(shoulder(plan, "rail-drawer-lower")).isEqualTo(mm("1260"));
        assertThat(plan.findings()).as("findings").noneMatch(finding -> finding.level() == Level.STOP);
    }

    /** An end frame 720 over the legs and 725 high: 1021.775. */
    @Test
    void assemblies_endFramesFirst_withTheirDiagonals() {
        List<Assembly> assemblies = plan("table").frame().assemblies();
        assertThat(assemblies).extracting(Assembly::name).containsExactly("end-left", "end-right", "whole");
        assertThat(assemblies.getFirst().pieces()).containsExactly("leg-front-left", "leg-back-left", "apron-left");
        assertThat(diagonal(plan("table"), "end-left")).isCloseTo(1021.775, within(1e-3));
    }

    /** Over the legs 1380 × 720: √(1380² + 720²) = 1556.535. */
    @Test
    void assembly_whole_isCheckedOverTheLegs() {
        assertThat(diagonal(plan("table"), "whole")).isCloseTo(1556.535, within(1e-3));
    }

    /**
     * An end frame that leans by 6° sideways is 725 ÷ cos 6° = 728.993 high along its face: √(728.993² + 720²) = 1024.613. One whose
     * legs spread by 6° in it is 720 + 725 tan 6° = 796.200 wide on the mean: √(725² + 796.200²) = 1076.829.
     */
    @ParameterizedTest
    @CsvSource({"splay.front, 1024.613", "splay.side, 1076.829"})
    void assembly_ofLeaningLegs(String splay, double diagonal) {
        assertThat(diagonal(plan("table", splay, "6°"), "end-right")).isCloseTo(diagonal, within(1e-3));
    }

    /** Tapered on all faces from 60 to 40, each foot stands in by 10 both ways: √(725² + 710² + 10²) = 1014.803. */
    @Test
    void assembly_ofLegsTaperedOnAllFaces() {
        assertThat(diagonal(plan("table", "leg.taper", "four", "leg.foot", "40"), "end-left")).isCloseTo(1014.803,
                within(1e-3));
    }

    /** Uprights 100 wide, their middles 200 apart on a foot of 400, from a foot of 50 to the slab at 425: √(300² + 375²). */
    @Test
    void assembly_ofAPairOfUprightsThroughTheSlab() {
        Plan bench = plan("bench", "slab.joint", "wedged-through", "foot.length", "400", "upright.width", "100",
                "foot.height", "50", "seat.height", "425", "height.given", "under-slab");
        assertThat(diagonal(bench, "end-left")).isCloseTo(Math.hypot(300, 375), within(1e-3));
    }

    /** From the face of its front to the ends of its sides, as the solids stand. */
    @Test
    void assembly_ofADrawer_isCheckedOverItsFront() {
        Plan cabinet = plan("cabinet", "drawers", "one", "drawer.boxes", "fitted");
        Bounds front = cabinet.piece("drawer-1.front").solid().bounds();
        Bounds side = cabinet.piece("drawer-1.side-left").solid().bounds();
        double width = front.greatest().getX() - front.least().getX();
        double depth = side.greatest().getY() - front.least().getY();
        assertThat(diagonal(cabinet, "drawer-1")).isCloseTo(Math.hypot(width, depth), within(1e-6));
    }

    private static double diagonal(Plan plan, String assembly) {
        return plan.frame().assemblies().stream().filter(one -> one.name().equals(assembly)).findFirst().orElseThrow()
                .diagonal().orElseThrow().value().toMillimetres();
    }

    /** A stool's mortises have round ends unless the maker wants them square. */
    @Test
    void stool_usualMortisesAreRound_andTheMakersChoiceStands() {
        assertThat(plan("stool").joints()).allMatch(
                joint -> joint.tenons().getFirst().ends() == longshoulder.core.joint.Tenon.Ends.ROUND);
        assertThat(plan("stool", "stopped-tenon:mortise.ends", "square").joints()).allMatch(
                joint -> joint.tenons().getFirst().ends() == longshoulder.core.joint.Tenon.Ends.SQUARE);
    }
}
