/**
 * Kinds of furniture: each a room of its own that turns a brief into a frame.
 *
 * <p>Start at {@link longshoulder.core.kind.Kinds}, the one list that a new kind is added to. No argument or result is ever null unless marked.
 */
@org.jspecify.annotations.NullMarked
package longshoulder.core.kind;
