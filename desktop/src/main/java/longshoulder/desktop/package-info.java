/**
 * The window: starting, the one screen, and pictures of it.
 *
 * <p>Start at {@link longshoulder.desktop.LongShoulderApp}. No argument or result is ever null unless marked.
 */
@org.jspecify.annotations.NullMarked
package longshoulder.desktop;
