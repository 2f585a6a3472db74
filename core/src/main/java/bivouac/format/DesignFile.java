package bivouac.format;

import bivouac.design.Design;
import java.io.BufferedInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.charset.StandardCharsets;
import java.nio.file.AtomicMoveNotSupportedException;
import java.nio.file.Files;
import java.nio.file.LinkOption;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.nio.file.attribute.PosixFileAttributeView;

/** Design files on disk. Every error is one sentence; a failed write leaves the old file as it was. */
public final class DesignFile {

    /** What design files end in. */
    public static final String EXTENSION = ".bivouac";

    /** Larger files are refused unread, in bytes. Designs of a thousand windows have about three million. */
    public static final long LARGEST = 64L << 20;

    private DesignFile() {}

    public static Design read(Path file) throws Unreadable {
        try {
            if (Files.isDirectory(file)) {
                throw new Unreadable(file.getFileName() + " is a folder; choose a design in it.");
            }
            long size = Files.size(file);
            if (size > LARGEST) {
                throw new Unreadable(file.getFileName() + " has " + (size >> 20) + " MB, and no design is larger than "
                        + (LARGEST >> 20) + " MB; it is probably something else.");
            }
            try (InputStream in = new BufferedInputStream(Files.newInputStream(file))) {
                return DesignFormat.read(in);
            }
        } catch (Unreadable e) {
            throw e.getMessage().startsWith(file.getFileName().toString())
                    ? e
                    : new Unreadable(file.getFileName() + " could not be opened. " + e.getMessage());
        } catch (NoSuchFileException e) {
            throw new Unreadable("There is no file " + file + ".");
        } catch (IOException e) {
            throw new Unreadable(file.getFileName() + " could not be read: " + why(e) + ".");
        }
    }

    /** Writes beside the file, flushes, and renames; a link is followed, so that it stays one. */
    public static void write(Path file, Design design) throws Unreadable {
        Path beside = null;
        try {
            Path real = Files.exists(file) ? file.toRealPath() : file.toAbsolutePath();
            if (Files.exists(real, LinkOption.NOFOLLOW_LINKS) && !Files.isWritable(real)) {
                throw new Unreadable(file.getFileName()
                        + " may not be written; save under another name, or change its permissions.");
            }
            beside =
                    Files.createFile(real.resolveSibling("." + real.getFileName() + "." + System.nanoTime() + ".part"));
            keepPermissions(real, beside);
            byte[] bytes = DesignFormat.write(design).getBytes(StandardCharsets.UTF_8);
            try (var channel = FileChannel.open(beside, StandardOpenOption.WRITE)) {
                var buffer = ByteBuffer.wrap(bytes);
                while (buffer.hasRemaining()) {
                    channel.write(buffer);
                }
                channel.force(true);
            }
            move(beside, real);
        } catch (IOException e) {
            throw new Unreadable(file.getFileName() + " could not be saved: " + why(e)
                    + ". Nothing on disk was changed; save it elsewhere.");
        } finally {
            deleteQuietly(beside);
        }
    }

    /** A design that others may read stays one; a new one gets what the system gives every new file. */
    private static void keepPermissions(Path from, Path to) throws IOException {
        var before = Files.getFileAttributeView(from, PosixFileAttributeView.class);
        var after = Files.getFileAttributeView(to, PosixFileAttributeView.class);
        if (Files.exists(from) && before != null && after != null) {
            after.setPermissions(before.readAttributes().permissions());
        }
    }

    private static void move(Path from, Path to) throws IOException {
        try {
            Files.move(from, to, StandardCopyOption.ATOMIC_MOVE, StandardCopyOption.REPLACE_EXISTING);
        } catch (AtomicMoveNotSupportedException e) {
            Files.move(from, to, StandardCopyOption.REPLACE_EXISTING);
        }
    }

    private static void deleteQuietly(Path beside) {
        if (beside != null) {
            try {
                Files.deleteIfExists(beside);
            } catch (IOException ignored) {
                // a leftover beside the design harms nobody
            }
        }
    }

    private static String why(IOException e) {
        return switch (e) {
            case java.nio.file.AccessDeniedException a -> "access to " + a.getFile() + " is denied";
            case NoSuchFileException n -> "the folder " + Path.of(n.getFile()).getParent() + " is not there";
            case java.nio.file.FileSystemException f when f.getReason() != null -> f.getReason();
            default -> String.valueOf(e.getMessage());
        };
    }
}
