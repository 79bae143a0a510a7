package longshoulder.core.finding;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import longshoulder.core.brief.JointKind;
import longshoulder.core.geometry.Solid;
import longshoulder.core.joint.Joint;
import longshoulder.core.reckoning.Label;
import longshoulder.core.reckoning.Level;

/** Joints of any type whose parts want the same place inside a post: found from their solids. */
final class JointsCollideCheck implements Check {

    @Override
    public List<Finding> run(Subject subject) {
        List<Finding> findings = new ArrayList<>();
        Map<String, List<Inside>> byPost = subject.joints().stream().map(Inside::of)
                .collect(Collectors.groupingBy(inside -> inside.joint().meeting().mortisePiece().id(),
                        LinkedHashMap::new, Collectors.toList()));
        byPost.values().forEach(all -> inOnePost(subject, all, findings));
        return findings;
    }

    private static void inOnePost(Subject subject, List<Inside> all, List<Finding> findings) {
        for (int i = 0; i < all.size(); i++) {
            for (int j = i + 1; j < all.size(); j++) {
                if (!isToldByLength(all.get(i).joint, all.get(j).joint) && all.get(i).collidesWith(all.get(j))) {
                    findings.add(finding(subject, all.get(i).joint(), all.get(j).joint()));
                }
            }
        }
    }

    /** A joint and what of it lies beyond the shoulder: what it adds, and what holds that in its bores. */
    private record Inside(Joint joint, Solid adds, Solid loose) {

        static Inside of(Joint joint) {
            return new Inside(joint, joint.adds(), joint.loosePart());
        }

        boolean collidesWith(Inside other) {
            return adds.overlaps(other.adds) || adds.overlaps(other.loose) || loose.overlaps(other.adds)
                    || loose.overlaps(other.loose);
        }
    }

    /** Of two tenons that were fitted to each other one that is too long is found by a check of its own, with the figure. */
    private static boolean isToldByLength(Joint one, Joint other) {
        return isFitted(one) && isFitted(other) && (isTooLong(one) || isTooLong(other));
    }

    private static boolean isFitted(Joint joint) {
        return joint.tenons().stream().anyMatch(tenon -> tenon.limit().isPresent());
    }

    private static boolean isTooLong(Joint joint) {
        return joint.tenons().stream().anyMatch(tenon -> tenon.limit()
                .filter(limit -> tenon.length().value().isGreaterThan(limit.value())).isPresent());
    }

    private static Finding finding(Subject subject, Joint one, Joint other) {
        boolean held = Stream.of(one, other).anyMatch(joint -> joint.heldBy().isPresent());
        Remedies remedies = new Remedies(subject);
        // Pegs and bolts reach farther than the joint that they hold: without them there may be room for both.
        List.of(one, other).forEach(joint -> (held ? joint.heldBy() : Optional.of(JointKind.CHOICE))
                .ifPresent(parameter -> remedies.leaveAt(joint.id(), parameter)));
        return new Finding("joints-collide", Concern.JOINTS, Level.STOP,
                List.of(one.id(), other.id(), one.meeting().mortisePiece().id()),
                Label.of("finding.jointsCollide", one.id(),
                        other.id(), one.meeting().mortisePiece().id()),
                remedies.list());
    }
}
