package longshoulder.command;

import java.util.Objects;

/** Input that cannot be taken, with one sentence for whoever gave it. */
final class Refusal extends RuntimeException {

    private static final long serialVersionUID = 1;

    Refusal(String message) {
        super(message);
    }

    @Override
    public String getMessage() {
        return Objects.requireNonNull(super.getMessage());
    }
}
