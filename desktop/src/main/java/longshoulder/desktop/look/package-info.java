/**
 * The look: palette, typefaces, and figures with true fractions.
 *
 * <p>The reasons stand in docs/design.md. No argument or result is ever null unless marked.
 */
@org.jspecify.annotations.NullMarked
package longshoulder.desktop.look;
