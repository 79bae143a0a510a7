package longshoulder.core.joint;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;
import longshoulder.core.brief.JointKind;
import longshoulder.core.geometry.Solid;
import longshoulder.core.reckoning.Amount;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import org.apache.commons.geometry.euclidean.twod.Vector2D;

/**
 * What is cut where two pieces meet. A closed family: a new joint is a new file, one more name here and in
 * {@link JointKind}, and a line in {@link JointType}.
 */
public sealed interface Joint permits StoppedTenon, HaunchedTenon, DividedTenon, ThroughTenon, BlindWedgedTenon,
        TuskedTenon, StubTenon, LooseTenon, Housing, Dovetail, TaperedDovetail, Bridle, HalfLap, CrossLap, Groove,
        EdgeJoint, CopeAndStick, MouldedTenon, Wrapped {

    Meeting meeting();

    JointKind kind();

    /** What files and the words bundle call this type, such as {@code stopped-tenon}. */
    default String type() {
        return kind().id();
    }

    /** How far it lengthens the rail beyond the shoulder. */
    Amount addedLength();

    /** What it adds to the rail beyond the shoulder, in the world, before holes are bored through it. */
    Solid adds();

    /** What it takes out of the post, in the world. */
    Solid removes();

    /** Where it is: what it takes out of the post, or where both touch if it takes nothing. */
    default Solid site() {
        return removes();
    }

    /** What it takes out of the rail's body. */
    default Solid removesFromRail() {
        return Solid.NOTHING;
    }

    /**
     * What is bored through the rail's end, tenon and body alike, when all else is cut: the holes of pegs and bolts, the slots of wedges and tusks. They may cross. Cut like
     * this they are cut once for all rails made alike, where a tenon with its hole would be put together at each.
     */
    default List<Solid> bores() {
        return List.of();
    }

    /** A part of its own, such as a loose tenon; nothing for most joints. */
    default Solid loosePart() {
        return Solid.NOTHING;
    }

    /** What has to be made or bought for it besides its two pieces. */
    default List<LoosePart> parts() {
        return List.of();
    }

    /** The direction in which its loose parts are taken out when the joint is pulled apart: a little way after the rail. */
    default Vector3D looseWay() {
        return homeward().negate();
    }

    /** What its loose parts are called in files, such as {@code wedges}. */
    default String looseParts() {
        return type();
    }

    /** The single tenons in it, which share the checks on tenons. */
    default List<Tenon> tenons() {
        return List.of();
    }

    /** Tenons, its own or loose ones, for which the post has a mortise. */
    default List<Tenon> mortised() {
        return tenons();
    }

    /** Whether it comes out on the far side of the post. */
    default boolean isThrough() {
        return false;
    }

    /** Whether it leaves something open that neither piece nor a part of its own fills once it is closed. */
    default boolean isOpen() {
        return false;
    }

    /** What its tenons do where others compete for the middle of the post. */
    default GivesWay givesWay() {
        return GivesWay.NEVER;
    }

    /** Its wedges; empty for most joints. */
    default Optional<Wedging> wedged() {
        return Optional.empty();
    }

    /** The same with the pegs that hold it; empty where none do. */
    default Optional<Pegged> pegged() {
        return Optional.empty();
    }

    /** The parameter with which pegs or a bolt were chosen for it; empty where neither holds it. */
    default Optional<String> heldBy() {
        return Optional.empty();
    }

    /** The joint without the pegs that hold it and the cutting in of its shoulders. */
    default Joint plain() {
        return this;
    }

    /** The direction in which the rail goes home: along its own length for most joints. */
    default Vector3D.Unit homeward() {
        return meeting().inward();
    }

    /** The same joint with its tenons fitted to what else enters the post. */
    default Joint fitted(UnaryOperator<Tenon> fit) {
        return this;
    }

    /**
     * What is wrong with it, taken by itself: the checks that are its own. What it shares with others, such as the walls beside a
     * mortise, is checked for all of them elsewhere.
     */
    default List<Fault> faults(Inspection inspection) {
        return List.of();
    }

    /** Places its figures in its drawing: those of its tenons unless its own file says more. */
    default void draw(Sketch sketch) {
        mortised().forEach(tenon -> tenon.draw(sketch));
    }

    /** Where its sections are cut across the rail's end: the middle of what is cut, y and z of {@link SectionFrame}. */
    default Vector2D middle() {
        return mortised().stream().findFirst().map(tenon -> tenon.section().middle())
                .orElseGet(() -> new RailEnd(meeting()).whole().middle());
    }

    /** By how much its end is cut longer, and trimmed flush once it is glued; nothing for most. */
    default Optional<Amount> trimming() {
        return Optional.empty();
    }

    /** Its figures by the name of what they are, in the order in which a maker would ask for them. */
    Map<String, Amount> figures();

    /** The meeting's stable name. */
    default String id() {
        return meeting().id();
    }
}
