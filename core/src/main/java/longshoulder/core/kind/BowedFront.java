package longshoulder.core.kind;

import static longshoulder.core.reckoning.Amount.mm;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Supplier;
import longshoulder.core.frame.Feature;
import longshoulder.core.brief.Address;
import longshoulder.core.brief.Brief;
import longshoulder.core.brief.Value;
import longshoulder.core.frame.Alteration;
import longshoulder.core.frame.Arc;
import longshoulder.core.frame.Curving;
import longshoulder.core.frame.Facing;
import longshoulder.core.frame.Frame;
import longshoulder.core.frame.Piece;
import longshoulder.core.geometry.Solid;
import longshoulder.core.measure.Angle;
import longshoulder.core.measure.Length;
import longshoulder.core.reckoning.Amount;
import longshoulder.core.reckoning.Label;
import longshoulder.core.tasks.Tasks;
import org.apache.commons.geometry.euclidean.threed.Vector3D;

/**
 * A front that bows outwards between plumb legs: an apron sawn to two arcs about one centre, legs bevelled to it, a top whose
 * front edge bows as much. With plumb legs, single aprons and no drawer.
 *
 * <p>Outer radius R = ((w/2)² + s²) / 2s over the chord w between the legs, where the apron stands back from their faces; inner
 * radius R − thickness. The ends are cut square to the chord, or along the radius: then the legs are bevelled there too, and the
 * chord grows by what the bevel takes.
 */
final class BowedFront {

    private static final String APRON = "apron-front";
    private static final int ROUNDS = 60;

    private final Brief brief;
    private final Amount rise;
    private final Amount thickness;
    private final double legDepth;
    private final double setback;

    /** The outer arc over the chord between the shoulders. */
    private final Arc arc;

    /** @param between the clear length between the two front legs */
    BowedFront(Brief brief, Amount between) {
        this.brief = brief;
        rise = brief.required("bow.rise");
        thickness = brief.required("apron.thickness");
        legDepth = mm(brief.required("leg.depth"));
        setback = mm(brief.required("apron.setback"));
        arc = arc(Math.max(1, mm(between)));
    }

    static boolean isAsked(Brief brief) {
        return brief.choice("bow").equals(Optional.of("front"))
                && brief.choice("apron.layers").equals(Optional.of("one")) && !DrawerFront.isAsked(brief);
    }

    private boolean isRadial() {
        return brief.choice("bow.ends").equals(Optional.of("radius"));
    }

    /** Cut along the radius, the chord hangs on the angle and the angle on the chord: both settle within a few rounds. */
    private Arc arc(double between) {
        Arc found = Arc.ofRise(between, mm(rise));
        for (int i = 0; isRadial() && i < ROUNDS; i++) {
            double tangent = Math.tan(end(found));
            found = Arc.ofRise(between + 2 * Math.max(0, legDepth - setback) * tangent, mm(rise));
        }
        return found;
    }

    /** The angle of the arc at its ends, from the chord, in radians. */
    private static double end(Arc arc) {
        return Math.asin(Math.min(1, arc.chord() / 2 / arc.radius()));
    }

    /** How thick a blank must be that holds both arcs; where the inner one ends before the shoulders, no leg is deep enough. */
    private Amount blank() {
        double inner = arc.radius() - mm(thickness);
        double half = arc.chord() / 2;
        double deep = inner > half
                ? arc.radius() - Math.sqrt(inner * inner - half * half)
                : arc.radius() + legDepth;
        return new Amount.Traced(Label.of("amount.bowBlank"), Length.fromMillimetres(deep), List.of(thickness, rise),
                Label.of("rule.bowBlank"));
    }

    /** The apron's blank in the place of a straight apron. */
    Piece apron(Piece straight) {
        Amount blank = blank();
        double behind = mm(blank) - mm(rise) - mm(thickness);
        Piece moved = straight.moved(Vector3D.of(0, behind, 0));
        return new Piece(moved.id(), moved.role(), moved.mark(), moved.length(), moved.width(), blank, moved.pose());
    }

    /** What there is of the apron at its shoulders. */
    Map<String, Value> usual() {
        Map<String, Value> usual = new HashMap<>();
        Length left = blank().value().minus(rise.value());
        for (String end : List.of("left", "right")) {
            usual.put(Address.of(APRON + "/leg-front-" + end, "end.thickness"), new Value.Measured(left));
        }
        return usual;
    }

    /** Whether the front and the back apron have one shoulder length. */
    boolean isSpanning() {
        return !isRadial();
    }

    /** With the legs bevelled, then apron and top sawn to their arcs. */
    Frame shaped(Frame plain, String top) {
        Frame frame = bevelled(bevelled(plain, "left", Facing.RIGHT), "right", Facing.LEFT);
        Piece apron = frame.piece(APRON);
        Piece board = frame.piece(top);
        if (!apron.isReal() || !board.isReal()) {
            return frame;
        }
        double length = mm(board.length());
        Vector3D middle = board.pose().origin().add(board.pose().along().multiply(length / 2));
        double beyond = 2 * mm(apron.thickness()) * Math.tan(end(arc)) + 1;
        Arc outer = new Arc(arc.radius(), Math.min(2 * arc.radius(), arc.chord() + (isRadial() ? beyond : 0)));
        Arc inner = new Arc(arc.radius() - mm(thickness), arc.chord());
        double step = inner.isPossible() ? Math.min(Curving.step(outer), Curving.step(inner)) : Curving.step(outer);
        Vector3D.Unit front = FrameBuilder.FRONT;
        List<Solid> away = Tasks.each(List.<Supplier<Solid>>of(
                () -> Curving.about(apron, front, outer, true, middle, step),
                () -> Curving.about(apron, front.negate(), inner, false, middle, step),
                () -> Curving.about(board, front, Arc.ofRise(length, mm(rise)), true, middle)), Supplier::get);
        return frame.shapedAway(APRON, away.get(0)).shapedAway(APRON, away.get(1)).shapedAway(top, away.get(2))
                .describing(Feature.of(APRON, Feature.Form.CURVE, "curve.bow").with("rise", rise)
                        .measured("radius", arc.radius()).measured("innerRadius", inner.radius())
                        .measured("chord", arc.chord()))
                .describing(Feature.of(top, Feature.Form.CURVE, "curve.front").with("rise", rise)
                        .measured("radius", Arc.ofRise(length, mm(rise)).radius()));
    }

    /** Its front face runs on along the arc's tangent; cut along the radius, its inner face stands square to that. */
    private Frame bevelled(Frame frame, String end, Facing inwards) {
        String leg = "leg-front-" + end;
        Angle angle = new Angle(Math.toDegrees(end(arc)));
        Frame faced = new Alteration.Bevel(leg, Facing.FRONT, inwards, angle).applyTo(frame).orElse(frame);
        return isRadial()
                ? new Alteration.Bevel(leg, inwards, Facing.BACK, angle).applyTo(faced).orElse(faced)
                : faced;
    }
}
