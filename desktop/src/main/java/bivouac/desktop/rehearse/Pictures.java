package bivouac.desktop.rehearse;

import bivouac.check.known.PictureFile;
import bivouac.desktop.work.Background;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.Iterator;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ForkJoinPool;
import java.util.function.Supplier;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.SimpleObjectProperty;
import javafx.embed.swing.SwingFXUtils;
import javafx.scene.image.Image;
import javafx.scene.image.ImageView;
import javax.imageio.ImageIO;
import javax.imageio.ImageReadParam;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;

/**
 * The pictures and icons that lie beside the design. Each is read once, off the interface thread and no larger than it
 * can be of use; one that is not there, is no image, or may not be opened, shows as its name.
 */
final class Pictures {

    /** A side of more points than this is read with some left out: no window of the desk is larger. */
    private static final int LARGEST_SIDE = 2_048;

    private final Supplier<Optional<Path>> folder;
    private final Background background;
    private final Map<Path, Optional<ReadOnlyObjectProperty<Image>>> known = new HashMap<>();

    /** @param folder of the design's file; empty while it has none */
    Pictures(Supplier<Optional<Path>> folder, Background background) {
        this.folder = folder;
        this.background = background;
    }

    /**
     * A picture that is there as soon as it is read; until then it holds null.
     *
     * @param file with slashes, from the design's folder
     */
    Optional<ReadOnlyObjectProperty<Image>> of(String file) {
        return file.isBlank()
                ? Optional.empty()
                : folder.get()
                        .flatMap(f -> PictureFile.in(f, file) instanceof PictureFile.Usable(Path path)
                                ? known.computeIfAbsent(path, this::load)
                                : Optional.empty());
    }

    /** Shows a picture as soon as it is there. */
    static ImageView view(ReadOnlyObjectProperty<Image> picture) {
        var view = new ImageView();
        view.imageProperty().bind(picture);
        return view;
    }

    private Optional<ReadOnlyObjectProperty<Image>> load(Path path) {
        ObjectProperty<Image> image = new SimpleObjectProperty<>();
        background.run(
                ForkJoinPool.commonPool(),
                "reading the picture " + path.getFileName(),
                () -> read(path),
                read -> read.ifPresentOrElse(
                        r -> image.set(SwingFXUtils.toFXImage(r, null)), () -> known.put(path, Optional.empty())));
        return Optional.of(image);
    }

    private static Optional<BufferedImage> read(Path path) {
        try (ImageInputStream in = ImageIO.createImageInputStream(path.toFile())) {
            Iterator<ImageReader> readers = ImageIO.getImageReaders(in);
            if (!readers.hasNext()) {
                return Optional.empty();
            }
            ImageReader reader = readers.next();
            try {
                reader.setInput(in, true, true);
                int larger = Math.max(reader.getWidth(0), reader.getHeight(0));
                int every = Math.max(1, (larger + LARGEST_SIDE - 1) / LARGEST_SIDE);
                ImageReadParam some = reader.getDefaultReadParam();
                some.setSourceSubsampling(every, every, 0, 0);
                return Optional.of(reader.read(0, some));
            } finally {
                reader.dispose();
            }
        } catch (IOException e) {
            throw new UncheckedIOException(path.getFileName() + " is damaged: " + e.getMessage(), e);
        }
    }
}
