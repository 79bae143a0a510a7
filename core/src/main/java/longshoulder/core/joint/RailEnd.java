package longshoulder.core.joint;

import static longshoulder.core.reckoning.Amount.mm;

import java.util.Optional;
import longshoulder.core.frame.Piece;
import longshoulder.core.geometry.Cell;
import longshoulder.core.geometry.HalfSpace;
import longshoulder.core.geometry.Pose;
import longshoulder.core.geometry.Solid;
import longshoulder.core.geometry.Tolerance;
import org.apache.commons.geometry.euclidean.threed.Vector3D;

/**
 * The end of a rail as a place to build on: prisms in line with the rail, from its shoulder or from the post's own surface,
 * y across the width from the face edge, z through the thickness from the back. All figures in millimetres.
 */
record RailEnd(Meeting meeting) {

    /** No point of a round's facets lies farther outside it, in millimetres. */
    private static final double OFF_ROUND = 0.1;

    /**
     * A quarter of a peg and of its hole has at least so many facets, since its volume is all round. Round ends of tenons and mortises, straight
     * for the most part, and holes with play have no more than they need.
     */
    private static final int PEG_FACETS = 6;

    double width() {
        return mm(meeting.tenonPiece().width());
    }

    double thickness() {
        return mm(meeting.tenonPiece().thickness());
    }

    /** Its whole section. */
    Section whole() {
        return new Section(0, width(), 0, thickness());
    }

    /** Beyond the rail's shoulder, which may lean. */
    Solid beyondShoulder(double run, double y0, double y1, double z0, double z1) {
        return beyondShoulder(run, new Section(y0, y1, z0, z1));
    }

    Solid beyondShoulder(double run, Section section) {
        return prism(meeting.shoulder().complement(), run, section);
    }

    /** Beyond the rail's shoulder, from one distance to another. */
    Solid beyondShoulder(double from, double to, Section section) {
        return prism(inFrom(meeting.shoulder().complement(), from), to - from, section);
    }

    /** Into the post from its own surface: a rail cut short or long does not make its mortise shallower or deeper. */
    Solid intoPost(double run, double y0, double y1, double z0, double z1) {
        return intoPost(run, new Section(y0, y1, z0, z1));
    }

    Solid intoPost(double run, Section section) {
        return prism(meeting.surface(), run, section);
    }

    /** Into the post, from one depth to another. */
    Solid intoPost(double from, double to, Section section) {
        return prism(postAt(from), to - from, section);
    }

    /** The part of the post that lies deeper than this. */
    HalfSpace postAt(double depth) {
        return inFrom(meeting.surface(), depth);
    }

    /** What lies farther beyond the shoulder than this. */
    HalfSpace beyondAt(double run) {
        return inFrom(meeting.shoulder().complement(), run);
    }

    /** A point so far beyond the shoulder. */
    Vector3D pointBeyond(double run, double y, double z) {
        Pose pose = meeting.tenonPiece().pose();
        double sign = meeting.part() == Meeting.Part.START ? -1 : 1;
        return pose.toWorld(pose.run(meeting.shoulder(), y, z) + sign * run, y, z);
    }

    /** Back into the rail from its shoulder. */
    Solid intoRail(double run, Section section) {
        return prism(meeting.shoulder(), run, section);
    }

    /** The half space whose boundary lies so far inside this one, along the rail. */
    private HalfSpace inFrom(HalfSpace mouth, double run) {
        return mouth.moved(-run * Math.abs(mouth.normal().dot(meeting.tenonPiece().pose().along())));
    }

    /**
     * Square to the post's face and in line with the post, round the middle of a section on a plane that is parallel to the
     * face: what a plain mortise holds.
     */
    Solid squareToPost(HalfSpace from, double run, Section section) {
        return squareToPost(from, 0, run, section);
    }

    /** The same from one distance to another; what is negative lies on the rail's side of the plane. */
    Solid squareToPost(HalfSpace from, double first, double last, Section section) {
        Pose rail = meeting.tenonPiece().pose();
        double y = section.middleY();
        double z = section.middleZ();
        Vector3D.Unit into = meeting.surface().normal().negate();
        Vector3D.Unit alongPost = meeting.mortisePiece().pose().along();
        Vector3D.Unit across = alongPost.dot(rail.across()) > 0 ? alongPost : alongPost.negate();
        Pose pose = new Pose(rail.toWorld(rail.run(from, y, z), y, z), into, across, into.cross(across).normalize());
        Section middled = new Section(section.y0() - y, section.y1() - y, section.z0() - z, section.z1() - z,
                section.radius());
        return Solid.of(block(pose, first, last, middled));
    }

    /** From the boundary of a half space into it, as deep as {@code run} along the rail. */
    private Solid prism(HalfSpace from, double run, Section s) {
        Pose pose = meeting.tenonPiece().pose();
        double mouth = pose.run(from, 0, 0);
        boolean backwards = from.normal().dot(pose.along()) > 0;
        if (meeting.isSquare()) {
            return Solid.of(backwards ? block(pose, mouth - run, mouth, s) : block(pose, mouth, mouth + run, s));
        }
        double reach = Math.abs(run) + 2 * (Math.abs(s.y0()) + Math.abs(s.y1()) + Math.abs(s.z0()) + Math.abs(s.z1()));
        HalfSpace tip = inFrom(from, run).complement();
        return Solid.of(block(pose, mouth - reach, mouth + reach, s).flatMap(cell -> cell.clip(from))
                .flatMap(cell -> cell.clip(tip)));
    }

    /** From one place along a pose to another, with the corners of its section taken off in facets that touch the round from outside. */
    private static Optional<Cell> block(Pose pose, double from, double to, Section s) {
        if (s.radius() <= 0 || to - from < Tolerance.LENGTH) {
            return Cell.box(pose, from, s.y0(), s.z0(), to, s.y1(), s.z1());
        }
        return Optional.of(rounded(pose, from, to, s, facets(s.radius())));
    }

    /** @param quarter facets in a quarter of a round */
    private static Cell rounded(Pose pose, double from, double to, Section s, int quarter) {
        double[] y = new double[4 * quarter];
        double[] z = new double[4 * quarter];
        // Facets meet half-way between the places where they touch the round, a little outside it.
        double out = s.radius() / Math.cos(Math.PI / 4 / quarter);
        for (int i = 0; i < y.length; i++) {
            double turn = Math.PI / 2 * (i + 0.5) / quarter;
            y[i] = (i < quarter || i >= 3 * quarter ? s.y1() - s.radius() : s.y0() + s.radius())
                    + out * Math.cos(turn);
            z[i] = (i < 2 * quarter ? s.z1() - s.radius() : s.z0() + s.radius()) + out * Math.sin(turn);
        }
        return Cell.round(pose, from, to, y, z);
    }

    /** As many in a quarter of a round as keep it within {@link #OFF_ROUND}. */
    private static int facets(double radius) {
        double half = Math.acos(radius / (radius + OFF_ROUND));
        return (int) Math.ceil(Math.PI / 4 / half);
    }

    /**
     * A round hole or peg, as a prism whose sides touch the round from outside. They lie to the axes of the rail, not of the world: rails
     * made alike have like holes wherever they stand.
     *
     * @param foot where its axis begins
     */
    Solid round(Vector3D foot, Vector3D.Unit axis, double length, double radius) {
        return round(foot, axis, length, radius, Math.max(PEG_FACETS, facets(radius)));
    }

    /** The same of a hole wider than what goes through it: no more facets than it needs, since each that crosses another hole makes cells. */
    Solid clearance(Vector3D foot, Vector3D.Unit axis, double length, double radius) {
        return round(foot, axis, length, radius, facets(radius));
    }

    private Solid round(Vector3D foot, Vector3D.Unit axis, double length, double radius, int quarter) {
        if (radius <= 0 || length < Tolerance.LENGTH) {
            return Solid.NOTHING;
        }
        Pose rail = meeting.tenonPiece().pose();
        boolean lengthwise = Math.abs(axis.dot(rail.along())) > 0.5;
        Vector3D.Unit across = axis.cross(lengthwise ? rail.out() : rail.along()).normalize();
        Pose pose = new Pose(foot, axis, across, axis.cross(across).normalize());
        Section disc = new Section(-radius, radius, -radius, radius, radius);
        return Solid.of(Optional.of(rounded(pose, 0, length, disc, quarter)));
    }

    /**
     * The side of a slanted plane through the rail's line at (y, z) on the shoulder, along which z grows by {@code slope} for
     * each unit into the post; the half space holds lesser z, or greater where {@code above}.
     */
    HalfSpace cheek(HalfSpace mouth, double z, double slope, boolean above) {
        Piece rail = meeting.tenonPiece();
        Vector3D foot = rail.pose().toWorld(rail.pose().run(mouth, 0, z), 0, z);
        Vector3D normal = rail.pose().out().subtract(meeting.inward().multiply(slope));
        return HalfSpace.through(foot, above ? normal.negate() : normal);
    }

    /**
     * Square to the thickness: what lies nearer to the shoulder than a plane through the point at (run, y), whose run grows by
     * {@code slope} for each unit across the width.
     */
    HalfSpace across(double run, double y, double slope) {
        Vector3D normal = meeting.inward().subtract(meeting.tenonPiece().pose().across().multiply(slope));
        return HalfSpace.through(pointBeyond(run, y, 0), normal);
    }

    /** The same across the width: y grows by {@code slope} for each unit into the post. */
    HalfSpace edge(HalfSpace mouth, double y, double slope, boolean above) {
        Piece rail = meeting.tenonPiece();
        Vector3D foot = rail.pose().toWorld(rail.pose().run(mouth, y, 0), y, 0);
        Vector3D normal = rail.pose().across().subtract(meeting.inward().multiply(slope));
        return HalfSpace.through(foot, above ? normal.negate() : normal);
    }
}
