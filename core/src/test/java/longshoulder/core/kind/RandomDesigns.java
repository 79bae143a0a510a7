package longshoulder.core.kind;

import java.util.Optional;
import java.util.Random;
import longshoulder.core.brief.Parameter;
import longshoulder.core.brief.Value;
import longshoulder.core.measure.Angle;
import longshoulder.core.measure.Length;
import longshoulder.core.measure.Showing;
import longshoulder.core.project.Edit;
import longshoulder.core.project.Project;

/** Designs at random, for tests. */
public final class RandomDesigns {

    /** Times any value anywhere within its bounds, else within a third of the default. */
    private static final int WILD = 8;

    /** Makers type hundredths at the finest, in picometres; slivers below that come from nobody's design. */
    private static final long HUNDREDTH = 10_000_000;

    private RandomDesigns() {}

    /** Of a kind with any of its choices; the same for the same seed. */
    public static Project design(Kind kind, long seed) {
        Random random = new Random(seed);
        boolean wild = random.nextInt(WILD) == 0;
        Project project = Project.ofKind(kind, "", Showing.TENTH_MILLIMETRES);
        for (Parameter parameter : kind.parameters()) {
            Optional<Value> value = value(parameter, random, wild);
            if (value.isPresent()) {
                project = new Edit.Give(parameter.name(), value.get()).applyTo(project);
            }
        }
        return project;
    }

    private static Optional<Value> value(Parameter parameter, Random random, boolean wild) {
        return switch (parameter) {
            case Parameter.Choice choice ->
                Optional.of(new Value.Chosen(choice.options().get(random.nextInt(choice.options().size()))));
            case Parameter.Turn turn -> Optional.of(new Value.Turned(
                    new Angle(random.nextInt(3) == 0 ? 0 : random.nextDouble() * turn.greatest().degrees())));
            case Parameter.Proportion part -> part.preset(false);
            case Parameter.Measure measure -> measure.metric().map(usual -> {
                long least = measure.least().picometres();
                long room = measure.greatest().picometres() - least;
                long near = Math.round(usual.picometres() * (0.67 + 0.66 * random.nextDouble()));
                long any = least + Math.round(room * random.nextDouble());
                long asTyped = Math.round((double) (wild ? any : near) / HUNDREDTH) * HUNDREDTH;
                return new Value.Measured(new Length(Math.clamp(asTyped, least, least + room)));
            });
        };
    }
}
