package longshoulder.benchmark;

import longshoulder.core.kind.Kinds;
import longshoulder.core.measure.Showing;
import longshoulder.core.project.Edit;
import longshoulder.core.project.Project;

/** Designs in one line: a kind, then what is given of it, such as {@code stool leg.taper=curved stretchers=box}. */
final class Designs {

    private Designs() {}

    static Project of(String line) {
        String[] words = line.split(" ", -1);
        Project project = Project.ofKind(Kinds.find(words[0]).orElseThrow(), "", Showing.TENTH_MILLIMETRES);
        for (int i = 1; i < words.length; i++) {
            String[] halves = words[i].split("=", 2);
            project = new Edit.Give(halves[0],
                    Edit.parameter(project, halves[0]).read(halves[1], project.showing().unit())).applyTo(project);
        }
        return project;
    }
}
