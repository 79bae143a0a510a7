package longshoulder.core.geometry;

import java.util.List;
import java.util.stream.IntStream;
import org.apache.commons.geometry.euclidean.threed.Vector3D;

/**
 * Some of a piece's own axes turned round. One or all three mirror the piece; two turn it half round.
 *
 * @param axes bits: 1 along, 2 across, 4 out
 */
public record Flip(int axes) {

    public static final Flip NONE = new Flip(0);

    /** None first. */
    public static final List<Flip> ALL = IntStream.range(0, 8).mapToObj(Flip::new).toList();

    public boolean isNone() {
        return axes == 0;
    }

    /** Whether right hands become left ones. */
    boolean mirrors() {
        return Integer.bitCount(axes) % 2 == 1;
    }

    /** -1 for an axis that is turned round, else 1. */
    public int sign(int axis) {
        return (axes >> axis & 1) == 0 ? 1 : -1;
    }

    /** A point or a direction in the piece's own frame of reference. */
    Vector3D of(Vector3D local) {
        return isNone() ? local : Vector3D.of(sign(0) * local.getX(), sign(1) * local.getY(), sign(2) * local.getZ());
    }

    /** An axis of the piece. */
    Vector3D.Unit of(int axis, Vector3D.Unit direction) {
        return sign(axis) > 0 ? direction : direction.negate();
    }
}
