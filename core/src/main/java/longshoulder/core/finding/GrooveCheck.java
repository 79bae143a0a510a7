package longshoulder.core.finding;

import java.util.ArrayList;
import java.util.List;
import longshoulder.core.brief.Address;
import longshoulder.core.brief.Value;
import longshoulder.core.finding.Finding.Level;
import longshoulder.core.frame.Piece;
import longshoulder.core.joint.Groove;
import longshoulder.core.joint.Joint;
import longshoulder.core.measure.Length;
import longshoulder.core.project.Edit;
import longshoulder.core.reckoning.Label;

/**
 * Grooves for panels: one that cuts into a tenon at the end of the piece in which it runs, one that comes through the piece, and
 * a panel of solid wood with less room than it needs to swell.
 */
final class GrooveCheck implements Check {

    /** A tenon that loses less than one part in so many to a groove is as good as whole. */
    private static final int TRIFLE = 8;

    @Override
    public List<Finding> run(Subject subject) {
        List<Finding> findings = new ArrayList<>();
        for (Joint joint : subject.joints()) {
            if (joint instanceof Groove groove) {
                cutTenons(subject, groove, findings);
                tooDeep(subject, groove, findings);
                tight(subject, groove, findings);
            }
        }
        return findings;
    }

    private static void cutTenons(Subject subject, Groove groove, List<Finding> findings) {
        String post = groove.meeting().post().id();
        for (Joint joint : subject.atEnds()) {
            boolean grows = joint.meeting().rail().id().equals(post) && !joint.tenons().isEmpty();
            if (!grows) {
                continue;
            }
            double lost = groove.removes().and(joint.adds()).volume();
            if (lost * TRIFLE > joint.adds().volume()) {
                findings.add(new Finding("groove-cuts-tenon", Level.RISK, List.of(groove.id(), joint.id()),
                        Label.of("finding.grooveCutsTenon", groove.id(), joint.id(),
                                Math.round(100 * lost / joint.adds().volume())),
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

    /** Told once, at the panel's edge; along the grain wood hardly moves. */
    private static void tight(Subject subject, Groove groove, List<Finding> findings) {
        Piece panel = groove.meeting().rail();
        boolean told = findings.stream().flatMap(finding -> finding.about().stream()).anyMatch(panel.id()::equals);
        if (groove.meeting().part().isEnd() || told) {
            return;
        }
        Length needed = subject.movement(panel);
        Length room = groove.room().value().times(2);
        if (room.isLessThan(needed)) {
            findings.add(new Finding("panel-tight", Level.RISK, List.of(panel.id(), groove.id()),
                    Label.of("finding.panelTight", panel.id(), panel.width().value(), needed, room),
                    new Remedies(subject.project()).set("panel.room", needed).list()));
        }
    }
}
