package bivouac.desktop.frame;

import bivouac.format.DesignFile;
import java.io.File;
import java.nio.file.Path;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.stage.DirectoryChooser;
import javafx.stage.FileChooser;
import javafx.stage.FileChooser.ExtensionFilter;
import javafx.stage.Window;

/** The system's own file dialogs. */
public final class NativeFiles implements FileAsker {

    private final Window owner;

    public NativeFiles(Window owner) {
        this.owner = owner;
    }

    @Override
    public void toOpen(Consumer<Path> chosen) {
        tell(ofDesigns("Open a design").showOpenDialog(owner), chosen);
    }

    @Override
    public void toSave(Optional<Path> before, String proposed, Consumer<Path> chosen) {
        FileChooser chooser = ofDesigns("Save the design");
        chooser.setInitialFileName(before.map(b -> b.getFileName().toString()).orElse(proposed));
        before.map(b -> b.toAbsolutePath().getParent())
                .map(Path::toFile)
                .filter(File::isDirectory)
                .ifPresent(chooser::setInitialDirectory);
        tell(chooser.showSaveDialog(owner), chosen);
    }

    @Override
    public void toSavePicture(String proposed, Consumer<Path> chosen) {
        String extension = proposed.substring(proposed.lastIndexOf('.') + 1);
        FileChooser chooser = chooser(
                "Save the picture",
                new ExtensionFilter(extension.toUpperCase(Locale.ROOT) + " pictures", "*." + extension));
        chooser.setInitialFileName(proposed);
        tell(chooser.showSaveDialog(owner), chosen);
    }

    @Override
    public void toOpenTexts(Consumer<Path> chosen) {
        tell(
                chooser("Take texts in", new ExtensionFilter("Texts", "*.xlf", "*.csv"))
                        .showOpenDialog(owner),
                chosen);
    }

    @Override
    public void toSaveTexts(String proposed, Consumer<Path> chosen) {
        FileChooser chooser = chooser(
                "Write the texts",
                new ExtensionFilter("Texts for translation tools (XLIFF)", "*.xlf"),
                new ExtensionFilter("Texts for spreadsheets (CSV)", "*.csv"));
        chooser.setInitialFileName(proposed);
        tell(chooser.showSaveDialog(owner), chosen);
    }

    @Override
    public void toFolder(String title, String before, Consumer<Path> chosen) {
        var chooser = new DirectoryChooser();
        chooser.setTitle(title);
        File parent = new File(before).getAbsoluteFile().getParentFile();
        if (parent != null && parent.isDirectory()) {
            chooser.setInitialDirectory(parent);
        }
        tell(chooser.showDialog(owner), chosen);
    }

    /** The system asks about the very name that was chosen. */
    @Override
    public boolean hasAskedToReplace(Path chosen, Path file) {
        return chosen.equals(file);
    }

    private static FileChooser ofDesigns(String title) {
        return chooser(
                title,
                new ExtensionFilter("Bivouac designs", "*" + DesignFile.EXTENSION),
                new ExtensionFilter("All files", "*.*"));
    }

    private static FileChooser chooser(String title, ExtensionFilter... filters) {
        var chooser = new FileChooser();
        chooser.setTitle(title);
        chooser.getExtensionFilters().addAll(filters);
        return chooser;
    }

    private static void tell(File file, Consumer<Path> chosen) {
        if (file != null) {
            chosen.accept(file.toPath());
        }
    }
}
