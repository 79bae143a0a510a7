package longshoulder.core.joint;

/**
 * What a joint is checked with.
 *
 * @param limits the figures at which checks speak up, as the maker has them
 * @param whole the joint with all that was done to it, whose solids are worked out already
 */
public record Inspection(Thresholds limits, Joint whole) {}
