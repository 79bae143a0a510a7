package longshoulder.core.measure;

/** A unit that a maker may write behind a number. */
public enum Unit {
    MILLIMETRE(1_000_000_000L), CENTIMETRE(10_000_000_000L), METRE(1_000_000_000_000L), INCH(25_400_000_000L), FOOT(
            304_800_000_000L);

    private final long picometres;

    Unit(long picometres) {
        this.picometres = picometres;
    }

    /** How many picometres one of this unit is; always whole. */
    public long picometres() {
        return picometres;
    }
}
