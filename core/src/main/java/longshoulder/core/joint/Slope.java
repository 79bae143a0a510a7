package longshoulder.core.joint;

import java.util.List;

/** The usual slopes of dovetails and tusks, by the names under which they are chosen. */
final class Slope {

    static final List<String> NAMES = List.of("one-in-seven", "one-in-six", "one-in-eight", "one-in-five",
            "one-in-nine", "one-in-ten", "one-in-twelve");

    private Slope() {}

    /** Growth for each unit of length of a slope with a name. */
    static double of(String name) {
        return 1.0 / switch (name) {
            case "one-in-six" -> 6;
            case "one-in-eight" -> 8;
            case "one-in-five" -> 5;
            case "one-in-nine" -> 9;
            case "one-in-ten" -> 10;
            case "one-in-twelve" -> 12;
            default -> 7;
        };
    }
}
