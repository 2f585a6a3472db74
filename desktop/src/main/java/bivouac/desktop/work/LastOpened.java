package bivouac.desktop.work;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.util.Optional;

/** The design that was opened or saved last, so that the next start goes on with it. */
public final class LastOpened {

    private static final String FILE = "last-opened";

    private final Path folder;

    /** @param folder where the tool keeps its own files */
    public LastOpened(Path folder) {
        this.folder = folder;
    }

    /** The file that was opened last, if it is still there to be read. */
    public Optional<Path> file() {
        try {
            Path file = Path.of(Files.readString(folder.resolve(FILE)).strip());
            return Files.isRegularFile(file) && Files.isReadable(file) ? Optional.of(file) : Optional.empty();
        } catch (IOException | InvalidPathException nothingKept) {
            return Optional.empty();
        }
    }

    /** Keeps a file as the one that was opened last. */
    public void keep(Path file) throws IOException {
        Files.createDirectories(folder);
        Files.writeString(folder.resolve(FILE), file.toAbsolutePath().normalize() + "\n");
    }
}
