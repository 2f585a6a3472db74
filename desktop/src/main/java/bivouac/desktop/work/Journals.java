package bivouac.desktop.work;

import bivouac.format.FileVersion;
import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.channels.OverlappingFileLockException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.LinkOption;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.UUID;

/**
 * The journals in the user's state folder: one for each Bivouac that runs, and those of such as were killed. Which is
 * which, a lock tells, so that no journal is ever taken from one that is alive.
 */
public final class Journals {

    /** What a journal is called once it is set aside: nobody reads it any more, and nobody deletes it. */
    private static final String ASIDE = ".damaged";

    private final Path folder;

    public Journals(Path folder) {
        this.folder = folder;
    }

    public Path folder() {
        return folder;
    }

    /** A file by one name only, whichever links lead to it. */
    static Path real(Path file) {
        try {
            return file.toRealPath();
        } catch (IOException notThere) {
            return file.toAbsolutePath().normalize();
        }
    }

    Journal begin() throws IOException {
        Files.createDirectories(folder);
        sweep();
        String id = UUID.randomUUID().toString().replace("-", "").substring(0, 16);
        return Journal.begin(folder, id);
    }

    /** What was left by those that do not run any more, the newest first. */
    List<LeftWork> left() throws IOException {
        var left = new ArrayList<LeftWork>();
        for (Path journal : files(Journal.EXTENSION)) {
            if (isDead(journal)) {
                left.add(LeftWork.read(journal));
            }
        }
        left.sort(Comparator.comparing(LeftWork::kept).reversed());
        return left;
    }

    private List<Path> files(String ending) throws IOException {
        if (!Files.isDirectory(folder)) {
            return List.of();
        }
        try (var files = Files.list(folder)) {
            return files.filter(f -> f.getFileName().toString().endsWith(ending))
                    .filter(f -> Files.isRegularFile(f, LinkOption.NOFOLLOW_LINKS))
                    .toList();
        }
    }

    /** Takes the locks away that killed ones left, where they kept nothing. */
    private void sweep() throws IOException {
        for (Path locked : files(Journal.LOCK)) {
            if (!Files.exists(with(locked, Journal.LOCK, Journal.EXTENSION)) && isFree(locked)) {
                Files.deleteIfExists(locked);
            }
        }
    }

    private Path with(Path file, String ending, String other) {
        String name = file.getFileName().toString();
        return folder.resolve(name.substring(0, name.length() - ending.length()) + other);
    }

    private boolean isDead(Path journal) throws IOException {
        Path locked = with(journal, Journal.EXTENSION, Journal.LOCK);
        return !Files.exists(locked) || isFree(locked);
    }

    private static boolean isFree(Path locked) throws IOException {
        try (var channel = FileChannel.open(locked, StandardOpenOption.WRITE);
                FileLock lock = channel.tryLock()) {
            return lock != null;
        } catch (OverlappingFileLockException ours) {
            return false;
        }
    }

    /** The person has said to drop it, or goes on with it and it is kept elsewhere. */
    void drop(LeftWork left) throws IOException {
        Files.deleteIfExists(left.journal());
    }

    /** Puts a damaged one where nothing touches it any more; answers where that is. */
    Path setAside(LeftWork left) throws IOException {
        Path aside = with(left.journal(), Journal.EXTENSION, ASIDE);
        return Files.move(left.journal(), aside, StandardCopyOption.REPLACE_EXISTING);
    }

    /** Says that a design file is open here; empty if another Bivouac has it open. */
    Optional<Claim> claim(Path file) throws IOException {
        Files.createDirectories(folder);
        Path locked = folder.resolve("open-" + digest(real(file).toString()) + Journal.LOCK);
        FileChannel channel = FileChannel.open(locked, StandardOpenOption.CREATE, StandardOpenOption.WRITE);
        try {
            FileLock lock = channel.tryLock();
            if (lock != null) {
                return Optional.of(new Claim(channel));
            }
        } catch (OverlappingFileLockException ours) {
            // another one in this process
        }
        channel.close();
        return Optional.empty();
    }

    /** A design file that is open here. */
    record Claim(FileChannel channel) implements AutoCloseable {
        @Override
        public void close() {
            try {
                channel.close();
            } catch (IOException e) {
                // the system lets a lock go with its process
            }
        }
    }

    private static String digest(String text) {
        return FileVersion.of(text.getBytes(StandardCharsets.UTF_8)).digest().substring(0, 24);
    }
}
