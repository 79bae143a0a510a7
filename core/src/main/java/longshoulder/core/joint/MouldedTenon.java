package longshoulder.core.joint;

import static longshoulder.core.joint.RailEnd.mm;

import java.util.List;
import java.util.Map;
import java.util.function.UnaryOperator;
import longshoulder.core.brief.JointKind;
import longshoulder.core.geometry.Solid;
import longshoulder.core.measure.Length;
import longshoulder.core.reckoning.Amount;
import longshoulder.core.reckoning.Label;

/**
 * A tenon with long and short shoulders, for frames that are moulded on the front and rebated on the back: with sight size S
 * between the frame's inner edges, a mould m wide and a rebate r wide, the front shoulders stand at S + 2m and the back
 * shoulders at S + 2r. Between bars of glazing it is the same with a stub as thin as the thinnest tool makes it.
 *
 * @param kind {@link JointKind#LONG_AND_SHORT} or {@link JointKind#GLAZING_BAR}
 * @param rebateWidth how much farther on the back shoulder stands; nothing without a rebate
 * @param rebateDepth of the rebate, from the rail's back
 */
public record MouldedTenon(Tenon tenon, JointKind kind, Mould mould, Amount rebateWidth,
        Amount rebateDepth) implements Joint {

    static Joint longAndShort(Setting setting) {
        return make(setting, new TenonRules(setting).tenon(), JointKind.LONG_AND_SHORT);
    }

    static Joint glazingBar(Setting setting) {
        return make(setting, new TenonRules(setting).bar(), JointKind.GLAZING_BAR);
    }

    private static Joint make(Setting setting, Tenon tenon, JointKind kind) {
        Amount rebate = setting.givenOr("rebate.width",
                () -> Setting.ruled("amount.rebateWidth", Length.ofMillimetres(10), "rule.rebate"));
        // Centred, so that there is as much wood behind the tenon as before it.
        Amount beside = tenon.faceShoulder();
        return new MouldedTenon(tenon, kind, Mould.of(setting, beside), rebate,
                Mould.beside(setting, "rebate.depth", beside));
    }

    @Override
    public Meeting meeting() {
        return tenon.meeting();
    }

    @Override
    public Amount addedLength() {
        return new Amount.Greatest(Label.of("amount.tenonLength"),
                List.of(tenon.length(), mould.width(), rebateWidth), Label.of("rule.farthest"));
    }

    @Override
    public Solid adds() {
        RailEnd end = new RailEnd(meeting());
        return tenon.adds().plus(mould.lip(end, true))
                .plus(end.beyondShoulder(mm(rebateWidth), 0, end.width(), 0, mm(rebateDepth)));
    }

    /** Mould and rebate are seen. */
    @Override
    public boolean isOpen() {
        return true;
    }

    @Override
    public Solid removes() {
        RailEnd end = new RailEnd(meeting());
        return tenon.removes().plus(mould.lip(end, false))
                .plus(end.intoPost(mm(rebateWidth), 0, end.width(), 0, mm(rebateDepth)));
    }

    @Override
    public List<Tenon> tenons() {
        return List.of(tenon);
    }

    @Override
    public GivesWay givesWay() {
        return GivesWay.BY_SCHOOL;
    }

    @Override
    public Joint fitted(UnaryOperator<Tenon> fit) {
        return new MouldedTenon(fit.apply(tenon), kind, mould, rebateWidth, rebateDepth);
    }

    /** From front shoulder to front shoulder where both ends are made alike. */
    public Amount frontShoulders() {
        return Amount.sum(Label.of("amount.frontShoulders")).plus(meeting().rail().length())
                .plus(2, mould.width()).amount();
    }

    /** From back shoulder to back shoulder where both ends are made alike. */
    public Amount backShoulders() {
        return Amount.sum(Label.of("amount.backShoulders")).plus(meeting().rail().length())
                .plus(2, rebateWidth).amount();
    }

    @Override
    public Map<String, Amount> figures() {
        Map<String, Amount> figures = StoppedTenon.figures(tenon);
        mould.addTo(figures);
        figures.put("rebate.width", rebateWidth);
        figures.put("rebate.depth", rebateDepth);
        figures.put("front-shoulders", frontShoulders());
        figures.put("back-shoulders", backShoulders());
        return figures;
    }
}
