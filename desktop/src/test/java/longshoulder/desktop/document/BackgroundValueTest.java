package longshoulder.desktop.document;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** What is worked out in the background, step by step: both threads are queues here. */
class BackgroundValueTest {

    private final Deque<Runnable> beside = new ArrayDeque<>();
    private final Deque<Runnable> window = new ArrayDeque<>();
    private final List<String> begun = new ArrayList<>();
    private final List<Throwable> failures = new ArrayList<>();
    private Runnable halfway = () -> {};
    private final BackgroundValue<String, String> value = new BackgroundValue<>(beside::add, window::add, this::make,
            failures::add);

    private String make(String key, BackgroundValue.Progress<String> progress) {
        begun.add(key);
        if (key.isEmpty()) {
            throw new IllegalStateException("nothing to make");
        }
        progress.soFar(key + "?");
        progress.at(0.5);
        halfway.run();
        progress.at(0.9);
        return key + "!";
    }

    private static void run(Deque<Runnable> queue) {
        while (!queue.isEmpty()) {
            queue.remove().run();
        }
    }

    @Test
    void want_isMadeOnce_andShownWhole() {
        value.want("rod");
        value.want("rod");
        assertThat(value.valueProperty().get()).isEmpty();
        run(beside);
        run(window);
        value.want("rod");
        run(beside);
        assertThat(begun).containsExactly("rod");
        assertThat(value.valueProperty().get()).contains("rod!");
        assertThat(value.progressProperty().get()).isEqualTo(1);
    }

    @Test
    void meanwhile_progressAndWhatThereIsSoFar_areShown() {
        List<Object> told = new ArrayList<>();
        value.valueProperty().addListener((observed, was, is) -> told.add(is));
        value.progressProperty().addListener((observed, was, is) -> told.add(is));
        value.want("rod");
        run(beside);
        run(window);
        assertThat(told).containsExactly(Optional.of("rod?"), 0.5, 0.9, Optional.of("rod!"), 1.0);
    }

    /** What is under way is called off in its middle, and nothing of it is shown. */
    @Test
    void anotherKey_callsOffTheOneBefore() {
        value.want("old");
        halfway = () -> {
            halfway = () -> {};
            value.want("new");
        };
        run(beside);
        run(window);
        assertThat(begun).containsExactly("old", "new");
        assertThat(value.valueProperty().get()).contains("new!");
    }

    @Test
    void dropped_isNotEvenBegun_andNothingIsShown() {
        value.want("rod");
        value.drop();
        run(beside);
        run(window);
        assertThat(begun).isEmpty();
        assertThat(value.valueProperty().get()).isEmpty();
    }

    @Test
    void aMistake_isReported_andTheNextKeyIsMade() {
        value.want("");
        run(beside);
        run(window);
        assertThat(failures).singleElement().isInstanceOf(IllegalStateException.class);
        value.want("rod");
        run(beside);
        run(window);
        assertThat(value.valueProperty().get()).contains("rod!");
    }
}
