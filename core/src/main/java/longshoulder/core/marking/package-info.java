/**
 * What is marked on a piece: for now the rod.
 *
 * <p>Start at {@link longshoulder.core.marking.Rod}. No argument or result is ever null unless marked.
 */
@org.jspecify.annotations.NullMarked
package longshoulder.core.marking;
