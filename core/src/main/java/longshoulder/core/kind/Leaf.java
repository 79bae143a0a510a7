package longshoulder.core.kind;

import static longshoulder.core.reckoning.Amount.mm;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import longshoulder.core.brief.JointKind;
import longshoulder.core.frame.Piece;
import longshoulder.core.frame.Role;
import longshoulder.core.kind.FrameBuilder.Lie;
import longshoulder.core.kind.FrameBuilder.Size;
import longshoulder.core.measure.Length;
import longshoulder.core.reckoning.Amount;
import longshoulder.core.reckoning.Label;
import org.apache.commons.geometry.euclidean.threed.Vector3D;

/**
 * A flat frame that stands upright, its show side to the front: two stiles, rails between them, muntins between the rails or a grid of
 * bars between the upper two, and what fills the openings. Doors are leaves, mirror frames and face frames too.
 *
 * <p>Shoulder length of a rail = width − 2 stiles. What divides an opening shares it out alike; a lock rail alone may stand at a
 * height of its own.
 */
final class Leaf {

    private static final Lie UPRIGHT_LEFT = new Lie(FrameBuilder.FRONT, FrameBuilder.LEFT);
    private static final Lie UPRIGHT_RIGHT = new Lie(FrameBuilder.FRONT, FrameBuilder.RIGHT);
    private static final Lie LEVEL_TOP = new Lie(FrameBuilder.FRONT, FrameBuilder.UP);
    private static final Lie LEVEL_BOTTOM = new Lie(FrameBuilder.FRONT, FrameBuilder.DOWN);

    /**
     * Pieces of one sort that divide an opening.
     *
     * @param count of them side by side
     * @param joint at their ends
     */
    record Dividers(int count, Amount width, JointKind joint) {}

    /**
     * What a leaf is to be.
     *
     * @param prefix of the ids of its pieces, such as {@code door-left.}; empty for a leaf by itself
     * @param mark first letters of its marks
     * @param rails between the top and the bottom one
     * @param lock height of the middle of the lowest of these; shared out alike where it is empty
     * @param muntins between neighbouring rails
     * @param across level bars between the upper two rails, in the place of muntins
     * @param upright bars between these
     * @param joint of the top and the bottom rail
     * @param filling of the openings between the upper two rails
     * @param below of the others
     * @param moulding along the inner edges, which also goes with rebates in the place of grooves
     * @param rebate how deep from the back the rebates are in which fillings lie; empty for grooves
     */
    record Wanted(String prefix, String mark, Amount width, Amount height, Amount thickness, Amount stile, Amount top,
            Amount bottom, Dividers rails, Optional<Amount> lock, Dividers muntins, Dividers across, Dividers upright,
            JointKind joint, Filling filling, Filling below, Optional<Moulding> moulding, Optional<Amount> rebate) {

        private boolean hasBars() {
            return across.count() + upright.count() > 0;
        }

        /** A plain leaf: two rails and nothing between them but its filling. */
        static Wanted plain(String prefix, String mark, Amount width, Amount height, Amount thickness, Amount stile,
                Amount rail, JointKind joint, Filling filling) {
            Dividers none = new Dividers(0, rail, joint);
            return new Wanted(prefix, mark, width, height, thickness, stile, rail, rail, none, Optional.empty(), none,
                    none, none, joint, filling, filling, Optional.empty(), Optional.empty());
        }
    }

    /**
     * What fills the openings.
     *
     * @param role panel or glass
     * @param thickness of it
     * @param groove how deep grooves or rebates are
     * @param room all of the room in which it moves across
     */
    record Filling(boolean any, Role role, Amount thickness, Amount groove, PanelRoom room) {

        /** Along the grain wood hardly moves; glass is given the same room all round. */
        Amount ends(Amount openingWidth) {
            return role == Role.GLASS
                    ? room.across(openingWidth)
                    : new Amount.Ruled(Label.of("amount.endRoom"), Length.ofMillimetres(2), Label.of("rule.endRoom"));
        }

        /** Opening + 2 · groove − room. */
        Size size(String id, Amount openingWidth, Amount openingHeight) {
            Amount height = Amount.sum(Label.of("amount.panelLength", id)).plus(openingHeight).plus(2, groove)
                    .minus(ends(openingWidth)).amount();
            Amount width = Amount.sum(Label.of("amount.panelWidth", id)).plus(openingWidth).plus(2, groove)
                    .minus(room.across(openingWidth))
                    .amount();
            return new Size(height, width, thickness);
        }

        /** How far it stands inside at each side, in millimetres. */
        double inSides(Amount openingWidth) {
            return mm(groove) - mm(room.across(openingWidth)) / 2;
        }

        /** How far it stands inside at each end, in millimetres. */
        double inEnds(Amount openingWidth) {
            return mm(groove) - mm(ends(openingWidth)) / 2;
        }
    }

    /**
     * A clear space between four pieces, named by their ids; its lower left corner from that of the leaf.
     *
     * @param row and {@code column} count from the bottom and from the left, of all openings of the leaf
     */
    private record Opening(String left, String right, String below, String above, double x, double z, Amount width,
            Amount height, int row, int column) {}

    private final FrameBuilder builder;
    private final Wanted wanted;
    private final Vector3D least;
    private final Amount shoulder;
    private final List<String> fillings = new ArrayList<>();
    private final List<String> ids = new ArrayList<>();
    private int bars;

    private Leaf(FrameBuilder builder, Wanted wanted, Vector3D least) {
        this.builder = builder;
        this.wanted = wanted;
        this.least = least;
        shoulder = Amount.sum(Label.of("amount.shoulder", wanted.prefix() + "rail-top")).plus(wanted.width())
                .minus(2, wanted.stile()).amount();
    }

    /** Lays a leaf with its left lower front corner at a point; the ids of its pieces. */
    static List<String> lay(FrameBuilder builder, Wanted wanted, Vector3D least) {
        return new Leaf(builder, wanted, least).lay();
    }

    private static Amount shared(String label, Amount all, int parts) {
        return parts == 1 ? all : new Amount.Share(Label.of(label), all, 1, parts, Label.of("rule.sharedAlike"));
    }

    private Amount cleared(String beside, Amount clear) {
        builder.clear(beside, clear);
        return clear;
    }

    private List<String> lay() {
        stile("stile-left", "1", UPRIGHT_LEFT, FrameBuilder.RIGHT, 0);
        stile("stile-right", "2", UPRIGHT_RIGHT, FrameBuilder.LEFT, mm(wanted.width()) - mm(wanted.stile()));
        outerRail("rail-top", "1", LEVEL_TOP, FrameBuilder.DOWN, wanted.top(), mm(wanted.height()) - mm(wanted.top()));
        outerRail("rail-bottom", "2", LEVEL_BOTTOM, FrameBuilder.UP, wanted.bottom(), 0);
        List<Opening> rows = rows();
        builder.span(ids.subList(2, ids.size()).toArray(String[]::new));
        for (Opening row : rows) {
            boolean upper = row.row() == rows.getLast().row();
            List<Opening> openings = upper && wanted.hasBars()
                    ? strips(row).stream().flatMap(strip -> columns(strip, wanted.upright(), true).stream()).toList()
                    : columns(row, wanted.muntins(), false);
            openings.forEach(opening -> fill(opening, upper ? wanted.filling() : wanted.below()));
        }
        ids.addAll(fillings);
        builder.assemble(wanted.prefix().isEmpty() ? "leaf" : wanted.prefix().replace(".", ""), wanted.width(),
                wanted.height(), ids);
        return ids;
    }

    private void stile(String name, String number, Lie lie, Vector3D.Unit inwards, double x) {
        moulded(builder.lay(wanted.prefix() + name, Role.STILE, wanted.mark() + "A" + number,
                new Size(wanted.height(), wanted.stile(), wanted.thickness()), lie, from(x, 0)), inwards);
    }

    private void moulded(Piece piece, Vector3D.Unit... edges) {
        ids.add(piece.id());
        wanted.moulding().ifPresent(moulding -> {
            for (Vector3D.Unit edge : edges) {
                builder.shape(piece.id(), moulding.along(piece, edge));
            }
        });
    }

    private void outerRail(String name, String number, Lie lie, Vector3D.Unit inwards, Amount width, double z) {
        String id = wanted.prefix() + name;
        moulded(builder.lay(id, Role.RAIL, wanted.mark() + "B" + number, new Size(shoulder, width, wanted.thickness()),
                lie, from(mm(wanted.stile()), z)), inwards);
        for (String stile : List.of("stile-left", "stile-right")) {
            builder.joint(id, wanted.prefix() + stile, wanted.joint());
            builder.seat(id, wanted.prefix() + stile, FrameBuilder.flush(), FrameBuilder.flush());
        }
    }

    /** What the rails leave, from the bottom upwards. */
    private List<Opening> rows() {
        int count = wanted.rails().count();
        Amount clear = Amount.sum(Label.of("amount.leftHeight")).plus(wanted.height()).minus(wanted.top())
                .minus(wanted.bottom()).minus(count, wanted.rails().width()).amount();
        Optional<Amount> first = wanted.lock().filter(given -> count > 0).map(lock -> Amount
                .sum(Label.of("amount.openingHeight")).plus(lock).minus(wanted.bottom())
                .minus(new Amount.Share(Label.of("amount.halfRail"), wanted.rails().width(), 1, 2,
                        Label.of("rule.lockRail")))
                .amount());
        Amount others = first.map(low -> shared("amount.openingHeight", cleared(wanted.prefix() + "rail-top",
                Amount.sum(Label.of("amount.leftHeight")).plus(clear).minus(low).amount()), count))
                .orElseGet(() -> shared("amount.openingHeight", clear, count + 1));
        cleared(wanted.prefix() + "rail-top", clear);
        first.ifPresent(low -> cleared(wanted.prefix() + "rail-bottom", low));
        List<Opening> rows = new ArrayList<>();
        String below = wanted.prefix() + "rail-bottom";
        double z = mm(wanted.bottom());
        for (int i = 0; i <= count; i++) {
            Amount height = i == 0 ? first.orElse(others) : others;
            String above = i == count ? wanted.prefix() + "rail-top" : middleRail(i + 1, z + mm(height));
            rows.add(new Opening(wanted.prefix() + "stile-left", wanted.prefix() + "stile-right", below, above,
                    mm(wanted.stile()), z, shoulder, height, i, 0));
            z += mm(height) + mm(wanted.rails().width());
            below = above;
        }
        return rows;
    }

    private String middleRail(int number, double z) {
        String id = wanted.prefix() + "rail-middle" + (wanted.rails().count() == 1 ? "" : "-" + number);
        moulded(builder.lay(id, Role.RAIL, wanted.mark() + "B" + (number + 2),
                new Size(shoulder, wanted.rails().width(), wanted.thickness()), LEVEL_TOP,
                from(mm(wanted.stile()), z)), FrameBuilder.UP, FrameBuilder.DOWN);
        builder.joint(id, wanted.prefix() + "stile-left", wanted.rails().joint());
        builder.joint(id, wanted.prefix() + "stile-right", wanted.rails().joint());
        return id;
    }

    /** An opening divided by uprights: muntins, or bars. */
    private List<Opening> columns(Opening opening, Dividers dividers, boolean thin) {
        int count = dividers.count();
        Amount width = shared("amount.openingWidth", cleared(opening.right(), Amount.sum(Label.of("amount.leftWidth"))
                .plus(opening.width()).minus(count, dividers.width()).amount()), count + 1);
        List<Opening> columns = new ArrayList<>();
        String left = opening.left();
        double x = opening.x();
        for (int i = 0; i <= count; i++) {
            String right = i == count ? opening.right() : upright(opening, i + 1, x + mm(width), dividers, thin);
            columns.add(new Opening(left, right, opening.below(), opening.above(), x, opening.z(), width,
                    opening.height(), opening.row(), i));
            x += mm(width) + mm(dividers.width());
            left = right;
        }
        return columns;
    }

    private String upright(Opening opening, int number, double x, Dividers dividers, boolean thin) {
        String id = wanted.prefix() + (thin
                ? "bar-upright-" + ++bars
                : "muntin-" + (opening.row() + 1) + "-" + number);
        String mark = wanted.mark() + (thin ? "D" + bars : "C" + (opening.row() * dividers.count() + number));
        moulded(builder.lay(id, thin ? Role.BAR : Role.MUNTIN, mark,
                new Size(opening.height(), dividers.width(), wanted.thickness()), UPRIGHT_LEFT, from(x, opening.z())),
                FrameBuilder.LEFT, FrameBuilder.RIGHT);
        builder.joint(id, opening.below(), dividers.joint());
        builder.joint(id, opening.above(), dividers.joint());
        return id;
    }

    /** An opening divided by level bars from side to side. */
    private List<Opening> strips(Opening opening) {
        Dividers across = wanted.across();
        int count = across.count();
        Amount height = shared("amount.openingHeight",
                cleared(opening.above(), Amount.sum(Label.of("amount.leftHeight"))
                        .plus(opening.height()).minus(count, across.width()).amount()),
                count + 1);
        List<Opening> strips = new ArrayList<>();
        String below = opening.below();
        double z = opening.z();
        for (int i = 0; i <= count; i++) {
            String above = i == count ? opening.above() : level(opening, z + mm(height));
            strips.add(new Opening(opening.left(), opening.right(), below, above, opening.x(), z, opening.width(),
                    height, opening.row() + i, 0));
            z += mm(height) + mm(across.width());
            below = above;
        }
        return strips;
    }

    private String level(Opening opening, double z) {
        Dividers across = wanted.across();
        String id = wanted.prefix() + "bar-level-" + ++bars;
        moulded(builder.lay(id, Role.BAR, wanted.mark() + "D" + bars,
                new Size(opening.width(), across.width(), wanted.thickness()), LEVEL_TOP, from(opening.x(), z)),
                FrameBuilder.UP, FrameBuilder.DOWN);
        builder.joint(id, opening.left(), across.joint());
        builder.joint(id, opening.right(), across.joint());
        return id;
    }

    /** Middled in the thickness, or with its face on the floor of the rebates. */
    private void fill(Opening opening, Filling filling) {
        if (!filling.any()) {
            return;
        }
        boolean only = wanted.rails().count() + wanted.muntins().count() + wanted.across().count()
                + wanted.upright().count() == 0;
        String id = wanted.prefix() + filling.role().id()
                + (only ? "" : "-" + (opening.row() + 1) + "-" + (opening.column() + 1));
        double thickness = mm(wanted.thickness());
        double front = wanted.rebate().map(depth -> thickness - mm(depth))
                .orElseGet(() -> (thickness - mm(filling.thickness())) / 2);
        builder.lay(id, filling.role(), wanted.mark() + "P" + (fillings.size() + 1),
                filling.size(id, opening.width(), opening.height()), UPRIGHT_LEFT,
                from(opening.x() - filling.inSides(opening.width()),
                        opening.z() - filling.inEnds(opening.width()))
                        .add(FrameBuilder.at(0, front, 0)));
        held(id, opening, filling);
        fillings.add(id);
    }

    /** The room at the sides of a panel, and rebates instead of grooves. */
    private void held(String id, Opening opening, Filling filling) {
        Length sides = filling.room().across(opening.width()).value().times(1, 2);
        Length ends = filling.ends(opening.width()).value().times(1, 2);
        builder.usual(id + "/" + opening.left(), "groove.room", sides);
        builder.usual(id + "/" + opening.right(), "groove.room", sides);
        builder.usual(id + "/" + opening.below(), "groove.room", ends);
        builder.usual(id + "/" + opening.above(), "groove.room", ends);
        for (String post : List.of(opening.left(), opening.right(), opening.below(), opening.above())) {
            if (wanted.rebate().isPresent() || filling.role() == Role.GLASS) {
                builder.usual(id + "/" + post, "groove.form", "rebate");
            }
            if (wanted.rebate().isPresent()) {
                builder.usual(id + "/" + post, "groove.run", "through");
            }
        }
    }

    private Vector3D from(double x, double z) {
        return least.add(FrameBuilder.at(x, 0, z));
    }
}
