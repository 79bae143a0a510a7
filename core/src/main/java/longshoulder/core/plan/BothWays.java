package longshoulder.core.plan;

import longshoulder.core.measure.Angle;
import longshoulder.core.measure.Length;

/**
 * An angled piece with equal splay at both ends, proved two ways from what the maker measured: the tip-to-tip lengths along
 * both edges give an angle, atan((long − short) / (2 · width)), and the bevel gives another. Each measure is held against the plan too:
 * three that agree with each other may all be those of another piece.
 *
 * @param fromEdges the angle that the two lengths give
 * @param odd the one measure that is out with the others and with the plan
 * @param shorterBy by how much the shorter edge is longer than planned; negative where it is shorter
 * @param longerBy the same of the longer edge
 * @param bevelBy by how much the bevel is steeper than planned, in degrees; negative where it is flatter
 */
public record BothWays(Angle fromEdges, Odd odd, Length shorterBy, Length longerBy, double bevelBy) {

    /** What a careful maker can hold, in degrees. */
    private static final double AGREES = 0.1;

    /** The same for a length. */
    private static final Length NEAR = Length.ofMicrometres(500);

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
        Length shorterBy = shortEdge.minus(planned.shortPoint());
        Length longerBy = longEdge.minus(planned.longPoint());
        double bevelBy = fromSquare.degrees() - Math.abs(planned.faceAngle());
        boolean agree = Math.abs(fromEdges.degrees() - fromSquare.degrees()) <= AGREES;
        return new BothWays(fromEdges, agree
                ? Odd.NONE
                : odd(Math.abs(bevelBy), degrees(shorterBy, across), degrees(longerBy, across)), shorterBy, longerBy,
                bevelBy);
    }

    /** Each in the same measure: how far it shifts the angle from the planned one. */
    private static Odd odd(double bevel, double shorter, double longer) {
        double worst = Math.max(bevel, Math.max(shorter, longer));
        return worst == bevel ? Odd.BEVEL : worst == shorter ? Odd.SHORT_EDGE : Odd.LONG_EDGE;
    }

    /** Whether the shorter edge is as planned. */
    public boolean isShorterAsPlanned() {
        return !shorterBy.abs().isGreaterThan(NEAR);
    }

    /** Whether the longer edge is as planned. */
    public boolean isLongerAsPlanned() {
        return !longerBy.abs().isGreaterThan(NEAR);
    }

    /** Whether the bevel is as planned. */
    public boolean isBevelAsPlanned() {
        return Math.abs(bevelBy) <= AGREES;
    }

    /** Whether the measures agree with each other and with the plan. */
    public boolean isRight() {
        return odd == Odd.NONE && isShorterAsPlanned() && isLongerAsPlanned() && isBevelAsPlanned();
    }

    private static double degrees(Length off, double across) {
        return Math.toDegrees(Math.atan(Math.abs(off.toMillimetres()) / across));
    }
}
