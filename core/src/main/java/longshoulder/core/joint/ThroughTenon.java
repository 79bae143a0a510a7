package longshoulder.core.joint;

import static longshoulder.core.reckoning.Amount.mm;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import longshoulder.core.brief.Brief;
import longshoulder.core.brief.HouseRules;
import longshoulder.core.brief.JointKind;
import longshoulder.core.frame.Dimension.Side;
import longshoulder.core.geometry.Solid;
import longshoulder.core.measure.Length;
import longshoulder.core.reckoning.Amount;
import longshoulder.core.reckoning.Label;
import longshoulder.core.reckoning.Level;
import org.apache.commons.geometry.euclidean.threed.Vector3D;

/**
 * A tenon right through the post, flush or standing proud; wedged on demand. Length = post + proud.
 *
 * @param tenon its depth is the post
 * @param proud how far it stands out
 * @param wedging its wedges, if it has any
 * @param oneEdge whether the mortise is laid out on both faces from the same edge
 */
public record ThroughTenon(Tenon tenon, Amount proud, Wedging wedging, boolean oneEdge) implements Joint {

    static final JointType TYPE = new JointType(JointParameters.all(List.of(JointParameters.measure("tenon.thickness"),
            JointParameters.choice(HouseRules.THICKNESS, HouseRules.THICKNESSES),
            JointParameters.measure("tenon.proud"),
            JointParameters.choice("tenon.wedges", "none", "fitting", "one", "two"),
            JointParameters.choice("layout.edge", "same", "each-own")),
            JointParameters.all(Wedging.PARAMETERS, Pegged.PARAMETERS)),
            ThroughTenon::make, ThroughTenon::argue);

    static Joint make(JointContext context) {
        Meeting meeting = context.meeting();
        Amount proud = context.givenOr("tenon.proud",
                () -> JointContext.ruled("amount.proud", Length.ZERO, "rule.flush"));
        Amount length = Amount.sum(Label.of("amount.tenonLength")).plus(meeting.through()).plus(proud).amount();
        Tenon tenon = new TenonRules(context).tenon().ending(Tenon.Ends.SQUARE).runs(length, meeting.through());
        return new ThroughTenon(tenon, proud, Wedging.of(context, tenon, "none"),
                context.choice("layout.edge", "same").equals("same"));
    }

    private static void argue(JointEvaluation evaluation) {
        evaluation.say("reason.through.long", evaluation.postExtent());
        evaluation.objectToCrossing();
        evaluation.objectToWidth();
        evaluation.objectToComingOut("reason.through.shows");
    }

    @Override
    public JointKind kind() {
        return JointKind.THROUGH_TENON;
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
    public String looseParts() {
        return "wedges";
    }

    @Override
    public List<Tenon> tenons() {
        return List.of(tenon);
    }

    @Override
    public boolean isThrough() {
        return true;
    }

    @Override
    public Optional<Wedging> wedged() {
        return Optional.of(wedging).filter(Wedging::isWedged);
    }

    @Override
    public List<Fault> faults(Inspection inspection) {
        List<Fault> faults = new ArrayList<>(wedging.isWedged() ? wedging.faults(this, inspection.brief()) : List.of());
        if (!oneEdge) {
            faults.add(Fault.inPost(this, "layout-two-edges", Level.RISK,
                    Label.of("finding.twoEdges", id(), meeting().mortisePiece().id()),
                    Mend.choose(Label.of("remedy.oneEdge", id()), "layout.edge", "same")));
        }
        return faults;
    }

    @Override
    public void draw(Sketch sketch) {
        tenon.draw(sketch);
        sketch.depth(Side.ABOVE, proud, mm(meeting().through()), mm(tenon.length()),
                tenon.section().z0());
        wedging.draw(sketch);
    }

    @Override
    public Map<String, Amount> figures() {
        Map<String, Amount> figures = new LinkedHashMap<>();
        figures.put(Brief.TENON_THICKNESS, tenon.thickness());
        figures.put("tenon.width", tenon.width());
        figures.put("through.length", tenon.length());
        figures.put("tenon.proud", proud);
        figures.putAll(wedging.figures());
        figures.put("near-cheek", tenon.cheekFromReference());
        figures.put("mortise-from-end", tenon.mortiseFromEnd());
        return figures;
    }
}
