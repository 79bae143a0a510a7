/**
 * Finished and rough sizes, grouped by true sameness.
 *
 * <p>Start at {@link longshoulder.core.cutlist.CutList}. No argument or result is ever null unless marked.
 */
@org.jspecify.annotations.NullMarked
package longshoulder.core.cutlist;
