package longshoulder.core.boards;

import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;

/** How the growth rings lie at the end of a board, against its wide face. */
public enum Rings {
    /** Along the face: it moves most. */
    FLAT,
    /** Slanted. */
    RIFT,
    /** Upright: it moves least. */
    QUARTERED;

    /** Its name in files. */
    public String id() {
        return name().toLowerCase(Locale.ROOT);
    }

    /** The way with a name. */
    public static Optional<Rings> find(String id) {
        return Stream.of(values()).filter(rings -> rings.id().equals(id)).findFirst();
    }
}
