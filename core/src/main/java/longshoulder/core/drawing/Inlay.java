package longshoulder.core.drawing;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
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
    static Stream<Inlay> of(List<Joint> joints, Polygon face) {
        Bounds box = Bounds.of(face.corners());
        return joints.stream().filter(joint -> !isIn(face, joint.meeting().surface()))
                .flatMap(joint -> openings(joint, face, box));
    }

    private static Stream<Inlay> openings(Joint joint, Polygon face, Bounds box) {
        return joint.removes().cells().stream().filter(recess -> recess.bounds().touches(box))
                .flatMap(recess -> opening(recess, face).stream())
                .map(opening -> new Inlay(joint.meeting().rail().id(), opening));
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
