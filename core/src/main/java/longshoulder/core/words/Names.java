package longshoulder.core.words;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * What pieces and glue-ups are called, made of the words of their ids: {@code leg-front-left} is the front left leg,
 * {@code drawer-1.side-left} the left side of drawer 1. Words are things ({@code part}) or say where one is ({@code position}); some,
 * such as the top, are both. Two of them may be one thing with a name of its own, such as a drawer's rail.
 */
final class Names {

    private final Vocabulary vocabulary;

    Names(Vocabulary vocabulary) {
        this.vocabulary = vocabulary;
    }

    /** The name of a piece or a glue-up by its id; an id of a maker's own is its name. */
    String of(String id) {
        int dot = id.indexOf('.');
        if (dot <= 0 || !isMadeOfWords(id.substring(0, dot)) || !isMadeOfWords(id.substring(dot + 1))) {
            return plain(id);
        }
        String whole = plain(id.substring(0, dot));
        boolean numbered = Character.isDigit(whole.charAt(whole.length() - 1));
        return vocabulary.text(numbered ? "piece.ofNumbered" : "piece.of").replace("{0}", plain(id.substring(dot + 1)))
                .replace("{1}", whole);
    }

    private String plain(String name) {
        if (!isMadeOfWords(name)) {
            return name;
        }
        List<String> words = new ArrayList<>(List.of(name.split("-", -1)));
        Stream<String> what = Stream.of(taken(words), words.stream().filter(word -> !has("position", word))
                .collect(Collectors.joining(".")));
        Stream<String> where = words.stream().filter(word -> has("position", word))
                .map(word -> vocabulary.text("position." + word));
        boolean before = vocabulary.text("order.positions").equals("before");
        return (before ? Stream.concat(where, what) : Stream.concat(what, where))
                .filter(Predicate.not(String::isEmpty)).collect(Collectors.joining(" "));
    }

    /** The thing that is named, taken out of its words: that of two words, or the first that is nothing but a thing, or the first thing. */
    private String taken(List<String> words) {
        for (int i = 1; i < words.size(); i++) {
            String both = words.get(i - 1) + "-" + words.get(i);
            if (has("part", both)) {
                words.subList(i - 1, i + 1).clear();
                return vocabulary.text("part." + both);
            }
        }
        Optional<String> thing = words.stream().filter(word -> has("part", word) && !has("position", word)).findFirst()
                .or(() -> words.stream().filter(word -> has("part", word)).findFirst());
        thing.ifPresent(words::remove);
        return thing.map(word -> vocabulary.text("part." + word)).orElse("");
    }

    private boolean isMadeOfWords(String name) {
        return Stream.of(name.split("-", -1)).anyMatch(word -> has("position", word) || has("part", word));
    }

    private boolean has(String sort, String word) {
        return vocabulary.has(sort + "." + word);
    }
}
