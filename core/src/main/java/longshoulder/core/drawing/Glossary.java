package longshoulder.core.drawing;

import java.util.List;
import java.util.Optional;
import longshoulder.core.brief.Address;
import longshoulder.core.brief.JointKind;
import longshoulder.core.brief.Value;
import longshoulder.core.geometry.View;
import longshoulder.core.joint.Joint;
import longshoulder.core.kind.Kinds;
import longshoulder.core.measure.Angle;
import longshoulder.core.measure.Showing;
import longshoulder.core.plan.Plan;
import longshoulder.core.plan.PlannedPiece;
import longshoulder.core.plan.Planner;
import longshoulder.core.project.Edit;
import longshoulder.core.project.Project;
import longshoulder.core.words.Words;

/** The words of the trade that need a picture, each drawn from a small table that has it. */
public final class Glossary {

    /** The words, in the order in which they are explained: keys of {@code glossary.WORD}. */
    public static final List<String> WORDS = List.of("tenon", "mortise", "shoulder", "haunch", "shoulder-length", "rod",
            "loose-tenon", "bridle", "wedge", "tusk", "splay", "section");

    private static final String JOINT = "apron-front/leg-front-left";
    private static final View EYE = View.pictorial(28, 24);
    private static final double APART = 0.75;
    private static final double EDGE = 2;

    private Glossary() {}

    /** The picture of a word on a page of a size, without any text. */
    public static Page page(String word, double width, double height) {
        Area area = new Area(0, 0, width, height).inset(EDGE, EDGE, EDGE, EDGE);
        return new Page(width, height, word.equals("rod") ? rod(area) : List.of(group(word, area)));
    }

    private static Page.Group group(String word, Area area) {
        return switch (word) {
            case "haunch" -> joint(JointKind.HAUNCHED_TENON, APART, area);
            case "loose-tenon" -> joint(JointKind.LOOSE_TENON, APART, area);
            case "bridle" -> joint(JointKind.BRIDLE, APART, area);
            case "wedge" -> joint(JointKind.BLIND_WEDGED_TENON, APART, area);
            case "tusk" -> joint(JointKind.TUSKED_TENON, APART, area);
            case "mortise" -> joint(JointKind.STOPPED_TENON, 1, area);
            case "shoulder" -> joint(JointKind.STOPPED_TENON, 0.4, area);
            case "shoulder-length" -> bar(area);
            case "splay" -> whole(new Edit.Give("splay.front", new Value.Turned(new Angle(9)))
                    .applyTo(new Edit.Give("splay.side", new Value.Turned(new Angle(9))).applyTo(table())), area);
            case "section" -> section(area);
            default -> joint(JointKind.STOPPED_TENON, APART, area);
        };
    }

    private static Project table() {
        return Project.ofKind(Kinds.find("table").orElseThrow(), "", Showing.TENTH_MILLIMETRES);
    }

    private static Plan plan(JointKind kind) {
        return Planner.plan(new Edit.Give(Address.of(JOINT, JointKind.CHOICE), new Value.Chosen(kind.id()))
                .applyTo(table()));
    }

    private static Joint joint(Plan plan) {
        return plan.joints().stream().filter(joint -> joint.id().equals(JOINT)).findFirst().orElseThrow();
    }

    private static Page.Group joint(JointKind kind, double apart, Area area) {
        Plan plan = plan(kind);
        return new JointMarks(plan, joint(plan), Optional.empty()).apart(apart, EYE, area);
    }

    /** From the face side. */
    private static Page.Group section(Area area) {
        Plan plan = plan(JointKind.STOPPED_TENON);
        JointMarks marks = new JointMarks(plan, joint(plan), Optional.empty());
        SectionLayout.Place place = new SectionLayout(marks.detail(), new Area(0, 0, 400, 200), section -> 0).places()
                .getFirst();
        return new Page.Group(Placement.fitting(place.view().projection().extent(), area), marks.section(place));
    }

    private static Page.Group whole(Project project, Area area) {
        Plan plan = Planner.plan(project);
        Page page = new PictorialDrawing(new DrawingContext(plan, Words.showing(
                project.showing()), (text, size, bold) -> 0), PictorialLook.FIRST).fitted(area.width(), area.height());
        return new Page.Group(page.groups().getFirst().placement(), page.groups().getFirst().marks())
                .shifted(area.left(), area.top());
    }

    private static Page.Group bar(Area area) {
        PlannedPiece piece = Planner.plan(table()).piece("apron-left");
        double scale = area.width() / (piece.length().value().toMillimetres() + 10);
        return new Page.Group(new Placement(scale, area.left() + scale * 45, area.top() + area.height() / 2 + 2),
                new LengthBar(piece, false, false).marks(scale));
    }

    private static List<Page.Group> rod(Area area) {
        Plan plan = Planner.plan(table());
        double side = RodLayout.SIDE;
        return RodLayout.filling(plan, "leg-front-left", area.width() + 2 * side, area.height() + RodLayout.TOP)
                .groups().stream().map(group -> group.shifted(area.left() - side, area.top() - RodLayout.TOP)).toList();
    }
}
