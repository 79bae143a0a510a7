package longshoulder.core.frame;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;
import longshoulder.core.brief.Value;
import longshoulder.core.geometry.Solid;
import longshoulder.core.measure.Length;
import longshoulder.core.reckoning.Amount;
import longshoulder.core.reckoning.Label;

/**
 * Pieces in place, shoulder to shoulder.
 *
 * @param pieces in the order in which papers list them
 * @param seats how rails sit on posts
 * @param spans rails that lie between the same pair of posts or between posts that must stand parallel: their shoulder
 *        lengths must agree
 * @param dimensions the figures that its drawings show
 * @param usual what this kind of furniture usually has for its joints, by the address in the brief; the maker's own values
 *        come before these
 * @param shapings what is cut away from pieces after their joints, such as tapers, by the id of the piece
 * @param assemblies what is glued up by itself, in the order of the glue-ups
 * @param clearances what the pieces must leave clear between them
 * @param features what their shapes have besides sizes and joints
 */
public record Frame(List<Piece> pieces, List<Seat> seats, List<List<String>> spans, List<Dimension> dimensions,
        Map<String, Value> usual, List<Assembly> assemblies, Map<String, Solid> shapings,
        List<Clearance> clearances, List<Feature> features) {

    public Frame {
        usual = Map.copyOf(usual);
        assemblies = List.copyOf(assemblies);
        shapings = Map.copyOf(shapings);
        clearances = List.copyOf(clearances);
        features = List.copyOf(features);
        pieces = List.copyOf(pieces);
        seats = List.copyOf(seats);
        spans = spans.stream().map(List::copyOf).toList();
        dimensions = List.copyOf(dimensions);
    }

    /** What is cut away from a piece after its joints. */
    public Solid shaping(String piece) {
        return shapings.getOrDefault(piece, Solid.NOTHING);
    }

    /** A frame whose joints are left to the rules. */
    public Frame(List<Piece> pieces, List<Seat> seats, List<List<String>> spans, List<Dimension> dimensions) {
        this(pieces, seats, spans, dimensions, Map.of(), List.of(), Map.of(), List.of(), List.of());
    }

    /** The piece with an id. @throws IllegalArgumentException if there is none */
    public Piece piece(String id) {
        return pieces.stream().filter(piece -> piece.id().equals(id)).findFirst()
                .orElseThrow(() -> new IllegalArgumentException("There is no piece (%s).".formatted(id)));
    }

    public boolean has(String id) {
        return pieces.stream().anyMatch(piece -> piece.id().equals(id));
    }

    /** How a rail sits on a post, where the kind has said so. */
    public Optional<Seat> seat(String rail, String post) {
        return seats.stream().filter(seat -> seat.rail().equals(rail) && seat.post().equals(post)).findFirst();
    }

    /** With shoulder lengths that were really cut in the place of the planned ones. Unknown ids are passed over. */
    public Frame withCut(Map<String, Length> shoulders) {
        return with(piece -> Optional.ofNullable(shoulders.get(piece.id()))
                .map(cut -> piece.cutTo(new Amount.Cut(Label.of("amount.cut", piece.id()), cut, piece.length())))
                .orElse(piece));
    }

    /** With one piece more. */
    Frame plus(Piece piece) {
        List<Piece> more = new ArrayList<>(pieces);
        more.add(piece);
        return new Frame(more, seats, spans, dimensions, usual,
                piece.role().isLaidOn() ? assemblies : Assembly.joining(assemblies, piece.id()), shapings, clearances,
                features);
    }

    /** Without a piece and what was said of it. */
    Frame without(String id) {
        return new Frame(pieces.stream().filter(piece -> !piece.id().equals(id)).toList(), seatsWithout(id),
                spans.stream().map(span -> span.stream().filter(rail -> !rail.equals(id)).toList())
                        .filter(span -> !span.isEmpty()).toList(),
                dimensions, usual, assemblies.stream().map(assembly -> assembly.without(id)).toList(), shapings,
                clearances, features);
    }

    /** With another piece of the same id; how it sits is measured anew. */
    public Frame replacing(Piece other) {
        return new Frame(pieces.stream().map(piece -> piece.id().equals(other.id()) ? other : piece).toList(),
                seatsWithout(other.id()), spans, dimensions, usual, assemblies, shapings, clearances, features);
    }

    /** With what is glued up by itself. */
    public Frame assembled(List<Assembly> glueUps) {
        return new Frame(pieces, seats, spans, dimensions, usual, glueUps, shapings, clearances, features);
    }

    /** With more cut away from a piece after its joints. */
    public Frame shapedAway(String piece, Solid more) {
        Map<String, Solid> shaped = new HashMap<>(shapings);
        shaped.merge(piece, more, (before, now) -> before.plus(now.minus(before)));
        return new Frame(pieces, seats, spans, dimensions, usual, assemblies, shaped, clearances, features);
    }

    /** With more to be said of the shape of a piece. */
    public Frame describing(Feature feature) {
        List<Feature> more = new ArrayList<>(features);
        more.add(feature);
        return new Frame(pieces, seats, spans, dimensions, usual, assemblies, shapings, clearances, more);
    }

    /** What the shape of a piece has besides its sizes and joints. */
    public List<Feature> featuresOf(String piece) {
        return features.stream().filter(feature -> feature.piece().equals(piece)).toList();
    }

    private List<Seat> seatsWithout(String id) {
        return seats.stream().filter(seat -> !seat.rail().equals(id) && !seat.post().equals(id)).toList();
    }

    /** With other pieces in the places of these; each keeps its id. */
    public Frame with(UnaryOperator<Piece> change) {
        return new Frame(pieces.stream().map(change).toList(), seats, spans, dimensions, usual, assemblies, shapings,
                clearances, features);
    }
}
