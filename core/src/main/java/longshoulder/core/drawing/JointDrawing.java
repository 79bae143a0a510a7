package longshoulder.core.drawing;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import longshoulder.core.geometry.View;
import longshoulder.core.joint.Joint;
import longshoulder.core.joint.SectionPlane;
import longshoulder.core.reckoning.Label;

/** A joint in three sections with its figures, beside it the joint pulled apart; its name and type stand over it. */
public final class JointDrawing implements Drawing {

    private static final View EYE = View.pictorial(28, 24);
    private static final double PULLED = 0.6;
    private static final double HEADING = 10;
    private static final double HEADING_SIZE = 4.6;
    private static final double EDGE = 4;
    /** The share of a page's width that the sections have, and the width of the picture to that of the sections. */
    private static final double SECTIONS = 0.62;

    private final DrawingContext context;
    private final Joint joint;
    private final JointMarks marks;

    public JointDrawing(DrawingContext context, Joint joint) {
        this.context = context;
        this.joint = joint;
        marks = new JointMarks(context.plan(), joint, Optional.empty());
    }

    private double captionWidth(SectionPlane section) {
        return context.measure().width(context.words().text(JointMarks.caption(section)), DrawingContext.CAPTION,
                false);
    }

    private SectionLayout layout(Area area) {
        return new SectionLayout(marks.detail(), area, this::captionWidth);
    }

    @Override
    public double largestScale(double width, double height) {
        return layout(sections(width, height)).scale();
    }

    private static Area sections(double width, double height) {
        return new Area(0, HEADING, SECTIONS * width, height - HEADING);
    }

    @Override
    public Area leastPage(double scale) {
        Area sections = layout(new Area(0, 0, 100, 100)).atScale(scale).area();
        return new Area(0, 0, sections.width() / SECTIONS, HEADING + sections.height());
    }

    @Override
    public Page page(double width, double height, double scale) {
        SectionLayout layout = layout(sections(width, height));
        double down = 0;
        if (scale < layout.scale()) {
            layout = layout.atScale(scale);
            down = HEADING;
        }
        List<Page.Group> groups = new ArrayList<>();
        for (SectionLayout.Place place : layout.places()) {
            groups.add(section(layout, place, down));
            groups.add(context.caption(context.words().text(JointMarks.caption(place.section())), place.captionX(),
                    place.captionY() + down + DrawingContext.CAPTION));
        }
        double left = Math.max(sections(width, height).right(), layout.area().right());
        groups.add(marks.apart(PULLED, EYE,
                new Area(left + EDGE, HEADING + EDGE, width - left - 2 * EDGE, height - HEADING - 2 * EDGE)));
        groups.add(DrawingContext.text(heading(), EDGE, HEADING - EDGE, HEADING_SIZE, true, Mark.Align.LEFT,
                Meaning.TEXT));
        return new Page(width, height, groups);
    }

    private Page.Group section(SectionLayout layout, SectionLayout.Place place, double down) {
        List<Mark> all = new ArrayList<>(marks.section(place));
        JointMarks.lines(context, layout, place).forEach(line -> all.add(new Mark.Dimensioned(line)));
        Placement at = place.view().placement();
        return new Page.Group(new Placement(at.scale(), at.x(), at.y() + down), all);
    }

    private String heading() {
        return context.words().sentence(Label.of("drawing.joint", joint.id(),
                Label.of("joint." + joint.type())));
    }
}
