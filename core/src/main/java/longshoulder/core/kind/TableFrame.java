package longshoulder.core.kind;

import static longshoulder.core.reckoning.Amount.mm;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Stream;
import longshoulder.core.frame.Feature;
import longshoulder.core.brief.Address;
import longshoulder.core.brief.Brief;
import longshoulder.core.brief.JointKind;
import longshoulder.core.brief.Value;
import longshoulder.core.frame.Assembly;
import longshoulder.core.frame.Clearance;
import longshoulder.core.frame.Dimension;
import longshoulder.core.frame.Dimension.Side;
import longshoulder.core.frame.Frame;
import longshoulder.core.frame.Piece;
import longshoulder.core.frame.RailBetween;
import longshoulder.core.frame.Role;
import longshoulder.core.frame.Seat;
import longshoulder.core.frame.Shape;
import longshoulder.core.geometry.HalfSpace;
import longshoulder.core.geometry.Pose;
import longshoulder.core.geometry.Solid;
import longshoulder.core.geometry.View;
import longshoulder.core.measure.Angle;
import longshoulder.core.measure.Length;
import longshoulder.core.reckoning.Amount;
import longshoulder.core.reckoning.Label;
import longshoulder.core.tasks.Tasks;
import org.apache.commons.geometry.euclidean.threed.Vector3D;

/** One run of {@link Table}: the chains of a plain table and the places that follow. */
final class TableFrame {

    private static final Vector3D.Unit LEFT = Vector3D.Unit.MINUS_X;
    private static final Vector3D.Unit RIGHT = Vector3D.Unit.PLUS_X;
    private static final Vector3D.Unit FRONT = Vector3D.Unit.MINUS_Y;
    private static final Vector3D.Unit BACK = Vector3D.Unit.PLUS_Y;
    private static final Vector3D.Unit DOWN = Vector3D.Unit.MINUS_Z;

    private final Brief brief;
    private final Amount length;
    private final Amount depth;
    private final Amount height;
    private final Amount top;
    private final Amount overhangEnds;
    private final Amount overhangSides;
    private final Amount legWidth;
    private final Amount legDepth;
    private final Amount apronWidth;
    private final Amount apronThickness;
    private final Amount setback;
    private final Amount overLegsLength;
    private final Amount overLegsDepth;
    private final Amount legHeight;
    private final Angle splayFront;
    private final Angle splaySide;
    private final boolean backed;
    private final Optional<BowedFront> bow;
    private final Map<String, Piece> legs = new LinkedHashMap<>();

    /** Left, right, front and back faces of the legs, floor to underside of the top. */
    private final double x0;
    private final double x1;
    private final double y0;
    private final double y1;
    private final double under;

    TableFrame(Brief brief) {
        this.brief = brief;
        length = brief.required("overall.length");
        depth = brief.required("overall.depth");
        height = brief.required("overall.height");
        top = brief.required("top.thickness");
        overhangEnds = brief.required("overhang.ends");
        overhangSides = brief.required("overhang.sides");
        legWidth = brief.required("leg.width");
        legDepth = brief.required("leg.depth");
        apronWidth = brief.required("apron.width");
        apronThickness = brief.required("apron.thickness");
        setback = brief.required("apron.setback");
        overLegsLength = Amount.sum(Label.of("amount.overLegs.length")).plus(length).minus(2, overhangEnds).amount();
        Amount.SumBuilder over = Amount.sum(Label.of("amount.overLegs.depth")).plus(depth).minus(2, overhangSides);
        legHeight = Amount.sum(Label.of("amount.legLength")).plus(height).minus(top).amount();
        splayFront = splay(Table.SPLAY_FRONT, "spread.front");
        splaySide = splay(Table.SPLAY_SIDE, "spread.side");
        backed = brief.choice(Table.LEG_FACES).equals(Optional.of("backed"));
        bow = BowedFront.isAsked(brief) && !isSplayed()
                ? Optional.of(new BowedFront(brief, Amount.sum(Label.of("amount.shoulder", "apron-front"))
                        .plus(overLegsLength).minus(2, legWidth).amount()))
                : Optional.empty();
        overLegsDepth = (bow.isPresent() ? over.minus(brief.required("bow.rise")) : over).amount();
        x0 = mm(overhangEnds);
        x1 = x0 + mm(overLegsLength);
        y0 = mm(overhangSides) + (bow.isPresent() ? mm(brief.required("bow.rise")) : 0);
        y1 = y0 + mm(overLegsDepth);
        under = mm(legHeight);
    }

    /** As an angle, or as how far a foot stands out at the floor beyond the top of its leg. */
    private Angle splay(String angle, String spread) {
        return brief.choice("splay.given").equals(Optional.of("spread"))
                ? new Angle(Math.toDegrees(Math.atan(mm(brief.required(spread)) / Math.max(1, mm(legHeight)))))
                : brief.angle(angle);
    }

    Frame frame() {
        List.of(leg("leg-front-left", "A1", x0, y0), leg("leg-front-right", "A2", x1, y0),
                leg("leg-back-left", "A3", x0, y1), leg("leg-back-right", "A4", x1, y1))
                .forEach(leg -> legs.put(leg.id(), leg));
        List<Piece> pieces = new ArrayList<>(legs.values());
        boolean drawer = DrawerFront.isAsked(brief);
        Piece backApron = apron("apron-back", "B2", BACK);
        if (!drawer) {
            Piece straight = apron("apron-front", "B1", FRONT);
            pieces.add(bow.map(bowed -> bowed.apron(straight)).orElse(straight));
        }
        pieces.addAll(List.of(backApron, apron("apron-left", "C1", LEFT), apron("apron-right", "C2", RIGHT)));
        if (drawer) {
            pieces.addAll(
                    new DrawerFront(brief, legs, under, y0 + mm(setback)).pieces(inner(backApron).orElse(backApron)));
        }
        List.copyOf(pieces).forEach(piece -> inner(piece).ifPresent(pieces::add));
        bottom().ifPresent(pieces::add);
        pieces.add(topBoard());
        pieces.addAll(new Stretchers(brief, legs, overLegsLength, overLegsDepth).pieces());
        List<List<String>> spans = new ArrayList<>(
                List.of(drawer
                        ? List.of(DrawerFront.UPPER, DrawerFront.LOWER)
                        : List.of("apron-front", "apron-back"), List.of("apron-left", "apron-right")));
        if (bow.isPresent() && !bow.get().isSpanning()) {
            spans.removeFirst();
        }
        spans.addAll(Stretchers.spans(brief));
        Frame plain = new Frame(pieces, isSplayed() || bow.isPresent() ? List.of() : seats(), spans, dimensions(),
                usual(), List.of(), shapings(), clearances(), features());
        Frame frame = bow.map(bowed -> bowed.shaped(plain, topBoard().id())).orElse(plain);
        return frame.assembled(assemblies(frame));
    }

    private List<Feature> features() {
        List<Feature> features = new ArrayList<>();
        Amount start = Amount.sum(Label.of("feature.start")).plus(legHeight).minus(apronWidth)
                .minus(brief.required("taper.below")).amount();
        Tapers tapers = tapers();
        legs.keySet().forEach(leg -> tapers.describe(leg, start).ifPresent(features::add));
        if (DrawerFront.isAsked(brief)) {
            features.addAll(DrawerFront.features());
        }
        bottom().filter(Piece::isReal).flatMap(panel -> new BottomPanel(brief).describe(panel, legs.values()))
                .ifPresent(features::add);
        return features;
    }

    private List<Clearance> clearances() {
        return DrawerFront.isAsked(brief)
                ? List.of(new Clearance(DrawerFront.LOWER, DrawerFront.opening(brief), false))
                : List.of();
    }

    /** A bowed front and a bottom go with plumb legs, single aprons and no drawer, and not with each other. */
    List<String> waiting() {
        List<String> waiting = new ArrayList<>();
        if (brief.choice("bow").equals(Optional.of("front")) && bow.isEmpty()) {
            waiting.add("bow");
        }
        if (brief.choice("bottom").equals(Optional.of("panel")) && bottom().isEmpty()) {
            waiting.add("bottom");
        }
        return waiting;
    }

    private Map<String, Value> usual() {
        Map<String, Value> usual = new HashMap<>(DrawerFront.isAsked(brief) ? DrawerFront.usual() : Map.of());
        if (bottom().isPresent()) {
            usual.putAll(new BottomPanel(brief).usual());
        }
        bow.ifPresent(bowed -> usual.putAll(bowed.usual()));
        if (isStool()) {
            usual.put(Address.of(JointKind.STOPPED_TENON, "mortise.ends"), new Value.Chosen("round"));
        }
        return usual;
    }

    private Optional<Piece> bottom() {
        double inset = mm(setback) + mm(apronThickness);
        return BottomPanel.isAsked(brief) && !isSplayed() && bow.isEmpty()
                ? Optional.of(new BottomPanel(brief).piece(overLegsLength, overLegsDepth,
                        at(x0 + inset, y0 + inset, under - mm(apronWidth))))
                : Optional.empty();
    }

    private Tapers tapers() {
        return new Tapers(brief, under - mm(apronWidth) - mm(brief.required("taper.below")));
    }

    private Map<String, Solid> shapings() {
        Tapers tapers = tapers();
        Map<String, Solid> away = new HashMap<>();
        Tasks.each(List.copyOf(legs.entrySet()), leg -> Map.entry(leg.getKey(), tapers.of(leg.getValue()))).stream()
                .filter(leg -> !leg.getValue().isNothing()).forEach(leg -> away.put(leg.getKey(), leg.getValue()));
        bottom().filter(Piece::isReal)
                .ifPresent(panel -> away.put(panel.id(), new BottomPanel(brief).notches(panel, legs.values())));
        return away;
    }

    /** Glued to the inside of an apron, exactly as long as from shoulder to shoulder: the outer layer carries the tenons. */
    private Optional<Piece> inner(Piece apron) {
        boolean layered = apron.role() == Role.APRON && brief.choice("apron.layers").equals(Optional.of("two"));
        return layered
                ? Optional.of(apron.layeredBehind("inner-" + apron.id(), Role.LAYER,
                        brief.required("inner-layer.thickness")))
                : Optional.empty();
    }

    private boolean isStool() {
        return brief.kind().equals(Table.STOOL);
    }

    /** End frames first, then the long rails. */
    private List<Assembly> assemblies(Frame frame) {
        List<Piece> pieces = frame.pieces();
        List<Assembly> all = new ArrayList<>();
        List<String> rest = new ArrayList<>(pieces.stream()
                .filter(piece -> !piece.role().isLaidOn() || piece.role() == Role.LAYER).map(Piece::id).toList());
        for (String end : List.of("left", "right")) {
            List<String> members = pieces.stream().map(Piece::id).filter(id -> id.endsWith("-" + end)).toList();
            rest.removeAll(members);
            all.add(new Assembly("end-" + end, members,
                    diagonal(frame, "leg-front-" + end, "leg-back-" + end, true,
                            List.of(legHeight, overLegsDepth, frame.piece("apron-" + end).length()))));
        }
        all.add(new Assembly("whole", rest,
                diagonal(frame, "leg-front-left", "leg-back-right", false, List.of(overLegsLength, overLegsDepth))));
        return all;
    }

    /**
     * Over the outer arrises of two legs, from the top of one to the foot of the other, or to its top. Where both legs lean by the same
     * that is √(h² + ((top + bottom) / 2)²), h measured along the face that they stand in.
     */
    private Optional<Amount> diagonal(Frame frame, String first, String second, boolean toTheFoot,
            List<Amount> parts) {
        Piece one = frame.piece(first);
        Piece other = frame.piece(second);
        if (!one.isReal() || !other.isReal()) {
            return Optional.empty();
        }
        Vector3D from = top(one);
        Vector3D to = toTheFoot ? tapers().outerFoot(leg(second), other.shape()) : top(other);
        return Optional.of(new Amount.Traced(Label.of("amount.diagonal"), Length.fromMillimetres(from.distance(to)),
                parts, Label.of(toTheFoot ? "rule.diagonalEndFrame" : "rule.diagonalOverLegs")));
    }

    /** Where the outer arris of a leg ends under the top. */
    private static Vector3D top(Piece leg) {
        Shape shape = leg.shape();
        HalfSpace end = shape.start().normal().getZ() > 0 ? shape.start() : shape.finish();
        return HalfSpace.meet(end, shape.faceSide(), shape.faceEdge());
    }

    private boolean isSplayed() {
        return !splayFront.isZero() || !splaySide.isZero();
    }

    /** Face side to the front or back, face edge to the end: both reference surfaces are outside. */
    private Piece leg(String id, String mark, double outerX, double outerY) {
        Vector3D.Unit out = outerY == y0 ? FRONT : BACK;
        Vector3D.Unit across = outerX == x0 ? RIGHT : LEFT;
        if (isSplayed()) {
            double footX = Math.tan(splayFront.radians()) * (outerX == x0 ? -1 : 1);
            double footY = Math.tan(splaySide.radians()) * (outerY == y0 ? -1 : 1);
            LeaningLeg leg = LeaningLeg.of(
                    new LeaningLeg.Requirements(across, out, mm(legWidth), mm(legDepth), under, backed), footX, footY,
                    outerX,
                    outerY);
            Amount length = new Amount.Scaled(Label.of("amount.alongLean"), legHeight, 1 / Math.cos(leg.lean()),
                    Label.of("rule.alongLean"));
            return new Piece(id, Role.LEG, mark, length, legWidth, legDepth, leg.pose(), leg.shape());
        }
        Vector3D.Unit along = across.cross(out).normalize();
        double inner = outerY == y0 ? outerY + mm(legDepth) : outerY - mm(legDepth);
        Vector3D origin = Vector3D.of(outerX, inner, along.getZ() > 0 ? 0 : under);
        return new Piece(id, Role.LEG, mark, legHeight, legWidth, legDepth, new Pose(origin, along, across, out));
    }

    /** Face side outwards, face edge at the top, against the underside of the table's top. */
    private Piece apron(String id, String mark, Vector3D.Unit out) {
        boolean atEnd = out.equals(LEFT) || out.equals(RIGHT);
        Amount shoulder = atEnd
                ? Amount.sum(Label.of("amount.shoulder", id)).plus(overLegsDepth).minus(2, legDepth).amount()
                : Amount.sum(Label.of("amount.shoulder", id)).plus(overLegsLength).minus(2, legWidth).amount();
        Vector3D.Unit along = DOWN.cross(out).normalize();
        double inset = mm(setback) + mm(apronThickness);
        double x = out.equals(LEFT) ? x0 + inset : out.equals(RIGHT) ? x1 - inset : start(along, x0, x1, legWidth);
        double y = out.equals(FRONT) ? y0 + inset : out.equals(BACK) ? y1 - inset : start(along, y0, y1, legDepth);
        if (isSplayed()) {
            return leaningApron(id, mark, shoulder, new Pose(Vector3D.of(x, y, under), along, DOWN, out));
        }
        return new Piece(id, Role.APRON, mark, shoulder, apronWidth, apronThickness,
                new Pose(Vector3D.of(x, y, under), along, DOWN, out));
    }

    /**
     * A plumb apron between leaning legs: its shoulders are the planes of the faces that it meets. Its setback is that of its
     * top edge.
     *
     * @param plumb the sum for plumb legs: it names what the length hangs on
     */
    private Piece leaningApron(String id, String mark, Amount plumb, Pose rough) {
        String side = id.substring("apron-".length());
        boolean lengthwise = side.equals("front") || side.equals("back");
        List<String> ends = lengthwise
                ? List.of("leg-" + side + "-left", "leg-" + side + "-right")
                : List.of("leg-front-" + side, "leg-back-" + side);
        boolean forward = rough.along().dot(Vector3D.of(1, 1, 0)) > 0;
        return RailBetween.lay(id, Role.APRON, mark, apronWidth, apronThickness, rough,
                Stream.concat(plumb.parts().stream(), Stream.of(apronWidth, setback)).toList(),
                leg(ends.get(forward ? 0 : 1)).shape().looking(rough.along()),
                leg(ends.get(forward ? 1 : 0)).shape().looking(rough.along().negate()));
    }

    private Piece leg(String id) {
        return Objects.requireNonNull(legs.get(id));
    }

    /** Where an apron that runs along this axis begins: at the inner face of one leg or of the other. */
    private static double start(Vector3D.Unit along, double low, double high, Amount leg) {
        boolean forward = along.getX() + along.getY() > 0;
        return forward ? low + mm(leg) : high - mm(leg);
    }

    private Piece topBoard() {
        return new Piece(isStool() ? "seat" : "top", isStool() ? Role.SEAT : Role.TOP, "T", length, depth, top,
                Pose.of(Vector3D.of(0, 0, under), BACK, Vector3D.Unit.PLUS_Z));
    }

    private List<Seat> seats() {
        Amount flush = new Amount.Ruled(Label.of("amount.flushTop"), Length.ZERO, Label.of("rule.flushTop"));
        List<Seat> seats = new ArrayList<>();
        for (String side : List.of("front", "back")) {
            for (String end : List.of("left", "right")) {
                String leg = "leg-" + side + "-" + end;
                seats.add(new Seat("apron-" + side, leg, setback, flush));
                seats.add(new Seat("apron-" + end, leg, setback, flush));
            }
        }
        return seats;
    }

    private List<Dimension> dimensions() {
        double l = mm(length);
        double d = mm(depth);
        double h = mm(height);
        double apronLow = under - mm(apronWidth);
        double lw = mm(legWidth);
        double ld = mm(legDepth);
        List<Dimension> figures = new ArrayList<>();
        figures.add(figure(View.FRONT, at(0, 0, h), at(l, 0, h), Side.ABOVE, 1, length));
        figures.add(figure(View.FRONT, at(0, 0, h), at(x0, 0, h), Side.ABOVE, 0, overhangEnds));
        figures.add(figure(View.FRONT, at(0, 0, 0), at(0, 0, h), Side.LEFT, 1, height));
        figures.add(figure(View.FRONT, at(0, 0, 0), at(0, 0, under), Side.LEFT, 0, legHeight));
        figures.add(figure(View.FRONT, at(l, 0, under), at(l, 0, h), Side.RIGHT, 1, top));
        figures.add(figure(View.FRONT, at(l, 0, apronLow), at(l, 0, under), Side.RIGHT, 0, apronWidth));
        Piece frontApron = apron("apron-front", "", FRONT);
        Piece endApron = apron("apron-right", "", RIGHT);
        // Where legs lean, their sections and the length over them are taken under the top.
        double level = isSplayed() ? under : 0;
        figures.add(figure(View.FRONT, at(x0, 0, level), at(x0 + lw, 0, level), Side.BELOW, 0, legWidth));
        figures.add(figure(View.FRONT, at(x0, 0, level), at(x1, 0, level), Side.BELOW, 1, overLegsLength));
        if (!DrawerFront.isAsked(brief)) {
            figures.add(inside(View.FRONT, frontApron, at(x0 + lw, 0, apronLow), at(x1 - lw, 0, apronLow)));
        } else {
            double rail = mm(apronThickness);
            figures.add(figure(View.END, at(0, 0, apronLow + rail), at(0, 0, under - rail), Side.LEFT, 0,
                    DrawerFront.opening(brief)));
        }
        figures.add(figure(View.END, at(0, 0, h), at(0, d, h), Side.ABOVE, 1, depth));
        figures.add(figure(View.END, at(0, y0 - mm(overhangSides), h), at(0, y0, h), Side.ABOVE, 0, overhangSides));
        figures.add(figure(View.END, at(0, y0, level), at(0, y0 + ld, level), Side.BELOW, 0, legDepth));
        figures.add(figure(View.END, at(0, y0, level), at(0, y1, level), Side.BELOW, 1, overLegsDepth));
        figures.add(inside(View.END, endApron, at(0, y0 + ld, apronLow), at(0, y1 - ld, apronLow)));
        figures.add(figure(View.PLAN, at(0, y0, h), at(0, y0 + mm(setback), h), Side.LEFT, 0, setback));
        figures.add(figure(View.PLAN, at(l, y0 + mm(setback), h), at(l, y0 + mm(setback) + mm(apronThickness), h),
                Side.RIGHT, 0, apronThickness));
        return figures;
    }

    /** The shoulder length under an apron: along its lower edge, which is the longest where legs lean. */
    private static Dimension inside(View view, Piece apron, Vector3D from, Vector3D to) {
        Optional<Shape> leaning = apron.slanted();
        return figure(view, leaning.map(shape -> shape.corners(shape.finish()).get(2)).orElse(from),
                leaning.map(shape -> shape.corners(shape.start()).get(2)).orElse(to), Side.INSIDE, 0, apron.length());
    }

    private static Vector3D at(double x, double y, double z) {
        return Vector3D.of(x, y, z);
    }

    private static Dimension figure(View view, Vector3D from, Vector3D to, Side side, int rank, Amount amount) {
        return new Dimension(view, from, to, side, rank, amount);
    }
}
