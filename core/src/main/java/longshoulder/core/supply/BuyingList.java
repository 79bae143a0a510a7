package longshoulder.core.supply;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import longshoulder.core.boards.BoardPlan;
import longshoulder.core.boards.SawnBoard;
import longshoulder.core.boards.Stock;
import longshoulder.core.brief.HouseRules;
import longshoulder.core.cutlist.CutLine;
import longshoulder.core.cutlist.CutList;
import longshoulder.core.plan.Copies;
import longshoulder.core.plan.Plan;
import longshoulder.core.project.Project;
import longshoulder.core.wood.Species;

/**
 * What has to be bought for a board plan: boards with the margin that the maker sets, and what is bought ready. Boards at hand are taken off.
 *
 * @param ready glass, sheets and bolts
 */
public record BuyingList(List<Line> lines, List<Ready> ready) {

    /** Cubic millimetres in a board foot: 144 cubic inches. */
    private static final double BOARD_FOOT = 144 * 25.4 * 25.4 * 25.4;
    private static final double CUBIC_METRE = 1e9;

    /** Parts that are bought as they are. */
    public record Ready(CutLine line, int count) {}

    public BuyingList {
        lines = List.copyOf(lines);
        ready = List.copyOf(ready);
    }

    /**
     * Boards of one size.
     *
     * @param count with the margin
     * @param density of the wood in kg/m³; empty where it is unknown
     */
    public record Line(Stock stock, int count, Optional<Double> density) {

        /** Of all of them, in cubic metres. */
        public double cubicMetres() {
            return cubicMillimetres() / CUBIC_METRE;
        }

        /** Of all of them. */
        public double boardFeet() {
            return cubicMillimetres() / BOARD_FOOT;
        }

        private double cubicMillimetres() {
            return count * stock.length().toMillimetres() * stock.width().toMillimetres()
                    * stock.thickness().toMillimetres();
        }

        /** Of all of them. */
        public BigDecimal price() {
            return stock.price().multiply(BigDecimal.valueOf(count));
        }

        /** Of all of them, in kilograms; empty where the wood's density is unknown. */
        public Optional<Double> kilograms() {
            return density.map(known -> known * cubicMetres());
        }
    }

    /** What has to be bought for the designs of a supply. */
    public static BuyingList of(List<Plan> designs, BoardPlan boards) {
        Project project = designs.getFirst().project();
        Map<Stock, Integer> counts = new LinkedHashMap<>();
        boards.boards().stream().map(SawnBoard::stock).filter(stock -> stock.count().isEmpty())
                .forEach(stock -> counts.merge(stock, 1, Integer::sum));
        double margin = project.brief().ratio(HouseRules.BUYING_MARGIN).toDouble();
        List<Line> lines = new ArrayList<>();
        counts.forEach((stock, count) -> lines.add(new Line(stock, (int) Math.ceil(count * (1 + margin) - 1e-9),
                project.knownWoods().find(stock.wood()).flatMap(Species::density))));
        return new BuyingList(lines, designs.stream().flatMap(plan -> Copies.of(plan).stream())
                .flatMap(copies -> CutList.of(copies.plan()).lines().stream().filter(CutLine::isBought)
                        .map(line -> new Ready(line, line.count() * copies.numbers().size())))
                .toList());
    }

    /** Of all boards that are to be bought. */
    public BigDecimal price() {
        return lines.stream().map(Line::price).reduce(BigDecimal.ZERO, BigDecimal::add);
    }
}
