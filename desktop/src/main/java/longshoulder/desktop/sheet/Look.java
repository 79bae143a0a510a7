package longshoulder.desktop.sheet;

import longshoulder.core.geometry.View;

/**
 * How the pictorial view is looked at.
 *
 * @param turn how far the eye has gone round to the right, in degrees
 * @param lift how far it looks down, in degrees
 * @param apart how far the pieces stand apart, from 0 to 1
 */
record Look(double turn, double lift, double apart) {

    private static final double STEEPEST = 80;

    /** Gone round and up by so many degrees. */
    Look turned(double round, double up) {
        return new Look(turn + round, Math.clamp(lift + up, -STEEPEST, STEEPEST), apart);
    }

    Look apart(double share) {
        return new Look(turn, lift, share);
    }

    View eye() {
        return View.pictorial(turn, lift);
    }
}
