package longshoulder.command;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class BoardsCommandTest {

    private static final String STOCK = "id,length,width,thickness,wood,count,price,kerf,ends\n";

    @TempDir
    Path directory;

    private String table(String name, String text) throws IOException {
        return Files.writeString(directory.resolve(name), text).toString();
    }

    private Outcome boards(String pieces, String stock, String... more) throws IOException {
        return Outcome.run(Stream.concat(Stream.of("boards", "--pieces",
                table("p.csv", "id,length,width,thickness,wood,count\n" + pieces), "--stock",
                table("s.csv", STOCK + stock)), Stream.of(more)).toArray(String[]::new));
    }

    /** The worked example in millimetres and centimetres: 8 × 780, 6 × 590, 10 × 390 from boards of 2400 need 6 of them at 12.50. */
    @Test
    void json_tellsBoardsBoundsAndCuts() throws IOException {
        Outcome told = boards("a,780,100,25,oak,8\nb,59 cm,100,25,Oak,6\nc,390,100,25,oak,10\n",
                "s,2400,100,25,oak,,12.50,3,0\n", "--json");
        assertThat(told.code()).isZero();
        assertThat(told.out().replaceAll("\\s", ""))
                .contains("\"thickness\":25,\"boards\":6,\"leastBoards\":6,\"cost\":75.00")
                .contains("\"proved\":true").contains("\"kind\":\"crosscut\"").contains("\"piece\":\"c\"")
                .endsWith("\"missing\":[]}");
        assertThat(told.out().split("\"layer\"", -1)).hasSize(24 + 1);
    }

    @Test
    void missingPiece_isExitOneAndSaysWhy() throws IOException {
        Outcome told = boards("a,780,100,25,oak,1\nb,780,100,25,elm,1\n", "s,2400,100,25,oak,1,,3,0\n");
        assertThat(told.code()).isEqualTo(1);
        assertThat(told.out()).contains("Missing: 1 × b, there is no stock of this wood.").contains("proved least");
    }

    /** A bad line is named with its number and left out; the others are used. */
    @Test
    void badLine_isNamed() throws IOException {
        Outcome told = boards("a,780,100,25,oak,1\nx,wide,100,25,oak,1\na,1,1,1,oak,1\n", "s,2400,100,25,oak,,,3,0\n");
        assertThat(told.code()).isZero();
        assertThat(told.err()).contains("Line 3 of p.csv is left out: the length \"wide\" cannot be read as a length.")
                .contains("Line 4 of p.csv is left out: the id \"a\" is there twice.");
    }

    @ParameterizedTest
    @CsvSource({"--goal, money, '--goal must be cost, wood or boards, not \"money\".'",
            "--seconds, 0, --seconds must lie between 0 and 3600."})
    void badOption_isRefused(String option, String value, String sentence) throws IOException {
        Outcome told = boards("a,780,100,25,oak,1\n", "s,2400,100,25,oak,,,3,0\n", option, value);
        assertThat(told.code()).isEqualTo(2);
        assertThat(told.err()).contains(sentence);
    }

    /** A design's rough sizes: the legs come from thick boards, the top of another wood is missing. */
    @Test
    void design_isPlannedFromItsRoughSizes() throws IOException {
        String design = table("t.longshoulder.json", Outcome.run("new", "table", "--wood", "all=beech").out());
        Outcome told = Outcome.run("boards", design, "--stock",
                table("s.csv",
                        STOCK + "thin,3000,900,30,beech,,40,,\nthick,3000,160,70,beech,,90,,\n"));
        assertThat(told.err()).isEmpty();
        assertThat(told.code()).isZero();
        assertThat(told.out()).contains("30 mm thick").contains("70 mm thick")
                .contains("thick, 3000 mm × 160 mm × 70 mm");
    }

    /** Without a table the design's own stock is planned: first the yard's, then what is put in and can be bought. */
    @Test
    void stock_isPutInAndPlanned() throws IOException {
        String design = table("t.longshoulder.json", Outcome.run("new", "table", "--wood", "all=beech").out());
        Outcome put = Outcome.run("stock", "import", table("s.csv",
                STOCK + "thin,3000,900,30,beech,,40,,\nodd,wide,1,1,beech,,1,,\nthick,3000,160,70,beech,1,0,,\n"),
                design);
        assertThat(put.code()).isEqualTo(2);
        assertThat(put.err()).contains("Line 3 of s.csv is left out: the length \"wide\" cannot be read as a length.");
        assertThat(Outcome.run("stock", "export", design).out()).contains("thin,3000,900,30,beech,,40,")
                .contains("thick,3000,160,70,beech,1,").doesNotContain("odd");
        assertThat(Outcome.run("boards", design).out()).contains(" thin, ").contains(" thick, ");
        Outcome bought = Outcome.run("buy", design, "--csv");
        assertThat(bought.code()).isZero();
        assertThat(bought.out().lines().toList()).hasSize(2).element(1).asString()
                .matches("\\d,beech,3000,900,30,0\\.\\d+,\\d+\\.\\d+,\\d+,\\d+\\.\\d+");
    }

    @Test
    void yard_isWrittenAndReadAgain() throws IOException {
        String yard = table("yard.csv", Outcome.run("stock", "export").out());
        String design = table("t.longshoulder.json", Outcome.run("new", "table", "--wood", "all=beech").out());
        assertThat(Outcome.run("boards", design, "--stock", yard).out())
                .isEqualTo(Outcome.run("boards", design).out());
    }

    @Test
    void drawingsAndSpreadsheets_areWritten() throws IOException {
        String design = table("t.longshoulder.json", Outcome.run("new", "table", "--wood", "all=beech").out());
        for (String[] one : new String[][]{{"boards", "--pdf", "%PDF"}, {"boards", "--svg", "<?xml"},
                {"cutlist", "--xlsx", "PK"}, {"cutlist", "--ods", "PK"}, {"buy", "--ods", "PK"},
                {"labels", "--pdf", "%PDF"}}) {
            Path out = directory.resolve(one[0] + one[1]);
            assertThat(Outcome.run(one[0], design, one[1], out.toString()).code()).isZero();
            assertThat(new String(Files.readAllBytes(out), StandardCharsets.ISO_8859_1)).startsWith(one[2]);
        }
    }
}
