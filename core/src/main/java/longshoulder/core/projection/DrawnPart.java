package longshoulder.core.projection;

import java.util.ArrayList;
import java.util.List;
import longshoulder.core.geometry.Cell;
import longshoulder.core.geometry.CutShape;
import longshoulder.core.geometry.HalfSpace;
import longshoulder.core.geometry.Polygon;
import longshoulder.core.geometry.Pose;
import longshoulder.core.geometry.Skin;
import longshoulder.core.geometry.Solid;
import longshoulder.core.joint.Joint;
import longshoulder.core.plan.Plan;
import longshoulder.core.plan.PlannedPiece;
import org.apache.commons.geometry.euclidean.threed.Vector3D;

/**
 * Something that a drawing shows: a piece as it stands, or moved away or cut open.
 *
 * @param piece id of what it is, or is a part of
 * @param cutShape its shape
 * @param outside what is seen of it
 * @param hiding what hides all that lies behind it or inside it
 */
public record DrawnPart(String piece, CutShape cutShape, List<Outside> outside, List<Hiding> hiding) {

    /**
     * A cell of what is seen.
     *
     * @param faces those of its faces that can be seen
     * @param inlays what of other pieces lies flush in them
     */
    record Outside(Cell cell, List<Polygon> faces, List<Inlay> inlays) {

        static List<Outside> of(Solid solid, Skin skin) {
            List<List<Polygon>> faces = new ArrayList<>();
            solid.cells().forEach(cell -> faces.add(new ArrayList<>()));
            skin.faces().forEach(face -> faces.get(face.cell()).add(face.polygon()));
            List<Outside> cells = new ArrayList<>();
            for (int i = 0; i < faces.size(); i++) {
                cells.add(new Outside(solid.cells().get(i), faces.get(i), List.of()));
            }
            return cells;
        }

        /** The same with what joints have in its faces. */
        Outside with(List<Joint> joints) {
            List<Joint> near = joints.stream().filter(joint -> joint.removes().bounds().overlaps(cell.bounds()))
                    .toList();
            return near.isEmpty()
                    ? this
                    : new Outside(cell, faces, faces.stream().flatMap(face -> Inlay.of(near, face).stream()).toList());
        }
    }

    public DrawnPart {
        outside = List.copyOf(outside);
        hiding = List.copyOf(hiding);
    }

    private DrawnPart(String piece, CutShape cutShape) {
        this(piece, cutShape, Outside.of(cutShape.solid(), cutShape.boundary().skin()),
                Hiding.of(cutShape.solid().cells(), cutShape.boundary().skin()));
    }

    Solid solid() {
        return cutShape.solid();
    }

    /** All pieces of a plan as they stand, with their joints closed. */
    public static List<DrawnPart> all(Plan plan) {
        return Assembled.pieces(plan);
    }

    /** A piece by itself, whose joints are open. */
    static DrawnPart alone(PlannedPiece piece) {
        return new DrawnPart(piece.id(), piece.cutShape());
    }

    /** A shape that is no whole piece. */
    public static DrawnPart part(String piece, Solid solid) {
        return new DrawnPart(piece, CutShape.of(solid, Pose.WORLD));
    }

    /** The same, elsewhere and away from what hides its joints: its skin is carried along and not made anew. */
    public DrawnPart shifted(Vector3D by) {
        return new DrawnPart(piece, cutShape.moved(by));
    }

    /** Moved, in the world. */
    DrawnPart moved(Vector3D by) {
        return part(piece, solid().moved(by));
    }

    /** What is left of it on one side of a plane. */
    DrawnPart cutOpen(HalfSpace keep) {
        return part(piece, solid().clip(keep));
    }
}
