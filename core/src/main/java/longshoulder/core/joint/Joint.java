package longshoulder.core.joint;

import longshoulder.core.geometry.Solid;
import longshoulder.core.reckoning.Amount;

/**
 * What is cut where two pieces meet. A closed family: a new joint is a new file and one more name here.
 */
public sealed interface Joint permits StoppedTenon {

    Meeting meeting();

    /** What files and the words bundle call this type, such as {@code stopped-tenon}. */
    String type();

    /** How far it lengthens the rail beyond the shoulder. */
    Amount addedLength();

    /** What it adds to the rail beyond the shoulder, in the world. */
    Solid adds();

    /** What it takes out of the post, in the world. */
    Solid removes();

    /** The meeting's stable name. */
    default String id() {
        return meeting().id();
    }
}
