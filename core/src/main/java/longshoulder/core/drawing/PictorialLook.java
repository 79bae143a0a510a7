package longshoulder.core.drawing;

import longshoulder.core.geometry.View;

/**
 * How the pictorial view is looked at.
 *
 * @param turn how far the eye has gone round to the right, in degrees
 * @param lift how far it looks down, in degrees
 * @param apart how far the pieces stand apart, from 0 to 1
 */
public record PictorialLook(double turn, double lift, double apart) {

    /** How it is looked at first. */
    public static final PictorialLook FIRST = new PictorialLook(32, 24, 0);

    private static final double STEEPEST = 80;

    /** Gone round and up by so many degrees. */
    public PictorialLook turned(double round, double up) {
        return new PictorialLook(turn + round, Math.clamp(lift + up, -STEEPEST, STEEPEST), apart);
    }

    /** With the pieces farther apart, or together. */
    public PictorialLook apart(double share) {
        return new PictorialLook(turn, lift, share);
    }

    /** The direction in which it looks. */
    public View eye() {
        return View.pictorial(turn, lift);
    }
}
