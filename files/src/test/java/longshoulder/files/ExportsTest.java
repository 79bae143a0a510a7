package longshoulder.files;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.fasterxml.jackson.databind.JsonNode;
import java.io.StringReader;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import longshoulder.core.kind.Kind;
import longshoulder.core.kind.Kinds;
import longshoulder.core.measure.Ratio;
import longshoulder.core.measure.Showing;
import longshoulder.core.plan.Plan;
import longshoulder.core.plan.Planner;
import longshoulder.core.plan.PlannedPiece;
import longshoulder.core.project.Edit;
import longshoulder.core.project.Project;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ExportsTest {

    private final Plan plan = Planner.plan(DesignFileTest.changed());

    @TempDir
    Path directory;

    @Test
    void planJson_matchesThePublishedSchema() throws Exception {
        JsonNode json = Json.READER.readTree(PlanJson.toBytes(plan));
        assertThat(SchemaCheck.plan(json)).isEmpty();
        assertThat(json.path("findings").path(0).path("code").asText()).isEqualTo("shoulders-unequal");
    }

    /** Glue-ups with their diagonals, joints of panels and crossings, and all findings are in the published form. */
    @Test
    void planJson_everyKind_matchesThePublishedSchema() throws Exception {
        for (Kind kind : Kinds.all()) {
            Plan made = Planner.plan(Project.ofKind(kind, "", Showing.SIXTY_FOURTHS));
            JsonNode json = Json.READER.readTree(PlanJson.toBytes(made));
            assertThat(SchemaCheck.plan(json)).as(kind.id()).isEmpty();
            assertThat(json.path("pieces")).hasSize(made.pieces().size());
            assertThat(json.path("joints")).hasSize(made.joints().size());
            assertThat(json.path("assemblies")).as(kind.id()).hasSize(made.frame().assemblies().size());
            json.path("assemblies").forEach(assembly -> assembly.path("pieces")
                    .forEach(piece -> assertThat(made.has(piece.asText())).as(piece.asText()).isTrue()));
        }
    }

    @Test
    void planJson_lengthsAreExactNumbers() throws Exception {
        JsonNode json = Json.READER.readTree(PlanJson.toBytes(plan));
        JsonNode top = json.path("pieces").path(8);
        assertThat(top.path("id").asText()).isEqualTo("top");
        assertThat(top.path("length").decimalValue()).isEqualByComparingTo("1100.1375");
    }

    @Test
    void kindsJson_listsEveryParameterWithItsBounds() throws Exception {
        JsonNode table = Json.READER.readTree(KindsJson.toBytes()).path(0);
        assertThat(table.path("id").asText()).isEqualTo("table");
        for (JsonNode parameter : table.path("parameters")) {
            assertThat(parameter.path("meaning").asText()).isNotEmpty();
            if (parameter.path("unit").asText().equals("mm") && !parameter.path("leftToRule").asBoolean()) {
                assertThat(parameter.path("default").asDouble()).isBetween(parameter.path("least").asDouble(),
                        parameter.path("greatest").asDouble());
            }
        }
        assertThat(table.path("houseRules")).filteredOn(rule -> rule.path("unit").asText().equals("proportion"))
                .hasSizeGreaterThan(20).allSatisfy(rule -> assertThat(Ratio.read(rule.path("default").asText()))
                        .isBetween(Ratio.read(rule.path("least").asText()),
                                Ratio.read(rule.path("greatest").asText())));
    }

    @Test
    void cutListCsv_isReadBackRecordByRecord() throws Exception {
        String csv = new String(TableFormat.CSV.toBytes(Tables.cutList(plan)), StandardCharsets.UTF_8);
        assertThat(csv).contains("\r\n").startsWith("design,number,marks");
        List<CSVRecord> records = CSVFormat.RFC4180.builder().setHeader().setSkipHeaderRecord(true).get()
                .parse(new StringReader(csv)).getRecords();
        assertThat(records).hasSize(5);
        assertThat(records.getLast().get("wood")).isEqualTo("larch");
        assertThat(records.getLast().get("finished length mm")).isEqualTo("1100.1375");
        assertThat(records.getFirst().get("design")).isEqualTo("Map table \"north\"");
    }

    @ParameterizedTest
    @CsvSource(quoteCharacter = '`', value = {"=1+1, '=1+1", "+5, '+5", "-5, '-5", "@cmd, '@cmd", "plain, plain",
            "a=b, a=b"})
    void harmless_formulas_becomeText(String text, String expected) {
        assertThat(CsvText.harmless(text)).isEqualTo(expected);
        assertThat(CsvText.harmless("\tx")).startsWith("'");
        for (String hidden : List.of("  =1+1", "\u00a0=1", "\u200b=1", "\uff1d1+1", "\uff20cmd", " \uff0d5",
                "\ufeff=1")) {
            assertThat(CsvText.harmless(hidden)).isEqualTo("'" + hidden);
        }
    }

    @Test
    void cutListCsv_titleLikeAFormula_isNeutralised() {
        Plan sly = Planner.plan(new Edit.Retitle("=HYPERLINK(\"x\")").applyTo(DesignFileTest.changed()));
        assertThat(new String(TableFormat.CSV.toBytes(Tables.cutList(sly)), StandardCharsets.UTF_8))
                .contains("\"'=HYPERLINK(\"\"x\"\")\"");
    }

    @Test
    void objExport_meshesAreClosedAndHoldTheVolumes() throws Exception {
        List<Path> written = ObjExport.write(plan, directory);
        assertThat(written).hasSize(10);
        for (PlannedPiece piece : plan.pieces()) {
            Path file = directory.resolve(piece.id() + ".obj");
            assertThat(volumeOfClosed(Files.readAllLines(file))).isCloseTo(piece.solid().volume(), within(0.1));
        }
        double all = plan.pieces().stream().mapToDouble(piece -> piece.solid().volume()).sum();
        assertThat(volumeOfClosed(Files.readAllLines(directory.resolve(ObjExport.ALL)))).isCloseTo(all, within(1.0));
    }

    /** Reads a file as any other program would and checks that every edge is met from the other side. */
    private static double volumeOfClosed(List<String> lines) {
        List<double[]> points = new ArrayList<>();
        Set<String> edges = new HashSet<>();
        double six = 0;
        for (String line : lines) {
            String[] words = line.split(" ", -1);
            if (words[0].equals("v")) {
                points.add(new double[]{Double.parseDouble(words[1]), Double.parseDouble(words[2]),
                        Double.parseDouble(words[3])});
            } else if (words[0].equals("f")) {
                for (int i = 1; i <= 3; i++) {
                    assertThat(edges.add(words[i] + ">" + words[i % 3 + 1])).isTrue();
                }
                six += determinant(points.get(Integer.parseInt(words[1]) - 1),
                        points.get(Integer.parseInt(words[2]) - 1), points.get(Integer.parseInt(words[3]) - 1));
            }
        }
        for (String edge : edges) {
            String[] ends = edge.split(">", -1);
            assertThat(edges).contains(ends[1] + ">" + ends[0]);
        }
        return six / 6;
    }

    private static double determinant(double[] a, double[] b, double[] c) {
        return a[0] * (b[1] * c[2] - b[2] * c[1]) - a[1] * (b[0] * c[2] - b[2] * c[0])
                + a[2] * (b[0] * c[1] - b[1] * c[0]);
    }
}
