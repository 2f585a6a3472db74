package bivouac.format;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;

/**
 * Files that Bivouac makes and may make anew: reports, pictures. Each holds {@link #MARK} near its beginning, and only
 * what has it is written over; so a name that was mistyped, or is a design's, costs nobody a file.
 */
public final class MadeFile {

    /** What stands in each, as the format has a place for it: in a comment, or a text chunk. */
    public static final String MARK = "Written by Bivouac";

    /** As far as the mark is looked for, in bytes. */
    private static final int BEGINNING = 4_096;

    private MadeFile() {}

    /**
     * Writes a file, anew where it was made before.
     *
     * @param bytes hold the mark
     * @throws Unreadable with a sentence, where another file stands there or it cannot be written
     */
    public static void write(Path file, byte[] bytes) throws Unreadable {
        if (!isMarked(bytes)) {
            throw new IllegalArgumentException("A file that is made holds the mark near its beginning");
        }
        try {
            Path real = SafeFile.meant(file);
            if (Files.exists(real) && !isMarked(beginning(real))) {
                throw new Unreadable(file + " is there already, and Bivouac did not make it; name another file, or take"
                        + " that one away.");
            }
            SafeFile.write(real, bytes);
        } catch (IOException e) {
            throw new Unreadable(file + " could not be written: " + SafeFile.why(e) + ".");
        }
    }

    private static byte[] beginning(Path file) throws IOException {
        try (var in = Files.newInputStream(file)) {
            return in.readNBytes(BEGINNING);
        }
    }

    private static boolean isMarked(byte[] bytes) {
        return new String(bytes, 0, Math.min(bytes.length, BEGINNING), StandardCharsets.ISO_8859_1).contains(MARK);
    }
}
