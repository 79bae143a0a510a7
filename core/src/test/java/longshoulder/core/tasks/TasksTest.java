package longshoulder.core.tasks;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class TasksTest {

    @ParameterizedTest
    @ValueSource(ints = {0, 1, 2, 31, 32, 33, 64, 1000})
    void each_isDoneOnce_andGivenBackInOrder(int count) {
        List<Integer> things = IntStream.range(0, count).boxed().toList();
        AtomicInteger done = new AtomicInteger();
        List<String> made = Tasks.each(things, thing -> {
            done.incrementAndGet();
            return "thing " + thing;
        });
        assertThat(made).containsExactlyElementsOf(things.stream().map(thing -> "thing " + thing).toList());
        assertThat(done).hasValue(count);
    }

    @Test
    void each_withinEach_isDoneToo() {
        List<Integer> tens = Tasks.each(List.of(1, 2, 3),
                ten -> Tasks.each(IntStream.range(0, 100).boxed().toList(), one -> ten * one).getLast());
        assertThat(tens).containsExactly(99, 198, 297);
    }

    @Test
    void both_areDone_withinEachAsWell() {
        String legs = Tasks.both(() -> 3, () -> "legs", (count, what) -> count + " " + what);
        assertThat(legs).isEqualTo("3 legs");
        assertThat(Tasks.each(List.of(1, 2, 3), ten -> Tasks.both(() -> 10 * ten, () -> 1, Integer::sum)))
                .containsExactly(11, 21, 31);
        assertThatThrownBy(() -> Tasks.both(() -> 1, () -> List.of(6).get(2), Integer::sum))
                .isInstanceOf(IndexOutOfBoundsException.class);
    }

    @Test
    void oneThatFails_failsAll_asItself() {
        assertThatThrownBy(() -> Tasks.each(List.of(3, 2, 1, 0), divisor -> 6 / divisor))
                .isInstanceOf(ArithmeticException.class);
    }
}
