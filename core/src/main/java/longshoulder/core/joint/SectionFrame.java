package longshoulder.core.joint;

import longshoulder.core.geometry.Bounds;
import longshoulder.core.geometry.Pose;
import longshoulder.core.geometry.View;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import org.apache.commons.geometry.euclidean.twod.Vector2D;

/**
 * What the sections of a joint are laid by. Where a rail's end stands on a post: x from the shoulder in the middle of the joint into
 * the post, y across the width from the face edge, z through the thickness from the back. For the side of a panel and for a crossing the origin lies in
 * the middle of what is cut, x into the post; then z looks out of the panel, or y along the rail. All in millimetres.
 *
 * @param inward into the post
 * @param foot where x begins, along the pose
 * @param sign 1 where x grows along the pose, -1 where it grows against it
 */
public record SectionFrame(Pose pose, Vector3D.Unit inward, double foot, double sign) {

    /** The frame of a joint. */
    public static SectionFrame of(Joint joint) {
        Meeting meeting = joint.meeting();
        Pose rail = meeting.tenonPiece().pose();
        if (joint.kind().isForEnds()) {
            Vector2D middle = joint.middle();
            return new SectionFrame(rail, meeting.inward(),
                    rail.run(meeting.shoulder(), middle.getX(), middle.getY()),
                    meeting.part() == Meeting.Part.START ? -1 : 1);
        }
        Bounds cut = joint.site().bounds();
        Vector3D middle = cut.least().lerp(cut.greatest(), 0.5);
        Vector3D.Unit in = meeting.inward();
        Vector3D.Unit across = meeting.part() == Meeting.Part.MIDDLE ? rail.along() : rail.out().cross(in).normalize();
        return new SectionFrame(new Pose(middle, in, across, in.cross(across).normalize()), in, 0, 1);
    }

    /** A place in the world. */
    public Vector3D point(double x, double y, double z) {
        return pose.toWorld(foot + sign * x, y, z);
    }

    /** How to look at a section: square to it, the rail's face edge up or its face side down. */
    public View view(SectionPlane section) {
        Vector3D.Unit toEye = switch (section) {
            case ELEVATION -> pose.out();
            case PLAN -> pose.across().negate();
            case ACROSS -> inward;
        };
        Vector3D.Unit up = section == SectionPlane.PLAN ? pose.out().negate() : pose.across().negate();
        return new View(up.cross(toEye).normalize(), up, toEye);
    }
}
