package bivouac.desktop.pictures;

import bivouac.format.MadeFile;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageTypeSpecifier;
import javax.imageio.ImageWriter;
import javax.imageio.metadata.IIOMetadata;
import javax.imageio.metadata.IIOMetadataNode;

/** Pictures as PNG, marked as ours in a text chunk, so that they may be made anew ({@link MadeFile}). */
final class Png {

    private static final String FORMAT = "javax_imageio_png_1.0";

    private Png() {}

    static byte[] of(BufferedImage image) throws IOException {
        ImageWriter writer = ImageIO.getImageWritersByFormatName("png").next();
        IIOMetadata metadata = writer.getDefaultImageMetadata(ImageTypeSpecifier.createFromRenderedImage(image), null);
        var entry = new IIOMetadataNode("tEXtEntry");
        entry.setAttribute("keyword", "Software");
        entry.setAttribute("value", MadeFile.MARK);
        var text = new IIOMetadataNode("tEXt");
        text.appendChild(entry);
        var root = new IIOMetadataNode(FORMAT);
        root.appendChild(text);
        metadata.mergeTree(FORMAT, root);
        var bytes = new ByteArrayOutputStream();
        try (var out = ImageIO.createImageOutputStream(bytes)) {
            writer.setOutput(out);
            writer.write(metadata, new IIOImage(image, null, metadata), null);
        } finally {
            writer.dispose();
        }
        return bytes.toByteArray();
    }
}
