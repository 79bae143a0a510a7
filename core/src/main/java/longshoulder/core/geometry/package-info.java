/**
 * Points, planes, convex cells and the solids made of them, in millimetres as doubles.
 *
 * <p>Start at {@link longshoulder.core.geometry.Solid}. Points are Commons Geometry vectors; why cells rather than its partition trees stands in docs/decisions. No argument or result is ever null unless marked.
 */
@org.jspecify.annotations.NullMarked
package longshoulder.core.geometry;
