package longshoulder.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import longshoulder.core.brief.Value;
import longshoulder.core.finding.Finding;
import longshoulder.core.kind.Kinds;
import longshoulder.core.measure.Angle;
import longshoulder.core.measure.Length;
import longshoulder.core.measure.Showing;
import longshoulder.core.project.Edit;
import longshoulder.core.project.Project;
import longshoulder.core.reckoning.Level;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;

/** A lean too small to see is no reason to stop the work: whatever counts as square does so everywhere. */
class SmallSplayTest {

    /** @param exponent of ten of the angle in degrees */
    @Property(tries = 120, seed = "2611")
    void tinyLeans_stopNothing(@ForAll @DoubleRange(min = -9, max = -1) double exponent,
            @ForAll @DoubleRange(min = -9, max = -1) double other, @ForAll boolean both) {
        Project table = Project.ofKind(Kinds.find("table").orElseThrow(), "", Showing.TENTH_MILLIMETRES);
        table = new Edit.Give("overhang.ends", new Value.Measured(Length.ofMillimetres(200))).applyTo(table);
        table = new Edit.Give("splay.front", new Value.Turned(new Angle(Math.pow(10, exponent)))).applyTo(table);
        if (both) {
            table = new Edit.Give("splay.side", new Value.Turned(new Angle(Math.pow(10, other)))).applyTo(table);
        }
        assertThat(Planner.plan(table).findings()).filteredOn(finding -> finding.level() != Level.NOTE)
                .extracting(Finding::code).isEmpty();
    }
}
