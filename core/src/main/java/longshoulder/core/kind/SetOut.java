package longshoulder.core.kind;

import java.util.List;
import java.util.function.Function;
import longshoulder.core.brief.Brief;
import longshoulder.core.brief.Parameter;
import longshoulder.core.frame.Frame;

/**
 * A kind that is set out from its brief and nothing else.
 *
 * @param ruledOut choices of a brief that others rule out
 */
record SetOut(String id, List<Parameter> parameters, Function<Brief, Frame> settingOut,
        Function<Brief, List<String>> ruledOut) implements Kind {

    /** A kind whose choices never rule each other out. */
    SetOut(String id, List<Parameter> parameters, Function<Brief, Frame> settingOut) {
        this(id, parameters, settingOut, brief -> List.of());
    }

    @Override
    public List<String> waiting(Brief brief) {
        return ruledOut.apply(brief);
    }

    @Override
    public Frame frame(Brief brief) {
        return settingOut.apply(brief);
    }
}
