package longshoulder.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import java.util.stream.Stream;
import longshoulder.core.brief.Parameter;
import longshoulder.core.brief.Value;
import longshoulder.core.kind.Kind;
import longshoulder.core.kind.Kinds;
import longshoulder.core.measure.Length;
import longshoulder.core.measure.Showing;
import longshoulder.core.project.Edit;
import longshoulder.core.project.Project;
import longshoulder.core.reckoning.Amount;
import longshoulder.core.reckoning.Level;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Designs as makers begin them: a kind with its defaults and overall sizes of their own. */
class OrdinaryDesignsTest {

    /** Of each kind; {@code benchmark/campaign} makes many more. */
    private static final int DESIGNS = Integer.getInteger("campaign.designs", 60);
    private static final int FIRST_SEED = Integer.getInteger("campaign.seed", 0);

    static List<Kind> kinds() {
        return Kinds.all();
    }

    private static Project design(Kind kind, long seed) {
        Random random = new Random(seed);
        boolean inches = random.nextBoolean();
        Project project = Project.ofKind(kind, "", inches ? Showing.SIXTY_FOURTHS : Showing.TENTH_MILLIMETRES);
        Length step = inches ? Length.ofInches(1, 16) : Length.ofMillimetres(1);
        for (Parameter parameter : kind.parameters()) {
            if (parameter.isOverall()
                    && parameter.preset(inches).orElseThrow() instanceof Value.Measured(Length usual)) {
                Length size = usual.times(75 + random.nextInt(60), 100).toNearest(step);
                project = new Edit.Give(parameter.name(), new Value.Measured(size)).applyTo(project);
            }
        }
        return project;
    }

    /** The program warns about nothing that it chose itself: no joint is stopped, no finding has a remedy. */
    @ParameterizedTest
    @MethodSource("kinds")
    void defaultsWithOwnSizes_haveNoFinding(Kind kind) {
        for (int seed = FIRST_SEED; seed < FIRST_SEED + DESIGNS; seed++) {
            Plan plan = Planner.plan(design(kind, seed));
            assertThat(plan.findings()).as("%s of seed %s: %s", kind.id(), seed, plan.project().brief().values())
                    .noneMatch(finding -> finding.level() != Level.NOTE || !finding.remedies().isEmpty());
        }
    }

    /** What is shown adds up: sizes on the step stay on it through every sum. */
    @ParameterizedTest
    @MethodSource("kinds")
    void shownSums_close(Kind kind) {
        for (int seed = FIRST_SEED; seed < FIRST_SEED + DESIGNS; seed++) {
            Plan plan = Planner.plan(design(kind, seed));
            Showing showing = plan.project().showing();
            Stream<Amount> figures = Stream.concat(
                    plan.pieces().stream().filter(piece -> piece.piece().slanted().isEmpty())
                            .flatMap(piece -> Stream.of(piece.length(), piece.piece().width())),
                    plan.joints().stream().filter(joint -> joint.meeting().isSquare())
                            .flatMap(joint -> joint.figures().values().stream()));
            String name = kind.id() + " of seed " + seed;
            figures.filter(Amount.Sum.class::isInstance).forEach(
                    sum -> assertThat(showing.chainError(terms(sum))).as("%s: %s", name, sum.label())
                            .isEqualTo(Length.ZERO));
        }
    }

    private static List<Length> terms(Amount sum) {
        List<Length> terms = new ArrayList<>();
        for (Amount.Term term : sum.terms()) {
            Length value = term.times() < 0 ? term.amount().value().negated() : term.amount().value();
            terms.addAll(Collections.nCopies(Math.abs(term.times()), value));
        }
        return terms;
    }
}
