package longshoulder.core.finding;

import java.util.List;
import java.util.stream.Stream;
import longshoulder.core.frame.Frame;
import longshoulder.core.joint.Joint;
import longshoulder.core.joint.Tenon;
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

    Stream<Tenon> tenons() {
        return joints.stream().flatMap(joint -> joint.tenons().stream());
    }
}
