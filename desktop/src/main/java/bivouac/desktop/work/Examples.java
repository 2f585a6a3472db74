package bivouac.desktop.work;

import bivouac.format.DesignFile;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** The designs that ship. */
public final class Examples {

    private Examples() {}

    /** The folder that they are in. */
    public static Path folder() {
        return Path.of(System.getProperty("bivouac.examples", "examples"));
    }

    /** The one that is opened where nothing is named. */
    public static Path usual() {
        return folder().resolve("ridge-hut.bivouac");
    }

    /** All of them, by name; none where the folder cannot be read. */
    public static List<Path> all() {
        try (Stream<Path> files = Files.list(folder())) {
            return files.filter(f -> f.toString().endsWith(DesignFile.EXTENSION))
                    .sorted()
                    .toList();
        } catch (IOException e) {
            return List.of();
        }
    }

    /** What one is called: its file's name in words. */
    public static String title(Path file) {
        String name = file.getFileName().toString().replace(DesignFile.EXTENSION, "");
        return Stream.of(name.split("-"))
                .map(w -> Character.toUpperCase(w.charAt(0)) + w.substring(1))
                .collect(Collectors.joining(" "));
    }

    /** Whether a file is one that ships and cannot be written, so that it is opened as a new design. */
    public static boolean isShipped(Path file) {
        return file.toAbsolutePath().startsWith(folder().toAbsolutePath()) && !Files.isWritable(file);
    }
}
