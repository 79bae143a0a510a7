/**
 * What is wrong with a plan, by how much, and what would mend it.
 *
 * <p>Start at {@link longshoulder.core.finding.Checks}. No argument or result is ever null unless marked.
 */
@org.jspecify.annotations.NullMarked
package longshoulder.core.finding;
