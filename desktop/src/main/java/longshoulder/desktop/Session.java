package longshoulder.desktop;

import java.util.Optional;
import longshoulder.desktop.document.Background;
import longshoulder.desktop.document.BackgroundThread;
import longshoulder.desktop.document.Documents;
import longshoulder.desktop.document.FileAsker;
import longshoulder.desktop.document.Notice;
import longshoulder.desktop.document.Safekeeping;
import longshoulder.desktop.document.Workbench;
import longshoulder.desktop.words.Texts;
import longshoulder.files.StoredPreferences;
import longshoulder.files.UnsavedWork;

/**
 * The document that the program begins with. What a crash left behind is shown as unsaved work; where its file was saved since, it is
 * offered.
 *
 * @param safekeeping of work; none for a picture or a measurement
 */
record Session(Workbench bench, Documents documents, Optional<Safekeeping> safekeeping) {

    /** Opens what was loaded; on the interface's thread. */
    static Session begin(StartUp asked, StartUp.Beginning loaded, FileAsker asker, StoredPreferences remembered) {
        Workbench bench = new Workbench(loaded.plan(), loaded.file(),
                asked.isWork() ? Background.ofThreads() : Background.AT_ONCE);
        loaded.trouble().ifPresent(bad -> bench.notices().show(Notice.of(bad.message(Texts.locale()))));
        Optional<UnsavedWork.Left> present = loaded.left().filter(left -> !left.isOlderThanFile());
        present.ifPresent(left -> bench.document().holdUnsaved());
        Optional<Safekeeping> safekeeping = asked.isWork()
                ? Optional.of(new Safekeeping(bench, UnsavedWork.ofThisProgram(asked.unsaved()), asked.unsaved()))
                : Optional.empty();
        Documents documents = new Documents(bench, asker, remembered, new BackgroundThread("reading"));
        safekeeping.ifPresent(keeping -> loaded.left().ifPresent(left -> {
            if (present.isPresent()) {
                keeping.takeOver(left);
            } else {
                keeping.offerOlder(left, documents);
            }
        }));
        return new Session(bench, documents, safekeeping);
    }
}
