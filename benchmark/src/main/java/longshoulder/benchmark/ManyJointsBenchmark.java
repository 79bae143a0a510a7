package longshoulder.benchmark;

import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;
import longshoulder.core.brief.Brief;
import longshoulder.core.brief.Value;
import longshoulder.core.frame.Frame;
import longshoulder.core.frame.Piece;
import longshoulder.core.frame.Role;
import longshoulder.core.geometry.Pose;
import longshoulder.core.kind.Kinds;
import longshoulder.core.measure.Length;
import longshoulder.core.measure.Showing;
import longshoulder.core.plan.Plan;
import longshoulder.core.plan.Planner;
import longshoulder.core.project.Edit;
import longshoulder.core.project.Project;
import longshoulder.core.reckoning.Amount;
import longshoulder.core.reckoning.Label;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** A long rack: a row of posts with rails between them, so that its joints can be made as many as wanted. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 8, time = 2)
@Measurement(iterations = 4, time = 2)
@Fork(2)
public class ManyJointsBenchmark {

    private static final int RAILS = 5;
    private static final double POST = 60;
    private static final double BAY = 600;
    private static final double HEIGHT = 1800;

    /** Rails come into the inner posts from both sides: two thirds of the post each would collide, and only in large racks. */
    private static final Length TENON = Length.ofMillimetres(25);

    /** Joints: two for each rail. */
    @Param({"10", "50", "200", "1000"})
    private int joints;

    private Project project;
    private Frame frame;

    /** A rack with so many joints, built. */
    static ManyJointsBenchmark of(int joints) {
        ManyJointsBenchmark rack = new ManyJointsBenchmark();
        rack.joints = joints;
        rack.build();
        return rack;
    }

    @Setup
    public void build() {
        Project table = Project.ofKind(Kinds.all().getFirst(), "", Showing.TENTH_MILLIMETRES);
        project = new Edit.Give(Brief.TENON_LENGTH, new Value.Measured(TENON)).applyTo(table);
        List<Piece> pieces = new ArrayList<>();
        int bays = Math.max(1, joints / (2 * RAILS));
        for (int post = 0; post <= bays; post++) {
            pieces.add(new Piece("post-" + post, Role.LEG, "A" + post, size(HEIGHT), size(POST), size(POST),
                    Pose.of(Vector3D.of(post * (BAY + POST), POST, HEIGHT), Vector3D.Unit.PLUS_X,
                            Vector3D.Unit.MINUS_Y)));
        }
        for (int rail = 0; rail < bays * RAILS; rail++) {
            int bay = rail / RAILS;
            double x = bay * (BAY + POST) + POST;
            double z = 200 + rail % RAILS * 350.0;
            pieces.add(new Piece("rail-" + rail, Role.APRON, "B" + rail, size(BAY), size(80), size(22),
                    new Pose(Vector3D.of(x, 40, z), Vector3D.Unit.PLUS_X, Vector3D.Unit.PLUS_Z,
                            Vector3D.Unit.MINUS_Y)));
        }
        frame = new Frame(pieces, List.of(), List.of(), List.of());
        Plan plan = plan();
        if (plan.joints().size() != joints || plan.isStopped()) {
            throw new IllegalStateException("The rack has (%d) joints, not (%d), or is stopped."
                    .formatted(plan.joints().size(), joints));
        }
    }

    private static Amount size(double millimetres) {
        return new Amount.Given(Label.of("parameter.overall.length"), Length.fromMillimetres(millimetres), "size");
    }

    /** Meetings found, joints made, solids cut, skins closed, findings looked for. */
    @Benchmark
    public Plan plan() {
        return Planner.plan(project, frame);
    }
}
