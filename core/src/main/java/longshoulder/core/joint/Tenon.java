package longshoulder.core.joint;

import static longshoulder.core.reckoning.Amount.mm;

import java.util.List;
import java.util.Optional;
import java.util.stream.DoubleStream;
import longshoulder.core.frame.Dimension.Side;
import longshoulder.core.frame.Piece;
import longshoulder.core.frame.Shape;
import longshoulder.core.geometry.Cell;
import longshoulder.core.geometry.HalfSpace;
import longshoulder.core.geometry.Pose;
import longshoulder.core.geometry.Solid;
import longshoulder.core.geometry.Tolerance;
import longshoulder.core.measure.Length;
import longshoulder.core.reckoning.Amount;
import longshoulder.core.reckoning.Label;
import org.apache.commons.geometry.euclidean.threed.Vector3D;

/**
 * One tenon with its mortise, in line with the rail: what all tenoned joints are made of.
 *
 * @param stock what there is of the rail's thickness at this end
 * @param thickness across the cheeks; the mortise is as wide
 * @param width along the post; the mortise is as long
 * @param length from the shoulder to the tip; on the longer cheek where the end is mitred
 * @param depth of the mortise
 * @param faceShoulder from the rail's face side in to the near cheek
 * @param edgeShoulder from the rail's face edge in to the tenon; the same at the other edge
 * @param limit how long it can be without touching another tenon in the post
 * @param line whether it runs in line with the rail, so that the mortise slants with the shoulder, or square to the post's face
 * @param ends whether its narrow sides and the ends of its mortise are square, or round as a cutter leaves them
 * @param mitres where the end is cut to clear meeting tenons; the tenon lies inside all
 */
public record Tenon(Meeting meeting, Amount stock, Amount thickness, Amount width, Amount length, Amount depth,
        Amount faceShoulder, Amount edgeShoulder, Optional<Amount> limit,
        Line line, Ends ends, List<HalfSpace> mitres) {

    /** How a mortise ends along the post, and the narrow sides of its tenon with it. */
    public enum Ends {
        SQUARE, ROUND
    }

    /** Where a tenon points if the shoulder leans. */
    public enum Line {
        RAIL, POST
    }

    public Tenon {
        mitres = List.copyOf(mitres);
    }

    /** The meeting's stable name. */
    public String id() {
        return meeting.id();
    }

    /** Whether it is thicker than nothing: what is asked for a joint may be 0. */
    public boolean isThick() {
        return thickness.value().isPositive();
    }

    /** Whether its mortise begins nearer to the end of the post than it is long: the grain between is short. */
    boolean isAtEnd() {
        return mortiseFromEnd().value().isLessThan(length.value());
    }

    /** The same tenon elsewhere on the rail's end. */
    Tenon at(Amount otherEdgeShoulder, Amount otherWidth, Amount otherFaceShoulder) {
        return new Tenon(meeting, stock, thickness, otherWidth, length, depth, otherFaceShoulder, otherEdgeShoulder,
                limit,
                line, ends, mitres);
    }

    /** The same tenon of another length in a mortise of another depth. */
    Tenon runs(Amount otherLength, Amount otherDepth) {
        return new Tenon(meeting, stock, thickness, width, otherLength, otherDepth, faceShoulder, edgeShoulder, limit,
                line,
                ends, mitres);
    }

    /** The same tenon of another thickness, its near cheek where it was. */
    Tenon thick(Amount otherThickness) {
        return new Tenon(meeting, stock, otherThickness, width, length, depth, faceShoulder, edgeShoulder, limit, line,
                ends,
                mitres);
    }

    /** The same tenon pointing square into the post. */
    Tenon squareToPost() {
        return new Tenon(meeting, stock, thickness, width, length, depth, faceShoulder, edgeShoulder, limit, Line.POST,
                ends,
                mitres);
    }

    /** The same tenon between these ends. */
    Tenon ending(Ends otherEnds) {
        return new Tenon(meeting, stock, thickness, width, length, depth, faceShoulder, edgeShoulder, limit, line,
                otherEnds,
                mitres);
    }

    /** The same tenon, with regard to one that it meets in the post. */
    Tenon limitedTo(Amount otherLimit, List<HalfSpace> otherMitres) {
        return new Tenon(meeting, stock, thickness, width, length, depth, faceShoulder, edgeShoulder,
                Optional.of(otherLimit),
                line, ends, otherMitres);
    }

    private boolean isSlantedInRail() {
        return line == Line.POST && !meeting.isSquare();
    }

    private RailEnd end() {
        return new RailEnd(meeting);
    }

    /** Its section across the rail's end. */
    Section section() {
        double from = mm(edgeShoulder);
        Section square = new Section(from, from + mm(width), innerCheek(), outerCheek());
        return ends == Ends.ROUND ? square.rounded(mm(thickness) / 2) : square;
    }

    /** From the rail's back to the cheek on the show side, in millimetres. */
    double outerCheek() {
        return mm(meeting.tenonPiece().thickness()) - mm(faceShoulder);
    }

    /** From the rail's back to the other cheek, in millimetres. */
    double innerCheek() {
        return outerCheek() - mm(thickness);
    }

    /** Places its figures in the drawing of its joint. */
    void draw(Sketch sketch) {
        Section s = section();
        sketch.run(Side.BELOW, length, 0, mm(length), s.y1()).width(width, s.y0(), s.y1(), mm(length))
                .depth(Side.BELOW, depth, 0, mm(depth), s.z0()).thickness(thickness, s.z0(), s.z1(), s.y1());
    }

    /** Shoulders that can be set: at the rail's far edge and its face side, and at its face edge where no haunch stands. */
    void drawShoulders(Sketch sketch, boolean near) {
        Section s = section();
        RailEnd end = new RailEnd(meeting);
        if (near) {
            sketch.width(edgeShoulder, 0, s.y0(), mm(length));
        }
        sketch.width(farShoulder(), s.y1(), end.width(), mm(length))
                .thickness(faceShoulder, s.z1(), s.z1() + mm(faceShoulder), s.y1());
    }

    /** From the tenon to the rail's far edge. */
    Amount farShoulder() {
        return Amount.sum(Label.of("amount.farShoulder")).plus(meeting.tenonPiece().width()).minus(edgeShoulder)
                .minus(width).amount();
    }

    /** What it adds to the rail beyond the shoulder, in the world. */
    public Solid adds() {
        Solid solid = straight();
        for (HalfSpace mitre : mitres) {
            solid = solid.clip(mitre);
        }
        return solid;
    }

    /** The tenon with its end square, whatever it meets. */
    public Solid straight() {
        return isSlantedInRail()
                ? withinRail(end().squareToPost(meeting.shoulder(), mm(length), section()))
                : end().beyondShoulder(mm(length), section());
    }

    /** A tenon that leaves the grain is still cut out of the rail's own blank. */
    private Solid withinRail(Solid tenon) {
        Solid rest = tenon;
        Shape rail = meeting.tenonPiece().shape();
        for (HalfSpace face : List.of(rail.faceSide(), rail.back(), rail.faceEdge(), rail.farEdge())) {
            rest = rest.clip(face);
        }
        return rest;
    }

    /** Its mortise, in the world. */
    public Solid removes() {
        return isSlantedInRail()
                ? end().squareToPost(meeting.surface(), mm(depth), section())
                : end().intoPost(mm(depth), section());
    }

    /**
     * How thick the wood is between the mortise and a face of the post beside it, as the solid has it.
     *
     * @param mouth where the mortise opens
     * @param floor at its bottom; the same where it runs along that face
     */
    public record Wall(Length mouth, Length floor) {

        /** Less than this nobody measures. */
        private static final Length SAME = Length.ofMicrometres(50);

        /** Whether one figure does not say it. */
        public boolean isUneven() {
            return mouth.minus(floor).abs().isGreaterThan(SAME);
        }

        public Length thinnest() {
            return Length.least(mouth, floor);
        }
    }

    /** The wall at a face of the post. */
    public Wall wall(Meeting.PostFace face) {
        HalfSpace surface = face.surface(meeting.mortisePiece());
        double half = mm(depth) / 2;
        double mouth = Double.POSITIVE_INFINITY;
        double floor = Double.POSITIVE_INFINITY;
        for (Cell cell : removes().cells()) {
            for (Vector3D corner : cell.corners()) {
                double thick = -surface.distance(corner);
                if (-meeting.surface().distance(corner) < half) {
                    mouth = Math.min(mouth, thick);
                } else {
                    floor = Math.min(floor, thick);
                }
            }
        }
        // A mortise that is nothing has no corners.
        return Double.isFinite(mouth) && Double.isFinite(floor)
                ? new Wall(Length.fromMillimetres(mouth), Length.fromMillimetres(floor))
                : new Wall(cheekFromReference().value(), cheekFromReference().value());
    }

    /** From the post's reference face to the near cheek of the mortise. */
    public Amount cheekFromReference() {
        return Amount.sum(Label.of("amount.nearCheek")).plus(meeting.seat().setback()).plus(faceShoulder).amount();
    }

    /** From the post's reference face to the far cheek of the mortise. */
    public Amount farCheekFromReference() {
        return Amount.sum(Label.of("amount.farCheek")).plus(cheekFromReference()).plus(thickness).amount();
    }

    /** From the post's end to the near end of the mortise. */
    public Amount mortiseFromEnd() {
        Amount square = Amount.sum(Label.of("amount.mortiseFromEnd")).plus(meeting.seat().drop()).plus(edgeShoulder)
                .amount();
        return meeting.isSquare() ? square : traced("amount.mortiseFromEnd", square, 0);
    }

    /** From the post's end to the far end of the mortise. */
    public Amount mortiseToEnd() {
        Amount square = Amount.sum(Label.of("amount.mortiseToEnd")).plus(mortiseFromEnd()).plus(width).amount();
        return meeting.isSquare() ? square : traced("amount.mortiseToEnd", square, mm(width));
    }

    /** Where an edge of the slanted mortise opens in the post's face, from the post's end along its near arris. */
    private Amount traced(String key, Amount square, double beyond) {
        Piece rail = meeting.tenonPiece();
        Piece post = meeting.mortisePiece();
        double y = mm(edgeShoulder) + beyond;
        double z = mm(rail.thickness()) - mm(faceShoulder);
        Vector3D mouth = rail.pose().toWorld(rail.pose().run(meeting.surface(), y, z), y, z);
        HalfSpace end = meeting.postEnd() == Meeting.Part.START ? post.shape().start() : post.shape().finish();
        double along = -end.distance(mouth) / Math.abs(end.normal().dot(post.pose().along()));
        return new Amount.Traced(Label.of(key), Length.fromMillimetres(along), square.parts(),
                Label.of("rule.planes"));
    }

    /**
     * The plane of the cheek that one comes to first when going in a direction, or last; of a tenon that lies flat to the direction, of its
     * edge. The direction points out of it.
     */
    HalfSpace cheekTowards(Vector3D.Unit direction, boolean last) {
        Pose rail = meeting.tenonPiece().pose();
        boolean flat = Math.abs(direction.dot(rail.out())) < Math.abs(direction.dot(rail.across()));
        boolean outer = direction.dot(flat ? rail.across() : rail.out()) > 0 == last;
        double edge = mm(edgeShoulder) + (outer ? mm(width) : 0);
        return HalfSpace.through(
                flat ? rail.toWorld(0, edge, 0) : rail.toWorld(0, 0, outer ? outerCheek() : innerCheek()), direction);
    }

    /** How far the four long edges of the tenon run from the shoulder to a plane, in millimetres. */
    DoubleStream runs(HalfSpace plane) {
        Piece rail = meeting.tenonPiece();
        double sign = meeting.part() == Meeting.Part.START ? -1 : 1;
        return DoubleStream.of(outerCheek(), innerCheek()).flatMap(z -> DoubleStream
                .of(mm(edgeShoulder), mm(edgeShoulder) + mm(width))
                .map(y -> sign * (rail.pose().run(plane, y, z) - rail.pose().run(meeting.shoulder(), y, z))));
    }

    /** The length of the shorter cheek where the mitre makes one shorter. */
    Optional<Amount> shorterCheek() {
        Length shorter = shortCheek();
        return shorter.isLessThan(length.value())
                ? Optional.of(new Amount.Traced(Label.of("amount.shortCheek"), shorter, List.of(length),
                        Label.of("rule.planes")))
                : Optional.empty();
    }

    /**
     * How far the tenon runs on its shorter cheek where it is mitred: less than its length, or equal. A plane in line with the rail makes no
     * cheek shorter.
     */
    public Length shortCheek() {
        double shortest = Double.POSITIVE_INFINITY;
        Piece rail = meeting.tenonPiece();
        for (HalfSpace plane : mitres) {
            double advance = plane.normal().dot(meeting.inward());
            if (advance > Tolerance.DIRECTION) {
                for (double z : new double[]{outerCheek(), innerCheek()}) {
                    Vector3D foot = rail.pose().toWorld(rail.pose().run(meeting.shoulder(), 0, z), 0, z);
                    shortest = Math.min(shortest, -plane.distance(foot) / advance);
                }
            }
        }
        return Double.isInfinite(shortest)
                ? length.value()
                : Length.least(length.value(), Length.fromMillimetres(shortest));
    }

}
