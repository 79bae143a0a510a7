package longshoulder.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.stream.Collectors;
import longshoulder.core.joint.Joint;
import longshoulder.core.kind.Kind;
import longshoulder.core.kind.Kinds;
import longshoulder.core.measure.Showing;
import longshoulder.core.project.Project;
import longshoulder.core.words.Words;
import org.junit.jupiter.api.Test;

/** The table in {@code docs/joints.md} says what the program offers first. */
class JointsDocumentTest {

    @Test
    void table_saysWhatIsOfferedFirst() throws Exception {
        Map<String, String> rows = new LinkedHashMap<>();
        for (Kind kind : Kinds.all()) {
            Plan plan = Planner.plan(Project.ofKind(kind, "", Showing.TENTH_MILLIMETRES));
            plan.joints().stream().filter(joint -> joint.kind().isForEnds())
                    .forEach(joint -> rows.putIfAbsent(row(kind, plan, joint), joint.id()));
        }
        assertThat(Files.readString(Path.of("../docs/joints.md"))).contains(rows.entrySet().stream()
                .map(row -> row.getKey() + " " + row.getValue() + " |").collect(Collectors.joining("\n")));
    }

    private static String row(Kind kind, Plan plan, Joint joint) {
        Words words = Words.showing(Showing.TENTH_MILLIMETRES);
        String first = plan.candidates(joint).stream().limit(3)
                .map(candidate -> words.text("joint." + candidate.kind().id())).collect(Collectors.joining(", "));
        return "| %s | %s into %s | %s |".formatted(words.text("kind." + kind.id()),
                joint.meeting().tenonPiece().role().id(), joint.meeting().mortisePiece().role().id(), first);
    }
}
