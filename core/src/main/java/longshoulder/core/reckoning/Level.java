package longshoulder.core.reckoning;

/** How bad something is, by its consequence; the worst first. */
public enum Level {
    /** It cannot be made or assembled. */
    STOP,
    /** It is likely to fail or split. */
    RISK,
    /** It works, and there is something to know. */
    NOTE
}
