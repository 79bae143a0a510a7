package longshoulder.core.finding;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import longshoulder.core.brief.Address;
import longshoulder.core.brief.Value;
import longshoulder.core.finding.Finding.Level;
import longshoulder.core.frame.Piece;
import longshoulder.core.geometry.HalfSpace;
import longshoulder.core.geometry.Solid;
import longshoulder.core.geometry.Tolerance;
import longshoulder.core.joint.Groove;
import longshoulder.core.joint.Joint;
import longshoulder.core.joint.Meeting;
import longshoulder.core.joint.Meeting.PostFace;
import longshoulder.core.measure.Length;
import longshoulder.core.project.Edit;
import longshoulder.core.reckoning.Label;

/**
 * Grooves for panels: one that cuts into a tenon at the end of the piece in which it runs, one that comes through the piece or leaves
 * it no cheek, and a panel of solid wood with less room than it needs to swell.
 */
final class GrooveCheck implements Check {

    /** A tenon that loses less than one part in so many to a groove is as good as whole. */
    private static final int TRIFLE = 8;

    /** A groove takes a third of the thickness at most, so that its cheeks are as stout as what stands in it. */
    private static final int CHEEK_SHARE = 3;

    @Override
    public List<Finding> run(Subject subject) {
        List<Finding> findings = new ArrayList<>();
        Map<String, List<Joint>> tenoned = subject.atEnds().stream().filter(joint -> !joint.tenons().isEmpty())
                .collect(Collectors.groupingBy(joint -> joint.meeting().rail().id()));
        for (Joint joint : subject.joints()) {
            if (joint.plain() instanceof Groove groove) {
                // Of the joint, which remembers it, and not of the groove, which works it out again.
                Solid cut = joint.removes();
                cutTenons(subject, groove, cut, tenoned.getOrDefault(groove.meeting().post().id(), List.of()),
                        findings);
                tooDeep(subject, groove, findings);
                noCheek(subject, groove, cut, findings);
                tight(subject, groove, findings);
            }
        }
        return findings;
    }

    /** @param tenoned the joints whose tenons grow on the piece in which the groove runs */
    private static void cutTenons(Subject subject, Groove groove, Solid cut, List<Joint> tenoned,
            List<Finding> findings) {
        for (Joint joint : tenoned) {
            double lost = joint.tenons().stream().mapToDouble(tenon -> cut.and(tenon.adds()).volume())
                    .sum();
            double whole = joint.tenons().stream().mapToDouble(tenon -> tenon.adds().volume()).sum();
            if (lost * TRIFLE > whole) {
                findings.add(new Finding("groove-cuts-tenon", Level.RISK, List.of(groove.id(), joint.id()),
                        Label.of("finding.grooveCutsTenon", groove.id(), joint.id(),
                                Math.round(100 * lost / whole)),
                        new Remedies(subject.project()).add(Label.of("remedy.grooveStops", groove.id()),
                                new Edit.Give(Address.of(groove.id(), "groove.run"), new Value.Chosen("panel")))
                                .set("groove.depth", groove.depth().value().times(1, 2)).list()));
            }
        }
    }

    private static void tooDeep(Subject subject, Groove groove, List<Finding> findings) {
        Length left = groove.meeting().postExtent().value().minus(groove.depth().value());
        Length least = subject.thresholds().floor();
        if (left.isLessThan(least)) {
            findings.add(new Finding("groove-through", Level.STOP, List.of(groove.id(), groove.meeting().post().id()),
                    Label.of("finding.grooveThrough", groove.id(), groove.depth().value(), left, least),
                    new Remedies(subject.project())
                            .set("groove.depth", groove.depth().value().minus(least.minus(left))).list()));
        }
    }

    /** On both sides of a panel wood has to stand; a rebate has a lip on one side only. */
    private static void noCheek(Subject subject, Groove groove, Solid cut, List<Finding> findings) {
        Piece panel = groove.meeting().rail();
        double front = cheek(groove, cut, groove.meeting().reference());
        double back = groove.rebate() ? front : cheek(groove, cut, groove.meeting().reference().opposite());
        if (Math.min(front, back) < Tolerance.LENGTH) {
            Length stock = groove.meeting().referenceExtent().value();
            findings.add(new Finding("groove-no-cheek", Level.STOP,
                    List.of(groove.id(), groove.meeting().post().id()),
                    Label.of("finding.grooveNoCheek", groove.id(), panel.thickness().value(), stock),
                    new Remedies(subject.project())
                            .change(panel.thickness(), stock.times(1, CHEEK_SHARE).minus(panel.thickness().value()))
                            .change(groove.meeting().referenceExtent(),
                                    panel.thickness().value().times(CHEEK_SHARE).minus(stock))
                            .list()));
        }
    }

    /** How much wood stands between a groove and a face of its piece, in millimetres. */
    private static double cheek(Groove groove, Solid cut, PostFace face) {
        HalfSpace surface = face.surface(groove.meeting().post());
        return -cut.cells().stream().flatMap(cell -> cell.corners().stream())
                .mapToDouble(surface::distance).max().orElse(0);
    }

    private static boolean isHeldAtBothEdges(Subject subject, Piece panel) {
        return Stream.of(Meeting.Part.FACE_EDGE, Meeting.Part.FAR_EDGE).allMatch(edge -> subject.joints().stream()
                .map(Joint::meeting).anyMatch(meeting -> meeting.rail().id().equals(panel.id())
                        && meeting.part() == edge));
    }

    /** Told once, at the panel's edge; along the grain wood hardly moves, and one edge that is free lets the other be. */
    private static void tight(Subject subject, Groove groove, List<Finding> findings) {
        Piece panel = groove.meeting().rail();
        Length needed = subject.movement(panel);
        Length room = groove.room().value().times(2);
        if (groove.meeting().part().isEnd() || !room.isLessThan(needed)) {
            return;
        }
        boolean told = findings.stream().flatMap(finding -> finding.about().stream()).anyMatch(panel.id()::equals);
        if (!told && isHeldAtBothEdges(subject, panel)) {
            findings.add(new Finding("panel-tight", Level.RISK, List.of(panel.id(), groove.id()),
                    Label.of("finding.panelTight", panel.id(), panel.width().value(), needed, room),
                    new Remedies(subject.project()).set("panel.room", needed).list()));
        }
    }
}
