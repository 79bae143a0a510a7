package longshoulder.core.plan;

import java.util.Arrays;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.LongStream;
import longshoulder.core.frame.Piece;
import longshoulder.core.geometry.Cell;
import longshoulder.core.geometry.Mesh;
import longshoulder.core.geometry.Pose;
import longshoulder.core.geometry.Solid;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import org.jspecify.annotations.Nullable;

/**
 * The skins of pieces. Making one is the dearest step of a plan, and most pieces of a design are made alike: so a skin is made once
 * for all pieces whose solids are cell for cell the same in their own frames of reference, and each {@link Skin} is carried to where its piece stands. The last
 * ones made are remembered from plan to plan, since an edit leaves most pieces as they were; that changes nothing but the time.
 */
final class Skins {

    /** Places are compared in these steps, in millimetres: finer than any tolerance, coarser than the noise of doubles. */
    private static final double STEP = 1e-7;

    /** A piece before it has its skin. */
    record Bare(Piece piece, Solid solid) {

        /** Where the corners of its cells lie in its own frame of reference. */
        Shape shape() {
            Pose pose = piece.pose();
            LongStream.Builder steps = LongStream.builder();
            for (Cell cell : solid.cells()) {
                List<Vector3D> corners = cell.corners();
                steps.add(corners.size());
                for (Vector3D corner : corners) {
                    Vector3D local = pose.toLocal(corner);
                    steps.add(Math.round(local.getX() / STEP));
                    steps.add(Math.round(local.getY() / STEP));
                    steps.add(Math.round(local.getZ() / STEP));
                }
            }
            return new Shape(steps.build().toArray());
        }
    }

    /** Equal for pieces that are cut alike. */
    static final class Shape {

        private final long[] steps;
        private final int hash;

        Shape(long[] steps) {
            this.steps = steps;
            this.hash = Arrays.hashCode(steps);
        }

        @Override
        public boolean equals(@Nullable Object other) {
            return other instanceof Shape shape && Arrays.equals(steps, shape.steps);
        }

        @Override
        public int hashCode() {
            return hash;
        }
    }

    /** So many shapes are remembered: those of the largest designs. */
    private static final int MOST_REMEMBERED = 256;

    /** By shape, those asked for longest ago first. */
    private static final Map<Shape, Skin> REMEMBERED = Collections
            .synchronizedMap(new LinkedHashMap<>(MOST_REMEMBERED, 0.75f, true) {
                private static final long serialVersionUID = 1L;

                @Override
                protected boolean removeEldestEntry(Map.Entry<Shape, Skin> eldest) {
                    return size() > MOST_REMEMBERED;
                }
            });

    private Skins() {}

    private static Skin skin(Shape shape, Bare bare) {
        Skin known = REMEMBERED.get(shape);
        Pose pose = bare.piece().pose();
        Skin skin = known == null ? Skin.of(Mesh.of(bare.solid()), pose) : known.at(pose);
        REMEMBERED.put(shape, skin);
        return skin;
    }

    /** The skin of each piece by its id. The processors share the making of unlike ones. */
    static Map<String, Skin> of(List<Bare> pieces) {
        List<Shape> shapes = pieces.parallelStream().map(Bare::shape).toList();
        Map<Shape, Bare> firsts = new LinkedHashMap<>();
        for (int i = 0; i < pieces.size(); i++) {
            firsts.putIfAbsent(shapes.get(i), pieces.get(i));
        }
        Map<Shape, Skin> made = firsts.entrySet().parallelStream()
                .collect(Collectors.toMap(Map.Entry::getKey, first -> skin(first.getKey(), first.getValue())));
        return IntStream.range(0, pieces.size()).boxed().collect(Collectors.toMap(
                i -> pieces.get(i).piece().id(),
                i -> Objects.requireNonNull(made.get(shapes.get(i))).at(pieces.get(i).piece().pose())));
    }
}
