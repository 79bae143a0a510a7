package longshoulder.core.frame;

import java.util.Optional;
import longshoulder.core.geometry.HalfSpace;
import longshoulder.core.geometry.Solid;
import org.apache.commons.geometry.euclidean.threed.Vector3D;

/**
 * Works a long face of a piece to an arc: hollow, so that its ends stay and the middle goes in, or round, so that the middle stays
 * and the ends fall away. The arc is cut in chords so fine that no line shows between them.
 */
final class Curving {

    /** The angle between neighbouring chords, in radians: less than a drawing shows as a bend. */
    private static final double BEND = Math.toRadians(0.75);
    private static final int MOST_CHORDS = 80;

    private final Alteration.Curve asked;
    private final Piece piece;
    private final HalfSpace face;

    private Curving(Alteration.Curve asked, Piece piece) {
        this.asked = asked;
        this.piece = piece;
        this.face = piece.shape().looking(asked.face().direction());
    }

    /** Empty where the arc has no such chord, or is deeper than the piece. */
    static Optional<Frame> of(Alteration.Curve asked, Frame frame) {
        Piece piece = frame.piece(asked.piece());
        Arc arc = asked.arc();
        Curving curving = new Curving(asked, piece);
        double extent = Math.min(piece.width().value().toMillimetres(), piece.thickness().value().toMillimetres());
        return !piece.isReal() || !arc.isPossible() || arc.sagitta() > extent - 1
                ? Optional.empty()
                : Optional.of(frame.shapedAway(piece.id(), curving.away()));
    }

    private Solid away() {
        double run = asked.run().toMillimetres();
        int chords = (int) Math.clamp(Math.ceil(run / (BEND * asked.radius().toMillimetres())), 2, MOST_CHORDS);
        Solid away = Solid.NOTHING;
        for (int i = 0; i < chords; i++) {
            away = away.plus(strip(run * i / chords, run * (i + 1) / chords));
        }
        return away;
    }

    /** What goes between two places along the arc. */
    private Solid strip(double first, double last) {
        Vector3D.Unit along = piece.pose().along();
        Vector3D from = onArc(first);
        Vector3D way = onArc(last).subtract(from);
        Vector3D.Unit outwards = face.normal();
        Vector3D square = outwards.subtract(way.multiply(outwards.dot(way) / way.dot(way)));
        return piece.body().clip(HalfSpace.through(from, along.negate()))
                .clip(HalfSpace.through(onArc(last), along))
                .clip(HalfSpace.through(from, square).complement());
    }

    /** The maker counts from the upper end, or from the left, or from the front; the piece from its own start. */
    private double begin() {
        double from = asked.from().toMillimetres();
        boolean backwards = piece.pose().along().dot(Vector3D.of(1, 1, -1)) < 0;
        return backwards ? piece.length().value().toMillimetres() - from - asked.run().toMillimetres() : from;
    }

    private Vector3D onArc(double place) {
        Vector3D origin = piece.pose().origin();
        Vector3D foot = origin.subtract(face.normal().multiply(face.distance(origin)));
        double depth = asked.isRound() ? asked.arc().fall(place) : asked.arc().rise(place);
        return foot.add(piece.pose().along().multiply(begin() + place))
                .subtract(face.normal().multiply(depth));
    }
}
