package longshoulder.core.supply;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalInt;
import java.util.Set;
import java.util.stream.IntStream;
import longshoulder.core.boards.Blank;
import longshoulder.core.boards.Stock;
import longshoulder.core.brief.HouseRules;
import longshoulder.core.brief.Parameter;
import longshoulder.core.cutlist.CutLine;
import longshoulder.core.frame.Piece;
import longshoulder.core.frame.Role;
import longshoulder.core.measure.Length;
import longshoulder.core.plan.Copies;
import longshoulder.core.plan.Plan;
import longshoulder.core.project.Project;

/**
 * Makes orders of a line of the cut list: a piece as it is; what is wider than all boards as strips that are glued edge to edge; what is to be
 * laminated as layers; small parts as the strips from which they are cut.
 */
final class Orders {

    /** What is glued up by itself where no board is wide enough. */
    private static final Set<Role> BROAD = Set.of(Role.TOP, Role.SEAT, Role.PANEL, Role.SLAB, Role.SHELF);

    private final Copies copies;
    private final Plan plan;
    private final int design;
    private final String prefix;
    private final List<Stock> stock;

    /** @param copies of the design that are made by its plan */
    Orders(Copies copies, int design, String prefix, List<Stock> stock) {
        this.copies = copies;
        this.plan = copies.plan();
        this.design = design;
        this.prefix = prefix;
        this.stock = stock;
    }

    List<Order> of(CutLine line) {
        if (line.kind() == CutLine.Kind.SMALL_PART) {
            return List.of(strip(line));
        }
        Piece piece = plan.piece(line.pieces().getFirst()).piece();
        int layers = plan.project().chosen(piece, HouseRules.LAYERS).map(Integer::parseInt).orElse(1);
        int strips = layers > 1 ? 1 : strips(line, piece);
        if (layers > 1) {
            return glued(line, layers, width(line), thickness(line).times(1, layers), Length.ZERO,
                    length(HouseRules.LAYER_FACE));
        }
        return strips > 1
                ? glued(line, strips, width(line).times(1, strips), thickness(line), length(HouseRules.EDGE_JOINTING),
                        Length.ZERO)
                : List.of(order(line, "", width(line), thickness(line), IntStream.range(0, line.count())
                        .mapToObj(part -> source(List.of(part), OptionalInt.empty())).toList()));
    }

    private Length length(Parameter.Measure rule) {
        return plan.project().brief().length(rule);
    }

    private static Length width(CutLine line) {
        return line.rough().width().value();
    }

    private static Length thickness(CutLine line) {
        return line.rough().thickness().value();
    }

    /** In the first of the copies. */
    private Order.Source source(List<Integer> parts, OptionalInt strip) {
        return new Order.Source(parts, strip, copies.numbers().getFirst());
    }

    /** For all copies that are the same. */
    private Order order(CutLine line, String part, Length width, Length thickness, List<Order.Source> ofFirst) {
        List<Order.Source> sources = copies.numbers().stream().flatMap(copy -> ofFirst.stream()
                .map(source -> new Order.Source(source.parts(), source.strip(), copy))).toList();
        int first = copies.numbers().getFirst();
        return new Order(design, Copies.count(plan.project()), line,
                new Blank(prefix + line.number() + part + (first > 1 ? "@" + first : ""), line.wood(),
                        line.rough().length().value(), width, thickness,
                        sources.stream().map(source -> Order.name(line, source, prefix)).toList()),
                sources);
    }

    private Order strip(CutLine line) {
        int each = Math.ceilDiv(line.count(), line.blanks());
        List<Order.Source> sources = IntStream.range(0, line.blanks()).mapToObj(i -> source(
                IntStream.range(i * each, Math.min((i + 1) * each, line.count())).boxed().toList(),
                OptionalInt.empty())).toList();
        return order(line, "", width(line), thickness(line), sources);
    }

    /**
     * The outer parts are glued on one side, the inner ones on two.
     *
     * @param edge allowance of each glued edge
     * @param face allowance of each glued face
     */
    private List<Order> glued(CutLine line, int parts, Length width, Length thickness, Length edge, Length face) {
        List<Order> orders = new ArrayList<>();
        orders.add(glued(line, "o", List.of(1, parts), width.plus(edge), thickness.plus(face)));
        if (parts > 2) {
            orders.add(glued(line, "i", IntStream.range(2, parts).boxed().toList(), width.plus(edge.times(2)),
                    thickness.plus(face.times(2))));
        }
        return orders;
    }

    private Order glued(CutLine line, String name, List<Integer> places, Length width, Length thickness) {
        List<Order.Source> sources = new ArrayList<>();
        for (int part = 0; part < line.count(); part++) {
            for (int place : places) {
                sources.add(source(List.of(part), OptionalInt.of(place)));
            }
        }
        return order(line, name, width, thickness, sources);
    }

    /** As many as were chosen; of what is broad as few as the widest board that serves allows. */
    private int strips(CutLine line, Piece piece) {
        Project project = plan.project();
        String chosen = project.chosen(piece, HouseRules.STRIPS).orElse(HouseRules.STRIPS_BY_BOARDS);
        if (!chosen.equals(HouseRules.STRIPS_BY_BOARDS)) {
            return Integer.parseInt(chosen);
        }
        return BROAD.contains(piece.role()) ? leastStrips(line, stock, length(HouseRules.EDGE_JOINTING)) : 1;
    }

    /**
     * As few as the widest board that is long and thick enough allows; 1 where there is none.
     *
     * @param edge allowance of each glued edge
     */
    static int leastStrips(CutLine line, List<Stock> stock, Length edge) {
        Length widest = stock.stream().filter(board -> board.wood().equalsIgnoreCase(line.wood())
                && !thickness(line).isGreaterThan(board.thickness())
                && !line.rough().length().value().isGreaterThan(board.usableLength())).map(Stock::usableWidth)
                .max(Length::compareTo).orElse(Length.ZERO);
        if (!width(line).isGreaterThan(widest) || !widest.isGreaterThan(edge.times(2))) {
            return 1;
        }
        int strips = 2;
        while (width(line).times(1, strips).plus(edge.times(strips > 2 ? 2 : 1)).isGreaterThan(widest)) {
            strips++;
        }
        return strips;
    }
}
