package longshoulder.core.kind;

import static longshoulder.core.reckoning.Amount.mm;

import longshoulder.core.brief.JointKind;
import longshoulder.core.frame.Piece;
import longshoulder.core.geometry.Cell;
import longshoulder.core.geometry.HalfSpace;
import longshoulder.core.geometry.Solid;
import longshoulder.core.reckoning.Amount;
import org.apache.commons.geometry.euclidean.threed.Vector3D;

/**
 * A bevelled moulding along the show side of a frame's inner edges, stuck on every piece from end to end; joints are scribed over it
 * or mitred to it.
 *
 * @param width on the face
 * @param depth from the face down
 * @param mitred whether it meets in mitres at the corners
 */
record Moulding(Amount width, Amount depth, boolean mitred) {

    /** What goes of a piece along one of its edges, which looks in a direction; tenons and what fills its ends are no shorter for it. */
    Solid along(Piece piece, Vector3D.Unit edge) {
        double m = mm(width);
        double d = mm(depth);
        if (!piece.isReal() || m <= 0 || d <= 0) {
            return Solid.NOTHING;
        }
        HalfSpace side = piece.shape().looking(edge);
        HalfSpace face = piece.shape().looking(FrameBuilder.FRONT);
        Vector3D origin = piece.pose().origin();
        Vector3D onEdge = origin.subtract(edge.multiply(side.distance(origin)));
        Vector3D foot = onEdge.subtract(face.normal().multiply(face.distance(onEdge) + d));
        HalfSpace bevel = HalfSpace.through(foot, edge.multiply(d).add(face.normal().multiply(m)));
        double beyond = 2 * m;
        return Solid.of(Cell.box(piece.pose(), -beyond, 0, 0, mm(piece.length()) + beyond, mm(piece.width()),
                mm(piece.thickness()))).clip(bevel.complement());
    }

    /** Joints of a type are made to it. */
    void usual(FrameBuilder builder, JointKind type) {
        builder.usual(type.id(), "mould.width", width.value());
        builder.usual(type.id(), "mould.depth", depth.value());
        if (mitred) {
            builder.usual(type.id(), "mould.corner", "mitred");
        }
    }
}
