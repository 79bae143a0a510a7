package longshoulder.core.boards;

import static longshoulder.core.Tables.mm;
import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import longshoulder.core.boards.BoardPlan.Group;
import longshoulder.core.measure.Length;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class BoardPlannerTest {

    private static final String OAK = "oak";

    private static Blank blank(String id, double length, double width, double thickness, int count) {
        return Blank.counted(id, OAK, Length.fromMillimetres(length), Length.fromMillimetres(width),
                Length.fromMillimetres(thickness), count);
    }

    private static Stock board(String id, double length, double width, double thickness, String kerf, String ends) {
        return new Stock(id, OAK, Length.fromMillimetres(length), Length.fromMillimetres(width),
                Length.fromMillimetres(thickness), Optional.empty(), BigDecimal.TEN,
                new Losses(mm(kerf), mm("1.2"), mm(ends), Length.ZERO),
                List.of());
    }

    private static Stock few(Stock stock, int count) {
        return new Stock(stock.id(), stock.wood(), stock.length(), stock.width(), stock.thickness(),
                Optional.of(count), stock.price(), stock.losses(), stock.bad());
    }

    private static Stock priced(Stock stock, String price) {
        return new Stock(stock.id(), stock.wood(), stock.length(), stock.width(), stock.thickness(), stock.count(),
                new BigDecimal(price), stock.losses(), stock.bad());
    }

    private static BoardPlan plan(List<Blank> blanks, List<Stock> stock, Goal goal, int asks) {
        int[] left = {asks};
        BoardPlan plan = BoardPlanner.plan(blanks, stock, new Search(goal, 1, () -> left[0]-- <= 0));
        SawnCheck.assertRight(blanks, stock, plan);
        return plan;
    }

    private static BoardPlan plan(List<Blank> blanks, List<Stock> stock) {
        return plan(blanks, stock, Goal.COST, 20_000);
    }

    /** A pattern holds at most 3 of 780, 4 of 590, 6 of 390; 13752 with kerfs in boards of 2403: 6 boards at least, and 6 do. */
    @Test
    void lengths_asWorkedByHand() {
        BoardPlan plan = plan(
                List.of(blank("a", 780, 100, 25, 8), blank("b", 590, 100, 25, 6), blank("c", 390, 100, 25, 10)),
                List.of(board("s", 2400, 100, 25, "3", "0")));
        assertThat(plan.groups()).singleElement().returns(6, Group::boards).returns(6, Group::leastBoards)
                .returns(true, Group::proved).returns(new BigDecimal("60"), Group::cost);
    }

    /** No two of 1300 lie in 2400, though the area of 13 would go into 8. */
    @Test
    void bound_isNotTheArea() {
        BoardPlan plan = plan(List.of(blank("a", 1300, 100, 25, 13)), List.of(board("s", 2400, 100, 25, "3.2", "0")));
        assertThat(plan.groups()).singleElement().returns(13, Group::leastBoards).returns(true, Group::proved);
    }

    /** Two of 22 and a cut of 1.2 lie in 50: four drawer sides come from two places. */
    @Test
    void thickBoards_areSawnApart() {
        BoardPlan plan = plan(List.of(blank("side", 500, 100, 22, 4)), List.of(board("s", 1100, 100, 50, "3", "25")));
        assertThat(plan.boards()).singleElement().satisfies(sawn -> {
            assertThat(sawn.pieces()).extracting(SawnBoard.Part::layer).containsExactlyInAnyOrder(0, 1, 0, 1);
            assertThat(sawn.cuts()).filteredOn(cut -> cut.kind() == SawnBoard.Kind.RESAW).hasSize(2);
        });
    }

    /** Where the thin boards are used up the thick ones serve; what even they do not hold is missing, and why is said. */
    @Test
    void thickerBoards_serveWhereThinOnesAreUsedUp() {
        Stock thin = few(board("thin", 1000, 100, 25, "3", "0"), 1);
        Stock thick = few(board("thick", 1000, 100, 40, "3", "0"), 1);
        BoardPlan plan = plan(List.of(blank("a", 900, 90, 22, 3), blank("b", 1100, 90, 22, 1)), List.of(thin, thick));
        assertThat(plan.boards()).extracting(sawn -> sawn.stock().id()).containsExactly("thin", "thick");
        assertThat(plan.missing()).containsExactlyInAnyOrder(new BoardPlan.Missing("a", BoardPlan.Why.USED_UP),
                new BoardPlan.Missing("b", BoardPlan.Why.TOO_LONG));
    }

    /** One long board for 30 or two short ones for 10 each. */
    @ParameterizedTest
    @CsvSource({"COST, 2, 20.00", "BOARDS, 1, 30.00"})
    void goal_decidesWhichBoards(Goal goal, int boards, String cost) {
        List<Stock> stock = List.of(priced(board("long", 2000, 100, 25, "3", "0"), "30.00"),
                priced(board("short", 1000, 100, 25, "3", "0"), "10.00"));
        BoardPlan plan = plan(List.of(blank("a", 900, 90, 25, 2)), stock, goal, 20_000);
        assertThat(plan.groups()).singleElement().returns(boards, Group::boards)
                .returns(new BigDecimal(cost), Group::cost).returns(true, Group::proved);
    }

    /** Boards cut apart at random can be put together again. */
    @ParameterizedTest
    @CsvSource({"3, 10", "4, 16", "5, 20", "3, 30", "4, 30"})
    void boardsCutApart_arePutTogether(int boards, int pieces) {
        List<Blank> blanks = CutApart.of(boards, pieces, 2400, 300, 3, new Random(boards * 31L + pieces));
        BoardPlan plan = plan(blanks, List.of(board("s", 2400, 300, 25, "3", "0")), Goal.COST, 3_000);
        assertThat(plan.groups()).singleElement().satisfies(group -> {
            assertThat(group.leastBoards()).isLessThanOrEqualTo(boards);
            assertThat(group.boards()).isBetween(boards, boards + 1);
        });
    }

    private static Stock spotted(Stock stock, Random random) {
        List<BadSpot> bad = new ArrayList<>();
        for (int i = random.nextInt(4); i > 0; i--) {
            bad.add(new BadSpot(BadSpot.Kind.KNOT, Length.ofMillimetres(random.nextInt(2500)),
                    Length.ofMillimetres(random.nextInt(250)), Length.ofMillimetres(1 + random.nextInt(300)),
                    Length.ofMillimetres(1 + random.nextInt(100))));
        }
        return new Stock(stock.id(), stock.wood(), stock.length(), stock.width(), stock.thickness(), stock.count(),
                stock.price(), stock.losses(), bad);
    }

    /** A knot in the middle of 1000: 450 lie before it and 450 beyond, 600 nowhere. */
    @Test
    void badSpot_isSawnOut() {
        Stock knotty = new Stock("k", OAK, mm("1000"), mm("100"), mm("25"), Optional.empty(), BigDecimal.ONE,
                new Losses(mm("3"), mm("1.2"), Length.ZERO, Length.ZERO),
                List.of(new BadSpot(BadSpot.Kind.KNOT, mm("480"), mm("30"), mm("40"), mm("40"))));
        assertThat(plan(List.of(blank("a", 450, 100, 25, 2)), List.of(knotty)).boards()).hasSize(1);
        assertThat(plan(List.of(blank("a", 600, 90, 25, 1)), List.of(knotty)).missing())
                .containsExactly(new BoardPlan.Missing("a", BoardPlan.Why.BAD_SPOTS));
    }

    /** Any list from any stock: every plan can be sawn as it says. */
    @ParameterizedTest
    @EnumSource(Goal.class)
    void anyList_canBeSawnAsPlanned(Goal goal) {
        for (int seed = 0; seed < 150; seed++) {
            Random random = new Random(seed);
            List<Blank> blanks = new ArrayList<>();
            for (int i = 0; i <= random.nextInt(12); i++) {
                blanks.add(blank("p" + i, 100 + random.nextInt(1500), 20 + random.nextInt(200),
                        10 + random.nextInt(40), 1 + random.nextInt(5)));
            }
            List<Stock> stock = new ArrayList<>();
            for (int i = 0; i <= random.nextInt(5); i++) {
                Stock one = priced(board("s" + i, 600 + random.nextInt(2500), 80 + random.nextInt(250),
                        15 + random.nextInt(50), random.nextBoolean() ? "3.2" : "1.6",
                        random.nextBoolean() ? "25" : "0"),
                        "" + random.nextInt(50));
                stock.add(spotted(random.nextBoolean() ? few(one, random.nextInt(6)) : one, random));
            }
            plan(blanks, stock, goal, 60);
        }
    }

    /** Where parts of a random plan lie, pinned to boards of its rows. */
    private static List<Pin> pinned(BoardPlan plan, Random random) {
        List<Pin> pins = new ArrayList<>();
        Map<String, Integer> numbers = new HashMap<>();
        for (SawnBoard board : plan.boards()) {
            int number = numbers.merge(board.stock().id(), 1, Integer::sum);
            board.pieces().stream().filter(piece -> random.nextInt(3) == 0).forEach(
                    piece -> pins.add(new Pin(piece.id(), board.stock().id(), number, piece.x(), piece.y())));
        }
        return pins;
    }

    /** What lies somewhere in a plan can be pinned there; the new plan keeps it there and can be sawn. */
    @Test
    void pins_areKept_andTheRestIsPlannedRoundThem() {
        Random random = new Random(11);
        for (int run = 0; run < 150; run++) {
            List<Blank> blanks = CutApart.of(2, 4 + random.nextInt(14), 2000, 200, 3, random);
            Length thick = blanks.getFirst().thickness();
            List<Stock> stock = List.of(board("b", 2400, 210, thick.toMillimetres(), "3", "5"),
                    spotted(board("other", 2300, 220, thick.toMillimetres(), "3", "0"), random));
            BoardPlan free = plan(blanks, stock, Goal.BOARDS, 200);
            List<Pin> pins = pinned(free, random);
            BoardPlan plan = BoardPlanner.plan(blanks, stock, pins, new Search(Goal.BOARDS, 1, () -> false)
                    .first(), better -> {});
            SawnCheck.assertRight(blanks, stock, plan);
            assertThat(plan.unpinned()).isEmpty();
            List<SawnBoard.Part> pieces = plan.boards().stream().flatMap(board -> board.pieces().stream()).toList();
            pins.forEach(pin -> assertThat(pieces).as(pin.toString()).anyMatch(piece -> piece.id()
                    .equals(pin.name()) && piece.x().equals(pin.x()) && piece.y().equals(pin.y())));
        }
    }

    /** Each reason why a part of 400 by 50 cannot lie at a place of a board of 1000 by 200 with a knot. */
    @Test
    void pin_thatCannotBe_saysWhy() {
        Stock board = new Stock("b", OAK, mm("1000"), mm("200"), mm("25"), Optional.of(1), BigDecimal.ONE,
                new Losses(mm("3"), mm("1.2"), Length.ZERO, Length.ZERO),
                List.of(new BadSpot(BadSpot.Kind.KNOT, mm("900"), mm("100"), mm("50"), mm("50"))));
        List<Blank> blanks = List.of(blank("a", 400, 50, 25, 4), blank("thick", 100, 50, 30, 1));
        Pin first = new Pin("a#1", "b", 1, Length.ZERO, Length.ZERO);
        assertThat(why(blanks, board, first, "a#2", 1, "403", "0")).isEmpty();
        assertThat(why(blanks, board, first, "a#2", 1, "300", "20")).contains(Pin.Why.TAKEN);
        assertThat(why(blanks, board, first, "a#2", 1, "601", "0")).contains(Pin.Why.BEYOND);
        assertThat(why(blanks, board, first, "a#2", 1, "550", "80")).contains(Pin.Why.BAD_SPOT);
        assertThat(why(blanks, board, first, "a#2", 2, "0", "0")).contains(Pin.Why.NO_BOARD);
        assertThat(why(blanks, board, first, "thick#1", 1, "0", "60")).contains(Pin.Why.OTHER_BOARD);
        assertThat(why(blanks, board, first, "z#1", 1, "0", "60")).contains(Pin.Why.NO_PIECE);
        // Two that touch leave no room for a kerf between them.
        assertThat(why(blanks, board, first, "a#2", 1, "0", "51")).contains(Pin.Why.NO_CUTS);
    }

    private static Optional<Pin.Why> why(List<Blank> blanks, Stock board, Pin first, String name, int number, String x,
            String y) {
        return BoardPlanner.whyNot(blanks, List.of(board), List.of(first), new Pin(name, "b", number, mm(x), mm(y)));
    }

    /** 6 lost at the lower edge of a board 150 wide leave 144: one of 145 goes nowhere, one of 144 fits. */
    @Test
    void firstStraightEdge_costsWidth() {
        Stock sawn = new Stock("s", OAK, mm("1000"), mm("150"), mm("25"), Optional.empty(), BigDecimal.ONE,
                new Losses(mm("3"), mm("1.2"), Length.ZERO, mm("6")), List.of());
        assertThat(plan(List.of(blank("a", 900, 145, 25, 1)), List.of(sawn), Goal.COST, 99).missing())
                .containsExactly(new BoardPlan.Missing("a", BoardPlan.Why.TOO_WIDE));
        List<Blank> fits = List.of(blank("a", 900, 144, 25, 1));
        BoardPlan plan = plan(fits, List.of(sawn), Goal.COST, 99);
        SawnCheck.assertRight(fits, List.of(sawn), plan);
        assertThat(plan.boards().getFirst().pieces().getFirst().y()).isEqualTo(mm("6"));
    }

    /** A strip for pegs comes from what is left of the thicker board for the rails, and no board is bought for it. */
    @Test
    void thinPiece_comesFromWhatIsLeftOfAThickerBoard() {
        List<Blank> blanks = List.of(blank("rail", 900, 60, 30, 2), blank("strip", 200, 13, 12, 1));
        List<Stock> stock = List.of(board("thin", 1000, 150, 15, "3", "0"), board("thick", 1000, 150, 34, "3", "0"));
        BoardPlan plan = plan(blanks, stock, Goal.COST, 9999);
        SawnCheck.assertRight(blanks, stock, plan);
        assertThat(plan.boards()).extracting(board -> board.stock().id()).containsExactly("thick");
        assertThat(plan.isProved()).isTrue();
    }

    /** Lists of several thicknesses from several boards: every plan can be sawn as it says. */
    @Test
    void severalThicknesses_canBeSawnAsPlanned() {
        Random random = new Random(5);
        for (int run = 0; run < 100; run++) {
            List<Blank> blanks = new ArrayList<>();
            for (int i = 3 + random.nextInt(8); i > 0; i--) {
                blanks.add(blank("p" + i, 60 + random.nextInt(900), 10 + random.nextInt(150),
                        List.of(12, 20, 30, 45).get(random.nextInt(4)), 1 + random.nextInt(3)));
            }
            List<Stock> stock = List.of(board("a", 1000 + random.nextInt(1500), 180, 15, "3", "5"),
                    few(board("b", 2000, 160 + random.nextInt(60), 22, "2", "0"), 1 + random.nextInt(2)),
                    board("c", 2400, 200, 34, "3.2", "25"), spotted(board("d", 2400, 200, 50, "3.2", "25"), random));
            SawnCheck.assertRight(blanks, stock, plan(blanks, stock, Goal.COST, 300));
        }
    }

    /** A short offcut beside boards for long pieces is left where it is. */
    @Test
    void boardShorterThanAllPieces_isLeft() {
        List<Blank> blanks = List.of(blank("a", 1525, 200, 25, 3));
        List<Stock> stock = List.of(few(board("short", 800, 240, 25, "3", "0"), 1), board("long", 2400, 240, 25, "3",
                "0"));
        BoardPlan plan = plan(blanks, stock);
        assertThat(plan.missing()).isEmpty();
        assertThat(plan.boards()).extracting(board -> board.stock().id()).containsOnly("long");
        assertThat(plan.isProved()).isTrue();
    }
}
