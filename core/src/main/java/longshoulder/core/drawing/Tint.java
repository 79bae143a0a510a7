package longshoulder.core.drawing;

/**
 * What the colour of a face says.
 *
 * @param wood id of its species; empty for what is picked out, such as the lit piece or a wedge
 * @param shade how much darker it is than the wood, from 0 to 1, because it looks away from the light
 */
public record Tint(String wood, double shade) {

    public boolean isPickedOut() {
        return wood.isEmpty();
    }
}
