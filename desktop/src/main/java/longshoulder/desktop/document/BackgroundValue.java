package longshoulder.desktop.document;

import java.util.Optional;
import java.util.concurrent.CancellationException;
import java.util.concurrent.Executor;
import java.util.function.Consumer;
import javafx.beans.property.ReadOnlyDoubleProperty;
import javafx.beans.property.ReadOnlyDoubleWrapper;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import org.jspecify.annotations.Nullable;

/**
 * Something that is worked out in the background for as long as somebody shows it, such as a preview of a paper. What is wanted is named by
 * a key; another key cancels the work under way. All methods are for the interface's thread, which never waits.
 *
 * @param <K> what it is worked out for; equal keys have the same value
 * @param <T> what is worked out
 */
public final class BackgroundValue<K, T> {

    /** Works it out; on a thread of its own, so it touches nothing of the window. */
    @FunctionalInterface
    public interface Maker<K, T> {

        T make(K key, Progress<T> progress);
    }

    /** What a maker tells meanwhile. Both methods end the work with a {@link CancellationException} once nobody wants it. */
    public interface Progress<T> {

        /** So much is done, from 0 to 1. */
        void at(double share);

        /** The best there is so far. */
        void soFar(T value);
    }

    private final Executor workers;
    private final Executor window;
    private final Maker<K, T> maker;
    private final Consumer<Throwable> failed;
    private final ReadOnlyObjectWrapper<Optional<T>> value = new ReadOnlyObjectWrapper<>(Optional.empty());
    private final ReadOnlyDoubleWrapper progress = new ReadOnlyDoubleWrapper();
    private volatile @Nullable Run current;

    /**
     * @param workers where it is worked out
     * @param window runs on the interface's thread
     * @param failed takes a mistake of the maker's
     */
    public BackgroundValue(Executor workers, Executor window, Maker<K, T> maker, Consumer<Throwable> failed) {
        this.workers = workers;
        this.window = window;
        this.maker = maker;
        this.failed = failed;
    }

    /** What is known: of the key that is wanted, whole or so far; empty while there is nothing yet. */
    public ReadOnlyObjectProperty<Optional<T>> valueProperty() {
        return value.getReadOnlyProperty();
    }

    /** How much is done, from 0 to 1; 1 when the value is whole. */
    public ReadOnlyDoubleProperty progressProperty() {
        return progress.getReadOnlyProperty();
    }

    /** Somebody shows the value of a key from now on. Nothing happens where it is known or under way. */
    public void want(K key) {
        Run now = current;
        if (now != null && now.key.equals(key)) {
            return;
        }
        Run next = new Run(key);
        current = next;
        progress.set(0);
        value.set(Optional.empty());
        workers.execute(next);
    }

    /** Whether something is wanted and not made yet. */
    public boolean isUnderWay() {
        Run now = current;
        return now != null && !now.isDone;
    }

    /** Nobody shows it any more: what is under way is called off. */
    public void drop() {
        current = null;
        value.set(Optional.empty());
        progress.set(0);
    }

    /** The working out of one key. */
    private final class Run implements Runnable, Progress<T> {

        private final K key;
        /** Set and read on the interface's thread. */
        private boolean isDone;

        Run(K key) {
            this.key = key;
        }

        @SuppressWarnings("ReferenceEquality") // runs are compared by identity
        private boolean isWanted() {
            return current == this;
        }

        private void tell(Runnable what) {
            window.execute(() -> {
                if (isWanted()) {
                    what.run();
                }
            });
        }

        private void goOn() {
            if (!isWanted()) {
                throw new CancellationException();
            }
        }

        @Override
        public void at(double share) {
            goOn();
            tell(() -> progress.set(share));
        }

        @Override
        public void soFar(T part) {
            goOn();
            tell(() -> value.set(Optional.of(part)));
        }

        @Override
        public void run() {
            try {
                goOn();
                T made = maker.make(key, this);
                tell(() -> {
                    isDone = true;
                    value.set(Optional.of(made));
                    progress.set(1);
                });
            } catch (CancellationException unwanted) {
                // Somebody wants something else by now.
            } catch (RuntimeException | Error failure) {
                tell(() -> {
                    isDone = true;
                    failed.accept(failure);
                });
            }
        }
    }
}
