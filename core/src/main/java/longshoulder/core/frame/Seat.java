package longshoulder.core.frame;

import longshoulder.core.reckoning.Amount;

/**
 * How a rail sits on a post, in the maker's own figures, so that places of mortises can be reckoned and not only
 * measured on the model.
 *
 * @param setback from the post's face that looks the way of the rail's face side, back to that face side
 * @param drop from the post's end nearest to the rail's face edge, along the post to that face edge
 */
public record Seat(String rail, String post, Amount setback, Amount drop) {}
