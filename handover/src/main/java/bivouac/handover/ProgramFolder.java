package bivouac.handover;

import bivouac.format.SafeFile;
import bivouac.format.Unreadable;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.LinkOption;
import java.nio.file.Path;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HexFormat;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;

/**
 * A folder that a program is written to, again and again, without losing what was changed there by hand. A record of what
 * was written last tells that apart.
 */
public final class ProgramFolder {

    /** The record: a line for each file, with the hash of what was written. */
    public static final String RECORD = ".bivouac-handover";

    /** The same for documents, so that they and a program can share a folder. */
    public static final String DOCUMENTS_RECORD = ".bivouac-documents";

    private final Path folder;
    private final String recordName;

    public ProgramFolder(Path folder) {
        this(folder, RECORD);
    }

    private ProgramFolder(Path folder, String recordName) {
        this.folder = folder.toAbsolutePath().normalize();
        this.recordName = recordName;
    }

    /** A folder that documents are written to, in the same careful way. */
    public static ProgramFolder ofDocuments(Path folder) {
        return new ProgramFolder(folder, DOCUMENTS_RECORD);
    }

    public Path path() {
        return folder;
    }

    /** What would become of each file; nothing is written. {@link NotHandedOver} where nothing can be. */
    public List<Change> plan(List<WrittenFile> files) {
        if (Files.exists(folder) && !Files.isDirectory(folder)) {
            throw new NotHandedOver(folder + " is a file. Name a folder to write to.");
        }
        Map<String, String> record = record();
        var changes = new ArrayList<Change>();
        for (WrittenFile file : files) {
            changes.add(change(file, record));
        }
        Set<String> now = files.stream().map(WrittenFile::path).collect(Collectors.toSet());
        record.forEach((path, hash) -> {
            if (!now.contains(path) && isFile(path)) {
                String there = read(path);
                boolean edited = !hash.equals(hash(there));
                changes.add(new Change(path, edited ? Change.Kind.REMOVED_EDITED : Change.Kind.REMOVED, there, ""));
            }
        });
        changes.sort(Comparator.comparing(Change::path));
        return List.copyOf(changes);
    }

    private Change change(WrittenFile file, Map<String, String> record) {
        refuseLinks(file.path());
        if (!Files.exists(folder.resolve(file.path()), LinkOption.NOFOLLOW_LINKS)) {
            return new Change(file.path(), Change.Kind.NEW, "", file.text());
        }
        String there = read(file.path());
        return new Change(file.path(), kind(file, there, record.get(file.path())), there, file.text());
    }

    private static Change.Kind kind(WrittenFile file, String there, String recorded) {
        boolean unchanged = recorded != null && recorded.equals(hash(there));
        if (file.own()) {
            boolean follows = recorded == null || recorded.equals(hash(file.text()));
            return follows ? Change.Kind.OWN : unchanged ? Change.Kind.REPLACED : Change.Kind.OWN_TO_FOLLOW;
        }
        if (there.equals(file.text())) {
            return Change.Kind.SAME;
        }
        return unchanged ? Change.Kind.REPLACED : Change.Kind.EDITED;
    }

    /** A link may lead to anywhere; nothing is written through one below the folder. */
    private void refuseLinks(String path) {
        Path at = folder;
        for (Path name : Path.of(path)) {
            at = at.resolve(name);
            if (Files.isSymbolicLink(at)) {
                throw new NotHandedOver(at + " is a link and leads elsewhere. Take it away, or name another folder.");
            }
        }
    }

    private boolean isFile(String path) {
        return Files.isRegularFile(folder.resolve(path), LinkOption.NOFOLLOW_LINKS);
    }

    private String read(String path) {
        if (!isFile(path)) {
            throw new NotHandedOver(folder.resolve(path) + " is no file. Take it away, or name another folder.");
        }
        try {
            return Files.readString(folder.resolve(path));
        } catch (IOException e) {
            // what is no text in UTF-8 was not written by us
            return "";
        }
    }

    /**
     * Writes what was planned.
     *
     * @param overHand whether files that were changed by hand are written over, or removed, too
     */
    public void write(List<WrittenFile> files, List<Change> plan, boolean overHand) throws Unreadable {
        var record = new TreeMap<>(record());
        Map<String, WrittenFile> byPath =
                files.stream().collect(Collectors.toMap(WrittenFile::path, f -> f, (a, b) -> a, LinkedHashMap::new));
        try {
            for (Change change : plan) {
                Path path = folder.resolve(change.path());
                switch (change.kind()) {
                    case NEW, REPLACED -> {
                        put(path, change.written());
                        record.put(change.path(), hash(change.written()));
                    }
                    case EDITED -> {
                        if (overHand) {
                            put(path, change.written());
                            record.put(change.path(), hash(change.written()));
                        }
                    }
                    case REMOVED -> remove(path, change.path(), record);
                    case REMOVED_EDITED -> {
                        if (overHand) {
                            remove(path, change.path(), record);
                        }
                    }
                    case SAME -> record.put(change.path(), hash(change.written()));
                    case OWN, OWN_TO_FOLLOW -> {
                        // what it was first made from stays on record, until it is made from something else
                        record.putIfAbsent(
                                change.path(), hash(byPath.get(change.path()).text()));
                    }
                }
            }
            put(folder.resolve(recordName), lines(record));
        } catch (IOException e) {
            throw new Unreadable(folder + " could not be written to: " + SafeFile.why(e) + ".");
        }
    }

    private static void put(Path path, String text) throws IOException, Unreadable {
        Files.createDirectories(path.getParent());
        SafeFile.replace(path, text.getBytes(StandardCharsets.UTF_8));
    }

    private static void remove(Path path, String name, Map<String, String> record) throws IOException {
        Files.deleteIfExists(path);
        record.remove(name);
    }

    private static String lines(Map<String, String> record) {
        return record.entrySet().stream()
                .map(e -> e.getValue() + " " + e.getKey() + "\n")
                .collect(Collectors.joining(
                        "", "# What Bivouac wrote here; it tells what was changed by hand since.\n", ""));
    }

    private Map<String, String> record() {
        var record = new LinkedHashMap<String, String>();
        Path file = folder.resolve(recordName);
        if (!Files.isRegularFile(file)) {
            return record;
        }
        try {
            for (String line : Files.readAllLines(file)) {
                int space = line.indexOf(' ');
                if (!line.startsWith("#") && space > 0) {
                    record.put(line.substring(space + 1), line.substring(0, space));
                }
            }
            return record;
        } catch (IOException e) {
            throw new NotHandedOver(file + " could not be read: " + SafeFile.why(e)
                    + ". Without it nothing tells what was changed by hand; take it away to begin anew.");
        }
    }

    private static String hash(String text) {
        try {
            return HexFormat.of()
                    .formatHex(MessageDigest.getInstance("SHA-256").digest(text.getBytes(StandardCharsets.UTF_8)));
        } catch (NoSuchAlgorithmException e) {
            throw new UncheckedIOException(new IOException(e));
        }
    }
}
