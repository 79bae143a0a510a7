package longshoulder.core.plan;

import java.util.HashMap;
import java.util.Iterator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Collectors;
import longshoulder.core.frame.Piece;
import longshoulder.core.geometry.Form;
import longshoulder.core.tasks.Tasks;

/**
 * The forms of pieces. To cut one and make its skin are the dearest steps of a plan, and most pieces of a design are made alike: so a
 * form is made once for all pieces in which the same is cut at the same places in their own frames of reference. Those of the last
 * plans are remembered, since an edit leaves most pieces as they were, or stretches them; that changes nothing but the time.
 */
final class Forms {

    private static final Memory MEMORY = new Memory();

    private Forms() {}

    /** The form of each piece by its id. The processors share the making of unlike ones. */
    static Map<String, Form> of(List<Cutting> cuttings) {
        List<Compared> all = Tasks.each(cuttings, cutting -> new Compared(cutting, cutting.alike()));
        Map<Likeness, Compared> firsts = new LinkedHashMap<>();
        all.forEach(one -> firsts.putIfAbsent(one.alike, one));
        Map<Likeness, Known> known = new HashMap<>();
        Tasks.each(List.copyOf(firsts.values()), one -> Map.entry(one.alike, one.known()))
                .forEach(entry -> known.put(entry.getKey(), entry.getValue()));
        MEMORY.keep(all, known);
        return all.stream().collect(Collectors.toMap(one -> one.piece().id(),
                one -> Objects.requireNonNull(known.get(one.alike)).form().at(one.piece().pose())));
    }

    private record Compared(Cutting cutting, Likeness alike) {

        Piece piece() {
            return cutting.piece();
        }

        Known known() {
            return MEMORY.same(alike).or(() -> MEMORY.last(piece()).flatMap(this::stretched)).orElseGet(this::made);
        }

        /** As the piece was in the last plan but for a stretch. */
        private Optional<Known> stretched(Known last) {
            return last.madeAs.stretchTo(alike).filter(stretch -> cutting.suits(stretch.inverse()))
                    .flatMap(stretch -> last.form.stretched(stretch, piece().pose()))
                    .map(form -> new Known(last.madeAs, form));
        }

        private Known made() {
            return new Known(alike, Form.of(cutting.solid(), piece().pose()));
        }
    }

    /** A form and what it was made as, before it was stretched. */
    private record Known(Likeness madeAs, Form form) {}

    /**
     * What the last plans had. Of no more of them: with hundreds of forms held the collector took a quarter of the time of every edit to
     * carry them about, and they were not asked for again.
     */
    private static final class Memory {

        /** So many plans: the one that is shown, and one that is tried out. */
        private static final int PLANS = 2;

        /** The plan in which each was last had, those of the earliest first. */
        private final Map<Likeness, Kept> kept = new LinkedHashMap<>();
        /** By the ids of the last plan's pieces. */
        private final Map<String, Known> last = new HashMap<>();
        private long plans;

        private record Kept(Known known, long plan) {}

        synchronized Optional<Known> same(Likeness alike) {
            return Optional.ofNullable(kept.get(alike)).map(Kept::known);
        }

        synchronized Optional<Known> last(Piece piece) {
            return Optional.ofNullable(last.get(piece.id()));
        }

        synchronized void keep(List<Compared> all, Map<Likeness, Known> known) {
            plans++;
            known.forEach((alike, one) -> {
                kept.remove(alike);
                kept.put(alike, new Kept(one, plans));
            });
            Iterator<Kept> eldest = kept.values().iterator();
            while (eldest.hasNext() && eldest.next().plan() <= plans - PLANS) {
                eldest.remove();
            }
            last.clear();
            all.forEach(one -> last.put(one.piece().id(), Objects.requireNonNull(known.get(one.alike))));
        }
    }
}
