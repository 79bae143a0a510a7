/**
 * Pictures: painted in the background by a pen for pixels, shown by nodes; and the palette.
 *
 * <p>No argument or result is ever null unless marked.
 */
@org.jspecify.annotations.NullMarked
package longshoulder.desktop.paint;
