package longshoulder.core.drawing;

import longshoulder.core.geometry.HalfSpace;
import longshoulder.core.geometry.Mesh;
import longshoulder.core.geometry.Pose;
import longshoulder.core.geometry.Solid;
import longshoulder.core.plan.PlannedPiece;
import org.apache.commons.geometry.euclidean.threed.Vector3D;

/**
 * Something that a drawing shows: a piece as it stands, or moved away or cut open.
 *
 * @param piece id of what it is, or is a part of
 * @param solid its shape
 * @param mesh the skin of the solid
 * @param body what hides all that lies inside it: the piece before its joints were cut, where it stands whole
 */
public record Shown(String piece, Solid solid, Mesh mesh, Solid body) {

    /** A piece as it stands. */
    public static Shown of(PlannedPiece piece) {
        return new Shown(piece.id(), piece.solid(), piece.mesh(), piece.open() ? piece.solid() : piece.piece().body());
    }

    /** A shape that is no whole piece. */
    public static Shown part(String piece, Solid solid) {
        return new Shown(piece, solid, Mesh.of(solid), solid);
    }

    /** The same, elsewhere: its skin is carried along and not made anew. */
    public Shown shifted(Vector3D by) {
        Pose there = new Pose(by, Vector3D.Unit.PLUS_X, Vector3D.Unit.PLUS_Y, Vector3D.Unit.PLUS_Z);
        return new Shown(piece, solid.moved(by), mesh.moved(Pose.WORLD, there), body.moved(by));
    }

    /** Moved, in the world. */
    Shown moved(Vector3D by) {
        return part(piece, solid.moved(by));
    }

    /** What is left of it on one side of a plane. */
    Shown cutOpen(HalfSpace keep) {
        return part(piece, solid.clip(keep));
    }
}
