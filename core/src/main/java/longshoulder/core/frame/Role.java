package longshoulder.core.frame;

/** What a piece is in the furniture. */
public enum Role {
    LEG, APRON, TOP;

    /** What files and the words bundle call it. */
    public String id() {
        return name().toLowerCase(java.util.Locale.ROOT);
    }

    /** Whether it is laid on and held by buttons, so that its touching another piece asks for no joint. */
    public boolean isLaidOn() {
        return this == TOP;
    }

    /** Whether spare length is left at its ends until after glue-up. */
    public boolean hasHorns() {
        return this == LEG;
    }
}
