package longshoulder.core.kind;

import static longshoulder.core.reckoning.Amount.mm;
import static longshoulder.core.kind.FrameBuilder.at;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import longshoulder.core.brief.Brief;
import longshoulder.core.brief.JointKind;
import longshoulder.core.brief.Parameter;
import longshoulder.core.frame.Dimension.Side;
import longshoulder.core.frame.Frame;
import longshoulder.core.frame.Piece;
import longshoulder.core.frame.Role;
import longshoulder.core.geometry.View;
import longshoulder.core.kind.FrameBuilder.Lie;
import longshoulder.core.kind.FrameBuilder.Size;
import longshoulder.core.reckoning.Amount;
import longshoulder.core.reckoning.Label;
import org.apache.commons.geometry.euclidean.threed.Vector3D;

/**
 * A bench: a slab on two end frames of foot, uprights and bearer, with a long stretcher between them. The slab is laid on the
 * bearers, or the uprights go through it and are wedged.
 *
 * <p>Upright = seat − slab − foot − bearer; shoulder length of the stretcher = length − 2 insets − 2 uprights.
 */
final class Bench {

    private static final List<Parameter> PARAMETERS = new KindParameters()
            .way("height.given", "over-slab", "under-slab")
            .length("seat.height", 450, 18 * 16, 150, 900).length("overall.length", 1400, 56 * 16, 400, 4000)
            .length("overall.depth", 320, 12 * 16 + 8, 180, 900).length("slab.thickness", 40, 26, 15, 120)
            .length("frame.inset", 180, 7 * 16, 0, 1200).length("foot.length", 290, 11 * 16 + 8, 150, 900)
            .length("foot.height", 50, 32, 25, 150).length("foot.thickness", 60, 40, 25, 150)
            .way("uprights", "pair", "single").length("upright.width", 60, 40, 30, 400)
            .length("upright.thickness", 45, 28, 20, 150).length("bearer.height", 50, 32, 25, 150)
            .way("foot.shape", "plain", "arched", "sloped").way("bearer.shape", "plain", "sloped")
            .way("slab.joint", "laid-on", "wedged-through").length("stretcher.width", 70, 44, 25, 250)
            .length("stretcher.thickness", 32, 20, 12, 100).length("stretcher.height", 150, 6 * 16, 30, 600)
            .way("stretcher.joint", "tusked", "wedged", "pegged").tenons().list();

    static final Kind KIND = new SetOut("bench", PARAMETERS, brief -> new Bench(brief).frame());

    private final FrameBuilder builder = new FrameBuilder();
    private final Brief brief;
    private final boolean through;
    private final boolean pair;
    private final Amount under;
    private final Amount upright;
    private final Amount thickness;
    private final double length;
    private final double depth;

    private Bench(Brief brief) {
        this.brief = brief;
        through = brief.choice("slab.joint").equals(Optional.of("wedged-through"));
        pair = !brief.choice("uprights").equals(Optional.of("single"));
        Amount given = brief.required("seat.height");
        under = brief.choice("height.given").equals(Optional.of("under-slab"))
                ? given
                : Amount.sum(Label.of("amount.underSlab")).plus(given).minus(brief.required("slab.thickness"))
                        .amount();
        Amount.SumBuilder sum = Amount.sum(Label.of("amount.uprightLength")).plus(under)
                .minus(brief.required("foot.height"));
        upright = (through ? sum : sum.minus(brief.required("bearer.height"))).amount();
        thickness = brief.required("upright.thickness");
        length = mm(brief.required("overall.length"));
        depth = mm(brief.required("overall.depth"));
    }

    Frame frame() {
        for (String end : List.of("left", "right")) {
            endFrame(end, end.equals("left") ? "1" : "2");
        }
        stretcher();
        builder.lay("slab", through ? Role.SLAB : Role.TOP, "T", new Size(brief.required("overall.length"),
                brief.required("overall.depth"), brief.required("slab.thickness")),
                new Lie(FrameBuilder.UP, FrameBuilder.FRONT),
                at(0, 0, mm(under)));
        builder.assemble("whole", builder.piece("stretcher").length(), upright, List.of("stretcher", "slab"));
        figures();
        return builder.frame();
    }

    private double inner(String end) {
        double inset = mm(brief.required("frame.inset"));
        return end.equals("left") ? inset : length - inset - mm(thickness);
    }

    private void endFrame(String end, String number) {
        Vector3D.Unit outwards = end.equals("left") ? FrameBuilder.LEFT : FrameBuilder.RIGHT;
        double middle = inner(end) + mm(thickness) / 2;
        double footThickness = mm(brief.required("foot.thickness"));
        double footLow = (depth - mm(brief.required("foot.length"))) / 2;
        List<String> ids = new ArrayList<>(List.of("foot-" + end));
        Piece foot = builder.lay("foot-" + end, Role.FOOT, "A" + number,
                new Size(brief.required("foot.length"), brief.required("foot.height"),
                        brief.required("foot.thickness")),
                new Lie(outwards, FrameBuilder.UP), at(middle - footThickness / 2, footLow, 0));
        EndShape ends = new EndShape(builder, free());
        ends.shape(foot, brief.choice("foot.shape").orElse("plain"), true);
        if (!through) {
            Piece bearer = builder.lay("bearer-" + end, Role.BEARER, "C" + number,
                    new Size(brief.required("foot.length"), brief.required("bearer.height"),
                            brief.required("foot.thickness")),
                    new Lie(outwards, FrameBuilder.DOWN),
                    at(middle - footThickness / 2, footLow, mm(under) - mm(brief.required("bearer.height"))));
            ids.add("bearer-" + end);
            ends.shape(bearer, brief.choice("bearer.shape").orElse("plain"), false);
        }
        ids.addAll(uprights(end, number, outwards));
        if (!through) {
            builder.assemble("end-" + end, brief.required("foot.length"), under, ids);
        } else if (pair) {
            builder.assemble("end-" + end, overUprights(), upright, ids);
        } else {
            builder.assemble("end-" + end, ids);
        }
    }

    /** From the end of a foot to the nearest upright. */
    private double free() {
        double foot = mm(brief.required("foot.length"));
        return foot / (pair ? 4 : 2) - mm(brief.required("upright.width")) / 2;
    }

    private List<String> uprights(String end, String number, Vector3D.Unit outwards) {
        double width = mm(brief.required("upright.width"));
        double foot = mm(brief.required("foot.length"));
        double quarter = foot / 4;
        List<String> ids = new ArrayList<>();
        for (String side : pair ? List.of("front", "back") : List.of("middle")) {
            double y = depth / 2 - width / 2
                    + (side.equals("front") ? -quarter : side.equals("back") ? quarter : 0);
            String id = (pair ? "upright-" + side : "upright") + "-" + end;
            builder.lay(id, Role.UPRIGHT, "B" + number + (side.equals("back") ? "b" : ""),
                    new Size(upright, brief.required("upright.width"), thickness),
                    new Lie(outwards, side.equals("back") ? FrameBuilder.BACK : FrameBuilder.FRONT),
                    at(inner(end), y, mm(brief.required("foot.height"))));
            if (through) {
                builder.joint(id, "slab", JointKind.THROUGH_TENON);
                builder.usual(id + "/slab", "tenon.wedges", "fitting");
            }
            ids.add(id);
        }
        if (pair) {
            ids.add(cross(end, number, outwards, width, quarter));
        }
        return ids;
    }

    /** Between a pair of uprights: it carries the stretcher. */
    private String cross(String end, String number, Vector3D.Unit outwards, double width, double quarter) {
        String id = "rail-cross-" + end;
        Amount shoulder = Amount.sum(Label.of("amount.shoulder", id)).plus(betweenMiddles())
                .minus(brief.required("upright.width")).amount();
        builder.lay(id, Role.RAIL, "D" + number, new Size(shoulder, brief.required("stretcher.width"), thickness),
                new Lie(outwards, FrameBuilder.UP),
                at(inner(end), depth / 2 - quarter + width / 2, mm(brief.required("stretcher.height"))));
        return id;
    }

    /** Of a pair of uprights, each a quarter of the foot from its end. */
    private Amount betweenMiddles() {
        return new Amount.Share(Label.of("amount.betweenMiddles"), brief.required("foot.length"), 1, 2,
                Label.of("rule.pairQuarter"));
    }

    private Amount overUprights() {
        return Amount.sum(Label.of("amount.overUprights")).plus(betweenMiddles()).plus(brief.required("upright.width"))
                .amount();
    }

    private void stretcher() {
        Amount shoulder = Amount.sum(Label.of("amount.shoulder", "stretcher"))
                .plus(brief.required("overall.length"))
                .minus(2, brief.required("frame.inset")).minus(2, thickness).amount();
        Amount stock = brief.required("stretcher.thickness");
        builder.lay("stretcher", Role.STRETCHER, "E1",
                new Size(shoulder, brief.required("stretcher.width"), stock),
                new Lie(FrameBuilder.FRONT, FrameBuilder.UP),
                at(mm(brief.required("frame.inset")) + mm(thickness), (depth - mm(stock)) / 2,
                        mm(brief.required("stretcher.height"))));
        for (String end : List.of("left", "right")) {
            String post = (pair ? "rail-cross-" : "upright-") + end;
            String joint = brief.choice("stretcher.joint").orElse("tusked");
            builder.joint("stretcher", post,
                    joint.equals("tusked") ? JointKind.TUSKED_TENON : JointKind.THROUGH_TENON);
            if (joint.equals("wedged")) {
                builder.usual("stretcher/" + post, "tenon.wedges", "fitting");
            } else if (joint.equals("pegged")) {
                builder.usual("stretcher/" + post, "peg", "pegged");
            }
        }
    }

    private void figures() {
        double top = mm(under) + mm(brief.required("slab.thickness"));
        double low = mm(brief.required("stretcher.height"));
        boolean over = brief.choice("height.given").orElse("over-slab").equals("over-slab");
        builder.figure(View.FRONT, at(0, 0, top), at(length, 0, top), Side.ABOVE, 0,
                brief.required("overall.length"));
        builder.figure(View.FRONT, at(0, 0, 0), at(0, 0, over ? top : mm(under)), Side.LEFT, 1,
                brief.required("seat.height"));
        builder.figure(View.FRONT, at(0, 0, mm(brief.required("foot.height"))),
                at(0, 0, mm(brief.required("foot.height")) + mm(upright)), Side.LEFT, 0, upright);
        builder.figure(View.FRONT, at(0, 0, 0), at(mm(brief.required("frame.inset")), 0, 0), Side.BELOW, 0,
                brief.required("frame.inset"));
        builder.figure(View.FRONT, at(length, 0, mm(under)), at(length, 0, top), Side.RIGHT, 0,
                brief.required("slab.thickness"));
        builder.figure(View.FRONT, at(length, 0, 0), at(length, 0, low), Side.RIGHT, 0,
                brief.required("stretcher.height"));
        builder.figure(View.FRONT, at(inner("left") + mm(thickness), 0, low), at(inner("right"), 0, low), Side.INSIDE,
                0,
                builder.piece("stretcher").length());
        builder.figure(View.END, at(0, 0, top), at(0, depth, top), Side.ABOVE, 0, brief.required("overall.depth"));
        double foot = mm(brief.required("foot.length"));
        builder.figure(View.END, at(0, (depth - foot) / 2, 0), at(0, (depth + foot) / 2, 0), Side.BELOW, 0,
                brief.required("foot.length"));
    }
}
