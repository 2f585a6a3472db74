package bivouac.desktop.frame;

import bivouac.design.Design;
import bivouac.desktop.work.Saving;
import bivouac.desktop.work.Screen;
import bivouac.desktop.work.Work;
import bivouac.format.DesignFile;
import bivouac.format.SafeFile;
import bivouac.format.Unreadable;
import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.ForkJoinPool;
import java.util.function.Consumer;

/** New, open, save, save as, and asking before work is lost or something on disk is, by every way of doing so. */
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
                    work.take(Design.startingWith(title), title + " made: a main window that the start opens.");
                    work.show(Screen.WINDOW);
                    begin.run();
                }));
    }

    public void askOpen() {
        leaving(() -> asker.toOpen(work::open));
    }

    /** Asks for a file that holds an older version. */
    public void askToCompare(Consumer<Path> chosen) {
        asker.toOpen(chosen);
    }

    /** Opens one that ships, after asking where there is unsaved work. */
    public void openExample(Path example) {
        leaving(() -> work.open(example));
    }

    /** Saves under its name, or asks for one; {@code then} is done once it is saved. */
    public void save(Runnable then) {
        work.now().file().ifPresentOrElse(file -> write(file, false, then), () -> saveAs(then));
    }

    public void saveAs(Runnable then) {
        String proposed = work.now()
                .design()
                .application()
                .name()
                .toLowerCase(java.util.Locale.ROOT)
                .replaceAll("[^\\p{L}\\p{N}]+", "-");
        asker.toSave(work.now().file(), proposed + DesignFile.EXTENSION, chosen -> {
            Path file = withExtension(chosen);
            boolean itself = work.now().file().filter(file::equals).isPresent();
            replacing(file, itself || asker.hasAskedToReplace(chosen, file), () -> write(file, !itself, then));
        });
    }

    private static Path withExtension(Path file) {
        String name = file.getFileName() == null ? "" : file.getFileName().toString();
        return name.contains(".") ? file : file.resolveSibling(name + DesignFile.EXTENSION);
    }

    /** Does {@code then} at once where nothing is there, or the person has said so; else asks. */
    private void replacing(Path file, boolean asked, Runnable then) {
        if (asked || !java.nio.file.Files.exists(file)) {
            then.run();
            return;
        }
        overlay.ask(
                "Replace " + file.getFileName() + "?",
                "A file of that name is there already; what it holds would be lost.",
                List.of(
                        new Overlay.Choice("Keep it", "replace-keep", () -> {}),
                        new Overlay.Choice("Replace it", "replace-over", then)),
                () -> {});
    }

    private void write(Path file, boolean over, Runnable then) {
        work.save(file, over, saving -> {
            switch (saving) {
                case Saving.Done d -> then.run();
                case Saving.Failed f -> {
                    // the foot strip says why
                }
                case Saving.Changed changed ->
                    new ChangedOnDisk(work, overlay).ask(changed, () -> write(file, true, then), () -> saveAs(then));
            }
        });
    }

    /** Asks for a folder that something is written to. */
    public void askFolder(String title, String before, Consumer<Path> chosen) {
        asker.toFolder(title, before, chosen);
    }

    /** Asks for a file of texts that came back. */
    public void askForTexts(Consumer<Path> chosen) {
        asker.toOpenTexts(chosen);
    }

    /** Asks where texts go; {@code then} writes them there. */
    public void askToWriteTexts(String proposed, Consumer<Path> then) {
        asker.toSaveTexts(
                proposed, file -> replacing(file, asker.hasAskedToReplace(file, file), () -> then.accept(file)));
    }

    /** Asks where a drawing goes, and writes it there. */
    public void keep(Drawing drawing, String named) {
        asker.toSavePicture(
                named + "." + drawing.extension(),
                file -> replacing(file, asker.hasAskedToReplace(file, file), () -> write(file, drawing)));
    }

    private void write(Path file, Drawing drawing) {
        work.background()
                .run(
                        ForkJoinPool.commonPool(),
                        "writing " + file.getFileName(),
                        () -> written(file, drawing),
                        (Consumer<String>) work::say);
    }

    private static String written(Path file, Drawing drawing) {
        try {
            SafeFile.replace(file, drawing.bytes());
            return file.getFileName() + " saved.";
        } catch (IOException e) {
            return file.getFileName() + " could not be saved: " + SafeFile.why(e) + ". Save it elsewhere.";
        } catch (Unreadable e) {
            return e.getMessage();
        }
    }

    /** Does {@code then} at once, or after asking where there is unsaved work (C2: whatever the way out). */
    public void leaving(Runnable then) {
        work.afterSaving(() -> askedToLeave(then));
    }

    private void askedToLeave(Runnable then) {
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
