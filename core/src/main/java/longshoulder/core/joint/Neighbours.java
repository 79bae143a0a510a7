package longshoulder.core.joint;

import java.util.ArrayList;
import java.util.List;
import java.util.TreeMap;
import java.util.TreeSet;
import longshoulder.core.frame.Piece;
import org.apache.commons.geometry.euclidean.threed.Vector3D;

/**
 * Finds the pieces that can be near some points, without looking at all the others: pieces are laid into bins along the
 * world's length by the corners of their ends.
 */
final class Neighbours {

    /** Width of a bin, in millimetres. */
    private static final double BIN = 250;

    private final List<Piece> pieces;
    private final TreeMap<Long, List<Integer>> bins = new TreeMap<>();

    Neighbours(List<Piece> pieces) {
        this.pieces = pieces;
        for (int i = 0; i < pieces.size(); i++) {
            List<Vector3D> corners = new ArrayList<>(pieces.get(i).shape().corners(pieces.get(i).shape().start()));
            corners.addAll(pieces.get(i).shape().corners(pieces.get(i).shape().finish()));
            for (long bin = first(corners); bin <= last(corners); bin++) {
                bins.computeIfAbsent(bin, key -> new ArrayList<>()).add(i);
            }
        }
    }

    /** The pieces in the bins of these points, in their own order. */
    List<Piece> of(List<Vector3D> points) {
        TreeSet<Integer> near = new TreeSet<>();
        bins.subMap(first(points), true, last(points), true).values().forEach(near::addAll);
        return near.stream().map(pieces::get).toList();
    }

    private static long first(List<Vector3D> points) {
        return bin(points.stream().mapToDouble(Vector3D::getX).min().orElse(0) - 1);
    }

    private static long last(List<Vector3D> points) {
        return bin(points.stream().mapToDouble(Vector3D::getX).max().orElse(0) + 1);
    }

    private static long bin(double x) {
        return (long) Math.floor(x / BIN);
    }
}
