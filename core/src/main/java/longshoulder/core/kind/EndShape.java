package longshoulder.core.kind;

import static longshoulder.core.reckoning.Amount.mm;

import longshoulder.core.frame.Feature;
import longshoulder.core.frame.Arc;
import longshoulder.core.frame.Curving;
import longshoulder.core.frame.Piece;
import longshoulder.core.geometry.HalfSpace;
import longshoulder.core.geometry.Solid;
import org.apache.commons.geometry.euclidean.threed.Vector3D;

/**
 * The shapes of feet and bearers, which lie along the depth: an arch under a foot, so that it stands on its ends, or ends that slope
 * down from half of their height. Neither reaches the joints of the uprights.
 *
 * @param free from an end to the nearest upright, in millimetres
 */
record EndShape(FrameBuilder builder, double free) {

    /** An arch leaves so much of the length at each end, and rises by so much of the height. */
    private static final double PADS = 0.2;
    private static final double ARCH = 1.0 / 6;
    private static final double STEEPEST = 1.5;

    /** @param up whether the upper corners slope and the lower side is arched; else the lower corners slope */
    void shape(Piece piece, String form, boolean up) {
        if (form.equals("plain") || !piece.isReal() || free <= 0) {
            return;
        }
        builder.shape(piece.id(), form.equals("arched") ? arch(piece) : slopes(piece, up));
        builder.describe(form.equals("arched") ? archOf(piece) : slopesOf(piece, up));
    }

    private static Feature archOf(Piece piece) {
        Arc arc = Arc.ofRise(mm(piece.length()) * (1 - 2 * PADS), mm(piece.width()) * ARCH);
        return Feature.of(piece.id(), Feature.Form.CURVE, "curve.arch").measured("chord", arc.chord())
                .measured("rise", arc.sagitta()).measured("radius", arc.radius());
    }

    private Feature slopesOf(Piece piece, boolean up) {
        return Feature.of(piece.id(), Feature.Form.SLOPE, up ? "slope.up" : "slope.down")
                .measured("alongGrain", slopeRun(piece)).measured("acrossGrain", mm(piece.width()) / 2);
    }

    private double slopeRun(Piece piece) {
        return Math.min(free * 0.8, mm(piece.width()) / 2 * STEEPEST);
    }

    private static Solid arch(Piece piece) {
        double chord = mm(piece.length()) * (1 - 2 * PADS);
        Vector3D middle = piece.pose().origin().add(piece.pose().along().multiply(mm(piece.length()) / 2));
        return Curving.about(piece, FrameBuilder.DOWN, Arc.ofRise(chord, mm(piece.width()) * ARCH), false, middle);
    }

    private Solid slopes(Piece piece, boolean up) {
        double rise = mm(piece.width()) / 2;
        double run = slopeRun(piece);
        Vector3D.Unit edge = up ? FrameBuilder.UP : FrameBuilder.DOWN;
        Solid away = Solid.NOTHING;
        for (Vector3D.Unit end : new Vector3D.Unit[]{FrameBuilder.FRONT, FrameBuilder.BACK}) {
            HalfSpace tip = piece.shape().start().normal().dot(end) > 0.5
                    ? piece.shape().start()
                    : piece.shape().finish();
            HalfSpace side = piece.shape().looking(edge);
            Vector3D origin = piece.pose().origin();
            Vector3D onTip = origin.subtract(end.multiply(tip.distance(origin)));
            Vector3D corner = onTip.subtract(edge.multiply(side.distance(onTip) + rise));
            Vector3D slope = end.multiply(rise).add(edge.multiply(run));
            away = away.plus(piece.body().clip(HalfSpace.through(corner, slope).complement()));
        }
        return away;
    }
}
