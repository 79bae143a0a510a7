package longshoulder.core.drawing;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import longshoulder.core.geometry.View;
import longshoulder.core.joint.Joint;
import longshoulder.core.joint.SectionPlane;
import longshoulder.core.plan.Plan;
import longshoulder.core.projection.Extent;
import longshoulder.core.projection.JointDetail;
import longshoulder.core.projection.Patch;
import longshoulder.core.projection.Projection;

/** The marks of a joint's sections, hatched where they are cut, and of the joint pulled apart. */
public final class JointMarks {

    /** Between the lines over what a section cuts, in millimetres of paper. */
    private static final double HATCH = 1.3;

    private final JointDetail detail;
    private final Optional<JointDetail> before;
    private final String rail;
    private final ViewMarks views;

    /** @param before the same joint as it was before an edit that is tried out */
    public JointMarks(Plan plan, Joint joint, Optional<JointDetail> before) {
        this.detail = new JointDetail(plan, joint);
        this.before = before;
        rail = joint.meeting().tenonPiece().id();
        views = new ViewMarks(plan, "");
    }

    public JointDetail detail() {
        return detail;
    }

    /** A section without its figures. */
    public List<Mark> section(SectionLayout.Place place) {
        List<Mark> marks = views.of(place.view().projection(), hatched(detail.cutFaces(place.section())));
        before.ifPresent(
                old -> marks.addAll(ViewMarks.former(SectionLayout.projection(old, place.section()))));
        return marks;
    }

    /** Of pieces that meet one is hatched rising and the other falling. */
    private List<Mark> hatched(List<Patch> faces) {
        List<Mark> marks = new ArrayList<>();
        for (Patch face : faces) {
            marks.add(new Mark.Hatched(face.corners(), HATCH, face.piece().equals(rail), Meaning.SECTION));
        }
        return marks;
    }

    /** The lines of a section's figures. */
    public static List<DimensionLine> lines(DrawingContext context, SectionLayout layout, SectionLayout.Place place) {
        return layout.figures(place.section()).stream().map(figure -> context.line(place.view(), figure)).toList();
    }

    /**
     * The joint pulled apart, in the middle of an area at the scale at which it would have room when it is quite apart: it keeps its scale
     * while it is pulled.
     *
     * @param share of the whole way, from 0 to 1
     */
    public Page.Group apart(double share, View eye, Area area) {
        Extent room = Projection.extentOf(detail.apart(0), eye).union(Projection.extentOf(detail.apart(1), eye));
        return new Page.Group(Placement.fitting(room, area),
                views.of(Projection.visibleOf(detail.apart(share), eye)));
    }

    /** The key of a section's caption. */
    public static String caption(SectionPlane section) {
        return "section." + section.name();
    }
}
