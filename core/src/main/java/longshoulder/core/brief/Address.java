package longshoulder.core.brief;

import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * What a value of a brief is given for: a parameter of the whole project, such as {@code tenon.length}; of all joints of a
 * type, such as {@code haunched-tenon:tenon.length}; or of one joint, such as
 * {@code apron-front/leg-front-left:tenon.length}.
 *
 * @param joint id of the joint or of the type; empty for the whole project
 */
public record Address(Optional<String> joint, String parameter) {

    /** Reads an address; any text is one. */
    public static Address parse(String text) {
        int colon = text.lastIndexOf(':');
        return colon < 0
                ? new Address(Optional.empty(), text)
                : new Address(Optional.of(text.substring(0, colon)), text.substring(colon + 1));
    }

    /** The address of a parameter of one joint. */
    public static String of(String joint, String parameter) {
        return joint + ":" + parameter;
    }

    /** The address of a parameter of all joints of a type. */
    public static String of(JointKind type, String parameter) {
        return type.id() + ":" + parameter;
    }

    /** Where a joint's parameter may be given, the nearest first: for it alone, for its type, for the whole project. */
    public static List<String> all(String joint, JointKind type, String parameter) {
        return List.of(of(joint, parameter), of(type, parameter), parameter);
    }

    /** The piece whose end the joint is at, and the piece that it stands on; empty unless it names a joint. */
    public Optional<String[]> pieces() {
        return joint.map(id -> id.split("/", 2)).filter(halves -> halves.length == 2);
    }

    private static final Pattern COPY = Pattern.compile("copy-([1-9][0-9]?)");

    /** The number of the copy that it names, from 1; empty unless it names one. */
    public OptionalInt copy() {
        Matcher matcher = COPY.matcher(joint.orElse(""));
        return matcher.matches() ? OptionalInt.of(Integer.parseInt(matcher.group(1))) : OptionalInt.empty();
    }

    /** The type that it names; empty unless it names one. */
    public Optional<JointKind> type() {
        return joint.flatMap(JointKind::find);
    }
}
