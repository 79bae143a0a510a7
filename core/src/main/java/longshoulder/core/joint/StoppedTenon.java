package longshoulder.core.joint;

import java.util.Optional;
import java.util.stream.DoubleStream;
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
        return prism(meeting.shoulder().complement(), mm(length));
    }

    @Override
    public Solid removes() {
        // From the post's own surface: a rail cut short or long does not make its mortise shallower or deeper.
        return prism(meeting.surface(), mm(depth));
    }

    /**
     * What lies between the cheeks and edges of the tenon, from the boundary of a half space into it, as deep as
     * {@code run} along the rail. In line with the rail, so the mortise slants where the shoulder does.
     */
    private Solid prism(HalfSpace from, double run) {
        Piece rail = meeting.rail();
        double z1 = mm(rail.thickness()) - mm(faceShoulder);
        double z0 = z1 - mm(thickness);
        double y0 = mm(edgeShoulder);
        double y1 = y0 + mm(width);
        Pose pose = rail.pose();
        boolean start = meeting.end() == Meeting.End.START;
        double mouth = pose.run(from, 0, 0);
        if (meeting.isSquare()) {
            return Solid.of(start
                    ? Cell.box(pose, mouth - run, y0, z0, mouth, y1, z1)
                    : Cell.box(pose, mouth, y0, z0, mouth + run, y1, z1));
        }
        double reach = Math.abs(run) + 2 * (y1 + z1);
        HalfSpace tip = from.complement().moved(run * Math.abs(from.normal().dot(pose.along())));
        return Solid.of(Cell.box(pose, mouth - reach, y0, z0, mouth + reach, y1, z1).flatMap(cell -> cell.clip(from))
                .flatMap(cell -> cell.clip(tip)));
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
        Amount square = Amount.sum(Label.of("amount.mortiseFromEnd")).plus(meeting.seat().drop()).plus(edgeShoulder)
                .amount();
        return meeting.isSquare() ? square : traced("amount.mortiseFromEnd", square, 0);
    }

    /** From the post's end to the far end of the mortise. */
    public Amount mortiseToEnd() {
        Amount square = Amount.sum(Label.of("amount.mortiseToEnd")).plus(mortiseFromEnd()).plus(width).amount();
        return meeting.isSquare() ? square : traced("amount.mortiseToEnd", square, mm(width));
    }

    /** Where an edge of the slanted mortise opens in the post's face, from the post's end along its near arris. */
    private Amount traced(String key, Amount square, double beyond) {
        Piece rail = meeting.rail();
        Piece post = meeting.post();
        double y = mm(edgeShoulder) + beyond;
        double z = mm(rail.thickness()) - mm(faceShoulder);
        Vector3D mouth = rail.pose().toWorld(rail.pose().run(meeting.surface(), y, z), y, z);
        HalfSpace end = meeting.postEnd() == Meeting.End.START ? post.shape().start() : post.shape().finish();
        double along = -end.distance(mouth) / Math.abs(end.normal().dot(post.pose().along()));
        return new Amount.Traced(Label.of(key), Length.fromMillimetres(along), square.parts(),
                Label.of("rule.planes"));
    }

    /** The plane of the cheek that one comes to first when going in a direction, or last; the direction points out of it. */
    HalfSpace cheekTowards(Vector3D.Unit direction, boolean last) {
        Piece rail = meeting.rail();
        double outer = mm(rail.thickness()) - mm(faceShoulder);
        double inner = outer - mm(thickness);
        boolean outwards = direction.dot(rail.pose().out()) > 0;
        return HalfSpace.through(rail.pose().toWorld(0, 0, outwards == last ? outer : inner), direction);
    }

    /** How far the four long edges of the tenon run from the shoulder to a plane, in millimetres. */
    DoubleStream runs(HalfSpace plane) {
        Piece rail = meeting.rail();
        double outer = mm(rail.thickness()) - mm(faceShoulder);
        double sign = meeting.end() == Meeting.End.START ? -1 : 1;
        return DoubleStream.of(outer, outer - mm(thickness)).flatMap(z -> DoubleStream
                .of(mm(edgeShoulder), mm(edgeShoulder) + mm(width))
                .map(y -> sign * (rail.pose().run(plane, y, z) - rail.pose().run(meeting.shoulder(), y, z))));
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
        for (double z : new double[]{mm(rail.thickness()) - mm(faceShoulder),
                mm(rail.thickness()) - mm(faceShoulder) - mm(thickness)}) {
            Vector3D foot = rail.pose().toWorld(rail.pose().run(meeting.shoulder(), 0, z), 0, z);
            shortest = Math.min(shortest, -plane.distance(foot) / advance);
        }
        return Length.least(length.value(), Length.fromMillimetres(shortest));
    }

    private static double mm(Amount amount) {
        return amount.value().toMillimetres();
    }
}
