package longshoulder.core.supply;

import static longshoulder.core.Tables.mm;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.math.BigDecimal;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import longshoulder.core.boards.Blank;
import longshoulder.core.boards.BoardPlan;
import longshoulder.core.boards.Goal;
import longshoulder.core.boards.RowRefused;
import longshoulder.core.boards.SawnBoard;
import longshoulder.core.boards.Search;
import longshoulder.core.boards.Stock;
import longshoulder.core.boards.StockRow;
import longshoulder.core.brief.Value;
import longshoulder.core.kind.Designs;
import longshoulder.core.kind.Kinds;
import longshoulder.core.measure.Length;
import longshoulder.core.measure.Showing;
import longshoulder.core.plan.Copies;
import longshoulder.core.plan.Plan;
import longshoulder.core.plan.Planner;
import longshoulder.core.project.Edit;
import longshoulder.core.project.Project;
import org.junit.jupiter.api.Test;

class SupplyTest {

    private static StockRow row(String id, String length, String width, String thickness, String count, String price)
            throws RowRefused {
        return StockRow.of(Map.of("id", id, "length", length, "width", width, "thickness", thickness, "wood", "beech",
                "count", count, "price", price, "ends", "0"));
    }

    private static Supply supply(Project project, StockRow... rows) {
        return Supply.of(List.of(Planner.plan(project)), List.of(rows));
    }

    private static BoardPlan plan(Supply supply) {
        int[] left = {20_000};
        return supply.plan(new Search(Goal.COST, 1, () -> left[0]-- <= 0));
    }

    private static Blank blank(Supply supply, String name) {
        return supply.blanks().stream().filter(one -> one.names().contains(name)).findFirst().orElseThrow();
    }

    private static Project given(Project project, String name, String value) {
        Value chosen = name.startsWith("glue") || name.contains(":glue")
                ? new Value.Chosen(value)
                : new Value.Measured(mm(value));
        return new Edit.Give(name, chosen).applyTo(project);
    }

    /** A top 800 wide is 805 rough: 5 strips of 161 from boards of 190; the outer two are 164, the inner three 167 wide. */
    @Test
    void wideTop_isGluedUpFromStrips() throws RowRefused {
        Supply supply = supply(Designs.of("table", "overall.depth", "800"), row("b", "2000", "190", "40", "", "1"));
        assertThat(blank(supply, "top/1").width()).isEqualTo(mm("164"));
        assertThat(blank(supply, "top/1").names()).containsExactly("top/1", "top/5");
        assertThat(blank(supply, "top/3").width()).isEqualTo(mm("167"));
        assertThat(blank(supply, "top/3").names()).containsExactly("top/2", "top/3", "top/4");
    }

    /** Where a board is wide enough the top stays in one, unless strips are asked for: then each edge that is glued has 3 more. */
    @Test
    void strips_canBeChosen() throws RowRefused {
        Project table = Designs.of("table", "overall.depth", "800");
        StockRow wide = row("b", "2000", "900", "40", "", "1");
        assertThat(blank(supply(table, wide), "top").width()).isEqualTo(mm("805"));
        Supply chosen = supply(given(table, "top:glue.strips", "2"), wide);
        assertThat(blank(chosen, "top/2").width()).isEqualTo(mm("405.5"));
    }

    /** A leg 60 thick is 64 rough: two layers of 32 with 1 for the face that is glued. */
    @Test
    void layers_areGluedOnDemand() throws RowRefused {
        Project table = given(Designs.of("table", "leg.width", "60", "leg.depth", "60"), "leg:glue.layers", "2");
        assertThat(blank(supply(table, row("b", "2000", "900", "40", "", "1")), "leg-front-left/1").thickness())
                .isEqualTo(mm("33"));
    }

    /** An allowance of a piece goes before that of its role, and that before the shop's. */
    @Test
    void allowances_nearestFirst() throws RowRefused {
        StockRow wide = row("b", "2000", "900", "80", "", "1");
        Project table = Designs.of("table", "apron.width", "90");
        assertThat(blank(supply(table, wide), "apron-front").width()).isEqualTo(mm("95"));
        table = given(given(given(table, "rough.width", "6"), "apron:rough.width", "7"), "apron-front:rough.width",
                "8");
        Supply supply = supply(table, wide);
        assertThat(blank(supply, "apron-front").width()).isEqualTo(mm("98"));
        assertThat(blank(supply, "apron-back").width()).isEqualTo(mm("97"));
        assertThat(blank(supply, "leg-front-left").width().minus(blank(supply, "leg-front-left").thickness()))
                .isEqualTo(mm("2"));
    }

    /** What is sawn is asked for no more, its board is used, and all else finds its place round it. */
    @Test
    void sawnBoard_staysAsItIs() throws RowRefused {
        Project table = new Edit.KeepStock(List.of(row("b", "2400", "500", "26", "9", "1"))).applyTo(
                Designs.of("table", "overall.depth", "400"));
        Supply before = Supply.of(List.of(Planner.plan(table)));
        SawnBoard first = plan(before).boards().stream().filter(board -> board.stock().id().equals("b")).findFirst()
                .orElseThrow();
        Supply after = Supply.of(List.of(Planner.plan(new Edit.Saw(first).applyTo(table))));
        Set<String> asked = new HashSet<>();
        after.blanks().forEach(blank -> asked.addAll(blank.names()));
        assertThat(first.pieces()).isNotEmpty().extracting(SawnBoard.Part::id).doesNotContainAnyElementsOf(asked);
        assertThat(after.stock().getFirst().count()).contains(8);
        assertThat(plan(after).missing()).isEmpty();
        // Longer aprons no longer come from the short ones that are sawn.
        Project longer = given(new Edit.Saw(first).applyTo(table), "overall.length", "2000");
        assertThat(Supply.of(List.of(Planner.plan(longer))).tooSmall()).contains("apron-front", "apron-back");
    }

    /** Three boards 1 in x 8 in x 96 in hold 16 board feet, cost three times their price, and one at hand is not bought. */
    @Test
    void buying_takesOffWhatIsAtHand() throws RowRefused {
        Project table = Designs.of("table", "overall.depth", "400");
        Supply supply = supply(table, row("own", "2400", "500", "80", "1", "0"),
                StockRow.of(Map.of("id", "buy", "length", "96 in", "width", "20 in", "thickness", "80", "wood",
                        "beech", "price", "12.50")));
        BoardPlan plan = plan(supply);
        BuyingList list = BuyingList.of(List.of(Planner.plan(table)), plan);
        assertThat(plan.boards()).anyMatch(board -> board.stock().id().equals("own"));
        assertThat(list.lines()).singleElement().satisfies(line -> {
            assertThat(line.stock().id()).isEqualTo("buy");
            assertThat(line.price()).isEqualTo(new BigDecimal("12.50").multiply(BigDecimal.valueOf(line.count())));
        });
        BuyingList.Line three = new BuyingList.Line(StockRow.of(Map.of("id", "x", "length", "96 in", "width", "8 in",
                "thickness", "1 in")).in(Supply.losses(table)), 3, Optional.of(700.0));
        assertThat(three.boardFeet()).isCloseTo(16, within(1e-9));
        assertThat(three.cubicMetres()).isCloseTo(16 * 0.002359737, within(1e-7));
        assertThat(three.kilograms().orElseThrow()).isCloseTo(26.43, within(0.01));
    }

    /** Pegs are cut from strips of their own: two in a joint 60 wide or wider, one in the others. */
    @Test
    void smallParts_comeFromStrips() throws RowRefused {
        Project table = new Edit.Give("apron-front/leg-front-left:peg", new Value.Chosen("pegged"))
                .applyTo(Designs.of("table"));
        Supply supply = supply(table, row("b", "2400", "900", "80", "", "1"));
        Blank pegs = blank(supply, "apron-front/leg-front-left:peg-1");
        assertThat(pegs.count()).isOne();
        assertThat(pegs.length()).isGreaterThan(Length.ofMillimetres(60 + 15 + 25));
        assertThat(supply.orders().stream().filter(order -> order.blank().id().equals(pegs.id())).findFirst()
                .orElseThrow().line().marks()).allMatch(mark -> mark.startsWith("p"));
    }

    /** A line of stock is written as it is read. */
    @Test
    void row_isReadAsItIsWritten() throws RowRefused {
        StockRow row = StockRow.of(Map.of("id", "a", "length", "2400", "width", "8 1/2 in", "thickness", "27", "bad",
                "knot 400 20 60 40; split 0 0 150 200", "lower", "0 12; 1200 20.5", "rings", "rift", "kerf", "2"));
        assertThat(StockRow.of(row.row())).isEqualTo(row);
        // Between 0 and 1200 the wane reaches in by 20.5 at the worst, and beyond as far as at 1200.
        assertThat(row.in(Supply.losses(Designs.of("table"))).bad()).hasSize(4)
                .anySatisfy(spot -> assertThat(spot.width()).isEqualTo(mm("20.5")));
    }

    /**
     * Three doors as one job, the third wider: a stile is sawn six times, the rails of the two that are alike four times in one size, those of
     * the third by themselves; marks say which door.
     */
    @Test
    void copies_areOneJob() {
        Project door = Project.ofKind(Kinds.find("door").orElseThrow(), "", Showing.TENTH_MILLIMETRES);
        Project three = new Edit.Give("copies", new Value.Chosen("3")).applyTo(door);
        Project job = new Edit.Give("copy-3:size.width", new Value.Measured(Length.ofMillimetres(460))).applyTo(three);
        Plan plan = Planner.plan(job);
        Supply one = Supply.of(List.of(Planner.plan(door)));
        Supply all = Supply.of(List.of(plan));
        assertThat(all.blanks().stream().mapToInt(Blank::count).sum())
                .isEqualTo(3 * one.blanks().stream().mapToInt(Blank::count).sum());
        assertThat(Copies.of(plan)).extracting(Copies::numbers).containsExactly(List.of(1, 2), List.of(3));
        Order rail = all.orders().stream().filter(order -> order.blank().names().contains("rail-top@2")).findFirst()
                .orElseThrow();
        assertThat(rail.marks("rail-top@2")).allMatch(mark -> mark.endsWith("-2"));
        Order wide = all.orders().stream().filter(order -> order.blank().names().contains("rail-top@3")).findFirst()
                .orElseThrow();
        assertThat(wide.blank().length()).isGreaterThan(rail.blank().length());
        BoardPlan boards = all.plan(Search.usual(Goal.COST, () -> false).first());
        assertThat(boards.missing()).isEmpty();
    }

    /** What is sawn for any of several designs is not planned again, and marks of the second say so. */
    @Test
    void severalDesigns_keepWhatIsSawn() {
        Project frame = Project.ofKind(Kinds.find("frame").orElseThrow(), "", Showing.TENTH_MILLIMETRES);
        Supply alone = Supply.of(List.of(Planner.plan(frame)));
        SawnBoard board = alone.plan(Search.usual(Goal.COST, () -> false).first()).boards().getLast();
        Project begun = new Edit.Saw(board).applyTo(frame);
        Supply both = Supply.of(List.of(Planner.plan(begun), Planner.plan(begun)));
        assertThat(both.sawn()).hasSize(2);
        assertThat(both.blanks().stream().mapToInt(Blank::count).sum())
                .isEqualTo(2 * (alone.blanks().stream().mapToInt(Blank::count).sum() - board.pieces().size()));
        assertThat(both.sawn().getLast().pieces()).allSatisfy(
                part -> assertThat(both.marks(part)).allMatch(mark -> mark.startsWith("2\u00b7")));
        assertThat(both.sawn().getFirst()).isEqualTo(board);
    }

    /** A board of 2000 from which a short rail is sawn leaves an offcut that gives the next piece; it goes as the board does. */
    @Test
    void offcut_isStockAsLongAsItsBoardIsSawn() throws RowRefused {
        Project frame = Project.ofKind(Kinds.find("frame").orElseThrow(), "first job", Showing.TENTH_MILLIMETRES);
        SawnBoard board = Supply.of(List.of(Planner.plan(frame))).plan(Search.usual(Goal.COST, () -> false).first())
                .boards().getLast();
        assertThat(board.offcuts()).isNotEmpty();
        Project begun = new Edit.Saw(board).applyTo(frame);
        List<StockRow> offcuts = Offcuts.of(begun);
        assertThat(offcuts).isNotEmpty().allSatisfy(row -> {
            assertThat(row.origin()).isEqualTo("first job");
            assertThat(row.count()).contains(1);
            assertThat(row.length()).isGreaterThanOrEqualTo(mm("300")).isLessThan(mm("2400"));
            assertThat(row.width()).isGreaterThanOrEqualTo(mm("60"));
        });
        assertThat(Supply.of(List.of(Planner.plan(begun))).stock()).extracting(Stock::id)
                .contains(offcuts.getFirst().id());
        assertThat(Offcuts.of(new Edit.Unsaw(board).applyTo(begun))).isEmpty();
    }
}
