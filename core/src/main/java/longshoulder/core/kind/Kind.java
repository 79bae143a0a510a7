package longshoulder.core.kind;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import longshoulder.core.brief.Brief;
import longshoulder.core.brief.Parameter;
import longshoulder.core.brief.Value;
import longshoulder.core.frame.Alteration;
import longshoulder.core.frame.Frame;

/** A kind of furniture: what it asks for, and the frame that follows. */
public interface Kind {

    /** Stable name, such as {@code table}. */
    String id();

    /** What it asks for, in the order in which a maker would give it. */
    List<Parameter> parameters();

    /**
     * The frame for a brief of this kind.
     *
     * <p>Takes every brief whose values lie within their parameters' bounds. Where these contradict each other the
     * frame has pieces of no or negative size, which the checks report.
     */
    Frame frame(Brief brief);

    /** Choices without effect, because others rule them out: they wait until these change. */
    default List<String> waiting(Brief brief) {
        return List.of();
    }

    /** What a new design of this kind begins with beyond its parameters. */
    default List<Alteration> beginning(boolean inches) {
        return List.of();
    }

    /** The parameter of that name. */
    default Optional<Parameter> parameter(String name) {
        return parameters().stream().filter(parameter -> parameter.name().equals(name)).findFirst();
    }

    /** A brief with every default, round in millimetres or in inches. */
    default Brief brief(boolean inches) {
        Map<String, Value> values = new TreeMap<>();
        parameters().forEach(
                parameter -> parameter.preset(inches).ifPresent(value -> values.put(parameter.name(), value)));
        return new Brief(id(), values);
    }
}
