package longshoulder.core.boards;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * How the usable part of a board is parted by cuts from edge to edge so that what no piece may hold, or what already has its piece, comes to
 * lie by itself. Sizes are in picometres.
 */
sealed interface Zone {

    long length();

    long width();

    /** Whether a piece of a size has room in one of its clear zones. */
    default boolean holds(long pieceLength, long pieceWidth) {
        return switch (this) {
            case Clear clear -> pieceLength <= clear.length && pieceWidth <= clear.width;
            case Waste _,Pinned _ -> false;
            case Parted parted ->
                parted.one.holds(pieceLength, pieceWidth) || parted.other.holds(pieceLength, pieceWidth);
        };
    }

    /** Free of anything in the way. */
    record Clear(long length, long width) implements Zone {}

    /** In the way. */
    record Waste(long length, long width) implements Zone {}

    /** What a pinned piece takes up, by the place of its pin in the list. */
    record Pinned(int pin, long length, long width) implements Zone {}

    /** Two zones with a kerf between them, one beyond the other along the grain, or side by side. */
    record Parted(boolean across, Zone one, Zone other, long length, long width) implements Zone {}

    /**
     * What is in the way.
     *
     * @param pin of a pinned piece its place in the list; of a bad spot less than 0
     */
    record Obstacle(long x, long y, long length, long width, int pin) {

        private boolean isPinned() {
            return pin >= 0;
        }
    }

    /** The zones of a part; empty where no cuts from edge to edge part its pinned pieces. */
    static Optional<Zone> of(long length, long width, long kerf, List<Obstacle> obstacles) {
        return new Search(kerf, new HashSet<>()).zone(new Part(0, 0, length, width), obstacles);
    }

    /** A part in which zones are looked for. */
    record Part(long x, long y, long length, long width) {

        private boolean meets(Obstacle one) {
            return one.x < x + length && one.x + one.length > x && one.y < y + width && one.y + one.width > y;
        }

        private boolean is(Obstacle one) {
            return one.x == x && one.y == y && one.length == length && one.width == width;
        }

        private Part[] cut(boolean across, long at, long kerf) {
            return across
                    ? new Part[]{new Part(x, y, at - x, width),
                            new Part(at + kerf, y, Math.max(0, x + length - at - kerf), width)}
                    : new Part[]{new Part(x, y, length, at - y),
                            new Part(x, at + kerf, length, Math.max(0, y + width - at - kerf))};
        }

        private double area() {
            return (double) length * width;
        }
    }

    /**
     * Cuts off the largest part that is free, again and again; where that leaves a pinned piece that no further cut frees, the next best.
     *
     * @param hopeless parts of which that is known
     */
    record Search(long kerf, Set<Part> hopeless) {

        private static final int MOST_HOPELESS = 2_000;

        private record Cut(boolean across, long at, double free) {}

        Optional<Zone> zone(Part part, List<Obstacle> all) {
            List<Obstacle> here = all.stream().filter(part::meets).toList();
            if (here.isEmpty()) {
                return Optional.of(new Clear(part.length, part.width));
            }
            Optional<Obstacle> alone = here.stream().filter(Obstacle::isPinned).filter(part::is).findFirst();
            if (alone.isPresent()) {
                return Optional.of(new Pinned(alone.get().pin, part.length, part.width));
            }
            List<Cut> cuts = cuts(part, here);
            if (cuts.isEmpty() && here.stream().noneMatch(Obstacle::isPinned)) {
                return Optional.of(new Waste(part.length, part.width));
            }
            Optional<Zone> found = hopeless.contains(part) || hopeless.size() > MOST_HOPELESS
                    ? Optional.empty()
                    : cuts.stream().sorted(Comparator.comparingDouble(Cut::free).reversed())
                            .map(cut -> parted(part, cut, here)).flatMap(Optional::stream).findFirst();
            if (found.isEmpty()) {
                hopeless.add(part);
            }
            return found;
        }

        private Optional<Zone> parted(Part part, Cut cut, List<Obstacle> here) {
            Part[] two = part.cut(cut.across, cut.at, kerf);
            return zone(two[0], here).flatMap(one -> zone(two[1], here)
                    .map(other -> new Parted(cut.across, one, other, part.length, part.width)));
        }

        private List<Cut> cuts(Part part, List<Obstacle> here) {
            List<Cut> cuts = new ArrayList<>();
            for (Obstacle one : here) {
                // A kerf may run in what is bad anyway, but not in a pinned piece.
                long inside = one.isPinned() ? kerf : 0;
                add(part, here, true, one.x - inside, cuts);
                add(part, here, true, one.x + one.length - (kerf - inside), cuts);
                add(part, here, false, one.y - inside, cuts);
                add(part, here, false, one.y + one.width - (kerf - inside), cuts);
            }
            return cuts;
        }

        private void add(Part part, List<Obstacle> here, boolean across, long at, List<Cut> cuts) {
            long from = across ? part.x : part.y;
            long to = from + (across ? part.length : part.width);
            if (at < from || at >= to || here.stream().filter(Obstacle::isPinned).anyMatch(pin -> {
                long begin = across ? pin.x : pin.y;
                return at + kerf > begin && at < begin + (across ? pin.length : pin.width);
            })) {
                return;
            }
            double free = 0;
            for (Part one : part.cut(across, at, kerf)) {
                free = Math.max(free, here.stream().noneMatch(one::meets) ? one.area() : 0);
            }
            // Every cut brings a pinned piece nearer to lying alone, as long as it takes anything away.
            boolean frees = here.stream().anyMatch(Obstacle::isPinned) && (at > from || kerf > 0);
            if (free > 0 || frees) {
                cuts.add(new Cut(across, at, free));
            }
        }
    }
}
