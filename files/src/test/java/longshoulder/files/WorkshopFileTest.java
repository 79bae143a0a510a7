package longshoulder.files;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowableOfType;

import com.fasterxml.jackson.databind.JsonNode;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import longshoulder.core.brief.Value;
import longshoulder.core.kind.Kinds;
import longshoulder.core.measure.Angle;
import longshoulder.core.measure.Showing;
import longshoulder.core.project.Edit;
import longshoulder.core.project.Project;
import longshoulder.core.project.Workshop;
import longshoulder.core.wood.Species;
import longshoulder.core.wood.Tools;
import longshoulder.core.wood.Woods;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The file of a workshop: read as it was written, refused in one sentence where it is none. */
class WorkshopFileTest {

    private static final Workshop OWN = new Workshop(Tools.IMPERIAL,
            Woods.SHIPPED.with(List.of(Species.of(Map.of("id", "bog-oak", "density", "800", "character", "dusty")))),
            Map.of("limit.short-grain", new Value.Turned(new Angle(12)), "school.thickness", new Value.Chosen("half")),
            StockListTables.two());

    @TempDir
    private Path directory;

    @Test
    void read_givesBackWhatWasWritten_andADesignTakesItOver() throws Exception {
        Path file = directory.resolve("own.json");
        WorkshopFile.write(file, OWN);
        assertThat(WorkshopFile.read(file)).isEqualTo(OWN);
        Project door = Project.ofKind(Kinds.find("door").orElseThrow(), "", Showing.TENTH_MILLIMETRES);
        Project there = new Edit.UseWorkshop(WorkshopFile.read(file)).applyTo(door);
        assertThat(there.workshop()).isEqualTo(OWN);
        assertThat(DesignFile.parse("t", DesignFile.toBytes(there))).isEqualTo(there);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', quoteCharacter = '`', value = {
            "\"version\" : 1 | \"version\" : 2 | newer program",
            "longshoulder-workshop | longshoulder-design | is not",
            "\"limit.short-grain\" : \"12 | \"limit.short-grain\" : \"99 | at workshop.rules.limit.short-grain",
            "limit.short-grain | limit.long-grain | at workshop.rules.limit.long-grain: there is no way of working",
            "\"half\" | \"quarter\" | at workshop.rules.school.thickness",
            "\"6.35 mm\" | \"-1\" | at workshop.chisels[0]",
            "bog-oak | Bog Oak | at workshop.woods[0]: \"Bog Oak\" is no id of a wood",
            "\"800\" | \"-800\" | at workshop.woods[0]: density",
            "\"chisels\" | \"saws\" | at workshop"})
    void read_damaged_saysWhatAndWhere(String what, String with, String reason) {
        String text = new String(WorkshopFile.toBytes(OWN), StandardCharsets.UTF_8);
        assertThat(text).contains(what);
        BadFile bad = catchThrowableOfType(BadFile.class, () -> WorkshopFile.parse("own.json",
                text.replace(what, with).getBytes(StandardCharsets.UTF_8)));
        assertThat(bad.getMessage()).startsWith("own.json").contains(reason).doesNotContain("\n");
    }

    @Test
    void section_isThatOfTheDesignFile() throws Exception {
        JsonNode own = Json.READER.readTree(Files.readAllBytes(Path.of("../docs/formats/workshop.schema.json")));
        JsonNode design = Json.READER.readTree(Files.readAllBytes(Path.of("../docs/formats/design.schema.json")));
        assertThat(own.at("/properties/workshop/properties"))
                .isEqualTo(design.at("/properties/workshop/properties"));
    }
}
