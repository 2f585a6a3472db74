package bivouac.desktop.work;

import bivouac.design.Design;
import bivouac.design.Quoted;
import bivouac.format.DesignFormat;
import bivouac.format.SafeFile;
import bivouac.format.Unreadable;
import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.Optional;

/**
 * The unsaved work of one running Bivouac, in a file of its own, so that it survives a kill. A lock tells others that
 * whoever writes it still runs. It goes only when its work is saved, or the person says to drop it.
 */
final class Journal implements AutoCloseable {

    static final String EXTENSION = ".journal";
    static final String LOCK = ".lock";

    /** How the first line begins; the design's text follows after it. */
    static final String HEAD = "Bivouac journal";

    private final Path file;
    private final Path locked;
    private final FileChannel channel;
    private final FileLock lock;
    /** Nothing is written any more; what is still on its way comes too late. */
    private boolean closed;

    private Journal(Path file, Path locked, FileChannel channel, FileLock lock) {
        this.file = file;
        this.locked = locked;
        this.channel = channel;
        this.lock = lock;
    }

    /** Begins a journal, which holds nothing yet. */
    static Journal begin(Path folder, String id) throws IOException {
        Path locked = folder.resolve(id + LOCK);
        FileChannel channel = FileChannel.open(locked, StandardOpenOption.CREATE, StandardOpenOption.WRITE);
        try {
            FileLock lock = channel.lock();
            // another that swept the folder just then may have taken it for a leftover
            if (Files.exists(locked)) {
                return new Journal(folder.resolve(id + EXTENSION), locked, channel, lock);
            }
        } catch (IOException e) {
            channel.close();
            throw e;
        }
        channel.close();
        return begin(folder, id);
    }

    /**
     * Keeps unsaved work, flushed, in place of what was kept before.
     *
     * @param of the design's file, and what it held when it was read
     */
    synchronized void keep(Design design, Optional<Work.OnDisk> of) throws IOException {
        if (closed) {
            return;
        }
        String head = HEAD
                + of.map(d -> " of " + Quoted.of(d.file().toAbsolutePath().toString()) + " as "
                                + Quoted.of(d.version().digest()))
                        .orElse("")
                + " kept " + Instant.now().truncatedTo(ChronoUnit.SECONDS) + "\n";
        try {
            SafeFile.write(file, (head + DesignFormat.write(design)).getBytes(StandardCharsets.UTF_8));
        } catch (Unreadable busy) {
            throw new IOException(busy.getMessage(), busy);
        }
    }

    /** There is no unsaved work any more. */
    synchronized void clear() throws IOException {
        if (!closed) {
            Files.deleteIfExists(file);
        }
    }

    /** The work is not wanted any more: nothing of it stays, and nothing comes after. */
    synchronized void drop() throws IOException {
        clear();
        close();
    }

    /** Lets go of it; what it keeps stays for the next Bivouac. */
    @Override
    public synchronized void close() {
        closed = true;
        try {
            lock.release();
            channel.close();
            Files.deleteIfExists(locked);
        } catch (IOException e) {
            // the system lets a lock go with its process
        }
    }
}
