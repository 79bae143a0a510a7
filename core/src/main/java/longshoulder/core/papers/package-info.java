/**
 * Papers for the shop: pages with everything that a maker takes to the bench, in black and white as well as in colour.
 *
 * <p>Start at {@link longshoulder.core.papers.ShopPaper}. No argument or result is ever null unless marked.
 */
@org.jspecify.annotations.NullMarked
package longshoulder.core.papers;
