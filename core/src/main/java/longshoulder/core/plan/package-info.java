/**
 * The derivation: from a project to exact pieces, joints and findings.
 *
 * <p>Start at {@link longshoulder.core.plan.Planner}. No argument or result is ever null unless marked.
 */
@org.jspecify.annotations.NullMarked
package longshoulder.core.plan;
