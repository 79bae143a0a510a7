/**
 * Commands for scripts and tests.
 *
 * <p>Start at {@link longshoulder.command.Main}; each command is a class of its own. Exit codes: 0 fine, 1 findings of
 * level stop, 2 bad input, which is told in one sentence on the error stream.
 */
@org.jspecify.annotations.NullMarked
package longshoulder.command;
