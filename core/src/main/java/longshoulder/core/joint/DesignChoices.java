package longshoulder.core.joint;

import java.util.Optional;
import longshoulder.core.brief.Brief;
import longshoulder.core.measure.Length;
import longshoulder.core.wood.Species;
import longshoulder.core.wood.Tools;

/** What joints are made from besides what meets: what the maker decided, owns and has measured. */
public interface DesignChoices {

    Brief brief();

    Tools tools();

    /** The wood of the pieces that play a role. */
    String wood(String role);

    /** What is known of that wood. */
    Optional<Species> species(String role);

    /** What was really cut; empty where nothing was measured. */
    Optional<Length> milled(String id, String what);
}
