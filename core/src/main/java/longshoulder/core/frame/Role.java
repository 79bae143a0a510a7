package longshoulder.core.frame;

/** What a piece is in the furniture. */
public enum Role {
    LEG, APRON, TOP, SEAT, SLAB, POST, UPRIGHT, RAIL, STILE, MUNTIN, STRETCHER, FOOT, BEARER, BEAM, PANEL, GLASS, SHELF, BAR, RUNNER;

    /** What files and the words bundle call it. */
    public String id() {
        return name().toLowerCase(java.util.Locale.ROOT);
    }

    /** Whether it is laid on and held by buttons, so that its touching another piece asks for no joint. */
    public boolean isLaidOn() {
        return this == TOP || this == SEAT || this == RUNNER;
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
