package longshoulder.core.geometry;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.apache.commons.geometry.euclidean.threed.Vector3D;

/**
 * A cell sawn in two along a plane that passes through it. An edge that the saw crosses is cut once, for both faces that share it and
 * for both halves.
 *
 * <p>While it is sawn, points go by one row of numbers: those of the cell first, then those at which its edges are cut.
 */
final class Halves {

    private static final int[] NONE = {};

    private final Cell whole;
    private final HalfSpace boundary;
    private final double[] distances;
    private final List<Cut> cuts = new ArrayList<>();

    /** An edge of the cell, by the numbers of its ends, and where the saw crosses it. */
    private record Cut(int from, int to, Vector3D at) {
        boolean is(int i, int j) {
            return from == i && to == j || from == j && to == i;
        }
    }

    /** @param distances of the cell's points outside the boundary */
    Halves(Cell whole, HalfSpace boundary, double[] distances) {
        this.whole = whole;
        this.boundary = boundary;
        this.distances = distances;
    }

    Cell inside() {
        return half(1);
    }

    Cell outside() {
        return half(-1);
    }

    /** @param sign of the distances for which those on the side that is kept are negative */
    private Cell half(int sign) {
        List<int[]> loops = new ArrayList<>(whole.loops().length + 1);
        List<HalfSpace> planes = new ArrayList<>(whole.loops().length + 1);
        for (int i = 0; i < whole.loops().length; i++) {
            int[] part = part(whole.loops()[i], sign);
            if (part.length > 0) {
                loops.add(part);
                planes.add(whole.planes()[i]);
            }
        }
        planes.add(sign > 0 ? boundary : boundary.complement());
        return new Half(sign).close(loops, planes.toArray(HalfSpace[]::new));
    }

    /** What of a face lies on one side: none of it if that is no more than an edge. */
    private int[] part(int[] loop, int sign) {
        boolean anyIn = false;
        boolean anyOut = false;
        for (int point : loop) {
            anyIn |= isIn(point, sign);
            anyOut |= isIn(point, -sign);
        }
        if (!anyIn) {
            return NONE;
        }
        return anyOut ? sawn(loop, sign) : loop;
    }

    private int[] sawn(int[] loop, int sign) {
        // A convex polygon is cut in two places at most.
        int[] kept = new int[loop.length + 2];
        int count = 0;
        for (int i = 0; i < loop.length; i++) {
            int from = loop[i];
            int to = loop[(i + 1) % loop.length];
            if (!isIn(from, -sign)) {
                kept[count++] = from;
            }
            if (isIn(from, 1) && isIn(to, -1) || isIn(from, -1) && isIn(to, 1)) {
                kept[count++] = cut(from, to);
            }
        }
        return Arrays.copyOf(kept, count);
    }

    private boolean isIn(int point, int sign) {
        return sign * distances[point] < -Tolerance.LENGTH;
    }

    private int cut(int from, int to) {
        for (int i = 0; i < cuts.size(); i++) {
            if (cuts.get(i).is(from, to)) {
                return distances.length + i;
            }
        }
        double share = distances[from] / (distances[from] - distances[to]);
        cuts.add(new Cut(from, to, Plain.between(whole.points()[from], whole.points()[to], share)));
        return distances.length + cuts.size() - 1;
    }

    private Vector3D point(int number) {
        return number < distances.length ? whole.points()[number] : cuts.get(number - distances.length).at();
    }

    /** One half while its points are numbered: those on the cut, then those inside, then those that fall together with one on the cut. */
    private final class Half {

        private final int sign;
        private final Vector3D[] points = new Vector3D[distances.length + cuts.size()];
        private final int[] numbers = new int[points.length];
        private int count;

        Half(int sign) {
            this.sign = sign;
            Arrays.fill(numbers, -1);
        }

        Cell close(List<int[]> parts, HalfSpace[] planes) {
            parts.forEach(this::numberRim);
            int rim = count;
            numberInside(0, whole.distinct());
            int distinct = count;
            numberInside(whole.distinct(), distances.length);
            int[][] loops = new int[planes.length][];
            for (int i = 0; i < parts.size(); i++) {
                loops[i] = renumbered(parts.get(i));
            }
            loops[parts.size()] = aroundNormal(rim, planes[parts.size()].normal());
            return new Cell(Arrays.copyOf(points, count), distinct, planes, loops);
        }

        private void numberRim(int[] part) {
            for (int point : part) {
                if (numbers[point] < 0 && isOnRim(point) && isNew(point(point))) {
                    number(point);
                }
            }
        }

        private boolean isOnRim(int point) {
            return point >= distances.length || !isIn(point, sign);
        }

        private boolean isNew(Vector3D point) {
            for (int i = 0; i < count; i++) {
                if (Plain.squaredDistance(points[i], point) < 4 * Tolerance.LENGTH * Tolerance.LENGTH) {
                    return false;
                }
            }
            return true;
        }

        private void numberInside(int from, int to) {
            for (int i = from; i < to; i++) {
                if (isIn(i, sign)) {
                    number(i);
                }
            }
        }

        private void number(int point) {
            numbers[point] = count;
            points[count++] = point(point);
        }

        private int[] renumbered(int[] part) {
            int[] loop = new int[part.length];
            for (int i = 0; i < loop.length; i++) {
                if (numbers[part[i]] < 0) {
                    number(part[i]);
                }
                loop[i] = numbers[part[i]];
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

    /** Grows with the angle from x towards y as that does, from 0 to 4, without its cost. */
    private static double turn(double x, double y) {
        double share = x / (Math.abs(x) + Math.abs(y));
        return y < 0 ? 3 + share : 1 - share;
    }
}
