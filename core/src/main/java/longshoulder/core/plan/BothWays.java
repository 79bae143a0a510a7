package longshoulder.core.plan;

import longshoulder.core.measure.Angle;
import longshoulder.core.measure.Length;

/**
 * An angled piece with equal splay at both ends, proved two ways from what the maker measured: the tip-to-tip lengths along
 * both edges give an angle, atan((long − short) / (2 · width)), and the bevel gives another.
 *
 * @param fromEdges the angle that the two lengths give
 * @param odd the one measure that is out with the others and with the plan
 */
public record BothWays(Angle fromEdges, Odd odd) {

    /** What a careful maker can hold, in degrees. */
    private static final double AGREES = 0.1;

    /** Which measure is the odd one out. */
    public enum Odd {
        NONE, SHORT_EDGE, LONG_EDGE, BEVEL
    }

    /**
     * Compares measures with each other and, where they differ, with the plan.
     *
     * @param planned the cut as planned
     * @param width of the piece between the two edges
     * @param shortEdge tip to tip along the shorter edge, as measured
     * @param longEdge the same along the longer one
     * @param fromSquare the angle from square that the bevel shows
     */
    public static BothWays of(EndCut planned, Length width, Length shortEdge, Length longEdge, Angle fromSquare) {
        double across = 2 * width.toMillimetres();
        double difference = longEdge.minus(shortEdge).toMillimetres();
        Angle fromEdges = new Angle(Math.toDegrees(Math.atan(difference / across)));
        if (Math.abs(fromEdges.degrees() - fromSquare.degrees()) <= AGREES) {
            return new BothWays(fromEdges, Odd.NONE);
        }
        // Each in the same measure: how far it shifts the angle from the planned one.
        double bevel = Math.abs(fromSquare.degrees() - Math.abs(planned.faceAngle()));
        double shorter = degrees(shortEdge.minus(planned.shortPoint()), across);
        double longer = degrees(longEdge.minus(planned.longPoint()), across);
        double worst = Math.max(bevel, Math.max(shorter, longer));
        return new BothWays(fromEdges,
                worst == bevel ? Odd.BEVEL : worst == shorter ? Odd.SHORT_EDGE : Odd.LONG_EDGE);
    }

    private static double degrees(Length off, double across) {
        return Math.toDegrees(Math.atan(Math.abs(off.toMillimetres()) / across));
    }
}
