package longshoulder.core.kind;

import static longshoulder.core.reckoning.Amount.mm;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import longshoulder.core.frame.Feature;
import longshoulder.core.brief.Address;
import longshoulder.core.brief.Brief;
import longshoulder.core.brief.Value;
import longshoulder.core.frame.Piece;
import longshoulder.core.frame.Role;
import longshoulder.core.geometry.Bounds;
import longshoulder.core.geometry.Cell;
import longshoulder.core.geometry.Pose;
import longshoulder.core.geometry.Solid;
import longshoulder.core.measure.Length;
import longshoulder.core.reckoning.Amount;
import longshoulder.core.reckoning.Label;
import org.apache.commons.geometry.euclidean.threed.Vector3D;

/**
 * A bottom let into grooves in the four aprons of a table, notched round the legs. The grooves stop at the aprons' shoulders, so
 * that they do not cut the tenons. For tables with plumb legs, single aprons and no drawer.
 *
 * <p>Length = between the aprons + 2 grooves − 2 · 1; width = between the aprons + 2 grooves − room to move.
 */
final class BottomPanel {

    private static final String ID = "bottom";

    /** Room along the grain at each end, and round the legs, in millimetres. */
    private static final long CLEAR = 1;

    /** Wood left under the grooves, in millimetres: more than the shoulder under any tenon. */
    private static final double ABOVE_EDGE = 15;

    private final Brief brief;

    BottomPanel(Brief brief) {
        this.brief = brief;
    }

    static boolean isAsked(Brief brief) {
        return brief.choice("bottom").equals(Optional.of("panel"))
                && brief.choice("apron.layers").equals(Optional.of("one")) && !DrawerFront.isAsked(brief);
    }

    /** @param least where the inner faces of the front and left aprons meet their lower edges, in the world */
    Piece piece(Amount overLength, Amount overDepth, Vector3D least) {
        Amount groove = brief.required("bottom.groove");
        Amount clear = new Amount.Ruled(Label.of("amount.bottomClear"), Length.ofMillimetres(CLEAR),
                Label.of("rule.grooveRoom"));
        Amount length = between(overLength, groove).minus(2, clear).amount();
        Amount width = between(overDepth, groove).minus(brief.required("bottom.room")).amount();
        Vector3D origin = least.add(Vector3D.of(CLEAR - mm(groove),
                mm(brief.required("bottom.room")) / 2 - mm(groove), ABOVE_EDGE));
        return new Piece(ID, Role.PANEL, "P", length, width, brief.required("bottom.thickness"),
                Pose.of(origin, Vector3D.Unit.PLUS_Y, Vector3D.Unit.PLUS_Z));
    }

    private Amount.SumBuilder between(Amount over, Amount groove) {
        return Amount.sum(Label.of("amount.bottomSize")).plus(over).minus(2, brief.required("apron.setback"))
                .minus(2, brief.required("apron.thickness")).plus(2, groove);
    }

    /** What of the panel goes so that the legs have room. */
    Solid notches(Piece panel, Iterable<Piece> legs) {
        Solid away = Solid.NOTHING;
        for (Piece leg : legs) {
            Bounds box = leg.body().bounds();
            Vector3D low = box.least();
            Vector3D high = box.greatest();
            away = away.plus(Solid.of(Cell.box(Pose.WORLD, low.getX() - CLEAR, low.getY() - CLEAR, low.getZ(),
                    high.getX() + CLEAR, high.getY() + CLEAR, high.getZ())).intersection(panel.body()));
        }
        return away;
    }

    /** The notches in figures, alike at all four corners; none where the legs stand clear of the panel. */
    Optional<Feature> describe(Piece panel, Iterable<Piece> legs) {
        return notches(panel, legs).cells().stream().findFirst().map(notch -> {
            Vector3D size = notch.bounds().greatest().subtract(notch.bounds().least());
            return Feature.of(ID, Feature.Form.NOTCH, "notch.legs").measured("alongGrain", size.getX())
                    .measured("acrossGrain", size.getY());
        });
    }

    Map<String, Value> usual() {
        Map<String, Value> usual = new HashMap<>();
        for (String side : List.of("front", "back", "left", "right")) {
            usual.put(Address.of(ID + "/apron-" + side, "groove.run"), new Value.Chosen("shoulders"));
        }
        Length room = brief.required("bottom.room").value().times(1, 2);
        usual.put(Address.of(ID + "/apron-front", "groove.room"), new Value.Measured(room));
        usual.put(Address.of(ID + "/apron-back", "groove.room"), new Value.Measured(room));
        return usual;
    }
}
