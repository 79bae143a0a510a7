package longshoulder.core.words;

import static longshoulder.core.Tables.mm;
import static longshoulder.core.Tables.table;
import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import longshoulder.core.brief.HouseRules;
import longshoulder.core.brief.JointKind;
import longshoulder.core.brief.Parameter;
import longshoulder.core.geometry.Congruence;
import longshoulder.core.joint.JointType;
import longshoulder.core.kind.Kind;
import longshoulder.core.kind.Kinds;
import longshoulder.core.measure.Showing;
import longshoulder.core.plan.Plan;
import longshoulder.core.plan.Planner;
import longshoulder.core.reckoning.Amount;
import longshoulder.core.reckoning.Label;
import longshoulder.core.joint.TenonMeeting;
import longshoulder.core.project.Milled;
import longshoulder.core.reckoning.Level;
import longshoulder.core.wood.Woods;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class WordsTest {

    private final Words words = Words.showing(Showing.TENTH_MILLIMETRES);

    @Test
    void say_fillsInLengthsPiecesAndLabels() {
        assertThat(words.say(Label.of("amount.shoulder", "apron-front")))
                .isEqualTo("shoulder length of the front apron");
        assertThat(words.sentence(Label.of("remedy.set", Label.of("parameter.leg.width"), mm("62.5"))))
                .isEqualTo("Set the width of a leg, along the length to 62.5 mm");
        assertThat(Words.showing(Showing.SIXTY_FOURTHS).length(mm("876.3"))).isEqualTo("34 1/2 in");
    }

    @Test
    void name_ofAPieceAJointOrAnythingElse() {
        assertThat(words.name("leg-back-left")).isEqualTo("back left leg");
        assertThat(words.name("apron-left/leg-back-left")).isEqualTo("left apron into back left leg");
        assertThat(words.name("keel")).isEqualTo("keel");
    }

    @ParameterizedTest
    @CsvSource({"top, top, Platte", "rail-drawer-upper, upper drawer rail, Schubladenriegel oben",
            "bar-upright-5, upright bar 5, senkrechte Sprosse 5",
            "upright-front-left, front left upright, Ständer vorn links",
            "muntin-1-2, muntin 1.2, Zwischenfries 1.2", "drawer-1, drawer 1, Schublade 1",
            "drawer-1.back, back of drawer 1, Hinterstück (Schublade 1)",
            "door-left.rail-top, top rail of the left door, Riegel oben (Tür links)",
            "runner-drawer-1-left, left drawer runner 1, Schubladenlaufleiste 1 links",
            "bearer-shelf-2-right, right shelf bearer 2, Bodenträger 2 rechts"})
    void name_saysWhatAndWhere(String id, String english, String german) {
        assertThat(words.name(id)).isEqualTo(english);
        assertThat(Words.showing(Showing.TENTH_MILLIMETRES, Locale.GERMAN).name(id)).isEqualTo(german);
    }

    /** Every key that the code names between quotes is in the bundle. */
    @Test
    void vocabulary_hasEveryKeyThatTheCodeNames() throws IOException {
        Vocabulary vocabulary = Vocabulary.of(Locale.ROOT);
        Pattern key = Pattern.compile(
                "(?:Label\\.of|ruled|share|measured)\\(\\s*\"([a-zA-Z]+\\.[a-zA-Z.]+[a-zA-Z])\"|\"((?:rule|amount|reason)\\.[a-zA-Z.]*[a-zA-Z])\"");
        TreeSet<String> missing = new TreeSet<>();
        try (Stream<Path> files = Files.walk(Path.of("src/main/java"))) {
            for (Path file : files.filter(path -> path.toString().endsWith(".java")).toList()) {
                Matcher matcher = key.matcher(Files.readString(file));
                while (matcher.find()) {
                    String named = matcher.group(1) == null ? matcher.group(2) : matcher.group(1);
                    if (!vocabulary.has(named)) {
                        missing.add(named);
                    }
                }
            }
        }
        assertThat(missing).isEmpty();
    }

    /** Sentences say "the …" of them: they are things and not questions. */
    @Test
    void parameters_haveNames() {
        Stream<Parameter> asked = Stream.concat(HouseRules.parameters().stream(),
                Kinds.all().stream().flatMap(kind -> kind.parameters().stream()));
        Stream<Parameter> ofJoints = Stream.of(JointKind.values())
                .flatMap(kind -> JointType.of(kind).parameters().stream());
        assertThat(Stream.concat(asked, ofJoints).map(words::meaning).distinct())
                .noneMatch(meaning -> meaning.matches("(how|which|what|where|whether) .*"));
    }

    @Test
    void vocabulary_namesEveryKindParameterOptionAndWood() {
        for (Kind kind : Kinds.all()) {
            assertThat(words.text("kind." + kind.id())).isNotBlank();
            for (Parameter parameter : kind.parameters()) {
                named(parameter);
            }
        }
        Stream.concat(HouseRules.parameters().stream(),
                Stream.of(JointKind.values()).flatMap(kind -> JointType.of(kind).parameters().stream()))
                .forEach(this::named);
        Stream.of(JointKind.values())
                .forEach(kind -> assertThat(words.text("joint." + kind.id() + ".summary")).endsWith("."));
        Woods.SHIPPED.all().forEach(species -> assertThat(words.text("wood." + species.id())).isNotBlank());
    }

    private void named(Parameter parameter) {
        assertThat(words.meaning(parameter)).isNotBlank();
        if (parameter instanceof Parameter.Choice choice) {
            choice.options().forEach(
                    option -> assertThat(words.text("option." + parameter.name() + "." + option)).isNotBlank());
        }
    }

    /** Every amount of a plan, to the leaves, can be said, and so can the rule that chose it. */
    @Test
    void say_everyAmountOfAPlan() {
        Plan plan = Planner.plan(table());
        plan.pieces().forEach(piece -> say(piece.length()));
        plan.joints().forEach(joint -> say(joint.addedLength()));
        plan.frame().dimensions().forEach(dimension -> say(dimension.amount()));
    }

    private void say(Amount amount) {
        List<String> said = Stream.concat(Stream.of(amount.label()), amount.rule().stream()).map(words::say).toList();
        assertThat(said).allSatisfy(text -> assertThat(text).isNotBlank().doesNotContain("{"));
        amount.parts().forEach(this::say);
    }

    /** Keys that the code puts together from a name and the options of an enumeration. */
    @Test
    void composedKeys_allHaveTexts() {
        List<String> keys = Stream.of(
                Stream.of(TenonMeeting.values()).filter(way -> way != TenonMeeting.FULL)
                        .map(way -> "rule.meeting." + way.option()),
                Stream.of(Milled.values()).flatMap(what -> Stream.of("milled." + what.id(),
                        "refused.milled." + what.id())),
                Stream.of(Congruence.HalfTurn.values()).map(turn -> "finding.turned." + turn.name()),
                Stream.of("alterations", "chisels", "milled", "values").map(what -> "refused.tooMany." + what),
                Stream.of("add", "between", "move", "resize", "bevel", "curve", "rename", "remove")
                        .map(what -> "refused.altered." + what),
                Stream.of(Level.values()).map(level -> "level." + level.name().toLowerCase(Locale.ROOT)))
                .flatMap(some -> some).toList();
        for (Locale locale : List.of(Locale.ENGLISH, Locale.GERMAN)) {
            assertThat(keys).allSatisfy(
                    key -> assertThat(Words.showing(Showing.TENTH_MILLIMETRES, locale).text(key)).isNotBlank());
        }
    }

    /** Every parameter of every kind stands under a heading. */
    @Test
    void group_ofEveryParameter() {
        for (Locale locale : List.of(Locale.ENGLISH, Locale.GERMAN)) {
            Words words = Words.showing(Showing.TENTH_MILLIMETRES, locale);
            Kinds.all().forEach(kind -> kind.parameters()
                    .forEach(parameter -> assertThat(words.group(parameter)).as(parameter.name()).isNotBlank()));
        }
    }
}
