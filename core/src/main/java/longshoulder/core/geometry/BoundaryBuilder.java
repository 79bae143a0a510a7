package longshoulder.core.geometry;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.List;
import org.apache.commons.geometry.euclidean.threed.Vector3D;

/**
 * Makes the closed boundary of a solid from its cells, in three steps: faces where two cells touch are taken away; equal
 * points are made one; corners of one face that lie on an edge of another are put into that edge, so that the faces
 * meet edge to edge.
 *
 * <p>Running time hardly grows faster than the number of cells: faces that touch are found by their planes, points on an edge by
 * their places.
 */
final class BoundaryBuilder {

    private final Solid solid;
    private final VertexPool pool = new VertexPool();
    private final List<Polygon> skin = new ArrayList<>();
    private final List<int[]> loops = new ArrayList<>();

    BoundaryBuilder(Solid solid) {
        this.solid = solid;
    }

    Boundary build() {
        Skin whole = Skin.of(solid);
        whole.faces().forEach(face -> skin.add(face.polygon()));
        List<int[]> corners = new ArrayList<>();
        for (Polygon face : skin) {
            int[] loop = new int[face.corners().size()];
            for (int i = 0; i < loop.length; i++) {
                loop[i] = pool.indexOf(face.corners().get(i));
            }
            corners.add(loop);
        }
        for (int i = 0; i < skin.size(); i++) {
            loops.add(withoutSpikes(withPointsOnEdges(corners.get(i), skin.get(i).corners())));
        }
        Arrises arrises = new Arrises(pool.points());
        for (int i = 0; i < loops.size(); i++) {
            arrises.add(loops.get(i), skin.get(i).plane());
        }
        return new Boundary(pool.points(), whole, loops, new Boundary.Lines(arrises.sharp(), arrises.bends()),
                parts());
    }

    /** How many groups of loops there are that share no point. */
    private int parts() {
        int[] towards = new int[pool.points().size()];
        Arrays.setAll(towards, point -> point);
        int parts = 0;
        BitSet used = new BitSet();
        for (int[] loop : loops) {
            for (int point : loop) {
                if (!used.get(point)) {
                    used.set(point);
                    parts++;
                }
                int one = first(towards, loop[0]);
                int other = first(towards, point);
                if (one != other) {
                    towards[other] = one;
                    parts--;
                }
            }
        }
        return parts;
    }

    private static int first(int[] towards, int point) {
        int at = point;
        while (towards[at] != at) {
            towards[at] = towards[towards[at]];
            at = towards[at];
        }
        return at;
    }

    /** @param corners where the loop's points really lie in this face */
    private int[] withPointsOnEdges(int[] loop, List<Vector3D> corners) {
        int[] refined = new int[loop.length];
        int count = 0;
        for (int i = 0; i < loop.length; i++) {
            int from = loop[i];
            int to = loop[(i + 1) % loop.length];
            if (from == to) {
                continue;
            }
            int[] between = pool.between(corners.get(i), corners.get((i + 1) % loop.length), from, to);
            if (count + 1 + between.length > refined.length) {
                refined = Arrays.copyOf(refined, 2 * refined.length + between.length);
            }
            refined[count++] = from;
            System.arraycopy(between, 0, refined, count, between.length);
            count += between.length;
        }
        return Arrays.copyOf(refined, count);
    }

    /**
     * The loop without stretches that run out and straight back, as slivers do whose corners fall together: the neighbours
     * meet without them. Nothing is left of a loop that is all sliver.
     */
    static int[] withoutSpikes(int[] loop) {
        int[] kept = new int[loop.length];
        int count = 0;
        for (int point : loop) {
            if (count > 1 && kept[count - 2] == point) {
                count--;
            } else if (count == 0 || kept[count - 1] != point) {
                kept[count++] = point;
            }
        }
        int first = 0;
        while (count - first > 2 && (kept[first + 1] == kept[count - 1] || kept[first] == kept[count - 2])) {
            // The loop's own start is the tip of a spike, or its end is.
            if (kept[first + 1] == kept[count - 1]) {
                first++;
            }
            count--;
        }
        return count - first < 3 ? new int[0] : Arrays.copyOfRange(kept, first, count);
    }
}
