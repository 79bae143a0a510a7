package longshoulder.core.finding;

import java.util.List;
import java.util.stream.Stream;
import longshoulder.core.frame.Frame;
import longshoulder.core.joint.Joint;
import longshoulder.core.joint.StoppedTenon;
import longshoulder.core.project.Project;

/**
 * What is checked.
 *
 * @param planned the frame as planned
 * @param built the frame with what was really cut
 */
public record Subject(Project project, Frame planned, Frame built, List<Joint> joints) {

    public Subject {
        joints = List.copyOf(joints);
    }

    Stream<StoppedTenon> tenons() {
        return joints.stream().map(joint -> switch (joint) {
            case StoppedTenon tenon -> tenon;
        });
    }
}
