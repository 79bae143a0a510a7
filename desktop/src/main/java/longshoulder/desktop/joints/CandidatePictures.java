package longshoulder.desktop.joints;

import java.time.Duration;
import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import longshoulder.core.brief.Address;
import longshoulder.core.brief.JointKind;
import longshoulder.core.brief.Value;
import longshoulder.core.geometry.View;
import longshoulder.core.joint.Joint;
import longshoulder.core.plan.Plan;
import longshoulder.core.plan.Planner;
import longshoulder.core.project.Edit;
import longshoulder.core.project.Project;
import longshoulder.core.projection.JointDetail;
import longshoulder.core.projection.Projection;
import longshoulder.desktop.document.Background;
import longshoulder.desktop.paint.BackgroundPictures;
import longshoulder.desktop.paint.Picture;
import longshoulder.desktop.paint.SmallPicture;

/**
 * Small pictures of one joint as each of its types would make it, drawn apart. Each asks for a plan of its own, so they are begun when
 * edits have paused.
 */
final class CandidatePictures {

    private static final double WIDTH = 184;
    private static final double HEIGHT = 72;
    private static final View EYE = View.pictorial(28, 24);
    private static final double APART = 0.8;
    private static final Duration PAUSE = Duration.ofMillis(120);

    private final BackgroundPictures<Subject, JointKind> pictures;
    private String joint = "";

    /** Whose pictures they are. */
    private record Subject(Project project, String joint, JointKind present) {}

    CandidatePictures(Background background) {
        pictures = new BackgroundPictures<>(background.waiting(PAUSE), WIDTH, HEIGHT, CandidatePictures::paint);
    }

    /** Where a type is shown. */
    Node of(JointKind kind) {
        return pictures.frame(kind);
    }

    /** Draws a joint as each of the types would make it, in the order given. */
    void draw(Project project, Joint chosen, List<JointKind> kinds) {
        if (!chosen.id().equals(joint)) {
            joint = chosen.id();
            pictures.clear();
        }
        pictures.want(new Subject(project, joint, chosen.kind()), kinds, of(chosen.kind()));
    }

    /** Nobody sees them any more. */
    void drop() {
        pictures.drop();
    }

    private static Optional<Picture> paint(Subject subject, JointKind kind, double pixels) {
        Project with = kind == subject.present
                ? subject.project
                : new Edit.Give(Address.of(subject.joint, JointKind.CHOICE), new Value.Chosen(kind.id()))
                        .applyTo(subject.project);
        Plan plan = Planner.plan(with);
        return plan.joints().stream().filter(one -> one.id().equals(subject.joint)).findFirst()
                .map(one -> Projection.visibleOf(new JointDetail(plan, one).apart(APART), EYE))
                .map(drawn -> new SmallPicture(drawn, plan).painted(WIDTH, HEIGHT, pixels));
    }
}
