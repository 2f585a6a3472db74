package bivouac.desktop.findings;

import bivouac.compare.Compared;
import bivouac.design.Design;
import bivouac.desktop.work.Work;
import bivouac.explore.Limits;
import bivouac.explore.Progress;
import bivouac.format.DesignFile;
import bivouac.format.Unreadable;
import java.nio.file.Path;
import java.time.Duration;
import java.util.Optional;
import java.util.concurrent.ForkJoinPool;
import java.util.function.BiConsumer;

/** Compares the design that is worked on with one in a file, off the interface thread. */
final class Comparing {

    /** Somebody waits for it. */
    private static final Duration TIME = Duration.ofSeconds(12);

    private final Work work;

    Comparing(Work work) {
        this.work = work;
    }

    /** What came of it; a sentence where the other could not be read. */
    private record Answer(Optional<Compared> compared, String said) {}

    /** The one in the file is the older version; {@code then} gets what differs, and how the file is called. */
    void with(Path older, BiConsumer<Compared, String> then) {
        Design now = work.now().design();
        var today = work.now().rehearsal().today();
        work.say("Comparing with " + older.getFileName() + "…");
        work.background()
                .run(
                        ForkJoinPool.commonPool(),
                        "comparing with " + older.getFileName(),
                        () -> {
                            try {
                                Design before = DesignFile.read(older);
                                return new Answer(
                                        Optional.of(Compared.of(before, now, today, Limits.of(TIME), Progress.NONE)),
                                        "");
                            } catch (Unreadable e) {
                                return new Answer(Optional.empty(), e.getMessage());
                            }
                        },
                        answer -> {
                            answer.compared()
                                    .ifPresent(c ->
                                            then.accept(c, older.getFileName().toString()));
                            work.say(answer.compared()
                                    .map(c -> ComparedPane.said(
                                            c, older.getFileName().toString()))
                                    .orElse(answer.said()));
                        });
    }
}
