package longshoulder.desktop;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.animation.AnimationTimer;
import javafx.scene.Scene;
import javafx.scene.control.Button;
import javafx.scene.control.Slider;
import javafx.scene.image.PixelFormat;
import javafx.scene.image.WritableImage;
import javax.imageio.ImageIO;
import longshoulder.core.brief.Address;
import longshoulder.core.brief.Brief;
import longshoulder.core.brief.JointKind;
import longshoulder.core.brief.Value;
import longshoulder.core.measure.Angle;
import longshoulder.core.measure.Length;
import longshoulder.core.project.Edit;
import longshoulder.core.project.Milled;
import longshoulder.desktop.paint.Palette;
import longshoulder.desktop.document.Workbench;
import longshoulder.desktop.shell.MainView;
import longshoulder.desktop.shell.Stages;

/** Draws every main view of the real window into PNG files: for a machine without a display, and for the documents. */
final class Pictures {

    /** The name of a step that only makes ready for the next. */
    private static final String NONE = "";

    private static final int PULSES = 12;

    private final Scene scene;
    private final Workbench bench;
    private final List<Path> written = new ArrayList<>();

    Pictures(Scene scene, Workbench bench) {
        this.scene = scene;
        this.bench = bench;
    }

    /** A state of the window worth a picture. */
    private record Step(String name, Runnable action) {}

    /** Writes the pictures, a few pulses apart so that each state is laid out, then gives their paths to {@code done}. */
    void write(Path directory, Consumer<List<Path>> done) {
        Deque<Step> steps = new ArrayDeque<>(List.of(new Step("apron", () -> bench.selection().light("apron-front")),
                new Step("leg", () -> bench.selection().light("leg-front-left")), new Step("finding", this::provoke),
                new Step("inches", this::inches), new Step("leaning", this::lean),
                new Step("lengths", this::lengths), new Step("joint", this::joint), new Step("trial", this::trial),
                new Step(NONE, this::wood), new Step("wood", this::saw), new Step("brief", this::brief),
                new Step("cabinet", this::cabinet), new Step("stand", () -> show("stand", "rail-long")),
                new Step("door", this::door), new Step("exploded", this::exploded), new Step("dark", this::dark),
                new Step("print", this::print), new Step("examples", () -> ((MainView) scene.getRoot()).openExamples()),
                new Step("help", this::help), new Step("bench", this::bench),
                new Step("first", this::first)));
        new AnimationTimer() {
            private int pulses;

            @Override
            public void handle(long now) {
                pulses++;
                if (pulses % PULSES == 1 && !steps.isEmpty()) {
                    steps.getFirst().action().run();
                } else if (pulses % PULSES == 0) {
                    String name = steps.removeFirst().name();
                    if (!name.equals(NONE)) {
                        picture(directory, name);
                    }
                    if (steps.isEmpty()) {
                        stop();
                        done.accept(written);
                    }
                }
            }
        }.start();
    }

    /** Tenons too long for the leg. */
    private void provoke() {
        bench.selection().light("apron-front");
        bench.edit(new Edit.Give(Brief.TENON_MEETING, new Value.Chosen("full")));
        bench.edit(new Edit.Give(Brief.TENON_LENGTH, new Value.Measured(Length.ofMillimetres(45))));
    }

    private void inches() {
        bench.undo();
        bench.undo();
        bench.edit(new Edit.ShowIn(bench.project().showing().other()));
    }

    /** Leaning legs, a haunched tenon and the angles of an apron. */
    private void lean() {
        bench.undo();
        bench.edit(new Edit.Give("overhang.ends", new Value.Measured(Length.ofMillimetres(130))));
        bench.edit(new Edit.Give("overhang.sides", new Value.Measured(Length.ofMillimetres(110))));
        bench.edit(new Edit.Give("splay.front", new Value.Turned(new Angle(7))));
        bench.edit(new Edit.Give("splay.side", new Value.Turned(new Angle(7))));
        bench.edit(new Edit.Give(Address.of("apron-front/leg-front-left", JointKind.CHOICE),
                new Value.Chosen(JointKind.HAUNCHED_TENON.id())));
        bench.selection().light("apron-front");
    }

    /** Leaning pieces at the stage of the lengths, one of them cut too short. */
    private void lengths() {
        bench.selection().light("apron-left");
        bench.edit(new Edit.RecordMilled("apron-back", Milled.SHOULDER,
                bench.plan().piece("apron-back").shoulderLength().orElseThrow().value()
                        .minus(Length.ofMillimetres(3))));
        bench.closeAll();
        ((MainView) scene.getRoot()).show(Stages.LENGTHS);
    }

    /** A joint in section and pulled apart. */
    private void joint() {
        bench.undoProgress();
        while (bench.canUndo()) {
            bench.undo();
        }
        bench.edit(new Edit.Give(Address.of("apron-front/leg-front-left", JointKind.CHOICE),
                new Value.Chosen(JointKind.HAUNCHED_TENON.id())));
        ((MainView) scene.getRoot()).show(Stages.JOINTS);
        bench.plan().joints().stream().filter(joint -> joint.id().equals("apron-front/leg-front-left")).findFirst()
                .ifPresent(bench::workOn);
    }

    /** Another joint tried out, old against new. */
    private void trial() {
        bench.trials().tryOut(new Edit.Give(Address.of("apron-front/leg-front-left", JointKind.CHOICE),
                new Value.Chosen(JointKind.TUSKED_TENON.id())));
    }

    /** Boards, which are planned in the background; then the first of them half sawn. */
    private void wood() {
        bench.trials().drop();
        ((MainView) scene.getRoot()).show(Stages.WOOD);
        bench.selection().light("apron-left");
    }

    private void saw() {
        for (int cut = 0; cut < 4; cut++) {
            ((Button) scene.lookup("#board-1-on")).fire();
        }
    }

    /** A cabinet at the stage of the brief, with doors and a drawer. */
    private void brief() {
        bench.trials().drop();
        while (bench.canUndo()) {
            bench.undo();
        }
        bench.edit(new Edit.BuildAs("cabinet"));
        bench.edit(new Edit.Retitle("Atlas cabinet, Nether Wick lending library"));
        bench.edit(new Edit.Give("front", new Value.Chosen("two-doors")));
        bench.edit(new Edit.Give("drawers", new Value.Chosen("one")));
        ((MainView) scene.getRoot()).show(Stages.BRIEF);
    }

    private void cabinet() {
        ((MainView) scene.getRoot()).show(Stages.FRAME);
        bench.selection().light("door-left.rail-top");
    }

    /** A glazed door, rebated and moulded, a bar of it at the stage of the joints. */
    private void door() {
        bench.edit(new Edit.BuildAs("door"));
        bench.edit(new Edit.Retitle("Map room door, Nether Wick lending library"));
        for (String[] way : new String[][]{{"construction", "rebated"}, {"filling", "glass"}, {"bars.across", "two"},
                {"bars.upright", "one"}, {"middle.rails", "one"}, {"filling.below", "panel"}}) {
            bench.edit(new Edit.Give(way[0], new Value.Chosen(way[1])));
        }
        ((MainView) scene.getRoot()).show(Stages.JOINTS);
        bench.plan().joints().stream().filter(joint -> joint.id().equals("rail-top/stile-left")).findFirst()
                .ifPresent(bench::workOn);
    }

    /** The reading table with stretchers, its pieces pulled apart. */
    private void exploded() {
        while (bench.canUndo()) {
            bench.undo();
        }
        bench.edit(new Edit.Give("stretchers", new Value.Chosen("h")));
        ((MainView) scene.getRoot()).show(Stages.FRAME);
        bench.selection().light("stretcher-middle");
        ((Slider) scene.lookup("#explode")).setValue(0.5);
    }

    private void dark() {
        ((Slider) scene.lookup("#explode")).setValue(0);
        ((MainView) scene.getRoot()).use(Palette.Theme.DARK);
    }

    /** The shop paper before it is printed. */
    private void print() {
        ((MainView) scene.getRoot()).use(Palette.Theme.LIGHT);
        while (bench.canUndo()) {
            bench.undo();
        }
        ((MainView) scene.getRoot()).printShopPaper();
    }

    private void help() {
        ((MainView) scene.getRoot()).show(Stages.JOINTS);
        ((MainView) scene.getRoot()).openHelp();
    }

    private void bench() {
        ((MainView) scene.getRoot()).show(Stages.FRAME);
        ((Button) scene.lookup("#bench-open")).fire();
    }

    /** What whoever starts for the first time sees. */
    private void first() {
        ((Button) scene.lookup("#bench-back")).fire();
        bench.begin(StartUp.usual(), Optional.empty());
        ((MainView) scene.getRoot()).show(Stages.BRIEF);
    }

    private void show(String kind, String piece) {
        bench.edit(new Edit.BuildAs(kind));
        bench.edit(new Edit.Retitle("Fern stand, Nether Wick lending library"));
        bench.selection().light(piece);
    }

    private void picture(Path directory, String name) {
        WritableImage image = scene.snapshot(null);
        int width = (int) image.getWidth();
        int height = (int) image.getHeight();
        int[] pixels = new int[width * height];
        image.getPixelReader().getPixels(0, 0, width, height, PixelFormat.getIntArgbInstance(), pixels, 0, width);
        BufferedImage copy = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        copy.setRGB(0, 0, width, height, pixels, 0, width);
        Path file = directory.resolve(name + ".png");
        try {
            Files.createDirectories(directory);
            ImageIO.write(copy, "png", file.toFile());
        } catch (IOException failed) {
            throw new UncheckedIOException("The pictures cannot be written.", failed);
        }
        written.add(file);
    }
}
