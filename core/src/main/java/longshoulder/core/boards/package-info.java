/**
 * Which boards the pieces are sawn from, and in which cuts, with a proof of how few boards or how little money would do at least.
 *
 * <p>Start at {@link longshoulder.core.boards.BoardPlanner}. Pieces and boards are rectangles with the grain along their length; every cut
 * goes from edge to edge of the part that is cut, and costs its kerf. Lengths are whole picometres throughout, so that what fits exactly
 * fits. No argument or result is ever null unless marked.
 */
@org.jspecify.annotations.NullMarked
package longshoulder.core.boards;
