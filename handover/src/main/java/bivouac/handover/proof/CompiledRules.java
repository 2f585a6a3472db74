package bivouac.handover.proof;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;
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

    /** By a hash of the sources and of what they are compiled against: where their classes are. */
    private static final Map<String, Path> COMPILED = new ConcurrentHashMap<>();

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
        String key = hash(sources, classPath);
        Path compiled = COMPILED.get(key);
        if (compiled == null) {
            Path anew = Files.createTempDirectory("bivouac-rules");
            Runtime.getRuntime().addShutdownHook(new Thread(() -> remove(anew)));
            Optional<String> said = compiling.into(sources, anew);
            if (said.isPresent()) {
                return said;
            }
            COMPILED.put(key, anew);
            compiled = anew;
        }
        copy(compiled, classes);
        return Optional.empty();
    }

    private static String hash(List<Path> sources, String classPath) throws IOException {
        try {
            MessageDigest hash = MessageDigest.getInstance("SHA-256");
            hash.update(classPath.getBytes(StandardCharsets.UTF_8));
            for (Path source : sources) {
                hash.update(source.getFileName().toString().getBytes(StandardCharsets.UTF_8));
                hash.update((byte) 0);
                hash.update(Files.readAllBytes(source));
            }
            return HexFormat.of().formatHex(hash.digest());
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException("Every Java has SHA-256", e);
        }
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

    private static void remove(Path folder) {
        try (Stream<Path> all = Files.walk(folder)) {
            for (Path file : all.sorted(java.util.Comparator.reverseOrder()).toList()) {
                Files.deleteIfExists(file);
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
