package longshoulder.desktop.document;

import java.util.List;
import longshoulder.core.words.Words;

/**
 * One sentence that stands at the top of the sheet until it is settled, with what can be done about it.
 *
 * @param text empty for none
 */
public record Notice(String text, List<Choice> choices) {

    /** Nothing to say. */
    public static final Notice NONE = new Notice("", List.of());

    /** One thing that can be done. */
    public record Choice(String text, Runnable action) {}

    public Notice {
        text = Words.oneLine(text);
        choices = List.copyOf(choices);
    }

    /** A sentence without choices. */
    public static Notice of(String text) {
        return new Notice(text, List.of());
    }
}
