package longshoulder.core.kind;

import static longshoulder.core.reckoning.Amount.mm;
import static longshoulder.core.kind.FrameBuilder.at;

import java.util.ArrayList;
import java.util.List;
import longshoulder.core.brief.Brief;
import longshoulder.core.brief.Parameter;
import longshoulder.core.frame.Dimension.Side;
import longshoulder.core.frame.Frame;
import longshoulder.core.frame.Role;
import longshoulder.core.geometry.View;
import longshoulder.core.kind.FrameBuilder.Lie;
import longshoulder.core.kind.FrameBuilder.Size;
import longshoulder.core.measure.Length;
import longshoulder.core.reckoning.Amount;
import longshoulder.core.reckoning.Label;
import org.apache.commons.geometry.euclidean.threed.Vector3D;

/**
 * A cabinet of four posts, rails all round, panels in sides and back, a top laid on, and a face frame in front of it all on demand. What
 * stands in the front and inside, such as doors, drawers and shelves, is laid by {@link CabinetFront} and {@link CabinetInside}.
 *
 * <p>Shoulder length of a rail = width or depth − 2 posts, the depth without the face frame.
 */
final class Cabinet {

    private static final List<Parameter> PARAMETERS = new KindParameters().way("size.given", "overall", "case", "niche")
            .length("niche.room", 5, 3, 0, 50)
            .length("overall.width", 800, 32 * 16, 250, 3000)
            .length("overall.depth", 400, 16 * 16, 150, 1500).length("overall.height", 900, 36 * 16, 250, 2600)
            .length("top.thickness", 22, 14, 10, 80).length("top.overhang", 15, 10, 0, 100)
            .length("post.width", 45, 28, 25, 150).length("rail.width", 60, 40, 25, 250)
            .length("rail.thickness", 22, 14, 12, 60).length("rail.setback", 5, 4, 0, 60)
            .length("base.height", 90, 56, 0, 600).way("face.frame", "none", "glued-on")
            .length("face.stile", 50, 32, 25, 200).length("face.thickness", 20, 13, 12, 50)
            .way("drawers", Door.COUNTS).length("drawer.height", 120, 76, 40, 500)
            .way("drawer.boxes", "none", "fitted").length("drawer.sides", 12, 8, 6, 25)
            .way("dividers", "none", "one", "two", "three").length("divider.width", 45, 28, 20, 150)
            .way("shelves", Door.COUNTS).length("shelf.thickness", 20, 13, 10, 50)
            .way("front", "open", "one-door", "two-doors").way("door.hang", "inset", "overlaid")
            .length("door.gap", 2, 1, 1, 10).length("door.overlap", 12, 8, 3, 60)
            .length("door.stile", 50, 32, 20, 200).length("door.thickness", 20, 13, 12, 50)
            .length("panel.thickness", 8, 5, 4, 20).length("groove.depth", 12, 8, 4, 20)
            .rule(PanelRoom.NAME, 0, 30).tenons().list();

    static final Kind KIND = new SetOut("cabinet", PARAMETERS, brief -> new Cabinet(brief).frame());

    private final FrameBuilder builder = new FrameBuilder();
    private final Brief brief;
    private final Amount post;
    private final Amount rail;
    private final Amount thickness;
    private final Amount postLength;
    private final Amount clearHeight;
    private final Leaf.Filling filling;
    private final int drawers;
    private final CabinetCase size;
    private final double width;
    private final double depth;
    private final double base;
    private final double front;

    private Cabinet(Brief brief) {
        this.brief = brief;
        post = brief.required("post.width");
        rail = brief.required("rail.width");
        thickness = brief.required("rail.thickness");
        postLength = Amount.sum(Label.of("amount.postLength")).plus(CabinetCase.overallHeight(brief))
                .minus(brief.required("top.thickness")).amount();
        clearHeight = Amount.sum(Label.of("amount.clearHeight")).plus(postLength)
                .minus(brief.required("base.height")).minus(2, rail).amount();
        filling = new Leaf.Filling(true, Role.PANEL, brief.required("panel.thickness"),
                brief.required("groove.depth"), PanelRoom.of(brief));
        drawers = Door.count(brief, "drawers");
        size = CabinetCase.of(brief, postLength);
        width = mm(size.width());
        depth = mm(size.depth());
        base = size.base();
        front = size.front();
    }

    Frame frame() {
        posts();
        List<String> between = new ArrayList<>();
        for (String side : List.of("left", "right", "front", "back")) {
            between.addAll(side(side));
        }
        for (int i = 1; i <= drawers; i++) {
            between.add(level("rail-drawer-" + i, "front", "B" + (i + 4), FrameBuilder.DOWN, drawerLow(i) - mm(rail)));
        }
        builder.assemble("whole", size.width(), postLength, between);
        top();
        Amount rest = Amount.sum(Label.of("amount.drawersLeave")).plus(clearHeight)
                .minus(drawers, brief.required("drawer.height")).minus(drawers, rail).amount();
        builder.clear("rail-lower-front", rest);
        new CabinetFront(builder, brief, filling, rest, size).lay(drawers);
        new CabinetInside(builder, brief, size).lay(drawers, mm(rest));
        figures();
        return builder.frame();
    }

    /** The lower edge of the opening of a drawer, counted from the top. */
    private double drawerLow(int number) {
        return mm(postLength) - mm(rail) - number * mm(brief.required("drawer.height")) - (number - 1) * mm(rail);
    }

    private void posts() {
        Size stock = new Size(postLength, post, post);
        for (String end : List.of("left", "right")) {
            double x = end.equals("left") ? 0 : width - mm(post);
            Vector3D.Unit outwards = end.equals("left") ? FrameBuilder.LEFT : FrameBuilder.RIGHT;
            builder.lay("post-front-" + end, Role.POST, end.equals("left") ? "A1" : "A2", stock,
                    new Lie(FrameBuilder.FRONT, outwards), at(x, front, 0));
            builder.lay("post-back-" + end, Role.POST, end.equals("left") ? "A3" : "A4", stock,
                    new Lie(FrameBuilder.BACK, outwards), at(x, depth - mm(post), 0));
        }
    }

    /**
     * A top and a bottom rail and, but for the front, a panel between them.
     *
     * @return what goes between the left and the right side, which are glued up first: front and back at once, or no tenon goes in
     */
    private List<String> side(String side) {
        String letter = side.equals("left") || side.equals("right") ? "C" : "B";
        String number = side.equals("left") || side.equals("front") ? "1" : "3";
        String upper = level("rail-upper-" + side, side, letter + number, FrameBuilder.UP, mm(postLength) - mm(rail));
        String lower = level("rail-lower-" + side, side, letter + number + "b", FrameBuilder.DOWN, base);
        builder.span(upper, lower);
        List<String> ids = new ArrayList<>(List.of(upper, lower));
        if (!side.equals("front")) {
            ids.add(panel(side));
        }
        if (isLong(side)) {
            return ids;
        }
        ids.addAll(List.of("post-front-" + side, "post-back-" + side));
        builder.assemble("side-" + side, over(side), postLength, ids);
        return List.of();
    }

    private Amount over(String side) {
        return isLong(side) ? size.width() : size.overPosts();
    }

    private static boolean isLong(String side) {
        return side.equals("front") || side.equals("back");
    }

    private static Vector3D.Unit out(String side) {
        return switch (side) {
            case "left" -> FrameBuilder.LEFT;
            case "right" -> FrameBuilder.RIGHT;
            case "front" -> FrameBuilder.FRONT;
            default -> FrameBuilder.BACK;
        };
    }

    private String level(String id, String side, String mark, Vector3D.Unit edge, double z) {
        Amount shoulder = Amount.sum(Label.of("amount.shoulder", id)).plus(over(side)).minus(2, post).amount();
        builder.lay(id, Role.RAIL, mark, new Size(shoulder, rail, thickness), new Lie(out(side), edge),
                inSide(side, mm(post), mm(thickness), mm(brief.required("rail.setback"))).add(at(0, 0, z)));
        for (String end : isLong(side) ? List.of("left", "right") : List.of("front", "back")) {
            Amount drop = edge.equals(FrameBuilder.UP)
                    ? FrameBuilder.flush()
                    : new Amount.Ruled(Label.of("amount.edgeHeight"), Length.fromMillimetres(z),
                            Label.of("rule.measured"));
            builder.seat(id, held(side, end), brief.required("rail.setback"), drop);
        }
        return id;
    }

    /**
     * The least corner of something in a side.
     *
     * @param from how far along the side it begins, from its least corner
     * @param thick how thick it is
     * @param setback from the outer faces of the posts
     */
    private Vector3D inSide(String side, double from, double thick, double setback) {
        return switch (side) {
            case "left" -> at(setback, front + from, 0);
            case "right" -> at(width - setback - thick, front + from, 0);
            case "front" -> at(from, front + setback, 0);
            default -> at(from, depth - setback - thick, 0);
        };
    }

    private String panel(String side) {
        String id = "panel-" + side;
        Amount stock = filling.thickness();
        double setback = mm(brief.required("rail.setback")) + (mm(thickness) - mm(stock)) / 2;
        Vector3D.Unit edge = isLong(side) ? FrameBuilder.LEFT : FrameBuilder.FRONT;
        Amount opening = builder.piece("rail-upper-" + side).length();
        builder.lay(id, Role.PANEL, "P" + side.charAt(0),
                filling.size(id, opening, clearHeight), new Lie(out(side), edge),
                inSide(side, mm(post) - filling.inSides(opening), mm(stock), setback)
                        .add(at(0, 0, base + mm(rail) - filling.inEnds(opening))));
        for (String end : isLong(side) ? List.of("left", "right") : List.of("front", "back")) {
            builder.usual(id + "/" + held(side, end), "groove.room",
                    filling.room().across(opening).value().times(1, 2));
        }
        return id;
    }

    /** The post at an end of a side. */
    private static String held(String side, String end) {
        return isLong(side) ? "post-" + side + "-" + end : "post-" + end + "-" + side;
    }

    private void top() {
        Amount overhang = brief.required("top.overhang");
        Amount length = Amount.sum(Label.of("amount.topLength")).plus(size.width())
                .plus(2, overhang).amount();
        Amount wide = Amount.sum(Label.of("amount.topWidth")).plus(size.depth())
                .plus(2, overhang).amount();
        builder.lay("top", Role.TOP, "T", new Size(length, wide, brief.required("top.thickness")),
                new Lie(FrameBuilder.UP, FrameBuilder.FRONT), at(-mm(overhang), -mm(overhang), mm(postLength)));
    }

    private void figures() {
        Amount high = CabinetCase.overallHeight(brief);
        double h = mm(high);
        double under = mm(postLength);
        Amount setback = brief.required("rail.setback");
        across(h);
        builder.figure(View.FRONT, at(0, 0, 0), at(0, 0, h), Side.LEFT, 1, high);
        builder.figure(View.FRONT, at(0, 0, 0), at(0, 0, base), Side.LEFT, 0, brief.required("base.height"));
        builder.figure(View.FRONT, at(0, 0, 0), at(mm(post), 0, 0), Side.BELOW, 0, post);
        builder.figure(View.FRONT, at(width, 0, under - mm(rail)), at(width, 0, under), Side.RIGHT, 0, rail);
        builder.figure(View.FRONT, at(mm(post), 0, base), at(width - mm(post), 0, base), Side.INSIDE, 0,
                builder.piece("rail-lower-front").length());
        if (drawers > 0) {
            double upper = under - mm(rail);
            builder.figure(View.FRONT, at(width, 0, upper - mm(brief.required("drawer.height"))), at(width, 0, upper),
                    Side.RIGHT, 1, brief.required("drawer.height"));
        }
        builder.figure(View.END, at(0, front + mm(post), base), at(0, depth - mm(post), base), Side.INSIDE, 0,
                builder.piece("rail-lower-right").length());
        builder.figure(View.PLAN, at(0, front, under), at(0, front + mm(setback), under), Side.LEFT, 0, setback);
        builder.figure(View.PLAN, at(0, front + mm(setback), under),
                at(0, front + mm(setback) + mm(thickness), under), Side.LEFT, 1,
                thickness);
    }

    /** Over the case, and over all where that was given. */
    private void across(double height) {
        builder.figure(View.FRONT, at(0, 0, height), at(width, 0, height), Side.ABOVE, 0, size.width());
        builder.figure(View.END, at(0, 0, height), at(0, depth, height), Side.ABOVE, 0, size.depth());
        double overhang = mm(brief.required("top.overhang"));
        if (CabinetCase.isOverall(brief) && size.beside() + size.ahead() > 0) {
            builder.figure(View.FRONT, at(-size.beside(), 0, height), at(width + size.beside(), 0, height), Side.ABOVE,
                    1,
                    CabinetCase.overallWidth(brief));
            builder.figure(View.END, at(0, -size.ahead(), height), at(0, depth + overhang, height), Side.ABOVE, 1,
                    CabinetCase.overallDepth(brief));
        }
    }
}
