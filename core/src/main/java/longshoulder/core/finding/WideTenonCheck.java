package longshoulder.core.finding;

import longshoulder.core.measure.Ratio;
import longshoulder.core.brief.Limits;
import java.util.ArrayList;
import java.util.List;
import longshoulder.core.brief.Address;
import longshoulder.core.brief.JointKind;
import longshoulder.core.brief.Value;
import longshoulder.core.joint.Tenon;
import longshoulder.core.measure.Length;
import longshoulder.core.project.Edit;
import longshoulder.core.reckoning.Label;
import longshoulder.core.reckoning.Level;

/** A tenon too wide for its thickness: it cups, and its mortise cuts the post in two. One finding a section, not one a joint. */
final class WideTenonCheck implements Check {

    private record Section(Length width, Length thickness) {}

    @Override
    public List<Finding> run(Subject subject) {
        List<Finding> findings = new ArrayList<>();
        List<Section> seen = new ArrayList<>();
        subject.mortised().forEach(tenon -> {
            Section section = section(tenon);
            if (!seen.contains(section) && isWider(section, subject.brief().ratio(Limits.WIDE))) {
                seen.add(section);
                findings.add(finding(subject, section));
            }
        });
        return findings;
    }

    private static Section section(Tenon tenon) {
        return new Section(tenon.width().value(), tenon.thickness().value());
    }

    private static boolean isWider(Section section, Ratio times) {
        return section.width().isGreaterThan(times.of(section.thickness()));
    }

    private static Finding finding(Subject subject, Section section) {
        List<String> joints = subject.mortised().filter(tenon -> section(tenon).equals(section)).map(Tenon::id)
                .distinct().toList();
        List<Edit> divided = joints.stream().<Edit>map(joint -> new Edit.Give(Address.of(joint, JointKind.CHOICE),
                new Value.Chosen(JointKind.DIVIDED_TENON.id()))).toList();
        Ratio times = subject.brief().ratio(Limits.WIDE);
        return new Finding("tenon-wide", Concern.JOINTS,
                isWider(section, subject.brief().ratio(Limits.FAR_TOO_WIDE)) ? Level.RISK : Level.NOTE, joints,
                Label.of("finding.tenonWide", section.width(), section.thickness(),
                        times.of(section.thickness()), times),
                new Remedies(subject).add(Label.of("remedy.divide"), new Edit.All(divided)).list());
    }
}
