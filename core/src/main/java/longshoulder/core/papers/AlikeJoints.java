package longshoulder.core.papers;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import longshoulder.core.brief.JointKind;
import longshoulder.core.frame.Piece;
import longshoulder.core.joint.Joint;
import longshoulder.core.measure.Length;
import longshoulder.core.plan.Plan;
import longshoulder.core.words.Words;

/** Joints of one type with the same figures, between pieces of the same sections: one drawing serves for all. */
record AlikeJoints(List<Joint> joints) {

    AlikeJoints {
        joints = List.copyOf(joints);
    }

    private record Key(JointKind kind, Map<String, Length> figures, List<Length> sections) {

        static Key of(Joint joint) {
            return new Key(joint.kind(), joint.figures().entrySet().stream().collect(
                    Collectors.toMap(Map.Entry::getKey, figure -> figure.getValue().value())),
                    List.of(width(joint.meeting().tenonPiece()), thickness(joint.meeting().tenonPiece()),
                            width(joint.meeting().mortisePiece()), thickness(joint.meeting().mortisePiece())));
        }

        private static Length width(Piece piece) {
            return piece.width().value();
        }

        private static Length thickness(Piece piece) {
            return piece.thickness().value();
        }
    }

    /** All joints of a plan, in the order of the first of each. */
    static List<AlikeJoints> of(Plan plan) {
        Map<Key, List<Joint>> groups = new LinkedHashMap<>();
        plan.joints().forEach(joint -> groups.computeIfAbsent(Key.of(joint), key -> new ArrayList<>()).add(joint));
        return groups.values().stream().map(AlikeJoints::new).toList();
    }

    Joint first() {
        return joints.getFirst();
    }

    /** A sentence that names the others; empty if there are none. */
    String others(Words words) {
        return joints.size() < 2
                ? ""
                : words.text("paper.alike") + " "
                        + joints.stream().skip(1)
                                .map(joint -> joint.meeting().tenonPiece().mark() + " \u2192 "
                                        + joint.meeting().mortisePiece().mark())
                                .collect(Collectors.joining(", "));
    }
}
