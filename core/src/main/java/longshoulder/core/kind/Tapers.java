package longshoulder.core.kind;

import static longshoulder.core.reckoning.Amount.mm;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import longshoulder.core.frame.Feature;
import longshoulder.core.brief.Brief;
import longshoulder.core.frame.Piece;
import longshoulder.core.frame.Shape;
import longshoulder.core.geometry.Cell;
import longshoulder.core.geometry.HalfSpace;
import longshoulder.core.geometry.Solid;
import longshoulder.core.geometry.Tolerance;
import longshoulder.core.reckoning.Amount;
import org.apache.commons.geometry.euclidean.threed.Vector3D;

/**
 * Legs that grow thinner towards the floor, beginning below the aprons: on the face that looks along the long aprons, on both
 * that look inwards, on all four, or in a curve. The taper is cut after the mortises, while the square leg still lies flat.
 */
final class Tapers {

    /** A curve is cut in so many chords. */
    private static final int CHORDS = 16;

    private final Brief brief;
    private final double start;

    /** @param start height above the floor at which the tapers begin, in millimetres */
    Tapers(Brief brief, double start) {
        this.brief = brief;
        this.start = start;
    }

    /**
     * What is said of a leg's taper; nothing where none is asked for.
     *
     * @param from height above the floor at which it begins
     */
    Optional<Feature> describe(String leg, Amount from) {
        return brief.choice("leg.taper").filter(form -> !form.equals("none") && start > 0)
                .map(form -> Feature.of(leg, Feature.Form.TAPER, "taper." + form).with("start", from)
                        .with("foot", brief.required("leg.foot")));
    }

    /** What is cut away from a leg, plumb or leaning; nothing where none is asked for. */
    Solid of(Piece leg) {
        String form = brief.choice("leg.taper").orElse("none");
        if (form.equals("none") || start <= 0) {
            return Solid.NOTHING;
        }
        if (form.equals("curved")) {
            return curved(leg);
        }
        Amount foot = brief.required("leg.foot");
        double width = mm(leg.width()) - mm(foot);
        double thickness = mm(leg.thickness()) - mm(foot);
        double faces = form.equals("four") ? 2 : 1;
        List<HalfSpace> cuts = new ArrayList<>(List.of(cut(leg.shape().farEdge(), width / faces)));
        if (!form.equals("one")) {
            cuts.add(cut(leg.shape().back(), thickness / faces));
        }
        if (form.equals("four")) {
            cuts.add(cut(leg.shape().faceEdge(), width / faces));
            cuts.add(cut(leg.shape().faceSide(), thickness / faces));
        }
        Solid low = leg.body().clip(new HalfSpace(Vector3D.Unit.PLUS_Z, start));
        Solid away = Solid.NOTHING;
        Solid rest = low;
        for (HalfSpace cut : cuts) {
            away = away.plus(rest.clip(cut.complement()));
            rest = rest.clip(cut);
        }
        return away;
    }

    /**
     * Where the outer arris of a leg ends at the floor: further in only where the outer faces taper too.
     *
     * @param leg before it was bevelled
     * @param shape of the same leg as it stands
     */
    Vector3D outerFoot(Piece leg, Shape shape) {
        HalfSpace floor = shape.start().normal().getZ() < 0 ? shape.start() : shape.finish();
        HalfSpace side = shape.faceSide();
        HalfSpace edge = shape.faceEdge();
        if (start > 0 && brief.choice("leg.taper").equals(Optional.of("four"))) {
            Amount foot = brief.required("leg.foot");
            side = inner(side, cut(leg.shape().faceSide(), (mm(leg.thickness()) - mm(foot)) / 2), floor, edge);
            edge = inner(edge, cut(leg.shape().faceEdge(), (mm(leg.width()) - mm(foot)) / 2), floor, side);
        }
        return HalfSpace.meet(floor, side, edge);
    }

    /** That of two planes which cuts the corner between two others further in. */
    private static HalfSpace inner(HalfSpace one, HalfSpace other, HalfSpace floor, HalfSpace next) {
        return other.distance(HalfSpace.meet(floor, one, next)) > 0 ? other : one;
    }

    /** Both inner faces bend in, more and more towards the floor: an arc that leaves the straight leg without a kink. */
    private Solid curved(Piece leg) {
        List<HalfSpace> faces = List.of(leg.shape().farEdge(), leg.shape().back());
        double foot = mm(brief.required("leg.foot"));
        double[] in = {mm(leg.width()) - foot, mm(leg.thickness()) - foot};
        List<List<Cell>> away = List.of(new ArrayList<>(), new ArrayList<>());
        for (int i = 0; i < CHORDS; i++) {
            Solid rest = leg.body().clip(new HalfSpace(Vector3D.Unit.PLUS_Z, start * (CHORDS - i) / CHORDS))
                    .clip(new HalfSpace(Vector3D.Unit.MINUS_Z, -start * (CHORDS - i - 1) / CHORDS));
            for (int face = 0; face < in.length; face++) {
                if (in[face] > Tolerance.LENGTH) {
                    HalfSpace chord = chord(faces.get(face), in[face], i);
                    away.get(face).addAll(rest.clip(chord.complement()).cells());
                    rest = rest.clip(chord);
                }
            }
        }
        return new Solid(away.stream().flatMap(List::stream).toList());
    }

    /** The plane through two neighbouring places of the arc, whose depth, measured level, is R − √(R² − d²), d below its start. */
    private HalfSpace chord(HalfSpace face, double in, int i) {
        double radius = (start * start + in * in) / (2 * in);
        double high = depth(radius, start * i / CHORDS);
        double low = depth(radius, start * (i + 1) / CHORDS);
        double slope = (low - high) / (start / CHORDS);
        Vector3D.Unit normal = face.normal();
        double level = Math.hypot(normal.getX(), normal.getY());
        Vector3D upFace = Vector3D.Unit.PLUS_Z.subtract(normal.multiply(normal.getZ()));
        Vector3D foot = normal.multiply(face.offset());
        Vector3D onFace = foot.add(upFace.multiply((start * (CHORDS - i) / CHORDS - foot.getZ()) / upFace.getZ()));
        // Level inwards and not along the normal: of a leg that leans, that would lead to another height.
        Vector3D inwards = Vector3D.of(normal.getX(), normal.getY(), 0).multiply(high / level);
        return HalfSpace.through(onFace.subtract(inwards),
                normal.subtract(Vector3D.of(0, 0, slope * level)));
    }

    private static double depth(double radius, double below) {
        return radius - Math.sqrt(Math.max(0, radius * radius - below * below));
    }

    /** A face turned inwards about its level line at the start, so that it lies in by so much at the floor. */
    private HalfSpace cut(HalfSpace face, double in) {
        Vector3D.Unit normal = face.normal();
        double level = Math.hypot(normal.getX(), normal.getY());
        Vector3D upFace = Vector3D.Unit.PLUS_Z.subtract(normal.multiply(normal.getZ()));
        Vector3D foot = normal.multiply(face.offset());
        Vector3D onLine = foot.add(upFace.multiply((start - foot.getZ()) / upFace.getZ()));
        return HalfSpace.through(onLine, normal.subtract(Vector3D.of(0, 0, Math.max(0, in) * level / start)));
    }
}
