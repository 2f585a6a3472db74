package bivouac.handover;

import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;

/**
 * A file of a written program.
 *
 * @param path below the folder, with slashes
 * @param purpose what it is there for
 */
public record WrittenFile(String path, String text, Purpose purpose) {

    /** What a file is there for. */
    public sealed interface Purpose {

        /** The class of a window. @param window its shown name */
        record OfWindow(String window) implements Purpose {}

        /** The application: its values, its start, its end, and what it asks of its surroundings. */
        record Application() implements Purpose {}

        /** The developer's own: written once, and never over what is there. */
        record Own() implements Purpose {}

        /** The rules by which windows live, and windows under them: the same in every program. */
        record Rules() implements Purpose {}

        /** Texts, build, tests, documents. */
        record Around() implements Purpose {}

        /** A picture or an icon, which is no text. */
        record Picture(ByteBuffer bytes) implements Purpose {
            public Picture {
                bytes = bytes.asReadOnlyBuffer();
            }
        }
    }

    static WrittenFile picture(String path, byte[] bytes) {
        return new WrittenFile(path, "", new Purpose.Picture(ByteBuffer.wrap(bytes)));
    }

    /** What stands in the file. */
    public byte[] bytes() {
        if (!(purpose instanceof Purpose.Picture(ByteBuffer picture))) {
            return text.getBytes(StandardCharsets.UTF_8);
        }
        var bytes = new byte[picture.remaining()];
        picture.duplicate().get(bytes);
        return bytes;
    }

    /** Whether it is the developer's: written once, and never over what is there. */
    public boolean own() {
        return purpose instanceof Purpose.Own;
    }
}
