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
import org.apache.commons.geometry.euclidean.threed.Vector3D;

/**
 * The base of a workbench with its top laid on: two end frames of posts and rails, glued, and long stretchers between them
 * that come apart or are wedged for good.
 *
 * <p>Over posts = length − 2 · overhang, or depth; shoulder length = over posts − 2 posts; post = height − top.
 */
final class Workbench {

    private static final List<Parameter> PARAMETERS = new KindParameters()
            .length("overall.length", 1600, 64 * 16, 600, 4000)
            .length("overall.depth", 600, 24 * 16, 300, 1500).length("overall.height", 860, 34 * 16, 400, 1300)
            .length("top.thickness", 80, 52, 20, 200).length("overhang.ends", 200, 8 * 16, 0, 1000)
            .length("post.width", 90, 56, 40, 250).length("post.depth", 90, 56, 40, 250)
            .length("rail.width", 110, 72, 40, 300).length("rail.thickness", 45, 28, 20, 150)
            .length("lower-rail.height", 80, 48, 0, 600).length("stretcher.width", 120, 72, 40, 300)
            .length("stretcher.thickness", 45, 30, 20, 150).length("stretcher.height", 230, 9 * 16, 0, 900)
            .way("stretcher.joint", "tusked", "wedged", "bolted", "glued").tenons().list();

    static final Kind KIND = new SetOut("workbench", PARAMETERS, brief -> new Workbench(brief).frame());

    private final FrameBuilder builder = new FrameBuilder();
    private final Brief brief;
    private final Amount postWidth;
    private final Amount postDepth;
    private final Amount post;
    private final Amount overLength;
    private final double x0;
    private final double x1;
    private final double y1;

    private Workbench(Brief brief) {
        this.brief = brief;
        postWidth = brief.required("post.width");
        postDepth = brief.required("post.depth");
        post = Amount.sum(Label.of("amount.postLength")).plus(brief.required("overall.height"))
                .minus(brief.required("top.thickness")).amount();
        overLength = Amount.sum(Label.of("amount.overPosts")).plus(brief.required("overall.length"))
                .minus(2, brief.required("overhang.ends")).amount();
        x0 = mm(brief.required("overhang.ends"));
        x1 = x0 + mm(overLength);
        y1 = mm(brief.required("overall.depth"));
    }

    Frame frame() {
        for (String end : List.of("left", "right")) {
            endFrame(end, end.equals("left") ? "1" : "2");
        }
        stretcher("front", FrameBuilder.FRONT, 0);
        stretcher("back", FrameBuilder.BACK, y1 - mm(postDepth));
        builder.span("stretcher-front", "stretcher-back");
        builder.span("rail-upper-left", "rail-upper-right", "rail-lower-left", "rail-lower-right");
        builder.assemble("whole", overLength, post, List.of("stretcher-front", "stretcher-back"));
        builder.lay("top", Role.TOP, "T", new Size(brief.required("overall.length"), brief.required("overall.depth"),
                brief.required("top.thickness")), new Lie(FrameBuilder.UP, FrameBuilder.FRONT), at(0, 0, mm(post)));
        figures();
        return builder.frame();
    }

    private void endFrame(String end, String number) {
        Vector3D.Unit outwards = end.equals("left") ? FrameBuilder.LEFT : FrameBuilder.RIGHT;
        double x = end.equals("left") ? x0 : x1 - mm(postWidth);
        Size size = new Size(post, postWidth, postDepth);
        builder.lay("post-front-" + end, Role.POST, "A" + number, size, new Lie(FrameBuilder.FRONT, outwards),
                at(x, 0, 0));
        builder.lay("post-back-" + end, Role.POST, "A" + number + "b", size, new Lie(FrameBuilder.BACK, outwards),
                at(x, y1 - mm(postDepth), 0));
        double high = mm(post) - mm(brief.required("rail.width"));
        rail("rail-upper-" + end, "B" + number, outwards, FrameBuilder.UP, x, high);
        rail("rail-lower-" + end, "B" + number + "b", outwards, FrameBuilder.DOWN, x,
                mm(brief.required("lower-rail.height")));
        builder.assemble("end-" + end, brief.required("overall.depth"), post, List.of("post-front-" + end,
                "post-back-" + end, "rail-upper-" + end, "rail-lower-" + end));
    }

    private void rail(String id, String mark, Vector3D.Unit outwards, Vector3D.Unit edge, double x, double z) {
        Amount shoulder = Amount.sum(Label.of("amount.shoulder", id)).plus(brief.required("overall.depth"))
                .minus(2, postDepth).amount();
        Amount thickness = brief.required("rail.thickness");
        builder.lay(id, Role.RAIL, mark, new Size(shoulder, brief.required("rail.width"), thickness),
                new Lie(outwards, edge), at(x + (mm(postWidth) - mm(thickness)) / 2, mm(postDepth), z));
    }

    private void stretcher(String side, Vector3D.Unit outwards, double y) {
        String id = "stretcher-" + side;
        Amount shoulder = Amount.sum(Label.of("amount.shoulder", id)).plus(overLength).minus(2, postWidth).amount();
        Amount thickness = brief.required("stretcher.thickness");
        builder.lay(id, Role.STRETCHER, side.equals("front") ? "C1" : "C2",
                new Size(shoulder, brief.required("stretcher.width"), thickness), new Lie(outwards, FrameBuilder.UP),
                at(x0 + mm(postWidth), y + (mm(postDepth) - mm(thickness)) / 2,
                        mm(brief.required("stretcher.height"))));
        for (String end : List.of("left", "right")) {
            String joint = brief.choice("stretcher.joint").orElse("tusked");
            joined(id, "post-" + side + "-" + end, joint);
        }
    }

    private void joined(String stretcher, String post, String joint) {
        switch (joint) {
            case "tusked" -> builder.joint(stretcher, post, JointKind.TUSKED_TENON);
            case "wedged" -> {
                builder.joint(stretcher, post, JointKind.THROUGH_TENON);
                builder.usual(stretcher + "/" + post, "tenon.wedges", "fitting");
            }
            case "bolted" -> {
                builder.joint(stretcher, post, JointKind.STUB_TENON);
                builder.usual(stretcher + "/" + post, "bolt", "bolted");
            }
            default -> {
                // A stopped tenon is what a rail gets anyway.
            }
        }
    }

    private void figures() {
        double l = mm(brief.required("overall.length"));
        double h = mm(brief.required("overall.height"));
        double low = mm(brief.required("stretcher.height"));
        builder.figure(View.FRONT, at(0, 0, h), at(l, 0, h), Side.ABOVE, 1, brief.required("overall.length"));
        builder.figure(View.FRONT, at(0, 0, h), at(x0, 0, h), Side.ABOVE, 0, brief.required("overhang.ends"));
        builder.figure(View.FRONT, at(0, 0, 0), at(0, 0, h), Side.LEFT, 1, brief.required("overall.height"));
        builder.figure(View.FRONT, at(0, 0, 0), at(0, 0, mm(post)), Side.LEFT, 0, post);
        builder.figure(View.FRONT, at(x0, 0, 0), at(x0 + mm(postWidth), 0, 0), Side.BELOW, 0, postWidth);
        builder.figure(View.FRONT, at(l, 0, 0), at(l, 0, low), Side.RIGHT, 0, brief.required("stretcher.height"));
        builder.figure(View.FRONT, at(l, 0, mm(post)), at(l, 0, h), Side.RIGHT, 0, brief.required("top.thickness"));
        builder.figure(View.FRONT, at(x0 + mm(postWidth), 0, low), at(x1 - mm(postWidth), 0, low), Side.INSIDE, 0,
                builder.piece("stretcher-front").length());
        builder.figure(View.END, at(0, 0, h), at(0, y1, h), Side.ABOVE, 0, brief.required("overall.depth"));
        builder.figure(View.END, at(0, 0, 0), at(0, mm(postDepth), 0), Side.BELOW, 0, postDepth);
        builder.figure(View.END, at(0, 0, 0), at(0, 0, mm(brief.required("lower-rail.height"))), Side.LEFT, 0,
                brief.required("lower-rail.height"));
        builder.figure(View.END, at(0, mm(postDepth), mm(brief.required("lower-rail.height"))),
                at(0, y1 - mm(postDepth), mm(brief.required("lower-rail.height"))), Side.INSIDE, 0,
                builder.piece("rail-lower-right").length());
    }
}
