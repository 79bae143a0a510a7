package longshoulder.core.kind;

import java.util.List;
import java.util.function.Function;
import longshoulder.core.brief.Brief;
import longshoulder.core.brief.Parameter;
import longshoulder.core.frame.Frame;

/** A kind that is set out from its brief and nothing else. */
record SetOut(String id, List<Parameter> parameters, Function<Brief, Frame> settingOut) implements Kind {

    @Override
    public Frame frame(Brief brief) {
        return settingOut.apply(brief);
    }
}
