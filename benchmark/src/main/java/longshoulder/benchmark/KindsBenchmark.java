package longshoulder.benchmark;

import java.util.concurrent.TimeUnit;
import longshoulder.core.kind.Kinds;
import longshoulder.core.measure.Showing;
import longshoulder.core.plan.Plan;
import longshoulder.core.plan.Planner;
import longshoulder.core.project.Project;
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

/**
 * Each kind with as many pieces as its choices allow: what one edit of it takes to plan. Warmed for a minute, since edits go on getting
 * faster for as long: the compiler is not done before.
 */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 20, time = 3)
@Measurement(iterations = 5, time = 3)
@Fork(1)
public class KindsBenchmark {

    /** A kind, then what is given of it. */
    @Param({"table splay.front=6° splay.side=6° overhang.ends=130 overhang.sides=110 stretchers=box leg.taper=curved",
            "table bow=front bow.ends=radius stretchers=h leg.taper=four", "stool stretchers=box leg.taper=four",
            "stool bow=front bow.ends=radius bow.rise=30 stretchers=box leg.taper=curved",
            "bench slab.joint=wedged-through foot.shape=arched", "workbench stretcher.joint=bolted",
            "cabinet overall.width=2400 overall.height=1500 overall.depth=500 face.frame=glued-on drawers=four"
                    + " drawer.boxes=fitted dividers=three shelves=four front=two-doors",
            "door size.width=1400 size.height=2400 construction=rebated middle.rails=four muntins=four bars.across=four"
                    + " bars.upright=four filling=glass filling.thickness=4",
            "door size.width=1400 size.height=2400 construction=cope-and-stick middle.rails=four muntins=four"
                    + " bars.across=four bars.upright=four filling=glass filling.thickness=4",
            "door stile.width=20 top-rail.width=20 bottom-rail.width=20 frame.thickness=12 middle.rails=four"
                    + " middle-rail.width=40 muntins=four muntin.width=33 bars.across=four bars.upright=four"
                    + " construction=rebated mould.corner=mitred panel.room=0 tenon.meeting=staggered",
            "frame", "trestle", "stand"})
    private String design = "table";

    private final Project small = Project.ofKind(Kinds.find("stand").orElseThrow(), "", Showing.TENTH_MILLIMETRES);
    private Project one = Project.ofKind(Kinds.all().getFirst(), "", Showing.TENTH_MILLIMETRES);
    @SuppressWarnings("NullAway.Init") // made before the benchmark
    private Sizes sizes;

    @Setup
    public void build() throws Exception {
        one = Designs.of(design);
        sizes = new Sizes(one);
        Plan plan = Planner.plan(one);
        System.out.printf("%d pieces, %d joints, %s%n", plan.pieces().size(), plan.joints().size(),
                plan.isStopped() ? "STOPPED " + plan.findings().getFirst() : "sound");
    }

    /** Planned after an edit of its overall size to one that it never had: what hangs on it is stretched or made anew. */
    @Benchmark
    public Plan plan() {
        return Planner.plan(sizes.next().applyTo(one));
    }

    /** Planned when nothing like it is remembered: all of it is made anew. Two small plans in between see to that. */
    @Benchmark
    public Plan planForgotten() {
        for (int i = 0; i < 2; i++) {
            Planner.plan(small);
        }
        return plan();
    }
}
