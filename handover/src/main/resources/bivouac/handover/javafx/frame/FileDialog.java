package frame;

import desk.Desk;
import desk.DeskWindow;
import desk.Ending;
import desk.Manner;
import desk.Values;
import desk.Way;
import java.io.File;
import java.util.List;
import javafx.stage.DirectoryChooser;
import javafx.stage.FileChooser;

/** A file dialog (C8): the system's own, or in a test a stand-in that the test answers. */
public final class FileDialog extends Asked {

    /** Set by tests: the system's own can neither be driven nor shown without a display. */
    private static boolean standIn;

    public static void standIn(boolean yes) {
        standIn = yes;
    }

    /** How it ended. */
    public sealed interface Result extends Ending {}

    /** @param path the first of the paths */
    public record Chosen(String path, List<String> paths, String filter) implements Result {
        /** As the design says it: one path, or several. */
        @Override
        public List<Object> gives() {
            return List.of(paths.size() == 1 ? path : paths, filter);
        }
    }

    public record Cancelled() implements Result {}

    /** What it asks for. */
    public enum Asks {
        ONE,
        SEVERAL,
        SAVE,
        FOLDER
    }

    /** @param patterns as {@code *.csv} */
    public record Filter(String label, List<String> patterns) {
        String extension() {
            return patterns.stream()
                    .filter(p -> p.matches("\\*\\.[^*?]+"))
                    .map(p -> p.substring(2))
                    .findFirst()
                    .orElse("");
        }
    }

    private final Asks asks;
    private final List<Filter> filters;
    private final String extension;
    private final String startsIn;

    public FileDialog(
            Desk desk, String name, String title, Asks asks, List<Filter> filters, String extension, String startsIn) {
        super(desk, name, true);
        this.asks = asks;
        this.filters = filters;
        this.extension = extension;
        this.startsIn = startsIn;
        stage.setTitle(title);
    }

    /** Asks, and waits for the answer. Nothing else happens meanwhile: it is a wait like any other. */
    public Result ask(DeskWindow asker, DeskWindow owner, Manner manner) {
        return (Result) desk.ask(asker, owner, manner, this);
    }

    @Override
    protected void show() {
        if (!standIn) {
            javafx.application.Platform.runLater(this::showNative);
        }
    }

    private void showNative() {
        javafx.stage.Window above = owner() instanceof FxWindow w ? w.stage() : null;
        List<File> chosen = asks == Asks.FOLDER ? folder(above) : files(above);
        String filter = used;
        if (chosen.isEmpty()) {
            desk.answer(this, Cancelled::new);
        } else {
            choose(chosen.stream().map(File::getPath).toList(), filter);
        }
    }

    private String used = "";

    private List<File> folder(javafx.stage.Window above) {
        DirectoryChooser chooser = new DirectoryChooser();
        chooser.setTitle(title());
        if (new File(startsIn).isDirectory()) {
            chooser.setInitialDirectory(new File(startsIn));
        }
        File folder = chooser.showDialog(above);
        return folder == null ? List.of() : List.of(folder);
    }

    private List<File> files(javafx.stage.Window above) {
        FileChooser chooser = new FileChooser();
        chooser.setTitle(title());
        filters.forEach(
                f -> chooser.getExtensionFilters().add(new FileChooser.ExtensionFilter(f.label(), f.patterns())));
        File start = new File(startsIn);
        if (start.isDirectory()) {
            chooser.setInitialDirectory(start);
        } else if (start.getParentFile() != null && start.getParentFile().isDirectory()) {
            chooser.setInitialDirectory(start.getParentFile());
            chooser.setInitialFileName(start.getName());
        }
        List<File> chosen =
                switch (asks) {
                    case SEVERAL -> chooser.showOpenMultipleDialog(above);
                    case SAVE -> one(chooser.showSaveDialog(above));
                    default -> one(chooser.showOpenDialog(above));
                };
        used = chooser.getSelectedExtensionFilter() == null
                ? ""
                : chooser.getSelectedExtensionFilter().getDescription();
        return chosen == null ? List.of() : chosen;
    }

    private static List<File> one(File file) {
        return file == null ? List.of() : List.of(file);
    }

    /** What a person chooses; a file to save gets the filter's extension where it has none. */
    public void choose(List<String> paths, String filter) {
        List<String> all = asks == Asks.SAVE
                ? paths.stream().map(p -> withExtension(p, filter)).toList()
                : paths;
        desk.answer(this, () -> new Chosen(all.getFirst(), all, filter));
    }

    private String withExtension(String path, String filter) {
        if (Values.fileName(path).lastIndexOf('.') > 0) {
            return path;
        }
        String added = filters.stream()
                .filter(f -> f.label().equals(filter))
                .map(Filter::extension)
                .findFirst()
                .filter(e -> !e.isEmpty())
                .orElse(extension);
        return added.isEmpty() ? path : path + "." + added;
    }

    @Override
    public void closeBoxUsed() {
        desk.answer(this, Cancelled::new);
    }

    @Override
    protected Ending endingFor(Way way) {
        return new Cancelled();
    }
}
