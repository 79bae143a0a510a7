package longshoulder.benchmark;

import java.util.List;
import java.util.concurrent.TimeUnit;
import longshoulder.core.brief.Value;
import longshoulder.core.cutlist.CutList;
import longshoulder.core.projection.Projection;
import longshoulder.core.geometry.View;
import longshoulder.core.kind.Kinds;
import longshoulder.core.measure.Length;
import longshoulder.core.measure.Showing;
import longshoulder.core.plan.Plan;
import longshoulder.core.plan.Planner;
import longshoulder.core.project.Edit;
import longshoulder.core.project.Project;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** What an edit of the plain table costs in the core: from the edit to the plan, the cut list and four drawings. */
@State(Scope.Thread)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 3, time = 2)
@Measurement(iterations = 5, time = 2)
@Fork(1)
public class PlanBenchmark {

    private static final View PICTORIAL = View.pictorial(32, 24);

    private Project project = Project.ofKind(Kinds.all().getFirst(), "", Showing.TENTH_MILLIMETRES);
    private Plan plan = Planner.plan(project);
    private Length length = Length.ofMillimetres(1500);

    /** The next project of a maker who keeps changing the overall length. */
    private Project edited() {
        length = length.plus(Length.ofMicrometres(1));
        project = new Edit.Give("overall.length", new Value.Measured(length)).applyTo(project);
        return project;
    }

    @Benchmark
    public Plan plan() {
        return Planner.plan(edited());
    }

    @Benchmark
    public CutList cutList() {
        return CutList.of(plan);
    }

    @Benchmark
    public List<Projection> fourDrawings() {
        return List.of(Projection.of(plan, View.FRONT), Projection.of(plan, View.END),
                Projection.of(plan, View.PLAN), Projection.visible(plan, PICTORIAL));
    }
}
