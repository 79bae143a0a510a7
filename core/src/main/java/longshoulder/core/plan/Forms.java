package longshoulder.core.plan;

import java.util.Iterator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Collectors;
import longshoulder.core.geometry.Form;

/**
 * The forms of pieces. To cut one and make its skin are the dearest steps of a plan, and most pieces of a design are made alike: so a
 * form is made once for all pieces in which the same is cut at the same places in their own frames of reference. Those of the last
 * plans are remembered, since an edit leaves most pieces as they were; that changes nothing but the time.
 */
final class Forms {

    private static final Memory MEMORY = new Memory();

    private Forms() {}

    /** The form of each piece by its id. The processors share the making of unlike ones. */
    static Map<String, Form> of(List<Cutting> cuttings) {
        List<Compared> all = cuttings.parallelStream().map(cutting -> new Compared(cutting, cutting.alike())).toList();
        Map<Cutting.Likeness, Cutting> firsts = new LinkedHashMap<>();
        all.forEach(one -> firsts.putIfAbsent(one.alike, one.cutting));
        Map<Cutting.Likeness, Form> forms = firsts.entrySet().parallelStream()
                .collect(Collectors.toMap(Map.Entry::getKey, one -> form(one.getKey(), one.getValue())));
        MEMORY.keep(forms);
        return all.stream().collect(Collectors.toMap(one -> one.cutting.piece().id(),
                one -> Objects.requireNonNull(forms.get(one.alike)).at(one.cutting.piece().pose())));
    }

    private record Compared(Cutting cutting, Cutting.Likeness alike) {}

    private static Form form(Cutting.Likeness alike, Cutting cutting) {
        return MEMORY.form(alike).orElseGet(() -> Form.of(cutting.solid(), cutting.piece().pose()));
    }

    /**
     * What the last plans had. Of no more of them: with hundreds of forms held the collector took a quarter of the time of every edit to
     * carry them about, and they were not asked for again.
     */
    private static final class Memory {

        /** So many plans: the one that is shown, and one that is tried out. */
        private static final int PLANS = 2;

        /** The plan in which each was last had, those of the earliest first. */
        private final Map<Cutting.Likeness, Known> known = new LinkedHashMap<>();
        private long plans;

        private record Known(Form form, long plan) {}

        synchronized Optional<Form> form(Cutting.Likeness alike) {
            return Optional.ofNullable(known.get(alike)).map(Known::form);
        }

        synchronized void keep(Map<Cutting.Likeness, Form> forms) {
            plans++;
            forms.forEach((alike, form) -> {
                known.remove(alike);
                known.put(alike, new Known(form, plans));
            });
            Iterator<Known> eldest = known.values().iterator();
            while (eldest.hasNext() && eldest.next().plan() <= plans - PLANS) {
                eldest.remove();
            }
        }
    }
}
