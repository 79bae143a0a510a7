package longshoulder.core.joint;

import java.util.Locale;

/** What is done where the tenons of two rails compete for the middle of a post: the rules. */
public enum TenonMeeting {
    /** Both run past the line of the other and are mitred to each other. */
    MITRED,
    /** Each stops clear of the other. */
    SHORTENED,
    /** One takes the upper half of what both want, the other the lower: both run past each other. */
    INTERLOCKED,
    /** One rail is moved along its posts until its tenons clear the other's: see {@link Staggering}. */
    STAGGERED,
    /** Each keeps its wanted length, whatever the other does. */
    FULL;

    /** The rule with the name that briefs use. @throws IllegalArgumentException if there is none */
    public static TenonMeeting parse(String option) {
        return valueOf(option.toUpperCase(Locale.ROOT));
    }

    public String option() {
        return name().toLowerCase(Locale.ROOT);
    }
}
