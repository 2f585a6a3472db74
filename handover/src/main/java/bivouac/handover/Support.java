package bivouac.handover;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;

/** Source that is the same in every written program, kept beside this class. */
public final class Support {

    private Support() {}

    /** @param path below this package, as {@code javafx/desk/Desk.java} */
    public static String text(String path) {
        try (InputStream in = Support.class.getResourceAsStream(path)) {
            if (in == null) {
                throw new IllegalStateException(path + " is not part of this build");
            }
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
