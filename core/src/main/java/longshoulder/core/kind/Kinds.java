package longshoulder.core.kind;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import longshoulder.core.brief.Parameter;

/** All kinds of furniture. A new kind is added here and nowhere else. */
public final class Kinds {

    private static final List<Kind> ALL = List.of(Table.table(), Table.stool(), Bench.KIND, Workbench.KIND,
            Cabinet.KIND, Door.KIND, PictureFrame.KIND, Trestle.KIND, Stand.KIND, new FreeFrame());

    private static final Map<String, Kind> BY_ID = ALL.stream().collect(Collectors.toMap(Kind::id, kind -> kind));

    private Kinds() {}

    public static List<Kind> all() {
        return ALL;
    }

    /** Whether a parameter is one of the joints, which every kind has alike. */
    public static boolean isOfJoints(Parameter parameter) {
        return KindParameters.OF_JOINTS.contains(parameter.name());
    }

    /** The kind with an id; empty if there is none. */
    public static Optional<Kind> find(String id) {
        return Optional.ofNullable(BY_ID.get(id));
    }
}
