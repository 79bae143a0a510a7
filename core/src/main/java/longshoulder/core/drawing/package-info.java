/**
 * Drawings with their figures, laid out on pages and described once for all pens.
 *
 * <p>Start at {@link longshoulder.core.drawing.Drawing}, what can be drawn, and {@link longshoulder.core.drawing.Page}, what pens draw. A
 * mark lies where it is on the piece, in millimetres of the piece; a {@link longshoulder.core.drawing.Placement} says where that is on the
 * page. Text and widths of lines are in millimetres of paper. Fonts and colours are the pens' own. No argument or result is ever null
 * unless marked.
 */
@org.jspecify.annotations.NullMarked
package longshoulder.core.drawing;
