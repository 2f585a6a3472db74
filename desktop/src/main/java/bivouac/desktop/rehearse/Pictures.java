package bivouac.desktop.rehearse;

import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.function.Supplier;
import javafx.scene.image.Image;

/** The pictures and icons that lie beside the design. A file that is not there, or is no image, shows as its name. */
final class Pictures {

    private final Supplier<Optional<Path>> folder;
    private final Map<Path, Optional<Image>> known = new HashMap<>();

    /** @param folder of the design's file; empty while it has none */
    Pictures(Supplier<Optional<Path>> folder) {
        this.folder = folder;
    }

    /** @param file with slashes, from the design's folder */
    Optional<Image> of(String file) {
        try {
            return file.isBlank()
                    ? Optional.empty()
                    : folder.get().flatMap(f -> known.computeIfAbsent(f.resolve(file), Pictures::load));
        } catch (InvalidPathException e) {
            return Optional.empty();
        }
    }

    private static Optional<Image> load(Path path) {
        if (!Files.isRegularFile(path)) {
            return Optional.empty();
        }
        try (InputStream in = Files.newInputStream(path)) {
            var image = new Image(in);
            return image.isError() ? Optional.empty() : Optional.of(image);
        } catch (IOException e) {
            return Optional.empty();
        }
    }
}
