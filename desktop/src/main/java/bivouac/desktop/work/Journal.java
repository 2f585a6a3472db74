package bivouac.desktop.work;

import bivouac.design.Design;
import bivouac.format.DesignFile;
import bivouac.format.DesignFormat;
import bivouac.format.Unreadable;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.channels.OverlappingFileLockException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;
import java.util.Optional;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/**
 * Keeps unsaved work in the user's state folder, so that it survives a kill, and tells a second Bivouac that a file is
 * open already. One journal a file; designs without a file share one.
 */
public final class Journal implements AutoCloseable {

    private static final Logger LOG = LoggerFactory.getLogger(Journal.class);

    private final Path folder;
    private final String key;
    private FileChannel channel;
    private FileLock lock;

    private Journal(Path folder, String key) {
        this.folder = folder;
        this.key = key;
    }

    /** Where journals are kept: {@code bivouac} below the user's state folder. */
    public static Path stateFolder() {
        String said = System.getProperty("bivouac.state", "");
        if (!said.isEmpty()) {
            return Path.of(said);
        }
        String xdg = System.getenv("XDG_STATE_HOME");
        Path base = xdg == null || xdg.isBlank()
                ? Path.of(System.getProperty("user.home"), ".local", "state")
                : Path.of(xdg);
        return base.resolve("bivouac");
    }

    /** The journal of a file. */
    public static Journal of(Path folder, Optional<Path> file) {
        String name = file.map(f -> f.toAbsolutePath().normalize().toString()).orElse("untitled");
        try {
            byte[] digest = MessageDigest.getInstance("SHA-256").digest(name.getBytes(StandardCharsets.UTF_8));
            return new Journal(folder, HexFormat.of().formatHex(digest, 0, 12));
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException("Every Java has SHA-256", e);
        }
    }

    /** Takes the file for this Bivouac; false if another has it. */
    public boolean take() {
        try {
            Files.createDirectories(folder);
            channel = FileChannel.open(
                    folder.resolve(key + ".lock"), StandardOpenOption.CREATE, StandardOpenOption.WRITE);
            lock = channel.tryLock();
            return lock != null;
        } catch (OverlappingFileLockException e) {
            return false;
        } catch (IOException e) {
            LOG.warn("The state folder cannot be used: {}", e.getMessage());
            return true;
        }
    }

    /** Unsaved work that an earlier Bivouac left, if it can be read. */
    public Optional<Design> left() {
        try {
            return Files.exists(kept()) ? Optional.of(DesignFile.read(kept())) : Optional.empty();
        } catch (Unreadable e) {
            LOG.warn("Unsaved work was left, but cannot be read: {}", e.getMessage());
            return Optional.empty();
        }
    }

    /** Keeps unsaved work. */
    public void keep(Design design) {
        try {
            Files.createDirectories(folder);
            Path beside = folder.resolve(key + ".part");
            Files.writeString(beside, DesignFormat.write(design));
            Files.move(beside, kept(), java.nio.file.StandardCopyOption.REPLACE_EXISTING);
        } catch (IOException | UncheckedIOException e) {
            LOG.warn("Unsaved work could not be kept: {}", e.getMessage());
        }
    }

    /** There is no unsaved work any more. */
    public void clear() {
        try {
            Files.deleteIfExists(kept());
        } catch (IOException e) {
            LOG.warn("The journal could not be cleared: {}", e.getMessage());
        }
    }

    private Path kept() {
        return folder.resolve(key + DesignFile.EXTENSION);
    }

    @Override
    public void close() {
        try {
            if (lock != null) {
                lock.release();
            }
            if (channel != null) {
                channel.close();
            }
            lock = null;
            channel = null;
        } catch (IOException e) {
            LOG.warn("The lock could not be given back: {}", e.getMessage());
        }
    }
}
