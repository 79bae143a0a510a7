package longshoulder.desktop.joints;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import javafx.geometry.Rectangle2D;
import longshoulder.core.drawing.DimensionLine;
import longshoulder.core.drawing.DrawingContext;
import longshoulder.core.drawing.JointMarks;
import longshoulder.core.drawing.Mark;
import longshoulder.core.drawing.Page;
import longshoulder.core.drawing.Placement;
import longshoulder.core.drawing.SectionLayout;
import longshoulder.core.joint.Joint;
import longshoulder.core.plan.Plan;
import longshoulder.core.projection.JointDetail;
import longshoulder.desktop.document.Selection;
import longshoulder.desktop.document.Trial;
import longshoulder.desktop.document.Workbench;
import longshoulder.desktop.paint.Picture;
import longshoulder.desktop.paint.Pixels;
import longshoulder.desktop.paint.ScreenPen;

/**
 * A joint painted for a setting: three sections of it closed, and the joint pulled apart. While another joint is tried out it is drawn as
 * it would be, the present one dashed over it. It is made in the background.
 *
 * @param joint as it is drawn; empty where there is none, or no room
 * @param figures to be shown over the picture
 * @param places of the sections
 */
record PaintedJoint(Optional<Joint> joint, Optional<Picture> picture, List<Figure> figures,
        List<SectionLayout.Place> places) {

    private static final PaintedJoint NOTHING = new PaintedJoint(Optional.empty(), Optional.empty(), List.of(),
            List.of());

    /** A figure and the placement of the section that it belongs to. */
    record Figure(DimensionLine line, Placement at) {}

    static PaintedJoint of(Plan present, JointSetting setting) {
        Optional<Joint> worked = Selection.joint(present, setting.piece(), setting.joint());
        if (setting.isNoRoom() || worked.isEmpty()) {
            return NOTHING;
        }
        Plan plan = setting.trial().map(Trial::plan).orElse(present);
        Joint joint = plan.joints().stream().filter(one -> one.id().equals(worked.get().id())).findFirst()
                .orElse(worked.get());
        JointMarks marks = new JointMarks(plan, joint,
                setting.trial().map(trial -> new JointDetail(present, worked.get())));
        Rectangle2D room = JointRoom.sections(setting.width(), setting.height());
        SectionLayout layout = new SectionLayout(marks.detail(),
                Pixels.toArea(room.getMinX(), room.getMinY(), room.getWidth(), room.getHeight()),
                section -> Pixels.toMillimetres(Objects.requireNonNull(setting.captions().get(section))));
        List<Figure> figures = figures(plan, layout);
        Picture picture = Picture.of(setting.width(), setting.height(), setting.pixels(), brush -> {
            ScreenPen pen = new ScreenPen(brush);
            for (SectionLayout.Place place : layout.places()) {
                new Page.Group(place.view().placement(), marks.section(place)).draw(pen);
            }
            figures.forEach(one -> new Page.Group(one.at, List.of(new Mark.Dimensioned(one.line))).draw(pen));
            marks.apart(setting.pull(), setting.eye(), JointRoom.pulled(setting.width(), setting.height())).draw(pen);
        });
        return new PaintedJoint(Optional.of(joint), Optional.of(picture), figures, layout.places());
    }

    private static List<Figure> figures(Plan plan, SectionLayout layout) {
        DrawingContext context = new DrawingContext(plan, Workbench.words(plan.project()), (text, size, bold) -> 0);
        List<Figure> figures = new ArrayList<>();
        for (SectionLayout.Place place : layout.places()) {
            JointMarks.lines(context, layout, place)
                    .forEach(line -> figures.add(new Figure(line, place.view().placement())));
        }
        return figures;
    }
}
