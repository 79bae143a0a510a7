/**
 * The window round the stages: header, stage bar, notices, side column, rod, finder and keys.
 *
 * <p>No argument or result is ever null unless marked.
 */
@org.jspecify.annotations.NullMarked
package longshoulder.desktop.shell;
