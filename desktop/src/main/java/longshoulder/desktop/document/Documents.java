package longshoulder.desktop.document;

import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import longshoulder.core.kind.Kinds;
import longshoulder.core.project.Project;
import longshoulder.desktop.words.Texts;
import longshoulder.files.StoredPreferences;
import longshoulder.desktop.document.Notice.Choice;
import longshoulder.files.DesignFile;

/** New, open, save and close. Where changes would be lost, a notice offers to save them first; no dialog ever blocks. */
public final class Documents {

    private final Workbench bench;
    private final FileAsker asker;
    private final StoredPreferences remembered;
    private final LongWork work;

    /** Counts requests to begin or open a design: one that is read after a newer request is not opened. */
    private long begun;

    /** Documents of which nothing is remembered afterwards. */
    public Documents(Workbench bench, FileAsker asker) {
        this(bench, asker, StoredPreferences.nowhere(), LongWork.AT_ONCE);
    }

    /**
     * @param remembered where files opened last are noted
     * @param work where files are read
     */
    public Documents(Workbench bench, FileAsker asker, StoredPreferences remembered, LongWork work) {
        this.work = work;
        this.bench = bench;
        this.asker = asker;
        this.remembered = remembered;
        bench.document().fileProperty().addListener((observed, was, is) -> is.ifPresent(remembered::opened));
    }

    /** What is remembered from one start to the next. */
    public StoredPreferences remembered() {
        return remembered;
    }

    /** Files opened or saved last. */
    public List<Path> recent() {
        return remembered.recent();
    }

    /** A new design in the unit of the one shown. */
    public void startNew() {
        unlessChanged(() -> {
            begun++;
            bench.begin(
                    OwnWorkshop.beside(remembered).in(
                            Project.ofKind(Kinds.all().getFirst(), "", bench.project().showing())),
                    Optional.empty());
        });
    }

    /** Opens one of the designs that ship with the program, as a new one of the maker's own. */
    public void openExample(String name) {
        unlessChanged(() -> {
            begun++;
            bench.begin(Examples.read(name), Optional.empty());
        });
    }

    public void open() {
        unlessChanged(() -> asker.toOpen().ifPresent(this::read));
    }

    /** Opens a file that was dropped on the window. */
    public void open(Path path) {
        unlessChanged(() -> read(path));
    }

    /** Reads a file and opens it; one that takes a while is said to be on its way, and can be called off. */
    private void read(Path path) {
        long mine = ++begun;
        Notice onItsWay = new Notice(Texts.get("opening.text").formatted(path.getFileName()),
                List.of(new Choice(Texts.get("opening.stop"), () -> {
                    begun++;
                    bench.notices().close();
                })));
        Project before = bench.document().newest();
        work.run(() -> Workbench.read(path), () -> bench.notices().show(onItsWay), file -> {
            if (mine != begun) {
                return;
            }
            if (bench.document().newest().equals(before)) {
                bench.open(file);
            } else {
                // Somebody worked on while it was read.
                unlessChanged(() -> bench.open(file));
            }
        });
    }

    /** Saves to the document's own file, or asks for one. Gives whether it was saved. */
    public boolean save() {
        if (bench.document().isChangedElsewhere()) {
            bench.notices().show(new Notice(Texts.get("elsewhere.text"),
                    List.of(new Choice(Texts.get("elsewhere.over"),
                            () -> bench.document().file().ifPresent(bench::save)),
                            new Choice(Texts.get("elsewhere.other"),
                                    () -> asker.toSave(suggestion()).ifPresent(bench::save)),
                            new Choice(Texts.get("elsewhere.theirs"),
                                    () -> bench.document().file().ifPresent(this::read)))));
            return false;
        }
        return bench.document().file().map(bench::save)
                .orElseGet(() -> asker.toSave(suggestion()).map(bench::save).orElse(false));
    }

    /** Does something that closes the document; where changes are not saved, after the maker has chosen to save or drop them. */
    public void unlessChanged(Runnable action) {
        if (!bench.document().isChanged()) {
            action.run();
            return;
        }
        bench.notices().show(new Notice(Texts.get("changed.text"),
                List.of(new Choice(Texts.get("changed.save"), () -> {
                    if (save()) {
                        action.run();
                    }
                }), new Choice(Texts.get("changed.drop"), () -> {
                    bench.notices().close();
                    action.run();
                }), new Choice(Texts.get("changed.stay"), () -> bench.notices().close()))));
    }

    private String suggestion() {
        return fileName(bench) + DesignFile.SUFFIX;
    }

    /** A name for files of the design, without an ending. */
    public static String fileName(Workbench bench) {
        String title = bench.document().newest().title().toLowerCase(Locale.ROOT).replaceAll("[^a-z0-9]+", "-")
                .replaceAll("^-|-$", "");
        return title.isEmpty() ? bench.project().brief().kind() : title;
    }

    /** Who is asked for the names of files. */
    public FileAsker asker() {
        return asker;
    }
}
