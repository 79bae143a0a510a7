package longshoulder.core.words;

import java.text.MessageFormat;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import longshoulder.core.brief.JointKind;
import longshoulder.core.brief.Parameter;
import longshoulder.core.brief.Value;
import longshoulder.core.finding.Finding;
import longshoulder.core.frame.Assembly;
import longshoulder.core.frame.Feature;
import longshoulder.core.frame.Piece;
import longshoulder.core.measure.EntryException;
import longshoulder.core.measure.Angle;
import longshoulder.core.measure.Fit;
import longshoulder.core.measure.Length;
import longshoulder.core.measure.Ratio;
import longshoulder.core.measure.Showing;
import longshoulder.core.plan.BothWays;
import longshoulder.core.plan.EndCut;
import longshoulder.core.plan.Movement;
import longshoulder.core.reckoning.Label;
import longshoulder.core.reckoning.Typed;
import longshoulder.core.wood.Species;

/**
 * Puts labels and findings into sentences, with lengths shown as the maker chose.
 *
 * <p>Immutable; the texts are those of the {@link Vocabulary}.
 */
public final class Words {

    /** Taken apart once: one for each text of the bundles that was said. */
    private static final Map<Sentence, MessageFormat> FORMATS = new ConcurrentHashMap<>();

    private record Sentence(String label, Locale locale) {}

    private final Vocabulary vocabulary;
    private final Names names;
    private final Showing showing;
    private final Locale locale;

    private Words(Showing showing, Locale locale) {
        // The bundle without a language is the English one.
        this.locale = locale.equals(Locale.ENGLISH) ? Locale.ROOT : locale;
        this.vocabulary = Vocabulary.of(this.locale);
        this.names = new Names(vocabulary);
        this.showing = showing;
    }

    /** English words that show lengths this way. */
    public static Words showing(Showing showing) {
        return showing(showing, Locale.ROOT);
    }

    /** Words of a language; English where it is none of ours. */
    public static Words showing(Showing showing, Locale locale) {
        return new Words(showing, locale);
    }

    /** A length as it is shown, without its unit. */
    public String figure(Length length) {
        return decimal(showing.figure(length));
    }

    /** What a limit stands at, a length without its unit and as fine as it is. */
    public String finely(Value limit) {
        return limit instanceof Value.Measured(Length length) ? decimal(showing.finely(length)) : figure(limit);
    }

    /** What was given for a parameter as it is shown, a length without its unit. */
    public String figure(Value value) {
        return switch (value) {
            case Value.Measured(Length length) -> figure(length);
            case Value.Turned(Angle angle) -> decimal(angle.toString());
            case Value.Proportioned(Ratio ratio) -> ratio.toString();
            case Value.Chosen(String option) -> option;
        };
    }

    /** A number with a true minus and the decimal sign of the language. */
    public String decimal(String figure) {
        return figure.replace(".", text("number.decimal")).replace('-', '−');
    }

    /** What was typed and cannot be read, in a sentence. */
    public String say(EntryException refused) {
        return refused.message(locale);
    }

    /** A label as text, such as "shoulder length of the front apron". */
    public String say(Label label) {
        Object[] arguments = label.arguments().stream().map(this::argument).toArray();
        MessageFormat format = FORMATS.computeIfAbsent(new Sentence(label.key(), locale),
                key -> new MessageFormat(text(key.label), locale));
        // A MessageFormat must not be used by two threads at once.
        synchronized (format) {
            return format.format(arguments);
        }
    }

    /** A label as a sentence: with a capital. */
    public String sentence(Label label) {
        return capital(say(label));
    }

    /** A text with a capital. */
    public static String capital(String text) {
        return text.isEmpty() ? text : text.substring(0, 1).toUpperCase(Locale.ROOT) + text.substring(1);
    }

    /** What was typed or read may hold line ends and signals for terminals: they are shown as spaces. A sentence ends with one full stop. */
    public static String oneLine(String sentence) {
        return sentence.strip().replaceAll("[\\p{Cntrl}\\p{Cf}\\x{2028}\\x{2029}]+", " ").replaceFirst("\\.\\.+$", ".");
    }

    /** The message of a finding as a sentence. Where less than nothing is left of something, nothing is. */
    public String say(Finding finding) {
        Label message = finding.message();
        return sentence(new Label(message.key(),
                message.arguments().stream().map(Words::atLeastNothing).toList()));
    }

    private static Object atLeastNothing(Object argument) {
        return argument instanceof Length length && !length.isPositive() ? Label.of("number.nothing") : argument;
    }

    /** A length as it is shown, with its unit. */
    public String length(Length length) {
        return decimal(showing.text(length));
    }

    /** A length in a sentence: one that would be rounded to nothing is "under" the smallest that is shown. */
    private String said(Length length) {
        return length.isPositive() && showing.rounded(length).equals(Length.ZERO)
                ? MessageFormat.format(text("number.under"), length(showing.step()))
                : length(length);
    }

    /** A piece or joint by its id: "front apron", "front apron into front left leg". */
    public String name(String id) {
        int slash = id.indexOf('/');
        if (slash > 0) {
            return name(id.substring(0, slash)) + " " + text("joint.into") + " " + name(id.substring(slash + 1));
        }
        return names.of(id);
    }

    /**
     * An angled end in the sentences that a maker sets the tools by; none for a square end.
     *
     * @param run of the sled's fence over which the angle is set off
     */
    public List<String> say(EndCut cut, Length run) {
        if (cut.isSquare()) {
            return List.of();
        }
        return List.of(
                leaning("cut.face", cut.faceAngle(), cut.faceBevel(), cut.edge()) + "; "
                        + leaning("cut.edge", cut.edgeAngle(), cut.edgeBevel(), cut.side()),
                say(Label.of("cut.saw", degrees(cut.sawMitre()), degrees(cut.sawTilt()), cut.fence(run), run)),
                say(Label.of("cut.points", cut.longPoint(), cut.shortPoint())));
    }

    /** An angle with the bevel that it is struck with and which way it leans, for turned round the saw would cut the other way. */
    private String leaning(String key, double angle, double bevel, EndCut.LongAt longAt) {
        return longAt == EndCut.LongAt.NEITHER
                ? text(key + ".square")
                : say(Label.of(key, degrees(angle), degrees(bevel), text("cut." + longAt.name())));
    }

    /** Whether what was measured on an angled piece agrees, and by how much each measure is off the plan. */
    public List<String> say(BothWays proof) {
        List<String> sentences = new ArrayList<>(List.of(text("prove." + proof.odd().name())));
        if (proof.isRight()) {
            sentences.add(text("prove.asPlanned"));
        }
        if (!proof.isShorterAsPlanned()) {
            sentences.add(off("prove.short", proof.shorterBy().isPositive(), proof.shorterBy().abs()));
        }
        if (!proof.isLongerAsPlanned()) {
            sentences.add(off("prove.long", proof.longerBy().isPositive(), proof.longerBy().abs()));
        }
        if (!proof.isBevelAsPlanned()) {
            sentences.add(off("prove.bevel", proof.bevelBy() > 0, degrees(proof.bevelBy())));
        }
        return sentences;
    }

    private String off(String key, boolean over, Object by) {
        return say(Label.of(key + (over ? ".over" : ".under"), by));
    }

    /** What the shape of a piece has besides sizes and joints: what, then its figures. */
    public String say(Feature feature) {
        Stream<String> figures = feature.figures().stream()
                .map(figure -> text("feature." + figure.name()) + " " + length(figure.amount().value()));
        Stream<String> angles = feature.angles().stream()
                .map(angle -> text("feature." + angle.name()) + " " + degrees(angle.degrees()));
        String all = Stream.concat(figures, angles).collect(Collectors.joining(", "));
        return say(feature.where()) + (all.isEmpty() ? "" : ": " + all);
    }

    /** What is glued up, and the diagonal to check if there is one, such as "1. left end frame: …; diagonal 1021.8 mm". */
    public String say(Assembly assembly, int number) {
        String pieces = assembly.pieces().stream().map(this::name).collect(Collectors.joining(", "));
        return say(Label.of("assembly.glue", number, name(assembly.name()), pieces)) + assembly.diagonal()
                .map(diagonal -> say(Label.of("assembly.diagonal", diagonal.value()))).orElse("");
    }

    /** To a hundredth, which is finer than any gauge. */
    private String degrees(double angle) {
        return String.format(locale, "%.2f°", Math.abs(angle));
    }

    /** How much a wide piece moves, and the room that it has, in a sentence. */
    public String say(Movement movement) {
        Piece piece = movement.piece();
        String rings = text("option.rings." + movement.rings().id());
        return movement.held()
                .map(held -> sentence(Label.of("movement.groove", piece.id(), piece.width().value(), rings,
                        movement.growth(), movement.shrinkage(), held.room(), held.left(), held.depth())))
                .orElseGet(
                        () -> sentence(Label.of("movement.free", piece.id(), piece.width().value(), rings,
                                movement.growth(), movement.shrinkage(), movement.swing())))
                + ".";
    }

    /** What a parameter means, such as "length of the whole table". */
    public String meaning(Parameter parameter) {
        return text("parameter." + parameter.name());
    }

    /** The heading under which a parameter stands, such as "Legs": that of its name, else of how its name begins. */
    public String group(Parameter parameter) {
        String name = parameter.name();
        String whole = "group." + name;
        return text(vocabulary.has(whole) ? whole : "group." + name.replaceFirst("\\..*", ""));
    }

    /** An option of a choice, such as "all round"; of the choice of a joint, the name of its type. */
    public String option(Parameter.Choice choice, String option) {
        return text((choice.name().equals(JointKind.CHOICE) ? "joint." : "option." + choice.name() + ".") + option);
    }

    /** A wood, such as "white oak"; one of the maker's own as it is called in its table. */
    public String wood(String id) {
        return vocabulary.has("wood." + id) ? text("wood." + id) : id.replace('-', ' ');
    }

    /** A text without arguments. @throws java.util.MissingResourceException if there is none, which is our own mistake */
    public String text(String key) {
        return vocabulary.text(key);
    }

    private Object argument(Object argument) {
        return switch (argument) {
            case Length length -> said(length);
            case Fit fit -> decimal(showing.text(fit));
            case Label label -> say(label);
            case Species wood -> wood(wood.id());
            case Typed typed -> typed.text();
            case String text -> name(text);
            case Number number -> number;
            default -> argument.toString();
        };
    }
}
