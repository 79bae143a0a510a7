package longshoulder.core.finding;

import java.util.ArrayList;
import java.util.List;
import longshoulder.core.brief.Address;
import longshoulder.core.brief.Value;
import longshoulder.core.finding.Finding.Level;
import longshoulder.core.joint.Joint;
import longshoulder.core.joint.Pegged;
import longshoulder.core.joint.Tenon;
import longshoulder.core.measure.Length;
import longshoulder.core.project.Edit;
import longshoulder.core.reckoning.Label;

/** Drawbores offset the wrong way or too far; pegs too thick for their tenon or too near an edge. */
final class PegCheck implements Check {

    @Override
    public List<Finding> run(Subject subject) {
        List<Finding> findings = new ArrayList<>();
        subject.joints().stream().flatMap(joint -> joint.pegged().stream()).forEach(pegged -> {
            offset(subject, pegged, findings);
            thickness(subject, pegged, findings);
            edges(subject, pegged, findings);
        });
        return findings;
    }

    private static void offset(Subject subject, Pegged joint, List<Finding> findings) {
        Length offset = joint.offset().value();
        Length most = subject.thresholds().drawbore();
        if (offset.isNegative()) {
            findings.add(finding(subject, joint, "drawbore-wrong-way", Level.STOP,
                    Label.of("finding.drawboreWrongWay", joint.id(), offset.negated()), "drawbore.offset",
                    Length.least(offset.negated(), most)));
        } else if (offset.isGreaterThan(most)) {
            findings.add(finding(subject, joint, "drawbore-large", Level.RISK,
                    Label.of("finding.drawboreLarge", joint.id(), offset, most), "drawbore.offset", most));
        }
    }

    private static void thickness(Subject subject, Pegged joint, List<Finding> findings) {
        Length third = joint.tenons().getFirst().width().value().times(1, Thresholds.PEG_SHARE);
        if (joint.diameter().value().isGreaterThan(third)) {
            findings.add(finding(subject, joint, "peg-thick", Level.RISK,
                    Label.of("finding.pegThick", joint.id(), joint.diameter().value(), third), "peg.diameter", third));
        }
    }

    /** In the post the edge is its face; in the tenon it is the tip. */
    private static void edges(Subject subject, Pegged joint, List<Finding> findings) {
        Tenon tenon = joint.tenons().getFirst();
        Length least = joint.diameter().value().times(Thresholds.PEG_EDGE);
        Length atFace = joint.fromShoulder().value();
        Length atTip = tenon.shortCheek().minus(atFace).plus(joint.offset().value());
        if (atFace.isLessThan(least)) {
            findings.add(finding(subject, joint, "peg-near-edge", Level.RISK,
                    Label.of("finding.pegNearFace", joint.id(), atFace, least), "peg.from-shoulder", least));
        } else if (atTip.isLessThan(least)) {
            Length thinner = tenon.shortCheek().times(1, 2 * Thresholds.PEG_EDGE);
            findings.add(new Finding("peg-near-edge", Level.RISK, about(joint),
                    Label.of("finding.pegNearTip", joint.id(), atTip, least),
                    new Remedies(subject.project())
                            .add(Label.of("remedy.pegThinner", joint.id(), thinner), new Edit.All(List.of(
                                    give(joint, "peg.diameter", thinner),
                                    give(joint, "peg.from-shoulder", thinner.times(Thresholds.PEG_EDGE)))))
                            .list()));
        }
    }

    private static Finding finding(Subject subject, Joint joint, String code, Level level, Label message,
            String parameter, Length better) {
        return new Finding(code, level, about(joint), message,
                new Remedies(subject.project()).add(
                        Label.of("remedy.setAt", Label.of("parameter." + parameter), joint.id(), better),
                        give(joint, parameter, better)).list());
    }

    private static Edit give(Joint joint, String parameter, Length length) {
        return new Edit.Give(Address.of(joint.id(), parameter), new Value.Measured(length));
    }

    private static List<String> about(Joint joint) {
        return List.of(joint.id(), joint.meeting().post().id());
    }
}
