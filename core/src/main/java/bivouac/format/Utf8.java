package bivouac.format;

import java.io.IOException;
import java.io.InputStream;
import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.CodingErrorAction;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;

/** Texts in UTF-8, as all files of ours are. */
public final class Utf8 {

    private static final char BYTE_ORDER_MARK = '\uFEFF';

    private Utf8() {}

    /** The text of a file of at most {@code most} bytes; every error is one sentence. */
    public static String read(Path file, int most) throws Unreadable {
        return text(bytes(file, most));
    }

    /** The bytes of a file of at most {@code most}, whatever they are; every error is one sentence. */
    public static byte[] bytes(Path file, int most) throws Unreadable {
        try {
            if (Files.exists(file) && !Files.isRegularFile(file)) {
                throw new Unreadable(file + " is no file" + (Files.isDirectory(file) ? " but a folder." : "."));
            }
            try (InputStream in = Files.newInputStream(file)) {
                byte[] bytes = in.readNBytes(most + 1);
                if (bytes.length > most) {
                    throw new Unreadable(file + " has more than " + (most >> 20) + " MB, and is not read.");
                }
                return bytes;
            }
        } catch (NoSuchFileException e) {
            throw new Unreadable("There is no file " + file + ".");
        } catch (IOException e) {
            throw new Unreadable(file + " could not be read: " + SafeFile.why(e) + ".");
        }
    }

    /** The text that the bytes of a file are; {@link Unreadable} if they are no UTF-8. */
    static String text(byte[] bytes) throws Unreadable {
        var in = ByteBuffer.wrap(bytes);
        try {
            String text = StandardCharsets.UTF_8
                    .newDecoder()
                    .onMalformedInput(CodingErrorAction.REPORT)
                    .onUnmappableCharacter(CodingErrorAction.REPORT)
                    .decode(in)
                    .toString();
            return !text.isEmpty() && text.charAt(0) == BYTE_ORDER_MARK ? text.substring(1) : text;
        } catch (CharacterCodingException noText) {
            int line = 1;
            for (int i = 0; i < in.position(); i++) {
                line += bytes[i] == '\n' ? 1 : 0;
            }
            throw new Unreadable(
                    "Line " + line + ": this is no text in UTF-8; save the file in UTF-8, or it was damaged.");
        }
    }
}
