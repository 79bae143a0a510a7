package longshoulder.core.kind;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayDeque;
import java.util.Deque;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import longshoulder.core.brief.Brief;
import longshoulder.core.brief.HouseRules;
import longshoulder.core.cutlist.CutLine;
import longshoulder.core.cutlist.CutList;
import longshoulder.core.frame.Role;
import longshoulder.core.geometry.Bounds;
import longshoulder.core.geometry.Skins;
import longshoulder.core.joint.Joint;
import longshoulder.core.measure.Showing;
import longshoulder.core.plan.Plan;
import longshoulder.core.plan.PlannedPiece;
import longshoulder.core.plan.Planner;
import longshoulder.core.project.Project;
import longshoulder.core.reckoning.Level;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.apache.commons.geometry.euclidean.threed.Vector3D;

/** For every kind and any values within the bounds: a sound plan, or a finding of level stop; never an exception. */
class KindPropertiesTest {

    private static final Set<String> MANY_PIECES = Set.of("cabinet", "door");

    /** Of each kind. Always the same in a build, so that it fails only by what was changed; {@code benchmark/campaign} tries others. */
    private static final int DESIGNS = Integer.getInteger("campaign.values", 500);
    private static final int FIRST_SEED = Integer.getInteger("campaign.seed", 0);

    /** Kinds of many pieces, which take longest; the others are in {@link PlainKindPropertiesTest}. */
    static List<Kind> kindsOfManyPieces() {
        return Kinds.all().stream().filter(kind -> MANY_PIECES.contains(kind.id())).toList();
    }

    static List<Kind> plainKinds() {
        return Kinds.all().stream().filter(kind -> !MANY_PIECES.contains(kind.id())).toList();
    }

    @ParameterizedTest
    @MethodSource("kindsOfManyPieces")
    void anyValuesWithinBounds_planOrStop(Kind kind) {
        assertSoundOrStopped(kind);
    }

    static void assertSoundOrStopped(Kind kind) {
        for (int seed = FIRST_SEED; seed < FIRST_SEED + DESIGNS; seed++) {
            try {
                assertSoundOrStopped(RandomDesigns.design(kind, seed));
            } catch (AssertionError | RuntimeException failure) {
                throw new AssertionError("%s of seed %d: %s".formatted(kind.id(), seed, failure.getMessage()), failure);
            }
        }
    }

    private static void assertSoundOrStopped(Project project) {
        Plan plan = Planner.plan(project);
        assertSolidsSound(plan);
        if (!plan.isStopped()) {
            OverallSizes.assertAsAsked(plan);
        }
    }

    /** Unless it was stopped, everything is joined, nothing overlaps, and papers say what the solids measure. */
    static void assertSolidsSound(Plan plan) {
        if (!plan.isStopped()) {
            assertJoined(plan);
            assertApart(plan);
            assertGluedUp(plan);
            plan.pieces().forEach(piece -> {
                // Sizes on the step of the design make recesses touch along a line.
                Skins.assertBalanced(piece.mesh());
                Skins.assertInOnePiece(piece.mesh());
                assertAsListed(plan, piece);
            });
            CutList.of(plan).lines().forEach(line -> line.pieces().stream().filter(plan::has)
                    .forEach(id -> assertInRough(line, plan.piece(id), plan.project().brief())));
        }
    }

    /** What is sawn out roughly holds the whole piece, slanted ends and sides too, and wood to plane away; glass is ordered to its size. */
    private static void assertInRough(CutLine line, PlannedPiece piece, Brief rules) {
        if (piece.piece().role() == Role.GLASS) {
            assertThat(line.rough()).isEqualTo(line.finished());
            return;
        }
        Vector3D size = Bounds.of(piece.cutShape().corners().toList()).size();
        assertThat(line.rough().length().value().toMillimetres()).as("rough length of %s", piece.id())
                .isGreaterThan(
                        size.getX() + rules.length(
                                piece.piece().role().hasHorns() ? HouseRules.ROUGH_HORNS : HouseRules.ROUGH_LENGTH)
                                .toMillimetres() - 1e-3);
        assertThat(line.rough().width().value().toMillimetres()).as("rough width of %s", piece.id())
                .isGreaterThan(
                        size.getY() + rules.length(HouseRules.ROUGH_WIDTH).toMillimetres() - 1e-3);
        assertThat(line.rough().thickness().value().toMillimetres()).as("rough thickness of %s", piece.id())
                .isGreaterThan(
                        size.getZ() + rules.length(HouseRules.ROUGH_THICKNESS).toMillimetres() - 1e-3);
    }

    /** A piece that is square everywhere is as wide and thick as the cut list says, or less where it is worked to a shape, and never longer. */
    private static void assertAsListed(Plan plan, PlannedPiece piece) {
        if (!piece.start().isSquare() || !piece.finish().isSquare() || piece.piece().slanted().isPresent()) {
            return;
        }
        List<Vector3D> corners = piece.cutShape().corners().toList();
        Vector3D size = Bounds.of(corners).size();
        Vector3D listed = Vector3D.of(piece.length().value().toMillimetres(),
                piece.piece().width().value().toMillimetres(), piece.piece().thickness().value().toMillimetres());
        assertThat(size.getX()).as("length of %s", piece.id()).isLessThan(listed.getX() + 1e-3);
        if (plan.frame().shaping(piece.id()).isNothing()) {
            assertThat(size.getY()).as("width of %s", piece.id()).isCloseTo(listed.getY(), within(1e-3));
            assertThat(size.getZ()).as("thickness of %s", piece.id()).isCloseTo(listed.getZ(), within(1e-3));
        } else {
            assertThat(size.getY()).as("width of %s", piece.id()).isLessThan(listed.getY() + 1e-3);
            assertThat(size.getZ()).as("thickness of %s", piece.id()).isLessThan(listed.getZ() + 1e-3);
        }
    }

    /** Every kind's own defaults, and what is near them, can be made. */
    @Property(tries = 60, seed = "2611")
    void defaults_areSound(@ForAll("kinds") Kind kind, @ForAll boolean inches) {
        Plan plan = Planner.plan(
                Project.ofKind(kind, "", inches ? Showing.SIXTY_FOURTHS : Showing.TENTH_MILLIMETRES));
        assertThat(plan.findings()).as(kind.id())
                .noneMatch(finding -> finding.level() != Level.NOTE);
        assertJoined(plan);
        assertApart(plan);
    }

    @Provide
    Arbitrary<Kind> kinds() {
        return Arbitraries.of(Kinds.all());
    }

    /** Every piece is joined to the rest; what is laid on or loose is held by buttons or by its own weight. */
    private static void assertJoined(Plan plan) {
        Map<String, Set<String>> neighbours = new HashMap<>();
        for (Joint joint : plan.joints()) {
            String rail = joint.meeting().tenonPiece().id();
            String post = joint.meeting().mortisePiece().id();
            neighbours.computeIfAbsent(rail, key -> new HashSet<>()).add(post);
            neighbours.computeIfAbsent(post, key -> new HashSet<>()).add(rail);
        }
        Set<String> reached = new HashSet<>();
        Deque<String> open = new ArrayDeque<>(List.of(plan.pieces().getFirst().id()));
        Set<String> wholes = new HashSet<>();
        plan.pieces().stream().map(PlannedPiece::id).filter(id -> wholes.add(id.substring(0, id.indexOf('.') + 1)))
                .forEach(open::add);
        while (!open.isEmpty()) {
            String next = open.pop();
            if (reached.add(next)) {
                open.addAll(neighbours.getOrDefault(next, Set.of()));
            }
        }
        assertThat(plan.pieces().stream().filter(piece -> !piece.piece().role().isLaidOn()).map(PlannedPiece::id)
                .filter(id -> !reached.contains(id))).as("floating").isEmpty();
    }

    /** Everything that is joined goes into one glue-up. */
    private static void assertGluedUp(Plan plan) {
        List<String> glued = plan.frame().assemblies().stream().flatMap(assembly -> assembly.pieces().stream())
                .toList();
        assertThat(glued).doesNotHaveDuplicates();
        assertThat(plan.pieces().stream().filter(piece -> !piece.piece().role().isLaidOn()).map(PlannedPiece::id))
                .as("glued up").isSubsetOf(glued);
    }

    /** No two solids share more than a millionth of the smaller one. */
    private static void assertApart(Plan plan) {
        List<PlannedPiece> pieces = plan.pieces();
        for (int i = 0; i < pieces.size(); i++) {
            for (int j = i + 1; j < pieces.size(); j++) {
                PlannedPiece a = pieces.get(i);
                PlannedPiece b = pieces.get(j);
                if (a.solid().bounds().overlaps(b.solid().bounds())) {
                    assertThat(a.solid().intersection(b.solid()).volume()).as("%s in %s", a.id(), b.id())
                            .isLessThan(1e-6 * Math.min(a.solid().volume(), b.solid().volume()));
                }
            }
        }
    }
}
