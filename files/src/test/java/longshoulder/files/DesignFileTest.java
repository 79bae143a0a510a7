package longshoulder.files;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowableOfType;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import longshoulder.core.plan.Plan;
import longshoulder.core.joint.Joint;
import longshoulder.core.finding.Finding;
import longshoulder.core.brief.JointKind;
import longshoulder.core.measure.Angle;
import java.io.IOException;
import java.io.Reader;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Properties;
import java.util.Set;
import java.util.stream.Stream;
import longshoulder.core.frame.Alteration;
import longshoulder.core.brief.Value;
import longshoulder.core.kind.Kinds;
import longshoulder.core.measure.EntryException;
import longshoulder.core.measure.Angle;
import longshoulder.core.measure.Length;
import longshoulder.core.measure.Ratio;
import longshoulder.core.measure.LengthEntry;
import longshoulder.core.measure.Unit;
import longshoulder.core.measure.Showing;
import longshoulder.core.plan.Planner;
import longshoulder.core.project.Edit;
import longshoulder.core.project.EditRefused;
import longshoulder.core.project.Milled;
import longshoulder.core.project.Project;
import longshoulder.core.reckoning.Level;
import org.junit.jupiter.params.provider.ValueSource;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledOnOs;
import org.junit.jupiter.api.condition.OS;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class DesignFileTest {

    private static final Project PROJECT = Project.ofKind(Kinds.all().getFirst(), "", Showing.TENTH_MILLIMETRES);
    private static final Path DEMO = Path.of("../demo/reading-table.longshoulder.json");

    @TempDir
    Path directory;

    static Project changed() {
        Project project = Project.ofKind(Kinds.find("table").orElseThrow(), "Map table \"north\"",
                Showing.SIXTY_FOURTHS);
        for (Edit edit : List.of(new Edit.Give("overall.length", new Value.Measured(Length.ofInches(693, 16))),
                new Edit.Give("tenon.meeting", new Value.Chosen("shortened")),
                new Edit.Give("tenon.length", new Value.Measured(Length.ofInches(3, 2))),
                new Edit.UseWood("top", "larch"), new Edit.OwnChisel(Length.ofMicrometres(9_500)),
                new Edit.RecordMilled("apron-back", Milled.SHOULDER, Length.ofMillimetres(1200)))) {
            project = edit.applyTo(project);
        }
        return project;
    }

    @Test
    void read_whatWasWritten_isTheSameProject() throws Exception {
        Path file = directory.resolve("map-table.longshoulder.json");
        DesignFile.write(file, changed());
        assertThat(DesignFile.read(file)).isEqualTo(changed());
    }

    @Test
    void write_sameProject_givesTheSameBytes() {
        assertThat(DesignFile.toBytes(changed())).isEqualTo(DesignFile.toBytes(changed()));
    }

    @Test
    void write_again_keepsThePreviousVersion() throws Exception {
        Path file = directory.resolve("map-table.longshoulder.json");
        DesignFile.write(file, changed());
        Project renamed = new Edit.Retitle("another").applyTo(changed());
        DesignFile.write(file, renamed);
        assertThat(DesignFile.read(file)).isEqualTo(renamed);
        assertThat(DesignFile.read(directory.resolve("map-table.longshoulder.json.previous"))).isEqualTo(changed());
        try (Stream<Path> left = Files.list(directory)) {
            assertThat(left).hasSize(2);
        }
    }

    /** Whatever can be decided is in the file again: house rules, rules of a type, marks, what was milled. */
    @Test
    void write_everyKindOfDecision_isReadAgain() throws Exception {
        Project project = changed();
        for (Edit edit : List.of(give("limit.wall", new Value.Measured(Length.ofMillimetres(9))),
                give("limit.wall-share", new Value.Proportioned(new Ratio(11, 40))),
                give("limit.short-grain", new Value.Turned(new Angle(7.5))),
                give("school.thickness", new Value.Chosen("half")),
                give("haunched-tenon:haunch.width", new Value.Measured(Length.ofMillimetres(30))),
                give("apron-front/leg-front-left:joint", new Value.Chosen("tusked-tenon")),
                give("apron-front/leg-front-left:tusk.bury", new Value.Measured(Length.ofMillimetres(2))),
                give("leg-front-left:orientation", new Value.Chosen("marked")),
                new Edit.RecordMilled("leg-front-left", Milled.WIDTH, Length.ofMicrometres(59_200)),
                new Edit.RecordMilled("cope-and-stick", Milled.TONGUE, Length.ofMicrometres(9_400)),
                new Edit.RecordMilled("apron-front/leg-front-left", Milled.TENON, Length.ofMillimetres(8)))) {
            project = edit.applyTo(project);
        }
        Path file = directory.resolve("all.longshoulder.json");
        DesignFile.write(file, project);
        assertThat(DesignFile.read(file)).isEqualTo(project);
    }

    private static Edit give(String parameter, Value value) {
        return new Edit.Give(parameter, value);
    }

    /** What was decided for pieces that a later choice took away does not keep the file from being opened. */
    @Test
    void write_whatWaitsForItsPiece_isReadAgain() throws Exception {
        Project project = Project.ofKind(Kinds.find("table").orElseThrow(), "", Showing.TENTH_MILLIMETRES);
        for (Edit edit : List.of(give("stretchers", new Value.Chosen("box")),
                give("stretcher-front/leg-front-left:joint", new Value.Chosen("through-tenon")),
                give("stretcher-front/leg-front-left:tenon.proud", new Value.Measured(Length.ofMillimetres(4))),
                new Edit.RecordMilled("stretcher-back", Milled.WIDTH, Length.ofMillimetres(44)),
                new Edit.Alter(new Alteration.Rename("stretcher-left", "X")),
                new Edit.UseWood("stretcher", "elm"), give("stretchers", new Value.Chosen("none")))) {
            project = edit.applyTo(project);
        }
        Path file = directory.resolve("waits.longshoulder.json");
        DesignFile.write(file, project);
        assertThat(DesignFile.read(file)).isEqualTo(project);
    }

    /** A parameter of a type that was chosen away since, and a mark on a piece that is gone. */
    @Test
    void write_whatTheChosenTypeDoesNotKnow_isReadAgainAndTold() throws Exception {
        Project project = Project.ofKind(Kinds.find("table").orElseThrow(), "", Showing.TENTH_MILLIMETRES);
        for (Edit edit : List.of(give("stretchers", new Value.Chosen("box")),
                give("apron-front/leg-front-left:joint", new Value.Chosen("haunched-tenon")),
                give("apron-front/leg-front-left:haunch.width", new Value.Measured(Length.ofMillimetres(25))),
                give("apron-front/leg-front-left:joint", new Value.Chosen("bridle")),
                give("stretcher-front:orientation", new Value.Chosen("marked")),
                give("stretchers", new Value.Chosen("none")))) {
            project = edit.applyTo(project);
        }
        Path file = directory.resolve("stale.longshoulder.json");
        DesignFile.write(file, project);
        Project read = DesignFile.read(file);
        assertThat(read).isEqualTo(project);
        assertThat(Planner.plan(read).findings()).anyMatch(finding -> finding.code().equals("waits"));
        Project back = give("apron-front/leg-front-left:joint", new Value.Chosen("haunched-tenon")).applyTo(read);
        assertThat(Planner.plan(back).joints()).filteredOn(joint -> joint.id().equals("apron-front/leg-front-left"))
                .singleElement().satisfies(joint -> assertThat(joint.figures()).hasEntrySatisfying("haunch.width",
                        amount -> assertThat(amount.value()).isEqualTo(Length.ofMillimetres(25))));
    }

    @ParameterizedTest
    @ValueSource(strings = {"stool", "bench", "workbench", "cabinet", "door", "frame", "trestle", "stand", "free"})
    void write_everyKind_isReadAgain(String kind) throws Exception {
        Project project = Project.ofKind(Kinds.find(kind).orElseThrow(), "", Showing.SIXTY_FOURTHS);
        Path file = directory.resolve("kind.longshoulder.json");
        DesignFile.write(file, project);
        assertThat(DesignFile.read(file)).isEqualTo(project);
    }

    /** What the first files called cutShoulders. */
    @Test
    void read_earlierFile_hasItsCutShoulders() throws Exception {
        String text = Files.readString(DEMO).replace("\"cutShoulders\" : { }",
                "\"cutShoulders\" : {\"apron-front\": \"1200 mm\"}");
        Path file = Files.writeString(directory.resolve("earlier.longshoulder.json"), text);
        assertThat(DesignFile.read(file).cutShoulders()).containsEntry("apron-front", Length.ofMillimetres(1200));
    }

    @Test
    void write_intoAFileInTheWay_failsAndLeavesItAlone() throws Exception {
        Path inTheWay = Files.writeString(directory.resolve("not-a-folder"), "mine");
        IOException failed = catchThrowableOfType(IOException.class,
                () -> DesignFile.write(inTheWay.resolve("x.longshoulder.json"), changed()));
        assertThat(failed).isNotNull();
        assertThat(inTheWay).hasContent("mine");
    }

    @Test
    void read_demo_hasNothingButNotes() throws Exception {
        assertThat(Planner.plan(DesignFile.read(DEMO)).findings())
                .allMatch(finding -> finding.level() == Level.NOTE);
    }

    /** Each replaces a part of the demo's text; the sentence must name the file and the place. */
    @ParameterizedTest
    @CsvSource(delimiter = '|', quoteCharacter = '`', value = {
            "\"version\" : 2 | \"version\" : 7 | newer program (version 7",
            "\"version\" : 2 | \"version\" : -1 | at version: there is no version -1",
            "\"version\" : 2 | \"version\" : 4294967297 | at version: there is no version 4294967297",
            "\"version\" : 2 | \"version\" : 0 | at version: there is no version 0",
            "\"version\" : 2 | \"version\" : \"2\" | at version",
            "longshoulder-design | something-else | is not a design",
            "\"1500 mm\" | 1500 | at design.values.overall.length: a text is expected here, not a whole number",
            "\"1500 mm\" | \"-1500 mm\" | at design.values.overall.length: the overall length cannot be −1500 mm",
            "\"1500 mm\" | \"NaN\" | at design.values.overall.length: \"NaN\" is not a unit",
            "\"1500 mm\" | \"1e300 mm\" | at design.values.overall.length",
            "\"1500 mm\" | NaN | is not valid JSON: at line 16, character",
            "\"1500 mm\" | 1e300 | a text is expected here",
            "\"1500 mm\" | null | a text is expected here, not nothing",
            "\"kind\" : \"table\" | \"kind\" : \"boat\" | at design.kind: there is no kind of furniture called \"boat\"",
            "\"kind\" : \"table\" | \"kin\" : \"table\" | at design",
            "overall.length | overall.lenght | overall.lenght",
            "\"mitred\" | \"welded\" | cannot be \"welded\"",
            "\"top\" : \"elm\" | \"top\" : \"balsa\" | no wood called",
            "\"top\" : \"elm\" | \"sail\" : \"elm\" | no piece with the role",
            "\"6 mm\" | \"0\" | at workshop.chisels[0]",
            "\"0.1 mm\" | \"0.3 mm\" | at design.showing", "\"chisels\" | \"title\" | a name stands a second time",
            "\"cutShoulders\" : { } | \"cutShoulders\" : {\"top\":\"5 mm\"} | no piece with two shoulders",
            "\"cutShoulders\" : { } | \"milled\" : {\"apron-front:colour\":\"5 mm\"} | at progress.milled.table.apron-front:colour",
            "\"cutShoulders\" : { } | \"alterations\" : [{\"do\":\"bend\",\"piece\":\"top\"}] | at design.alterations[0]: there is no change called",
            "\"cutShoulders\" : { } | \"alterations\" : [{\"do\":\"remove\"}] | at design.alterations[0]",
            "\"cutShoulders\" : { } | \"milled\" : {\"top:width\":\"-5 mm\"} | at progress.milled.table.top:width",
            "\"cutShoulders\" : { } | \"extra\" : 1 | at design"})
    void read_damaged_saysWhatAndWhereInOneSentence(String what, String with, String reason) throws Exception {
        String text = Files.readString(DEMO);
        assertThat(text).contains(what);
        assertRefused(text.replace(what, with).getBytes(StandardCharsets.UTF_8), reason);
    }

    @Test
    void read_truncatedAnywhere_isRefused() throws Exception {
        byte[] whole = Files.readAllBytes(DEMO);
        for (int length = 0; length < whole.length - 2; length += 13) {
            assertRefused(Arrays.copyOf(whole, length), "x.json");
        }
    }

    @Test
    void read_monsters_areRefusedInOneSentence() throws Exception {
        assertRefused("[".repeat(100_000).getBytes(StandardCharsets.UTF_8), "too deeply nested");
        String text = Files.readString(DEMO);
        assertRefused(text.replace("Reading table", "A".repeat(3_000_000)).getBytes(StandardCharsets.UTF_8),
                "too long");
        assertRefused(text.replace("1500 mm", "9".repeat(50_000)).getBytes(StandardCharsets.UTF_8),
                "longer than 200 characters");
        Path large = directory.resolve("large.json");
        Files.write(large, new byte[10 * 1024 * 1024]);
        assertThat(catchThrowableOfType(BadFile.class, () -> DesignFile.read(large))).hasMessageContaining("10 MB");
    }

    @Test
    void read_missing_saysSo() {
        assertThat(catchThrowableOfType(BadFile.class, () -> DesignFile.read(directory.resolve("none.json"))))
                .hasMessageContaining("is not there");
    }

    @Test
    void toBytes_matchesThePublishedSchema() throws Exception {
        JsonNode json = Json.READER.readTree(DesignFile.toBytes(changed()));
        assertThat(SchemaCheck.design(json)).isEmpty();
    }

    private static void assertRefused(byte[] contents, String reason) {
        BadFile bad = catchThrowableOfType(BadFile.class, () -> DesignFile.parse("x.json", contents));
        assertThat(bad).as("of %d bytes", contents.length).isNotNull();
        assertThat(bad.getMessage()).startsWith("x.json").contains(reason).doesNotContain("\n").endsWith(".");
        assertThat(bad.getMessage().length()).isLessThan(400);
    }

    /** Every sentence about a file can be said in the other language too; what English lacks, German lacks. */
    @Test
    void sentences_areAsManyInGerman() throws IOException {
        assertThat(bundle("files_de")).isEqualTo(bundle("files"));
    }

    private static Set<String> bundle(String name) throws IOException {
        Properties texts = new Properties();
        try (Reader in = Files.newBufferedReader(
                Path.of("src/main/resources/longshoulder/files/" + name + ".properties"))) {
            texts.load(in);
        }
        return texts.stringPropertyNames();
    }

    @Test
    void refusals_areSaidInGerman_downToTheEntryAndTheReason() {
        Map<String, String> refused = Map.of(
                "{", "t.longshoulder.json bricht in Zeile 1 ab und ist also nicht vollständig; "
                        + "öffnen Sie vielleicht t.longshoulder.json.previous.",
                "[]", "t.longshoulder.json ist kein Entwurf: Die Datei müsste mit „{“ beginnen.",
                "{\"format\":\"longshoulder-design\",\"version\":99}",
                "t.longshoulder.json wurde von einem neueren Programm geschrieben (Version 99 des Formats; dieses kennt 4).",
                "{\"format\":\"longshoulder-design\",\"version\":1}",
                "t.longshoulder.json: bei dem Anfang: „design“ fehlt.");
        assertThat(bad(table("5 ells")).message(Locale.GERMAN)).contains("bei design.values.overall.length: ")
                .endsWith(refusedEntry("5 ells"));
        assertThat(bad(table("1 mm")).message(Locale.GERMAN)).contains("bei design.values.overall.length: ")
                .isNotEqualTo(bad(table("1 mm")).getMessage()).doesNotContain(" at ");
        refused.forEach((contents, sentence) -> assertThat(bad(contents).message(Locale.GERMAN)).isEqualTo(sentence));
        assertThat(bad("[]").message(Locale.ENGLISH)).isEqualTo(bad("[]").getMessage()).contains("is not a design");
    }

    /** A file of the first version plans to the same pieces: its sizes were those of the case, its pot had its room at the seat. */
    @ParameterizedTest
    @CsvSource({"cabinet, size.given, case", "stand, pot.between, seat"})
    void filesOfTheFirstVersion_meanWhatTheyMeant(String kind, String name, String option) throws Exception {
        Project now = Project.ofKind(Kinds.find(kind).orElseThrow(), "", Showing.TENTH_MILLIMETRES);
        String first = inOneSection(now, 1)
                .replaceFirst("\"" + name + "\" : \"[a-z]*\",", "");
        assertThat(first).doesNotContain(name).contains("\"version\" : 1,");
        Project read = DesignFile.parse("t.longshoulder.json", first.getBytes(StandardCharsets.UTF_8));
        assertThat(read.brief().choice(name)).contains(option);
        assertThat(now.brief().choice(name)).isPresent().isNotEqualTo(read.brief().choice(name));
        assertThat(DesignFile.parse("t.longshoulder.json", DesignFile.toBytes(read))).isEqualTo(read);
    }

    /** A design as versions before the third wrote it. */
    private static String inOneSection(Project project, int version) throws IOException {
        ObjectNode now = (ObjectNode) Json.READER.readTree(DesignFile.toBytes(project));
        ObjectNode old = now.withObject("/design").deepCopy();
        ((ObjectNode) old.path("values")).setAll((ObjectNode) now.at("/workshop/rules"));
        old.set("chisels", now.at("/workshop/chisels"));
        JsonNode milled = now.at("/progress/milled/" + project.brief().kind());
        old.set("milled", milled.isMissingNode() ? old.objectNode() : milled);
        ObjectNode root = old.objectNode().put("format", "longshoulder-design").put("version", version);
        root.set("project", old);
        return root.toPrettyString();
    }

    /** Until version 2 all stood in one section; what was a rule of the workshop or work done is found in its own now. */
    @Test
    void filesOfTheSecondVersion_openAsTheyWere() throws Exception {
        Project project = changed();
        for (Edit edit : List.of(new Edit.Give("tenon.meeting", new Value.Chosen("full")),
                new Edit.Give("limit.short-grain", new Value.Turned(Angle.read("12"))),
                new Edit.OwnChisel(Length.ofMillimetres(9)),
                new Edit.RecordMilled("apron-front", Milled.WIDTH, Length.ofMillimetres(93)))) {
            project = edit.applyTo(project);
        }
        String second = inOneSection(project, 2);
        assertThat(second).contains("\"limit.short-grain\"").doesNotContain("workshop");
        assertThat(DesignFile.parse("t", second.getBytes(StandardCharsets.UTF_8))).isEqualTo(asUntilVersion3(project));
    }

    /** With what was the default until version 3 written down. */
    private static Project asUntilVersion3(Project project) {
        return new Edit.All(List.of(
                new Edit.Give("joints.choice", new Value.Chosen("stopped-tenon")),
                new Edit.Give("orientation.marks", new Value.Chosen("as-chosen")),
                new Edit.Give("limit.wall-share", new Value.Proportioned(Ratio.read("1/4"))),
                new Edit.Give("through-tenon:tenon.count", new Value.Chosen("one")),
                new Edit.Give("divided-tenon:haunch.end", new Value.Chosen("none")),
                new Edit.Give("through-tenon:tenon.spare", new Value.Measured(Length.ZERO)),
                new Edit.Give("loose-tenon:mortise.easing", new Value.Measured(Length.ofMicrometres(1_500)))))
                .applyTo(project);
    }

    /** Until version 3 a joint that nobody had chosen was a stopped tenon, and aprons were 95 wide. */
    @Test
    void filesOfTheThirdVersion_keepTheirPlans() throws Exception {
        Project now = Project.ofKind(Kinds.find("table").orElseThrow(), "", Showing.TENTH_MILLIMETRES);
        assertThat(Planner.plan(now).joints()).extracting(Joint::kind).containsOnly(JointKind.HAUNCHED_TENON);
        String third = new String(DesignFile.toBytes(now), StandardCharsets.UTF_8)
                .replace("\"version\" : 4", "\"version\" : 3")
                .replaceFirst("\"apron.width\" : \"90 mm\",", "");
        Plan plan = Planner.plan(DesignFile.parse("t", third.getBytes(StandardCharsets.UTF_8)));
        assertThat(plan.joints()).extracting(Joint::kind).containsOnly(JointKind.STOPPED_TENON);
        assertThat(plan.piece("apron-front").piece().width().value()).isEqualTo(Length.ofMillimetres(95));
        assertThat(plan.findings()).extracting(Finding::code).contains("tenon-wide");
    }

    /** Sections that only a newer program knows are kept, through edits, and written back as they were. */
    @Test
    void unknownSections_areKept() throws Exception {
        String text = new String(DesignFile.toBytes(PROJECT), StandardCharsets.UTF_8).replaceFirst("\"workshop\"",
                "\"pins\" : {\"a\":[1,2.50,{\"b\":\"\u00fc \\\\n\"}],\"c\":null},\"workshop\"");
        Project read = DesignFile.parse("t", text.getBytes(StandardCharsets.UTF_8));
        Project edited = new Edit.BuildAs("door").applyTo(new Edit.Retitle("x").applyTo(read));
        JsonNode again = Json.READER.readTree(DesignFile.toBytes(edited));
        assertThat(again.at("/pins")).isEqualTo(Json.READER.readTree(text).at("/pins"));
        assertThat(DesignFile.parse("t", DesignFile.toBytes(edited))).isEqualTo(edited);
    }

    /** What was done of another kind waits in the file too. */
    @Test
    void workDoneOfAnotherKind_isKept() throws Exception {
        Project done = new Edit.BuildAs("door").applyTo(
                new Edit.RecordMilled("apron-front", Milled.WIDTH, Length.ofMillimetres(93)).applyTo(PROJECT));
        Project read = DesignFile.parse("t", DesignFile.toBytes(done));
        assertThat(read).isEqualTo(done);
        assertThat(new Edit.BuildAs("table").applyTo(read).milled()).containsKey("apron-front:width");
    }

    private static String table(String length) {
        Project table = Project.ofKind(Kinds.all().getFirst(), "", Showing.TENTH_MILLIMETRES);
        return new String(DesignFile.toBytes(table), StandardCharsets.UTF_8).replaceFirst(
                "(\"overall.length\" *: *\")[^\"]*", "$1" + length);
    }

    private static String refusedEntry(String typed) {
        return catchThrowableOfType(EntryException.class, () -> LengthEntry.read(typed, Unit.MILLIMETRE))
                .message(Locale.GERMAN);
    }

    private static BadFile bad(String contents) {
        try {
            DesignFile.parse("t.longshoulder.json", contents.getBytes(StandardCharsets.UTF_8));
        } catch (BadFile bad) {
            return bad;
        }
        throw new AssertionError("Read all the same: " + contents);
    }

    /** A link to the file on another disk stays a link, and who may read the file stays as it was. */
    @Test
    @EnabledOnOs(OS.LINUX)
    void write_keepsLinksAndPermissions() throws Exception {
        Path real = directory.resolve("real" + DesignFile.SUFFIX);
        Path link = directory.resolve("link" + DesignFile.SUFFIX);
        DesignFile.write(real, PROJECT);
        Files.setPosixFilePermissions(real, PosixFilePermissions.fromString("rw-r-----"));
        Files.createSymbolicLink(link, real);
        DesignFile.write(link, changed());
        assertThat(link).isSymbolicLink();
        assertThat(DesignFile.read(real)).isEqualTo(changed());
        assertThat(PosixFilePermissions.toString(Files.getPosixFilePermissions(real))).isEqualTo("rw-r-----");
        try (Stream<Path> all = Files.list(directory)) {
            assertThat(all.map(path -> String.valueOf(path.getFileName()))).containsExactlyInAnyOrder(
                    "real" + DesignFile.SUFFIX, "link" + DesignFile.SUFFIX, "link" + DesignFile.SUFFIX + ".previous");
        }
    }

    /** Devices and pipes are refused before anything is read: they may never end. */
    @Test
    @EnabledOnOs(OS.LINUX)
    void read_whatIsNoFileOnADisk_isRefusedAtOnce() throws Exception {
        Path pipe = directory.resolve("pipe");
        assertThat(new ProcessBuilder("mkfifo", pipe.toString()).start().waitFor()).isZero();
        for (Path path : List.of(Path.of("/dev/zero"), pipe)) {
            assertThat(catchThrowableOfType(BadFile.class, () -> DesignFile.read(path)))
                    .hasMessageContaining("is not a file on a disk");
        }
    }

    @Test
    void writeUnlessChanged_leavesTheOtherProgramsWorkAlone() throws Exception {
        Path file = directory.resolve("shared" + DesignFile.SUFFIX);
        DesignFile.write(file, PROJECT);
        String mark = DesignFile.mark(file);
        assertThat(DesignFile.writeUnlessChanged(file, changed(), mark)).isTrue();
        assertThat(DesignFile.writeUnlessChanged(file, PROJECT, mark)).isFalse();
        assertThat(DesignFile.read(file)).isEqualTo(changed());
    }

    /** What cannot be read again is not written, and the file stays as it was. */
    @Test
    void write_whatCouldNotBeReadAgain_isRefused() throws Exception {
        Path file = directory.resolve("safe" + DesignFile.SUFFIX);
        DesignFile.write(file, PROJECT);
        Project monster = PROJECT.keeping("apron-front/leg-front-left:" + "x".repeat(300), new Value.Chosen("y"));
        IOException failed = catchThrowableOfType(IOException.class, () -> DesignFile.write(file, monster));
        assertThat(SystemReason.of(failed, Locale.ENGLISH)).contains("could not be read again");
        assertThat(DesignFile.read(file)).isEqualTo(PROJECT);
    }

    /** The limits of the reader are those of the edits, so that no edit makes a design that cannot be opened. */
    @Test
    void limits_areThoseOfTheEdits() throws Exception {
        JsonNode schema = Json.READER.readTree(Files.readAllBytes(Path.of("../docs/formats/design.schema.json")));
        JsonNode project = schema.at("/properties/design/properties");
        assertThat(project.at("/title/maxLength").asInt()).isEqualTo(Edit.LONGEST_TITLE);
        assertThat(project.at("/values/maxProperties").asInt()).isEqualTo(Edit.MOST_VALUES);
        assertThat(schema.at("/properties/workshop/properties/chisels/maxItems").asInt()).isEqualTo(Edit.MOST_CHISELS);
        assertThat(schema.at("/properties/progress/properties/milled/additionalProperties/maxProperties").asInt())
                .isEqualTo(Edit.MOST_MILLED);
        assertThat(project.at("/alterations/maxItems").asInt()).isEqualTo(Edit.MOST_ALTERATIONS);
        Project many = PROJECT;
        for (int i = 0; i < Edit.MOST_CHISELS - PROJECT.tools().chisels().size(); i++) {
            many = new Edit.OwnChisel(Length.fromMillimetres(30 + i / 1000.0)).applyTo(many);
        }
        assertThat(DesignFile.parse("many", DesignFile.toBytes(many))).isEqualTo(many);
        Project full = many;
        assertThat(catchThrowableOfType(EditRefused.class,
                () -> new Edit.OwnChisel(Length.ofMillimetres(99)).applyTo(full)).reason().key())
                .isEqualTo("refused.tooMany.chisels");
    }
}
