package longshoulder.core.project;

import java.util.Collections;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Collectors;
import longshoulder.core.boards.StockList;
import longshoulder.core.brief.HouseRules;
import longshoulder.core.brief.Value;
import longshoulder.core.measure.Showing;
import longshoulder.core.wood.Tools;
import longshoulder.core.wood.Woods;

/**
 * What a maker has and how a maker works, whatever is made. A project holds a copy of what it uses, so that its plan stays the same
 * wherever it is opened; the maker's own is a file shared by all projects.
 *
 * @param woods those that can be chosen, the maker's own among them
 * @param rules ways of working and limits by their names, where they are not the usual ones: those of {@link HouseRules}
 * @param stock boards at hand, and sizes that can be bought
 */
public record Workshop(Tools tools, Woods woods, Map<String, Value> rules, StockList stock) {

    public Workshop {
        rules = Collections.unmodifiableMap(new TreeMap<>(rules));
    }

    /** The one that ships: a usual set of chisels, and the usual rules. */
    public static Workshop usual(Showing showing) {
        return new Workshop(showing.isInches() ? Tools.IMPERIAL : Tools.METRIC, Woods.SHIPPED, Map.of(),
                StockList.SHIPPED);
    }

    /** The same with another list of stock. */
    public Workshop withStock(StockList other) {
        return new Workshop(tools, woods, rules, other);
    }

    /** What a project uses. */
    static Workshop of(Project project) {
        return new Workshop(project.tools(), project.knownWoods(), project.brief().values().entrySet().stream()
                .filter(entry -> HouseRules.find(entry.getKey()).isPresent())
                .collect(Collectors.toMap(Map.Entry::getKey, Map.Entry::getValue)), project.stock());
    }
}
