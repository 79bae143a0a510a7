package longshoulder.core.plan;

import java.util.Arrays;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.stream.Collectors;
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

    /**
     * A piece before it has its skin.
     *
     * @param shape where the corners of its cells lie in its own frame of reference
     */
    record Bare(Piece piece, Solid solid, Shape shape) {

        /** The shape is taken down while the solid is fresh: of a large design no memory near the processor holds all solids. */
        static Bare of(Piece piece, Solid solid) {
            return new Bare(piece, solid, Shape.of(solid, piece.pose()));
        }
    }

    /** Equal for pieces that are cut alike. */
    static final class Shape {

        private final long[] steps;
        private final int hash;

        private Shape(long[] steps) {
            this.steps = steps;
            this.hash = Arrays.hashCode(steps);
        }

        static Shape of(Solid solid, Pose pose) {
            int size = solid.cells().stream().mapToInt(cell -> 1 + 3 * cell.corners().size()).sum();
            long[] steps = new long[size];
            int at = 0;
            for (Cell cell : solid.cells()) {
                steps[at++] = cell.corners().size();
                for (Vector3D corner : cell.corners()) {
                    Vector3D local = pose.toLocal(corner);
                    steps[at++] = Math.round(local.getX() / STEP);
                    steps[at++] = Math.round(local.getY() / STEP);
                    steps[at++] = Math.round(local.getZ() / STEP);
                }
            }
            return new Shape(steps);
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
        Map<Shape, Bare> firsts = new LinkedHashMap<>();
        pieces.forEach(piece -> firsts.putIfAbsent(piece.shape(), piece));
        Map<Shape, Skin> made = firsts.entrySet().parallelStream()
                .collect(Collectors.toMap(Map.Entry::getKey, first -> skin(first.getKey(), first.getValue())));
        return pieces.stream().collect(Collectors.toMap(piece -> piece.piece().id(),
                piece -> Objects.requireNonNull(made.get(piece.shape())).at(piece.piece().pose())));
    }
}
