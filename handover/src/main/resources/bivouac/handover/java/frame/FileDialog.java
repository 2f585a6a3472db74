package frame;

import desk.Desk;
import desk.DeskWindow;
import desk.Ending;
import desk.Manner;
import desk.Values;
import desk.Way;
import java.util.List;

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
        title(title);
    }

    /** Asks, and waits for the answer. Nothing else happens meanwhile: it is a wait like any other. */
    public Result ask(DeskWindow asker, DeskWindow owner, Manner manner) {
        return (Result) desk.ask(asker, owner, manner, this);
    }

    @Override
    protected void show() {
        if (standIn) {
            super.show();
        } else {
            NativeFiles.ask(this);
        }
    }

    Asks asksFor() {
        return asks;
    }

    List<Filter> filters() {
        return filters;
    }

    /** A folder, or a file in it; empty for where it was used last. */
    String startsIn() {
        return startsIn;
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
