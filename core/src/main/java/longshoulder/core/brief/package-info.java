/**
 * What was asked: a kind of furniture and a value for each of its parameters.
 *
 * <p>Start at {@link longshoulder.core.brief.Brief}. No argument or result is ever null unless marked.
 */
@org.jspecify.annotations.NullMarked
package longshoulder.core.brief;
