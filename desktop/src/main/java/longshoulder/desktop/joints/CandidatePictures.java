package longshoulder.desktop.joints;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicLong;
import javafx.application.Platform;
import longshoulder.core.brief.Address;
import longshoulder.core.brief.JointKind;
import longshoulder.core.brief.Value;
import longshoulder.core.projection.Projection;
import longshoulder.core.projection.JointDetail;
import longshoulder.core.geometry.View;
import longshoulder.core.joint.Joint;
import longshoulder.core.plan.Plan;
import longshoulder.core.plan.Planner;
import longshoulder.core.project.Edit;
import longshoulder.core.project.Project;
import longshoulder.desktop.paint.FramedPicture;
import longshoulder.desktop.paint.Picture;
import longshoulder.desktop.paint.PictureView;
import longshoulder.desktop.paint.SmallPicture;

/**
 * Small pictures of one joint as each of its types would make it, drawn apart. Each asks for a plan of its own, so they are drawn
 * one after another beside the interface's own thread, when edits have paused; what is asked for last overtakes.
 */
final class CandidatePictures {

    private static final double WIDTH = 184;
    private static final double HEIGHT = 72;

    private static final View EYE = View.pictorial(28, 24);
    private static final double APART = 0.8;

    /** An edit after the last within so many milliseconds finds nothing begun. */
    private static final long PAUSE = 120;

    private final Map<JointKind, FramedPicture> frames = new EnumMap<>(JointKind.class);
    private final AtomicLong asked = new AtomicLong();
    private String joint = "";

    /** Where a type is shown: the same frame for good, so that it is not empty while it waits to be drawn anew. */
    FramedPicture of(JointKind kind) {
        return frames.computeIfAbsent(kind, one -> new FramedPicture(WIDTH, HEIGHT));
    }

    /** Draws a joint as each of the types would make it, in the order given. */
    void draw(Project project, Joint chosen, List<JointKind> kinds) {
        if (!chosen.id().equals(joint)) {
            joint = chosen.id();
            frames.values().forEach(FramedPicture::clear);
        }
        long turn = asked.incrementAndGet();
        double pixels = PictureView.pixels(of(chosen.kind()));
        Thread.startVirtualThread(() -> drawAll(project, chosen, kinds, pixels, turn));
    }

    private void drawAll(Project project, Joint chosen, List<JointKind> kinds, double pixels, long turn) {
        try {
            Thread.sleep(PAUSE);
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
            return;
        }
        for (JointKind kind : kinds) {
            if (asked.get() != turn) {
                return;
            }
            picture(project, chosen, kind).ifPresent(small -> {
                Picture picture = small.painted(WIDTH, HEIGHT, pixels);
                Platform.runLater(() -> {
                    if (asked.get() == turn) {
                        of(kind).show(picture);
                    }
                });
            });
        }
    }

    private static Optional<SmallPicture> picture(Project project, Joint chosen, JointKind kind) {
        Project with = kind == chosen.kind()
                ? project
                : new Edit.Give(Address.of(chosen.id(), JointKind.CHOICE), new Value.Chosen(kind.id()))
                        .applyTo(project);
        Plan plan = Planner.plan(with);
        return plan.joints().stream().filter(one -> one.id().equals(chosen.id())).findFirst()
                .map(one -> new SmallPicture(Projection.visibleOf(new JointDetail(plan, one).apart(APART), EYE),
                        plan));
    }
}
