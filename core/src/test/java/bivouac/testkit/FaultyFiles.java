package bivouac.testkit;

import java.io.IOException;
import java.net.URI;
import java.nio.ByteBuffer;
import java.nio.MappedByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.channels.ReadableByteChannel;
import java.nio.channels.SeekableByteChannel;
import java.nio.channels.WritableByteChannel;
import java.nio.file.AccessMode;
import java.nio.file.CopyOption;
import java.nio.file.DirectoryStream;
import java.nio.file.FileStore;
import java.nio.file.FileSystem;
import java.nio.file.FileSystems;
import java.nio.file.LinkOption;
import java.nio.file.OpenOption;
import java.nio.file.Path;
import java.nio.file.PathMatcher;
import java.nio.file.StandardOpenOption;
import java.nio.file.WatchEvent;
import java.nio.file.WatchKey;
import java.nio.file.WatchService;
import java.nio.file.attribute.BasicFileAttributes;
import java.nio.file.attribute.FileAttribute;
import java.nio.file.attribute.FileAttributeView;
import java.nio.file.attribute.UserPrincipalLookupService;
import java.nio.file.spi.FileSystemProvider;
import java.util.Iterator;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.StreamSupport;

/**
 * The files of the machine, whose n-th change goes wrong: as a disk that is full at that moment ({@link Way#FAILS}), or as a
 * machine that is switched off then, after which nothing changes any more ({@link Way#STOPS}), so that no tidying up runs either.
 * Reading always works. A change is what would be seen by others: a file that is made, written to, flushed, moved or deleted, a
 * folder, a link, an attribute.
 */
public final class FaultyFiles extends FileSystemProvider {

    /** How a change goes wrong. */
    public enum Way {
        /** Only that one does. */
        FAILS,
        /** That one does, and all after it. */
        STOPS
    }

    private final FileSystemProvider real = FileSystems.getDefault().provider();
    private final Whole whole = new Whole();
    private final Way way;
    private final int at;
    private int changes;

    /** @param at the number of the change that goes wrong, from 1 on */
    public FaultyFiles(Way way, int at) {
        this.way = way;
        this.at = at;
    }

    /** A path of the machine, of which this one changes the files. */
    public Path path(Path path) {
        return wrap(path);
    }

    /** How many changes were tried. */
    public int changes() {
        return changes;
    }

    /** Whether the change that was to go wrong was reached. */
    public boolean wasReached() {
        return changes >= at;
    }

    private void change() throws IOException {
        changes++;
        if (changes == at || way == Way.STOPS && changes > at) {
            throw new IOException("No space left on device");
        }
    }

    private Path wrap(Path path) {
        return path == null ? null : new Ours(path, this);
    }

    private static Path bare(Path path) {
        return path instanceof Ours(Path inner, var of) ? inner : path;
    }

    // Changes

    @Override
    public FileChannel newFileChannel(Path path, Set<? extends OpenOption> options, FileAttribute<?>... with)
            throws IOException {
        boolean writes = options.contains(StandardOpenOption.WRITE) || options.contains(StandardOpenOption.APPEND);
        if (writes) {
            change();
        }
        FileChannel channel = real.newFileChannel(bare(path), options, with);
        return writes ? new Channel(channel) : channel;
    }

    @Override
    public SeekableByteChannel newByteChannel(Path path, Set<? extends OpenOption> options, FileAttribute<?>... with)
            throws IOException {
        return newFileChannel(path, options, with);
    }

    @Override
    public void createDirectory(Path path, FileAttribute<?>... with) throws IOException {
        change();
        real.createDirectory(bare(path), with);
    }

    @Override
    public void createSymbolicLink(Path link, Path target, FileAttribute<?>... with) throws IOException {
        change();
        real.createSymbolicLink(bare(link), bare(target), with);
    }

    @Override
    public void delete(Path path) throws IOException {
        change();
        real.delete(bare(path));
    }

    @Override
    public void copy(Path from, Path to, CopyOption... how) throws IOException {
        change();
        real.copy(bare(from), bare(to), how);
    }

    @Override
    public void move(Path from, Path to, CopyOption... how) throws IOException {
        change();
        real.move(bare(from), bare(to), how);
    }

    @Override
    public void setAttribute(Path path, String attribute, Object value, LinkOption... how) throws IOException {
        change();
        real.setAttribute(bare(path), attribute, value, how);
    }

    // What changes nothing

    @Override
    public DirectoryStream<Path> newDirectoryStream(Path path, DirectoryStream.Filter<? super Path> filter)
            throws IOException {
        DirectoryStream<Path> inner = real.newDirectoryStream(bare(path), p -> filter.accept(wrap(p)));
        return new DirectoryStream<>() {
            @Override
            public Iterator<Path> iterator() {
                return StreamSupport.stream(inner.spliterator(), false)
                        .map(FaultyFiles.this::wrap)
                        .iterator();
            }

            @Override
            public void close() throws IOException {
                inner.close();
            }
        };
    }

    @Override
    public Path readSymbolicLink(Path link) throws IOException {
        return wrap(real.readSymbolicLink(bare(link)));
    }

    @Override
    public boolean isSameFile(Path one, Path other) throws IOException {
        return real.isSameFile(bare(one), bare(other));
    }

    @Override
    public boolean isHidden(Path path) throws IOException {
        return real.isHidden(bare(path));
    }

    @Override
    public FileStore getFileStore(Path path) throws IOException {
        return real.getFileStore(bare(path));
    }

    @Override
    public void checkAccess(Path path, AccessMode... modes) throws IOException {
        real.checkAccess(bare(path), modes);
    }

    @Override
    public <V extends FileAttributeView> V getFileAttributeView(Path path, Class<V> type, LinkOption... how) {
        return real.getFileAttributeView(bare(path), type, how);
    }

    @Override
    public <A extends BasicFileAttributes> A readAttributes(Path path, Class<A> type, LinkOption... how)
            throws IOException {
        return real.readAttributes(bare(path), type, how);
    }

    @Override
    public Map<String, Object> readAttributes(Path path, String names, LinkOption... how) throws IOException {
        return real.readAttributes(bare(path), names, how);
    }

    @Override
    public String getScheme() {
        return "faulty";
    }

    @Override
    public FileSystem newFileSystem(URI uri, Map<String, ?> env) {
        throw new UnsupportedOperationException();
    }

    @Override
    public FileSystem getFileSystem(URI uri) {
        return whole;
    }

    @Override
    public Path getPath(URI uri) {
        throw new UnsupportedOperationException();
    }

    /** A path whose files are looked at by the files that it is of. */
    private record Ours(Path inner, FaultyFiles of) implements Path {

        private Path ours(Path path) {
            return of.wrap(path);
        }

        @Override
        public FileSystem getFileSystem() {
            return of.whole;
        }

        @Override
        public boolean isAbsolute() {
            return inner.isAbsolute();
        }

        @Override
        public Path getRoot() {
            return ours(inner.getRoot());
        }

        @Override
        public Path getFileName() {
            return ours(inner.getFileName());
        }

        @Override
        public Path getParent() {
            return ours(inner.getParent());
        }

        @Override
        public int getNameCount() {
            return inner.getNameCount();
        }

        @Override
        public Path getName(int index) {
            return ours(inner.getName(index));
        }

        @Override
        public Path subpath(int from, int to) {
            return ours(inner.subpath(from, to));
        }

        @Override
        public boolean startsWith(Path other) {
            return inner.startsWith(bare(other));
        }

        @Override
        public boolean endsWith(Path other) {
            return inner.endsWith(bare(other));
        }

        @Override
        public Path normalize() {
            return ours(inner.normalize());
        }

        @Override
        public Path resolve(Path other) {
            return ours(inner.resolve(bare(other)));
        }

        @Override
        public Path relativize(Path other) {
            return ours(inner.relativize(bare(other)));
        }

        @Override
        public URI toUri() {
            return inner.toUri();
        }

        @Override
        public Path toAbsolutePath() {
            return ours(inner.toAbsolutePath());
        }

        @Override
        public Path toRealPath(LinkOption... how) throws IOException {
            return ours(inner.toRealPath(how));
        }

        @Override
        public WatchKey register(WatchService watcher, WatchEvent.Kind<?>[] events, WatchEvent.Modifier... how)
                throws IOException {
            return inner.register(watcher, events, how);
        }

        @Override
        public int compareTo(Path other) {
            return inner.compareTo(bare(other));
        }

        @Override
        public String toString() {
            return inner.toString();
        }
    }

    /** All of them, as a file system. */
    private final class Whole extends FileSystem {

        private final FileSystem inner = FileSystems.getDefault();

        @Override
        public FileSystemProvider provider() {
            return FaultyFiles.this;
        }

        @Override
        public void close() {
            // as long as the machine
        }

        @Override
        public boolean isOpen() {
            return true;
        }

        @Override
        public boolean isReadOnly() {
            return false;
        }

        @Override
        public String getSeparator() {
            return inner.getSeparator();
        }

        @Override
        public Iterable<Path> getRootDirectories() {
            return List.of(wrap(inner.getRootDirectories().iterator().next()));
        }

        @Override
        public Iterable<FileStore> getFileStores() {
            return inner.getFileStores();
        }

        @Override
        public Set<String> supportedFileAttributeViews() {
            return inner.supportedFileAttributeViews();
        }

        @Override
        public Path getPath(String first, String... more) {
            return wrap(inner.getPath(first, more));
        }

        @Override
        public PathMatcher getPathMatcher(String pattern) {
            PathMatcher matcher = inner.getPathMatcher(pattern);
            return path -> matcher.matches(bare(path));
        }

        @Override
        public UserPrincipalLookupService getUserPrincipalLookupService() {
            return inner.getUserPrincipalLookupService();
        }

        @Override
        public WatchService newWatchService() throws IOException {
            return inner.newWatchService();
        }
    }

    /** A file that is written to. */
    private final class Channel extends FileChannel {

        private final FileChannel inner;

        Channel(FileChannel inner) {
            this.inner = inner;
        }

        /** What a full disk takes is what there was room for: half of it. */
        @Override
        public int write(ByteBuffer from) throws IOException {
            try {
                change();
            } catch (IOException full) {
                inner.write(from.slice(from.position(), from.remaining() / 2));
                throw full;
            }
            return inner.write(from);
        }

        @Override
        public long write(ByteBuffer[] from, int offset, int length) throws IOException {
            change();
            return inner.write(from, offset, length);
        }

        @Override
        public int write(ByteBuffer from, long position) throws IOException {
            change();
            return inner.write(from, position);
        }

        @Override
        public void force(boolean metaData) throws IOException {
            change();
            inner.force(metaData);
        }

        @Override
        public FileChannel truncate(long size) throws IOException {
            change();
            inner.truncate(size);
            return this;
        }

        @Override
        public int read(ByteBuffer to) throws IOException {
            return inner.read(to);
        }

        @Override
        public long read(ByteBuffer[] to, int offset, int length) throws IOException {
            return inner.read(to, offset, length);
        }

        @Override
        public int read(ByteBuffer to, long position) throws IOException {
            return inner.read(to, position);
        }

        @Override
        public long position() throws IOException {
            return inner.position();
        }

        @Override
        public FileChannel position(long to) throws IOException {
            inner.position(to);
            return this;
        }

        @Override
        public long size() throws IOException {
            return inner.size();
        }

        @Override
        public long transferTo(long position, long count, WritableByteChannel to) throws IOException {
            return inner.transferTo(position, count, to);
        }

        @Override
        public long transferFrom(ReadableByteChannel from, long position, long count) throws IOException {
            change();
            return inner.transferFrom(from, position, count);
        }

        @Override
        public MappedByteBuffer map(MapMode mode, long position, long size) throws IOException {
            return inner.map(mode, position, size);
        }

        @Override
        public FileLock lock(long position, long size, boolean shared) throws IOException {
            return inner.lock(position, size, shared);
        }

        @Override
        public FileLock tryLock(long position, long size, boolean shared) throws IOException {
            return inner.tryLock(position, size, shared);
        }

        @Override
        protected void implCloseChannel() throws IOException {
            inner.close();
        }
    }
}
