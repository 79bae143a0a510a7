/**
 * Controls that all parts of the window are put together from.
 *
 * <p>No argument or result is ever null unless marked.
 */
@org.jspecify.annotations.NullMarked
package longshoulder.desktop.control;
