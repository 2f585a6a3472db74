package bivouac.desktop.frame;

import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.util.Optional;
import java.util.function.Consumer;

/** Asks for a path by typing it, where no display has file dialogs of its own. */
public final class TypedFiles implements FileAsker {

    private final Overlay overlay;
    private final Consumer<String> say;

    public TypedFiles(Overlay overlay, Consumer<String> say) {
        this.overlay = overlay;
        this.say = say;
    }

    @Override
    public void toOpen(Consumer<Path> chosen) {
        overlay.prompt("Open a design", "The path of the file.", "", typed -> path(typed, chosen));
    }

    @Override
    public void toSave(Optional<Path> before, String proposed, Consumer<Path> chosen) {
        overlay.prompt(
                "Save the design",
                "The path of the file.",
                before.map(Path::toString).orElse(proposed),
                typed -> path(typed, chosen));
    }

    @Override
    public void toSavePicture(String proposed, Consumer<Path> chosen) {
        overlay.prompt("Save the picture", "The path of the file.", proposed, typed -> path(typed, chosen));
    }

    @Override
    public void toOpenTexts(Consumer<Path> chosen) {
        overlay.prompt("Take texts in", "The path of the file, .xlf or .csv.", "", typed -> path(typed, chosen));
    }

    @Override
    public void toSaveTexts(String proposed, Consumer<Path> chosen) {
        overlay.prompt(
                "Write the texts",
                "The path of the file: .xlf for translation tools, .csv for a spreadsheet.",
                proposed,
                typed -> path(typed, chosen));
    }

    @Override
    public void toFolder(String title, String before, Consumer<Path> chosen) {
        overlay.prompt(title, "The path of the folder.", before, typed -> path(typed, chosen));
    }

    @Override
    public boolean hasAskedToReplace(Path chosen, Path file) {
        return false;
    }

    private void path(String typed, Consumer<Path> chosen) {
        try {
            chosen.accept(Path.of(typed));
        } catch (InvalidPathException e) {
            say.accept("“" + typed + "” is no path here: " + e.getReason() + ".");
        }
    }
}
