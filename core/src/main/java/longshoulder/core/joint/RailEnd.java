package longshoulder.core.joint;

import longshoulder.core.frame.Piece;
import longshoulder.core.geometry.Cell;
import longshoulder.core.geometry.HalfSpace;
import longshoulder.core.geometry.Pose;
import longshoulder.core.geometry.Solid;
import longshoulder.core.reckoning.Amount;
import org.apache.commons.geometry.euclidean.threed.Vector3D;

/**
 * The end of a rail as a place to build on: prisms in line with the rail, from its shoulder or from the post's own surface,
 * y across the width from the face edge, z through the thickness from the back. All figures in millimetres.
 */
record RailEnd(Meeting meeting) {

    double width() {
        return mm(meeting.rail().width());
    }

    double thickness() {
        return mm(meeting.rail().thickness());
    }

    static double mm(Amount amount) {
        return amount.value().toMillimetres();
    }

    /** Beyond the rail's shoulder, which may lean. */
    Solid beyondShoulder(double run, double y0, double y1, double z0, double z1) {
        return prism(meeting.shoulder().complement(), run, y0, y1, z0, z1);
    }

    /** Into the post from its own surface: a rail cut short or long does not make its mortise shallower or deeper. */
    Solid intoPost(double run, double y0, double y1, double z0, double z1) {
        return prism(meeting.surface(), run, y0, y1, z0, z1);
    }

    /** Back into the rail from its shoulder. */
    Solid intoRail(double run, double y0, double y1, double z0, double z1) {
        return prism(meeting.shoulder(), run, y0, y1, z0, z1);
    }

    /**
     * Square to the post's face and in line with the post, round the middle of these bounds on a plane that is parallel to the
     * face: what a plain mortise holds.
     */
    Solid squareToPost(HalfSpace from, double run, double y0, double y1, double z0, double z1) {
        Pose rail = meeting.rail().pose();
        double y = (y0 + y1) / 2;
        double z = (z0 + z1) / 2;
        Vector3D.Unit into = meeting.surface().normal().negate();
        Vector3D.Unit alongPost = meeting.post().pose().along();
        Vector3D.Unit across = alongPost.dot(rail.across()) > 0 ? alongPost : alongPost.negate();
        Pose pose = new Pose(rail.toWorld(rail.run(from, y, z), y, z), into, across, into.cross(across).normalize());
        double half = (y1 - y0) / 2;
        double thin = (z1 - z0) / 2;
        return Solid.of(Cell.box(pose, 0, -half, -thin, run, half, thin));
    }

    /** From the boundary of a half space into it, as deep as {@code run} along the rail. */
    private Solid prism(HalfSpace from, double run, double y0, double y1, double z0, double z1) {
        Pose pose = meeting.rail().pose();
        double mouth = pose.run(from, 0, 0);
        boolean backwards = from.normal().dot(pose.along()) > 0;
        if (meeting.isSquare()) {
            return Solid.of(backwards
                    ? Cell.box(pose, mouth - run, y0, z0, mouth, y1, z1)
                    : Cell.box(pose, mouth, y0, z0, mouth + run, y1, z1));
        }
        double reach = Math.abs(run) + 2 * (Math.abs(y1) + Math.abs(z1));
        HalfSpace tip = from.complement().moved(run * Math.abs(from.normal().dot(pose.along())));
        return Solid.of(Cell.box(pose, mouth - reach, y0, z0, mouth + reach, y1, z1).flatMap(cell -> cell.clip(from))
                .flatMap(cell -> cell.clip(tip)));
    }

    /**
     * The side of a slanted plane through the rail's line at (y, z) on the shoulder, along which z grows by {@code slope} for
     * each unit into the post; the half space holds lesser z, or greater where {@code above}.
     */
    HalfSpace cheek(HalfSpace mouth, double z, double slope, boolean above) {
        Piece rail = meeting.rail();
        Vector3D foot = rail.pose().toWorld(rail.pose().run(mouth, 0, z), 0, z);
        Vector3D normal = rail.pose().out().subtract(meeting.inward().multiply(slope));
        return HalfSpace.through(foot, above ? normal.negate() : normal);
    }

    /** The same across the width: y grows by {@code slope} for each unit into the post. */
    HalfSpace edge(HalfSpace mouth, double y, double slope, boolean above) {
        Piece rail = meeting.rail();
        Vector3D foot = rail.pose().toWorld(rail.pose().run(mouth, y, 0), y, 0);
        Vector3D normal = rail.pose().across().subtract(meeting.inward().multiply(slope));
        return HalfSpace.through(foot, above ? normal.negate() : normal);
    }
}
