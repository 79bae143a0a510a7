/**
 * The stage of the wood: boards, what is sawn from them, what has to be bought.
 *
 * <p>No argument or result is ever null unless marked.
 */
@org.jspecify.annotations.NullMarked
package longshoulder.desktop.wood;
