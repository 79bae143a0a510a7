package longshoulder.core.geometry;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.apache.commons.geometry.euclidean.threed.Vector3D;

/**
 * Round tools that cross, in layers, from each level at which one has corners to the next.
 *
 * <p>Sawn out whole, every facet of one would be cut by all facets of the other that it meets; in layers only by those two of the same
 * layer. A leg in which two pairs of round-ended mortises cross has a third of the cells for it. What crosses nothing leaves fewer
 * faces when it is sawn out whole.
 */
public final class Layers {

    private final List<Round> rounds;

    /** @param sawn all that is sawn out of one solid */
    public Layers(List<Solid> sawn) {
        rounds = sawn.stream().flatMap(solid -> solid.cells().stream()).flatMap(cell -> Round.of(cell).stream())
                .toList();
    }

    /** What is to be sawn out next, in layers where that takes fewer cuts. */
    public Solid of(Solid tool) {
        return rounds.isEmpty() ? tool : new Solid(tool.cells().stream().flatMap(this::of).toList());
    }

    private Stream<Cell> of(Cell cell) {
        return rounds.stream().filter(round -> round.cell.equals(cell)).filter(this::crossesAnother).findFirst()
                .map(Round::layers).orElse(Stream.of(cell));
    }

    private boolean crossesAnother(Round round) {
        return rounds.stream().anyMatch(other -> !other.cell.equals(round.cell) && round.crosses(other));
    }

    /** A round cell, and the levels of its corners upwards. */
    private record Round(Cell cell, Vector3D.Unit up, List<Double> levels) {

        /** It is told by its faces, the first of which that is round faces up or down. */
        static Optional<Round> of(Cell cell) {
            return Arrays.stream(cell.planes()).filter(HalfSpace::round).findFirst().map(HalfSpace::normal)
                    .map(up -> new Round(cell, up, levels(cell, up)));
        }

        private static List<Double> levels(Cell cell, Vector3D.Unit up) {
            double[] all = cell.corners().stream().mapToDouble(corner -> Plain.dot(up, corner)).sorted().toArray();
            List<Double> levels = new ArrayList<>();
            for (double level : all) {
                if (levels.isEmpty() || level - levels.getLast() > Tolerance.LENGTH) {
                    levels.add(level);
                }
            }
            return levels;
        }

        /** Whether corners of each lie between the levels of the other: a peg that goes through the straight middle of a slot has its own alone. */
        boolean crosses(Round other) {
            return cell.bounds().overlaps(other.cell.bounds())
                    && Math.abs(Plain.dot(up, other.up)) > 1 - Tolerance.DIRECTION
                    && hasLevelIn(other) && other.hasLevelIn(this);
        }

        private boolean hasLevelIn(Round other) {
            double turn = Math.signum(Plain.dot(up, other.up));
            double first = turn * other.levels.getFirst();
            double last = turn * other.levels.getLast();
            double least = Math.min(first, last) + Tolerance.LENGTH;
            double greatest = Math.max(first, last) - Tolerance.LENGTH;
            return levels.stream().anyMatch(level -> level > least && level < greatest);
        }

        Stream<Cell> layers() {
            List<Cell> layers = new ArrayList<>();
            Cell rest = cell;
            for (double level : levels.subList(1, levels.size() - 1)) {
                HalfSpace below = new HalfSpace(up, level);
                CellSplit halves = new CellSplit(rest, below, rest.distances(below));
                layers.add(halves.inside().flatFirst());
                rest = halves.outside();
            }
            layers.add(rest.flatFirst());
            return layers.stream();
        }
    }
}
