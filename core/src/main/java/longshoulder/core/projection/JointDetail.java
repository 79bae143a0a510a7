package longshoulder.core.projection;

import static longshoulder.core.reckoning.Amount.mm;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import longshoulder.core.frame.Dimension;
import longshoulder.core.frame.Piece;
import longshoulder.core.geometry.HalfSpace;
import longshoulder.core.geometry.Pose;
import longshoulder.core.geometry.Skin;
import longshoulder.core.geometry.Solid;
import longshoulder.core.geometry.Tolerance;
import longshoulder.core.geometry.View;
import longshoulder.core.joint.Joint;
import longshoulder.core.joint.Meeting;
import longshoulder.core.joint.SectionFrame;
import longshoulder.core.joint.SectionPlane;
import longshoulder.core.joint.Sketch;
import longshoulder.core.plan.Plan;
import org.apache.commons.geometry.euclidean.threed.Vector3D;

/**
 * One joint drawn large: the end of its rail and the stretch of its post round it, with whatever else enters the post there;
 * together or pulled apart along the way in which it goes home; whole or in section.
 */
public final class JointDetail {

    private final Plan plan;
    private final Joint joint;
    private final Piece rail;
    private final SectionFrame frame;

    public JointDetail(Plan plan, Joint joint) {
        this.plan = plan;
        this.joint = joint;
        this.rail = joint.meeting().tenonPiece();
        this.frame = SectionFrame.of(joint);
    }

    /** How far the rail is pulled out when it is quite apart, in millimetres. */
    public double farthest() {
        if (!joint.kind().isForEnds()) {
            return window() / 2;
        }
        return 1.15 * joint.addedLength().value().toMillimetres() + mm(rail.width()) / 3 + sideways();
    }

    /** What goes home sideways has to be drawn out over its whole width. */
    private double sideways() {
        return Math.abs(joint.homeward().dot(rail.pose().across())) > 0.5 ? mm(rail.width()) : 0;
    }

    /** The two pieces and the loose parts, pulled apart by a share of the whole way. */
    public List<DrawnPart> apart(double share) {
        Vector3D back = joint.homeward().multiply(-share * farthest());
        List<DrawnPart> shown = new ArrayList<>(List.of(post(), end().moved(back)));
        if (!joint.loosePart().isNothing()) {
            shown.add(
                    DrawnPart.part(joint.id(), joint.loosePart())
                            .moved(joint.looseWay().multiply(share * farthest() / 2)));
        }
        return shown;
    }

    /** All that lies behind the plane of a section, with the joint closed. */
    public List<DrawnPart> section(SectionPlane section) {
        HalfSpace behind = plane(section);
        return Stream.concat(Stream.of(post(), end()), Stream.of(joint.loosePart()).filter(part -> !part.isNothing())
                .map(part -> DrawnPart.part(joint.id(), part))).map(part -> part.cutOpen(behind))
                .filter(part -> !part.cutShape().isNothing()).toList();
    }

    /** The faces that the plane of a section cuts, in the view of that section. */
    public List<Patch> cutFaces(SectionPlane section) {
        HalfSpace plane = plane(section);
        View view = view(section);
        return section(section)
                .stream().flatMap(part -> part.cutShape().boundary().skin().faces().stream().map(Skin.Face::polygon)
                        .filter(face -> face.plane().normal().dot(plane.normal()) > 1 - Tolerance.DIRECTION
                                && Math.abs(face.plane().offset() - plane.offset()) < Tolerance.LENGTH)
                        .map(face -> new Patch(part.piece(), face.corners().stream().map(view::flat).toList(), 1, 0)))
                .toList();
    }

    /** How to look at a section. */
    public View view(SectionPlane section) {
        return frame.view(section);
    }

    /** The figures that a section shows, as the joint's own file places them. */
    public List<Dimension> dimensions(SectionPlane section) {
        return Sketch.of(joint).in(section);
    }

    /** The plane of a section; what is drawn lies inside. */
    public HalfSpace plane(SectionPlane section) {
        if (!joint.kind().isForEnds()) {
            return HalfSpace.through(frame.pose().origin(), view(section).toEye());
        }
        double y = joint.middle().getX();
        double z = joint.middle().getY();
        Pose pose = rail.pose();
        return switch (section) {
            case ELEVATION -> HalfSpace.through(pose.toWorld(0, 0, z), pose.out());
            case PLAN -> HalfSpace.through(pose.toWorld(0, y, 0), pose.across().negate());
            case ACROSS -> HalfSpace.through(
                    pose.toWorld(pose.run(joint.meeting().shoulder(), y, z), y, z)
                            .add(joint.meeting().inward().multiply(half())),
                    joint.meeting().inward());
        };
    }

    /** Half of how far the joint reaches into the post. */
    private double half() {
        double reach = joint.mortised().isEmpty()
                ? joint.addedLength().value().toMillimetres()
                : Math.min(mm(joint.mortised().getFirst().length()), mm(joint.meeting().postExtent()));
        return Math.max(1, reach / 2);
    }

    /** The rail's end: as much of it as the joint is wide. */
    private DrawnPart end() {
        Solid solid = plan.piece(rail.id()).solid();
        if (!joint.kind().isForEnds()) {
            return windowed(rail.id(), solid);
        }
        double shown = Math.min(1.2 * mm(rail.width()) + 20, mm(rail.length()) / 2);
        Vector3D foot = rail.pose().toWorld(rail.pose().run(joint.meeting().shoulder(), 0, 0), 0, 0);
        Vector3D.Unit inward = joint.meeting().inward();
        return DrawnPart.part(rail.id(),
                solid.clip(HalfSpace.through(foot.subtract(inward.multiply(shown)), inward.negate())));
    }

    /** The post over the rail's width and a little more at both ends. */
    private DrawnPart post() {
        Meeting meeting = joint.meeting();
        Solid solid = plan.piece(meeting.mortisePiece().id()).solid();
        if (!joint.kind().isForEnds()) {
            return windowed(meeting.mortisePiece().id(), solid);
        }
        double more = 0.35 * mm(rail.width()) + 15;
        Vector3D.Unit along = meeting.mortisePiece().pose().along();
        double run = rail.pose().run(meeting.shoulder(), 0, 0);
        Vector3D near = rail.pose().toWorld(run, 0, 0);
        Vector3D far = rail.pose().toWorld(rail.pose().run(meeting.shoulder(), mm(rail.width()), 0), mm(rail.width()),
                0);
        double a = along.dot(near);
        double b = along.dot(far);
        return DrawnPart.part(meeting.mortisePiece().id(), solid.clip(new HalfSpace(along, Math.max(a, b) + more))
                .clip(new HalfSpace(along.negate(), -(Math.min(a, b) - more))));
    }

    /** How far from the middle of a groove or a crossing anything is shown, in millimetres. */
    private double window() {
        Piece post = joint.meeting().mortisePiece();
        double stock = Math.max(mm(post.width()), mm(post.thickness()));
        return 30 + 1.2 * (joint.meeting().part() == Meeting.Part.MIDDLE
                ? Math.max(stock, Math.max(mm(rail.width()), mm(rail.thickness())))
                : stock);
    }

    private DrawnPart windowed(String piece, Solid solid) {
        Solid rest = solid;
        for (Vector3D.Unit axis : List.of(frame.pose().along(), frame.pose().across(), frame.pose().out())) {
            HalfSpace through = HalfSpace.through(frame.pose().origin(), axis);
            rest = rest.clip(through.moved(window())).clip(through.complement().moved(window()));
        }
        return DrawnPart.part(piece, rest);
    }

}
