/**
 * Views of a plan as lines in true size, with hidden edges worked out exactly.
 *
 * <p>Start at {@link longshoulder.core.projection.Projection}. Knows no screen and no paper. No argument or result is ever null unless marked.
 */
@org.jspecify.annotations.NullMarked
package longshoulder.core.projection;
