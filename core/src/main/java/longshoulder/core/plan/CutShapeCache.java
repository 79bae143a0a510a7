package longshoulder.core.plan;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.Iterator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import longshoulder.core.frame.Piece;
import longshoulder.core.geometry.Flip;
import longshoulder.core.geometry.CutShape;
import longshoulder.core.geometry.Stretch;
import longshoulder.core.tasks.Tasks;

/**
 * The shapes of pieces. To cut one and make its skin are the dearest steps of a plan, and most pieces of a design are made alike: so a
 * shape is made once for all pieces in which the same is cut at the same places in their own frames of reference. Those of the last
 * plans are remembered, since an edit leaves most pieces as they were, or stretches them; that changes nothing but the time.
 */
final class CutShapeCache {

    private static final Memory MEMORY = new Memory();

    private CutShapeCache() {}

    /** The shape of each piece by its id. The processors share the making of unlike ones. */
    static Map<String, CutShape> of(List<Piece> pieces, Function<Piece, Cutting> cuttings) {
        List<Compared> all = Tasks.each(pieces, piece -> new Compared(cuttings.apply(piece)));
        Map<CutShapeKey, Compared> firsts = new LinkedHashMap<>();
        all.forEach(one -> firsts.putIfAbsent(one.alike, one));
        Map<CutShapeKey, Known> known = known(List.copyOf(firsts.values()));
        MEMORY.keep(all, known);
        return all.stream().collect(Collectors.toMap(one -> one.piece().id(),
                one -> Objects.requireNonNull(known.get(one.alike)).cutShape().at(one.piece().pose())));
    }

    /** First what is remembered; then what nothing before it is like but for a flip and a stretch is made; then the rest follows from that. */
    private static Map<CutShapeKey, Known> known(List<Compared> unlike) {
        Map<CutShapeKey, Known> known = new HashMap<>();
        List<Compared> models = new ArrayList<>();
        List<Follower> followers = new ArrayList<>();
        List<Optional<Known>> remembered = Tasks.each(unlike, Compared::remembered);
        for (int i = 0; i < unlike.size(); i++) {
            Compared one = unlike.get(i);
            remembered.get(i).ifPresentOrElse(cutShape -> known.put(one.alike, cutShape),
                    () -> models.stream().flatMap(one::follows).findFirst()
                            .ifPresentOrElse(followers::add, () -> models.add(one)));
        }
        List<Known> made = Tasks.each(models, Compared::made);
        for (int i = 0; i < made.size(); i++) {
            known.put(models.get(i).alike, made.get(i));
        }
        List<Known> followed = Tasks.each(followers, one -> one.from(known));
        for (int i = 0; i < followed.size(); i++) {
            known.put(followers.get(i).one.alike, followed.get(i));
        }
        return known;
    }

    private record Compared(Cutting cutting, CutShapeKey alike) {

        Compared(Cutting cutting) {
            this(cutting, cutting.alike());
        }

        Piece piece() {
            return cutting.piece();
        }

        Optional<Known> remembered() {
            return MEMORY.same(alike).or(() -> MEMORY.last(piece())
                    .flatMap(last -> stretch(last.madeAs, last.flip).flatMap(stretch -> stretched(last, stretch))));
        }

        /** How what is made for another one is carried here. */
        Stream<Follower> follows(Compared model) {
            return Flip.ALL.stream().flatMap(flip -> stretch(model.alike, flip)
                    .map(stretch -> new Follower(this, model.alike, stretch)).stream());
        }

        private Optional<Stretch> stretch(CutShapeKey madeAs, Flip flip) {
            return madeAs.stretchTo(alike, flip).filter(stretch -> cutting.suits(stretch.inverse()));
        }

        Optional<Known> stretched(Known from, Stretch stretch) {
            return from.cutShape.stretched(stretch, piece().pose())
                    .map(cutShape -> new Known(from.madeAs, stretch.flip(), cutShape));
        }

        Known made() {
            return new Known(alike, Flip.NONE, CutShape.of(cutting.solid(), piece().pose()));
        }
    }

    /** One that is like another but for a flip and a stretch. */
    private record Follower(Compared one, CutShapeKey model, Stretch stretch) {

        Known from(Map<CutShapeKey, Known> known) {
            return one.stretched(Objects.requireNonNull(known.get(model)), stretch).orElseGet(one::made);
        }
    }

    /** A shape and what it was made as, before it was flipped and stretched. */
    private record Known(CutShapeKey madeAs, Flip flip, CutShape cutShape) {}

    /**
     * What the last plans had. No more of them are kept: with hundreds of shapes the garbage collector
     * took a quarter of the time of every edit to copy them, and they were not used again.
     */
    private static final class Memory {

        /** So many plans: the one that is shown, and one that is tried out. */
        private static final int PLANS = 2;

        /** The plan in which each was last had, those of the earliest first. */
        private final Map<CutShapeKey, Kept> kept = new LinkedHashMap<>();
        /** By the ids of the last plan's pieces. */
        private final Map<String, Known> last = new HashMap<>();
        private long plans;

        private record Kept(Known known, long plan) {}

        synchronized Optional<Known> same(CutShapeKey alike) {
            return Optional.ofNullable(kept.get(alike)).map(Kept::known);
        }

        synchronized Optional<Known> last(Piece piece) {
            return Optional.ofNullable(last.get(piece.id()));
        }

        synchronized void keep(List<Compared> all, Map<CutShapeKey, Known> known) {
            plans++;
            known.forEach((alike, one) -> {
                kept.remove(alike);
                kept.put(alike, new Kept(one, plans));
            });
            Iterator<Kept> eldest = kept.values().iterator();
            while (eldest.hasNext() && eldest.next().plan() <= plans - PLANS) {
                eldest.remove();
            }
            last.clear();
            all.forEach(one -> last.put(one.piece().id(), Objects.requireNonNull(known.get(one.alike))));
        }
    }
}
