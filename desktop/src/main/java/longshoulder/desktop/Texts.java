package longshoulder.desktop;

import java.util.Locale;
import java.util.ResourceBundle;

/** The texts of the window that are not words of the trade. */
public final class Texts {

    private static final ResourceBundle BUNDLE = ResourceBundle.getBundle("longshoulder.desktop.window", Locale.ROOT);

    private Texts() {}

    /** The text of a key. */
    public static String get(String key) {
        return BUNDLE.getString(key);
    }
}
