package longshoulder.benchmark;

import java.util.concurrent.TimeUnit;
import javafx.application.Platform;
import longshoulder.files.BadFile;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OperationsPerInvocation;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.TearDown;
import org.openjdk.jmh.annotations.Warmup;

/**
 * What an edit costs in the real window, offscreen: derived, drawn, every part of the window brought up to date, styled and laid out.
 * What a whole frame takes, painting included, {@link QuietMoments} tells.
 *
 * <p>The compiler is at work on an edit for about two minutes, which are not counted: one of the largest demo takes 50 ms in the first
 * three seconds and 20 after twelve; after a minute the compiler still takes a seventh of a processor.
 */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 40, time = 3)
@Measurement(iterations = 8, time = 3)
@Fork(value = 1, jvmArgsAppend = {"-Dglass.platform=Headless", "-Dprism.order=sw"})
public class WindowBenchmark {

    private static final int BATCH = 20;

    @SuppressWarnings("NullAway.Init") // opened before the benchmark
    private OpenWindow window;

    /** As {@link OpenWindow#of} takes it. */
    @Param({"table", "large cabinet"})
    private String design = "table";

    @Setup
    public void show() throws InterruptedException, BadFile {
        window = OpenWindow.of(design);
    }

    @TearDown
    public void end() {
        Platform.exit();
    }

    /** From the typed length to a laid-out window. */
    @Benchmark
    @OperationsPerInvocation(BATCH)
    public void editToLayout() throws InterruptedException {
        OpenWindow.repeat(BATCH, () -> {
            window.edit();
            window.layOut();
        });
    }

    /** One step of turning the pictorial view, without painting it. */
    @Benchmark
    @OperationsPerInvocation(BATCH)
    public void turnPictorial() throws InterruptedException {
        OpenWindow.repeat(BATCH, window::turn);
    }
}
