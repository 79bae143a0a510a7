package longshoulder.core.joint;

import longshoulder.core.brief.Brief;

/**
 * What a joint is checked with.
 *
 * @param brief what was asked for, with the limits at which checks speak up
 * @param whole the joint with all that was done to it, whose solids are worked out already
 */
public record Inspection(Brief brief, Joint whole) {}
