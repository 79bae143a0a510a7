package longshoulder.core.project;

import longshoulder.core.reckoning.Label;

/** An edit that cannot be made as it stands, such as a length out of bounds. The project is as it was. */
public final class EditRefused extends RuntimeException {

    private static final long serialVersionUID = 1;

    private final transient Label reason;

    public EditRefused(Label reason) {
        super(reason.toString());
        this.reason = reason;
    }

    /** One sentence for the maker, not yet in words. */
    public Label reason() {
        return reason;
    }
}
