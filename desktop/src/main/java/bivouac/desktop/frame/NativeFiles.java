package bivouac.desktop.frame;

import bivouac.format.DesignFile;
import java.io.File;
import java.nio.file.Path;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.stage.DirectoryChooser;
import javafx.stage.FileChooser;
import javafx.stage.Window;

/** The system's own file dialogs. */
public final class NativeFiles implements FileAsker {

    private final Window owner;

    public NativeFiles(Window owner) {
        this.owner = owner;
    }

    @Override
    public void toOpen(Consumer<Path> chosen) {
        tell(chooser("Open a design").showOpenDialog(owner), chosen);
    }

    @Override
    public void toSave(Optional<Path> before, String proposed, Consumer<Path> chosen) {
        FileChooser chooser = chooser("Save the design");
        chooser.setInitialFileName(before.map(b -> b.getFileName().toString()).orElse(proposed));
        before.map(b -> b.toAbsolutePath().getParent())
                .map(Path::toFile)
                .filter(File::isDirectory)
                .ifPresent(chooser::setInitialDirectory);
        tell(chooser.showSaveDialog(owner), chosen);
    }

    @Override
    public void toSavePicture(String proposed, Consumer<Path> chosen) {
        var chooser = new FileChooser();
        chooser.setTitle("Save the picture");
        chooser.setInitialFileName(proposed);
        String extension = proposed.substring(proposed.lastIndexOf('.') + 1);
        chooser.getExtensionFilters()
                .add(new FileChooser.ExtensionFilter(
                        extension.toUpperCase(Locale.ROOT) + " pictures", "*." + extension));
        tell(chooser.showSaveDialog(owner), chosen);
    }

    @Override
    public void toOpenTexts(Consumer<Path> chosen) {
        var chooser = new FileChooser();
        chooser.setTitle("Take texts in");
        chooser.getExtensionFilters().add(new FileChooser.ExtensionFilter("Texts", "*.xlf", "*.csv"));
        tell(chooser.showOpenDialog(owner), chosen);
    }

    @Override
    public void toSaveTexts(String proposed, Consumer<Path> chosen) {
        var chooser = new FileChooser();
        chooser.setTitle("Write the texts");
        chooser.setInitialFileName(proposed);
        chooser.getExtensionFilters()
                .addAll(
                        new FileChooser.ExtensionFilter("Texts for translation tools (XLIFF)", "*.xlf"),
                        new FileChooser.ExtensionFilter("Texts for spreadsheets (CSV)", "*.csv"));
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

    private static FileChooser chooser(String title) {
        var chooser = new FileChooser();
        chooser.setTitle(title);
        chooser.getExtensionFilters()
                .add(new FileChooser.ExtensionFilter("Bivouac designs", "*" + DesignFile.EXTENSION));
        chooser.getExtensionFilters().add(new FileChooser.ExtensionFilter("All files", "*.*"));
        return chooser;
    }

    private static void tell(File file, Consumer<Path> chosen) {
        if (file != null) {
            chosen.accept(file.toPath());
        }
    }
}
