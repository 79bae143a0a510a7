package longshoulder.core.kind;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.Stream;
import longshoulder.core.projection.Projection;
import longshoulder.core.projection.Extent;
import longshoulder.core.projection.JointDetail;
import longshoulder.core.projection.Patch;
import longshoulder.core.projection.DrawnPart;
import longshoulder.core.geometry.Cell;
import longshoulder.core.geometry.Polygon;
import longshoulder.core.geometry.Skins;
import longshoulder.core.geometry.View;
import longshoulder.core.joint.Joint;
import longshoulder.core.joint.SectionPlane;
import longshoulder.core.marking.Rod;
import longshoulder.core.measure.Length;
import longshoulder.core.plan.Plan;
import longshoulder.core.plan.PlannedPiece;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import org.apache.commons.geometry.euclidean.twod.Vector2D;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

/** What the window draws of every kind: pictures, rods and joints, each checked against the solids. */
class KindDrawingsTest {

    private static final int SAMPLES = 300;
    /** Points nearer than this to where one face ends and another begins prove nothing. */
    private static final double DOUBTFUL = 0.05;

    /** Designs with open joints, panels, panes, tapers and leaning pieces. */
    static Stream<Plan> designs() {
        return Stream.of(Designs.plan("table", "leg.taper", "four", "leg.foot", "40", "stretchers", "h"),
                Designs.plan("table", "drawer", "front", "apron.layers", "two"),
                Designs.plan("stool", "splay.front", "6°", "splay.side", "8°", "stretchers", "box", "overhang.ends",
                        "70",
                        "overhang.sides", "70"),
                Designs.plan("bench", "slab.joint", "wedged-through"), Designs.plan("bench", "uprights", "single"),
                Designs.plan("workbench"), Designs.plan("cabinet", "front", "two-doors", "drawers", "one"),
                Designs.plan("door", "middle.rails", "one", "muntins", "one"), Designs.plan("frame"),
                Designs.plan("frame", "corner.joint", "bridle", "filling", "none"), Designs.plan("trestle"),
                Designs.plan("stand"), Designs.plan("free"));
    }

    /** Painted over each other in their order, patches show at each point the piece that is nearest to the eye. */
    @ParameterizedTest
    @MethodSource("designs")
    void pictorial_showsTheNearestPiece(Plan plan) {
        View eye = View.pictorial(32, 20);
        Projection drawing = Projection.visible(plan, eye);
        Extent box = drawing.extent();
        Random random = new Random(7);
        int proved = 0;
        for (int i = 0; i < SAMPLES; i++) {
            Vector2D point = Vector2D.of(box.left() + random.nextDouble() * box.width(),
                    box.low() + random.nextDouble() * box.height());
            Optional<String> nearest = nearest(plan, eye, point);
            boolean sure = Stream.of(0, 1, 2, 3).allMatch(side -> nearest.equals(
                    nearest(plan, eye, point.add(Vector2D.of(side < 2 ? DOUBTFUL : -DOUBTFUL,
                            side % 2 == 0 ? DOUBTFUL : -DOUBTFUL)))));
            if (sure) {
                proved++;
                assertThat(painted(drawing, point)).as("at %s", point).isEqualTo(nearest);
            }
        }
        assertThat(proved).isGreaterThan(SAMPLES / 2);
    }

    private static Optional<String> painted(Projection drawing, Vector2D point) {
        List<Patch> patches = drawing.patches();
        for (int i = patches.size() - 1; i >= 0; i--) {
            if (isInside(patches.get(i).corners(), point)) {
                return Optional.of(patches.get(i).piece());
            }
        }
        return Optional.empty();
    }

    private static boolean isInside(List<Vector2D> corners, Vector2D point) {
        double least = Double.POSITIVE_INFINITY;
        double greatest = Double.NEGATIVE_INFINITY;
        for (int i = 0; i < corners.size(); i++) {
            Vector2D way = corners.get((i + 1) % corners.size()).subtract(corners.get(i));
            double side = way.signedArea(point.subtract(corners.get(i)));
            least = Math.min(least, side);
            greatest = Math.max(greatest, side);
        }
        return least >= 0 || greatest <= 0;
    }

    /** Another way to the same answer: how far towards the eye each cell reaches on the line of sight. */
    private static Optional<String> nearest(Plan plan, View eye, Vector2D point) {
        Vector3D foot = eye.right().multiply(point.getX()).add(eye.up().multiply(point.getY()));
        record Seen(String piece, double height) {}
        List<Seen> seen = new ArrayList<>();
        for (PlannedPiece piece : plan.pieces()) {
            for (Cell cell : piece.solid().cells()) {
                double low = Double.NEGATIVE_INFINITY;
                double high = Double.POSITIVE_INFINITY;
                for (Polygon face : cell.faces()) {
                    double rise = face.plane().normal().dot(eye.toEye());
                    double reach = -face.plane().distance(foot);
                    if (Math.abs(rise) < 1e-12) {
                        high = reach < 0 ? Double.NEGATIVE_INFINITY : high;
                    } else if (rise > 0) {
                        high = Math.min(high, reach / rise);
                    } else {
                        low = Math.max(low, reach / rise);
                    }
                }
                if (low < high) {
                    seen.add(new Seen(piece.id(), high));
                }
            }
        }
        return seen.stream().max(Comparator.comparingDouble(Seen::height)).map(Seen::piece);
    }

    /** Every joint of every kind can be looked at: in section, and pulled apart until it is free. */
    @ParameterizedTest
    @ValueSource(strings = {"table", "stool", "bench", "workbench", "cabinet", "door", "frame", "trestle", "stand",
            "free"})
    void everyJoint_canBeLookedAt(String kind) {
        Plan plan = Designs.plan(kind);
        for (Joint joint : plan.joints()) {
            JointDetail detail = new JointDetail(plan, joint);
            for (SectionPlane section : SectionPlane.values()) {
                assertThat(detail.section(section)).as(joint.id()).isNotEmpty();
            }
            List<DrawnPart> apart = detail.apart(1);
            // Cut out of the whole pieces, recesses may come to touch along the cut.
            apart.forEach(part -> Skins.assertBalanced(part.cutShape().mesh()));
            assertThat(apart.get(0).cutShape().solid().intersection(apart.get(1).cutShape().solid()).volume())
                    .as(joint.id())
                    .isLessThan(1e-6);
        }
    }

    /** On the rod of every piece of every kind figures grow from nothing to its length, and shoulders lie where the body ends. */
    @ParameterizedTest
    @MethodSource("designs")
    void rods_runFromNothingToTheLength(Plan plan) {
        for (PlannedPiece piece : plan.pieces()) {
            List<Rod.Mark> marks = Rod.of(plan, piece.id()).marks();
            List<Length> positions = marks.stream().map(mark -> mark.position().value()).toList();
            assertThat(positions).as(piece.id()).isSorted();
            assertThat(positions.getFirst()).isEqualTo(Length.ZERO);
            double longest = piece.piece().slanted().isPresent()
                    ? piece.blank()
                    : piece.length().value().toMillimetres();
            assertThat(positions.getLast().toMillimetres()).as(piece.id()).isCloseTo(longest, within(1e-6));
        }
    }

    /** A line of the rod is scratched where the finished piece has a corner: shoulders, mortises, grooves and notches. */
    @ParameterizedTest
    @MethodSource("designs")
    void rods_haveTheirMarksAtCorners(Plan plan) {
        for (PlannedPiece piece : plan.pieces()) {
            Rod rod = Rod.of(plan, piece.id());
            boolean turned = rod.faces().getFirst().view().right().dot(piece.piece().pose().along()) < 0;
            double end = turned ? piece.tip() + piece.blank() : piece.tip();
            for (Rod.Mark mark : rod.marks()) {
                double place = end + (turned ? -1 : 1) * mark.position().value().toMillimetres();
                assertThat(piece.cutShape().corners().mapToDouble(corner -> Math.abs(corner.getX() - place)).min())
                        .as("%s of %s at %s", mark.kind(), piece.id(), mark.position().value())
                        .hasValueCloseTo(0.0, within(1e-3));
            }
        }
    }
}
