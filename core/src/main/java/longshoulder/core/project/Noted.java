package longshoulder.core.project;

import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;

/** What is noted of a piece while it is made: the steps that are done, in their order, the number that it bears, and a note. */
public enum Noted {
    ROUGH, MILLED, LENGTH, JOINTED, FITTED, GLUED, NUMBER, NOTE;

    /** What is written for a step that is done. */
    public static final String DONE = "done";

    private static final int MOST_DIGITS = 5;

    /** Its name in files and commands. */
    public String id() {
        return name().toLowerCase(Locale.ROOT);
    }

    /** What has a name. */
    public static Optional<Noted> find(String id) {
        return Stream.of(values()).filter(noted -> noted.id().equals(id)).findFirst();
    }

    /** Whether it is a step of the work, which is ticked. */
    public boolean isStep() {
        return this != NUMBER && this != NOTE;
    }

    /** Whether a text can be noted. */
    public boolean accepts(String text) {
        return switch (this) {
            case NOTE -> text.codePoints().noneMatch(Character::isISOControl);
            case NUMBER -> text.matches("[1-9][0-9]{0,%d}".formatted(MOST_DIGITS - 1));
            default -> text.equals(DONE);
        };
    }
}
