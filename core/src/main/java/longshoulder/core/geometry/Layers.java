package longshoulder.core.geometry;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.apache.commons.geometry.euclidean.threed.Vector3D;

/**
 * A round cell in layers, from each level at which it has corners to the next.
 *
 * <p>It is sawn out so where it crosses another round one. Sawn out whole, every facet of one would be cut by all facets of the other that
 * it meets; in layers only by those two of the same layer. A leg in which two pairs of round-ended mortises cross has half the cells for
 * it. What crosses nothing leaves fewer faces when it is sawn out whole.
 */
public final class Layers {

    private final Cell whole;
    private final Vector3D.Unit up;
    private final double[] levels;

    private Layers(Cell whole, Vector3D.Unit up) {
        this.whole = whole;
        this.up = up;
        this.levels = levels(whole.corners(), up);
    }

    private static double[] levels(List<Vector3D> corners, Vector3D.Unit up) {
        double[] all = corners.stream().mapToDouble(corner -> Plain.dot(up, corner)).sorted().toArray();
        int count = 0;
        for (double level : all) {
            if (count == 0 || level - all[count - 1] > Tolerance.LENGTH) {
                all[count++] = level;
            }
        }
        return Arrays.copyOf(all, count);
    }

    /** Those of a round cell: it is told by its faces, the first of which that is round faces up or down. */
    private static Optional<Layers> of(Cell cell) {
        return Arrays.stream(cell.planes()).filter(HalfSpace::round).findFirst()
                .map(plane -> new Layers(cell, plane.normal()));
    }

    /**
     * What is to be sawn out, in layers where that takes fewer cuts.
     *
     * @param all that is sawn out of the same solid
     */
    public static Solid where(Solid tool, List<Solid> all) {
        if (tool.cells().stream().flatMap(cell -> of(cell).stream()).findAny().isEmpty()) {
            return tool;
        }
        List<Layers> others = all.stream().flatMap(other -> other.cells().stream())
                .flatMap(cell -> of(cell).stream()).toList();
        return new Solid(tool.cells().stream().flatMap(cell -> of(cell)
                .filter(layers -> others.stream().anyMatch(layers::crosses)).map(Layers::cells)
                .orElse(Stream.of(cell))).toList());
    }

    /** Whether corners of each lie between the levels of the other: a peg that goes through the straight middle of a slot has its own alone. */
    private boolean crosses(Layers other) {
        return !whole.equals(other.whole) && whole.bounds().overlaps(other.whole.bounds())
                && Math.abs(Plain.dot(up, other.up)) > 1 - Tolerance.DIRECTION
                && hasLevelIn(other) && other.hasLevelIn(this);
    }

    private boolean hasLevelIn(Layers other) {
        double turn = Math.signum(Plain.dot(up, other.up));
        double first = turn * other.levels[0];
        double last = turn * other.levels[other.levels.length - 1];
        double least = Math.min(first, last) + Tolerance.LENGTH;
        double greatest = Math.max(first, last) - Tolerance.LENGTH;
        return Arrays.stream(levels).anyMatch(level -> level > least && level < greatest);
    }

    private Stream<Cell> cells() {
        List<Cell> layers = new ArrayList<>();
        Cell rest = whole;
        for (int i = 1; i < levels.length - 1; i++) {
            HalfSpace below = new HalfSpace(up, levels[i]);
            Halves halves = new Halves(rest, below, rest.distances(below));
            layers.add(halves.inside().flatFirst());
            rest = halves.outside();
        }
        layers.add(rest.flatFirst());
        return layers.stream();
    }
}
