package longshoulder.core.wood;

import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.ResourceBundle;
import java.util.stream.Stream;
import org.apache.commons.text.similarity.LevenshteinDistance;

/**
 * The woods that a maker can choose: those of the table that ships, and the maker's own, which go before it.
 *
 * @param own the maker's, which replace those of the same id
 */
public record Woods(List<Species> own) {

    private static final List<Species> TABLE = table();

    /** Those of the table alone. */
    public static final Woods SHIPPED = new Woods(List.of());

    private static final Set<String> USUAL = Set.of("beech", "white-ash", "elm", "cherry", "hard-maple", "white-oak",
            "red-oak",
            "walnut", "yellow-birch", "white-pine", "larch", "sycamore", "spruce", "poplar", "mahogany", "teak");

    /** Names that differ in more letters than this are not near. */
    private static final int FAR = 3;

    public Woods {
        own = List.copyOf(own);
    }

    /** All of them: the maker's own first. */
    public List<Species> all() {
        return Stream.concat(own.stream(),
                TABLE.stream().filter(wood -> own.stream().noneMatch(mine -> mine.id().equals(wood.id())))).toList();
    }

    /** The maker's own, and those that are most often used. */
    public List<Species> usual() {
        return all().stream().filter(wood -> own.contains(wood) || USUAL.contains(wood.id())).toList();
    }

    /** These and others, which replace those of the same id. */
    public Woods with(List<Species> more) {
        return new Woods(Stream.concat(own.stream().filter(
                mine -> more.stream().noneMatch(other -> other.id().equals(mine.id()))), more.stream()).toList());
    }

    /** The wood with this id or other name, such as "oak" or "white oak"; an id goes before a name. */
    public Optional<Species> find(String name) {
        String wanted = name.strip().toLowerCase(Locale.ROOT).replace(' ', '-');
        return Stream.concat(all().stream().filter(wood -> wood.id().equals(wanted)),
                all().stream().filter(wood -> wood.isCalled(wanted))).findFirst();
    }

    /** The ids of those woods whose names are most like a text: up to three, the nearest first. */
    public List<String> nearest(String text) {
        String wanted = text.strip().toLowerCase(Locale.ROOT).replace(' ', '-');
        Map<String, Integer> distances = new HashMap<>();
        for (Species wood : all()) {
            int least = Stream.concat(Stream.of(wood.id()), wood.names().stream())
                    .mapToInt(name -> unlike(wanted, name)).min().orElseThrow();
            if (least <= FAR) {
                distances.put(wood.id(), least);
            }
        }
        return distances.keySet().stream().sorted(Comparator.comparing(
                (String id) -> Objects.requireNonNull(distances.get(id))).thenComparing(Comparator.naturalOrder()))
                .limit(3).toList();
    }

    /** How unlike two names are: 1 where one holds the other, else how many letters have to be changed, added or taken away. */
    private static int unlike(String wanted, String name) {
        return wanted.length() > 2 && (name.contains(wanted) || wanted.contains(name))
                ? 1
                : LevenshteinDistance.getDefaultInstance().apply(wanted, name);
    }

    private static List<Species> table() {
        ResourceBundle table = ResourceBundle.getBundle("longshoulder.core.wood.woods", Locale.ROOT);
        return table.keySet().stream().sorted().map(id -> Species.of(row(id, table.getString(id)))).toList();
    }

    /** No text of the table that ships has a comma in it. */
    private static Map<String, String> row(String id, String line) {
        String[] texts = line.split(",", -1);
        Map<String, String> row = new HashMap<>(Map.of(Species.COLUMNS.getFirst(), id));
        for (int i = 0; i < texts.length; i++) {
            row.put(Species.COLUMNS.get(i + 1), texts[i]);
        }
        return row;
    }
}
