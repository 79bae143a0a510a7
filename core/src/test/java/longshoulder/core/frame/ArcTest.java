package longshoulder.core.frame;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;

/** Curved edges: the worked figure of the trade, and what holds for any arc. */
class ArcTest {

    @Test
    void sagitta_radius900Over95_asWorked() {
        assertThat(new Arc(900, 95).sagitta()).isCloseTo(1.254, within(0.0005));
    }

    @Test
    void offsets_atEvenStations_riseFromNothingToTheSagittaAndBack() {
        Arc arc = new Arc(50, 80);
        assertThat(arc.sagitta()).isCloseTo(20, within(1e-9));
        List<Double> offsets = arc.offsets(4);
        assertThat(offsets).hasSize(5);
        assertThat(offsets.getFirst()).isCloseTo(0, within(1e-9));
        assertThat(offsets.getLast()).isCloseTo(0, within(1e-9));
        assertThat(offsets.get(1)).isCloseTo(Math.sqrt(2500 - 400) - 30, within(1e-9));
        assertThat(arc.fall(40)).isCloseTo(0, within(1e-9));
    }

    /** A point of the arc is as far from its centre as the radius says. */
    @Property(seed = "2611")
    void everyPoint_liesOnTheCircle(@ForAll @DoubleRange(min = 10, max = 5000) double radius,
            @ForAll @DoubleRange(min = 0.01, max = 1.99) double width,
            @ForAll @DoubleRange(min = 0, max = 1) double at) {
        Arc arc = new Arc(radius, radius * width);
        double place = arc.chord() * at;
        double centre = arc.radius() - arc.sagitta();
        assertThat(Math.hypot(place - arc.chord() / 2, arc.rise(place) + centre)).isCloseTo(radius,
                within(1e-6 * radius));
    }

    /** What sprang back and is measured again gives the arc that it has now. */
    @Property(seed = "2611")
    void measured_riseOrOffsets_giveTheArcBack(@ForAll @DoubleRange(min = 200, max = 3000) double radius,
            @ForAll @DoubleRange(min = 0.1, max = 1.5) double width) {
        Arc real = new Arc(radius, radius * width);
        assertThat(Arc.ofRise(real.chord(), real.sagitta()).radius()).isCloseTo(radius, within(1e-6 * radius));
        List<Double> measured = real.offsets(6).subList(1, 6);
        Arc found = Arc.ofOffsets(real.chord(), measured);
        assertThat(found.sagitta()).isCloseTo(real.sagitta(), within(1e-4));
        assertThat(found.farthest(measured)).isLessThan(1e-3);
    }

    @Test
    void straightOrHollow_isNoArc() {
        assertThatThrownBy(() -> Arc.ofOffsets(100, List.of(0.0, 0.0))).isInstanceOf(IllegalArgumentException.class);
        assertThat(new Arc(40, 90).isPossible()).isFalse();
    }
}
