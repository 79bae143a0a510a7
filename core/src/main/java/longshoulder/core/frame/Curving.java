package longshoulder.core.frame;

import java.util.Optional;
import java.util.stream.IntStream;
import longshoulder.core.geometry.HalfSpace;
import longshoulder.core.geometry.Solid;
import org.apache.commons.geometry.euclidean.threed.Vector3D;

/**
 * Works a long face of a piece to an arc: hollow, so that its ends stay and the middle goes in, or round, so that the middle stays
 * and the ends fall away. The arc is cut in chords so fine that no line shows between them.
 */
public final class Curving {

    /** The angle between neighbouring chords, in radians: less than a drawing shows as a bend. */
    private static final double BEND = Math.toRadians(0.75);
    private static final int MOST_CHORDS = 80;

    private final Piece piece;
    private final HalfSpace face;
    private final Arc arc;
    private final boolean round;

    /** Where the arc begins, from the piece's own start, in millimetres. */
    private final double begin;

    private Curving(Piece piece, HalfSpace face, Arc arc, boolean round, double begin) {
        this.piece = piece;
        this.face = face;
        this.arc = arc;
        this.round = round;
        this.begin = begin;
    }

    /** Empty where the arc has no such chord, or is deeper than the piece. */
    static Optional<Frame> of(Alteration.Curve asked, Frame frame) {
        Piece piece = frame.piece(asked.piece());
        Arc arc = asked.arc();
        HalfSpace face = piece.shape().looking(asked.face().direction());
        return !piece.isReal() || !arc.isPossible() || arc.sagitta() > extent(piece, face) - 1
                ? Optional.empty()
                : Optional.of(frame.shapedAway(piece.id(),
                        new Curving(piece, face, arc, asked.isRound(), begin(piece, asked)).away()));
    }

    /**
     * What goes of a piece that is worked to an arc about a middle in the world; nothing where the arc has no such chord.
     *
     * @param facing the long face that is worked
     * @param round whether the middle stays and the ends fall away
     */
    public static Solid about(Piece piece, Vector3D.Unit facing, Arc arc, boolean round, Vector3D middle) {
        double begin = middle.subtract(piece.pose().origin()).dot(piece.pose().along()) - arc.chord() / 2;
        return arc.isPossible()
                ? new Curving(piece, piece.shape().looking(facing), arc, round, begin).away()
                : Solid.NOTHING;
    }

    /** How thick the piece is behind a face. */
    private static double extent(Piece piece, HalfSpace face) {
        boolean edge = Math.abs(face.normal().dot(piece.pose().across())) > 0.5;
        return (edge ? piece.width() : piece.thickness()).value().toMillimetres();
    }

    private Solid away() {
        double run = arc.chord();
        // An even number, so that one corner lies in the very middle.
        int chords = 2 * (int) Math.clamp(Math.ceil(run / (2 * BEND * arc.radius())), 1, MOST_CHORDS / 2);
        Solid body = piece.body();
        return new Solid(IntStream.range(0, chords)
                .mapToObj(i -> strip(body, run * i / chords, run * (i + 1) / chords))
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
