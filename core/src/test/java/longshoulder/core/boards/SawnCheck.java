package longshoulder.core.boards;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import longshoulder.core.boards.SawnBoard.Cut;
import longshoulder.core.boards.SawnBoard.Kind;
import longshoulder.core.boards.SawnBoard.Part;
import longshoulder.core.measure.Length;

/** Carries out the cuts of a plan one by one, knowing nothing of how it was found, and compares what comes off the saw with what was asked. */
final class SawnCheck {

    private SawnCheck() {}

    /** A box of wood in the board, in picometres. */
    private record Box(long x, long y, long z, long length, long width, long thickness) {}

    static void assertRight(List<Blank> blanks, List<Stock> stock, BoardPlan plan) {
        Map<String, Integer> made = new HashMap<>();
        Set<String> names = new HashSet<>();
        for (SawnBoard board : plan.boards()) {
            Map<String, Box> parts = carriedOut(board);
            for (Part piece : board.pieces()) {
                assertThat(names.add(piece.id())).as("%s is there once", piece.id()).isTrue();
                made.merge(piece.piece(), 1, Integer::sum);
                assertPiece(blanks, board, piece, parts);
            }
            assertApart(board);
            assertSound(board);
        }
        plan.missing().forEach(missing -> made.merge(missing.piece(), 1, Integer::sum));
        blanks.forEach(blank -> assertThat(made).containsEntry(blank.id(), blank.count()));
        assertStock(stock, plan);
        assertGroups(plan);
    }

    private static Map<String, Box> carriedOut(SawnBoard board) {
        Stock stock = board.stock();
        Map<String, Box> parts = new HashMap<>();
        parts.put(SawnBoard.WHOLE, new Box(0, 0, 0, stock.length().picometres(), stock.width().picometres(),
                stock.thickness().picometres()));
        for (Cut cut : board.cuts()) {
            Box part = Optional.ofNullable(parts.remove(cut.part())).orElseThrow();
            long kerf = (cut.kind() == Kind.RESAW ? stock.resawKerf() : stock.kerf()).picometres();
            long at = cut.at().picometres();
            switch (cut.kind()) {
                case CROSSCUT -> {
                    assertThat(at).isBetween(part.x, part.x + part.length - 1);
                    parts.put(cut.first(), new Box(part.x, part.y, part.z, at - part.x, part.width, part.thickness));
                    parts.put(cut.second(), new Box(at + kerf, part.y, part.z,
                            Math.max(0, part.x + part.length - at - kerf), part.width, part.thickness));
                }
                case RIP -> {
                    assertThat(at).isBetween(part.y, part.y + part.width - 1);
                    parts.put(cut.first(), new Box(part.x, part.y, part.z, part.length, at - part.y, part.thickness));
                    parts.put(cut.second(), new Box(part.x, at + kerf, part.z, part.length,
                            Math.max(0, part.y + part.width - at - kerf), part.thickness));
                }
                case RESAW -> {
                    assertThat(at).isBetween(part.z, part.z + part.thickness - 1);
                    parts.put(cut.first(), new Box(part.x, part.y, part.z, part.length, part.width, at - part.z));
                    parts.put(cut.second(), new Box(part.x, part.y, at + kerf, part.length, part.width,
                            Math.max(0, part.z + part.thickness - at - kerf)));
                }
            }
        }
        return parts;
    }

    private static void assertPiece(List<Blank> blanks, SawnBoard board, Part piece, Map<String, Box> parts) {
        Blank blank = blanks.stream().filter(one -> one.id().equals(piece.piece())).findFirst().orElseThrow();
        Box box = Optional.ofNullable(parts.get(board.cuts().isEmpty() ? SawnBoard.WHOLE : piece.id())).orElseThrow();
        assertThat(new Length(box.length)).isEqualTo(blank.length()).isEqualTo(piece.length());
        assertThat(new Length(box.width)).isEqualTo(blank.width()).isEqualTo(piece.width());
        assertThat(box.thickness).isGreaterThanOrEqualTo(blank.thickness().picometres());
        assertThat(new Length(box.x)).isEqualTo(piece.x());
        assertThat(new Length(box.y)).isEqualTo(piece.y());
        assertThat(board.stock().wood()).isEqualTo(blank.wood());
        assertThat(piece.x()).isGreaterThanOrEqualTo(board.stock().ends());
        assertThat(piece.x().plus(piece.length()))
                .isLessThanOrEqualTo(board.stock().length().minus(board.stock().ends()));
    }

    private static void assertSound(SawnBoard board) {
        for (Part piece : board.pieces()) {
            for (BadSpot spot : board.stock().bad()) {
                assertThat(piece.x().plus(piece.length()).isGreaterThan(spot.x())
                        && spot.x().plus(spot.length()).isGreaterThan(piece.x())
                        && piece.y().plus(piece.width()).isGreaterThan(spot.y())
                        && spot.y().plus(spot.width()).isGreaterThan(piece.y())).as("%s holds %s", piece, spot)
                        .isFalse();
            }
        }
    }

    private static void assertApart(SawnBoard board) {
        for (Part one : board.pieces()) {
            for (Part other : board.pieces()) {
                boolean apart = one.id().equals(other.id()) || one.layer() != other.layer()
                        || !one.x().plus(one.length()).isGreaterThan(other.x())
                        || !other.x().plus(other.length()).isGreaterThan(one.x())
                        || !one.y().plus(one.width()).isGreaterThan(other.y())
                        || !other.y().plus(other.width()).isGreaterThan(one.y());
                assertThat(apart).as("%s and %s", one, other).isTrue();
            }
        }
    }

    private static void assertStock(List<Stock> stock, BoardPlan plan) {
        for (Stock one : stock) {
            long used = plan.boards().stream().filter(board -> board.stock().equals(one)).count();
            one.count().ifPresent(count -> assertThat(used).as(one.id()).isLessThanOrEqualTo(count));
        }
    }

    private static void assertGroups(BoardPlan plan) {
        assertThat(plan.groups().stream().mapToInt(BoardPlan.Group::boards).sum()).isEqualTo(plan.boards().size());
        plan.groups().forEach(group -> {
            assertThat(group.leastBoards()).isBetween(1, group.boards());
            assertThat(group.leastCost()).isLessThanOrEqualTo(group.cost());
        });
    }
}
