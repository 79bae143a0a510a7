package longshoulder.core.cutlist;

import java.util.List;
import java.util.stream.Stream;
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

    /** A longer strip bends at the saw. */
    private static final Length LONGEST_STRIP = Length.ofMillimetres(600);

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

    /**
     * Strips from which small parts are cut one after the other.
     *
     * @param size of one strip
     * @param count of strips
     */
    record Strips(Size size, int count) {}

    /** Small parts are not sawn one by one: so many end to end in a strip that it can still be held, with a kerf behind each. */
    Strips strips(Size part, int count) {
        Length step = part.length().value().plus(project.brief().length(HouseRules.KERF));
        int most = (int) Math.max(1, LONGEST_STRIP.picometres() / step.picometres());
        int strips = Math.ceilDiv(count, most);
        int each = Math.ceilDiv(count, strips);
        Amount.SumBuilder length = Amount.sum(Label.of("amount.strip"));
        for (int i = 0; i < each; i++) {
            length = length.plus(part.length());
        }
        Amount all = length.plus(new Amount.Ruled(Label.of("amount.kerfs"),
                project.brief().length(HouseRules.KERF).times(each), Label.of("rule.stripKerfs"))).amount();
        return new Strips(new Size(rough("amount.roughLength", all, project.brief().length(HouseRules.ROUGH_LENGTH)),
                rough("amount.roughWidth", part.width(), project.brief().length(HouseRules.ROUGH_WIDTH)),
                rough("amount.roughThickness", part.thickness(),
                        project.brief().length(HouseRules.ROUGH_THICKNESS))),
                strips);
    }

    /** Whether two pieces that are the same when they are finished are sawn and glued up alike too. */
    boolean areAlike(PlannedPiece one, PlannedPiece other) {
        return of(one).equalTo(of(other)) && Stream.of(HouseRules.STRIPS, HouseRules.LAYERS).allMatch(
                rule -> project.chosen(one.piece(), rule).equals(project.chosen(other.piece(), rule)));
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
