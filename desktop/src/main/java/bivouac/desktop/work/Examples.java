package bivouac.desktop.work;

import java.nio.file.Files;
import java.nio.file.Path;

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

    /** Whether a file is one that ships and cannot be written, so that it is opened as a new design. */
    public static boolean isShipped(Path file) {
        return file.toAbsolutePath().startsWith(folder().toAbsolutePath()) && !Files.isWritable(file);
    }
}
