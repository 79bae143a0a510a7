package longshoulder.core.papers;

/**
 * What stands on every page, so that sheets of two states of a design are never mixed up.
 *
 * @param title of the design
 * @param revision a short mark that changes whenever the design does
 * @param date on which the paper was made, as it is to be shown
 */
public record Stamp(String title, String revision, String date) {}
