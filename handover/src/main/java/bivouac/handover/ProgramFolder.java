package bivouac.handover;

import bivouac.format.FileVersion;
import bivouac.format.SafeFile;
import bivouac.format.Unreadable;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.LinkOption;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;

/**
 * A folder that a program is written to, again and again, without losing what was changed there by hand. A {@link Record} of
 * what was written tells that apart, by bytes. Nothing outside the folder is written or removed: a link on the way is refused.
 */
public final class ProgramFolder {

    /** The record: a line for each file, with the hash of what was written. */
    public static final String RECORD = ".bivouac-handover";

    /** The same for documents, so that they and a program can share a folder. */
    public static final String DOCUMENTS_RECORD = ".bivouac-documents";

    private final Path folder;
    private final String recordName;
    private final Optional<String> kind;

    private ProgramFolder(Path folder, String recordName, Optional<String> kind) {
        this.folder = folder.toAbsolutePath().normalize();
        this.recordName = recordName;
        this.kind = kind;
    }

    /** A folder that a program for a toolkit is written to. */
    public static ProgramFolder of(Path folder, Toolkit toolkit) {
        return new ProgramFolder(folder, RECORD, Optional.of(toolkit.word()));
    }

    /** A folder that documents are written to, in the same careful way. */
    public static ProgramFolder ofDocuments(Path folder) {
        return new ProgramFolder(folder, DOCUMENTS_RECORD, Optional.empty());
    }

    public Path path() {
        return folder;
    }

    /** The toolkit whose program stands there, if it is another one: most of that goes when this one is written. */
    public Optional<String> other() {
        return record().kind().filter(k -> kind.isPresent() && !kind.get().equals(k));
    }

    /** What would become of each file; nothing is written. {@link NotHandedOver} where nothing can be. */
    public List<Change> plan(List<WrittenFile> files) {
        if (Files.exists(folder) && !Files.isDirectory(folder)) {
            throw new NotHandedOver(folder + " is a file. Name a folder to write to.");
        }
        Record record = record();
        Map<String, WrittenFile> now = byPath(files);
        var changes = new ArrayList<Change>();
        for (WrittenFile file : now.values()) {
            changes.add(change(file, record));
        }
        record.hashes().keySet().stream().filter(path -> !now.containsKey(path)).forEach(path -> {
            refuseLinks(path);
            if (isFile(path)) {
                byte[] there = read(path);
                boolean edited = !record.isOurs(path, hash(there));
                changes.add(
                        new Change(path, edited ? Change.Kind.REMOVED_EDITED : Change.Kind.REMOVED, text(there), ""));
            }
        });
        changes.sort(Comparator.comparing(Change::path));
        return List.copyOf(changes);
    }

    private static Map<String, WrittenFile> byPath(List<WrittenFile> files) {
        return files.stream().collect(Collectors.toMap(WrittenFile::path, Function.identity(), (a, b) -> {
            throw new NotHandedOver("Two files of the program would be " + a.path() + ". Call the picture of that name"
                    + " another name.");
        }));
    }

    private Change change(WrittenFile file, Record record) {
        refuseLinks(file.path());
        if (!Files.exists(folder.resolve(file.path()), LinkOption.NOFOLLOW_LINKS)) {
            return new Change(file.path(), Change.Kind.NEW, "", file.text());
        }
        byte[] there = read(file.path());
        return new Change(file.path(), kind(file, hash(there), record), text(there), file.text());
    }

    private static Change.Kind kind(WrittenFile file, String there, Record record) {
        boolean unchanged = record.isOurs(file.path(), there);
        String written = hash(file.bytes());
        if (file.own()) {
            boolean follows = !record.knows(file.path()) || record.isOurs(file.path(), written);
            boolean isUntouched = unchanged && !there.equals(written);
            return isUntouched ? Change.Kind.REPLACED : follows ? Change.Kind.OWN : Change.Kind.OWN_TO_FOLLOW;
        }
        if (there.equals(written)) {
            return Change.Kind.SAME;
        }
        return unchanged ? Change.Kind.REPLACED : Change.Kind.EDITED;
    }

    /** A link may lead to anywhere; nothing is written, read or removed through one below the folder. */
    private void refuseLinks(String path) {
        Path at = folder;
        for (Path name : folder.getFileSystem().getPath(path)) {
            at = at.resolve(name);
            if (Files.isSymbolicLink(at)) {
                throw new NotHandedOver(at + " is a link and leads elsewhere. Take it away, or name another folder.");
            }
        }
    }

    private boolean isFile(String path) {
        return Files.isRegularFile(folder.resolve(path), LinkOption.NOFOLLOW_LINKS);
    }

    private byte[] read(String path) {
        if (!isFile(path)) {
            throw new NotHandedOver(folder.resolve(path) + " is no file. Take it away, or name another folder.");
        }
        try {
            return Files.readAllBytes(folder.resolve(path));
        } catch (IOException e) {
            throw new NotHandedOver(folder.resolve(path) + " could not be read: " + SafeFile.why(e)
                    + ". Nothing tells then whether it was changed by hand.");
        }
    }

    /** For people who compare; what is no text is not shown. */
    private static String text(byte[] bytes) {
        try {
            return StandardCharsets.UTF_8
                    .newDecoder()
                    .decode(ByteBuffer.wrap(bytes))
                    .toString();
        } catch (CharacterCodingException noText) {
            return "";
        }
    }

    /**
     * Writes what was planned. Broken off at any moment, what it has written is known for ours the next time, and written to its
     * end then.
     *
     * @param overHand whether files that were changed by hand are written over, or removed, too
     */
    public void write(List<WrittenFile> files, List<Change> plan, boolean overHand) throws Unreadable {
        Map<String, WrittenFile> now = byPath(files);
        Record before = record();
        Record begun = before;
        Record done = before.of(kind);
        try {
            for (Change change : plan) {
                if (isWritten(change.kind(), overHand)) {
                    String hash = hash(now.get(change.path()).bytes());
                    begun = begun.also(change.path(), hash);
                    done = done.only(change.path(), hash);
                }
            }
            put(recordName, begun.bytes());
            for (Change change : plan) {
                String path = change.path();
                if (isWritten(change.kind(), overHand)) {
                    put(path, now.get(path).bytes());
                } else if (isRemoved(change.kind(), overHand)) {
                    refuseLinks(path);
                    Files.deleteIfExists(folder.resolve(path));
                    done = done.without(path);
                } else if (change.kind() == Change.Kind.SAME || change.kind() == Change.Kind.OWN) {
                    // an own one that is to follow stays on record by what it was made from
                    done = done.only(path, hash(now.get(path).bytes()));
                }
            }
            put(recordName, withoutWhatWent(done, now).bytes());
        } catch (IOException e) {
            throw new Unreadable(folder + " could not be written to: " + SafeFile.why(e)
                    + ". What is there now is neither the program before nor this one; hand it over again.");
        }
    }

    /** What is neither part of the program nor there went before, by hand or by a handover that broke off. */
    private Record withoutWhatWent(Record record, Map<String, WrittenFile> now) {
        Record left = record;
        for (String path : record.hashes().keySet()) {
            left = now.containsKey(path) || isFile(path) ? left : left.without(path);
        }
        return left;
    }

    private static boolean isWritten(Change.Kind kind, boolean overHand) {
        return switch (kind) {
            case NEW, REPLACED -> true;
            case EDITED -> overHand;
            case SAME, OWN, OWN_TO_FOLLOW, REMOVED, REMOVED_EDITED -> false;
        };
    }

    private static boolean isRemoved(Change.Kind kind, boolean overHand) {
        return kind == Change.Kind.REMOVED || kind == Change.Kind.REMOVED_EDITED && overHand;
    }

    private void put(String path, byte[] bytes) throws IOException, Unreadable {
        // looked at again: what was planned on may have been changed since
        refuseLinks(path);
        Path file = folder.resolve(path);
        Files.createDirectories(file.getParent());
        refuseLinks(path);
        SafeFile.write(file, bytes);
    }

    private Record record() {
        return Record.read(folder, folder.resolve(recordName));
    }

    private static String hash(byte[] bytes) {
        return FileVersion.of(bytes).digest();
    }
}
