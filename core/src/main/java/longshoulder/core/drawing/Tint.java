package longshoulder.core.drawing;

/**
 * What the colour of a face says.
 *
 * @param wood id of its species; empty for what is picked out, such as the lit piece or a wedge
 * @param shade how much darker it is than the wood, from 0 to 1, because it looks away from the light
 */
public record Tint(String wood, double shade) {

    /** The ground on which all is drawn: a face of it hides what lies behind. */
    public static final Tint PAPER = new Tint("paper", 0);

    /** As dark as lines: the squares of codes. */
    public static final Tint INK = new Tint("ink", 0);

    public boolean isInk() {
        return equals(INK);
    }

    public boolean isPaper() {
        return equals(PAPER);
    }

    public boolean isPickedOut() {
        return wood.isEmpty();
    }
}
