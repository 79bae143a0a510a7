package longshoulder.core.frame;

import java.util.List;
import java.util.function.UnaryOperator;
import longshoulder.core.geometry.HalfSpace;
import longshoulder.core.geometry.Tolerance;
import org.apache.commons.geometry.euclidean.threed.Vector3D;

/** The rails that end on a post: where its faces come to stand elsewhere, they end there. */
final class Followers {

    private Followers() {}

    /**
     * The frame with the rails of a post between its changed faces.
     *
     * @param frame in which the post already stands as it is to be
     * @param old the post before
     * @param change what becomes of a face of it; a face that stays is given back as it is
     */
    static Frame follow(Frame frame, Piece old, UnaryOperator<HalfSpace> change) {
        Frame altered = frame;
        for (Piece rail : frame.pieces()) {
            HalfSpace from = rail.id().equals(old.id())
                    ? rail.shape().start().complement()
                    : at(rail, true, old, change);
            HalfSpace to = rail.id().equals(old.id())
                    ? rail.shape().finish().complement()
                    : at(rail, false, old, change);
            if (!from.equals(rail.shape().start().complement()) || !to.equals(rail.shape().finish().complement())) {
                altered = altered.replacing(RailBetween.lay(rail.id(), rail.role(), rail.mark(), rail.width(),
                        rail.thickness(), rail.pose(), List.of(rail.length(), old.width(), old.thickness()), from, to));
            }
        }
        return altered;
    }

    /** The face on which an end stands, after the change. */
    private static HalfSpace at(Piece rail, boolean start, Piece post, UnaryOperator<HalfSpace> change) {
        HalfSpace end = start ? rail.shape().start() : rail.shape().finish();
        return post.shape().planes().stream().filter(face -> endsOn(rail, end, post, face)).findFirst()
                .map(change).orElse(end.complement());
    }

    private static boolean endsOn(Piece rail, HalfSpace end, Piece post, HalfSpace face) {
        if (!rail.isReal() || rail.role().isPanel() || rail.role().isLaidOn() || !end.faces(face)) {
            return false;
        }
        List<Vector3D> corners = rail.shape().corners(end);
        Vector3D middle = corners.get(0).lerp(corners.get(2), 0.5);
        return post.shape().planes().stream().allMatch(plane -> plane.distance(middle) < Tolerance.LENGTH);
    }
}
