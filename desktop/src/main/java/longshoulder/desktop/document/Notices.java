package longshoulder.desktop.document;

import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import longshoulder.core.measure.EntryException;
import longshoulder.core.project.EditRefused;
import longshoulder.core.words.Words;

/** The one sentence that stands at the top of the window, such as why an edit was refused. A new one takes the place of the last. */
public final class Notices {

    private final ReadOnlyObjectWrapper<Notice> shown = new ReadOnlyObjectWrapper<>(Notice.NONE);

    /** The notice that is shown; {@link Notice#NONE} where there is none. */
    public ReadOnlyObjectProperty<Notice> shownProperty() {
        return shown.getReadOnlyProperty();
    }

    /** The same. */
    public Notice shown() {
        return shown.get();
    }

    /** Shows a notice. */
    public void show(Notice notice) {
        shown.set(notice);
    }

    /** Shows a sentence without choices. */
    public void say(String text) {
        show(Notice.of(text));
    }

    /** Says why an edit was refused. */
    void say(EditRefused refused, Words words) {
        say(words.sentence(refused.reason()) + ".");
    }

    /** Says why an entry could not be read. */
    void say(EntryException refused, Words words) {
        say(words.say(refused));
    }

    /** Shows no notice. */
    public void close() {
        show(Notice.NONE);
    }

    /** Closes a notice where it is still the one that is shown. */
    public void close(Notice notice) {
        if (shown.get().equals(notice)) {
            close();
        }
    }
}
