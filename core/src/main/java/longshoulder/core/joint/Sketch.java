package longshoulder.core.joint;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import longshoulder.core.frame.Dimension;
import longshoulder.core.frame.Dimension.Side;
import longshoulder.core.reckoning.Amount;
import org.apache.commons.geometry.euclidean.threed.Vector3D;

/**
 * The figures of a joint in its drawing, as its own file places them: in which section, between which lines, on which side. Places
 * are those of {@link SectionFrame}. What would run into another figure on its side stands a row farther out.
 */
public final class Sketch {

    /** Figures whose lines are nearer to each other than this, in millimetres, do not stand in one row. */
    private static final double BETWEEN = 20;

    private record Placed(SectionPlane plane, Dimension dimension, double low, double high) {
        boolean runsInto(SectionPlane other, Side side, int rank, double from, double to, double between) {
            return plane == other && dimension.side() == side && dimension.rank() == rank
                    && Math.min(from, to) - between < high && low < Math.max(from, to) + between;
        }
    }

    private final SectionFrame frame;
    private final List<Placed> placed = new ArrayList<>();

    private Sketch(SectionFrame frame) {
        this.frame = frame;
    }

    /** The figures of a joint. */
    public static Sketch of(Joint joint) {
        Sketch sketch = new Sketch(SectionFrame.of(joint));
        joint.draw(sketch);
        return sketch;
    }

    /** Those in a section. */
    public List<Dimension> in(SectionPlane plane) {
        return placed.stream().filter(one -> one.plane == plane).map(Placed::dimension).toList();
    }

    /** Into the post, in the elevation: between two places x, at a height y; above or below the section. */
    Sketch run(Side side, Amount amount, double from, double to, double y) {
        return level(SectionPlane.ELEVATION, side, amount, from, to, frame.point(from, y, 0), frame.point(to, y, 0));
    }

    /** Into the post, in the plan: between two places x, at z. */
    Sketch depth(Side side, Amount amount, double from, double to, double z) {
        return level(SectionPlane.PLAN, side, amount, from, to, frame.point(from, 0, z), frame.point(to, 0, z));
    }

    /** Through the thickness, across the rail: between two places z, at a height y. */
    Sketch thickness(Amount amount, double from, double to, double y) {
        return level(SectionPlane.ACROSS, Side.BELOW, amount, from, to, frame.point(0, y, from),
                frame.point(0, y, to));
    }

    /** Across the width, in the elevation: between two heights y, at x; beyond the post. */
    Sketch width(Amount amount, double from, double to, double x) {
        return upright(SectionPlane.ELEVATION, amount, from, to, frame.point(x, from, 0), frame.point(x, to, 0));
    }

    /** Through the thickness, in the plan: between two places z, at x; beyond the post. */
    Sketch thicknessInPlan(Amount amount, double from, double to, double x) {
        return upright(SectionPlane.PLAN, amount, from, to, frame.point(x, 0, from), frame.point(x, 0, to));
    }

    private Sketch level(SectionPlane plane, Side side, Amount amount, double from, double to, Vector3D a,
            Vector3D b) {
        boolean said = placed.stream().anyMatch(one -> one.plane == plane && one.dimension.side() == side
                && one.dimension.amount().equals(amount));
        return said ? this : place(plane, side, amount, from, to, a, b, BETWEEN);
    }

    private Sketch upright(SectionPlane plane, Amount amount, double from, double to, Vector3D a, Vector3D b) {
        boolean right = frame.inward().dot(frame.view(plane).right()) > 0;
        // Figures with room between their own ticks may stand in line.
        double between = Math.abs(to - from) < BETWEEN ? BETWEEN : -1e-6;
        return place(plane, right ? Side.RIGHT : Side.LEFT, amount, from, to, a, b, between);
    }

    private Sketch place(SectionPlane plane, Side side, Amount amount, double from, double to, Vector3D a, Vector3D b,
            double between) {
        if (!amount.value().isPositive()) {
            return this;
        }
        int rank = IntStream.iterate(0, row -> row + 1)
                .filter(row -> placed.stream().noneMatch(one -> one.runsInto(plane, side, row, from, to, between)))
                .findFirst().orElseThrow();
        placed.add(new Placed(plane, new Dimension(frame.view(plane), a, b, side, rank, amount), Math.min(from, to),
                Math.max(from, to)));
        return this;
    }
}
