package longshoulder.core.frame;

import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import longshoulder.core.geometry.Pose;
import longshoulder.core.measure.Angle;
import longshoulder.core.measure.Length;
import longshoulder.core.reckoning.Amount;
import longshoulder.core.reckoning.Label;
import org.apache.commons.geometry.euclidean.threed.Vector3D;

/**
 * A change to the frame beyond what its kind asks for: a piece added, moved, resized, shaped, renamed or taken away. It names pieces and
 * not places, so that it holds when overall sizes change.
 */
public sealed interface Alteration {

    /** The piece that it is about. */
    String piece();

    /** The frame with this change; empty where it makes no sense now, because a piece that it names is not there. */
    Optional<Frame> applyTo(Frame frame);

    /** What it says in files and commands, by the name of the field; {@code do} comes first. */
    Map<String, String> fields();

    /**
     * A piece placed in the world.
     *
     * @param lie where its face side and its face edge look
     * @param x least coordinates of its box
     */
    record Add(String piece, Role role, String mark, Length length, Length width, Length thickness, Lying lie, Length x,
            Length y, Length z) implements Alteration {
        @Override
        public Optional<Frame> applyTo(Frame frame) {
            if (frame.has(piece)) {
                return Optional.empty();
            }
            Vector3D least = Vector3D.of(x.toMillimetres(), y.toMillimetres(), z.toMillimetres());
            return Optional.of(frame.plus(new Piece(piece, role, mark, own("length", length), own("width", width),
                    own("thickness", thickness), lie.pose(least, length, width, thickness))));
        }

        private Amount own(String what, Length size) {
            return Alteration.own(piece, what, size);
        }

        @Override
        public Map<String, String> fields() {
            Map<String, String> fields = start("add", piece);
            fields.put("role", role.id());
            fields.put("mark", mark);
            fields.put("length", length.toString());
            fields.put("width", width.toString());
            fields.put("thickness", thickness.toString());
            fields.put("lie", lie.id());
            fields.put("x", x.toString());
            fields.put("y", y.toString());
            fields.put("z", z.toString());
            return fields;
        }
    }

    /**
     * A level rail between two posts: it ends where their faces are, wherever these stand.
     *
     * @param height of its lower edge above the floor
     * @param shift from the middle of the posts, to the right or to the back
     */
    record Between(String piece, Role role, String mark, String from, String to, Length width, Length thickness,
            Length height, Length shift) implements Alteration {
        @Override
        public Optional<Frame> applyTo(Frame frame) {
            return frame.has(piece) || !frame.has(from) || !frame.has(to)
                    ? Optional.empty()
                    : RailBetween.of(this, frame).map(frame::plus);
        }

        @Override
        public Map<String, String> fields() {
            Map<String, String> fields = start("between", piece);
            fields.put("role", role.id());
            fields.put("mark", mark);
            fields.put("from", from);
            fields.put("to", to);
            fields.put("width", width.toString());
            fields.put("thickness", thickness.toString());
            fields.put("height", height.toString());
            fields.put("shift", shift.toString());
            return fields;
        }
    }

    /** A piece moved as it is; rails that end on it end where it comes to stand. */
    record Move(String piece, Length x, Length y, Length z) implements Alteration {
        @Override
        public Optional<Frame> applyTo(Frame frame) {
            Vector3D by = Vector3D.of(x.toMillimetres(), y.toMillimetres(), z.toMillimetres());
            if (!frame.has(piece)) {
                return Optional.empty();
            }
            Piece old = frame.piece(piece);
            return Optional.of(Followers.follow(frame.replacing(old.moved(by)), old,
                    face -> face.moved(face.normal().dot(by))));
        }

        @Override
        public Map<String, String> fields() {
            Map<String, String> fields = start("move", piece);
            fields.put("x", x.toString());
            fields.put("y", y.toString());
            fields.put("z", z.toString());
            return fields;
        }
    }

    /**
     * A piece of another width and thickness; its face side and its face edge stay where they are. Rails follow it as they
     * follow a post that was milled otherwise, so this is applied when their meetings are known.
     */
    record Resize(String piece, Length width, Length thickness) implements Alteration {
        @Override
        public Optional<Frame> applyTo(Frame frame) {
            return frame.has(piece) ? Optional.of(frame) : Optional.empty();
        }

        public Amount ownWidth() {
            return own(piece, "width", width);
        }

        public Amount ownThickness() {
            return own(piece, "thickness", thickness);
        }

        @Override
        public Map<String, String> fields() {
            Map<String, String> fields = start("resize", piece);
            fields.put("width", width.toString());
            fields.put("thickness", thickness.toString());
            return fields;
        }
    }

    /**
     * A long face planed off at an angle, so that rails which come in aslant stand square on it, or square ones aslant.
     *
     * @param keeps the neighbouring face at whose arris no wood is taken off
     */
    record Bevel(String piece, Facing face, Facing keeps, Angle angle) implements Alteration {
        @Override
        public Optional<Frame> applyTo(Frame frame) {
            return frame.has(piece) ? Bevelling.of(this, frame) : Optional.empty();
        }

        @Override
        public Map<String, String> fields() {
            Map<String, String> fields = start("bevel", piece);
            fields.put("face", face.id());
            fields.put("keeps", keeps.id());
            fields.put("angle", angle.toString());
            return fields;
        }
    }

    /**
     * A long face worked to an arc; the shoulders of rails that meet it are scribed to it.
     *
     * @param form hollow: the ends stay; round: the middle stays
     * @param from where it begins, from the piece's upper end; of a level piece from its left end or its front one
     * @param run over how much of the length
     */
    record Curve(String piece, Facing face, Form form, Length radius, Length from, Length run) implements Alteration {

        /** Which way an arc is bent. */
        public enum Form {
            HOLLOW, ROUND
        }

        @Override
        public Optional<Frame> applyTo(Frame frame) {
            return frame.has(piece) ? Curving.of(this, frame) : Optional.empty();
        }

        Arc arc() {
            return new Arc(radius.toMillimetres(), run.toMillimetres());
        }

        boolean isRound() {
            return form == Form.ROUND;
        }

        @Override
        public Map<String, String> fields() {
            Map<String, String> fields = start("curve", piece);
            fields.put("face", face.id());
            fields.put("form", form.name().toLowerCase(Locale.ROOT));
            fields.put("radius", radius.toString());
            fields.put("from", from.toString());
            fields.put("run", run.toString());
            return fields;
        }
    }

    /** Another workshop label. */
    record Rename(String piece, String mark) implements Alteration {
        @Override
        public Optional<Frame> applyTo(Frame frame) {
            return frame.has(piece) ? Optional.of(frame.replacing(frame.piece(piece).marked(mark))) : Optional.empty();
        }

        @Override
        public Map<String, String> fields() {
            Map<String, String> fields = start("rename", piece);
            fields.put("mark", mark);
            return fields;
        }
    }

    /** A piece that is left out. */
    record Remove(String piece) implements Alteration {
        @Override
        public Optional<Frame> applyTo(Frame frame) {
            return frame.has(piece) ? Optional.of(frame.without(piece)) : Optional.empty();
        }

        @Override
        public Map<String, String> fields() {
            return start("remove", piece);
        }
    }

    private static Map<String, String> start(String verb, String piece) {
        Map<String, String> fields = new LinkedHashMap<>();
        fields.put("do", verb);
        fields.put("piece", piece);
        return fields;
    }

    /** A size that was given for one piece alone. */
    static Amount own(String piece, String what, Length size) {
        return new Amount.Ruled(Label.of("amount.altered." + what, piece), size, Label.of("rule.altered"));
    }

    /** How a piece lies: its grain's axis and the axis of its width, as in {@code zx} for an upright as wide along x. */
    enum Lying {
        XY, XZ, YX, YZ, ZX, ZY;

        /** What files call it. */
        public String id() {
            return name().toLowerCase(Locale.ROOT);
        }

        private static Vector3D.Unit axis(char letter) {
            return letter == 'X' ? Vector3D.Unit.PLUS_X : letter == 'Y' ? Vector3D.Unit.PLUS_Y : Vector3D.Unit.PLUS_Z;
        }

        /** Grain and width run along their axes; the thickness closes the right-handed frame. */
        Pose pose(Vector3D least, Length length, Length width, Length thickness) {
            Vector3D.Unit along = axis(name().charAt(0));
            Vector3D.Unit across = axis(name().charAt(1));
            Vector3D.Unit out = along.cross(across).normalize();
            boolean backwards = out.getX() + out.getY() + out.getZ() < 0;
            Vector3D origin = backwards ? least.subtract(out.multiply(thickness.toMillimetres())) : least;
            return new Pose(origin, along, across, out);
        }
    }
}
