package longshoulder.core.frame;

import java.util.Arrays;
import java.util.Comparator;
import java.util.Locale;
import java.util.Optional;
import longshoulder.core.geometry.HalfSpace;
import org.apache.commons.geometry.euclidean.threed.Vector3D;

/** Which way a long face of a piece looks, as one stands before the furniture. */
public enum Facing {
    FRONT, BACK, LEFT, RIGHT, TOP, BOTTOM;

    /** By the cosine: what leans less than 60° from a direction looks that way. */
    private static final double MOSTLY = 0.5;

    /** What files and commands call it. */
    public String id() {
        return name().toLowerCase(Locale.ROOT);
    }

    /** The one with an id; empty if there is none. */
    public static Optional<Facing> find(String id) {
        return Arrays.stream(values()).filter(facing -> facing.id().equals(id)).findFirst();
    }

    /** Which way a direction mostly points. */
    public static Facing of(Vector3D direction) {
        return Arrays.stream(values()).max(Comparator.comparingDouble(one -> one.direction().dot(direction)))
                .orElseThrow();
    }

    /** The long face of a piece that looks this way; empty where only an end of it does. */
    Optional<HalfSpace> of(Piece piece) {
        return Optional.of(piece.shape().looking(direction()))
                .filter(face -> face.normal().dot(direction()) > MOSTLY);
    }

    Vector3D.Unit direction() {
        return switch (this) {
            case FRONT -> Vector3D.Unit.MINUS_Y;
            case BACK -> Vector3D.Unit.PLUS_Y;
            case LEFT -> Vector3D.Unit.MINUS_X;
            case RIGHT -> Vector3D.Unit.PLUS_X;
            case TOP -> Vector3D.Unit.PLUS_Z;
            case BOTTOM -> Vector3D.Unit.MINUS_Z;
        };
    }
}
