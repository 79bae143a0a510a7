package longshoulder.core.words;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.text.MessageFormat;
import java.util.Collections;
import java.util.Locale;
import java.util.Objects;
import java.util.PropertyResourceBundle;
import java.util.ResourceBundle;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import longshoulder.core.Tables;
import longshoulder.core.finding.Finding;
import longshoulder.core.kind.Kind;
import longshoulder.core.kind.Kinds;
import longshoulder.core.measure.EntryException;
import longshoulder.core.measure.Length;
import longshoulder.core.measure.LengthEntry;
import longshoulder.core.measure.Showing;
import longshoulder.core.measure.Unit;
import longshoulder.core.plan.Plan;
import longshoulder.core.plan.Planner;
import longshoulder.core.project.Project;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

/** The second language says everything that the first one says, with the same figures in it, and in its own number format. */
class LanguagesTest {

    private static final Pattern ARGUMENT = Pattern.compile("\\{(\\d)");
    private final Words german = Words.showing(Showing.TENTH_MILLIMETRES, Locale.GERMAN);

    private static ResourceBundle bundle(String name, Locale locale) {
        return ResourceBundle.getBundle(name, locale);
    }

    private static Set<String> keysOfFile(String name) throws IOException {
        try (InputStream in = Objects.requireNonNull(
                Words.class.getResourceAsStream("/" + name.replace('.', '/') + "_de.properties"))) {
            return new PropertyResourceBundle(in).keySet();
        }
    }

    private static Set<String> arguments(String pattern) {
        Set<String> found = new TreeSet<>();
        Matcher matcher = ARGUMENT.matcher(pattern);
        while (matcher.find()) {
            found.add(matcher.group(1));
        }
        return found;
    }

    static Stream<String> bundles() {
        return Stream.concat(Vocabulary.bundles(), Stream.of("longshoulder.core.measure.entry"));
    }

    @ParameterizedTest
    @MethodSource("bundles")
    void everyText_isThere_withTheSameArguments(String name) throws Exception {
        ResourceBundle english = bundle(name, Locale.ROOT);
        ResourceBundle other = bundle(name, Locale.GERMAN);
        assertThat(other.getLocale()).isEqualTo(Locale.GERMAN);
        // The bundle lets its parent stand in for what is missing: only the file itself tells.
        assertThat(keysOfFile(name)).containsExactlyInAnyOrderElementsOf(Collections.list(english.getKeys()));
        for (String key : Collections.list(english.getKeys())) {
            Set<String> said = arguments(other.getString(key));
            assertThat(arguments(english.getString(key))).as(key).containsAll(said);
            assertThat(said.isEmpty()).as(key).isEqualTo(arguments(english.getString(key)).isEmpty());
            assertThat(new MessageFormat(other.getString(key), Locale.GERMAN).toPattern()).as(key).isNotNull();
        }
    }

    /** No figure is lost on the way: what the English sentence tells, the German one tells as well, but for turns of phrase. */
    @Test
    void words_ofTheTrade_areTranslated() {
        assertThat(german.name("apron-front")).isEqualTo("Zarge vorn");
        assertThat(german.name("apron-front/leg-front-left")).isEqualTo("Zarge vorn in Bein vorn links");
        assertThat(german.length(Length.ofMicrometres(599_100))).isEqualTo("599,1 mm");
        assertThat(german.figure(Length.ofMicrometres(-1_500))).isEqualTo("−1,5");
        assertThat(Words.showing(Showing.TENTH_MILLIMETRES, Locale.ENGLISH).length(Length.ofMicrometres(599_100)))
                .isEqualTo("599.1 mm");
    }

    /** What is shown in German is read again: the decimal comma. */
    @Test
    void shownFigures_areReadAgain() {
        Length length = Length.ofMicrometres(1_234_500);
        assertThat(LengthEntry.read(german.figure(length), Unit.MILLIMETRE)).isEqualTo(length);
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "5 ells", "3..", "(2 + 3", "4 / 0", "2 mm * 3 mm", "7 +", "%"})
    void whatCannotBeRead_isSaidInBoth(String typed) {
        try {
            LengthEntry.read(typed, Unit.MILLIMETRE);
            throw new AssertionError(typed + " was read");
        } catch (EntryException refused) {
            assertThat(refused.getMessage()).endsWith(".");
            assertThat(german.say(refused)).endsWith(".").isNotEqualTo(refused.getMessage());
        }
    }

    /** Findings and their remedies of a design with troubles can be said without a figure left open. */
    @Test
    void findings_canBeSaid() {
        Plan plan = Planner.plan(Tables.table("tenon.length", "45", "tenon.meeting", "full", "apron.setback", "2"));
        assertThat(plan.findings()).isNotEmpty();
        for (Finding finding : plan.findings()) {
            assertThat(german.say(finding)).doesNotContain("{");
            finding.remedies().forEach(remedy -> assertThat(german.say(remedy.label())).doesNotContain("{"));
        }
    }

    @Test
    void everyParameterAndOption_hasItsWords() {
        for (Kind kind : Kinds.all()) {
            Project project = Project.ofKind(kind, "", Showing.TENTH_MILLIMETRES);
            Planner.plan(project).pieces().forEach(piece -> assertThat(german.name(piece.id())).isNotBlank());
            kind.parameters().forEach(parameter -> assertThat(german.meaning(parameter)).isNotBlank());
        }
    }
}
