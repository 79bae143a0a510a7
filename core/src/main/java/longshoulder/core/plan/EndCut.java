package longshoulder.core.plan;

import java.util.Arrays;
import longshoulder.core.geometry.Pose;
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
 */
public record EndCut(double faceAngle, double edgeAngle, double sawMitre, double sawTilt, Length longPoint,
        Length shortPoint) {

    /**
     * The cut along a plane with unit normal m, for a piece with axes u (along), v (across) and n (out): face angle =
     * atan(m·v / m·u), edge angle = atan(m·n / m·u), mitre = atan(m·v / m·u), tilt = asin |m·n|.
     *
     * @param arrises lengths of the four long edges, in millimetres
     */
    static EndCut along(Pose pose, Vector3D.Unit m, double[] arrises) {
        double u = m.dot(pose.along());
        double face = degrees(Math.atan(m.dot(pose.across()) / u));
        return new EndCut(face, degrees(Math.atan(m.dot(pose.out()) / u)), face,
                degrees(Math.asin(Math.min(1, Math.abs(m.dot(pose.out()))))),
                Length.fromMillimetres(Arrays.stream(arrises).max().orElse(0)),
                Length.fromMillimetres(Arrays.stream(arrises).min().orElse(0)));
    }

    /** Adding zero turns −0.0 into 0.0, which is what a square end shows. */
    private static double degrees(double radians) {
        return Math.toDegrees(radians) + 0.0;
    }
}
