package longshoulder.core.frame;

import longshoulder.core.geometry.View;
import longshoulder.core.reckoning.Amount;
import org.apache.commons.geometry.euclidean.threed.Vector3D;

/**
 * A figure that a drawing shows.
 *
 * @param view the view that it belongs to
 * @param from where it is measured from, in the world
 * @param to where it is measured to
 * @param side on which side of the drawing it stands, or inside it
 * @param rank how far out it stands: 0 is nearest
 * @param amount what it shows; a {@link Amount.Given} can be changed on the drawing
 */
public record Dimension(View view, Vector3D from, Vector3D to, Side side, int rank, Amount amount) {

    /** Where a figure stands. */
    public enum Side {
        ABOVE, BELOW, LEFT, RIGHT, INSIDE
    }
}
