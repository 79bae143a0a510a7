/**
 * Labels, findings and names as sentences, from one resource bundle.
 *
 * <p>Start at {@link longshoulder.core.words.Words}. No argument or result is ever null unless marked.
 */
@org.jspecify.annotations.NullMarked
package longshoulder.core.words;
