/**
 * The stage of the brief: what is wanted.
 *
 * <p>No argument or result is ever null unless marked.
 */
@org.jspecify.annotations.NullMarked
package longshoulder.desktop.brief;
