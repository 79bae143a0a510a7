package longshoulder.core.plan;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import longshoulder.core.boards.Rings;
import longshoulder.core.brief.Limits;
import longshoulder.core.frame.Piece;
import longshoulder.core.frame.Role;
import longshoulder.core.joint.Groove;
import longshoulder.core.measure.Length;
import longshoulder.core.finding.WoodMovement;

/**
 * How much a wide piece of solid wood moves across the grain, and the room that it has.
 *
 * @param growth from the moisture now to the wettest: the room that a groove must leave
 * @param shrinkage from the moisture now to the driest
 * @param held how its grooves hold it; empty where it lies in none
 */
public record Movement(Piece piece, Rings rings, Length growth, Length shrinkage, Optional<Held> held) {

    /**
     * How grooves hold a panel.
     *
     * @param room that they leave in all while it is as wet as now
     * @param left how deep it still stands in the shallower one when it is driest
     * @param depth of that groove
     */
    public record Held(Length room, Length left, Length depth) {}

    private static final Set<Role> WIDE = Set.of(Role.TOP, Role.SEAT, Role.PANEL, Role.SLAB, Role.SHELF);

    /** Whether its grooves leave less than it grows, or hold it by less than a third when it is driest. */
    public boolean isRisk() {
        return held.filter(grooves -> grooves.room.isLessThan(growth)
                || grooves.left.isLessThan(grooves.depth.times(1, 3))).isPresent();
    }

    /** All of it: so long the slots are in which the screws of a top can move. */
    public Length swing() {
        return growth.plus(shrinkage);
    }

    /** Of all wide pieces of a plan whose wood's movement is known. */
    public static List<Movement> of(Plan plan) {
        Length wide = plan.project().brief().length(Limits.HELD_WIDTH);
        return plan.pieces().stream().map(PlannedPiece::piece)
                .filter(piece -> piece.isReal()
                        && (WIDE.contains(piece.role()) || piece.width().value().isGreaterThan(wide)))
                .map(piece -> new WoodMovement(plan.project(), piece)).filter(moves -> moves.share() > 0)
                .map(moves -> new Movement(moves.piece(), moves.rings(), moves.growth(), moves.shrinkage(),
                        held(plan, moves.piece(), moves.shrinkage())))
                .toList();
    }

    /** What its grooves leave at both edges together, and how deep it is held in the shallower one. */
    private static Optional<Held> held(Plan plan, Piece piece, Length shrinkage) {
        List<Groove> grooves = plan.joints().stream()
                .filter(joint -> joint.meeting().tenonPiece().id().equals(piece.id())
                        && !joint.meeting().part().isEnd())
                .flatMap(joint -> joint.plain() instanceof Groove groove ? Stream.of(groove) : Stream.empty())
                .toList();
        return grooves.stream().min(Comparator.comparing(groove -> groove.stands().value())).map(groove -> new Held(
                grooves.stream().map(one -> one.room().value()).reduce(Length.ZERO, Length::plus),
                groove.stands().value().minus(shrinkage.times(1, 2)), groove.depth().value()));
    }
}
