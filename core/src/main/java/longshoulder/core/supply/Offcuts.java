package longshoulder.core.supply;

import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;
import longshoulder.core.boards.BadSpot;
import longshoulder.core.boards.SawnBoard;
import longshoulder.core.boards.Stock;
import longshoulder.core.boards.StockRow;
import longshoulder.core.brief.HouseRules;
import longshoulder.core.measure.Length;
import longshoulder.core.project.Project;

/**
 * What is left of boards that are sawn: pieces that are large enough are stock again, with the job that they are from. They follow from the
 * boards that are noted as sawn, so that they come and go with them.
 */
public final class Offcuts {

    private Offcuts() {}

    /** Of all boards that are sawn for a design. */
    public static List<StockRow> of(Project project) {
        return project.sawn().stream().flatMap(board -> of(project, board).stream()).toList();
    }

    /** Offcuts of a board that are worth keeping, as lines of stock. They have sound ends. */
    private static List<StockRow> of(Project project, SawnBoard board) {
        Length leastLength = project.brief().length(HouseRules.OFFCUT_LENGTH);
        Length leastWidth = project.brief().length(HouseRules.OFFCUT_WIDTH);
        return board.offcuts().stream()
                .filter(part -> !board.soundLength(part).isLessThan(leastLength)
                        && !part.width().isLessThan(leastWidth))
                .map(part -> row(project, board, part)).toList();
    }

    private static StockRow row(Project project, SawnBoard board, SawnBoard.Part part) {
        Stock stock = board.stock();
        List<BadSpot> bad = stock.bad().stream().map(spot -> spot.within(part.x(), part.y(), part.length(),
                part.width())).flatMap(Optional::stream).toList();
        // The first piece of a board names it: no other board gives the same.
        String id = "offcut %s %s".formatted(board.pieces().getFirst().id(), part.id());
        return new StockRow(id, stock.wood(), board.soundLength(part), part.width(), stock.thickness(), Optional.of(1),
                BigDecimal.ZERO, Optional.empty(), Optional.of(Length.ZERO), Optional.of(Length.ZERO), "", bad,
                List.of(), List.of(),
                Optional.empty(), "", project.title());
    }
}
