package longshoulder.core.plan;

import java.util.Arrays;
import longshoulder.core.geometry.Pose;
import longshoulder.core.geometry.Tolerance;
import longshoulder.core.measure.Length;
import org.apache.commons.geometry.euclidean.threed.Vector3D;

/**
 * How an end or a shoulder of a piece is cut: the plane of the face that it meets, as saws and bevels see it.
 *
 * @param faceAngle across the wide face, from square, in degrees; 0 for a square end
 * @param edgeAngle across the edge, from square, in degrees
 * @param sawMitre mitre of a crosscut saw, in degrees
 * @param sawTilt tilt of its blade, in degrees
 * @param longPoint length of the longest arris, from this shoulder or end to the other
 * @param shortPoint length of the shortest
 * @param edge which edge has the long point at this end, where it is not square across the face
 * @param side which side has it, where it is not square across the edge
 */
public record EndCut(double faceAngle, double edgeAngle, double sawMitre, double sawTilt, Length longPoint,
        Length shortPoint, LongAt edge, LongAt side) {

    /** Less than this, in degrees, is square. */
    private static final double SQUARE = 1e-9;

    /** Where the long point of an end lies. */
    public enum LongAt {
        NEITHER, FACE_EDGE, FAR_EDGE, FACE_SIDE, BACK
    }

    public boolean isSquare() {
        return Math.abs(faceAngle) < SQUARE && Math.abs(edgeAngle) < SQUARE;
    }

    /** What a bevel gauge is set to across the wide face, in degrees: 90 less the angle. */
    public double faceBevel() {
        return 90 - Math.abs(faceAngle);
    }

    /** What it is set to across the edge. */
    public double edgeBevel() {
        return 90 - Math.abs(edgeAngle);
    }

    /** How far the fence of a sled is set off at the end of a run to cut the angle across the face: run × tan(angle). */
    public Length fence(Length run) {
        return Length.fromMillimetres(run.toMillimetres() * Math.tan(Math.toRadians(Math.abs(faceAngle))));
    }

    /**
     * The cut along a plane with unit normal m, for a piece with axes u (along), v (across) and n (out): face angle =
     * atan(m·v / m·u), edge angle = atan(m·n / m·u), mitre = atan(m·v / m·u), tilt = asin |m·n|.
     *
     * @param m pointing out of the piece
     * @param arrises lengths of the four long edges, in millimetres
     */
    static EndCut along(Pose pose, Vector3D.Unit m, double[] arrises) {
        double u = m.dot(pose.along());
        double face = degrees(Math.atan(m.dot(pose.across()) / u));
        return new EndCut(face, degrees(Math.atan(m.dot(pose.out()) / u)), face,
                degrees(Math.asin(Math.min(1, Math.abs(m.dot(pose.out()))))),
                Length.fromMillimetres(Arrays.stream(arrises).max().orElse(0)),
                Length.fromMillimetres(Arrays.stream(arrises).min().orElse(0)),
                longAt(m.dot(pose.across()), LongAt.FACE_EDGE, LongAt.FAR_EDGE),
                longAt(m.dot(pose.out()), LongAt.BACK, LongAt.FACE_SIDE));
    }

    /** The long point is on the side from which the plane leans away. */
    private static LongAt longAt(double lean, LongAt forward, LongAt backward) {
        if (Math.abs(lean) < Tolerance.DIRECTION) {
            return LongAt.NEITHER;
        }
        return lean > 0 ? forward : backward;
    }

    /** Adding zero turns −0.0 into 0.0, which is what a square end shows. */
    private static double degrees(double radians) {
        return Math.toDegrees(radians) + 0.0;
    }
}
