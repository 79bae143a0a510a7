package longshoulder.core.finding;

import java.util.ArrayList;
import java.util.List;
import longshoulder.core.brief.Address;
import longshoulder.core.brief.JointKind;
import longshoulder.core.brief.Value;
import longshoulder.core.finding.Finding.Level;
import longshoulder.core.joint.BlindWedgedTenon;
import longshoulder.core.joint.Joint;
import longshoulder.core.joint.Wedging;
import longshoulder.core.measure.Length;
import longshoulder.core.project.Edit;
import longshoulder.core.reckoning.Label;

/** Wedges that split the post, cannot open their tenon, are too few or too many, split it beyond the slot, or keep a blind joint from closing. */
final class WedgeCheck implements Check {

    @Override
    public List<Finding> run(Subject subject) {
        List<Finding> findings = new ArrayList<>();
        for (Joint joint : subject.joints()) {
            joint.wedged().ifPresent(wedging -> open(subject, joint, wedging, findings));
            if (joint.plain() instanceof BlindWedgedTenon blind) {
                blind(subject, blind, findings);
            }
        }
        return findings;
    }

    private static void open(Subject subject, Joint joint, Wedging wedging, List<Finding> findings) {
        count(subject, joint, wedging, findings);
        if (!wedging.acrossGrain()) {
            findings.add(new Finding("wedge-with-grain", Level.RISK, about(joint),
                    Label.of("finding.wedgeWithGrain", joint.id(), joint.meeting().post().id()),
                    new Remedies(subject.project())
                            .add(Label.of("remedy.wedgeAcross", joint.id()),
                                    choose(joint, "wedge.line", "across-grain"))
                            .list()));
        }
        Length least = wedging.tenon().depth().value().times(Thresholds.FLARE_RUN, Thresholds.FLARE_RUN_OF);
        if (wedging.run().value().isLessThan(least)) {
            findings.add(new Finding("flare-short", Level.RISK, about(joint),
                    Label.of("finding.flareShort", joint.id(), wedging.run().value(),
                            wedging.tenon().depth().value(), least),
                    new Remedies(subject.project()).add(Label.of("remedy.flareRun", joint.id(), least),
                            give(joint, "wedge.flare-run", least)).list()));
        }
        if (!wedging.relief()) {
            findings.add(new Finding("no-relief-hole", Level.RISK, about(joint),
                    Label.of("finding.noRelief", joint.id()),
                    new Remedies(subject.project())
                            .add(Label.of("remedy.relief", joint.id()), choose(joint, "wedge.relief", "drilled"))
                            .list()));
        }
    }

    /** One wedge opens a narrow tenon evenly, two a wide one. */
    private static void count(Subject subject, Joint joint, Wedging wedging, List<Finding> findings) {
        if (wedging.count() != wedging.fittingCount()) {
            Length width = wedging.tenon().width().value();
            boolean more = wedging.count() < wedging.fittingCount();
            findings.add(new Finding("wedge-count", more ? Level.RISK : Level.NOTE, about(joint),
                    Label.of(more ? "finding.oneWedge" : "finding.twoWedges", joint.id(), width, Wedging.ONE_WEDGE),
                    new Remedies(subject.project()).add(Label.of(more ? "remedy.twoWedges" : "remedy.oneWedge",
                            joint.id()), choose(joint, "tenon.wedges", more ? "two" : "one")).list()));
        }
    }

    private static void blind(Subject subject, BlindWedgedTenon joint, List<Finding> findings) {
        Length wedge = joint.wedging().length().value();
        Length longest = joint.longestWedge().value();
        Length room = joint.room().value();
        if (wedge.isGreaterThan(longest)) {
            findings.add(new Finding("blind-wedge-long", Level.STOP, about(joint),
                    Label.of("finding.blindWedgeLong", joint.id(), wedge, longest, wedge.minus(longest)),
                    new Remedies(subject.project())
                            .add(Label.of("remedy.wedgeLength", joint.id(), longest),
                                    give(joint, "wedge.length", longest))
                            .list()));
        } else if (!wedge.isGreaterThan(room)) {
            findings.add(new Finding("blind-wedge-short", Level.RISK, about(joint),
                    Label.of("finding.blindWedgeShort", joint.id(), wedge, room),
                    new Remedies(subject.project())
                            .add(Label.of("remedy.wedgeLength", joint.id(), longest),
                                    give(joint, "wedge.length", longest))
                            .list()));
        }
        findings.add(new Finding("blind-wedge-once", Level.NOTE, about(joint),
                Label.of("finding.blindWedgeOnce", joint.id()),
                new Remedies(subject.project()).add(Label.of("remedy.leaveJoint", joint.id()), leaveType(joint))
                        .list()));
    }

    private static List<String> about(Joint joint) {
        return List.of(joint.id(), joint.meeting().post().id());
    }

    private static Edit choose(Joint joint, String parameter, String option) {
        return new Edit.Give(Address.of(joint.id(), parameter), new Value.Chosen(option));
    }

    private static Edit give(Joint joint, String parameter, Length length) {
        return new Edit.Give(Address.of(joint.id(), parameter), new Value.Measured(length));
    }

    private static Edit leaveType(Joint joint) {
        return new Edit.LeaveToSchool(Address.of(joint.id(), JointKind.CHOICE));
    }
}
