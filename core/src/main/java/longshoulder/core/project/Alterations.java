package longshoulder.core.project;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import longshoulder.core.frame.Alteration;
import longshoulder.core.frame.Facing;
import longshoulder.core.frame.Frame;
import longshoulder.core.frame.Role;
import longshoulder.core.measure.Angle;
import longshoulder.core.measure.EntryException;
import longshoulder.core.measure.Length;
import longshoulder.core.measure.LengthEntry;
import longshoulder.core.measure.Unit;
import longshoulder.core.reckoning.Label;
import longshoulder.core.reckoning.Typed;
import org.apache.commons.text.similarity.LevenshteinDistance;

/** Reads alterations from the fields that files and commands give, and applies those of a project to its frame. */
public final class Alterations {

    private static final int LONGEST_NAME = 60;
    private static final int STEEPEST_BEVEL = 45;

    private final Map<String, String> fields;
    private final Unit unit;

    private Alterations(Map<String, String> fields, Unit unit) {
        this.fields = fields;
        this.unit = unit;
    }

    /** A frame with all alterations that make sense now; the others wait. */
    static Frame of(Project project, Frame frame) {
        return applied(project, frame, waiting -> {});
    }

    /** The alterations of a project that do not find what they name, in their order. */
    public static List<Alteration> waiting(Project project, Frame kinds) {
        List<Alteration> waiting = new ArrayList<>();
        applied(project, kinds, waiting::add);
        return waiting;
    }

    private static Frame applied(Project project, Frame frame, Consumer<Alteration> waiting) {
        Frame altered = frame;
        for (Alteration alteration : project.alterations()) {
            Optional<Frame> next = alteration.applyTo(altered);
            if (next.isEmpty()) {
                waiting.accept(alteration);
            }
            altered = next.orElse(altered);
        }
        return altered;
    }

    /**
     * Reads an alteration from its fields.
     *
     * @param unit of lengths that are given as bare numbers
     * @throws EditRefused if a field is missing, unknown or cannot be read
     */
    public static Alteration read(Map<String, String> fields, Unit unit) {
        return new Alterations(fields, unit).read();
    }

    private Alteration read() {
        String piece = name("piece");
        return switch (text("do")) {
            case "add" -> new Alteration.Add(piece, role(), textOr("mark", piece), size("length"), size("width"),
                    size("thickness"), lie(), lengthOr("x"), lengthOr("y"), lengthOr("z"));
            case "between" -> new Alteration.Between(piece, role(), textOr("mark", piece), name("from"), name("to"),
                    size("width"), size("thickness"), lengthOr("height"), lengthOr("shift"));
            case "move" -> new Alteration.Move(piece, lengthOr("x"), lengthOr("y"), lengthOr("z"));
            case "resize" -> new Alteration.Resize(piece, size("width"), size("thickness"));
            case "bevel" -> new Alteration.Bevel(piece, facing("face"), facing("keeps"), angle("angle"));
            case "curve" -> new Alteration.Curve(piece, facing("face"), form(), size("radius"), lengthOr("from"),
                    size("run"));
            case "rename" -> new Alteration.Rename(piece, text("mark"));
            case "remove" -> new Alteration.Remove(piece);
            default -> throw new EditRefused(Label.of("refused.alteration", text("do")));
        };
    }

    private String text(String field) {
        String text = fields.get(field);
        if (text == null) {
            throw missing(field);
        }
        if (text.isBlank() || text.length() > LONGEST_NAME) {
            throw new EditRefused(Label.of("refused.field", new Typed(field)));
        }
        return text;
    }

    /** Where a field with a name much like it is given, that one is taken to be misspelt. */
    private EditRefused missing(String field) {
        int alike = field.length() > 2 ? 2 : 1;
        return new EditRefused(fields.keySet().stream().filter(given -> !given.equals("do"))
                .filter(given -> LevenshteinDistance.getDefaultInstance().apply(given, field) <= alike).findFirst()
                .map(given -> Label.of("refused.misspelt", new Typed(given), new Typed(field)))
                .orElseGet(() -> Label.of("refused.missing", new Typed(field))));
    }

    private String textOr(String field, String other) {
        return fields.containsKey(field) ? text(field) : other;
    }

    /** Names of pieces are written small, with dashes: they stand in addresses and file names. */
    private String name(String field) {
        String name = text(field);
        if (!name.matches("[a-z0-9]+([-.][a-z0-9]+)*")) {
            throw new EditRefused(Label.of("refused.name", new Typed(name)));
        }
        return name;
    }

    private Role role() {
        String id = textOr("role", Role.RAIL.id());
        return Role.find(id).orElseThrow(() -> new EditRefused(Label.of("refused.role", new Typed(id))));
    }

    private Alteration.Lying lie() {
        String lie = text("lie");
        return Arrays.stream(Alteration.Lying.values()).filter(one -> one.id().equals(lie)).findFirst()
                .orElseThrow(() -> new EditRefused(Label.of("refused.lie", new Typed(lie))));
    }

    private Facing facing(String field) {
        String id = text(field);
        return Facing.find(id).orElseThrow(() -> new EditRefused(Label.of("refused.facing", new Typed(id))));
    }

    private Alteration.Curve.Form form() {
        String form = textOr("form", "hollow");
        return Arrays.stream(Alteration.Curve.Form.values())
                .filter(one -> one.name().toLowerCase(Locale.ROOT).equals(form)).findFirst()
                .orElseThrow(() -> new EditRefused(Label.of("refused.form", new Typed(form))));
    }

    /** Steeper bevels than this are another face. */
    private Angle angle(String field) {
        try {
            Angle angle = Angle.read(text(field));
            if (angle.degrees() <= 0 || angle.degrees() > STEEPEST_BEVEL) {
                throw new EditRefused(Label.of("refused.field", new Typed(field)));
            }
            return angle;
        } catch (EntryException refused) {
            throw new EditRefused(Label.of("refused.entry", new Typed(field), refused.getMessage()));
        }
    }

    private Length size(String field) {
        Length size = length(field, text(field));
        if (!size.isPositive()) {
            throw new EditRefused(Label.of("refused.field", new Typed(field)));
        }
        return size;
    }

    private Length lengthOr(String field) {
        return fields.containsKey(field) ? length(field, text(field)) : Length.ZERO;
    }

    private Length length(String field, String text) {
        try {
            boolean negative = text.startsWith("-");
            Length length = LengthEntry.read(negative ? text.substring(1) : text, unit);
            if (length.abs().isGreaterThan(Length.ofMillimetres(20_000))) {
                throw new EditRefused(Label.of("refused.field", new Typed(field)));
            }
            return negative ? length.negated() : length;
        } catch (EntryException refused) {
            throw new EditRefused(Label.of("refused.entry", new Typed(field), refused.getMessage()));
        }
    }
}
