package longshoulder.core.joint;

import java.util.Map;
import longshoulder.core.reckoning.Label;

/**
 * How much each reason for or against a type of joint counts, for all kinds of furniture alike. About 1 for what is merely pleasant, 3 for
 * what an ordinary maker would act on, 6 and more for what was asked for and for what would fail.
 */
final class ReasonWeights {

    private static final Map<String, Integer> WEIGHTS = Map.ofEntries(
            // What the kind of furniture asks for at this place.
            Map.entry("reason.usual", 20),
            // What was asked for.
            Map.entry("reason.apart.wanted", 6), Map.entry("reason.apart.glued", 6),
            Map.entry("reason.show.wanted", 4),
            Map.entry("reason.through.shows", 3), Map.entry("reason.tusked.shows", 3),
            // What the stock leaves room for.
            Map.entry("reason.stopped.room", 2), Map.entry("reason.stopped.thin", 3),
            Map.entry("reason.stopped.end", 4), Map.entry("reason.tooWide", 3),
            Map.entry("reason.haunched.end", 3), Map.entry("reason.haunched.far", 4),
            Map.entry("reason.divided.wide", 4), Map.entry("reason.divided.narrow", 4),
            Map.entry("reason.through.long", 2), Map.entry("reason.through.crosses", 5),
            Map.entry("reason.stub.thin", 3), Map.entry("reason.stub.short", 2),
            Map.entry("reason.loose.rail", 1), Map.entry("reason.loose.end", 2),
            Map.entry("reason.housing.whole", 1), Map.entry("reason.housing.pull", 3),
            Map.entry("reason.lapped.above", 2), Map.entry("reason.lapped.drop", 4),
            Map.entry("reason.lapped.wide", 3), Map.entry("reason.sliding.pull", 1),
            Map.entry("reason.sliding.long", 3), Map.entry("reason.bridle.alike", 2),
            Map.entry("reason.bridle.thin", 3), Map.entry("reason.bridle.others", 5),
            Map.entry("reason.halfLap.equal", 1), Map.entry("reason.halfLap.unequal", 3),
            Map.entry("reason.blind.pull", 1), Map.entry("reason.blind.once", 3), Map.entry("reason.blind.soft", 3),
            Map.entry("reason.tusked.apart", 1), Map.entry("reason.tapered.show", 1),
            Map.entry("reason.moulded.setback", 4), Map.entry("reason.longAndShort.frame", 1),
            Map.entry("reason.cope.door", 1), Map.entry("reason.cope.thin", 4), Map.entry("reason.cope.tongue", 2),
            Map.entry("reason.bar.mould", 1), Map.entry("reason.bar.wide", 4),
            Map.entry("reason.edge", 1), Map.entry("reason.crossLap", 1), Map.entry("reason.groove", 1),
            // What it carries, and the tools owned.
            Map.entry("reason.carries.long", 1), Map.entry("reason.carries.short", 3),
            Map.entry("reason.tools.far", 4));

    private ReasonWeights() {}

    /** How much a reason counts. @throws IllegalArgumentException if none was set, which is our own mistake */
    static int of(Label reason) {
        Integer weight = WEIGHTS.get(reason.key());
        if (weight == null) {
            throw new IllegalArgumentException("The reason (%s) has no weight.".formatted(reason.key()));
        }
        return weight;
    }
}
