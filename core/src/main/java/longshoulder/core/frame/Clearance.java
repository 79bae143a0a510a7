package longshoulder.core.frame;

import longshoulder.core.reckoning.Amount;

/**
 * What pieces must leave clear between them, such as an opening for a door: with nothing left of it the sizes contradict each other.
 *
 * @param beside the piece at which it ends
 */
public record Clearance(String beside, Amount amount) {}
