package longshoulder.core.frame;

import java.util.Arrays;
import java.util.Optional;

/** What a piece is in the furniture. */
public enum Role {
    LEG, APRON, TOP, SEAT, SLAB, POST, UPRIGHT, RAIL, STILE, MUNTIN, STRETCHER, FOOT, BEARER, BEAM, PANEL, GLASS, RUNNER, LAYER, BAR, SHELF, DRAWER;

    /** What files and the words bundle call it. */
    public String id() {
        return name().toLowerCase(java.util.Locale.ROOT);
    }

    /** The one with an id; empty if there is none. */
    public static Optional<Role> find(String id) {
        return Arrays.stream(values()).filter(role -> role.id().equals(id)).findFirst();
    }

    /** Whether it is laid on, glued on or held by buttons, so that its touching another piece asks for no joint. */
    public boolean isLaidOn() {
        return this == TOP || this == SEAT || this == RUNNER || this == LAYER || this == SHELF;
    }

    /** Whether it stands dry in grooves of others: it meets them with its sides, and nothing ends on it. */
    public boolean isPanel() {
        return this == PANEL || this == GLASS;
    }

    /** Whether spare length is left at its ends until after glue-up. */
    public boolean hasHorns() {
        return this == LEG || this == STILE || this == POST;
    }
}
