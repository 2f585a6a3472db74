package bivouac.check;

import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;

/** The files that lie beside a design: its pictures and icons. */
@FunctionalInterface
public interface Beside {

    /** Where nothing is known of files, for a design that has not been saved. */
    Beside UNKNOWN = file -> Optional.empty();

    /** What is wrong with a picture, to stand after its name: {@code is not there}; empty if nothing is. */
    Optional<String> wrongPicture(String file);

    /** The files in and below a folder. Only the beginning of a picture is read. */
    static Beside in(Path folder) {
        return file -> {
            try {
                Path path = folder.resolve(file);
                return !Files.isRegularFile(path)
                        ? Optional.of("is not there, beside the design")
                        : isImage(path) ? Optional.empty() : Optional.of("is no image, whatever its name says");
            } catch (InvalidPathException e) {
                return Optional.of("can be no file's name");
            } catch (IOException e) {
                return Optional.of("cannot be read");
            }
        };
    }

    private static boolean isImage(Path path) throws IOException {
        byte[] head;
        try (InputStream in = Files.newInputStream(path)) {
            head = in.readNBytes(512);
        }
        String text = new String(head, java.nio.charset.StandardCharsets.ISO_8859_1);
        return List.of("\u0089PNG", "\u00ff\u00d8\u00ff", "GIF8", "BM", "\0\0\1\0").stream()
                        .anyMatch(text::startsWith)
                || text.contains("<svg");
    }
}
