/**
 * The document and the one way to change it.
 *
 * <p>Start at {@link longshoulder.core.project.Project}; every change is an {@link longshoulder.core.project.Edit}. No argument or result is ever null unless marked.
 */
@org.jspecify.annotations.NullMarked
package longshoulder.core.project;
