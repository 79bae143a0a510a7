package longshoulder.core.geometry;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.List;

/**
 * Some cells from outside: what of their faces has no wood against it.
 *
 * @param faces flat convex polygons, in the order of the cells
 * @param seams of each cell the numbers of its faces that touch another cell; nobody changes them
 */
public record Skin(List<Face> faces, List<BitSet> seams) {

    /** A part of the skin, and the number of the cell that it bounds. */
    public record Face(int cell, Polygon polygon) {}

    public Skin {
        faces = List.copyOf(faces);
        seams = List.copyOf(seams);
    }

    public static Skin of(Solid solid) {
        return of(solid.cells(), List.of());
    }

    /**
     * The skin of some cells.
     *
     * @param others in which the wood goes on beyond a seam, but which cover nothing
     */
    public static Skin of(List<Cell> cells, List<Cell> others) {
        Sides sides = new Sides(cells);
        List<Face> faces = new ArrayList<>();
        List<BitSet> seams = new ArrayList<>();
        for (int i = 0; i < cells.size(); i++) {
            BitSet touched = new BitSet();
            for (Sides.Side side : sides.of(i)) {
                List<Sides.Side> against = sides.against(side);
                touched.set(side.number(), !against.isEmpty());
                for (Polygon part : exposed(side, against)) {
                    faces.add(new Face(i, part));
                }
            }
            seams.add(touched);
        }
        for (Cell other : others) {
            for (Polygon face : other.faces()) {
                sides.against(face).forEach(side -> seams.get(side.cell()).set(side.number()));
            }
        }
        return new Skin(faces, seams);
    }

    /** What of a face none of those against it covers. */
    private static List<Polygon> exposed(Sides.Side side, List<Sides.Side> against) {
        List<Polygon> parts = List.of(side.face());
        for (Sides.Side other : against) {
            if (side.box().mayShareArea(other.box())) {
                List<Polygon> rest = new ArrayList<>();
                for (Polygon part : parts) {
                    rest.addAll(part.minus(other.face()));
                }
                parts = rest;
            }
        }
        return parts;
    }

    /** The same elsewhere. */
    Skin moved(Transform transform) {
        return new Skin(faces.stream().map(face -> new Face(face.cell(), transform.polygon(face.polygon()))).toList(),
                seams);
    }
}
