package longshoulder.core.boards;

import java.util.Optional;
import java.util.function.IntConsumer;

/** How a part of a board is cut into pieces: one piece, or two smaller patterns with a kerf between them. Sizes are in picometres. */
sealed interface Pattern {

    /** Along the grain. */
    long length();

    long width();

    /** What its pieces take up, in square millimetres, those that are pinned left out. */
    double area();

    /** Tells of the type of every piece in it. */
    void forEach(IntConsumer type);

    /** A piece. */
    record Single(int type, long length, long width) implements Pattern {
        @Override
        public double area() {
            return length * 1e-9 * (width * 1e-9);
        }

        @Override
        public void forEach(IntConsumer consumer) {
            consumer.accept(type);
        }
    }

    /**
     * What is pinned at a place of a board.
     *
     * @param place in the list of the board's pinned places
     */
    record Pinned(int place, long length, long width) implements Pattern {
        @Override
        public double area() {
            return 0;
        }

        @Override
        public void forEach(IntConsumer consumer) {
            // It is no longer looked for.
        }
    }

    /**
     * Two patterns that a cut parts.
     *
     * @param across whether they lie one beyond the other along the grain, parted by a crosscut; else side by side, parted by a rip
     */
    record Parted(boolean across, Pattern one, Pattern other, long length, long width, double area) implements Pattern {
        @Override
        public void forEach(IntConsumer consumer) {
            one.forEach(consumer);
            other.forEach(consumer);
        }
    }

    /**
     * A part of just this size, of which not all need be used.
     *
     * @param inner what it is cut into; empty where nothing of it is used
     * @param clear whether what is left of it is good wood
     */
    record Room(Optional<Pattern> inner, boolean clear, long length, long width) implements Pattern {
        @Override
        public double area() {
            return inner.map(Pattern::area).orElse(0.0);
        }

        @Override
        public void forEach(IntConsumer consumer) {
            inner.ifPresent(one -> one.forEach(consumer));
        }
    }

    /** One beyond the other along the grain. */
    static Pattern crosscut(Pattern one, Pattern other, long kerf) {
        return new Parted(true, one, other, one.length() + kerf + other.length(),
                Math.max(one.width(), other.width()), one.area() + other.area());
    }

    /** Side by side. */
    static Pattern rip(Pattern one, Pattern other, long kerf) {
        return new Parted(false, one, other, Math.max(one.length(), other.length()),
                one.width() + kerf + other.width(), one.area() + other.area());
    }
}
