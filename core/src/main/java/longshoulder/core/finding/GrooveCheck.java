package longshoulder.core.finding;

import longshoulder.core.brief.Limits;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import longshoulder.core.brief.Address;
import longshoulder.core.brief.Value;
import longshoulder.core.frame.Piece;
import longshoulder.core.geometry.Solid;
import longshoulder.core.joint.Groove;
import longshoulder.core.joint.Joint;
import longshoulder.core.joint.Meeting;
import longshoulder.core.joint.Tenon;
import longshoulder.core.measure.Length;
import longshoulder.core.project.Edit;
import longshoulder.core.reckoning.Label;
import longshoulder.core.reckoning.Level;

/**
 * Grooves for panels among other joints: one that cuts into a tenon at the end of the piece in which it runs, and a panel of solid
 * wood that is held at both edges with less room than it needs to swell.
 */
final class GrooveCheck implements Check {

    @Override
    public List<Finding> run(Subject subject) {
        List<Joint> grooves = subject.joints().stream().filter(joint -> joint.plain() instanceof Groove).toList();
        Set<String> grooved = grooves.stream().map(joint -> joint.meeting().mortisePiece().id())
                .collect(Collectors.toSet());
        Map<String, List<Tenoned>> tenoned = subject.atEnds().stream()
                .filter(joint -> !joint.tenons().isEmpty() && grooved.contains(joint.meeting().tenonPiece().id()))
                .map(Tenoned::new).collect(Collectors.groupingBy(one -> one.joint.meeting().tenonPiece().id()));
        Set<String> held = heldAtBothEdges(subject);
        List<Finding> findings = new ArrayList<>();
        for (Joint joint : grooves) {
            if (joint.plain() instanceof Groove groove) {
                // The joint caches what it removes; the groove inside would compute it again.
                cutTenons(subject, groove, joint.removes(),
                        tenoned.getOrDefault(groove.meeting().mortisePiece().id(), List.of()), findings);
                if (held.contains(groove.meeting().tenonPiece().id())) {
                    tight(subject, groove, findings);
                }
            }
        }
        return findings;
    }

    /** A joint, and its tenons, worked out when a groove first comes near them: few joints are asked for them, and those by many grooves. */
    private static final class Tenoned {

        private final Joint joint;
        private List<Solid> tenons = List.of();

        Tenoned(Joint joint) {
            this.joint = joint;
        }

        List<Solid> tenons() {
            if (tenons.isEmpty()) {
                tenons = joint.tenons().stream().map(Tenon::adds).toList();
            }
            return tenons;
        }

        /** How much wood is in them, in mm³. */
        double whole() {
            return tenons().stream().mapToDouble(Solid::volume).sum();
        }
    }

    /** @param tenoned the joints whose tenons grow on the piece in which the groove runs */
    private static void cutTenons(Subject subject, Groove groove, Solid cut, List<Tenoned> tenoned,
            List<Finding> findings) {
        double share = subject.brief().ratio(Limits.GROOVE_IN_TENON).toDouble();
        for (Tenoned one : tenoned) {
            // What is added at an end holds its tenons, and is remembered.
            if (cut.mostShared(one.joint.adds()) == 0) {
                continue;
            }
            double whole = one.whole();
            if (one.tenons().stream().mapToDouble(cut::mostShared).sum() <= whole * share) {
                continue;
            }
            Joint joint = one.joint;
            double lost = one.tenons().stream().mapToDouble(tenon -> cut.intersection(tenon).volume()).sum();
            if (lost > whole * share) {
                findings.add(
                        new Finding("groove-cuts-tenon", Concern.JOINTS, Level.RISK, List.of(groove.id(), joint.id()),
                                Label.of("finding.grooveCutsTenon", groove.id(), joint.id(),
                                        Math.round(100 * lost / whole)),
                                new Remedies(subject).add(Label.of("remedy.grooveStops", groove.id()),
                                        new Edit.Give(Address.of(groove.id(), "groove.run"), new Value.Chosen("panel")))
                                        .set("groove.depth", groove.depth().value().times(1, 2)).list()));
            }
        }
    }

    /** The ids of the pieces that are. */
    private static Set<String> heldAtBothEdges(Subject subject) {
        Map<Meeting.Part, Set<String>> byPart = subject.joints().stream().map(Joint::meeting)
                .collect(Collectors.groupingBy(Meeting::part,
                        Collectors.mapping(meeting -> meeting.tenonPiece().id(), Collectors.toSet())));
        Set<String> held = new HashSet<>(byPart.getOrDefault(Meeting.Part.FACE_EDGE, Set.of()));
        held.retainAll(byPart.getOrDefault(Meeting.Part.FAR_EDGE, Set.of()));
        return held;
    }

    /** Reported once, at the panel's edge: along the grain wood hardly moves, and one edge that is free lets the other be. */
    private static void tight(Subject subject, Groove groove, List<Finding> findings) {
        if (groove.meeting().part().isEnd()) {
            return;
        }
        Piece panel = groove.meeting().tenonPiece();
        Length needed = new WoodMovement(subject.project(), panel).growth();
        Length room = groove.room().value().times(2);
        if (!room.isLessThan(needed)) {
            return;
        }
        boolean told = findings.stream().flatMap(finding -> finding.about().stream()).anyMatch(panel.id()::equals);
        if (!told) {
            findings.add(new Finding("panel-tight", Concern.JOINTS, Level.RISK, List.of(panel.id(), groove.id()),
                    Label.of("finding.panelTight", panel.id(), panel.width().value(), needed, room),
                    new Remedies(subject).set("panel.room", needed).list()));
        }
    }
}
