package frame;

import java.awt.EventQueue;
import java.awt.Window;
import java.io.File;
import java.nio.file.FileSystems;
import java.util.Arrays;
import java.util.List;
import javax.swing.JFileChooser;
import javax.swing.filechooser.FileFilter;

/** Swing's own dialog for files and folders. */
final class NativeFiles {

    private NativeFiles() {}

    /** Posted: it runs a loop of its own, and this one is not waited for yet. */
    static void ask(FileDialog dialog) {
        EventQueue.invokeLater(() -> show(dialog));
    }

    private static void show(FileDialog dialog) {
        FileDialog.Asks asks = dialog.asksFor();
        List<FileDialog.Filter> filters = dialog.filters();
        String startsIn = dialog.startsIn();
        JFileChooser chooser = new JFileChooser(startsIn.isEmpty() ? null : startsIn);
        chooser.setDialogTitle(dialog.title());
        chooser.setMultiSelectionEnabled(asks == FileDialog.Asks.SEVERAL);
        chooser.setFileSelectionMode(
                asks == FileDialog.Asks.FOLDER ? JFileChooser.DIRECTORIES_ONLY : JFileChooser.FILES_ONLY);
        chooser.setAcceptAllFileFilterUsed(filters.isEmpty());
        filters.stream().map(NativeFiles::chooserFilter).forEach(chooser::addChoosableFileFilter);
        if (asks == FileDialog.Asks.SAVE && !startsIn.isEmpty()) {
            chooser.setSelectedFile(new File(startsIn));
        }
        Window above = dialog.owner() instanceof FrameWindow w ? w.shell() : null;
        int answer = asks == FileDialog.Asks.SAVE ? chooser.showSaveDialog(above) : chooser.showOpenDialog(above);
        if (answer != JFileChooser.APPROVE_OPTION) {
            dialog.closeBoxUsed();
            return;
        }
        File[] chosen =
                asks == FileDialog.Asks.SEVERAL ? chooser.getSelectedFiles() : new File[] {chooser.getSelectedFile()};
        String used =
                chooser.getFileFilter() == null ? "" : chooser.getFileFilter().getDescription();
        dialog.choose(Arrays.stream(chosen).map(File::getPath).toList(), used);
    }

    private static FileFilter chooserFilter(FileDialog.Filter filter) {
        return new FileFilter() {
            @Override
            public boolean accept(File file) {
                return file.isDirectory()
                        || filter.patterns().stream().anyMatch(p -> FileSystems.getDefault()
                                .getPathMatcher("glob:" + p)
                                .matches(file.toPath().getFileName()));
            }

            @Override
            public String getDescription() {
                return filter.label();
            }
        };
    }
}
