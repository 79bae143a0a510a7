package longshoulder.core.measure;

import java.util.Objects;

/** What a maker typed cannot be read as a length; the message says in one sentence what was wrong and where. */
public final class EntryException extends IllegalArgumentException {

    private static final long serialVersionUID = 1;

    private final int position;

    EntryException(String message, int position) {
        super(message);
        this.position = position;
    }

    /** One sentence for the maker. */
    @Override
    public String getMessage() {
        return Objects.requireNonNull(super.getMessage());
    }

    /** Where the trouble starts: a count of characters before it, from 0. */
    public int position() {
        return position;
    }
}
