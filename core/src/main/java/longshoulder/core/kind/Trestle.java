package longshoulder.core.kind;

import static longshoulder.core.reckoning.Amount.mm;
import static longshoulder.core.kind.FrameBuilder.at;

import java.util.List;
import longshoulder.core.brief.Brief;
import longshoulder.core.brief.JointKind;
import longshoulder.core.brief.Parameter;
import longshoulder.core.frame.Dimension.Side;
import longshoulder.core.frame.Frame;
import longshoulder.core.frame.Role;
import longshoulder.core.geometry.View;
import longshoulder.core.kind.FrameBuilder.Lie;
import longshoulder.core.kind.FrameBuilder.Size;
import longshoulder.core.reckoning.Amount;
import longshoulder.core.reckoning.Label;

/**
 * A trestle: at each end a leg on a foot, between the legs a beam and a stretcher, all held by loose tenons.
 *
 * <p>Leg = height − foot; shoulder length of beam and stretcher = length − 2 legs. The spread is the length of a foot.
 */
final class Trestle {

    private static final Lie UPRIGHT_LEFT = new Lie(FrameBuilder.LEFT, FrameBuilder.FRONT);
    private static final Lie UPRIGHT_RIGHT = new Lie(FrameBuilder.RIGHT, FrameBuilder.FRONT);
    private static final Lie LENGTHWISE = new Lie(FrameBuilder.FRONT, FrameBuilder.UP);

    private static final List<Parameter> PARAMETERS = new KindParameters()
            .length("overall.height", 740, 29 * 16, 200, 1500)
            .length("beam.length", 800, 32 * 16, 200, 4000).length("foot.spread", 560, 22 * 16, 150, 1500)
            .length("foot.height", 60, 40, 25, 200).length("foot.thickness", 60, 40, 25, 200)
            .length("leg.width", 110, 72, 30, 300).length("leg.thickness", 50, 32, 20, 200)
            .length("beam.width", 110, 72, 30, 300).length("beam.thickness", 45, 30, 15, 150)
            .length("stretcher.width", 70, 44, 20, 300).length("stretcher.thickness", 30, 20, 12, 150)
            .length("stretcher.height", 180, 7 * 16, 30, 1200).tenons().list();

    static final Kind KIND = new SetOut("trestle", PARAMETERS, Trestle::frame);

    private static Frame frame(Brief brief) {
        FrameBuilder builder = new FrameBuilder();
        Amount height = brief.required("overall.height");
        Amount length = brief.required("beam.length");
        Amount spread = brief.required("foot.spread");
        Amount footHeight = brief.required("foot.height");
        Amount legThickness = brief.required("leg.thickness");
        Amount leg = Amount.sum(Label.of("amount.legLength")).plus(height).minus(footHeight).amount();
        for (String side : List.of("left", "right")) {
            double x = side.equals("left") ? 0 : mm(length) - mm(legThickness);
            Lie lie = side.equals("left") ? UPRIGHT_LEFT : UPRIGHT_RIGHT;
            double middle = x + mm(legThickness) / 2 - mm(brief.required("foot.thickness")) / 2;
            String number = side.equals("left") ? "1" : "2";
            builder.lay("foot-" + side, Role.FOOT, "A" + number,
                    new Size(spread, footHeight, brief.required("foot.thickness")),
                    new Lie(lie.faceSide(), FrameBuilder.UP),
                    at(middle, 0, 0));
            builder.lay("leg-" + side, Role.UPRIGHT, "B" + number,
                    new Size(leg, brief.required("leg.width"), legThickness),
                    lie, at(x, (mm(spread) - mm(brief.required("leg.width"))) / 2, mm(footHeight)));
            builder.joint("leg-" + side, "foot-" + side, JointKind.LOOSE_TENON);
            builder.assemble("end-" + side, List.of("foot-" + side, "leg-" + side));
        }
        rail(builder, brief, "beam", Role.BEAM, mm(height) - mm(brief.required("beam.width")));
        rail(builder, brief, "stretcher", Role.STRETCHER, mm(brief.required("stretcher.height")));
        builder.span("beam", "stretcher");
        builder.assemble("whole", length, leg, List.of("beam", "stretcher"));
        figures(builder, brief, leg);
        return builder.frame();
    }

    private static void rail(FrameBuilder builder, Brief brief, String id, Role role, double low) {
        Amount leg = brief.required("leg.thickness");
        Amount shoulder = Amount.sum(Label.of("amount.shoulder", id)).plus(brief.required("beam.length")).minus(2, leg)
                .amount();
        Amount thickness = brief.required(id + ".thickness");
        builder.lay(id, role, id.equals("beam") ? "C1" : "C2",
                new Size(shoulder, brief.required(id + ".width"), thickness),
                LENGTHWISE, at(mm(leg), (mm(brief.required("foot.spread")) - mm(thickness)) / 2, low));
        builder.joint(id, "leg-left", JointKind.LOOSE_TENON);
        builder.joint(id, "leg-right", JointKind.LOOSE_TENON);
    }

    private static void figures(FrameBuilder builder, Brief brief, Amount leg) {
        double l = mm(brief.required("beam.length"));
        double h = mm(brief.required("overall.height"));
        double foot = mm(brief.required("foot.height"));
        double spread = mm(brief.required("foot.spread"));
        double low = mm(brief.required("stretcher.height"));
        builder.figure(View.FRONT, at(0, 0, h), at(l, 0, h), Side.ABOVE, 0, brief.required("beam.length"));
        builder.figure(View.FRONT, at(0, 0, 0), at(0, 0, h), Side.LEFT, 1, brief.required("overall.height"));
        builder.figure(View.FRONT, at(0, 0, foot), at(0, 0, h), Side.LEFT, 0, leg);
        builder.figure(View.FRONT, at(l, 0, h - mm(brief.required("beam.width"))), at(l, 0, h), Side.RIGHT, 0,
                brief.required("beam.width"));
        builder.figure(View.FRONT, at(l, 0, 0), at(l, 0, low), Side.RIGHT, 0, brief.required("stretcher.height"));
        builder.figure(View.FRONT, at(mm(brief.required("leg.thickness")), 0, low),
                at(l - mm(brief.required("leg.thickness")), 0, low), Side.INSIDE, 0,
                builder.piece("stretcher").length());
        builder.figure(View.END, at(0, 0, 0), at(0, spread, 0), Side.BELOW, 0, brief.required("foot.spread"));
        builder.figure(View.END, at(0, (spread - mm(brief.required("leg.width"))) / 2, h),
                at(0, (spread + mm(brief.required("leg.width"))) / 2, h), Side.ABOVE, 0, brief.required("leg.width"));
        builder.figure(View.END, at(0, 0, 0), at(0, 0, foot), Side.LEFT, 0, brief.required("foot.height"));
    }
}
