package longshoulder.core.joint;

import java.util.Optional;
import longshoulder.core.frame.Piece;
import longshoulder.core.geometry.Cell;
import longshoulder.core.geometry.HalfSpace;
import longshoulder.core.geometry.Pose;
import longshoulder.core.geometry.Solid;
import longshoulder.core.measure.Length;
import longshoulder.core.reckoning.Amount;
import longshoulder.core.reckoning.Label;
import org.apache.commons.geometry.euclidean.threed.Vector3D;

/**
 * A tenon with four shoulders in a mortise that stops inside the post.
 *
 * @param thickness across the cheeks; the mortise is as wide
 * @param width along the post; the mortise is as long
 * @param length from the shoulder to the tip; on the longer cheek where the end is mitred
 * @param depth of the mortise
 * @param faceShoulder from the rail's face side in to the near cheek
 * @param edgeShoulder from the rail's face edge in to the tenon; the same at the other edge
 * @param limit how long it can be without touching another tenon in the post
 * @param mitre where the end is cut to clear a meeting tenon; the tenon lies inside
 */
public record StoppedTenon(Meeting meeting, Amount thickness, Amount width, Amount length, Amount depth,
        Amount faceShoulder, Amount edgeShoulder, Optional<Amount> limit,
        Optional<HalfSpace> mitre) implements Joint {

    @Override
    public String type() {
        return "stopped-tenon";
    }

    @Override
    public Amount addedLength() {
        return length;
    }

    @Override
    public Solid adds() {
        Solid straight = straight();
        return mitre.map(straight::clip).orElse(straight);
    }

    /** The tenon with its end square, whatever it meets. */
    public Solid straight() {
        return beyondEnd(meeting.rail(), mm(length), 0);
    }

    @Override
    public Solid removes() {
        Piece rail = meeting.rail();
        double x = meeting.end() == Meeting.End.START ? 0 : mm(rail.length());
        // Measured from the post's own surface: a rail cut short or long does not make its mortise shallower or deeper.
        double gap = meeting.surface().distance(rail.pose().toWorld(x, 0, 0));
        return beyondEnd(rail, mm(depth), gap);
    }

    private Solid beyondEnd(Piece rail, double run, double gap) {
        double z1 = mm(rail.thickness()) - mm(faceShoulder);
        double z0 = z1 - mm(thickness);
        double y0 = mm(edgeShoulder);
        double y1 = y0 + mm(width);
        double body = mm(rail.length());
        Pose pose = rail.pose();
        return Solid.of(meeting.end() == Meeting.End.START
                ? Cell.box(pose, -gap - run, y0, z0, -gap, y1, z1)
                : Cell.box(pose, body + gap, y0, z0, body + gap + run, y1, z1));
    }

    /** From the post's reference face to the near cheek of the mortise. */
    public Amount cheekFromReference() {
        return Amount.sum(Label.of("amount.nearCheek")).plus(meeting.seat().setback()).plus(faceShoulder).amount();
    }

    /** From the post's reference face to the far cheek of the mortise. */
    public Amount farCheekFromReference() {
        return Amount.sum(Label.of("amount.farCheek")).plus(cheekFromReference()).plus(thickness).amount();
    }

    /** From the post's end to the near end of the mortise. */
    public Amount mortiseFromEnd() {
        return Amount.sum(Label.of("amount.mortiseFromEnd")).plus(meeting.seat().drop()).plus(edgeShoulder).amount();
    }

    /** From the post's end to the far end of the mortise. */
    public Amount mortiseToEnd() {
        return Amount.sum(Label.of("amount.mortiseToEnd")).plus(mortiseFromEnd()).plus(width).amount();
    }

    /** How far the tenon runs on its shorter cheek where it is mitred: less than its length, or equal. */
    public Length shortCheek() {
        if (mitre.isEmpty()) {
            return length.value();
        }
        HalfSpace plane = mitre.get();
        double advance = plane.normal().dot(meeting.inward());
        double shortest = Double.POSITIVE_INFINITY;
        Piece rail = meeting.rail();
        double x = meeting.end() == Meeting.End.START ? 0 : mm(rail.length());
        for (double z : new double[]{mm(rail.thickness()) - mm(faceShoulder),
                mm(rail.thickness()) - mm(faceShoulder) - mm(thickness)}) {
            Vector3D foot = rail.pose().toWorld(x, 0, z);
            shortest = Math.min(shortest, -plane.distance(foot) / advance);
        }
        return Length.least(length.value(), Length.fromMillimetres(shortest));
    }

    private static double mm(Amount amount) {
        return amount.value().toMillimetres();
    }
}
