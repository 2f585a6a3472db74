package bivouac.handover;

import bivouac.format.SafeFile;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.InvalidPathException;
import java.nio.file.LinkOption;
import java.nio.file.Path;
import java.util.LinkedHashSet;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * What was written to a folder: for each file the hashes of what of ours can stand there. That is one; while a program is being
 * written it is two, the one before and the one to come, so that whatever a broken handover left is known for ours.
 *
 * <p>It lies in the folder, so anybody may have written it: a name that leads out of the folder, and whatever else we never
 * write, is refused with the whole record.
 *
 * @param kind what the program is for, as on the command line; empty in a record of an older version
 */
record Record(Optional<String> kind, Map<String, Set<String>> hashes) {

    private static final String FIRST = "# What Bivouac wrote here; it tells what was changed by hand since.";
    private static final Pattern KIND = Pattern.compile("# for ([a-z]+)");
    private static final Pattern LINE = Pattern.compile("([0-9a-f]{64}) (.+)");

    /** A record of so many bytes holds a hundred thousand files, and no program has as many. */
    private static final long LARGEST = 16L << 20;

    Record {
        hashes = Map.copyOf(hashes);
    }

    static Record none() {
        return new Record(Optional.empty(), Map.of());
    }

    /** Reads it; {@link NotHandedOver} with a sentence where it is not to be trusted, or cannot be read. */
    static Record read(Path folder, Path file) {
        if (Files.isSymbolicLink(file)) {
            throw new NotHandedOver(file + " is a link and leads elsewhere. Take it away, or name another folder.");
        }
        if (!Files.isRegularFile(file, LinkOption.NOFOLLOW_LINKS)) {
            return none();
        }
        try {
            if (Files.size(file) > LARGEST) {
                throw damaged(file, "is larger than any record");
            }
            // bytes that are no text give a name that no file of ours has
            return of(folder, file, new String(Files.readAllBytes(file), StandardCharsets.UTF_8));
        } catch (IOException e) {
            throw new NotHandedOver(file + " could not be read: " + SafeFile.why(e)
                    + ". Without it nothing tells what was changed by hand; take it away to begin anew.");
        }
    }

    private static Record of(Path folder, Path file, String text) {
        Optional<String> kind = Optional.empty();
        Map<String, Set<String>> hashes = new TreeMap<>();
        int number = 0;
        for (String line : text.split("\n", -1)) {
            number++;
            Matcher named = KIND.matcher(line.strip());
            Matcher hashed = LINE.matcher(line.strip());
            if (named.matches()) {
                kind = Optional.of(named.group(1));
            } else if (hashed.matches()) {
                String path = hashed.group(2);
                if (!isBelow(folder, path)) {
                    throw damaged(file, "names in line " + number + " what is not in this folder");
                }
                hashes.computeIfAbsent(path, p -> new LinkedHashSet<>()).add(hashed.group(1));
            } else if (!line.isBlank() && !line.startsWith("#")) {
                throw damaged(file, "holds in line " + number + " what Bivouac never writes there");
            }
        }
        return new Record(kind, hashes);
    }

    private static NotHandedOver damaged(Path file, String how) {
        return new NotHandedOver(
                file + " " + how + ", so it cannot be trusted. Nothing was written or removed; take that"
                        + " file away to begin anew, or name another folder.");
    }

    /** Whether a path, with slashes, stays in the folder and is as we write it. */
    static boolean isBelow(Path folder, String path) {
        try {
            Path at = folder.getFileSystem().getPath(path);
            return !at.isAbsolute()
                    && !path.startsWith("/")
                    && !path.contains("\\")
                    && !path.isBlank()
                    && at.equals(at.normalize())
                    && !at.startsWith("..")
                    && folder.resolve(at).normalize().startsWith(folder.normalize());
        } catch (InvalidPathException noPath) {
            return false;
        }
    }

    /** Whether what has this hash is something of ours that may stand at a path. */
    boolean isOurs(String path, String hash) {
        return hashes.getOrDefault(path, Set.of()).contains(hash);
    }

    boolean knows(String path) {
        return hashes.containsKey(path);
    }

    /** The same for another program; where nothing is told, whose it was stays. */
    Record of(Optional<String> other) {
        return new Record(other.or(() -> kind), hashes);
    }

    /** The same, where something of ours may stand at a path too. */
    Record also(String path, String hash) {
        Map<String, Set<String>> all = new TreeMap<>(hashes);
        var both = new LinkedHashSet<>(hashes.getOrDefault(path, Set.of()));
        both.add(hash);
        all.put(path, both);
        return new Record(kind, all);
    }

    /** The same, where this alone of ours stands at a path. */
    Record only(String path, String hash) {
        Map<String, Set<String>> all = new TreeMap<>(hashes);
        all.put(path, Set.of(hash));
        return new Record(kind, all);
    }

    Record without(String path) {
        Map<String, Set<String>> all = new TreeMap<>(hashes);
        all.remove(path);
        return new Record(kind, all);
    }

    /** As it stands in its file. */
    byte[] bytes() {
        var text = new StringBuilder(FIRST).append('\n');
        kind.ifPresent(k -> text.append("# for ").append(k).append('\n'));
        new TreeMap<>(hashes)
                .forEach((path, all) -> all.forEach(
                        hash -> text.append(hash).append(' ').append(path).append('\n')));
        return text.toString().getBytes(StandardCharsets.UTF_8);
    }
}
