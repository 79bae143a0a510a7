package longshoulder.core.boards;

import longshoulder.core.reckoning.Label;

/** A line of a table that cannot be used; the label says what is wrong with it. */
public final class RowRefused extends Exception {

    private static final long serialVersionUID = 1L;

    private final transient Label reason;

    RowRefused(Label reason) {
        super(reason.toString());
        this.reason = reason;
    }

    public Label reason() {
        return reason;
    }
}
