package longshoulder.command;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.ServerSocket;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** What is decided and noted of wood on the command line: pins, ticks, boards that are sawn, copies, movement, labels. */
class WoodCommandsTest {

    @TempDir
    Path directory;

    private String design(String kind) throws IOException {
        return Files.writeString(directory.resolve(kind + ".longshoulder.json"), Outcome.run("new", kind).out())
                .toString();
    }

    private static void set(String file, String... settings) {
        for (int i = 0; i < settings.length; i += 2) {
            assertThat(Outcome.run("set", file, settings[i], settings[i + 1]).code()).isZero();
        }
    }

    private static Outcome boards(String file) {
        return Outcome.run("boards", file, "--seconds", "0.5");
    }

    /** A pinned rail begins where it is pinned: the cut there is 25 − 3.2 from the end; an end that is lost takes no piece. */
    @Test
    void pin_isKept_orRefusedWithTheReason() throws IOException {
        String file = design("frame");
        Outcome lost = Outcome.run("set", file, "--pin", "rail-top=beech 34x150 2400#1@5,6");
        assertThat(lost.code()).isEqualTo(2);
        assertThat(lost.err()).contains("it reaches beyond what is usable of the board").hasLineCount(1);
        assertThat(Outcome.run("set", file, "--pin", "rail-top=somewhere").err()).contains("write a pin as")
                .hasLineCount(1);
        set(file, "--pin", "rail-top=beech 34x150 2400#1@1000,40");
        String plan = Outcome.run("boards", file, "--seconds", "0.5", "--json").out().replaceAll("\\s", "");
        assertThat(plan).contains("\"id\":\"rail-top\"").containsPattern("\"id\":\"rail-top\"[^}]*\"x\":1000[,.]")
                .containsPattern("\"id\":\"rail-top\"[^}]*\"y\":40[,.]");
        set(file, "--pin", "rail-top=");
        assertThat(Outcome.run("set", file, "--pin", "rail-top=").err()).contains("\"rail-top\" is not pinned");
    }

    /** What is sawn stays, is planned no more, and what is left of it is stock. */
    @Test
    void sawnBoard_isKept_withItsOffcuts() throws IOException {
        String file = design("frame");
        assertThat(Outcome.run("boards", file, "--seconds", "0.5", "--saw", "9").err()).contains("from 1 to 2");
        assertThat(Outcome.run("boards", file, "--seconds", "0.5", "--saw", "2").code()).isZero();
        assertThat(Outcome.run("stock", "export", file).out()).contains("offcut ");
        String more = boards(file).out();
        assertThat(more).doesNotContain("34 mm thick");
    }

    @Test
    void notes_areCountedInTheCutList() throws IOException {
        String file = design("frame");
        set(file, "--note", "stile-left:milled=done", "--note", "stile-left:note=knot at the foot");
        assertThat(Outcome.run("cutlist", file, "--csv").out()).contains("knot at the foot").contains(",0,1,0,0,0,0,");
        assertThat(Outcome.run("set", file, "--note", "stile-lef:milled=done").err())
                .contains("maybe \"stile-left\" is meant").hasLineCount(1);
        assertThat(Outcome.run("set", file, "--note", "stile-left:painted=done").err())
                .contains("what is noted is one of")
                .hasLineCount(1);
    }

    /** Three frames, the third wider: twelve pieces in all, two kinds of rails, and a label for each. */
    @Test
    void copies_areListedTogether() throws IOException {
        String file = design("frame");
        set(file, "copies=3", "copy-3:size.width=600 mm");
        assertThat(Outcome.run("cutlist", file).out()).contains("Copies 1, 2:", "Copies 3:").contains("4 × stile")
                .contains("finished 464 mm").contains("finished 564 mm");
        assertThat(Outcome.run("set", file, "copy-2:copies=2").code()).isEqualTo(2);
        assertThat(boards(file).out()).contains("A1-3");
    }

    /** Two panels of beech 345 wide: 345 × 0.00431 × 3 = 4.46. */
    @Test
    void movement_isListed() throws IOException {
        assertThat(Outcome.run("movement", design("door")).out()).contains("grows by").contains("its grooves leave");
        assertThat(Outcome.run("movement", design("table"), "--json").out()).contains("\"piece\" : \"top\"")
                .contains("\"rings\" : \"flat\"").doesNotContain("room");
    }

    @Test
    void labels_arePrintedOnTheStandIn() throws Exception {
        String file = design("frame");
        int port = freePort();
        assertThat(Outcome.run("labels", file, "--printer", String.valueOf(port)).err()).contains("is it on?");
        CompletableFuture<Outcome> printer = CompletableFuture.supplyAsync(() -> Outcome.run("label-printer", "--port",
                String.valueOf(port), "--folder", directory.resolve("out").toString(), "--stop-after", "4"));
        Outcome printed = Outcome.run("labels", file, "--printer", String.valueOf(port));
        for (int tries = 0; tries < 100 && printed.code() != 0; tries++) {
            TimeUnit.MILLISECONDS.sleep(50);
            printed = Outcome.run("labels", file, "--printer", String.valueOf(port));
        }
        assertThat(printed.out()).contains("4 labels are printed.");
        assertThat(printer.get(10, TimeUnit.SECONDS).out()).contains("A1 | left stile");
        assertThat(directory.resolve("out").resolve("label-004.pdf")).isNotEmptyFile();
        assertThat(Outcome.run("labels", file).err()).contains("--pdf OUT or --printer");
    }

    private static int freePort() throws IOException {
        try (ServerSocket socket = new ServerSocket(0)) {
            return socket.getLocalPort();
        }
    }

    /** Types of joints are named as they are typed. */
    @Test
    void unknownJoint_listsTheTypesAsTheyAreTyped() throws IOException {
        assertThat(Outcome.run("set", design("table"), "apron-front/leg-front-left:joint=nail").err())
                .contains("cannot be \"nail\"; it is one of: stopped-tenon, haunched-tenon")
                .doesNotContain("bar stopped").hasLineCount(1);
    }
}
