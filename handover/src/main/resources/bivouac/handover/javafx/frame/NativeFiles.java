package frame;

import java.io.File;
import java.util.List;
import javafx.application.Platform;
import javafx.stage.DirectoryChooser;
import javafx.stage.FileChooser;
import javafx.stage.Window;

/** The system's own dialogs for files and folders. */
final class NativeFiles {

    private NativeFiles() {}

    /** Posted: it runs a loop of its own, and this one is not waited for yet. */
    static void ask(FileDialog dialog) {
        Platform.runLater(() -> show(dialog));
    }

    private static void show(FileDialog dialog) {
        Window above = dialog.owner() instanceof FrameWindow w ? w.stage() : null;
        if (dialog.asksFor() == FileDialog.Asks.FOLDER) {
            answer(dialog, one(folder(dialog, above)), "");
        } else {
            files(dialog, above);
        }
    }

    private static void answer(FileDialog dialog, List<File> chosen, String filter) {
        if (chosen.isEmpty()) {
            dialog.closeBoxUsed();
        } else {
            dialog.choose(chosen.stream().map(File::getPath).toList(), filter);
        }
    }

    private static File folder(FileDialog dialog, Window above) {
        DirectoryChooser chooser = new DirectoryChooser();
        chooser.setTitle(dialog.title());
        if (new File(dialog.startsIn()).isDirectory()) {
            chooser.setInitialDirectory(new File(dialog.startsIn()));
        }
        return chooser.showDialog(above);
    }

    private static void files(FileDialog dialog, Window above) {
        FileChooser chooser = new FileChooser();
        chooser.setTitle(dialog.title());
        dialog.filters().forEach(f -> chooser.getExtensionFilters()
                .add(new FileChooser.ExtensionFilter(f.label(), f.patterns())));
        File start = new File(dialog.startsIn());
        if (start.isDirectory()) {
            chooser.setInitialDirectory(start);
        } else if (start.getParentFile() != null && start.getParentFile().isDirectory()) {
            chooser.setInitialDirectory(start.getParentFile());
            chooser.setInitialFileName(start.getName());
        }
        List<File> chosen =
                switch (dialog.asksFor()) {
                    case SEVERAL -> chooser.showOpenMultipleDialog(above);
                    case SAVE -> one(chooser.showSaveDialog(above));
                    default -> one(chooser.showOpenDialog(above));
                };
        String used = chooser.getSelectedExtensionFilter() == null
                ? ""
                : chooser.getSelectedExtensionFilter().getDescription();
        answer(dialog, chosen == null ? List.of() : chosen, used);
    }

    private static List<File> one(File file) {
        return file == null ? List.of() : List.of(file);
    }
}
