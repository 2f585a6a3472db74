package bivouac.format;

import bivouac.design.Design;
import bivouac.design.Limits;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.util.Optional;

/** Design files on disk. Every error is one sentence; a failed write leaves the old file as it was. */
public final class DesignFile {

    /** What design files end in. */
    public static final String EXTENSION = ".bivouac";

    private DesignFile() {}

    /** A design, and what its file held when it was read. */
    public record Opened(Design design, FileVersion version) {}

    public static Design read(Path file) throws Unreadable {
        return open(file).design();
    }

    /** Reads a design, with the version to write it over again by. */
    public static Opened open(Path file) throws Unreadable {
        String name = nameOf(file);
        try {
            byte[] bytes = bytes(file);
            return new Opened(DesignFormat.read(bytes), FileVersion.of(bytes));
        } catch (Unreadable e) {
            throw e.getMessage().startsWith(name)
                    ? e
                    : new Unreadable(name + " could not be opened. " + e.getMessage());
        } catch (NoSuchFileException e) {
            throw new Unreadable("There is no file " + file + ".");
        } catch (IOException e) {
            throw new Unreadable(name + " could not be read: " + SafeFile.why(e) + ".");
        }
    }

    /** Where the things of a design stand in the file that it was read from. */
    public static Places places(Path file, Design design) throws Unreadable {
        return Places.in(Utf8.read(file, (int) Limits.LARGEST_FILE), design);
    }

    /** How a file is called; a root has no name of its own. */
    private static String nameOf(Path file) {
        return file.getFileName() == null ? file.toString() : file.getFileName().toString();
    }

    private static byte[] bytes(Path file) throws IOException, Unreadable {
        if (Files.isDirectory(file)) {
            throw new Unreadable(nameOf(file) + " is a folder; choose a design in it.");
        }
        if (Files.exists(file) && !Files.isRegularFile(file)) {
            throw new Unreadable(nameOf(file) + " is no file; choose a design.");
        }
        long size = Files.size(file);
        if (size > Limits.LARGEST_FILE) {
            throw new Unreadable(nameOf(file) + " has " + (size >> 20) + " MB, and no design is larger than "
                    + (Limits.LARGEST_FILE >> 20) + " MB; it is probably something else.");
        }
        // one that grows while it is read is not read for ever
        try (InputStream in = Files.newInputStream(file)) {
            return in.readNBytes((int) Limits.LARGEST_FILE + 1);
        }
    }

    /** What a file holds now; empty if it cannot be told. */
    public static Optional<FileVersion> version(Path file) {
        try {
            return Optional.of(FileVersion.of(bytes(file)));
        } catch (NoSuchFileException e) {
            return Optional.of(FileVersion.ABSENT);
        } catch (IOException | Unreadable e) {
            return Optional.empty();
        }
    }

    /** Writes a design, whatever was there; a link is followed, so that it stays one. */
    public static FileVersion write(Path file, Design design) throws Unreadable {
        return write(file, design, () -> true).orElseThrow();
    }

    /**
     * Writes a design where the file holds still what it is thought to hold: looked at while no other Bivouac can write it.
     *
     * @return what it holds now; empty where it held something else, and was left so
     */
    public static Optional<FileVersion> write(Path file, Design design, FileVersion expected) throws Unreadable {
        return write(file, design, () -> version(file).filter(expected::equals).isPresent());
    }

    private static Optional<FileVersion> write(Path file, Design design, SafeFile.Wanted wanted) throws Unreadable {
        try {
            Path real = SafeFile.meant(file);
            if (Files.exists(real) && !Files.isWritable(real)) {
                throw new Unreadable(
                        nameOf(file) + " may not be written; save under another name, or change its permissions.");
            }
            byte[] bytes = readable(design);
            return SafeFile.write(real, bytes, wanted) ? Optional.of(FileVersion.of(bytes)) : Optional.empty();
        } catch (IOException e) {
            throw new Unreadable(nameOf(file) + " could not be saved: " + SafeFile.why(e)
                    + ". Nothing on disk was changed; save it elsewhere.");
        }
    }

    /** The bytes of a file that reads back as this very design; {@link Unreadable} where there is none. */
    private static byte[] readable(Design design) throws Unreadable {
        Optional<String> why = new Savable().why(design);
        if (why.isPresent()) {
            throw new Unreadable("The design cannot be saved as it is. " + why.get());
        }
        String text = DesignFormat.write(design);
        if (!DesignFormat.read(text).equals(design)) {
            throw new Unreadable("The design cannot be saved as it is: read again, it would be another. Undo the last"
                    + " change, and save; what is on disk was not touched.");
        }
        return text.getBytes(StandardCharsets.UTF_8);
    }
}
