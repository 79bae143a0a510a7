/**
 * Meetings found from the geometry, and the joint each one gets.
 *
 * <p>Start at {@link longshoulder.core.joint.Joinery}. No argument or result is ever null unless marked.
 */
@org.jspecify.annotations.NullMarked
package longshoulder.core.joint;
