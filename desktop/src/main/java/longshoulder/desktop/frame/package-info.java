/**
 * The stage of the frame: the drawing sheet, whose figures are handles.
 *
 * <p>No argument or result is ever null unless marked.
 */
@org.jspecify.annotations.NullMarked
package longshoulder.desktop.frame;
