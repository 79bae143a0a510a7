package longshoulder.desktop;

import java.io.File;
import java.nio.file.Path;
import java.util.Optional;
import javafx.stage.FileChooser;
import javafx.stage.Window;
import longshoulder.desktop.document.FileAsker;
import longshoulder.files.DesignFile;
import longshoulder.files.DrawingFormat;
import longshoulder.desktop.words.Texts;

/** The platform's own file dialogs. */
final class PlatformFileAsker implements FileAsker {

    private final Window owner;

    PlatformFileAsker(Window owner) {
        this.owner = owner;
    }

    @Override
    public Optional<Path> toOpen() {
        return Optional.ofNullable(chooser("chooser.open").showOpenDialog(owner)).map(File::toPath);
    }

    @Override
    public Optional<Path> toOpenTable() {
        return Optional.ofNullable(chooser("chooser.table", "CSV", ".csv").showOpenDialog(owner)).map(File::toPath);
    }

    @Override
    public Optional<Path> toExportTable(String suggestion) {
        FileChooser chooser = chooser("chooser.export", "CSV", ".csv");
        chooser.setInitialFileName(suggestion);
        return Optional.ofNullable(chooser.showSaveDialog(owner)).map(File::toPath);
    }

    @Override
    public Optional<Path> toSave(String suggestion) {
        FileChooser chooser = chooser("chooser.save");
        chooser.setInitialFileName(suggestion);
        return Optional.ofNullable(chooser.showSaveDialog(owner)).map(File::toPath);
    }

    @Override
    public Optional<Path> toExport(String suggestion, DrawingFormat format) {
        FileChooser chooser = chooser("chooser.export", format.name(), format.suffix());
        chooser.setInitialFileName(suggestion);
        return Optional.ofNullable(chooser.showSaveDialog(owner)).map(File::toPath);
    }

    private static FileChooser chooser(String title) {
        return chooser(title, Texts.get("chooser.kind"), DesignFile.SUFFIX);
    }

    private static FileChooser chooser(String title, String kind, String suffix) {
        FileChooser chooser = new FileChooser();
        chooser.setTitle(Texts.get(title));
        chooser.getExtensionFilters().add(new FileChooser.ExtensionFilter(kind, "*" + suffix));
        return chooser;
    }
}
