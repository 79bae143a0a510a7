package longshoulder.core.joint;

import java.util.List;

/** The usual slopes of dovetails and tusks, by the names under which they are chosen. */
final class Slope {

    static final List<String> NAMES = List.of("one-in-seven", "one-in-six", "one-in-eight");

    private Slope() {}

    /** Growth for each unit of length of a slope with a name. */
    static double of(String name) {
        return 1.0 / switch (name) {
            case "one-in-six" -> 6;
            case "one-in-eight" -> 8;
            default -> 7;
        };
    }
}
