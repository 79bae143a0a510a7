package longshoulder.core.wood;

import longshoulder.core.reckoning.Label;

/** A text that tells of no wood; the label says what is wrong with it. */
public final class WoodRefused extends RuntimeException {

    private static final long serialVersionUID = 1L;

    private final transient Label reason;

    WoodRefused(Label reason) {
        super(reason.toString());
        this.reason = reason;
    }

    public Label reason() {
        return reason;
    }
}
