package longshoulder.core.joint;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;
import longshoulder.core.brief.JointKind;
import longshoulder.core.geometry.Solid;
import longshoulder.core.measure.Length;
import longshoulder.core.reckoning.Amount;
import longshoulder.core.reckoning.Label;
import longshoulder.core.reckoning.Level;
import org.apache.commons.geometry.euclidean.threed.Vector3D;

/**
 * A stopped tenon whose wedges stand loosely in its slots and are driven by the floor of the mortise as the shoulder closes.
 * The mortise widens towards its floor, so it cannot be withdrawn once it is home. A wedge may be as long as its slot and the
 * room at the floor together, less a little; a longer one keeps the shoulder open.
 */
public record BlindWedgedTenon(Tenon tenon, Wedging wedging) implements Joint {

    static final JointType TYPE = new JointType(
            JointParameters.without("mortise.ends",
                    JointParameters.tenon(JointParameters.all(JointParameters.place(), Wedging.PARAMETERS),
                            JointParameters.choice("tenon.wedges", "fitting", "one", "two"),
                            JointParameters.measure("wedge.length"))),
            BlindWedgedTenon::make, BlindWedgedTenon::argue);

    private static final Length SPARE = Length.ofMillimetres(1);

    static Joint make(JointContext context) {
        Tenon tenon = new TenonRules(context).tenon().ending(Tenon.Ends.SQUARE);
        Wedging wedging = Wedging.of(context, tenon, "fitting");
        boolean given = context.given("wedge.length").isPresent();
        return new BlindWedgedTenon(tenon,
                given ? wedging : wedging.wedgesOf(driven(wedging)));
    }

    private static void argue(JointEvaluation evaluation) {
        evaluation.say("reason.blind.pull");
        evaluation.object("reason.blind.once");
        evaluation.objectIf(evaluation.isSoftPost(), "reason.blind.soft", evaluation.meeting().mortisePiece().id());
    }

    /** As long as can be driven home. */
    private static Amount driven(Wedging wedging) {
        Tenon tenon = wedging.tenon();
        return Amount.sum(Label.of("amount.wedgeLength")).plus(wedging.slot()).plus(tenon.depth())
                .minus(tenon.length()).minus(JointContext.ruled("amount.wedgeSpare", SPARE, "rule.wedgeSpare"))
                .amount();
    }

    /** The longest wedge with which the shoulder still closes. */
    Amount longestWedge() {
        return Amount.sum(Label.of("amount.longestWedge")).plus(wedging.slot()).plus(tenon.depth())
                .minus(tenon.length()).amount();
    }

    /** How far a wedge stands out of its slot when the tip reaches the floor: it must be longer than that to open anything. */
    private Amount room() {
        return Amount.sum(Label.of("amount.glueRoom")).plus(tenon.depth()).minus(tenon.length()).amount();
    }

    @Override
    public JointKind kind() {
        return JointKind.BLIND_WEDGED_TENON;
    }

    @Override
    public Meeting meeting() {
        return tenon.meeting();
    }

    @Override
    public Amount addedLength() {
        return tenon.length();
    }

    @Override
    public Solid adds() {
        return tenon.adds();
    }

    @Override
    public List<Solid> bores() {
        return wedging.slots();
    }

    @Override
    public Solid removes() {
        return wedging.mortise();
    }

    @Override
    public Solid loosePart() {
        return wedging.wedges();
    }

    @Override
    public Vector3D looseWay() {
        return meeting().inward();
    }

    @Override
    public List<LoosePart> parts() {
        return wedging.parts();
    }

    @Override
    public String looseParts() {
        return "wedges";
    }

    @Override
    public List<Tenon> tenons() {
        return List.of(tenon);
    }

    @Override
    public GivesWay givesWay() {
        return GivesWay.SHORTENED;
    }

    @Override
    public Optional<Wedging> wedged() {
        return Optional.of(wedging);
    }

    @Override
    public Joint fitted(UnaryOperator<Tenon> fit) {
        Tenon other = fit.apply(tenon);
        return new BlindWedgedTenon(other, wedging.on(other));
    }

    /** Wedges that keep it from closing or open nothing, and the warning that it never comes apart. */
    @Override
    public List<Fault> faults(Inspection inspection) {
        List<Fault> faults = new ArrayList<>(wedging.faults(this, inspection.brief()));
        Length wedge = wedging.length().value();
        Length longest = longestWedge().value();
        Mend fitting = Mend.give(Label.of("remedy.wedgeLength", id(), longest), "wedge.length", longest);
        if (wedge.isGreaterThan(longest)) {
            faults.add(Fault.inPost(this, "blind-wedge-long", Level.STOP,
                    Label.of("finding.blindWedgeLong", id(), wedge, longest, wedge.minus(longest)), fitting));
        } else if (!wedge.isGreaterThan(room().value())) {
            faults.add(Fault.inPost(this, "blind-wedge-short", Level.RISK,
                    Label.of("finding.blindWedgeShort", id(), wedge, room().value()), fitting));
        }
        faults.add(Fault.inPost(this, "blind-wedge-once", Level.NOTE, Label.of("finding.blindWedgeOnce", id()),
                new Mend.Leave(JointKind.CHOICE)));
        return faults;
    }

    @Override
    public void draw(Sketch sketch) {
        tenon.draw(sketch);
        tenon.drawShoulders(sketch, true);
        wedging.draw(sketch);
    }

    @Override
    public Map<String, Amount> figures() {
        Map<String, Amount> figures = StoppedTenon.figures(tenon);
        figures.putAll(wedging.figures());
        return figures;
    }
}
