package longshoulder.files;

import java.util.Objects;

/** A file that cannot be taken as it is; the message is one sentence that says what is wrong and where. */
public final class BadFile extends Exception {

    private static final long serialVersionUID = 1;

    BadFile(String message) {
        super(message);
    }

    /** One sentence for the maker. */
    @Override
    public String getMessage() {
        return Objects.requireNonNull(super.getMessage());
    }
}
