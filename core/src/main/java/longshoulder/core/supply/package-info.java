/**
 * What a design needs of wood: which rough sizes are planned on which boards, and what has to be bought.
 *
 * <p>Start at {@link longshoulder.core.supply.Supply}. No argument or result is ever null unless marked.
 */
@org.jspecify.annotations.NullMarked
package longshoulder.core.supply;
