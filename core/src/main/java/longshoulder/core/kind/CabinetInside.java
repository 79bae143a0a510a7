package longshoulder.core.kind;

import static longshoulder.core.reckoning.Amount.mm;
import static longshoulder.core.kind.FrameBuilder.at;

import java.util.List;
import java.util.Optional;
import longshoulder.core.brief.Brief;
import longshoulder.core.brief.JointKind;
import longshoulder.core.frame.Feature;
import longshoulder.core.frame.Role;
import longshoulder.core.kind.FrameBuilder.Lie;
import longshoulder.core.kind.FrameBuilder.Size;
import longshoulder.core.measure.Length;
import longshoulder.core.reckoning.Amount;
import longshoulder.core.reckoning.Label;
import org.apache.commons.geometry.euclidean.threed.Vector3D;

/**
 * What is inside a cabinet: drawers on runners, and shelves on bearers, both carried between the posts of each side.
 *
 * <p>Drawer = opening − gaps; its sides end on its front, its back between the sides above the bottom.
 */
final class CabinetInside {

    /** Runners and bearers reach so far beyond the posts into the case, and so far behind their inner faces, in millimetres. */
    private static final long CARRIES = 12;
    private static final long BEHIND = 12;
    private static final long RUNNER_HEIGHT = 20;

    /** What stays free behind drawers and in front of shelves, in millimetres. */
    private static final long CLEAR = 2;

    /** How high the bottom of a drawer stands above the lower edge of its sides. */
    private static final double BOTTOM_UP = 8;
    private static final Length BOTTOM = Length.ofMillimetres(6);

    private final FrameBuilder builder;
    private final Brief brief;
    private final CabinetCase size;
    private final Amount post;
    private final Amount rail;
    private final double depth;

    CabinetInside(FrameBuilder builder, Brief brief, CabinetCase size) {
        this.builder = builder;
        this.brief = brief;
        this.size = size;
        post = brief.required("post.width");
        rail = brief.required("rail.width");
        depth = mm(size.depth());
    }

    /** @param rest height of what the drawers leave, in millimetres */
    void lay(int drawers, double rest) {
        boolean boxes = brief.choice("drawer.boxes").equals(Optional.of("fitted"));
        for (int i = 1; boxes && i <= drawers; i++) {
            drawer(i, size.top() - i * (mm(rail) + mm(brief.required("drawer.height"))));
        }
        int shelves = Door.count(brief, "shelves");
        for (int i = 1; i <= shelves; i++) {
            shelf(i, size.base() + mm(rail) + rest * i / (shelves + 1));
        }
    }

    /** From front to back between the posts of a side, its upper face at a height. */
    private void runner(String id, String mark, String end, double top) {
        Amount length = Amount.sum(Label.of("amount.runner")).plus(size.depth())
                .minus(ruled("amount.frontStands", Length.fromMillimetres(size.front()))).minus(2, post).amount();
        Amount wide = ruled("amount.runnerWidth", Length.ofMillimetres(CARRIES + BEHIND));
        Amount high = ruled("amount.runnerHeight", Length.ofMillimetres(RUNNER_HEIGHT));
        boolean left = end.equals("left");
        double x = left ? mm(post) - BEHIND : mm(size.width()) - mm(post) - CARRIES;
        builder.describe(Feature.of(id + "-" + end, Feature.Form.FIXING, "fixing.posts"));
        builder.lay(id + "-" + end, Role.RUNNER, mark + (left ? "l" : "r"), new Size(length, high, wide),
                new Lie(left ? FrameBuilder.RIGHT : FrameBuilder.LEFT, FrameBuilder.UP),
                at(x, size.front() + mm(post), top - RUNNER_HEIGHT));
    }

    private static Amount ruled(String label, Length length) {
        return new Amount.Ruled(Label.of(label), length, Label.of("rule.inCase"));
    }

    /** Where what is inside may begin: behind the rails, the face frame and inset doors. */
    private double behindFront() {
        double setback = size.front() + mm(brief.required("rail.setback"));
        boolean inset = brief.choice("door.hang").equals(Optional.of("inset"))
                && !brief.choice("front").equals(Optional.of("open"));
        double doors = inset
                ? (CabinetCase.hasFaceFrame(brief) ? 0 : setback) + mm(brief.required("door.thickness"))
                : 0;
        return Math.max(setback + mm(brief.required("rail.thickness")), doors) + CLEAR;
    }

    private double backRails() {
        return depth - mm(brief.required("rail.setback")) - mm(brief.required("rail.thickness"));
    }

    private void shelf(int number, double low) {
        Amount length = Amount.sum(Label.of("amount.shelfLength")).plus(size.width())
                .minus(2, post).minus(2, ruled("amount.shelfClear", Length.ofMillimetres(1))).amount();
        double from = behindFront();
        Amount wide = new Amount.Traced(Label.of("amount.shelfWidth"),
                Length.fromMillimetres(backRails() - CLEAR - from),
                List.of(size.depth(), brief.required("rail.thickness")), Label.of("rule.inCase"));
        builder.lay("shelf-" + number, Role.SHELF, "S" + number,
                new Size(length, wide, brief.required("shelf.thickness")), new Lie(FrameBuilder.UP, FrameBuilder.FRONT),
                at(mm(post) + 1, from, low));
        runner("bearer-shelf-" + number, "S" + number, "left", low);
        runner("bearer-shelf-" + number, "S" + number, "right", low);
    }

    /** @param low the lower edge of its opening */
    private void drawer(int number, double low) {
        Drawer drawer = new Drawer(number, low);
        drawer.lay();
        runner("runner-drawer-" + number, "R" + number, "left", low);
        runner("runner-drawer-" + number, "R" + number, "right", low);
    }

    /** One drawer: a front, two sides housed in it, a back between these and a bottom in grooves. */
    private final class Drawer {

        private final String prefix;
        private final String mark;
        private final double z;
        private final double x;
        private final double y;
        private final Amount gap = brief.required("door.gap");
        private final Amount thick = brief.required("door.thickness");
        private final Amount sides = brief.required("drawer.sides");
        private final Amount width;
        private final Amount height;
        private final Amount length;

        Drawer(int number, double low) {
            prefix = "drawer-" + number + ".";
            mark = "G" + number;
            boolean faced = CabinetCase.hasFaceFrame(brief);
            Amount stile = brief.required("face.stile");
            Amount beside = faced && stile.value().isGreaterThan(post.value()) ? stile : post;
            z = low + mm(gap);
            x = mm(beside) + mm(gap);
            y = faced ? 0 : size.front() + mm(brief.required("rail.setback"));
            width = Amount.sum(Label.of("amount.drawerWidth")).plus(size.width())
                    .minus(2, beside).minus(2, gap).amount();
            height = Amount.sum(Label.of("amount.drawerHeight")).plus(brief.required("drawer.height"))
                    .minus(2, gap).amount();
            length = new Amount.Traced(Label.of("amount.drawerLength"),
                    Length.fromMillimetres(backRails() - CLEAR - y - mm(thick)),
                    List.of(size.depth(), thick), Label.of("rule.inCase"));
        }

        void lay() {
            String front = prefix + "front";
            builder.lay(front, Role.DRAWER, mark + "a", new Size(width, height, thick),
                    new Lie(FrameBuilder.FRONT, FrameBuilder.DOWN), at(x, y, z));
            String left = side("left", FrameBuilder.LEFT, x);
            String right = side("right", FrameBuilder.RIGHT, x + mm(width) - mm(sides));
            String back = back(left, right);
            String bottom = bottom();
            builder.usual(JointKind.HOUSING.id(), "housing.depth", sides.value().times(1, 2));
            Amount deep = Amount.sum(Label.of("amount.drawerDepth")).plus(length).plus(thick).amount();
            builder.assemble(prefix.replace(".", ""), width, deep, List.of(front, left, right, back, bottom));
        }

        private String side(String end, Vector3D.Unit outwards, double at) {
            String id = prefix + "side-" + end;
            builder.lay(id, Role.DRAWER, mark + (end.equals("left") ? "b" : "c"), new Size(length, height, sides),
                    new Lie(outwards, FrameBuilder.DOWN), at(at, y + mm(thick), z));
            builder.joint(id, prefix + "front", JointKind.HOUSING);
            return id;
        }

        /** Above the bottom, which slides in under it. */
        private String back(String left, String right) {
            String id = prefix + "back";
            double up = BOTTOM_UP + BOTTOM.toMillimetres();
            Amount between = Amount.sum(Label.of("amount.shoulder", id)).plus(width).minus(2, sides).amount();
            Amount high = Amount.sum(Label.of("amount.drawerBack")).plus(height)
                    .minus(ruled("amount.drawerBottomUp", Length.fromMillimetres(up))).amount();
            builder.lay(id, Role.DRAWER, mark + "d", new Size(between, high, sides),
                    new Lie(FrameBuilder.BACK, FrameBuilder.UP),
                    at(x + mm(sides), y + mm(thick) + mm(length) - 2 * mm(sides), z + up));
            builder.joint(id, left, JointKind.HOUSING);
            builder.joint(id, right, JointKind.HOUSING);
            return id;
        }

        private String bottom() {
            String id = prefix + "bottom";
            double groove = mm(sides) / 2;
            Amount half = new Amount.Share(Label.of("amount.bottomGroove"), sides, 1, 2, Label.of("rule.inCase"));
            Amount wide = Amount.sum(Label.of("amount.bottomSize")).plus(width).minus(2, sides).plus(2, half)
                    .minus(ruled("amount.shelfClear", Length.ofMillimetres(CLEAR))).amount();
            Amount deep = Amount.sum(Label.of("amount.bottomSize")).plus(length).plus(half)
                    .minus(ruled("amount.shelfClear", Length.ofMillimetres(1))).amount();
            builder.lay(id, Role.PANEL, mark + "e",
                    new Size(wide, deep, ruled("amount.bottomThickness", BOTTOM)),
                    new Lie(FrameBuilder.UP, FrameBuilder.FRONT),
                    at(x + mm(sides) - groove + 1, y + mm(thick) - groove + 1, z + BOTTOM_UP));
            for (String held : List.of("side-left", "side-right")) {
                builder.usual(id + "/" + prefix + held, "groove.run", "through");
            }
            return id;
        }
    }
}
