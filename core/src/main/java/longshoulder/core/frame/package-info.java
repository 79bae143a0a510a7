/**
 * Pieces in place, shoulder to shoulder, before any joint is cut.
 *
 * <p>Start at {@link longshoulder.core.frame.Frame}. No argument or result is ever null unless marked.
 */
@org.jspecify.annotations.NullMarked
package longshoulder.core.frame;
