package longshoulder.command;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.util.Locale;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;
import longshoulder.core.kind.Kind;
import longshoulder.core.kind.Kinds;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class MainTest {

    @TempDir
    Path directory;

    /** A table with aprons 95 wide, stopped tenons where no joint is chosen, unmarked pieces and some values changed. */
    private String design(String... settings) throws Exception {
        Stream<String> sets = Stream.concat(Stream.of("joints.choice=stopped-tenon", "orientation.marks=as-chosen",
                "limit.wall-share=1/4", "apron.width=95 mm", "figures.step=0"), Stream.of(settings))
                .flatMap(setting -> Stream.of("--set", setting));
        Outcome made = Outcome.run(Stream.concat(Stream.of("new", "table"), sets).toArray(String[]::new));
        assertThat(made.err()).isEmpty();
        assertThat(made.code()).isZero();
        Path file = Files.createTempFile(directory, "t", ".longshoulder.json");
        Files.writeString(file, made.out());
        return file.toString();
    }

    @Test
    void plan_workedExample_readsAsInTheTrade() throws Exception {
        Outcome plan = Outcome.run("plan", design("overall.length=1500 mm", "tenon.length=38"));
        assertThat(plan.code()).isZero();
        assertThat(plan.out()).containsPattern("B1 +front apron +beech +1336 mm +1260 mm")
                .contains("NOTE [tenon-wide] A tenon 71 mm wide and 8 mm thick");
        assertThat(Outcome.run("check", design("apron.width=70 mm")).out()).contains("Nothing found against it");
    }

    /** The chisels, the step in which lengths are shown, and one wood for all. */
    @Test
    void set_chiselsStepAndOneWood() throws Exception {
        String file = design();
        assertThat(Outcome.run("set", file, "--chisels", "7 mm,9", "--wood", "all=elm").err()).isEmpty();
        String plan = Outcome.run("plan", file).out();
        assertThat(plan).contains("thickness of the tenon 7 mm").doesNotContain("beech");
        assertThat(Outcome.run("set", file, "--show", "1/16 in").code()).isZero();
        assertThat(Outcome.run("plan", file).out()).contains("thickness of the tenon 1/4 in");
        assertThat(Outcome.run("set", file, "--show", "1 in").err()).contains("it is one of 1 mm").hasLineCount(1);
        assertThat(Outcome.run("set", file, "mast:joint=bridle").err())
                .contains("There is nothing called \"mast:joint\"");
        assertThat(Outcome.run("set", file, "--alter", "bevel,piece=leg-front-left,angle=5").err())
                .contains("\"face\" is missing").hasLineCount(1);
    }

    /** A length that follows is given: the door's width from its rail, 352 with tongues of 10 in stiles of 60; or one of its other sizes. */
    @Test
    void set_solve_changesASize() throws Exception {
        Path file = directory.resolve("solve.longshoulder.json");
        Files.writeString(file, Outcome.run("new", "door", "--set", "construction=cope-and-stick").out());
        Outcome solved = Outcome.run("set", file.toString(), "--solve", "rail-top:length=352 mm");
        assertThat(solved.err()).isEmpty();
        assertThat(solved.out()).contains("352 mm").contains("from 450 mm to 452 mm").hasLineCount(1);
        assertThat(Outcome.run("cutlist", file.toString()).out()).contains("352 mm");
        assertThat(Outcome.run("set", file.toString(), "--solve", "rail-top:length=340,stile.width").out())
                .contains("from 60 mm to 66 mm");
        assertThat(Outcome.run("set", file.toString(), "--solve", "rail-top:length=350,size.height").err())
                .hasLineCount(1)
                .contains("does not hang on this");
        assertThat(Outcome.run("set", file.toString(), "--solve", "mast:length=340").err()).hasLineCount(1)
                .contains("there is no such length");
    }

    /** Woods of the maker's own, and names that are not quite those of the table. */
    @Test
    void woods_ownAndNearest() throws Exception {
        String file = design();
        assertThat(Outcome.run("woods").out()).contains("white-oak").contains("hornbeam").contains("unknown");
        assertThat(Outcome.run("set", file, "--wood", "top=oak", "--wood", "leg=Black Locust").err()).isEmpty();
        assertThat(Outcome.run("plan", file).out()).contains("white oak").contains("black locust");
        assertThat(Outcome.run("set", file, "--wood", "top=beach").err()).contains("the nearest names are beech")
                .hasLineCount(1);
        Path table = directory.resolve("own.csv");
        Files.writeString(table, "id,density,character,source\nbog-oak,800,dusty,weighed\nBog Pine,1,,\n");
        Outcome read = Outcome.run("set", file, "--woods-from", table.toString(), "--wood", "top=bog-oak");
        assertThat(read.out()).contains("Line 3: \"Bog Pine\" is no id of a wood").hasLineCount(1);
        assertThat(Outcome.run("plan", file).out()).contains("bog oak");
        assertThat(Outcome.run("woods", file, "--csv").out()).contains("bog-oak,,800,,,,dusty");
        Files.writeString(table, "wood\noak\n");
        assertThat(Outcome.run("set", file, "--woods-from", table.toString()).err())
                .contains("has no heading with \"id\"");
    }

    /** Fine details in wood that is crushed or splits; in beech nothing is said. */
    @ParameterizedTest
    @CsvSource({"beech, ''", "pine, is crushed by a dull edge", "robinia, comes apart along the grain"})
    void check_fineDetails(String wood, String said) throws Exception {
        Path file = directory.resolve("fine.longshoulder.json");
        Files.writeString(file, Outcome.run("new", "door", "--set", "construction=cope-and-stick").out());
        assertThat(Outcome.run("set", file.toString(), "--wood", "all=" + wood).err()).isEmpty();
        String out = Outcome.run("check", file.toString()).out();
        assertThat(out.contains("fine-detail")).isEqualTo(!said.isEmpty());
        assertThat(out).contains(said);
    }

    /** One cutter makes the groove for the panel and for the tongue of a coped door. */
    @Test
    void check_copedDoor_tongueAndGrooveAgree() throws Exception {
        Path file = directory.resolve("coped.longshoulder.json");
        Files.writeString(file, Outcome.run("new", "door", "--set", "construction=cope-and-stick").out());
        assertThat(Outcome.run("check", file.toString()).out()).contains("Nothing found against it");
        Outcome.run("set", file.toString(), "cope-and-stick:tongue.length=15");
        assertThat(Outcome.run("check", file.toString()).out())
                .contains("[tongue-unlike-groove]", "15 mm long, but the grooves are 10 mm deep")
                .contains("remedy: set the depth of the grooves or rebates to 15 mm");
    }

    /** What every kind begins with is sound and ordinary: there is nothing to say against it, in either unit. */
    @ParameterizedTest
    @ValueSource(strings = {"", "--inches"})
    void check_whatKindsBeginWith_isSound(String unit) throws Exception {
        for (Kind kind : Kinds.all()) {
            Path file = Files.createTempFile(directory, kind.id(), ".longshoulder.json");
            Files.writeString(file,
                    Outcome.run(
                            Stream.of("new", kind.id(), unit).filter(word -> !word.isEmpty()).toArray(String[]::new))
                            .out());
            Outcome check = Outcome.run("check", file.toString());
            assertThat(check.out()).as(kind.id()).contains("Nothing found against it");
            assertThat(check.code()).as(kind.id()).isZero();
        }
    }

    /** The best first, what would stop the design last, with what stops it. */
    @Test
    void joints_asJson_areTried() throws Exception {
        String file = design("joints.choice=best-for-the-place", "apron.width=90 mm");
        String json = Outcome.run("joints", file, "--at", "apron-front/leg-front-left", "--json").out();
        assertThat(json).startsWith("{")
                .containsSubsequence("\"joint\" : \"apron-front/leg-front-left\"", "\"candidates\" : [",
                        "\"type\" : \"haunched-tenon\"", "\"chosen\" : true", "\"unusual\" : false", "\"for\" : [",
                        "\"against\" : [ ]", "\"type\" : \"tapered-dovetail\"", "\"unusual\" : true",
                        "\"type\" : \"glazing-bar\"", "\"stop\" : ");
    }

    /** A piece of which nothing is left stands in no list with a length less than nothing; a finding tells of it. */
    @Test
    void lists_haveNoNegativeLengths() throws Exception {
        String file = design("overall.length=300 mm", "overhang.ends=120 mm");
        assertThat(Outcome.run("cutlist", file).out()).doesNotContain("\u2212", "B1").contains("C1");
        assertThat(Outcome.run("cutlist", file, "--csv").out()).doesNotContain(",-", "B1").contains("C1");
        assertThat(Outcome.run("plan", file).out()).doesNotContain("\u2212")
                .contains("Nothing is left of the front apron");
    }

    /** A workshop's file takes the place of what a design has, for one command or for good; without one the shipped one is used. */
    @Test
    void workshop_isWritten_andUsed() throws Exception {
        String file = Files.writeString(directory.resolve("plain.json"), Outcome.run("new", "table").out()).toString();
        assertThat(Outcome.run("workshop").out()).contains("longshoulder-workshop").contains("\"6 mm\"");
        assertThat(Outcome.run("workshop", "--inches").out()).contains("6.35 mm");
        Path own = Files.writeString(directory.resolve("own.json"),
                Outcome.run("workshop").out().replace("\"rules\" : { }", "\"rules\" : {\"school.thickness\":\"half\"}")
                        .replace("\"8 mm\",", ""));
        Outcome planned = Outcome.run("plan", file, "--workshop", own.toString(), "--json");
        assertThat(planned.out()).isNotEqualTo(Outcome.run("plan", file, "--json").out());
        assertThat(Outcome.run("workshop", file).out()).isEqualTo(Outcome.run("workshop").out());
        assertThat(Outcome.run("set", file, "--workshop", own.toString()).code()).isZero();
        assertThat(Outcome.run("plan", file, "--json").out()).isEqualTo(planned.out());
        Outcome fresh = Outcome.run("new", "table", "--workshop", own.toString());
        assertThat(Files.writeString(directory.resolve("fresh.json"), fresh.out())).exists();
        assertThat(Outcome.run("workshop", directory.resolve("fresh.json").toString()).out())
                .isEqualTo(Outcome.run("workshop", file).out()).contains("half");
        assertThat(Outcome.run("plan", file, "--workshop", file).code()).isEqualTo(2);
    }

    /** Another kind: what is dropped is said, what stays is there. */
    @Test
    void set_kind_saysWhatItDrops() throws Exception {
        String file = design("leg.width=55 mm");
        Outcome.run("set", file, "--milled", "leg-front-left:width=54.2 mm", "--wood", "top=elm");
        Outcome door = Outcome.run("set", file, "--kind", "door");
        assertThat(door.out()).contains("sizes, joints and changes to the frame of the table are gone")
                .contains("waits until it is made again");
        assertThat(Files.readString(Path.of(file))).contains("\"door\"").contains("elm").contains("54.2 mm");
        assertThat(Outcome.run("set", file, "--kind", "boat").err()).contains("boat");
        assertThat(Outcome.run("set", file, "--kind", "table", "leg.width=55").code()).isZero();
        assertThat(Outcome.run("plan", file).out()).contains("54.2");
    }

    @Test
    void plan_why_tellsTheReckoning() throws Exception {
        String file = design("overall.length=60 in");
        Outcome why = Outcome.run("plan", file, "--why", "B1");
        assertThat(why.out()).contains("overall length = 1524 mm")
                .contains("− 2 × overhang of the top at each end = 60 mm").contains("length of the front apron");
        assertThat(Outcome.run("plan", file, "--why", "keel").err()).contains("There is no piece \"keel\"");
    }

    @Test
    void plan_json_isThePlan() throws Exception {
        assertThat(Outcome.run("plan", design(), "--json").out()).startsWith("{").contains("\"longshoulder-plan\"");
    }

    @Test
    void check_collision_exitsWithOne() throws Exception {
        Outcome check = Outcome.run("check", design("tenon.meeting=full", "tenon.length=44"));
        assertThat(check.code()).isEqualTo(1);
        assertThat(check.out()).contains("STOP [tenons-collide]").contains("remedy: Mitre".replace("Mitre", "mitre"));
        assertThat(Outcome.run("check", design()).code()).isZero();
    }

    @Test
    void cutlist_forAPersonAndAsCsv() throws Exception {
        String file = design("leg.width=70");
        assertThat(Outcome.run("cutlist", file).out()).contains("2 × leg (A1 A4)").contains("mirror image of 2");
        assertThat(Outcome.run("cutlist", file, "--csv").out()).contains("rough length mm");
    }

    @Test
    void export_obj_writesAFileAPieceAndOneOfAll() throws Exception {
        Path target = directory.resolve("solids");
        Outcome export = Outcome.run("export", design(), "--obj", target.toString());
        assertThat(export.code()).isZero();
        assertThat(target.resolve("apron-front.obj")).exists();
        assertThat(target.resolve("all.obj")).exists();
    }

    @Test
    void export_looseTenons_areFilesOfTheirOwn() throws Exception {
        String file = design();
        Outcome.run("set", file, "apron-front/leg-front-left:joint=loose-tenon");
        Path target = directory.resolve("loose");
        assertThat(Outcome.run("export", file, "--obj", target.toString()).code()).isZero();
        assertThat(target.resolve("apron-front--leg-front-left--loose-tenon.obj")).exists().content()
                .contains("o apron-front--leg-front-left--loose-tenon");
        assertThat(target.resolve("all.obj")).content().contains("loose-tenon");
    }

    @Test
    void kinds_bothWays() {
        assertThat(Outcome.run("kinds").out()).contains("overall.length");
        assertThat(Outcome.run("kinds", "--json").out()).contains("\"least\" : 200");
    }

    @Test
    void joints_listsEveryTypeWithParametersAndRules() {
        assertThat(Outcome.run("joints").out()).contains("haunched-tenon:").contains("haunch.form")
                .contains("square, sloping");
        assertThat(Outcome.run("joints", "--json").out()).contains("\"id\" : \"sliding-dovetail\"")
                .contains("\"one-in-eight\"");
    }

    @Test
    void joints_ofADesign_areComparedWithReasons() throws Exception {
        String file = design();
        assertThat(Outcome.run("joints", file, "--at", "apron-front/leg-front-left").out()).contains("* stopped tenon")
                .contains("+ without a haunch the mortise would begin 12 mm from the end of the post");
        Outcome unknown = Outcome.run("joints", file, "--at", "mast");
        assertThat(unknown.code()).isEqualTo(2);
        assertThat(unknown.err()).contains("There is no joint \"mast\"").hasLineCount(1);
    }

    @Test
    void set_choosesAJointAndItsParameters_andTheFileKeepsThem() throws Exception {
        String file = design();
        Outcome set = Outcome.run("set", file, "apron-front/leg-front-left:joint=haunched-tenon",
                "apron-front/leg-front-left:haunch.width=30", "overall.length=1600", "--wood", "top=elm");
        assertThat(set.err()).isEmpty();
        assertThat(set.code()).isZero();
        Outcome plan = Outcome.run("plan", file, "--json");
        assertThat(plan.out()).contains("\"haunched-tenon\"").contains("\"haunch.width\" : 30");
        assertThat(Outcome.run("plan", file).out()).contains("haunched tenon").contains("width of the haunch 30 mm");
        Outcome.run("set", file, "apron-front/leg-front-left:joint=");
        assertThat(Outcome.run("plan", file, "--json").out()).doesNotContain("haunched-tenon");
    }

    @Test
    void set_whatWasMilled_followsAndIsForgotten() throws Exception {
        String file = design();
        assertThat(Outcome.run("set", file, "--milled", "leg-front-left:width=59.2").code()).isZero();
        assertThat(Outcome.run("plan", file, "--json").out()).contains("\"shoulderLength\" : 1260.8");
        assertThat(Outcome.run("plan", file, "--why", "apron-front").out()).contains("the rail follows the post");
        Outcome.run("set", file, "--milled", "leg-front-left:width=");
        assertThat(Outcome.run("plan", file, "--json").out()).doesNotContain("1260.8");
        Outcome.run("set", file, "--milled", "apron-front:shoulder=1258 mm");
        assertThat(Outcome.run("check", file).code()).isEqualTo(1);
    }

    @Test
    void set_houseRulesAndRulesOfAType() throws Exception {
        String file = design();
        assertThat(Outcome.run("set", file, "post.horns=none", "limit.wall=20", "school.thickness=half",
                "stopped-tenon:mortise.ends=round").err()).isEmpty();
        assertThat(Outcome.run("check", file).out()).contains("[mortise-near-end]").contains("[wall-thin]");
        assertThat(Outcome.run("plan", file).out()).contains("thickness of the tenon 11 mm");
        assertThat(Outcome.run("plan", file, "--why", "apron-front").out()).contains("half of the rail, in a post");
        Outcome.run("set", file, "limit.wall=", "limit.wall-share=50 %");
        assertThat(Outcome.run("check", file).out()).contains("[wall-thin]");
        assertThat(Files.readString(Path.of(file))).contains("\"limit.wall-share\" : \"1/2\"");
        Outcome.run("set", file, "post.horns=", "limit.wall-share=", "school.thickness=");
        assertThat(Outcome.run("check", file).out()).doesNotContain("mortise-near-end").doesNotContain("wall-thin");
    }

    @Test
    void set_orientationMark_quietsTheNote() throws Exception {
        String file = design("leg.depth=70 mm", "apron.setback=12");
        assertThat(Outcome.run("check", file).out()).contains("[handed]").contains("mirror images; of 4 such pieces");
        Outcome.run("set", file, "leg-front-left:orientation=marked", "leg-front-right:orientation=marked",
                "leg-back-left:orientation=marked", "leg-back-right:orientation=marked");
        assertThat(Outcome.run("check", file).out()).doesNotContain("[handed]");
        assertThat(Outcome.run("plan", file, "--json").out()).contains("\"orientationMark\" : true");
    }

    /** Every type of joint, made from the command line, gives a plan, an explanation and closed solids. */
    @Test
    void set_everyTypeOfJoint_planAndExport() throws Exception {
        for (String type : List.of("blind-wedged-tenon", "tusked-tenon", "tapered-dovetail", "cope-and-stick",
                "long-and-short", "glazing-bar", "bridle", "half-lap")) {
            String file = design("apron.setback=0", "tenon.meeting=shortened");
            assertThat(Outcome.run("set", file, "apron-front/leg-front-left:joint=" + type).err()).isEmpty();
            assertThat(Outcome.run("plan", file, "--json").out()).contains("\"type\" : \"" + type + "\"");
            assertThat(Outcome.run("plan", file, "--why", "apron-front").out()).doesNotContain("{").contains(" = ");
            Outcome export = Outcome.run("export", file, "--obj", directory.resolve(type).toString());
            // A joint that cuts through the leg stops its neighbour's tenon, but can be exported and looked at.
            assertThat(export.code()).isLessThan(2);
            assertThat(directory.resolve(type).resolve("apron-front.obj")).isNotEmptyFile();
        }
    }

    @Test
    void set_alter_addsAStretcherThatTheFileKeeps() throws Exception {
        String file = design();
        Outcome set = Outcome.run("set", file, "--alter",
                "between,piece=rail-low,role=stretcher,from=leg-front-left,to=leg-front-right,width=40,thickness=20,height=90");
        assertThat(set.err()).isEmpty();
        assertThat(Outcome.run("plan", file, "--why", "rail-low").out()).contains("1260");
        assertThat(Outcome.run("set", file, "--alter", "remove,piece=keel").err())
                .isEqualTo("remove,piece=keel: There is no piece called \"keel\" to take away.\n");
        assertThat(Outcome.run("set", file, "--alter", "remove,piece").code()).isEqualTo(2);
    }

    /** Every kind from its defaults to a plan, findings, cut list and solids. */
    @Test
    void everyKind_newPlanCheckCutlistExport() throws Exception {
        for (Kind kind : Kinds.all()) {
            Path file = directory.resolve(kind.id() + ".longshoulder.json");
            Files.writeString(file, Outcome.run("new", kind.id()).out());
            assertThat(Outcome.run("check", file.toString()).code()).as(kind.id()).isZero();
            assertThat(Outcome.run("plan", file.toString(), "--json").out())
                    .contains("\"kind\" : \"" + kind.id() + "\"");
            assertThat(Outcome.run("plan", file.toString()).err()).isEmpty();
            assertThat(Outcome.run("cutlist", file.toString(), "--csv").code()).isZero();
            assertThat(Outcome.run("export", file.toString(), "--obj", directory.resolve(kind.id()).toString()).code())
                    .isZero();
        }
    }

    @Test
    void set_alter_bevelsAndCurves_andTheFileKeepsThem() throws Exception {
        String file = design("apron.width=95");
        assertThat(
                Outcome.run("set", file, "--alter", "bevel,piece=leg-front-left,face=right,keeps=front,angle=7").err())
                .isEmpty();
        assertThat(Outcome.run("plan", file, "--json").out()).containsPattern("\"edgeAngle\" : -?7\\.0");
        assertThat(Outcome.run("set", file, "--alter",
                "curve,piece=leg-front-right,face=left,form=round,radius=400,run=95,from=0").err()).isEmpty();
        assertThat(Outcome.run("plan", file, "--why", "B1").out()).contains("the scribed shoulder stands out by");
        assertThat(Outcome.run("set", file, "--alter", "bevel,piece=leg-front-left,face=up,keeps=front,angle=7").err())
                .contains("is no face");
        assertThat(Outcome.run("set", file, "--alter", "curve,piece=leg-back-left,face=left,radius=30,run=95").err())
                .contains("cannot be curved so");
    }

    @Test
    void curve_radiusRiseOrOffsets_andATemplate() throws Exception {
        Path svg = directory.resolve("edge.svg");
        Outcome drawn = Outcome.run("curve", "--chord", "95", "--radius", "900", "--stations", "4", "--svg",
                svg.toString());
        assertThat(drawn.out()).contains("sagitta 1.254 mm").contains("at    47.500 mm:    1.254 mm");
        // The arc over its chord at full size, and a line of 100 to check the print by.
        assertThat(svg).content().contains("width=\"120.000mm\"", "A900.0000 900.0000 0 0 0 10.0000", "L110.0000");
        assertThat(Outcome.run("curve", "--chord", "95", "--rise", "1.2542").out()).contains("radius 900.");
        assertThat(Outcome.run("curve", "--chord", "80", "--offsets", "15.83,20,15.83").out())
                .containsPattern("radius (49\\.9|50\\.0)").contains("leaves this arc by 0.0");
        assertThat(Outcome.run("curve", "--chord", "95", "--radius", "40").err()).contains("at least half of it");
        assertThat(Outcome.run("curve", "--chord", "700", "--rise", "400").err()).contains("at most half the chord")
                .hasLineCount(1);
        assertThat(Outcome.run("curve", "--chord", "20 in", "--rise", "2 in").out())
                .contains("radius 26.0000 in, chord 20.0000 in, sagitta 2.0000 in");
        assertThat(Outcome.run("curve", "--chord", "95").code()).isEqualTo(2);
    }

    /** In which order it is glued, and what to measure across: 3-4-5 by hand. */
    @Test
    void plan_glueUps_haveDiagonalsToCheck() throws Exception {
        Path file = directory.resolve("mirror.longshoulder.json");
        Files.writeString(file,
                Outcome.run("new", "frame", "--set", "size.width=600", "--set", "size.height=800").out());
        assertThat(Outcome.run("plan", file.toString()).out()).containsPattern("(?m)^1\\. .*; diagonal 1000 mm$");
    }

    /** The end shoulders of the short aprons lean by the splay; the back of the table has none that do. */
    @Test
    void plan_ofALeaningTable_saysHowEndsAreSawn() throws Exception {
        Path file = directory.resolve("leaning.longshoulder.json");
        Files.writeString(file, Outcome.run("new", "table", "--set", "splay.side=7°").out());
        String text = Outcome.run("plan", file.toString()).out();
        assertThat(text).contains("left apron\n  7.00° across the face", "saw: mitre 7.00°");
        assertThat(text).doesNotContain("back apron\n");
    }

    @Test
    void set_splay_givesAngledShoulders() throws Exception {
        String file = design("splay.side=7");
        assertThat(Outcome.run("plan", file, "--json").out()).containsPattern("\"longPoint\" : 622\\.42[78]");
        assertThat(Outcome.run("set", file, "splay.side=70").err()).contains("must lie between 0° and 25°");
        assertThat(Outcome.run("set", file, "splay.side=much").err()).contains("is not an angle");
    }

    /** The worked splay of 7°: 599.1 and 622.4 along the edges of the short apron. */
    @Test
    void prove_angledPiece_bothWays() throws Exception {
        String file = design("splay.side=7");
        Outcome agree = Outcome.run("prove", file, "apron-left", "--short", "599.1", "--long", "622.4", "--angle", "7");
        assertThat(agree.code()).isZero();
        assertThat(agree.out()).contains("The two edges give 6.99°, the plan asks for 7.00°", "They are as planned.");
        Outcome odd = Outcome.run("prove", file, "C1", "--short", "599.1", "--long", "619.4", "--angle", "7");
        assertThat(odd.code()).isEqualTo(1);
        assertThat(odd.out()).contains("longer edge is the odd one out",
                "The longer edge is 3 mm shorter than planned.");
        Outcome square = Outcome.run("prove", file, "C1", "--short", "600", "--long", "600", "--angle", "0");
        assertThat(square.code()).isEqualTo(1);
        assertThat(square.out()).contains("agree with each other", "The longer edge is 22.4 mm shorter than planned.",
                "The bevel is 7.00° flatter than planned.").doesNotContain("They are as planned");
        assertThat(Outcome.run("prove", file, "apron-front", "--short", "1", "--long", "2", "--angle", "7").err())
                .contains("has square ends");
        assertThat(Outcome.run("prove", file, "keel", "--short", "1", "--long", "2", "--angle", "7").err())
                .contains("There is no piece");
        assertThat(Outcome.run("prove", file, "C1", "--short", "one", "--long", "2", "--angle", "7").code())
                .isEqualTo(2);
    }

    @Test
    void fenceRun_isTheMakers() throws Exception {
        String file = design("splay.side=7");
        assertThat(Outcome.run("plan", file, "--why", "C1").out()).contains("fence off by 55.3 mm on a run of 450 mm");
        Outcome.run("set", file, "fence.run=600 mm");
        assertThat(Outcome.run("plan", file, "--why", "C1").out()).contains("fence off by 73.7 mm on a run of 600 mm");
    }

    @Test
    void new_inches_hasRoundInches() {
        assertThat(Outcome.run("new", "table", "--inches").out()).contains("\"overall.length\" : \"1524 mm\"")
                .contains("1/64 in");
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {"new boat | no kind of furniture called",
            "new table --set overall.length=long | is not a unit",
            "new table --set overall.length=5mm | must lie between",
            "new table --set overall.beam=5mm | has no parameter called",
            "new table --set overall.length | lacks a name",
            "new table --set tenon.meeting=glued | it is one of", "new table --wood top=tin | no wood called",
            "plan none.json | is not there",
            "set none.json overall.length=3 | is not there",
            "new table --set limit.wall=3m | must lie between",
            "new table --set limit.wide=wide | is not a proportion",
            "new table --set limit.wall-share=3/4 | must lie between 0 and 1/2",
            "new table --set glue:tenon.length=3 | nothing called",
            "new table --set mast/leg:joint=housing | nothing called",
            "frobnicate | Unmatched argument", "plan | Missing required parameter",
            "export x.json | Missing required option", "'' | Say what to do"})
    void badInput_exitsWithTwoAndOneSentence(String line, String reason) {
        Outcome outcome = line.isEmpty() ? Outcome.run() : Outcome.run(line.split(" ", -1));
        assertThat(outcome.code()).isEqualTo(2);
        assertThat(outcome.out()).isEmpty();
        assertThat(outcome.err()).contains(reason).doesNotContain("\tat ").hasLineCount(1);
    }

    /** A full disk is not success; it is simulated by a stream that takes nothing. */
    @Test
    void output_thatCannotBeWritten_exitsWithTwo() throws Exception {
        String file = design();
        OutputStream full = new OutputStream() {
            @Override
            public void write(int one) throws IOException {
                throw new IOException("No space left on device");
            }
        };
        ByteArrayOutputStream err = new ByteArrayOutputStream();
        int code = Main.run(new PrintStream(full), new PrintStream(err, true, StandardCharsets.UTF_8), "plan", file);
        assertThat(code).isEqualTo(2);
        assertThat(err.toString(StandardCharsets.UTF_8)).startsWith("The output cannot be written").hasLineCount(1);
    }

    /** Where people write other digits, files and lists have those that programs read. */
    @Test
    void digits_areThoseThatProgramsRead_whateverTheSystemSpeaks() throws Exception {
        Locale before = Locale.getDefault();
        try {
            Locale.setDefault(Locale.forLanguageTag("ar-EG-u-nu-arab"));
            String file = design("overall.length=1500 mm");
            for (String[] line : new String[][]{{"plan", file}, {"plan", file, "--json"}, {"cutlist", file},
                    {"cutlist", file, "--csv"}, {"plan", file, "--why", "B1"},
                    {"curve", "--radius", "900", "--over", "600"}}) {
                assertThat(Outcome.run(line).out()).as(String.join(" ", line))
                        .doesNotContainPattern("[\\u0660-\\u0669]");
            }
        } finally {
            Locale.setDefault(before);
        }
    }

    @Test
    void alter_misspeltField_isRefusedWithTheNearestName() throws Exception {
        Outcome refused = Outcome.run("set", design(), "--alter",
                "between,piece=rail-low,from=leg-front-left,to=leg-front-right,width=60,thickness=22,heigth=100");
        assertThat(refused.code()).isEqualTo(2);
        assertThat(refused.err()).contains("\"between\" has no \"heigth\"; maybe \"height\" is meant.");
    }

    @Test
    void joints_ofADesign_asJson() throws Exception {
        String json = Outcome.run("joints", design(), "--json").out();
        assertThat(json).startsWith("[").contains("\"joint\" : \"apron-front/leg-front-left\"", "\"against\" : [");
    }

    /** What was typed may hold line ends and signals for terminals. */
    @Test
    void refusal_isOneLine_withoutControlCharacters() throws Exception {
        Outcome refused = Outcome.run("set", design(), "overall.length=12\n\u001b[31m3 feet..");
        assertThat(refused.code()).isEqualTo(2);
        assertThat(refused.err()).hasLineCount(1).doesNotContain("\u001b").doesNotContain("..");
    }

    @Test
    void export_pieceCalledAll_doesNotTakeThePlaceOfTheFileOfAll() throws Exception {
        String file = design();
        assertThat(Outcome.run("set", file, "--alter",
                "between,piece=all,from=leg-front-left,to=leg-front-right,width=60,thickness=22,height=100").err())
                .isEmpty();
        Path into = directory.resolve("solids");
        assertThat(Outcome.run("export", file, "--obj", into.toString()).err()).isEmpty();
        assertThat(Files.readString(into.resolve("all--piece.obj"))).contains("o all\n").doesNotContain("o top");
        assertThat(Files.readString(into.resolve("all.obj"))).contains("o all\n", "o top\n");
    }
}
