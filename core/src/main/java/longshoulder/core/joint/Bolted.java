package longshoulder.core.joint;

import static longshoulder.core.reckoning.Amount.mm;

import longshoulder.core.brief.Limits;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import java.util.function.UnaryOperator;
import longshoulder.core.brief.Parameter;
import longshoulder.core.frame.Dimension.Side;
import longshoulder.core.geometry.Solid;
import longshoulder.core.measure.Length;
import longshoulder.core.reckoning.Amount;
import org.apache.commons.geometry.euclidean.threed.Vector3D;

/**
 * A short tenon that locates the rail, and a bolt along the rail's middle that holds it: through the post into a round nut let into
 * the rail from its back. It comes apart.
 *
 * @param joint that the bolt holds
 * @param diameter of the bolt; its hole is wider by {@link #PLAY}
 * @param reach from the shoulder into the rail to the middle of the nut
 * @param nut diameter of the nut
 */
public record Bolted(Joint joint, Amount diameter, Amount reach, Amount nut) implements Wrapped {

    static final List<Parameter> PARAMETERS = List.of(JointParameters.choice("bolt", "none", "bolted"),
            JointParameters.measure("bolt.diameter"), JointParameters.measure("bolt.reach"));

    /** So much wider than the bolt its hole is, in millimetres, so that it does not hold the shoulder open. */
    private static final double PLAY = 1;

    /** The joint with the bolt that was chosen for it, if any. */
    static Joint wrap(JointContext context, Joint joint) {
        if (!context.choice("bolt", "none").equals("bolted") || joint.tenons().isEmpty()) {
            return joint;
        }
        Amount diameter = context.givenOr("bolt.diameter",
                () -> JointContext.ruled("amount.boltDiameter",
                        context.rule(Length.ofMillimetres(10), Length.ofInches(3, 8)), "rule.bolt"));
        Amount reach = context.givenOr("bolt.reach",
                () -> JointContext.share("amount.boltReach", diameter, 6, 1, "rule.boltReach"));
        return new Bolted(joint, diameter, reach, JointContext.share("amount.nut", diameter, 8, 5, "rule.nut"));
    }

    private Section tenon() {
        return tenons().getFirst().section();
    }

    private double far() {
        return mm(meeting().through());
    }

    private RailEnd end() {
        return new RailEnd(meeting());
    }

    private Vector3D axisAt(double run) {
        return end().pointBeyond(run, tenon().middleY(), tenon().middleZ());
    }

    /** Behind the nut, where bolt and hole begin, beyond the shoulder. */
    private double start() {
        return -mm(reach) - mm(nut);
    }

    private Solid hole() {
        return end().clearance(axisAt(start()), meeting().inward(), 3 * far() - start(), mm(diameter) / 2 + PLAY / 2);
    }

    /** From the rail's back to beyond its middle, across the bolt. */
    private Solid nutHole() {
        Vector3D.Unit out = meeting().tenonPiece().pose().out();
        double deep = tenon().middleZ() + mm(nut);
        Vector3D back = axisAt(-mm(reach)).subtract(out.multiply(tenon().middleZ()));
        return end().round(back, out, deep, mm(nut) / 2);
    }

    @Override
    public Solid removes() {
        return joint.removes().plus(hole().minus(joint.removes()));
    }

    /** The nut's hole first: it is the wider one, and falls into fewer cells before the bolt's is there than after it. */
    @Override
    public List<Solid> bores() {
        List<Solid> bores = new ArrayList<>(joint.bores());
        bores.add(nutHole());
        bores.add(hole());
        return bores;
    }

    /** The bolt, its end flush with the post, and the nut round it. */
    @Override
    public Solid loosePart() {
        Solid bolt = end().round(axisAt(start()), meeting().inward(), far() - start(), mm(diameter) / 2);
        return joint.loosePart().plus(bolt).plus(nutHole().minus(bolt));
    }

    @Override
    public List<LoosePart> parts() {
        return Stream.concat(joint.parts().stream(), Stream.of(new LoosePart(LoosePart.Kind.BOLT, 1,
                LoosePart.measured("amount.boltLength", far() - start(), meeting().through()), diameter, diameter)))
                .toList();
    }

    @Override
    public String looseParts() {
        return "bolt";
    }

    @Override
    public Optional<String> heldBy() {
        return Optional.of("bolt");
    }

    @Override
    public Joint fitted(UnaryOperator<Tenon> fit) {
        return new Bolted(joint.fitted(fit), diameter, reach, nut);
    }

    /** A bolt too thick for its rail, or whose nut has too little wood before it or none at all. */
    @Override
    public List<Fault> faults(Inspection inspection) {
        Length rail = meeting().tenonPiece().thickness().value();
        Length along = meeting().tenonPiece().length().value();
        List<Fault> faults = new ArrayList<>(joint.faults(inspection));
        faults.addAll(new Faults(this)
                .above("bolt-thick", "bolt.diameter", diameter, inspection.brief().ratio(Limits.BOLT).of(rail), rail)
                .below("bolt-near", "bolt.reach", reach,
                        inspection.brief().ratio(Limits.BOLT_EDGE).of(diameter.value()))
                .above("bolt-far", "bolt.reach", reach, inspection.brief().ratio(Limits.BOLT_REACH).of(along), along)
                .list());
        return faults;
    }

    @Override
    public void draw(Sketch sketch) {
        joint.draw(sketch);
        sketch.run(Side.ABOVE, reach, -mm(reach), 0, tenon().middleY());
    }

    @Override
    public Map<String, Amount> figures() {
        Map<String, Amount> figures = new LinkedHashMap<>(joint.figures());
        figures.put("bolt.diameter", diameter);
        figures.put("bolt.reach", reach);
        figures.put("bolt.nut", nut);
        return figures;
    }
}
