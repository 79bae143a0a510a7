/**
 * The open document: its history and file, what is selected in it, an edit that is tried out, and what is derived from it in the background.
 *
 * <p>No argument or result is ever null unless marked.
 */
@org.jspecify.annotations.NullMarked
package longshoulder.desktop.document;
