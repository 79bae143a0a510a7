package longshoulder.command;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayOutputStream;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import longshoulder.core.brief.Address;
import longshoulder.core.brief.JointKind;
import longshoulder.core.brief.Parameter;
import longshoulder.core.brief.Value;
import longshoulder.core.drawing.DrawingContext;
import longshoulder.core.drawing.Drawings;
import longshoulder.core.joint.Joint;
import longshoulder.core.joint.JointType;
import longshoulder.core.kind.Kind;
import longshoulder.core.kind.Kinds;
import longshoulder.core.measure.Length;
import longshoulder.core.measure.Showing;
import longshoulder.core.plan.Plan;
import longshoulder.core.plan.PlannedPiece;
import longshoulder.core.plan.Planner;
import longshoulder.core.project.Edit;
import longshoulder.core.project.EditRefused;
import longshoulder.core.project.Project;
import longshoulder.core.words.Words;
import longshoulder.files.DesignFile;
import longshoulder.files.PaperTypeface;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Random designs with random types of joints: every paper of each can be made, of stopped ones too, and says what it says in words. */
class AllPapersTest {

    /** Of each kind; {@code benchmark/campaign} makes many more. */
    private static final int DESIGNS = Integer.getInteger("campaign.designs", 2);
    private static final int FIRST_SEED = Integer.getInteger("campaign.seed", 0);

    @TempDir
    Path directory;

    static List<Kind> kinds() {
        return Kinds.all();
    }

    @ParameterizedTest
    @MethodSource("kinds")
    void everyPaper_canBeMade(Kind kind) throws Exception {
        for (int seed = FIRST_SEED; seed < FIRST_SEED + DESIGNS; seed++) {
            Project project = design(kind, new Random(seed));
            String name = kind.id() + " " + seed;
            Path file = directory.resolve(name.replace(' ', '-') + DesignFile.SUFFIX);
            DesignFile.write(file, project);
            Plan plan = Planner.plan(project);
            commands(name, file, plan);
            drawings(name, plan);
        }
    }

    /** Some choices and sizes of the kind, then a type for each joint and some of what the type asks for. */
    private static Project design(Kind kind, Random random) {
        Project project = Project.ofKind(kind, "", random.nextBoolean()
                ? Showing.TENTH_MILLIMETRES
                : Showing.SIXTY_FOURTHS);
        for (Parameter parameter : kind.parameters()) {
            if (random.nextInt(4) == 0) {
                project = given(project, parameter.name(), parameter, random);
            }
        }
        List<JointKind> types = List.of(JointKind.values());
        for (Joint joint : Planner.plan(project).joints()) {
            if (random.nextInt(3) == 0) {
                continue;
            }
            JointKind type = types.get(random.nextInt(types.size()));
            project = after(project, new Edit.Give(Address.of(joint.id(), JointKind.CHOICE),
                    new Value.Chosen(type.id())));
            for (Parameter parameter : JointType.of(type).parameters()) {
                if (random.nextInt(3) == 0) {
                    project = given(project, Address.of(joint.id(), parameter.name()), parameter, random);
                }
            }
        }
        return project;
    }

    private static Project given(Project project, String name, Parameter parameter, Random random) {
        return switch (parameter) {
            case Parameter.Choice choice -> after(project, new Edit.Give(name,
                    new Value.Chosen(choice.options().get(random.nextInt(choice.options().size())))));
            case Parameter.Measure measure -> after(project, new Edit.Give(name, new Value.Measured(
                    project.brief().measure(name).map(amount -> amount.value()).or(measure::metric)
                            .orElse(Length.ofMillimetres(1 + random.nextInt(40)))
                            .times(60 + random.nextInt(80), 100))));
            default -> project;
        };
    }

    private static Project after(Project project, Edit edit) {
        try {
            return edit.applyTo(project);
        } catch (EditRefused refused) {
            return project;
        }
    }

    private void commands(String name, Path file, Plan plan) {
        List<List<String>> lines = new ArrayList<>(List.of(List.of("plan"), List.of("plan", "--json"), List.of("check"),
                List.of("cutlist"), List.of("cutlist", "--csv"), List.of("joints"),
                List.of("export", "--obj", directory.resolve("solids").toString())));
        plan.pieces().stream().limit(6).forEach(piece -> lines.add(List.of("plan", "--why", piece.id())));
        for (List<String> line : lines) {
            List<String> all = new ArrayList<>(line);
            all.add(1, file.toString());
            ByteArrayOutputStream out = new ByteArrayOutputStream();
            ByteArrayOutputStream err = new ByteArrayOutputStream();
            int code = Main.run(new PrintStream(out, true, StandardCharsets.UTF_8),
                    new PrintStream(err, true, StandardCharsets.UTF_8), all.toArray(String[]::new));
            assertThat(err.toString(StandardCharsets.UTF_8)).as(name + line).isEmpty();
            assertThat(code).as(name + line).isBetween(0, 1);
            assertThat(out.toString(StandardCharsets.UTF_8)).as(name + line).doesNotContain("NaN", "Infinity");
        }
    }

    private static void drawings(String name, Plan plan) {
        for (Locale locale : List.of(Locale.ENGLISH, Locale.GERMAN)) {
            Words words = Words.showing(plan.project().showing(), locale);
            DrawingContext context = new DrawingContext(plan, words, PaperTypeface.SHIPPED);
            plan.findings().forEach(finding -> assertThat(words.say(finding)).as(name)
                    .doesNotContainPattern("(?<![0-9.,/])0 (mm|in)\\b").doesNotContainPattern("−[0-9]"));
            if (plan.pieces().stream().anyMatch(piece -> piece.cutShape().isNothing())) {
                continue;
            }
            plan.joints().stream().limit(8).forEach(joint -> draw(context, "joint:" + joint.id()));
            plan.pieces().stream().limit(8).map(PlannedPiece::id).forEach(piece -> draw(context, "rod:" + piece));
            for (String view : List.of("sheet", "pictorial", "lengths")) {
                draw(context, view);
            }
        }
    }

    private static void draw(DrawingContext context, String view) {
        assertThat(Drawings.find(context, view).orElseThrow().fitted(277, 190).groups()).as(view).isNotNull();
    }
}
