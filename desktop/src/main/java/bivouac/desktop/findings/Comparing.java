package bivouac.desktop.findings;

import bivouac.compare.Compared;
import bivouac.design.Design;
import bivouac.desktop.work.Work;
import bivouac.explore.Limits;
import bivouac.explore.Progress;
import bivouac.format.Commits;
import bivouac.format.DesignFile;
import bivouac.format.Unreadable;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.ForkJoinPool;
import java.util.function.BiConsumer;
import java.util.function.Consumer;

/** Compares the design that is worked on with an older version of it, off the interface thread. */
final class Comparing {

    /** Somebody waits for it: one of so many shares of what is usual. */
    private static final int SHARES = 2;

    /** As many commits are offered; older ones are compared on the command line. */
    private static final int MOST_OFFERED = 30;

    private final Work work;

    Comparing(Work work) {
        this.work = work;
    }

    /** What came of it; a sentence where the other could not be read. */
    private record Answer(Optional<Compared> compared, String said) {}

    /** How an older version is had. */
    private interface Reading {
        Design read() throws Unreadable;
    }

    /** Which versions git keeps of the file that is worked on, the latest first; none where it keeps nothing of it. */
    void earlier(Consumer<List<Commits.Commit>> then) {
        Optional<Path> file = work.now().file();
        if (file.isEmpty()) {
            then.accept(List.of());
            return;
        }
        work.background()
                .run(
                        ForkJoinPool.commonPool(),
                        "looking for earlier versions",
                        () -> Commits.of(file.get(), MOST_OFFERED),
                        then);
    }

    /** The one in the file is the older version; {@code then} gets what differs, and how the file is called. */
    void with(Path older, BiConsumer<Compared, String> then) {
        with(older.getFileName().toString(), () -> DesignFile.read(older), then);
    }

    /** The same with one that git keeps of the file that is worked on. */
    void with(Commits.Commit older, BiConsumer<Compared, String> then) {
        Path file = work.now().file().orElseThrow();
        with(named(older), () -> Commits.read(file, older.id()), then);
    }

    /** How a version is called in sentences. */
    static String named(Commits.Commit commit) {
        return "“" + commit.subject() + "” of " + commit.day();
    }

    private void with(String older, Reading reading, BiConsumer<Compared, String> then) {
        Design now = work.now().design();
        var today = work.now().rehearsal().today();
        work.say("Comparing with " + older + "…");
        work.background()
                .run(
                        ForkJoinPool.commonPool(),
                        "comparing with " + older,
                        () -> {
                            try {
                                return new Answer(
                                        Optional.of(Compared.of(
                                                reading.read(),
                                                now,
                                                today,
                                                Limits.usual().share(SHARES),
                                                Progress.NONE)),
                                        "");
                            } catch (Unreadable e) {
                                return new Answer(Optional.empty(), e.getMessage());
                            }
                        },
                        answer -> {
                            answer.compared().ifPresent(c -> then.accept(c, older));
                            work.say(answer.compared()
                                    .map(c -> ComparedPane.said(c, older))
                                    .orElse(answer.said()));
                        });
    }
}
