/**
 * Species with their movement, and the tools the maker owns.
 *
 * <p>Both are data; nothing here computes a joint. No argument or result is ever null unless marked.
 */
@org.jspecify.annotations.NullMarked
package longshoulder.core.wood;
