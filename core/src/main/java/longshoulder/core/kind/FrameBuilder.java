package longshoulder.core.kind;

import static longshoulder.core.reckoning.Amount.mm;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import longshoulder.core.brief.Address;
import longshoulder.core.brief.JointKind;
import longshoulder.core.brief.Value;
import longshoulder.core.frame.Assembly;
import longshoulder.core.frame.Clearance;
import longshoulder.core.frame.Dimension;
import longshoulder.core.frame.Dimension.Side;
import longshoulder.core.frame.Feature;
import longshoulder.core.frame.Frame;
import longshoulder.core.frame.Piece;
import longshoulder.core.frame.RailBetween;
import longshoulder.core.frame.Role;
import longshoulder.core.frame.Seat;
import longshoulder.core.geometry.HalfSpace;
import longshoulder.core.geometry.Pose;
import longshoulder.core.geometry.Solid;
import longshoulder.core.geometry.View;
import longshoulder.core.measure.Length;
import longshoulder.core.reckoning.Amount;
import longshoulder.core.reckoning.Label;
import org.apache.commons.geometry.euclidean.threed.Vector3D;

/** A frame being set out: pieces laid in the world, and what drawings and papers are to say of them. */
final class FrameBuilder {

    static final Vector3D.Unit LEFT = Vector3D.Unit.MINUS_X;
    static final Vector3D.Unit RIGHT = Vector3D.Unit.PLUS_X;
    static final Vector3D.Unit FRONT = Vector3D.Unit.MINUS_Y;
    static final Vector3D.Unit BACK = Vector3D.Unit.PLUS_Y;
    static final Vector3D.Unit UP = Vector3D.Unit.PLUS_Z;
    static final Vector3D.Unit DOWN = Vector3D.Unit.MINUS_Z;

    private final List<Piece> pieces = new ArrayList<>();
    private final List<Seat> seats = new ArrayList<>();
    private final List<List<String>> spans = new ArrayList<>();
    private final List<Dimension> figures = new ArrayList<>();
    private final Map<String, Value> usual = new TreeMap<>();
    private final List<Assembly> assemblies = new ArrayList<>();
    private final Map<String, Solid> shapings = new HashMap<>();
    private final List<Clearance> clearances = new ArrayList<>();
    private final List<Feature> features = new ArrayList<>();

    /** The finished size of a piece: shoulder to shoulder where it has joints at its ends. */
    record Size(Amount length, Amount width, Amount thickness) {}

    /** What a rail is across its grain. */
    record Section(Amount width, Amount thickness) {}

    /** Which way a piece lies: where its face side and its face edge look. */
    record Lie(Vector3D.Unit faceSide, Vector3D.Unit faceEdge) {

        Vector3D.Unit along() {
            return faceEdge.negate().cross(faceSide).normalize();
        }
    }

    static Vector3D at(double x, double y, double z) {
        return Vector3D.of(x, y, z);
    }

    /** Lays a piece along the world's axes with its least x, y and z at a point. */
    Piece lay(String id, Role role, String mark, Size size, Lie lie, Vector3D least) {
        Vector3D origin = least.subtract(back(lie.along(), size.length()))
                .subtract(back(lie.faceEdge().negate(), size.width())).subtract(back(lie.faceSide(), size.thickness()));
        return add(new Piece(id, role, mark, size.length(), size.width(), size.thickness(),
                Pose.of(origin, lie.faceEdge().negate(), lie.faceSide())));
    }

    /** The size along an axis that points backwards: the piece's own zero lies at the far end. */
    private static Vector3D back(Vector3D.Unit axis, Amount size) {
        return axis.getX() + axis.getY() + axis.getZ() < 0 ? axis.multiply(mm(size)) : Vector3D.ZERO;
    }

    /** Lays a rail between two faces; what it is given as its length hangs on these amounts. */
    Piece between(String id, Role role, String mark, Section section, Pose rough, List<Amount> hangsOn,
            HalfSpace from, HalfSpace to) {
        return add(RailBetween.lay(id, role, mark, section.width(), section.thickness(), rough, hangsOn, from, to));
    }

    Piece add(Piece piece) {
        pieces.add(piece);
        return piece;
    }

    /** Rails that span the same posts, whose shoulder lengths must agree. */
    void span(String... rails) {
        spans.add(List.of(rails));
    }

    /** Shows a figure in a drawing. */
    void figure(View view, Vector3D from, Vector3D to, Side side, int rank, Amount amount) {
        figures.add(new Dimension(view, from, to, side, rank, amount));
    }

    /** What must stay clear beside a piece. */
    void clear(String beside, Amount amount) {
        clearances.add(new Clearance(beside, amount, false));
    }

    /** What must not be less than nothing beside a piece, such as what an object that was measured leaves of its room. */
    void fit(String beside, Amount amount) {
        clearances.add(new Clearance(beside, amount, true));
    }

    /** How a rail sits on a post, in the maker's figures. */
    void seat(String rail, String post, Amount setback, Amount drop) {
        seats.add(new Seat(rail, post, setback, drop));
    }

    /** Flush with something, such as the end of a post. */
    static Amount flush() {
        return new Amount.Ruled(Label.of("amount.flush"), Length.ZERO, Label.of("rule.flush"));
    }

    /** The joint that is usual in this kind at the end of a rail. */
    void joint(String rail, String post, JointKind kind) {
        usual(rail + "/" + post, JointKind.CHOICE, kind.id());
    }

    /** What is usual in this kind for a joint or a type of joints. */
    void usual(String joint, String parameter, String option) {
        usual.put(Address.of(joint, parameter), new Value.Chosen(option));
    }

    void usual(String joint, String parameter, Length length) {
        usual.put(Address.of(joint, parameter), new Value.Measured(length));
    }

    /** The next thing that is glued up, and the sides of the rectangle whose diagonal is checked. */
    void assemble(String name, Amount width, Amount height, List<String> ids) {
        assemblies.add(new Assembly(name, ids, Optional.of(diagonal(width, height))));
    }

    void assemble(String name, List<String> ids) {
        assemblies.add(new Assembly(name, ids, Optional.empty()));
    }

    /** A piece that goes into the glue-up of that name too. */
    void alsoIn(String assembly, String id) {
        assemblies.replaceAll(one -> one.name().equals(assembly) ? one.with(id) : one);
    }

    /** √(a² + b²). */
    static Amount diagonal(Amount a, Amount b) {
        return new Amount.Traced(Label.of("amount.diagonal"), Length.fromMillimetres(Math.hypot(mm(a), mm(b))),
                List.of(a, b), Label.of("rule.diagonal"));
    }

    /** What is cut away from a piece after its joints. */
    void shape(String piece, Solid away) {
        if (!away.isNothing()) {
            shapings.merge(piece, away, (before, more) -> before.plus(more.minus(before)));
        }
    }

    /** What the shape of a piece has besides its sizes and joints. */
    void describe(Feature feature) {
        features.add(feature);
    }

    Piece piece(String id) {
        return pieces.stream().filter(piece -> piece.id().equals(id)).findFirst()
                .orElseThrow(() -> new IllegalArgumentException("There is no piece (%s).".formatted(id)));
    }

    Frame frame() {
        return new Frame(pieces, seats, spans, figures, usual, assemblies, shapings, clearances, features);
    }
}
