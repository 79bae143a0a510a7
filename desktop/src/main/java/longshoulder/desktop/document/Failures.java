package longshoulder.desktop.document;

import java.lang.System.Logger;
import java.lang.System.Logger.Level;
import java.nio.file.Path;
import java.util.List;
import java.util.function.Consumer;
import longshoulder.desktop.document.Notice.Choice;
import longshoulder.desktop.words.Texts;

/**
 * What becomes of a mistake of the program's own: it is logged, and a notice says that it happened and what can be done. The design and
 * the window stay as they were.
 */
public final class Failures {

    private static final Logger LOG = System.getLogger("longshoulder.desktop");

    private final Workbench bench;
    private final Path folder;
    private final Consumer<Path> open;

    /**
     * @param folder of the log
     * @param open shows a folder to the maker
     */
    public Failures(Workbench bench, Path folder, Consumer<Path> open) {
        this.bench = bench;
        this.folder = folder;
        this.open = open;
    }

    /** Logs it and says so; on the interface's thread. */
    public void report(Throwable failure) {
        LOG.log(Level.ERROR, "A mistake of the program.", failure);
        bench.notices().show(new Notice(Texts.get("failure.text"), List.of(
                new Choice(Texts.get("failure.open"), () -> open.accept(folder)),
                new Choice(Texts.get("notice.close"), () -> bench.notices().close()))));
    }
}
