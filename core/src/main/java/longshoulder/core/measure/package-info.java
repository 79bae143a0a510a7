/**
 * Lengths: exact inside, read as makers write them, shown as they want them.
 *
 * <p>Start at {@link longshoulder.core.measure.Length}. No argument or result is ever null unless marked.
 */
@org.jspecify.annotations.NullMarked
package longshoulder.core.measure;
