package longshoulder.core.geometry;

import java.util.Objects;
import java.util.stream.Stream;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import org.jspecify.annotations.Nullable;

/**
 * The exact shape of a piece with its joints cut, and its skin. Both are made once for all pieces that are cut alike, and carried to
 * where one of them stands when somebody looks at it there: most checks ask for its outline alone.
 */
public final class Form {

    private final Solid made;
    private final Mesh skin;
    private final Pose from;
    private final Pose pose;
    private final Outline outline;
    /** Carried twice they are the same, so that nobody has to wait for another. */
    private volatile @Nullable Solid solid;
    private volatile @Nullable Mesh mesh;
    private volatile Mesh.@Nullable Lines lines;
    private volatile @Nullable Bounds bounds;

    private Form(Solid made, Mesh skin, Pose from, Pose pose, Outline outline) {
        this.made = made;
        this.skin = skin;
        this.from = from;
        this.pose = pose;
        this.outline = outline;
    }

    /** That of a piece with this pose. */
    public static Form of(Solid solid, Pose pose) {
        Mesh skin = Mesh.of(solid);
        return new Form(solid, skin, pose, pose, skin.outline(pose));
    }

    /** The same of a piece with another pose that is cut alike. */
    public Form at(Pose other) {
        return other.equals(pose) ? this : new Form(made, skin, from, other, outline);
    }

    /** The shape in the world. */
    public Solid solid() {
        Solid known = solid;
        if (known == null) {
            known = pose.equals(from) ? made : made.moved(Carry.of(from, pose));
            solid = known;
        }
        return known;
    }

    /** The same elsewhere. */
    public Form moved(Vector3D by) {
        return at(new Pose(pose.origin().add(by), pose.along(), pose.across(), pose.out()));
    }

    /** Whether nothing is left of the piece. */
    public boolean isNothing() {
        return made.isNothing();
    }

    /** The box round it in the world, along the world's axes. */
    public Bounds bounds() {
        Bounds known = bounds;
        if (known == null) {
            Carry carry = Carry.of(from, pose);
            known = carry.parallel()
                    ? new Bounds(carry.point(made.bounds().least()), carry.point(made.bounds().greatest()))
                    : Bounds.of(skin.points().stream().map(carry::point).toList());
            bounds = known;
        }
        return known;
    }

    /** The corners of its skin in the piece's own frame of reference. */
    public Stream<Vector3D> corners() {
        return skin.points().stream().map(from::toLocal);
    }

    /** The lines of its skin in the world: all of it that most drawings ask for. */
    public Mesh.Lines lines() {
        Mesh.Lines known = lines;
        if (known == null) {
            known = pose.equals(from) ? skin.lines() : skin.lines().moved(Carry.of(from, pose));
            lines = known;
        }
        return known;
    }

    /** The skin in the world. */
    public Mesh mesh() {
        Mesh known = mesh;
        if (known == null) {
            known = pose.equals(from) ? skin : skin.moved(Carry.of(from, pose));
            mesh = known;
        }
        return known;
    }

    /** Its edges in the piece's own frame of reference. */
    public Outline outline() {
        return outline;
    }

    @Override
    public boolean equals(@Nullable Object other) {
        return other instanceof Form form && mesh().equals(form.mesh());
    }

    @Override
    public int hashCode() {
        return Objects.hash(outline.edges(), pose);
    }
}
