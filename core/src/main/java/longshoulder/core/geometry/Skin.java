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
        Sides sides = new Sides(cells, others);
        List<Face> faces = new ArrayList<>();
        List<BitSet> seams = new ArrayList<>();
        for (int i = 0; i < cells.size(); i++) {
            BitSet touched = new BitSet();
            List<Sides.Side> own = sides.of(i);
            for (int face = 0; face < own.size(); face++) {
                List<Sides.Side> against = sides.against(own.get(face));
                touched.set(face, !against.isEmpty());
                for (Polygon part : exposed(own.get(face), against, cells.size())) {
                    faces.add(new Face(i, part));
                }
            }
            seams.add(touched);
        }
        return new Skin(faces, seams);
    }

    /** What of a face none of those against it covers that belong to so many first cells. */
    private static List<Polygon> exposed(Sides.Side side, List<Sides.Side> against, int covering) {
        List<Polygon> parts = List.of(side.face());
        for (Sides.Side other : against) {
            if (other.cell() < covering && side.box().mayShareArea(other.box())) {
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
    Skin moved(Carry carry) {
        return new Skin(faces.stream().map(face -> new Face(face.cell(), carry.polygon(face.polygon()))).toList(),
                seams);
    }
}
