package longshoulder.core.finding;

import java.util.Optional;
import longshoulder.core.boards.Rings;
import longshoulder.core.brief.HouseRules;
import longshoulder.core.brief.Limits;
import longshoulder.core.frame.Piece;
import longshoulder.core.measure.Length;
import longshoulder.core.project.Project;
import longshoulder.core.wood.Species;

/** How much a piece moves across the grain: width × share per cent of moisture × change of moisture. */
public record WoodMovement(Project project, Piece piece) {

    /** How its growth rings lie, as the maker chose for it or its role. */
    public Rings rings() {
        return project.chosen(piece, HouseRules.RINGS).flatMap(Rings::find).orElse(Rings.FLAT);
    }

    /** Between the moisture now and the wettest. */
    public Length growth() {
        return by(project.brief().ratio(Limits.MOISTURE).toDouble());
    }

    /** Between the moisture now and the driest. */
    public Length shrinkage() {
        return by(project.brief().ratio(HouseRules.DRYING).toDouble());
    }

    private Length by(double percent) {
        return Length.fromMillimetres(piece.width().value().toMillimetres() * share() * percent);
    }

    /** Of the width, per cent of moisture; nothing where it is unknown or the piece is of sheet goods. */
    public double share() {
        Optional<Species> wood = project.species(piece.role().id())
                .filter(species -> !species.has(Species.Trait.SHEET));
        double tangential = wood.flatMap(Species::tangential).orElse(0.0);
        double radial = wood.flatMap(Species::radial).orElse(tangential);
        return switch (rings()) {
            case FLAT -> tangential;
            case RIFT -> (tangential + radial) / 2;
            case QUARTERED -> radial;
        };
    }
}
