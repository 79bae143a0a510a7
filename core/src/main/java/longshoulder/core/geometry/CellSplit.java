package longshoulder.core.geometry;

import java.util.Arrays;
import org.apache.commons.geometry.euclidean.threed.Vector3D;

/**
 * A cell sawn in two along a plane that passes through it. An edge that the saw crosses is cut once, for both faces that share it and
 * for both halves.
 *
 * <p>While it is sawn, points go by one row of numbers: those of the cell first, then those at which its edges are cut. All of it is in
 * plain rows: a leg whose mortises cross is sawn a thousand times.
 */
final class CellSplit {

    private static final int[] NONE = {};

    private final Cell whole;
    private final HalfSpace boundary;
    private final double[] distances;
    /** For each of the cell's points: 1 outside the boundary, 0 on it, -1 inside. */
    private final byte[] sides;
    /** For each cut the ends of its edge, one after the other. */
    private int[] edges = new int[16];
    private Vector3D[] cuts = new Vector3D[8];
    private int cutCount;

    /** @param distances of the cell's points outside the boundary */
    CellSplit(Cell whole, HalfSpace boundary, double[] distances) {
        this.whole = whole;
        this.boundary = boundary;
        this.distances = distances;
        this.sides = new byte[distances.length];
        for (int i = 0; i < sides.length; i++) {
            sides[i] = (byte) (distances[i] > Tolerance.LENGTH ? 1 : distances[i] < -Tolerance.LENGTH ? -1 : 0);
        }
    }

    Cell inside() {
        return half(-1, boundary);
    }

    Cell outside() {
        return half(1, boundary.complement());
    }

    /** @param side that is kept */
    private Cell half(int side, HalfSpace cut) {
        int[][] all = whole.loops();
        int[][] loops = new int[all.length + 1][];
        HalfSpace[] planes = new HalfSpace[all.length + 1];
        int count = 0;
        for (int i = 0; i < all.length; i++) {
            int[] part = part(all[i], side);
            if (part.length > 0) {
                planes[count] = whole.planes()[i];
                loops[count++] = part;
            }
        }
        planes[count++] = cut;
        return count == loops.length
                ? new Half(side).close(loops, planes)
                : new Half(side).close(Arrays.copyOf(loops, count), Arrays.copyOf(planes, count));
    }

    /** What of a face lies on one side: none of it if that is no more than an edge. */
    private int[] part(int[] loop, int side) {
        boolean anyKept = false;
        boolean anyLost = false;
        for (int point : loop) {
            anyKept |= sides[point] == side;
            anyLost |= sides[point] == -side;
        }
        if (!anyKept) {
            return NONE;
        }
        return anyLost ? sawn(loop, side) : loop;
    }

    private int[] sawn(int[] loop, int side) {
        // A convex polygon is cut in two places at most.
        int[] kept = new int[loop.length + 2];
        int count = 0;
        int from = loop[loop.length - 1];
        for (int to : loop) {
            if (sides[from] * sides[to] < 0) {
                kept[count++] = cut(from, to);
            }
            if (sides[to] != -side) {
                kept[count++] = to;
            }
            from = to;
        }
        return Arrays.copyOf(kept, count);
    }

    private int cut(int from, int to) {
        for (int i = 0; i < cutCount; i++) {
            if (edges[2 * i] == from && edges[2 * i + 1] == to || edges[2 * i] == to && edges[2 * i + 1] == from) {
                return distances.length + i;
            }
        }
        if (cutCount == cuts.length) {
            edges = Arrays.copyOf(edges, 2 * edges.length);
            cuts = Arrays.copyOf(cuts, 2 * cuts.length);
        }
        edges[2 * cutCount] = from;
        edges[2 * cutCount + 1] = to;
        cuts[cutCount] = Plain.between(whole.points()[from], whole.points()[to],
                distances[from] / (distances[from] - distances[to]));
        return distances.length + cutCount++;
    }

    private Vector3D point(int number) {
        return number < distances.length ? whole.points()[number] : cuts[number - distances.length];
    }

    /** One half while its points are numbered: those on the cut, then those inside, then those that fall together with one on the cut. */
    private final class Half {

        private final int side;
        private final Vector3D[] points = new Vector3D[distances.length + cutCount];
        /** One more than the number that each point of the whole has in the half; nothing while it has none. */
        private final int[] numbers = new int[points.length];
        private int count;

        Half(int side) {
            this.side = side;
        }

        /** @param loops of the faces, renumbered in place; the last one, of the cut, is yet to be found */
        Cell close(int[][] loops, HalfSpace[] planes) {
            int last = loops.length - 1;
            for (int i = 0; i < last; i++) {
                numberRim(loops[i]);
            }
            int rim = count;
            numberKept(0, whole.cornerCount());
            int distinct = count;
            numberKept(whole.cornerCount(), distances.length);
            for (int i = 0; i < last; i++) {
                loops[i] = renumbered(loops[i]);
            }
            loops[last] = aroundNormal(rim, planes[last].normal());
            return new Cell(Arrays.copyOf(points, count), distinct, planes, loops);
        }

        private void numberRim(int[] part) {
            for (int point : part) {
                if (numbers[point] == 0 && isOnRim(point) && isNew(point(point))) {
                    number(point);
                }
            }
        }

        private boolean isOnRim(int point) {
            return point >= distances.length || sides[point] != side;
        }

        private boolean isNew(Vector3D point) {
            for (int i = 0; i < count; i++) {
                if (Plain.squaredDistance(points[i], point) < 4 * Tolerance.LENGTH * Tolerance.LENGTH) {
                    return false;
                }
            }
            return true;
        }

        private void numberKept(int from, int to) {
            for (int i = from; i < to; i++) {
                if (sides[i] == side) {
                    number(i);
                }
            }
        }

        private void number(int point) {
            points[count++] = point(point);
            numbers[point] = count;
        }

        private int[] renumbered(int[] part) {
            int[] loop = new int[part.length];
            for (int i = 0; i < loop.length; i++) {
                if (numbers[part[i]] == 0) {
                    number(part[i]);
                }
                loop[i] = numbers[part[i]] - 1;
            }
            return loop;
        }

        /** The first points, those of the rim, in the order in which they lie round a normal. */
        private int[] aroundNormal(int rim, Vector3D.Unit normal) {
            int[] around = new int[rim];
            if (rim == 0) {
                // The cell of a piece that cannot be, as impossible sizes make them, need not be closed.
                return around;
            }
            Vector3D sum = Vector3D.ZERO;
            for (int i = 0; i < rim; i++) {
                sum = sum.add(points[i]);
            }
            Vector3D middle = sum.multiply(1.0 / rim);
            // Of equal length, which need not be 1: only the angle between them and a point is asked for.
            Vector3D right = points[0].subtract(middle);
            Vector3D up = Plain.cross(normal, right);
            double[] turns = new double[rim];
            // Few points: put in where they belong, with each angle worked out once.
            for (int i = 0; i < rim; i++) {
                Vector3D offset = points[i].subtract(middle);
                // The first one begins, whatever noise says of its own angle: pieces made alike have to have corners in like order.
                double turn = i == 0 ? 0 : turn(Plain.dot(offset, right), Plain.dot(offset, up));
                int at = i;
                while (at > 0 && turns[at - 1] > turn) {
                    turns[at] = turns[at - 1];
                    around[at] = around[at - 1];
                    at--;
                }
                turns[at] = turn;
                around[at] = i;
            }
            return around;
        }
    }

    /** A number from 0 to 4 that grows with the angle from x towards y, and is cheaper to compute. */
    private static double turn(double x, double y) {
        double share = x / (Math.abs(x) + Math.abs(y));
        return y < 0 ? 3 + share : 1 - share;
    }
}
