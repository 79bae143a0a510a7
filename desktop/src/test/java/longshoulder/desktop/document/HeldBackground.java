package longshoulder.desktop.document;

import java.time.Duration;

/** Background work that is said to be waited for at once, and waits until it is told to go on. */
public final class HeldBackground extends HeldTasks {

    /** With nothing to do yet. */
    public HeldBackground() {
        super();
    }

    /** Where the work is held. */
    public Background background() {
        return new Background(pause -> this::hold, Runnable::run, Runnable::run, Duration.ZERO);
    }
}
