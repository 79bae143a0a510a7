package longshoulder.core.finding;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import longshoulder.core.brief.Address;
import longshoulder.core.brief.Parameter;
import longshoulder.core.brief.Value;
import longshoulder.core.frame.Alteration;
import longshoulder.core.frame.Frame;
import longshoulder.core.kind.Kinds;
import longshoulder.core.project.Alterations;
import longshoulder.core.project.Edit;
import longshoulder.core.project.Milled;
import longshoulder.core.project.Project;
import longshoulder.core.reckoning.Label;
import longshoulder.core.reckoning.Level;

/** What the maker decided for pieces that are not there now, or chose beside what rules it out: it is kept, and waits. */
final class WaitingCheck implements Check {

    @Override
    public List<Finding> run(Subject subject) {
        Project project = subject.project();
        List<Finding> findings = new ArrayList<>();
        for (String key : project.brief().values().keySet()) {
            if (Edit.waits(project, subject.planned(), key)) {
                Address address = Address.parse(key);
                findings.add(waits(Label.of("waiting.choice", Label.of("parameter." + address.parameter()),
                        address.joint().orElse("")), new Edit.LeaveToRule(key)));
            }
        }
        for (String key : project.milled().keySet()) {
            Address address = Address.parse(key);
            String id = address.joint().orElse("");
            Milled.find(address.parameter()).filter(what -> !what.isKnown(id, subject.planned())).ifPresent(
                    what -> findings.add(waits(Label.of("milled." + what.id(), id), new Edit.ForgetMilled(id, what))));
        }
        Kinds.find(project.brief().kind()).ifPresent(kind -> kind.waiting(project.brief()).stream()
                .map(kind::parameter).flatMap(Optional::stream).forEach(choice -> findings.add(ruledOut(choice))));
        Frame kinds = project.alterations().isEmpty() ? subject.planned() : project.kindsFrame();
        for (Alteration alteration : Alterations.waiting(project, kinds)) {
            String said = String.join(" ", alteration.fields().values());
            findings.add(new Finding("waits", Concern.FRAME, Level.NOTE, List.of(),
                    Label.of("finding.alterationWaits", said),
                    List.of(new Remedy(Label.of("remedy.forget", said), new Edit.Unalter(alteration)))));
        }
        return findings;
    }

    private static Finding ruledOut(Parameter choice) {
        Label name = Label.of("parameter." + choice.name());
        List<Remedy> remedies = choice.preset(false).filter(Value.Chosen.class::isInstance)
                .map(usual -> new Remedy(
                        Label.of("remedy.backTo", name,
                                Label.of("option." + choice.name() + "." + ((Value.Chosen) usual).option())),
                        new Edit.Give(choice.name(), usual)))
                .stream().toList();
        return new Finding("waits", Concern.FRAME, Level.NOTE, List.of(), Label.of("finding.ruledOut", name), remedies);
    }

    private static Finding waits(Label what, Edit forget) {
        return new Finding("waits", Concern.FRAME, Level.NOTE, List.of(), Label.of("finding.waits", what),
                List.of(new Remedy(Label.of("remedy.forgetWaiting", what), forget)));
    }
}
