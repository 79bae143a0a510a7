package longshoulder.core.joint;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.UnaryOperator;
import longshoulder.core.brief.Brief;
import longshoulder.core.brief.JointKind;
import longshoulder.core.geometry.Solid;
import longshoulder.core.measure.Length;
import longshoulder.core.reckoning.Amount;
import longshoulder.core.reckoning.Label;
import org.apache.commons.geometry.euclidean.threed.Vector3D;

/**
 * One tenon in a mortise that stops inside the post. With four shoulders; with three, flush with the rail's face edge;
 * with two, as wide as the rail; or bare-faced, its one cheek in line with the rail's back and the shoulder on the show side.
 */
public record StoppedTenon(Tenon tenon) implements Joint {

    static final JointType TYPE = new JointType(
            JointParameters.tenon(
                    JointParameters.all(JointParameters.place(),
                            JointParameters.all(Pegged.PARAMETERS, Bolted.PARAMETERS)),
                    JointParameters.choice("tenon.shoulders", "four", "three", "two", "bare-faced"),
                    JointParameters.choice("tenon.line", "rail", "post", "loose")),
            StoppedTenon::make, StoppedTenon::argue);

    static Joint make(JointContext context) {
        TenonRules rules = new TenonRules(context);
        Amount none = JointContext.ruled("amount.edgeShoulder", Length.ZERO, "rule.noShoulder");
        Tenon four = rules.tenon();
        Tenon tenon = switch (context.choice("tenon.shoulders", "four")) {
            case "three" -> rules.tenon(none, rules.farShoulder());
            case "two" -> rules.tenon(none, none);
            case "bare-faced" -> rules.bareFaced();
            default -> four;
        };
        boolean square = context.choice("tenon.line", "rail").equals("post");
        return new StoppedTenon(square ? tenon.squareToPost() : tenon);
    }

    private static void argue(JointEvaluation evaluation) {
        evaluation.askForRoom();
        evaluation.objectToEnd();
        evaluation.objectToWidth();
    }

    @Override
    public JointKind kind() {
        return JointKind.STOPPED_TENON;
    }

    @Override
    public Vector3D.Unit homeward() {
        return tenon.line() == Tenon.Line.POST ? meeting().surface().normal().negate() : meeting().inward();
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
    public Solid removes() {
        return tenon.removes();
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
        return new StoppedTenon(fit.apply(tenon));
    }

    @Override
    public void draw(Sketch sketch) {
        tenon.draw(sketch);
        tenon.drawShoulders(sketch, true);
    }

    @Override
    public Map<String, Amount> figures() {
        return figures(tenon);
    }

    /** The shoulders beside a tenon, which can be given. */
    static void putShoulders(Map<String, Amount> figures, Tenon tenon) {
        figures.put(TenonRules.NEAR, tenon.edgeShoulder());
        figures.put(TenonRules.FAR, tenon.farShoulder());
        figures.put(TenonRules.FACE, tenon.faceShoulder());
    }

    /**
     * Where the mortises of the second tenon and of those after it lie, each with its number.
     *
     * @param sideBySide whether they share the rail's thickness; else they stand one above the other
     */
    static void putFurther(Map<String, Amount> figures, List<Tenon> tenons, boolean sideBySide) {
        for (int i = 1; i < tenons.size(); i++) {
            int number = i + 1;
            if (sideBySide) {
                figures.put("near-cheek." + number, Amount.sum(Label.of("amount.nearCheekOf", number))
                        .plus(tenons.get(i).cheekFromReference()).amount());
            } else {
                figures.put("mortise-from-end." + number, Amount.sum(Label.of("amount.mortiseFromEndOf", number))
                        .plus(tenons.get(i).mortiseFromEnd()).amount());
            }
        }
    }

    /** Where a mortise slants, the walls beside it at its mouth and at its floor. */
    private static void putWalls(Map<String, Amount> figures, Tenon tenon) {
        if (tenon.meeting().isSquare()) {
            return;
        }
        Meeting.PostFace reference = tenon.meeting().reference();
        putWall(figures, "wall.near", tenon, reference);
        putWall(figures, "wall.far", tenon, reference.opposite());
    }

    private static void putWall(Map<String, Amount> figures, String name, Tenon tenon, Meeting.PostFace face) {
        Tenon.Wall wall = tenon.wall(face);
        if (wall.isUneven()) {
            figures.put(name + ".mouth", traced("amount." + name + ".mouth", wall.mouth(), tenon));
            figures.put(name + ".floor", traced("amount." + name + ".floor", wall.floor(), tenon));
        }
    }

    private static Amount traced(String label, Length value, Tenon tenon) {
        return new Amount.Traced(Label.of(label), value,
                List.of(tenon.cheekFromReference(), tenon.thickness(), tenon.depth()), Label.of("rule.planes"));
    }

    /** The figures of a tenon and its mortise. */
    static Map<String, Amount> figures(Tenon tenon) {
        Map<String, Amount> figures = new LinkedHashMap<>();
        figures.put(Brief.TENON_THICKNESS, tenon.thickness());
        figures.put(TenonRules.WIDTH, tenon.width());
        figures.put(Brief.TENON_LENGTH, tenon.length());
        tenon.shorterCheek().ifPresent(cheek -> figures.put("short-cheek", cheek));
        figures.put(Brief.MORTISE_DEPTH, tenon.depth());
        figures.put("near-cheek", tenon.cheekFromReference());
        putWalls(figures, tenon);
        figures.put("mortise-from-end", tenon.mortiseFromEnd());
        figures.put(TenonRules.END_THICKNESS, tenon.stock());
        putShoulders(figures, tenon);
        return figures;
    }
}
