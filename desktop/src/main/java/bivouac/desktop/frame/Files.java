package bivouac.desktop.frame;

import bivouac.design.Design;
import bivouac.desktop.work.Screen;
import bivouac.desktop.work.Work;
import bivouac.format.DesignFile;
import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import javafx.embed.swing.SwingFXUtils;
import javafx.scene.image.WritableImage;
import javax.imageio.ImageIO;

/** New, open, save, save as, and asking before unsaved work is lost, by every way of leaving it. */
public final class Files {

    private final Work work;
    private final Overlay overlay;
    private final FileAsker asker;
    private final Runnable begin;

    /** @param begin puts the keyboard where a person begins on the screen shown */
    public Files(Work work, Overlay overlay, FileAsker asker, Runnable begin) {
        this.begin = begin;
        this.work = work;
        this.overlay = overlay;
        this.asker = asker;
    }

    /** Asks for a title, and makes what runs at once. */
    public void askNew() {
        leaving(() -> overlay.prompt(
                "New design",
                "The title of the application, which is also its first window. It runs at once.",
                "",
                title -> {
                    work.take(
                            Design.startingWith(title),
                            Optional.empty(),
                            false,
                            title + " made: a main window that the start opens.");
                    work.show(Screen.WINDOW);
                    begin.run();
                }));
    }

    public void askOpen() {
        leaving(() -> asker.toOpen(work::open));
    }

    /** Saves under its name, or asks for one; {@code then} is done once it is saved. */
    public void save(Runnable then) {
        work.now().file().ifPresentOrElse(file -> write(file, then), () -> saveAs(then));
    }

    public void saveAs(Runnable then) {
        String proposed = work.now()
                .design()
                .application()
                .name()
                .toLowerCase(java.util.Locale.ROOT)
                .replaceAll("[^\\p{L}\\p{N}]+", "-");
        asker.toSave(work.now().file(), proposed + DesignFile.EXTENSION, file -> write(withExtension(file), then));
    }

    private static Path withExtension(Path file) {
        String name = file.getFileName().toString();
        return name.contains(".") ? file : file.resolveSibling(name + DesignFile.EXTENSION);
    }

    private void write(Path file, Runnable then) {
        if (work.save(file)) {
            then.run();
        }
    }

    /** Asks where a picture goes, and writes it there as PNG. */
    public void keepPicture(WritableImage picture, String proposed) {
        asker.toSavePicture(proposed, file -> {
            try {
                ImageIO.write(SwingFXUtils.fromFXImage(picture, null), "png", file.toFile());
                work.say(file.getFileName() + " saved.");
            } catch (IOException e) {
                work.say("The picture could not be written to " + file + ": " + e.getMessage() + ".");
            }
        });
    }

    /** Does {@code then} at once, or after asking where there is unsaved work (C2: whatever the way out). */
    public void leaving(Runnable then) {
        if (work.now().saved()) {
            then.run();
            return;
        }
        String name = work.now().design().application().name();
        overlay.ask(
                "Save " + name + " first?",
                "It has changes that are not on disk.",
                List.of(
                        new Overlay.Choice("Save", "leave-save", () -> save(then)),
                        new Overlay.Choice("Leave unsaved", "leave-unsaved", then),
                        new Overlay.Choice("Stay", "leave-stay", () -> {})));
    }
}
