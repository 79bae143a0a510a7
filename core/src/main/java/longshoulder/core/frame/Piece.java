package longshoulder.core.frame;

import longshoulder.core.geometry.Cell;
import longshoulder.core.geometry.Pose;
import longshoulder.core.geometry.Solid;
import longshoulder.core.reckoning.Amount;

/**
 * A piece in its place, before any joint is cut.
 *
 * @param id stable name, such as {@code apron-front}
 * @param mark short workshop label, such as B1
 * @param length of the body: from shoulder to shoulder or, without joints at its ends, from end to end
 * @param width across the grain, along the pose's second axis
 * @param thickness along the pose's third axis
 * @param pose where the body stands; x = 0 is its first end
 */
public record Piece(String id, Role role, String mark, Amount length, Amount width, Amount thickness, Pose pose) {

    /** The body as a plain box in the world; nothing where a size is not positive. */
    public Solid body() {
        return Solid.of(Cell.box(pose, 0, 0, 0, length.value().toMillimetres(), width.value().toMillimetres(),
                thickness.value().toMillimetres()));
    }

    /** Whether there is any wood in it. */
    public boolean isReal() {
        return length.value().isPositive() && width.value().isPositive() && thickness.value().isPositive();
    }

    /** The same piece, really cut to another shoulder length and lying centred between its posts. */
    Piece cutTo(Amount.Cut cut) {
        double shift = length.value().minus(cut.value()).toMillimetres() / 2;
        Pose moved = new Pose(pose.toWorld(shift, 0, 0), pose.along(), pose.across(), pose.out());
        return new Piece(id, role, mark, cut, width, thickness, moved);
    }
}
