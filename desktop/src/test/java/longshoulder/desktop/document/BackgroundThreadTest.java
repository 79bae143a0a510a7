package longshoulder.desktop.document;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import javafx.application.Platform;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.testfx.framework.junit5.ApplicationExtension;

/** Long work: beside the interface's thread, and back on it. */
@ExtendWith(ApplicationExtension.class)
class BackgroundThreadTest {

    @Test
    void run_slowWork_isSaidToBeWaitedForAndComesBack() throws Exception {
        List<String> told = new CopyOnWriteArrayList<>();
        CountDownLatch waited = new CountDownLatch(1);
        CompletableFuture<Boolean> onItsThread = new CompletableFuture<>();
        Platform.runLater(() -> new BackgroundThread("test").run(() -> {
            await(waited);
            return Platform.isFxApplicationThread() ? "on it" : "beside it";
        }, () -> {
            told.add("waiting");
            waited.countDown();
        }, result -> {
            told.add(result);
            onItsThread.complete(Platform.isFxApplicationThread());
        }));
        assertThat(onItsThread.get(20, TimeUnit.SECONDS)).isTrue();
        assertThat(told).containsExactly("waiting", "beside it");
    }

    /** Whoever asks goes on at once, and what is quick is not said to be waited for. */
    @Test
    void run_quickWork_comesAfterItReturns_withoutAWordOfWaiting() throws Exception {
        CompletableFuture<List<String>> order = new CompletableFuture<>();
        Platform.runLater(() -> {
            List<String> told = new CopyOnWriteArrayList<>();
            BackgroundThread beside = new BackgroundThread("test");
            // The first starts the thread.
            beside.run(() -> 0, () -> {}, ready -> Platform.runLater(() -> {
                beside.run(() -> "done", () -> told.add("waiting"), done -> {
                    told.add(done);
                    order.complete(told);
                });
                told.add("returned");
            }));
        });
        assertThat(order.get(20, TimeUnit.SECONDS)).containsExactly("returned", "done");
    }

    private static void await(CountDownLatch latch) {
        try {
            assertThat(latch.await(20, TimeUnit.SECONDS)).isTrue();
        } catch (InterruptedException stopped) {
            throw new IllegalStateException(stopped);
        }
    }
}
