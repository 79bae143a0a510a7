package longshoulder.core.joint;

import static longshoulder.core.reckoning.Amount.mm;

import longshoulder.core.brief.Limits;

import java.util.List;
import java.util.Map;
import longshoulder.core.frame.Dimension.Side;
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

    /**
     * What the edges of the frame are worked to.
     *
     * @param mould on the front
     * @param rebateWidth how much farther on the back shoulder stands; nothing without a rebate
     * @param rebateDepth from the rail's back
     */
    record Profile(Mould mould, Amount rebateWidth, Amount rebateDepth) {

        /** As chosen. The moulding cuts no deeper than the wood before the tenon, the rebate than that behind it. */
        static Profile of(JointContext context, Tenon tenon) {
            Amount behind = Amount.sum(Label.of("amount.behindTenon")).plus(context.meeting().tenonPiece().thickness())
                    .minus(tenon.faceShoulder()).minus(tenon.thickness()).amount();
            Amount rebate = context.givenOr("rebate.width",
                    () -> JointContext.ruled("amount.rebateWidth",
                            context.rule(Length.ofMillimetres(10), Length.ofInches(3, 8)), "rule.rebate"));
            return new Profile(Mould.of(context, tenon.faceShoulder()), rebate,
                    Mould.beside(context, "rebate.depth", behind));
        }
    }

    Tenon tenon();

    Profile profile();

    private Mould mould() {
        return profile().mould();
    }

    private Amount rebateWidth() {
        return profile().rebateWidth();
    }

    private Amount rebateDepth() {
        return profile().rebateDepth();
    }

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
        return Amount.sum(Label.of("amount.frontShoulders")).plus(meeting().tenonPiece().length())
                .plus(2, mould().width()).amount();
    }

    /** From back shoulder to back shoulder where both ends are made alike. */
    default Amount backShoulders() {
        return Amount.sum(Label.of("amount.backShoulders")).plus(meeting().tenonPiece().length())
                .plus(2, rebateWidth()).amount();
    }

    /** A rebate or a moulding that takes more than half of the piece along which it runs. */
    @Override
    default List<Fault> faults(Inspection inspection) {
        Length post = meeting().postExtent().value();
        return new Faults(this)
                .above("rebate-wide", "rebate.width", rebateWidth(), inspection.brief().ratio(Limits.CUT).of(post),
                        post)
                .add(mould().fault(this, inspection)).list();
    }

    @Override
    default void draw(Sketch sketch) {
        tenon().draw(sketch);
        mould().draw(sketch, new RailEnd(meeting()));
        sketch.depth(Side.BELOW, rebateWidth(), 0, mm(rebateWidth()), 0).thicknessInPlan(rebateDepth(), 0,
                mm(rebateDepth()), mm(rebateWidth()));
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
