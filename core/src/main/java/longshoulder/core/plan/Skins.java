package longshoulder.core.plan;

import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import longshoulder.core.frame.Piece;
import longshoulder.core.geometry.Cell;
import longshoulder.core.geometry.Mesh;
import longshoulder.core.geometry.Pose;
import longshoulder.core.geometry.Solid;
import org.apache.commons.geometry.euclidean.threed.Vector3D;

/**
 * The skins of pieces. Making one is the dearest step of a plan, and most pieces of a design are made alike: so a skin is made once
 * for all pieces whose solids are cell for cell the same in their own frames of reference, and carried to where they stand. The last
 * ones made are remembered from plan to plan, since an edit leaves most pieces as they were; that changes nothing but the time.
 */
final class Skins {

    /** Places are compared in these steps, in millimetres: finer than any tolerance, coarser than the noise of doubles. */
    private static final double STEP = 1e-7;

    /** A piece before it has its skin. */
    record Bare(Piece piece, Solid solid) {

        /** Where the corners of its cells lie in its own frame of reference. */
        List<Long> shape() {
            Pose pose = piece.pose();
            List<Long> shape = new ArrayList<>();
            for (Cell cell : solid.cells()) {
                List<Vector3D> corners = cell.corners();
                shape.add((long) corners.size());
                for (Vector3D corner : corners) {
                    Vector3D local = pose.toLocal(corner);
                    shape.add(Math.round(local.getX() / STEP));
                    shape.add(Math.round(local.getY() / STEP));
                    shape.add(Math.round(local.getZ() / STEP));
                }
            }
            return shape;
        }
    }

    /** A skin, its edges in the piece's own frame of reference, and the pose for which it was made. */
    record Skin(Mesh mesh, List<Mesh.Edge> outline, Pose pose) {

        static Skin of(Bare bare) {
            Mesh mesh = Mesh.of(bare.solid());
            Pose pose = bare.piece().pose();
            return new Skin(mesh, mesh.edgesIn(pose), pose);
        }

        Skin at(Pose other) {
            return other.equals(pose) ? this : new Skin(mesh.moved(pose, other), outline, other);
        }
    }

    /** So many shapes are remembered: those of the largest designs. */
    private static final int MOST_REMEMBERED = 256;

    /** By shape, those asked for longest ago first. */
    private static final Map<List<Long>, Skin> REMEMBERED = Collections
            .synchronizedMap(new LinkedHashMap<>(MOST_REMEMBERED, 0.75f, true) {
                private static final long serialVersionUID = 1L;

                @Override
                protected boolean removeEldestEntry(Map.Entry<List<Long>, Skin> eldest) {
                    return size() > MOST_REMEMBERED;
                }
            });

    private Skins() {}

    private static Skin skin(List<Long> shape, Bare bare) {
        Skin known = REMEMBERED.get(shape);
        Skin skin = known == null ? Skin.of(bare) : known.at(bare.piece().pose());
        REMEMBERED.put(shape, skin);
        return skin;
    }

    /** The skin of each piece by its id; the processors share the work. */
    static Map<String, Skin> of(List<Bare> pieces) {
        Map<List<Long>, List<Bare>> alike = pieces.stream()
                .collect(Collectors.groupingBy(Bare::shape, LinkedHashMap::new, Collectors.toList()));
        return alike.entrySet().parallelStream().flatMap(one -> {
            List<Bare> group = one.getValue();
            Skin first = skin(one.getKey(), group.getFirst());
            return group.stream().map(bare -> Map.entry(bare.piece().id(), first.at(bare.piece().pose())));
        }).collect(Collectors.toMap(Map.Entry::getKey, Map.Entry::getValue));
    }
}
