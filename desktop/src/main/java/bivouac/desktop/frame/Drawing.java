package bivouac.desktop.frame;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import javafx.embed.swing.SwingFXUtils;
import javafx.scene.image.Image;
import javax.imageio.ImageIO;

/** Something drawn by the tool that a person keeps as a file, for a document or to lay beside the running program. */
public sealed interface Drawing {

    /** Lines and letters, as SVG. */
    record Lines(String svg) implements Drawing {}

    /** Points, as PNG. */
    record Points(BufferedImage image) implements Drawing {
        public Points(Image image) {
            this(SwingFXUtils.fromFXImage(image, null));
        }
    }

    /** What files of this kind end in, without the dot. */
    default String extension() {
        return switch (this) {
            case Lines l -> "svg";
            case Points p -> "png";
        };
    }

    /** What stands in the file. */
    default byte[] bytes() throws IOException {
        return switch (this) {
            case Lines(String svg) -> svg.getBytes(StandardCharsets.UTF_8);
            case Points(BufferedImage image) -> {
                var out = new ByteArrayOutputStream();
                ImageIO.write(image, extension(), out);
                yield out.toByteArray();
            }
        };
    }

    /** Asks where it goes, and writes it there. */
    interface Keeper {
        /** @param named what it is called if the person does not say otherwise, without an extension */
        void keep(Drawing drawing, String named);
    }
}
