package longshoulder.core.drawing;

import java.util.ArrayList;
import java.util.List;

/** How wide text is in the typeface of whoever draws it. */
@FunctionalInterface
public interface TextMeasure {

    /**
     * The width of a text in millimetres of paper.
     *
     * @param size of the typeface, in millimetres of paper
     */
    double width(String text, double size, boolean bold);

    /** Breaks a text between its words into lines no wider than so; a word that is wider stands alone. */
    default List<String> lines(String text, double size, boolean bold, double widest) {
        List<String> lines = new ArrayList<>();
        StringBuilder line = new StringBuilder();
        for (String word : text.split(" ", -1)) {
            if (!line.isEmpty() && width(line + " " + word, size, bold) > widest) {
                lines.add(line.toString());
                line.setLength(0);
            }
            line.append(line.isEmpty() ? "" : " ").append(word);
        }
        lines.add(line.toString());
        return lines;
    }
}
