package longshoulder.core.joint;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import longshoulder.core.brief.JointKind;
import longshoulder.core.geometry.Solid;
import longshoulder.core.reckoning.Amount;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import org.apache.commons.geometry.euclidean.twod.Vector2D;

/** A joint to which something was done besides: whatever is not said otherwise is as it was. */
sealed interface Wrapped extends Joint permits Pegged, Bolted, Undercut, Scribed, Made {

    /** The joint inside. */
    Joint joint();

    @Override
    default Meeting meeting() {
        return joint().meeting();
    }

    @Override
    default JointKind kind() {
        return joint().kind();
    }

    @Override
    default String type() {
        return joint().type();
    }

    @Override
    default Amount addedLength() {
        return joint().addedLength();
    }

    @Override
    default Solid adds() {
        return joint().adds();
    }

    @Override
    default Solid removes() {
        return joint().removes();
    }

    @Override
    default Solid site() {
        return joint().site();
    }

    @Override
    default Solid removesFromRail() {
        return joint().removesFromRail();
    }

    @Override
    default List<Solid> bores() {
        return joint().bores();
    }

    @Override
    default Solid loosePart() {
        return joint().loosePart();
    }

    @Override
    default Vector3D.Unit homeward() {
        return joint().homeward();
    }

    @Override
    default Vector3D looseWay() {
        return joint().looseWay();
    }

    @Override
    default List<LoosePart> parts() {
        return joint().parts();
    }

    @Override
    default String looseParts() {
        return joint().looseParts();
    }

    @Override
    default List<Tenon> tenons() {
        return joint().tenons();
    }

    @Override
    default List<Tenon> mortised() {
        return joint().mortised();
    }

    @Override
    default boolean isOpen() {
        return joint().isOpen();
    }

    @Override
    default Optional<Amount> trimming() {
        return joint().trimming();
    }

    @Override
    default boolean isThrough() {
        return joint().isThrough();
    }

    @Override
    default GivesWay givesWay() {
        return joint().givesWay();
    }

    @Override
    default Optional<Wedging> wedged() {
        return joint().wedged();
    }

    @Override
    default Optional<Pegged> pegged() {
        return joint().pegged();
    }

    @Override
    default Optional<String> heldBy() {
        return joint().heldBy();
    }

    @Override
    default Joint plain() {
        return joint().plain();
    }

    @Override
    default List<Fault> faults(Inspection inspection) {
        return joint().faults(inspection);
    }

    @Override
    default void draw(Sketch sketch) {
        joint().draw(sketch);
    }

    @Override
    default Vector2D middle() {
        return joint().middle();
    }

    @Override
    default Map<String, Amount> figures() {
        return joint().figures();
    }
}
