package bivouac.format;

import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;

/** What a file held at some time, so that a change by somebody else is noticed. Equal if the bytes were. */
public record FileVersion(String digest) {

    /** No file was there. */
    public static final FileVersion ABSENT = new FileVersion("");

    /** What these bytes are; its digest is their SHA-256, in hexadecimal. */
    public static FileVersion of(byte[] bytes) {
        try {
            return new FileVersion(HexFormat.of()
                    .formatHex(MessageDigest.getInstance("SHA-256").digest(bytes)));
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException("Every Java has SHA-256", e);
        }
    }
}
