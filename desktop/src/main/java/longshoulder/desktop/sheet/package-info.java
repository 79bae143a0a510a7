/**
 * The drawing sheet: views of the furniture whose figures are handles.
 *
 * <p>Start at {@link longshoulder.desktop.sheet.SheetPane}. No argument or result is ever null unless marked.
 */
@org.jspecify.annotations.NullMarked
package longshoulder.desktop.sheet;
