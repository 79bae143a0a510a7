package longshoulder.core.geometry;

import java.util.ArrayList;
import java.util.List;
import org.apache.commons.geometry.euclidean.threed.Vector3D;

/**
 * A cell sawn in two along a plane that passes through it. Both halves come from one walk over its faces: what is cut most is cut
 * out, and then both are wanted.
 */
final class Halves {

    private final Half inside;
    private final Half outside;

    /** @param both whether the half outside is wanted too */
    private Halves(Cell whole, HalfSpace keep, boolean both) {
        this.inside = new Half(whole, keep);
        this.outside = new Half(whole, both ? keep.complement() : keep);
        for (Polygon face : whole.faces()) {
            double[] distances = face.distances(keep);
            inside.add(face, distances, 1);
            if (both) {
                outside.add(face, distances, -1);
            }
        }
    }

    /** The half inside. */
    static Cell inside(Cell whole, HalfSpace keep) {
        return new Halves(whole, keep, false).inside.close(whole);
    }

    /** The half inside; the other one is added to those outside. */
    static Cell both(Cell whole, HalfSpace keep, List<Cell> outside) {
        Halves halves = new Halves(whole, keep, true);
        outside.add(halves.outside.close(whole));
        return halves.inside.close(whole);
    }

    /** One half while it is made: its faces, and the corners that lie on the cut. */
    private static final class Half {

        private final HalfSpace keep;
        private final List<Polygon> faces;
        private final List<Vector3D> rim;

        Half(Cell whole, HalfSpace keep) {
            this.keep = keep;
            this.faces = new ArrayList<>(whole.faces().size() + 1);
            this.rim = new ArrayList<>(whole.corners().size());
        }

        /** @param sign of the distances on the side that is kept: 1 where those inside are negative */
        void add(Polygon face, double[] distances, int sign) {
            face.clip(distances, sign).ifPresent(part -> {
                faces.add(part);
                for (Vector3D corner : part.corners()) {
                    if (keep.distance(corner) >= -Tolerance.LENGTH) {
                        addNew(corner);
                    }
                }
            });
        }

        private void addNew(Vector3D point) {
            for (Vector3D known : rim) {
                if (Plain.squaredDistance(known, point) < 4 * Tolerance.LENGTH * Tolerance.LENGTH) {
                    return;
                }
            }
            rim.add(point);
        }

        Cell close(Cell whole) {
            faces.add(new Polygon(keep, aroundNormal(rim, keep.normal())));
            for (Vector3D corner : whole.corners()) {
                if (keep.distance(corner) < -Tolerance.LENGTH) {
                    rim.add(corner);
                }
            }
            return new Cell(faces, rim);
        }
    }

    private static List<Vector3D> aroundNormal(List<Vector3D> points, Vector3D.Unit normal) {
        if (points.isEmpty()) {
            // The cell of a piece that cannot be, as impossible sizes make them, need not be closed.
            return List.of();
        }
        Vector3D sum = Vector3D.ZERO;
        for (Vector3D point : points) {
            sum = sum.add(point);
        }
        Vector3D middle = sum.multiply(1.0 / points.size());
        // Of equal length, which need not be 1: only the angle between them and a point is asked for.
        Vector3D right = points.getFirst().subtract(middle);
        Vector3D up = Plain.cross(normal, right);
        double[] turns = new double[points.size()];
        Vector3D[] around = new Vector3D[points.size()];
        // Few points: put in where they belong, with each angle worked out once.
        for (int i = 0; i < around.length; i++) {
            Vector3D offset = points.get(i).subtract(middle);
            // The first one begins, whatever noise says of its own angle: pieces made alike have to have corners in like order.
            double turn = i == 0 ? 0 : turn(Plain.dot(offset, right), Plain.dot(offset, up));
            int at = i;
            while (at > 0 && turns[at - 1] > turn) {
                turns[at] = turns[at - 1];
                around[at] = around[at - 1];
                at--;
            }
            turns[at] = turn;
            around[at] = points.get(i);
        }
        return List.of(around);
    }

    /** Grows with the angle from x towards y as that does, from 0 to 4, without its cost. */
    private static double turn(double x, double y) {
        double share = x / (Math.abs(x) + Math.abs(y));
        return y < 0 ? 3 + share : 1 - share;
    }
}
