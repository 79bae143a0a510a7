package longshoulder.core.projection;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import longshoulder.core.geometry.Bounds;
import longshoulder.core.geometry.Cell;
import longshoulder.core.geometry.HalfSpace;
import longshoulder.core.geometry.Plain;
import longshoulder.core.geometry.Polygon;
import longshoulder.core.geometry.Tolerance;
import longshoulder.core.joint.Joint;

/**
 * Where what fills a recess comes out flush in the face of a piece, such as the end of a through tenon.
 *
 * @param piece id of what comes out there
 */
record Inlay(String piece, Polygon face) {

    /** What joints have in a face of their post; nothing in the one against which the rail's own body stands. */
    static List<Inlay> of(List<Joint> joints, Polygon face) {
        Bounds box = Bounds.of(face.corners());
        List<Inlay> inlays = new ArrayList<>();
        for (Joint joint : joints) {
            if (joint.removes().bounds().touches(box) && !isIn(face, joint.meeting().surface())) {
                String rail = joint.meeting().tenonPiece().id();
                for (Cell recess : joint.removes().cells()) {
                    if (recess.bounds().touches(box)) {
                        opening(recess, face).ifPresent(opening -> inlays.add(new Inlay(rail, opening)));
                    }
                }
            }
        }
        return inlays;
    }

    /** Where a recess comes out in a face. */
    private static Optional<Polygon> opening(Cell recess, Polygon face) {
        Optional<Polygon> rest = Optional.of(face);
        for (Polygon side : recess.faces()) {
            if (!isIn(side, face.plane())) {
                rest = rest.flatMap(part -> part.clip(side.plane()));
            }
        }
        return rest;
    }

    private static boolean isIn(Polygon face, HalfSpace plane) {
        return Plain.dot(face.plane().normal(), plane.normal()) > 1 - Tolerance.DIRECTION
                && Math.abs(face.plane().offset() - plane.offset()) < Tolerance.LENGTH;
    }

    /** The part on the inner side of a half space. */
    Optional<Inlay> clip(HalfSpace keep) {
        return face.clip(keep).map(part -> new Inlay(piece, part));
    }
}
