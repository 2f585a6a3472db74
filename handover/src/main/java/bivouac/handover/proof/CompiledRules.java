package bivouac.handover.proof;

import bivouac.format.FileVersion;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Stream;

/**
 * The rules by which windows live, compiled once in a process for all programs that hold the very same sources: they are four
 * fifths of a small program. Where somebody has changed one of them, it is compiled with that program.
 */
final class CompiledRules {

    /** Where the classes of sources are. */
    private static final Map<Sources, Path> COMPILED = new ConcurrentHashMap<>();

    /** What is compiled, by what it is and not by where it stands, and what it is compiled against. */
    private record Sources(String classPath, List<Source> all) {

        private record Source(String file, FileVersion text) {}

        static Sources of(List<Path> paths, String classPath) throws IOException {
            var all = new ArrayList<Source>();
            for (Path path : paths) {
                all.add(new Source(path.getFileName().toString(), FileVersion.of(Files.readAllBytes(path))));
            }
            return new Sources(classPath, List.copyOf(all));
        }
    }

    private CompiledRules() {}

    /** Compiles sources into a folder; answers what is said against them. */
    interface Compiling {
        Optional<String> into(List<Path> sources, Path classes) throws IOException;
    }

    /** Puts the classes into a folder; answers what is said against the sources, for which there are none then. */
    static Optional<String> into(Path classes, List<Path> sources, String classPath, Compiling compiling)
            throws IOException {
        if (sources.isEmpty()) {
            return Optional.empty();
        }
        Sources key = Sources.of(sources, classPath);
        Path compiled = COMPILED.get(key);
        if (compiled == null) {
            TemporaryFolder anew = TemporaryFolder.named("bivouac-rules");
            Runtime.getRuntime().addShutdownHook(new Thread(() -> remove(anew)));
            Optional<String> said = compiling.into(sources, anew.path());
            if (said.isPresent()) {
                return said;
            }
            COMPILED.put(key, anew.path());
            compiled = anew.path();
        }
        copy(compiled, classes);
        return Optional.empty();
    }

    private static void copy(Path from, Path to) throws IOException {
        try (Stream<Path> all = Files.walk(from)) {
            for (Path file : all.filter(Files::isRegularFile).toList()) {
                Path target = to.resolve(from.relativize(file).toString());
                Files.createDirectories(target.getParent());
                Files.copy(file, target, StandardCopyOption.REPLACE_EXISTING);
            }
        }
    }

    private static void remove(TemporaryFolder folder) {
        try {
            folder.close();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
