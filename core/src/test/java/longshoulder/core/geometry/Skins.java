package longshoulder.core.geometry;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;

/** Checks on skins for tests. */
public final class Skins {

    private Skins() {}

    /** Every directed edge of a triangle occurs once, and once the other way. */
    public static void assertClosed(Mesh mesh) {
        Map<List<Integer>, Integer> count = new HashMap<>();
        for (int[] t : mesh.triangles()) {
            for (int i = 0; i < 3; i++) {
                count.merge(List.of(t[i], t[(i + 1) % 3]), 1, Integer::sum);
            }
        }
        assertThat(count).isNotEmpty();
        count.forEach((edge, times) -> {
            assertThat(times).as("edge %s", edge).isEqualTo(1);
            assertThat(count).containsKey(List.of(edge.get(1), edge.get(0)));
        });
    }

    /**
     * Every edge is met as often one way as the other. That is what is left of {@link #assertClosed} where two recesses touch
     * along a line: four faces meet there.
     */
    public static void assertBalanced(Mesh mesh) {
        Map<List<Integer>, Integer> balance = new HashMap<>();
        for (int[] t : mesh.triangles()) {
            for (int i = 0; i < 3; i++) {
                balance.merge(List.of(t[i], t[(i + 1) % 3]), 1, Integer::sum);
                balance.merge(List.of(t[(i + 1) % 3], t[i]), -1, Integer::sum);
            }
        }
        assertThat(balance).isNotEmpty();
        assertThat(balance.values()).allMatch(count -> count == 0);
    }

    /** Nothing of it lies apart: from any triangle all others are reached over corners that they share. */
    public static void assertInOnePiece(Mesh mesh) {
        int[] towards = IntStream.range(0, mesh.points().size()).toArray();
        for (int[] t : mesh.triangles()) {
            for (int i = 1; i < 3; i++) {
                towards[first(towards, t[i])] = first(towards, t[0]);
            }
        }
        assertThat(mesh.triangles().stream().mapToInt(t -> first(towards, t[0])).distinct().count()).isEqualTo(1);
    }

    private static int first(int[] towards, int point) {
        int at = point;
        while (towards[at] != at) {
            towards[at] = towards[towards[at]];
            at = towards[at];
        }
        return at;
    }

    /** Whether two lines run between the same points and faces, within a nanometre or so. */
    public static boolean areSame(Boundary.Arris one, Boundary.Arris other) {
        return one.shape() == other.shape() && one.edge().sameAs(other.edge().from(), other.edge().to(), 1e-6)
                && (one.one().distance(other.one()) + one.other().distance(other.other()) < 1e-6
                        || one.one().distance(other.other()) + one.other().distance(other.one()) < 1e-6);
    }

    /** How much of a skin belongs to the cell of a face and looks where that does, in mm². */
    public static double areaLike(Skin.Face like, Skin skin) {
        return skin.faces().stream().filter(face -> face.cell() == like.cell()
                && face.polygon().plane().normal().dot(like.polygon().plane().normal()) > 1 - 1e-9)
                .mapToDouble(face -> face.polygon().area().norm()).sum();
    }
}
