package longshoulder.core.reckoning;

/** What somebody typed, said as it was typed: in a {@link Label} any other text is the id of a piece or a joint. */
public record Typed(String text) {}
