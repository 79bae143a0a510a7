package longshoulder.core.joint;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.function.UnaryOperator;
import java.util.Random;
import longshoulder.core.geometry.Boundary;
import longshoulder.core.Tables;
import longshoulder.core.brief.Address;
import longshoulder.core.brief.JointKind;
import longshoulder.core.brief.Parameter;
import longshoulder.core.brief.Value;
import longshoulder.core.geometry.Congruence;
import longshoulder.core.geometry.Outline;
import longshoulder.core.geometry.Pose;
import longshoulder.core.geometry.Solid;
import longshoulder.core.plan.Plan;
import longshoulder.core.plan.PlannedPiece;
import longshoulder.core.plan.Planner;
import longshoulder.core.project.Edit;
import longshoulder.core.project.Project;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.apache.commons.geometry.euclidean.threed.Vector3D;

/** What holds for any joint in any table: it can be put together, volumes add up, clearances are as stated. */
class JointPropertiesTest {

    private static final List<JointKind> KINDS = JointKind.ofEnds();

    /** A table with one joint of any type and options, the legs plumb or leaning. */
    @Provide
    Arbitrary<Project> anyJoint() {
        return Combinators.combine(Tables.sensible(), Arbitraries.integers().between(0, 1_000_000))
                .as((table, seed) -> {
                    Random random = new Random(seed);
                    JointKind kind = KINDS.get(random.nextInt(KINDS.size()));
                    Project project = Joints.with(table, kind);
                    for (Parameter parameter : JointType.of(kind).parameters()) {
                        if (parameter instanceof Parameter.Choice choice) {
                            String option = choice.options().get(random.nextInt(choice.options().size()));
                            project = new Edit.Give(Address.of(Joints.FRONT_LEFT, choice.name()),
                                    new Value.Chosen(option))
                                    .applyTo(project);
                        }
                    }
                    String lean = random.nextBoolean() ? "0\u00b0" : random.nextInt(100) / 10.0 + "\u00b0";
                    return Tables.give("splay.side", lean).applyTo(project);
                });
    }

    /** Drawn back along its way by any distance, the rail's end meets no wood of the post. */
    @Property(tries = 300, seed = "2611")
    void drawnBackAlongItsWay_meetsNothing(@ForAll("anyJoint") Project project) {
        Plan plan = Planner.plan(project);
        Joint joint = Joints.in(project);
        if (plan.isStopped()) {
            return;
        }
        Solid post = plan.piece(joint.meeting().mortisePiece().id()).solid();
        for (double back : new double[]{0.01, 0.3, 2, 11, 37, 150}) {
            Solid drawn = joint.adds().moved(joint.homeward().multiply(-back));
            assertThat(drawn.intersection(post).volume()).as("%s drawn back by %s", joint.kind(), back)
                    .isLessThan(1e-6 * joint.adds().volume() + 1e-6);
        }
    }

    /** Stock less what is removed and plus what the joints add is the piece, measured on its skin. */
    @Property(tries = 300, seed = "2611")
    void volumesAddUp(@ForAll("anyJoint") Project project) {
        Plan plan = Planner.plan(project);
        if (plan.isStopped()) {
            return;
        }
        for (PlannedPiece piece : plan.pieces()) {
            Solid body = piece.piece().body();
            Solid wood = piece.joints().stream().map(Joint::adds).reduce(body, Solid::plus);
            Solid taken = Solid.NOTHING;
            for (Joint joint : plan.joints()) {
                if (joint.meeting().mortisePiece().id().equals(piece.id())) {
                    // What two joints both take is taken once.
                    taken = taken.plus(apart(joint.removes().intersection(body).minus(taken)));
                }
                if (joint.meeting().tenonPiece().id().equals(piece.id())) {
                    taken = taken.plus(joint.removesFromRail());
                    for (Solid bore : joint.bores()) {
                        taken = taken.plus(apart(bore.intersection(wood).minus(taken)));
                    }
                }
            }
            double volume = wood.volume();
            assertThat(piece.mesh().volume()).as(piece.id()).isCloseTo(volume - taken.volume(), within(1e-6 * volume));
        }
    }

    /** The same wood in cells that do not overlap. */
    private static Solid apart(Solid solid) {
        Solid apart = Solid.NOTHING;
        for (var cell : solid.cells()) {
            apart = apart.plus(new Solid(List.of(cell)).minus(apart));
        }
        return apart;
    }

    /** A square stopped tenon leaves exactly the stated room at the bottom of its mortise and none beside it. */
    @Property(tries = 200, seed = "2611")
    void clearance_isTheRoomAtTheBottom(@ForAll("sensible") Project table) {
        Project project = Tables.give("tenon.meeting", "shortened").applyTo(table);
        Plan plan = Planner.plan(project);
        if (plan.isStopped()) {
            return;
        }
        for (Joint joint : plan.joints()) {
            Tenon tenon = joint.tenons().getFirst();
            double section = tenon.width().value().toMillimetres() * tenon.thickness().value().toMillimetres();
            double room = tenon.depth().value().minus(tenon.length().value()).toMillimetres();
            assertThat(room).isCloseTo(1.5, within(1e-9));
            assertThat(joint.removes().volume() - joint.adds().volume()).isCloseTo(section * room, within(1e-6));
            assertThat(joint.adds().minus(joint.removes()).volume()).isZero();
        }
    }

    @Provide
    Arbitrary<Project> sensible() {
        return Tables.sensible();
    }

    /** Any piece and its mirror image are found to be twins, whatever joints are cut in it. */
    @Property(tries = 200, seed = "2611")
    void mirrorImages_areFound(@ForAll("anyJoint") Project project) {
        for (PlannedPiece piece : Planner.plan(project).pieces()) {
            Outline mirrored = mapped(piece.outline(), JointPropertiesTest::mirror);
            assertThat(Congruence.of(piece.outline(), mirrored)).isNotEqualTo(Congruence.DIFFERENT);
            Outline turned = mapped(piece.outline(), JointPropertiesTest::turn);
            assertThat(Congruence.of(piece.outline(), turned)).isEqualTo(Congruence.SAME);
        }
    }

    private static Outline mapped(Outline outline, UnaryOperator<Vector3D> map) {
        return new Outline(outline.edges().stream()
                .map(edge -> new Boundary.Edge(map.apply(edge.from()), map.apply(edge.to()))).toList());
    }

    private static Vector3D mirror(Vector3D p) {
        return Vector3D.of(-p.getX(), p.getY(), p.getZ());
    }

    private static Vector3D turn(Vector3D p) {
        return Vector3D.of(-p.getX(), -p.getY(), p.getZ());
    }

    /** Half turns that carry a piece onto itself carry its true mirror images too; a plain board has all three. */
    @Property(tries = 60, seed = "2611")
    void halfTurns_ofAPlainBoard(@ForAll("sensible") Project project) {
        PlannedPiece top = Planner.plan(project).piece("top");
        assertThat(Congruence.halfTurns(top.outline())).containsExactlyInAnyOrder(Congruence.HalfTurn.values());
        assertThat(top.cutShape().boundary().outline(Pose.WORLD).edges()).hasSameSizeAs(top.outline().edges());
    }
}
