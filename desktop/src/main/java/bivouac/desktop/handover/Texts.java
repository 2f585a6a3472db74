package bivouac.desktop.handover;

import bivouac.design.Design;
import bivouac.design.Wording;
import bivouac.desktop.frame.Files;
import bivouac.desktop.work.Work;
import bivouac.handover.wording.NotTexts;
import bivouac.handover.wording.TextChanges;
import bivouac.handover.wording.TextFile;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.ForkJoinPool;
import java.util.function.Consumer;
import javafx.scene.Node;

/** The texts that people read, out to those who write and translate them, and in again, off the interface thread. */
final class Texts {

    /** In which language designs are written if nothing else is said. */
    private static final String LANGUAGE = "en";

    private final Work work;
    private final Files files;
    private final Consumer<Optional<Node>> show;

    /** @param show shows something instead of the file that is looked at, until it is told to put it away */
    Texts(Work work, Files files, Consumer<Optional<Node>> show) {
        this.work = work;
        this.files = files;
        this.show = show;
    }

    /** What came of reading a file of texts; a sentence where it could not be read. */
    private record Read(Design design, Optional<TextChanges> changes, String said) {}

    void out() {
        Design design = work.now().design();
        String original = work.now()
                .file()
                .map(f -> f.getFileName().toString())
                .orElse(design.application().name());
        files.askToWriteTexts(original.replaceFirst("\\.[^.]*$", "") + "-texts.xlf", to -> work.background()
                .run(
                        ForkJoinPool.commonPool(),
                        "writing " + to.getFileName(),
                        () -> written(design, original, to),
                        (Consumer<String>) work::say));
    }

    private static String written(Design design, String original, Path to) {
        try {
            List<Wording> texts = Wording.of(design);
            new TextFile(to).write(texts, original, new TextFile.Languages(LANGUAGE, Optional.empty()));
            return texts.size() + " texts written to " + to.getFileName() + ".";
        } catch (NotTexts e) {
            return e.getMessage();
        }
    }

    void in() {
        files.askForTexts(from -> {
            Design design = work.now().design();
            work.background()
                    .run(
                            ForkJoinPool.commonPool(),
                            "reading " + from.getFileName(),
                            () -> read(design, from),
                            read -> compare(read, from.getFileName().toString()));
        });
    }

    private static Read read(Design design, Path from) {
        try {
            return new Read(design, Optional.of(TextChanges.of(design, new TextFile(from).read())), "");
        } catch (NotTexts e) {
            return new Read(design, Optional.empty(), e.getMessage());
        }
    }

    private void compare(Read read, String name) {
        if (read.changes().isEmpty()) {
            work.say(read.said());
            return;
        }
        TextChanges changes = read.changes().get();
        var pane = new TextsPane(changes, name, () -> take(read, changes, name), () -> show.accept(Optional.empty()));
        show.accept(Optional.of(pane));
        pane.begin();
    }

    /** One step for undo. A design that was edited meanwhile is compared again, so that no edit is lost. */
    private void take(Read read, TextChanges changes, String name) {
        Design now = work.now().design();
        if (now != read.design()) {
            work.say("The design has changed since " + name + " was read; take the texts in again.");
        } else {
            int count = changes.changes().size();
            work.change(changes.applied(now), (count == 1 ? "1 text" : count + " texts") + " taken from " + name);
        }
        show.accept(Optional.empty());
    }
}
