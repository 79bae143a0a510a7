package longshoulder.core.kind;

import java.util.List;
import longshoulder.core.brief.Brief;
import longshoulder.core.brief.Parameter;
import longshoulder.core.frame.Alteration;
import longshoulder.core.frame.Frame;
import longshoulder.core.frame.Role;
import longshoulder.core.measure.Length;

/**
 * A frame of the maker's own: posts and rails placed one by one. It asks for nothing and has no piece of its own; all pieces are
 * {@link Alteration}s. A new one begins with two posts and a rail between them, to be changed or taken away.
 */
final class FreeFrame implements Kind {

    private static final List<Parameter> PARAMETERS = new KindParameters().tenons().list();

    @Override
    public String id() {
        return "free";
    }

    @Override
    public List<Parameter> parameters() {
        return PARAMETERS;
    }

    @Override
    public Frame frame(Brief brief) {
        return new FrameBuilder().frame();
    }

    @Override
    public List<Alteration> beginning(boolean inches) {
        Length unit = inches ? Length.ofInches(1, 4) : Length.ofMillimetres(6);
        Length stout = unit.times(10);
        Length thin = unit.times(4);
        Length tall = unit.times(120);
        return List.of(post("post-left", "A1", tall, stout, Length.ZERO),
                post("post-right", "A2", tall, stout, unit.times(150)),
                new Alteration.Between("rail-upper", Role.RAIL, "B1", "post-left", "post-right", stout, thin,
                        unit.times(100), Length.ZERO));
    }

    private static Alteration post(String id, String mark, Length tall, Length stout, Length x) {
        return new Alteration.Add(id, Role.POST, mark, tall, stout, stout, Alteration.Lying.ZX, x, Length.ZERO,
                Length.ZERO);
    }
}
