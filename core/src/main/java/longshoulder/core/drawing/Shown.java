package longshoulder.core.drawing;

import java.util.ArrayList;
import java.util.List;
import longshoulder.core.brief.JointKind;
import longshoulder.core.geometry.Cell;
import longshoulder.core.geometry.HalfSpace;
import longshoulder.core.geometry.Mesh;
import longshoulder.core.geometry.Polygon;
import longshoulder.core.geometry.Solid;
import longshoulder.core.joint.Joint;
import longshoulder.core.plan.PlannedPiece;
import org.apache.commons.geometry.euclidean.threed.Vector3D;

/**
 * Something that a drawing shows: a piece as it stands, or moved away or cut open.
 *
 * @param piece id of what it is, or is a part of
 * @param solid its shape
 * @param mesh the skin of the solid
 * @param outside what is seen of it
 * @param hiding what hides all that lies behind it or inside it
 */
public record Shown(String piece, Solid solid, Mesh mesh, List<Outside> outside, List<Hiding> hiding) {

    /** A cell of what is seen, and those of its faces that can be seen. */
    record Outside(Cell cell, List<Polygon> faces) {}

    public Shown {
        outside = List.copyOf(outside);
        hiding = List.copyOf(hiding);
    }

    private Shown(String piece, Solid solid, Mesh mesh) {
        this(piece, solid, mesh, cells(solid, mesh), Hiding.of(solid.cells()));
    }

    /**
     * A piece as it stands. Where all its joints are closed its body is seen as a whole, and its tenons, so that mortises, which cut
     * a piece into many cells, ask for nothing.
     */
    public static Shown of(PlannedPiece piece) {
        Solid solid = piece.solid();
        Mesh mesh = piece.mesh();
        if (piece.open()) {
            Solid seen = inSight(piece, solid);
            return new Shown(piece.id(), solid, mesh, seen.equals(solid) ? cells(solid, mesh) : cells(seen),
                    Hiding.of(solid.cells()));
        }
        Solid body = piece.piece().body();
        List<Outside> outside = new ArrayList<>(cells(inSight(piece, body)));
        List<Cell> hiding = new ArrayList<>(body.cells());
        for (Outside one : cells(solid, mesh)) {
            if (body.cells().stream().noneMatch(part -> part.contains(one.cell()))) {
                outside.add(one);
                hiding.add(one.cell());
            }
        }
        return new Shown(piece.id(), solid, mesh, outside, Hiding.of(hiding));
    }

    /** A shape that is no whole piece. */
    public static Shown part(String piece, Solid solid) {
        return new Shown(piece, solid, Mesh.of(solid));
    }

    /** Whether a cell lies wholly inside one of its own. In a plain loop: it is asked some ten thousand times a picture. */
    boolean hides(Cell cell) {
        for (Hiding part : hiding) {
            if (part.cell().contains(cell)) {
                return true;
            }
        }
        return false;
    }

    /** The same, elsewhere and away from what hides its joints: its skin is carried along and not made anew. */
    public Shown shifted(Vector3D by) {
        return new Shown(piece, solid.moved(by), mesh.moved(by));
    }

    /** Moved, in the world. */
    Shown moved(Vector3D by) {
        return part(piece, solid.moved(by));
    }

    /** What is left of it on one side of a plane. */
    Shown cutOpen(HalfSpace keep) {
        return part(piece, solid.clip(keep));
    }

    /** A panel without what is let into closed grooves. */
    private static Solid inSight(PlannedPiece piece, Solid panel) {
        Solid rest = panel;
        for (Joint joint : piece.joints()) {
            if (joint.kind() == JointKind.GROOVE && !joint.isOpen()) {
                rest = rest.minus(joint.meeting().post().body());
            }
        }
        return rest;
    }

    private static List<Outside> cells(Solid body) {
        return body.cells().size() == 1
                ? List.of(new Outside(body.cells().getFirst(), body.cells().getFirst().faces()))
                : cells(body, Mesh.of(body));
    }

    private static List<Outside> cells(Solid solid, Mesh mesh) {
        List<List<Polygon>> faces = new ArrayList<>();
        solid.cells().forEach(cell -> faces.add(new ArrayList<>()));
        mesh.faces().forEach(face -> faces.get(face.cell()).add(face.polygon()));
        List<Outside> cells = new ArrayList<>();
        for (int i = 0; i < faces.size(); i++) {
            cells.add(new Outside(solid.cells().get(i), faces.get(i)));
        }
        return cells;
    }
}
