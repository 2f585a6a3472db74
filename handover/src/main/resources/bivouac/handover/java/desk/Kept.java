package desk;

import java.io.IOException;
import java.io.Reader;
import java.io.Writer;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.List;
import java.util.Properties;
import java.util.function.Function;
import java.util.stream.LongStream;

/** What outlives a run (D6, D7): a file in the user's configuration folder; missing or damaged, it is a first run. */
public final class Kept {

    private static final String HELD = "held.";
    private static final String COUNT = ".count";

    private final Path file;
    private final Properties values = new Properties();

    private Kept(Path file) {
        this.file = file;
        try (Reader in = Files.newBufferedReader(file)) {
            values.load(in);
        } catch (IOException | IllegalArgumentException firstRun) {
            values.clear();
        }
    }

    /** Of an application, in the platform's usual place. */
    public static Kept of(String application) {
        return in(folder().resolve(application));
    }

    public static Kept in(Path folder) {
        return new Kept(folder.resolve("kept.properties"));
    }

    private static Path folder() {
        String windows = System.getenv("APPDATA");
        String other = System.getenv("XDG_CONFIG_HOME");
        return windows != null
                ? Path.of(windows)
                : other != null ? Path.of(other) : Path.of(System.getProperty("user.home"), ".config");
    }

    public String get(String name, String usual) {
        return values.getProperty(name, usual);
    }

    /** A list is kept with a count, a row with a mark, and what is in them under numbers, so that none is mistaken. */
    public void put(String name, Object value) {
        switch (value) {
            case List<?> all -> {
                put(name + COUNT, (long) all.size());
                each(name, all);
            }
            case Row row -> {
                values.setProperty(name, "");
                each(name, row.values());
            }
            default -> values.setProperty(name, Values.shown(value));
        }
    }

    private void each(String name, List<?> all) {
        for (int i = 0; i < all.size(); i++) {
            put(name + "." + i, all.get(i));
        }
    }

    public boolean yes(String name, boolean usual) {
        return get(name, Values.shown(usual)).equals("yes");
    }

    public long whole(String name, long usual) {
        String text = get(name, "");
        return Values.isWhole(text) ? Values.whole(text) : usual;
    }

    public double number(String name, double usual) {
        String text = get(name, "");
        return Values.isNumber(text) ? Values.number(text) : usual;
    }

    public java.time.LocalDate date(String name, java.time.LocalDate usual) {
        String text = get(name, "");
        return Values.isDate(text) ? Values.date(text) : usual;
    }

    /** @param item reads one, under the name that it gets */
    public <T> List<T> list(String name, List<T> usual, Function<String, T> item) {
        return values.containsKey(name + COUNT)
                ? LongStream.range(0, whole(name + COUNT, 0))
                        .mapToObj(i -> item.apply(name + "." + i))
                        .toList()
                : usual;
    }

    /** @param columns reads it, its columns under the name that it gets and their numbers from 0 */
    public <R extends Row> R row(String name, R usual, Function<String, R> columns) {
        return values.containsKey(name) ? columns.apply(name) : usual;
    }

    /** The holdings that a killed run left behind (D7), in the order of the names given. */
    public List<String> traces(List<String> holdings) {
        return holdings.stream().filter(h -> values.containsKey(HELD + h)).toList();
    }

    /** What is held leaves a trace until it is given back. */
    public void held(String holding, boolean now) {
        if (now) {
            values.setProperty(HELD + holding, "");
        } else {
            values.remove(HELD + holding);
        }
        save();
    }

    /** Written beside and renamed, so that a kill never leaves half of it. */
    public void save() {
        try {
            Files.createDirectories(file.getParent());
            Path beside = file.resolveSibling(file.getFileName() + ".new");
            try (Writer out = Files.newBufferedWriter(beside)) {
                values.store(out, null);
            }
            Files.move(beside, file, StandardCopyOption.REPLACE_EXISTING);
        } catch (IOException e) {
            System.err.println("What is kept could not be saved: " + e.getMessage());
        }
    }
}
