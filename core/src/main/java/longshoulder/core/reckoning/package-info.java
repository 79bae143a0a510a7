/**
 * Figures that carry their reason: a derived length is the tree of named amounts it was computed from.
 *
 * <p>Start at {@link longshoulder.core.reckoning.Amount}. No argument or result is ever null unless marked.
 */
@org.jspecify.annotations.NullMarked
package longshoulder.core.reckoning;
