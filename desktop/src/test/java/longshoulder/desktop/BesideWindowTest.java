package longshoulder.desktop;

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
class BesideWindowTest {

    @Test
    void run_slowWork_isSaidToBeWaitedForAndComesBack() throws Exception {
        List<String> told = new CopyOnWriteArrayList<>();
        CountDownLatch waited = new CountDownLatch(1);
        CompletableFuture<Boolean> onItsThread = new CompletableFuture<>();
        Platform.runLater(() -> new BesideWindow().run(() -> {
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

    private static void await(CountDownLatch latch) {
        try {
            assertThat(latch.await(20, TimeUnit.SECONDS)).isTrue();
        } catch (InterruptedException stopped) {
            throw new IllegalStateException(stopped);
        }
    }
}
