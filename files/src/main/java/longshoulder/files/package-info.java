/**
 * Open formats in and out.
 *
 * <p>Start at {@link longshoulder.files.DesignFile}. Nothing read from outside is trusted: sizes, depth, names and values
 * are checked before a project is made of them, and what is wrong is said in one sentence ({@link
 * longshoulder.files.BadFile}). No argument or result is ever null unless marked.
 */
@org.jspecify.annotations.NullMarked
package longshoulder.files;
