/**
 * What the screens share: the document as it is worked on, and what is lit.
 *
 * <p>Start at {@link longshoulder.desktop.model.Workbench}. Nothing here knows a node of the scene. No argument or result is ever null unless marked.
 */
@org.jspecify.annotations.NullMarked
package longshoulder.desktop.model;
