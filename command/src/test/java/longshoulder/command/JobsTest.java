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

    /**
     * A bench that comes apart, 1500 long, 440 high. Uprights 440 − 40 − 50 − 50 = 300 between foot and bearer, tenons two thirds of 50 = 33.3, on the
     * step 33: 366. Stretcher 1500 − 2 · 180 − 2 · 45 = 1050, its tusked tenons 45 + 7 + 25 = 77: 1204.
     */
    @Test
    void knockDownBench() throws Exception {
        String file = design("bench", "overall.length=1500", "seat.height=440");
        assertThat(run("cutlist", file)).contains("4 × upright (B1 B1b B2 B2b), beech: finished 366 mm × 60 mm × 45 mm")
                .contains("1 × stretcher (E1), beech: finished 1204 mm × 70 mm × 32 mm");
        assertThat(run("plan", file)).contains("stretcher into left cross rail: tusked tenon");
    }

    /**
     * A bench on single uprights, each with three wedged tenons through the slab: 450 − 40 − 50 = 360, 33 in the foot and 40 in the slab: 433,
     * cut 3 longer to be trimmed. Of 150 each tenon takes 150 / 7 = 21.4, with the chisel next to it 20: gaps (150 − 3 · 20) / 4 = 22.5. The slab is 320
     * deep, so the upright begins at (320 − 150) / 2 = 85: cheeks at 107.5, 150 and 192.5.
     */
    @Test
    void benchOnTripleWedgedUprights() throws Exception {
        String file = design("bench", "uprights=single", "upright.width=150", "slab.joint=wedged-through",
                "through-tenon:tenon.count=three");
        assertThat(run("cutlist", file))
                .contains("2 × upright (B1 B2), beech: finished 433 mm × 150 mm × 45 mm, cut to 436 mm, rough 461 mm");
        assertThat(run("plan", file)).contains("near cheek 107.5 mm").contains("near cheek of tenon 2 150 mm")
                .contains("near cheek of tenon 3 192.5 mm");
    }

    /** A stand whose legs are there, 400 long and leaning by 8°: 400 · cos 8° = 396.1 high, less 90 above the seat: 306.1. */
    @Test
    void stand_fromItsLegs() throws Exception {
        String file = design("stand");
        assertThat(run("set", file, "--solve", "leg-left:length=400 mm,seat.height")).contains("to 306.1 mm");
        assertThat(run("cutlist", file)).contains("leg (A1a A1b A2a A2b), beech: finished 400 mm × 40 mm × 34 mm");
    }

    /**
     * A table with a drawer. Between the legs 1500 − 2 · 60 − 2 · 60 = 1260; the upper rail with tails of 60 / 3 = 20: 1300, the lower with stubs of 60 / 4 =
     * 15: 1290. Runners from the rails, 8 + 50 behind the legs' fronts, to the back apron, 8 + 22 before their backs: 720 − 58 − 30 = 632.
     */
    @Test
    void drawerTable() throws Exception {
        assertThat(run("cutlist", design("table", "drawer=front"))).contains("1300 mm × 50 mm × 22 mm")
                .contains("1290 mm × 50 mm × 22 mm")
                .contains("2 × runner (R1 R2), beech: finished 632 mm × 22 mm × 22 mm");
    }

    /** A table with tapered legs, 30 at the floor; the tapers begin 10 below the aprons: 725 − 90 − 10 = 625. */
    @Test
    void tableOnTaperedLegs() throws Exception {
        assertThat(run("plan", design("table", "leg.taper=four", "leg.foot=30", "taper.below=10")))
                .contains("tapered on all four faces: above the floor from 625 mm, at the floor 30 mm");
    }

    /**
     * A stool that leans by 8° both ways: tan ρ = √2 · tan 8° = 0.19876, cos ρ = 0.98081; legs (450 − 25) / cos ρ = 433.3 along their axis. Over the
     * legs at their tops 380 by 270.
     */
    @Test
    void splayedStool() throws Exception {
        String file = design("stool", "splay.front=8°", "splay.side=8°");
        assertThat(run("cutlist", file)).contains("4 × leg (A1 A2 A3 A4), beech: finished 433.3 mm × 40 mm × 40 mm");
        assertThat(run("plan", file)).contains("saw: mitre 7.92°, blade tilt 0.55°");
    }

    /** A cabinet for a niche 700 × 400 × 900 with 6 of room: 688 wide, 394 deep and 894 high; posts 894 − 22 = 872. */
    @Test
    void cabinetForANiche() throws Exception {
        assertThat(run("cutlist", design("cabinet", "size.given=niche", "overall.width=700", "overall.depth=400",
                "overall.height=900", "niche.room=6"))).contains("1 × top (T), beech: finished 688 mm × 394 mm × 22 mm")
                .contains("872 mm × 45 mm × 45 mm");
    }
}
