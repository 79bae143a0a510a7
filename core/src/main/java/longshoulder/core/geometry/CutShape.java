package longshoulder.core.geometry;

import java.util.Objects;
import java.util.Optional;
import java.util.stream.Stream;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import org.jspecify.annotations.Nullable;

/**
 * The exact shape of a piece with its joints cut, and its skin. Both are made once for all pieces that are cut alike, and carried to
 * where one of them stands, or stretched, when somebody looks at it there: most checks ask for its outline alone.
 */
public final class CutShape {

    private final Solid made;
    private final Boundary skin;
    private final Transform transform;
    private final Outline outline;
    /** Two threads may both compute them; the results are equal, so no lock is needed. */
    private volatile @Nullable Solid solid;
    private volatile @Nullable Boundary boundary;
    private volatile Boundary.@Nullable Lines lines;
    private volatile @Nullable Bounds bounds;
    private volatile @Nullable Bounds local;

    private CutShape(Solid made, Boundary skin, Transform transform, Outline outline) {
        this.made = made;
        this.skin = skin;
        this.transform = transform;
        this.outline = outline;
    }

    /** That of a piece with this pose. */
    public static CutShape of(Solid solid, Pose pose) {
        Boundary skin = Boundary.of(solid);
        return new CutShape(solid, skin, Transform.of(pose, pose), skin.outline(pose));
    }

    /** The same of a piece with another pose that is cut alike. */
    public CutShape at(Pose other) {
        return other.equals(transform.to()) ? this : new CutShape(made, skin, transform.to(other), outline);
    }

    /**
     * That of a piece with another pose that is cut like the one for which this shape was made, but for a stretch. It is always what was
     * made that is stretched: however many edits follow each other, roundings do not add up.
     *
     * @return empty if what was made cannot be stretched so
     */
    public Optional<CutShape> stretched(Stretch stretch, Pose other) {
        Pose from = transform.from();
        return stretch.suits(made, from) && stretch.holds(skin.points(), from)
                ? Optional.of(new CutShape(made, skin, Transform.of(from, Optional.of(stretch), other),
                        skin.outline(from).stretched(stretch)))
                : Optional.empty();
    }

    /** The shape in the world. */
    public Solid solid() {
        Solid known = solid;
        if (known == null) {
            known = transform.isNone() ? made : made.moved(transform);
            solid = known;
        }
        return known;
    }

    /** The same elsewhere. */
    public CutShape moved(Vector3D by) {
        Pose pose = transform.to();
        return at(new Pose(pose.origin().add(by), pose.along(), pose.across(), pose.out()));
    }

    /** Whether nothing is left of the piece. */
    public boolean isNothing() {
        return made.isNothing();
    }

    /** Into how many parts that hang on each other nowhere the piece falls: one of a sound piece. */
    public int parts() {
        return skin.parts();
    }

    /** The box round it in the world, along the world's axes. */
    public Bounds bounds() {
        Bounds known = bounds;
        if (known == null) {
            known = Bounds.of((transform.keepsBoxes() ? made.bounds().corners() : skin.points()).stream()
                    .map(transform::point).toList());
            bounds = known;
        }
        return known;
    }

    /** The corners of its skin in the piece's own frame of reference. */
    public Stream<Vector3D> corners() {
        return skin.points().stream().map(transform::local);
    }

    /**
     * Length, width and thickness of the least squared stock that holds it, in millimetres: slanted ends reach beyond the
     * arrises, and a section whose faces are not square to each other beyond its width. Nothing where nothing is left.
     */
    public Vector3D box() {
        return isNothing() ? Vector3D.ZERO : localBounds().size();
    }

    /** The box round it in the piece's own frame of reference. */
    public Bounds localBounds() {
        Bounds known = local;
        if (known == null) {
            known = Bounds.of(corners().toList());
            local = known;
        }
        return known;
    }

    /** The lines of its skin in the world: all of it that most drawings ask for. */
    public Boundary.Lines lines() {
        Boundary.Lines known = lines;
        if (known == null) {
            known = transform.isNone() ? skin.lines() : skin.lines().moved(transform);
            lines = known;
        }
        return known;
    }

    /** The skin in the world. */
    public Boundary boundary() {
        Boundary known = boundary;
        if (known == null) {
            known = transform.isNone() ? skin : skin.moved(transform);
            boundary = known;
        }
        return known;
    }

    /** The skin in the world in triangles, made anew each time: only other programs ask for it. */
    public Mesh mesh() {
        return Mesh.of(boundary());
    }

    /** Its edges in the piece's own frame of reference. */
    public Outline outline() {
        return outline;
    }

    @Override
    public boolean equals(@Nullable Object other) {
        return other instanceof CutShape cutShape && boundary().equals(cutShape.boundary());
    }

    @Override
    public int hashCode() {
        return Objects.hash(outline.edges(), transform.to());
    }
}
