package longshoulder.core.kind;

import java.util.DoubleSummaryStatistics;
import longshoulder.core.frame.Shape;
import longshoulder.core.geometry.HalfSpace;
import longshoulder.core.geometry.Pose;
import org.apache.commons.geometry.euclidean.threed.Vector3D;

/**
 * A leg that leans out: its axis points down along (±tan θx, ±tan θy, −1), θx as seen from the front and θy from the side;
 * both ends are cut to the floor's plane.
 *
 * <p>Rules. <em>Square</em>: the section stays square and is turned with the axis, by the shortest way from plumb, so that
 * both pairs of faces are off by the same amount and the shoulders of the rails are compound. <em>Backed</em>: the faces
 * are planed so that they contain the plumb rails' cross direction; the shoulders need one angle, and the section is a rhomb.
 *
 * @param pose where it stands
 * @param shape its planes
 * @param lean how far the axis is from plumb, in radians
 */
record LeaningLeg(Pose pose, Shape shape, double lean) {

    private static final Vector3D.Unit DOWN = Vector3D.Unit.MINUS_Z;

    /**
     * What a leg has to be.
     *
     * @param towards plumb directions of its face edge's opposite and of its face side, as a leg without splay has them
     * @param out the direction of the face side
     * @param width across its face side, square to its own faces, in millimetres
     * @param thickness from the back to the face side
     */
    record Requirements(Vector3D.Unit towards, Vector3D.Unit out, double width, double thickness, double top,
            boolean backed) {}

    /**
     * The leg whose section at its top has its outermost corner at x, y.
     *
     * @param footX how far the foot lies to the right of the top, for each unit of height; negative to the left
     * @param footY the same, to the back
     */
    static LeaningLeg of(Requirements required, double footX, double footY, double x, double y) {
        Vector3D.Unit axis = Vector3D.of(footX, footY, -1).normalize();
        Vector3D.Unit side = required.backed()
                ? face(axis, required.out(), required.towards())
                : turned(required.out(), axis);
        Vector3D.Unit edge = required.backed()
                ? face(axis, required.towards(), required.out())
                : turned(required.towards(), axis);
        boolean downwards = required.towards().cross(required.out()).dot(DOWN) > 0;
        Vector3D.Unit along = downwards ? axis : axis.negate();
        HalfSpace floor = new HalfSpace(DOWN, 0);
        HalfSpace top = new HalfSpace(DOWN.negate(), required.top());
        Shape through = new Shape(downwards ? top : floor, downwards ? floor : top,
                new HalfSpace(side, required.thickness() / 2), new HalfSpace(side.negate(), required.thickness() / 2),
                new HalfSpace(edge.negate(), required.width() / 2), new HalfSpace(edge, required.width() / 2));
        Shape placed = movedTo(through, top, required, x, y);
        Vector3D origin = placed.corners(placed.start()).getFirst();
        Vector3D.Unit across = side.cross(along).normalize();
        return new LeaningLeg(new Pose(origin, along, across, along.cross(across).normalize()), placed,
                Math.acos(-axis.getZ()));
    }

    /** A plumb leg's direction, turned by the shortest way that brings plumb to the axis. */
    private static Vector3D.Unit turned(Vector3D.Unit direction, Vector3D.Unit axis) {
        Vector3D sum = DOWN.add(axis);
        double share = sum.dot(direction) / (1 + DOWN.dot(axis));
        return direction.subtract(sum.multiply(share)).add(axis.multiply(2 * DOWN.dot(direction))).normalize();
    }

    /** The normal, nearly along {@code direction}, of the plane that holds the axis and the rails' cross direction. */
    private static Vector3D.Unit face(Vector3D.Unit axis, Vector3D.Unit direction, Vector3D.Unit cross) {
        Vector3D normal = axis.cross(cross);
        return (normal.dot(direction) > 0 ? normal : normal.negate()).normalize();
    }

    /** Moved level, so that the outermost corner of its top section stands at x, y. */
    private static Shape movedTo(Shape shape, HalfSpace top, Requirements required, double x, double y) {
        boolean left = required.towards().getX() > 0;
        boolean front = required.out().getY() < 0;
        DoubleSummaryStatistics xs = new DoubleSummaryStatistics();
        DoubleSummaryStatistics ys = new DoubleSummaryStatistics();
        for (Vector3D corner : shape.corners(top)) {
            xs.accept(corner.getX());
            ys.accept(corner.getY());
        }
        Vector3D shift = Vector3D.of(x - (left ? xs.getMin() : xs.getMax()), y - (front ? ys.getMin() : ys.getMax()),
                0);
        return shape.moved(shift);
    }
}
