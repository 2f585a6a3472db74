package bivouac.check.known;

import bivouac.design.Limits;
import java.io.IOException;
import java.io.InputStream;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.util.List;

/**
 * A picture that a design names: where it lies, and whether it may be opened. A design may come from anybody, so nothing
 * outside its own folder is opened, through no link either, and nothing that would not fit into memory.
 */
public sealed interface PictureFile {

    /** It can be shown. */
    record Usable(Path file) implements PictureFile {}

    /** @param why continues a sentence after its name */
    record Wrong(String why) implements PictureFile {}

    /** Only so much of a picture is read to know what it is. */
    int BEGINNING = 64 << 10;

    /**
     * Looks a picture up.
     *
     * @param folder of the design
     * @param name with slashes, from there
     */
    static PictureFile in(Path folder, String name) {
        try {
            Path file = folder.resolve(name).normalize();
            if (!file.startsWith(folder.normalize())) {
                return new Wrong("lies outside the design's folder, and is not opened");
            }
            if (!Files.isRegularFile(file)) {
                return new Wrong("is not there, beside the design");
            }
            if (!file.toRealPath().startsWith(folder.toRealPath())) {
                return new Wrong("is a link out of the design's folder, and is not opened");
            }
            return looked(file);
        } catch (InvalidPathException e) {
            return new Wrong("can be no file's name");
        } catch (IOException e) {
            return new Wrong("cannot be read");
        }
    }

    private static PictureFile looked(Path file) throws IOException {
        byte[] head;
        try (InputStream in = Files.newInputStream(file)) {
            head = in.readNBytes(BEGINNING);
        }
        if (!isImage(head)) {
            return new Wrong("is no image, whatever its name says");
        }
        Size size = size(head);
        return size.points() > Limits.MOST_POINTS
                ? new Wrong("has " + size.width() + " × " + size.height() + " points; pictures of more than "
                        + Limits.MOST_POINTS / 1_000_000 + " million are not shown")
                : new Usable(file);
    }

    private static boolean isImage(byte[] head) {
        String text = new String(head, 0, Math.min(head.length, 512), StandardCharsets.ISO_8859_1);
        return List.of("\u0089PNG", "\u00ff\u00d8\u00ff", "GIF8", "BM", "\0\0\1\0").stream()
                        .anyMatch(text::startsWith)
                || text.contains("<svg");
    }

    /** How large a picture is; 0 where its beginning does not tell. */
    record Size(long width, long height) {
        static final Size UNKNOWN = new Size(0, 0);

        long points() {
            return width > 0 && height > Long.MAX_VALUE / width ? Long.MAX_VALUE : width * height;
        }
    }

    private static Size size(byte[] head) {
        var bytes = ByteBuffer.wrap(head);
        String text = new String(head, 0, Math.min(head.length, 4), StandardCharsets.ISO_8859_1);
        if (text.equals("\u0089PNG") && head.length >= 24) {
            return new Size(bytes.getInt(16) & 0xFFFFFFFFL, bytes.getInt(20) & 0xFFFFFFFFL);
        }
        if (text.equals("GIF8") && head.length >= 10) {
            bytes.order(ByteOrder.LITTLE_ENDIAN);
            return new Size(bytes.getShort(6) & 0xFFFF, bytes.getShort(8) & 0xFFFF);
        }
        if (text.startsWith("BM") && head.length >= 26) {
            bytes.order(ByteOrder.LITTLE_ENDIAN);
            return new Size(Math.abs((long) bytes.getInt(18)), Math.abs((long) bytes.getInt(22)));
        }
        return text.startsWith("\u00ff\u00d8") ? sizeOfJpeg(bytes) : Size.UNKNOWN;
    }

    /** Goes from segment to segment until the one that holds the size. */
    private static Size sizeOfJpeg(ByteBuffer bytes) {
        int at = 2;
        while (at + 9 < bytes.capacity() && (bytes.get(at) & 0xFF) == 0xFF) {
            int marker = bytes.get(at + 1) & 0xFF;
            boolean holdsSize = marker >= 0xC0 && marker <= 0xCF && marker != 0xC4 && marker != 0xC8 && marker != 0xCC;
            if (holdsSize) {
                return new Size(bytes.getShort(at + 7) & 0xFFFF, bytes.getShort(at + 5) & 0xFFFF);
            }
            at += 2 + (bytes.getShort(at + 2) & 0xFFFF);
        }
        return Size.UNKNOWN;
    }
}
