package longshoulder.core.joint;

import static longshoulder.core.joint.RailEnd.mm;

import java.util.List;
import java.util.Map;
import longshoulder.core.geometry.Solid;
import longshoulder.core.measure.Length;
import longshoulder.core.reckoning.Amount;
import longshoulder.core.reckoning.Label;

/**
 * A tenon with long and short shoulders, for frames that are moulded on the front and rebated on the back: with sight size S
 * between the frame's inner edges, a mould m wide and a rebate r wide, the front shoulders stand at S + 2m and the back
 * shoulders at S + 2r.
 */
public sealed interface MouldedTenon extends Joint permits LongAndShort, GlazingBar {

    /** How much farther on the back shoulder stands: 10 unless given. */
    static Amount usualRebate(Setting setting) {
        return setting.givenOr("rebate.width",
                () -> Setting.ruled("amount.rebateWidth", Length.ofMillimetres(10), "rule.rebate"));
    }

    Tenon tenon();

    Mould mould();

    /** How much farther on the back shoulder stands; nothing without a rebate. */
    Amount rebateWidth();

    /** Of the rebate, from the rail's back. */
    Amount rebateDepth();

    @Override
    default Meeting meeting() {
        return tenon().meeting();
    }

    @Override
    default Amount addedLength() {
        return new Amount.Greatest(Label.of("amount.tenonLength"),
                List.of(tenon().length(), mould().width(), rebateWidth()), Label.of("rule.farthest"));
    }

    @Override
    default Solid adds() {
        RailEnd end = new RailEnd(meeting());
        return tenon().adds().plus(mould().lip(end, true))
                .plus(end.beyondShoulder(mm(rebateWidth()), 0, end.width(), 0, mm(rebateDepth())));
    }

    /** Mould and rebate are seen. */
    @Override
    default boolean isOpen() {
        return true;
    }

    @Override
    default Solid removes() {
        RailEnd end = new RailEnd(meeting());
        return tenon().removes().plus(mould().lip(end, false))
                .plus(end.intoPost(mm(rebateWidth()), 0, end.width(), 0, mm(rebateDepth())));
    }

    @Override
    default List<Tenon> tenons() {
        return List.of(tenon());
    }

    @Override
    default GivesWay givesWay() {
        return GivesWay.BY_SCHOOL;
    }

    /** From front shoulder to front shoulder where both ends are made alike. */
    default Amount frontShoulders() {
        return Amount.sum(Label.of("amount.frontShoulders")).plus(meeting().rail().length())
                .plus(2, mould().width()).amount();
    }

    /** From back shoulder to back shoulder where both ends are made alike. */
    default Amount backShoulders() {
        return Amount.sum(Label.of("amount.backShoulders")).plus(meeting().rail().length())
                .plus(2, rebateWidth()).amount();
    }

    /** A rebate or a moulding that takes more than half of the piece along which it runs. */
    @Override
    default List<Fault> faults(Inspection inspection) {
        Length post = meeting().postExtent().value();
        return new Faults(this).above("rebate-wide", "rebate.width", rebateWidth(), post.times(1, 2), post)
                .add(mould().fault(this)).list();
    }

    @Override
    default Map<String, Amount> figures() {
        Map<String, Amount> figures = StoppedTenon.figures(tenon());
        mould().addTo(figures);
        figures.put("rebate.width", rebateWidth());
        figures.put("rebate.depth", rebateDepth());
        figures.put("front-shoulders", frontShoulders());
        figures.put("back-shoulders", backShoulders());
        return figures;
    }
}
