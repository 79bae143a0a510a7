package longshoulder.core.frame;

import java.util.Optional;
import java.util.stream.IntStream;
import longshoulder.core.geometry.HalfSpace;
import longshoulder.core.geometry.Solid;
import longshoulder.core.geometry.Tolerance;
import org.apache.commons.geometry.euclidean.threed.Vector3D;

/**
 * Works a long face of a piece to an arc: hollow, so that its ends stay and the middle goes in, or round, so that the middle stays
 * and the ends fall away. The arc is cut in chords so fine that no line shows between them.
 */
public final class Curving {

    /** The angle between neighbouring chords, in radians: less than a drawing shows as a bend. */
    private static final double BEND = Math.toRadians(0.75);

    /** How far a chord may lie from its arc, in millimetres, so that what is scribed to it is as long as the arc says. */
    private static final double DEVIATION = 0.01;
    private static final int MOST_CHORDS = 80;

    private final Piece piece;
    private final HalfSpace face;
    private final Arc arc;
    private final boolean round;

    /** Where the arc begins, from the piece's own start, in millimetres. */
    private final double begin;

    /** How long the chords are along the piece, counted from the middle of the arc. */
    private final double step;

    private Curving(Piece piece, HalfSpace face, Arc arc, boolean round, double begin, double step) {
        this.piece = piece;
        this.face = face;
        this.arc = arc;
        this.round = round;
        this.begin = begin;
        this.step = step;
    }

    /** Empty where the piece has no such long face, the arc no such chord, or it is deeper than the piece. */
    static Optional<Frame> of(Alteration.Curve asked, Frame frame) {
        Piece piece = frame.piece(asked.piece());
        Arc arc = asked.arc();
        return asked.face().of(piece)
                .filter(face -> piece.isReal() && arc.isPossible() && arc.sagitta() <= extent(piece, face) - 1)
                .map(face -> frame.shapedAway(piece.id(),
                        new Curving(piece, face, arc, asked.isRound(), begin(piece, asked), step(arc)).away())
                        .describing(describe(asked)));
    }

    private static Feature describe(Alteration.Curve asked) {
        String form = asked.isRound() ? "round" : "hollow";
        return Feature.of(asked.piece(), Feature.Form.CURVE, "curve." + form + "." + asked.face().id())
                .given("radius", asked.radius()).given("from", asked.from()).given("run", asked.run())
                .measured("rise", asked.arc().sagitta());
    }

    /**
     * What goes of a piece that is worked to an arc about a middle in the world; nothing where the arc has no such chord.
     *
     * @param facing the long face that is worked
     * @param round whether the middle stays and the ends fall away
     */
    public static Solid about(Piece piece, Vector3D.Unit facing, Arc arc, boolean round, Vector3D middle) {
        return about(piece, facing, arc, round, middle, step(arc));
    }

    /**
     * The same in chords of a length that is given, so that those of two faces end at the same places: what is left of the piece then
     * falls into half as many parts.
     *
     * @param step along the piece, in millimetres
     */
    public static Solid about(Piece piece, Vector3D.Unit facing, Arc arc, boolean round, Vector3D middle, double step) {
        double begin = middle.subtract(piece.pose().origin()).dot(piece.pose().along()) - arc.chord() / 2;
        return arc.isPossible()
                ? new Curving(piece, piece.shape().looking(facing), arc, round, begin, step).away()
                : Solid.NOTHING;
    }

    /** Into what chords an arc falls that is possible; an even number of them, so that one corner lies in the very middle. */
    public static double step(Arc arc) {
        double run = arc.chord();
        double longest = Math.min(BEND * arc.radius(), Math.sqrt(8 * arc.radius() * DEVIATION));
        return run / (2 * (int) Math.clamp(Math.ceil(run / (2 * longest)), 1, MOST_CHORDS / 2));
    }

    /** How thick the piece is behind a face. */
    private static double extent(Piece piece, HalfSpace face) {
        boolean edge = Math.abs(face.normal().dot(piece.pose().across())) > 0.5;
        return (edge ? piece.width() : piece.thickness()).value().toMillimetres();
    }

    private Solid away() {
        double half = arc.chord() / 2;
        // Whole chords from the middle, and at each end what is left.
        int whole = (int) Math.ceil(half / step - Tolerance.DIRECTION);
        Solid body = piece.body();
        return new Solid(IntStream.range(-whole, whole)
                .mapToObj(i -> strip(body, half + Math.max(-half, i * step), half + Math.min(half, (i + 1) * step)))
                .flatMap(strip -> strip.cells().stream()).toList());
    }

    /** What goes of the body between two places along the arc. */
    private Solid strip(Solid body, double first, double last) {
        Vector3D.Unit along = piece.pose().along();
        Vector3D from = onArc(first);
        Vector3D way = onArc(last).subtract(from);
        Vector3D.Unit outwards = face.normal();
        Vector3D square = outwards.subtract(way.multiply(outwards.dot(way) / way.dot(way)));
        return body.clip(HalfSpace.through(from, along.negate()))
                .clip(HalfSpace.through(onArc(last), along))
                .clip(HalfSpace.through(from, square).complement());
    }

    /** The maker counts from the upper end, or from the left, or from the front; the piece from its own start. */
    private static double begin(Piece piece, Alteration.Curve asked) {
        double from = asked.from().toMillimetres();
        boolean backwards = piece.pose().along().dot(Vector3D.of(1, 1, -1)) < 0;
        return backwards ? piece.length().value().toMillimetres() - from - asked.run().toMillimetres() : from;
    }

    private Vector3D onArc(double place) {
        Vector3D origin = piece.pose().origin();
        Vector3D foot = origin.subtract(face.normal().multiply(face.distance(origin)));
        double depth = round ? arc.fall(place) : arc.rise(place);
        return foot.add(piece.pose().along().multiply(begin + place))
                .subtract(face.normal().multiply(depth));
    }
}
