package longshoulder.core.finding;

import java.util.List;
import longshoulder.core.reckoning.Label;
import longshoulder.core.reckoning.Level;

/**
 * Something about a plan that the maker has to know.
 *
 * @param code stable, such as {@code tenons-collide}
 * @param concern the part of the work that it belongs to
 * @param about ids of the joints and pieces that it concerns, the one where it shows first
 * @param message what is wrong, by how much, and why it matters
 * @param remedies what would mend it, the gentlest first
 */
public record Finding(String code, Concern concern, Level level, List<String> about, Label message,
        List<Remedy> remedies) {

    public Finding {
        about = List.copyOf(about);
        remedies = List.copyOf(remedies);
    }
}
