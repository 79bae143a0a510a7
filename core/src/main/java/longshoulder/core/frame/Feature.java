package longshoulder.core.frame;

import java.util.ArrayList;
import java.util.List;
import longshoulder.core.measure.Angle;
import longshoulder.core.measure.Length;
import longshoulder.core.reckoning.Amount;
import longshoulder.core.reckoning.Label;

/**
 * What a piece has besides its sizes and joints, such as a taper, in figures that can be marked out, or how it is held without a joint.
 *
 * @param form what it is
 * @param where on which face, or how; a sentence in itself
 * @param figures by what files call them
 * @param angles by what files call them
 */
public record Feature(String piece, Form form, Label where, List<Figure> figures, List<NamedAngle> angles) {

    /** What it is. */
    public enum Form {
        TAPER, BEVEL, CURVE, NOTCH, SLOPE, FIXING
    }

    /** A length. */
    public record Figure(String name, Amount amount) {}

    /** An angle, in degrees. */
    public record NamedAngle(String name, double degrees) {}

    public Feature {
        figures = List.copyOf(figures);
        angles = List.copyOf(angles);
    }

    /** One without figures yet; {@code feature.KEY} says where it is. */
    public static Feature of(String piece, Form form, String key) {
        return new Feature(piece, form, Label.of("feature." + key), List.of(), List.of());
    }

    /** With a figure more. */
    public Feature with(String name, Amount amount) {
        List<Figure> more = new ArrayList<>(figures);
        more.add(new Figure(name, amount));
        return new Feature(piece, form, where, more, angles);
    }

    /** With a length that the shape itself has, where nothing but geometry says how long it is. */
    public Feature measured(String name, double millimetres) {
        return with(name, new Amount.Ruled(Label.of("feature." + name), Length.fromMillimetres(millimetres),
                Label.of("rule.measured")));
    }

    /** With a length as it was given. */
    Feature given(String name, Length length) {
        return with(name, new Amount.Ruled(Label.of("feature." + name), length, Label.of("rule.altered")));
    }

    /** With an angle more. */
    Feature with(String name, Angle angle) {
        List<NamedAngle> more = new ArrayList<>(angles);
        more.add(new NamedAngle(name, angle.degrees()));
        return new Feature(piece, form, where, figures, more);
    }
}
