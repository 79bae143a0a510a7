package longshoulder.core.plan;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.stream.Collectors;
import longshoulder.core.geometry.Form;
import longshoulder.core.geometry.Pose;

/**
 * The forms of pieces. To cut one and make its skin are the dearest steps of a plan, and most pieces of a design are made alike: so a
 * form is made once for all pieces in which the same is cut at the same places in their own frames of reference. The last ones made
 * are remembered from plan to plan, since an edit leaves most pieces as they were; that changes nothing but the time.
 */
final class Forms {

    /** So many are remembered: those of the largest designs. */
    private static final int MOST_REMEMBERED = 256;

    /** Those asked for longest ago first. */
    private static final Map<Cutting.Likeness, Form> REMEMBERED = Collections
            .synchronizedMap(new LinkedHashMap<>(MOST_REMEMBERED, 0.75f, true) {
                private static final long serialVersionUID = 1L;

                @Override
                protected boolean removeEldestEntry(Map.Entry<Cutting.Likeness, Form> eldest) {
                    return size() > MOST_REMEMBERED;
                }
            });

    private Forms() {}

    private static Form form(Cutting cutting) {
        Form known = REMEMBERED.get(cutting.alike());
        Pose pose = cutting.piece().pose();
        Form form = known == null ? Form.of(cutting.solid(), pose) : known.at(pose);
        REMEMBERED.put(cutting.alike(), form);
        return form;
    }

    /** The form of each piece by its id. The processors share the making of unlike ones. */
    static Map<String, Form> of(List<Cutting> cuttings) {
        Map<Cutting.Likeness, Cutting> firsts = new LinkedHashMap<>();
        cuttings.forEach(cutting -> firsts.putIfAbsent(cutting.alike(), cutting));
        Map<Cutting.Likeness, Form> made = firsts.values().parallelStream()
                .collect(Collectors.toMap(Cutting::alike, Forms::form));
        return cuttings.stream().collect(Collectors.toMap(cutting -> cutting.piece().id(),
                cutting -> Objects.requireNonNull(made.get(cutting.alike())).at(cutting.piece().pose())));
    }
}
