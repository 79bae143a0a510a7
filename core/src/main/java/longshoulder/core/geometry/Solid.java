package longshoulder.core.geometry;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.apache.commons.geometry.euclidean.threed.Vector3D;

/**
 * The exact shape of a piece, such as a rail with its tenons: convex cells that touch but never overlap.
 *
 * <p>Immutable. Adding takes it on trust that what is added does not overlap ({@link #minus} and {@link #intersection} never
 * need to trust). Nothing at all is a solid without cells. The bounds always follow from the cells, whatever is handed in.
 */
public record Solid(List<Cell> cells, Bounds bounds) {

    /** No material. */
    public static final Solid NOTHING = new Solid(List.of());

    public Solid {
        cells = List.copyOf(cells);
        bounds = Bounds.NOTHING;
        for (Cell cell : cells) {
            bounds = bounds.union(cell.bounds());
        }
    }

    public Solid(List<Cell> cells) {
        this(cells, Bounds.NOTHING);
    }

    public static Solid of(Optional<Cell> cell) {
        return cell.map(one -> new Solid(List.of(one))).orElse(NOTHING);
    }

    /** Both together; the two must not overlap. */
    public Solid plus(Solid other) {
        if (other.isNothing()) {
            return this;
        }
        List<Cell> all = new ArrayList<>(cells);
        all.addAll(other.cells);
        return new Solid(all);
    }

    /** What is left when another solid is cut out. */
    public Solid minus(Solid other) {
        if (!bounds.overlaps(other.bounds)) {
            return this;
        }
        List<Cell> rest = cells;
        for (Cell tool : other.cells) {
            List<Cell> cut = new ArrayList<>(rest.size());
            for (Cell cell : rest) {
                if (cell.bounds().overlaps(tool.bounds())) {
                    cut.addAll(cell.minus(tool));
                } else {
                    cut.add(cell);
                }
            }
            rest = cut;
        }
        return new Solid(rest);
    }

    /** What both share. */
    public Solid intersection(Solid other) {
        if (!bounds.overlaps(other.bounds)) {
            return NOTHING;
        }
        List<Cell> shared = new ArrayList<>();
        for (Cell cell : cells) {
            for (Cell theirs : other.cells) {
                cell.intersection(theirs).ifPresent(shared::add);
            }
        }
        return new Solid(shared);
    }

    /** Whether both want the same place: whether they share more than a touch. */
    public boolean overlaps(Solid other) {
        if (!bounds.overlaps(other.bounds)) {
            return false;
        }
        double shared = 0;
        for (Cell cell : cells) {
            for (Cell theirs : other.cells) {
                shared += cell.sharesBall(theirs)
                        ? Tolerance.VOLUME
                        : cell.intersection(theirs).map(Cell::volume).orElse(0.0);
                if (shared >= Tolerance.VOLUME) {
                    return true;
                }
            }
        }
        return false;
    }

    /** More than this, in mm³, cannot lie in both: what the boxes round their cells share. A quick answer where it is little enough. */
    public double mostShared(Solid other) {
        double most = 0;
        for (Cell cell : cells) {
            for (Cell theirs : other.cells) {
                most += cell.bounds().sharedVolume(theirs.bounds());
            }
        }
        return most;
    }

    /** How much of the straight way from one point to another lies inside, in millimetres. */
    public double within(Vector3D from, Vector3D to) {
        return cells.stream().mapToDouble(cell -> cell.within(from, to)).sum();
    }

    /** Whether a point lies inside or on the surface. */
    public boolean holds(Vector3D point) {
        return cells.stream().anyMatch(cell -> cell.holds(point));
    }

    /** The part on the inner side of a half space. */
    public Solid clip(HalfSpace keep) {
        List<Cell> kept = new ArrayList<>(cells.size());
        for (Cell cell : cells) {
            cell.clip(keep).ifPresent(kept::add);
        }
        return new Solid(kept);
    }

    /** The same solid elsewhere. */
    public Solid moved(Vector3D by) {
        return moved(Transform.by(by));
    }

    /** The same solid of an equal piece that stands elsewhere. */
    Solid moved(Transform transform) {
        return new Solid(cells.stream().map(cell -> cell.moved(transform)).toList());
    }

    /** In mm³. */
    public double volume() {
        return cells.stream().mapToDouble(Cell::volume).sum();
    }

    /** Where it would balance, were it of one wood; the origin if it is nothing. */
    public Vector3D centreOfMass() {
        Vector3D moment = Vector3D.ZERO;
        for (Cell cell : cells) {
            moment = moment.add(cell.moment());
        }
        return isNothing() ? moment : moment.multiply(1 / volume());
    }

    public boolean isNothing() {
        return cells.isEmpty();
    }
}
