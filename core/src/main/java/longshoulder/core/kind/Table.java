package longshoulder.core.kind;

import static longshoulder.core.brief.Brief.MORTISE_DEPTH;
import static longshoulder.core.brief.Brief.TENON_LENGTH;
import static longshoulder.core.brief.Brief.TENON_MEETING;
import static longshoulder.core.brief.Brief.TENON_THICKNESS;

import java.util.List;
import java.util.Optional;
import longshoulder.core.brief.Brief;
import longshoulder.core.brief.Parameter;
import longshoulder.core.frame.Frame;
import longshoulder.core.measure.Angle;
import longshoulder.core.measure.Length;

/**
 * A table on four legs with four aprons and a top laid on.
 *
 * <p>Over legs = overall − 2 · overhang; shoulder length of an apron = over legs − both leg sections; leg = height −
 * top. The world's origin is the front left corner of the top, on the floor.
 */
final class Table implements Kind {

    /** How far the legs lean out to the ends, as seen from the front. */
    static final String SPLAY_FRONT = "splay.front";
    /** How far the legs lean out to the front and back, as seen from the side. */
    static final String SPLAY_SIDE = "splay.side";
    static final String LEG_FACES = "leg.faces";
    private static final Angle MOST_SPLAY = new Angle(25);

    private static final List<Parameter> PARAMETERS = List.of(
            measure("overall.length", 1500, Length.ofInches(60, 1), 200, 6000),
            measure("overall.depth", 800, Length.ofInches(32, 1), 150, 3000),
            measure("overall.height", 750, Length.ofInches(30, 1), 150, 2000),
            measure("top.thickness", 25, Length.ofInches(1, 1), 6, 150),
            measure("overhang.ends", 60, Length.ofInches(5, 2), 0, 1000),
            measure("overhang.sides", 40, Length.ofInches(3, 2), 0, 1000),
            measure("leg.width", 60, Length.ofInches(5, 2), 15, 300),
            measure("leg.depth", 60, Length.ofInches(5, 2), 15, 300),
            measure("apron.width", 95, Length.ofInches(15, 4), 25, 600),
            measure("apron.thickness", 22, Length.ofInches(7, 8), 8, 150),
            measure("apron.setback", 8, Length.ofInches(3, 8), 0, 150), school(TENON_LENGTH, 3, 300),
            school(TENON_THICKNESS, 2, 100), school(MORTISE_DEPTH, 3, 300),
            new Parameter.Choice(TENON_MEETING, List.of("mitred", "shortened", "full")),
            new Parameter.Turn(SPLAY_FRONT, Angle.ZERO, MOST_SPLAY),
            new Parameter.Turn(SPLAY_SIDE, Angle.ZERO, MOST_SPLAY),
            new Parameter.Choice(LEG_FACES, List.of("square", "backed")));

    private static Parameter measure(String name, long millimetres, Length inches, long least, long greatest) {
        return new Parameter.Measure(name, Optional.of(Length.ofMillimetres(millimetres)), Optional.of(inches),
                Length.ofMillimetres(least), Length.ofMillimetres(greatest));
    }

    private static Parameter school(String name, long least, long greatest) {
        return new Parameter.Measure(name, Optional.empty(), Optional.empty(), Length.ofMillimetres(least),
                Length.ofMillimetres(greatest));
    }

    @Override
    public String id() {
        return "table";
    }

    @Override
    public List<Parameter> parameters() {
        return PARAMETERS;
    }

    @Override
    public Frame frame(Brief brief) {
        return new TableFrame(brief).frame();
    }
}
