/**
 * The texts of the window, in the language that the program speaks.
 *
 * <p>No argument or result is ever null unless marked.
 */
@org.jspecify.annotations.NullMarked
package longshoulder.desktop.words;
