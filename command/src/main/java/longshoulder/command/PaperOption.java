package longshoulder.command;

import java.util.Arrays;
import longshoulder.core.drawing.Paper;

/** Reads the name of a sheet of paper. */
final class PaperOption {

    private PaperOption() {}

    static Paper read(String name) {
        return Paper.find(name).orElseThrow(() -> new Refusal("There is no paper \"%s\"; there are %s.".formatted(name,
                String.join(" and ", Arrays.stream(Paper.values()).map(Paper::id).toList()))));
    }
}
