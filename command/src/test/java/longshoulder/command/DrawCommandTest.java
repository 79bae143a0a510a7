package longshoulder.command;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Drawings and papers from the command line. */
class DrawCommandTest {

    private static final String TABLE = "../demo/reading-table.longshoulder.json";

    @TempDir
    Path directory;

    @ParameterizedTest
    @ValueSource(strings = {"front", "end", "plan", "pictorial", "sheet", "joint:apron-front/leg-front-left", "rod:B1",
            "rod:apron-front", "lengths"})
    void draw_writesEveryViewInEveryFormat(String view) throws IOException {
        Path pdf = directory.resolve("a.pdf");
        Path svg = directory.resolve("a.svg");
        Path dxf = directory.resolve("a.dxf");
        Outcome run = Outcome.run("draw", TABLE, "--view", view, "--paper", "letter", "--pdf", pdf.toString(), "--svg",
                svg.toString(), "--dxf", dxf.toString());
        assertThat(run.code()).as(run.err()).isZero();
        assertThat(Files.readString(pdf, StandardCharsets.ISO_8859_1)).startsWith("%PDF-");
        assertThat(Files.readString(svg)).contains("<svg", "279.400mm", "</svg>");
        assertThat(Files.readString(dxf)).contains("AC1015").endsWith("EOF\n");
    }

    @Test
    void draw_atAScale_thePageIsAsLargeAsTheDrawing() throws IOException {
        Path svg = directory.resolve("a.svg");
        assertThat(Outcome.run("draw", TABLE, "--view", "rod:B1", "--scale", "1:2", "--svg", svg.toString()).code())
                .isZero();
        // 1340 at a half, and 25.4 at both ends.
        assertThat(Files.readString(svg)).contains("width=\"720.800mm\"");
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {"--view side --svg a.svg | There is no view \"side\"",
            "--view rod:Z9 --svg a.svg | There is no piece \"Z9\"",
            "--view joint:a/b --svg a.svg | There is no joint \"a/b\"", "--view front | Say where to write",
            "--view front --svg a.svg --scale fit | There is nothing for the drawing to fit",
            "--view front --svg a.svg --scale 10 | \"10\" is not a scale",
            "--view front --svg a.svg --scale 0:1 | out of reach",
            "--view front --svg a.svg --paper a3 | There is no paper \"a3\"; there are a4 and letter",
            "--view sheet --svg a.svg --paper a4 --scale 1:2 | At 1:2 the drawing does not fit on a4"})
    void draw_whatCannotBe_isSaidInOneSentence(String options, String sentence) {
        List<String> arguments = new java.util.ArrayList<>(List.of("draw", TABLE));
        arguments.addAll(List.of(options.strip().split(" ", -1)));
        Outcome run = Outcome.run(arguments.toArray(String[]::new));
        assertThat(run.code()).isEqualTo(2);
        assertThat(run.err()).contains(sentence.strip());
        assertThat(run.err().strip()).doesNotContain("\n");
    }

    @Test
    void papers_haveTheDateThatIsPassedIn_andAreTheSameEveryTime() throws IOException {
        Path one = directory.resolve("one.pdf");
        Path two = directory.resolve("two.pdf");
        assertThat(
                Outcome.run("papers", TABLE, "--pdf", one.toString(), "--date", "2026-12-01", "--seconds", "0").code())
                .isZero();
        assertThat(
                Outcome.run("papers", TABLE, "--pdf", two.toString(), "--date", "2026-12-01", "--seconds", "0").code())
                .isZero();
        assertThat(Files.readAllBytes(one)).isEqualTo(Files.readAllBytes(two));
        assertThat(Outcome.run("papers", TABLE, "--pdf", one.toString(), "--date", "tomorrow").err())
                .contains("\"tomorrow\" is not a date; write it as 2026-12-01.");
    }

    @Test
    void help_listsTheCommands_andExplainsOne() {
        assertThat(Outcome.run("help").out()).contains("draw", "papers", "cutlist");
        assertThat(Outcome.run("help", "draw").out()).contains("--view", "--scale");
    }
}
