/**
 * What stands round the sheet: header, notices, reckoning, cut list and rod.
 *
 * <p>Each is a region of its own that listens to the workbench. No argument or result is ever null unless marked.
 */
@org.jspecify.annotations.NullMarked
package longshoulder.desktop.panel;
