package bivouac.handover.proof;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Comparator;
import java.util.stream.Stream;

/** A folder that is made for one job, and goes with all in it when that is done. */
public record TemporaryFolder(Path path) implements AutoCloseable {

    public static TemporaryFolder named(String beginning) throws IOException {
        return new TemporaryFolder(Files.createTempDirectory(beginning));
    }

    @Override
    public void close() throws IOException {
        try (Stream<Path> all = Files.walk(path)) {
            for (Path each : all.sorted(Comparator.reverseOrder()).toList()) {
                Files.deleteIfExists(each);
            }
        }
    }
}
