package longshoulder.core.cutlist;

import java.util.List;
import longshoulder.core.brief.Address;
import longshoulder.core.brief.HouseRules;
import longshoulder.core.brief.Parameter;
import longshoulder.core.brief.Value;
import longshoulder.core.cutlist.CutLine.Size;
import longshoulder.core.frame.Piece;
import longshoulder.core.geometry.Tolerance;
import longshoulder.core.measure.Length;
import longshoulder.core.plan.PlannedPiece;
import longshoulder.core.project.Project;
import longshoulder.core.reckoning.Amount;
import longshoulder.core.reckoning.Label;
import org.apache.commons.geometry.euclidean.threed.Vector3D;

/**
 * Rough sizes: what a piece is worked from, and the allowance of the piece, of its role or of the shop, the nearest first.
 */
public final class RoughSizes {

    private static final Label WASTE = Label.of("rule.roughSize");

    private final Project project;

    /** By the rules of a project. */
    public RoughSizes(Project project) {
        this.project = project;
    }

    /** The rough size of a piece. */
    public Size of(PlannedPiece planned) {
        Size size = blank(planned);
        Piece piece = planned.piece();
        return new Size(
                rough("amount.roughLength", size.length(), allowance(piece, HouseRules.ROUGH_LENGTH,
                        piece.role().hasHorns() ? HouseRules.ROUGH_HORNS : HouseRules.ROUGH_LENGTH)),
                rough("amount.roughWidth", size.width(),
                        allowance(piece, HouseRules.ROUGH_WIDTH, HouseRules.ROUGH_WIDTH)),
                rough("amount.roughThickness", size.thickness(),
                        allowance(piece, HouseRules.ROUGH_THICKNESS, HouseRules.ROUGH_THICKNESS)));
    }

    /** @param ofShop what holds where neither the piece nor its role has one of its own */
    private Length allowance(Piece piece, Parameter.Measure rule, Parameter.Measure ofShop) {
        for (String owner : List.of(piece.id(), piece.role().id())) {
            if (project.brief().values().get(Address.of(owner, rule.name())) instanceof Value.Measured(Length own)) {
                return own;
            }
        }
        return project.brief().length(ofShop);
    }

    /** What the piece is worked from: where planes lean it reaches beyond its arrises and beyond its section. */
    private static Size blank(PlannedPiece piece) {
        Size finished = new Size(piece.cutTo(), piece.piece().width(), piece.piece().thickness());
        if (piece.piece().slanted().isEmpty()) {
            return finished;
        }
        Vector3D box = piece.cutShape().box();
        return new Size(
                reaching("amount.blank", finished.length(),
                        box.getX() + Amount.mm(piece.cutTo()) - Amount.mm(piece.length())),
                reaching("amount.blankWidth", finished.width(), box.getY()),
                reaching("amount.blankThickness", finished.thickness(), box.getZ()));
    }

    private static Amount reaching(String key, Amount finished, double blank) {
        return blank > finished.value().toMillimetres() + Tolerance.LENGTH
                ? new Amount.Traced(Label.of(key), Length.fromMillimetres(blank), List.of(finished),
                        Label.of("rule.blank"))
                : finished;
    }

    private static Amount rough(String key, Amount finished, Length extra) {
        Amount waste = new Amount.Ruled(Label.of("amount.waste"), extra, WASTE);
        return Amount.sum(Label.of(key)).plus(finished).plus(waste).amount();
    }
}
