package longshoulder.core.plan;

import java.util.List;
import java.util.Objects;
import longshoulder.core.geometry.Mesh;
import longshoulder.core.geometry.Pose;
import org.jspecify.annotations.Nullable;

/**
 * The skin of a piece. It is made once for all pieces that are cut alike, and carried to where one of them stands when somebody
 * looks at it there: checks ask for its outline alone.
 */
public final class Skin {

    private final Mesh made;
    private final Pose from;
    private final Pose pose;
    private final List<Mesh.Edge> outline;
    /** Carried twice it is the same, so that nobody has to wait for another. */
    private volatile @Nullable Mesh carried;

    private Skin(Mesh made, Pose from, Pose pose, List<Mesh.Edge> outline) {
        this.made = made;
        this.from = from;
        this.pose = pose;
        this.outline = outline;
    }

    /** A skin of a piece with this pose. */
    static Skin of(Mesh mesh, Pose pose) {
        return new Skin(mesh, pose, pose, mesh.edgesIn(pose));
    }

    /** The same on a piece with another pose that is cut alike. */
    Skin at(Pose other) {
        return other.equals(pose) ? this : new Skin(made, from, other, outline);
    }

    /** The skin in the world. */
    public Mesh mesh() {
        Mesh known = carried;
        if (known == null) {
            known = pose.equals(from) ? made : made.moved(from, pose);
            carried = known;
        }
        return known;
    }

    /** Its edges in the piece's own frame of reference. */
    public List<Mesh.Edge> outline() {
        return outline;
    }

    @Override
    public boolean equals(@Nullable Object other) {
        return other instanceof Skin skin && mesh().equals(skin.mesh());
    }

    @Override
    public int hashCode() {
        return Objects.hash(outline, pose);
    }
}
