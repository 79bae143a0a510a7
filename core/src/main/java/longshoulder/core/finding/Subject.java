package longshoulder.core.finding;

import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import longshoulder.core.frame.Frame;
import longshoulder.core.geometry.Mesh;
import longshoulder.core.joint.Joint;
import longshoulder.core.joint.Tenon;
import longshoulder.core.project.Project;

/**
 * What is checked.
 *
 * @param planned the frame as planned
 * @param built the frame with what was really cut
 * @param outlines edges of each piece with its joints cut, in its own frame of reference, by its id
 */
public record Subject(Project project, Frame planned, Frame built, List<Joint> joints,
        Map<String, List<Mesh.Edge>> outlines) {

    public Subject {
        joints = List.copyOf(joints);
        outlines = Map.copyOf(outlines);
    }

    List<Mesh.Edge> outline(String piece) {
        return outlines.getOrDefault(piece, List.of());
    }

    Thresholds thresholds() {
        return Thresholds.of(project);
    }

    Stream<Tenon> tenons() {
        return joints.stream().flatMap(joint -> joint.tenons().stream());
    }
}
