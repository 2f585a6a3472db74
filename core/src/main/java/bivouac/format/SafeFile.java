package bivouac.format;

import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.channels.OverlappingFileLockException;
import java.nio.file.AtomicMoveNotSupportedException;
import java.nio.file.FileAlreadyExistsException;
import java.nio.file.FileSystemException;
import java.nio.file.Files;
import java.nio.file.LinkOption;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.nio.file.attribute.PosixFileAttributeView;
import java.nio.file.attribute.PosixFileAttributes;

/**
 * Replaces a file as a whole or not at all: what is new is written beside it under one fixed name, flushed, and renamed.
 * So a kill at any moment leaves the old file or the new one, and at most one leftover, which the next saving takes away.
 */
public final class SafeFile {

    private SafeFile() {}

    /** Where a file is written before it takes the other's place. */
    static Path beside(Path real) {
        return real.resolveSibling("." + real.getFileName() + ".part");
    }

    /** The file that is meant: a link is followed; one that leads nowhere, and what is no file, are {@link Unreadable}. */
    static Path meant(Path file) throws Unreadable, IOException {
        if (Files.isSymbolicLink(file) && !Files.exists(file)) {
            throw new Unreadable(file.getFileName() + " is a link to " + Files.readSymbolicLink(file)
                    + ", which is not there; put the file back, or take the link away.");
        }
        if (!Files.exists(file)) {
            return file.toAbsolutePath();
        }
        Path real = file.toRealPath();
        if (!Files.isRegularFile(real, LinkOption.NOFOLLOW_LINKS)) {
            throw new Unreadable(file.getFileName() + " is no file" + (Files.isDirectory(real) ? " but a folder" : "")
                    + ", and is not replaced; save under another name.");
        }
        return real;
    }

    /**
     * Writes a file.
     *
     * @throws Unreadable with a sentence, where another is writing the same file just then
     */
    public static void write(Path real, byte[] bytes) throws IOException, Unreadable {
        write(real, bytes, () -> true);
    }

    /** Asked while no other Bivouac can write the file. */
    interface Wanted {
        boolean still() throws IOException, Unreadable;
    }

    /**
     * As {@link #write(Path, byte[])}, where it is wanted still when everything else is done.
     *
     * @return whether it was
     */
    static boolean write(Path real, byte[] bytes, Wanted wanted) throws IOException, Unreadable {
        Path beside = beside(real);
        takeLeftoverAway(beside, real);
        boolean written = false;
        try (var channel = FileChannel.open(
                beside,
                java.util.Set.of(StandardOpenOption.CREATE_NEW, StandardOpenOption.WRITE, LinkOption.NOFOLLOW_LINKS))) {
            try (FileLock _ = channel.tryLock()) {
                keepAttributes(real, beside);
                var buffer = ByteBuffer.wrap(bytes);
                while (buffer.hasRemaining()) {
                    channel.write(buffer);
                }
                channel.force(true);
                if (!wanted.still()) {
                    return false;
                }
                move(beside, real);
                written = true;
            }
        } catch (FileAlreadyExistsException other) {
            throw busy(real);
        } finally {
            if (!written) {
                Files.deleteIfExists(beside);
            }
        }
        flushFolder(real.toAbsolutePath().getParent());
        return true;
    }

    /** As {@link #write}, where a link is followed and what is no file is not replaced. */
    public static void replace(Path file, byte[] bytes) throws IOException, Unreadable {
        write(meant(file), bytes);
    }

    /** A leftover of a killed saving is nobody's; one that is locked is being written right now. */
    private static void takeLeftoverAway(Path beside, Path real) throws IOException, Unreadable {
        if (!Files.isRegularFile(beside, LinkOption.NOFOLLOW_LINKS)) {
            Files.deleteIfExists(beside);
            return;
        }
        try (var channel = FileChannel.open(beside, StandardOpenOption.WRITE);
                FileLock lock = channel.tryLock()) {
            if (lock == null) {
                throw busy(real);
            }
        } catch (OverlappingFileLockException here) {
            throw busy(real);
        } catch (java.nio.file.AccessDeniedException notOurs) {
            // it may be taken away all the same, where the folder lets us
        }
        Files.deleteIfExists(beside);
    }

    private static Unreadable busy(Path real) {
        return new Unreadable(real.getFileName() + " is being saved by another Bivouac just now; try again.");
    }

    /** A file that others may read stays one, and stays theirs where we may let it; a new one gets what every new file gets. */
    private static void keepAttributes(Path from, Path to) throws IOException {
        var before = Files.getFileAttributeView(from, PosixFileAttributeView.class);
        var after = Files.getFileAttributeView(to, PosixFileAttributeView.class);
        if (!Files.exists(from) || before == null || after == null) {
            return;
        }
        PosixFileAttributes kept = before.readAttributes();
        PosixFileAttributes made = after.readAttributes();
        if (!made.group().equals(kept.group())) {
            quietly(() -> after.setGroup(kept.group()));
        }
        if (!made.owner().equals(kept.owner())) {
            quietly(() -> after.setOwner(kept.owner()));
        }
        after.setPermissions(kept.permissions());
    }

    private interface Attempt {
        void run() throws IOException;
    }

    /** Only who may gives a file to another; that it stays ours is no reason not to save. */
    private static void quietly(Attempt attempt) {
        try {
            attempt.run();
        } catch (IOException mayNot) {
            // it stays as it was made
        }
    }

    private static void move(Path from, Path to) throws IOException {
        try {
            Files.move(from, to, StandardCopyOption.ATOMIC_MOVE, StandardCopyOption.REPLACE_EXISTING);
        } catch (AtomicMoveNotSupportedException e) {
            Files.move(from, to, StandardCopyOption.REPLACE_EXISTING);
        }
    }

    /** So that the new name outlives a power failure; not every system lets a folder be flushed. */
    private static void flushFolder(Path folder) {
        if (folder != null) {
            try (var channel = FileChannel.open(folder, StandardOpenOption.READ)) {
                channel.force(true);
            } catch (IOException notHere) {
                // the file itself is flushed
            }
        }
    }

    /** Why something could not be done with a file, as the end of a sentence. */
    public static String why(IOException e) {
        return switch (e) {
            case java.nio.file.AccessDeniedException a -> "access to " + a.getFile() + " is denied";
            case NoSuchFileException n ->
                missing(Path.of(n.getFile()).toAbsolutePath().getParent());
            case FileSystemException f when f.getReason() != null -> f.getReason();
            default -> e.getMessage() == null ? e.getClass().getSimpleName() : e.getMessage();
        };
    }

    private static String missing(Path folder) {
        return Files.isDirectory(folder)
                ? "nothing can be made in " + folder
                : "the folder " + folder + " is not there";
    }
}
