package longshoulder.command;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayOutputStream;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Jobs as makers enter them, from the command to the cut list; each figure is worked out by hand. */
class JobsTest {

    @TempDir
    private Path directory;

    private static String run(String... arguments) {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ByteArrayOutputStream err = new ByteArrayOutputStream();
        Main.run(new PrintStream(out, true, StandardCharsets.UTF_8), new PrintStream(err, true, StandardCharsets.UTF_8),
                arguments);
        assertThat(err.toString(StandardCharsets.UTF_8)).isEmpty();
        return out.toString(StandardCharsets.UTF_8);
    }

    private String design(String kind, String... settings) throws Exception {
        List<String> arguments = Stream.concat(Stream.of("new", kind),
                Stream.of(settings).flatMap(setting -> Stream.of("--set", setting))).toList();
        Path file = directory.resolve(kind + ".longshoulder.json");
        Files.writeString(file, run(arguments.toArray(String[]::new)));
        assertThat(run("check", file.toString())).contains("Nothing found against it");
        return file.toString();
    }

    /**
     * A writing table 1400 × 700 × 740. Legs 740 − 25 = 715. Aprons: 1400 − 2 · 60 − 2 · 60 = 1160 between the legs, tenons two thirds of 60 =
     * 40 each: 1240; 700 − 2 · 40 − 2 · 60 = 500 and 580. Rough: legs + 40, aprons + 25.
     */
    @Test
    void writingTable() throws Exception {
        String list = run("cutlist", design("table", "overall.length=1400", "overall.depth=700", "overall.height=740"));
        assertThat(list).contains("4 × leg (A1 A2 A3 A4), beech: finished 715 mm × 60 mm × 60 mm, rough 755 mm")
                .contains("2 × apron (B1 B2), beech: finished 1240 mm × 90 mm × 22 mm, rough 1265 mm × 95 mm × 26 mm")
                .contains("2 × apron (C1 C2), beech: finished 580 mm × 90 mm × 22 mm")
                .contains("1 × top (T), beech: finished 1400 mm × 700 mm × 25 mm");
    }

    /**
     * A mirror 600 × 800 with pegged corners. Rails 600 − 2 · 55 = 490, tenons two thirds of 55 = 36.7, on the step 37: 564. Glass: sight 490 × 690,
     * 2 · 9 of rebate, 3 of room: 505 × 705, bought to size.
     */
    @Test
    void mirrorFrame() throws Exception {
        String file = design("frame", "size.width=600", "size.height=800");
        assertThat(run("cutlist", file)).contains("2 × stile (A1 A2), beech: finished 800 mm × 55 mm × 24 mm")
                .contains("2 × rail (B1 B2), beech: finished 564 mm × 55 mm × 24 mm")
                .contains("1 × pane (P1), glass: finished 705 mm × 505 mm × 4 mm, rough 705 mm × 505 mm × 4 mm");
        assertThat(run("plan", file)).contains("rebate").doesNotContain("groove");
    }

    /**
     * A glazed door 500 × 900, rebated, one bar each way. Sight 500 − 120 = 380 by 900 − 60 − 80 = 760. Panes: (380 − 24) / 2 + 2 · 10 − 3 = 195 by (760 −
     * 24) / 2 + 17 = 385. The bottom rail is 72 wide, so that its tenon need not be divided: sight 768, panes 389 high.
     */
    @Test
    void glazedDoor() throws Exception {
        String list = run("cutlist", design("door", "size.width=500", "size.height=900", "bottom-rail.width=72",
                "construction=rebated", "filling=glass", "bars.across=one", "bars.upright=one"));
        assertThat(list).contains("4 × pane (P1 P2 P3 P4), glass: finished 389 mm × 195 mm × 4 mm")
                .contains("stile (A1), beech: finished 900 mm × 60 mm × 24 mm");
    }

    /** A coped door that takes a rail which is there: 360 with both tongues, so 360 − 20 + 120 = 460 wide; panel 460 − 120 + 20 − 7 = 353. */
    @Test
    void copedDoor_fromARail() throws Exception {
        String file = design("door", "construction=cope-and-stick");
        run("set", file, "--solve", "rail-top:length=360 mm");
        assertThat(run("cutlist", file)).contains("1 × rail (B1), beech: finished 360 mm × 60 mm × 24 mm")
                .contains("panel (P1), beech: finished 598 mm × 353 mm × 8 mm");
    }

    /** A cabinet 760 × 380 × 860: posts 860 − 22 = 838; front rails 760 − 2 · 15 − 2 · 45 = 640 and tenons of 30: 700; side rails 380 − 30 − 90 = 260 and 320. */
    @Test
    void cabinet() throws Exception {
        String list = run("cutlist", design("cabinet", "overall.width=760", "overall.depth=380", "overall.height=860"));
        assertThat(list).contains("838 mm × 45 mm × 45 mm").contains("finished 700 mm × 60 mm × 22 mm")
                .contains("finished 320 mm × 60 mm × 22 mm")
                .contains("1 × top (T), beech: finished 760 mm × 380 mm × 22 mm");
    }
}
