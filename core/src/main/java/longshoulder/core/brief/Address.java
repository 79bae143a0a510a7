package longshoulder.core.brief;

import java.util.Optional;

/**
 * What a value of a brief is given for: a parameter of the whole project, such as {@code tenon.length}, or of one joint,
 * such as {@code apron-front/leg-front-left:tenon.length}.
 *
 * @param joint id of the joint; empty for the whole project
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

    /** The piece whose end the joint is at, and the piece that it stands on; empty unless it names a joint. */
    public Optional<String[]> pieces() {
        return joint.map(id -> id.split("/", 2)).filter(halves -> halves.length == 2);
    }
}
