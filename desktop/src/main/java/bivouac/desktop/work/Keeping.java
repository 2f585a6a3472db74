package bivouac.desktop.work;

import bivouac.design.Design;
import bivouac.format.SafeFile;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Executor;
import java.util.function.Consumer;

/**
 * Keeps the unsaved work of this Bivouac in a journal, and knows what others left. Writing is done on a thread of its own;
 * of several changes in a row the last is written, so that after a kill at most the last second of typing is missing.
 * All methods belong to the interface thread.
 */
public final class Keeping implements AutoCloseable {

    private final Work work;
    private final Journals journals;
    private final Executor on;
    private final Runnable release;
    private Optional<Journal> journal = Optional.empty();
    private Optional<Path> claimed = Optional.empty();
    private Optional<Journals.Claim> claim = Optional.empty();
    private Optional<Design> kept = Optional.empty();
    /** Told once, not with each change, that nothing can be kept. */
    private boolean troubled;

    /**
     * Begins to keep what happens in a work.
     *
     * @param on where journals are written, one after the other
     */
    public Keeping(Work work, Journals journals, Executor on) {
        this.work = work;
        this.journals = journals;
        this.on = on;
        try {
            journal = Optional.of(journals.begin());
        } catch (IOException e) {
            cannotKeep(e);
        }
        release = work.listen(this::follow);
        follow(work.now());
    }

    private void cannotKeep(IOException e) {
        if (!troubled) {
            troubled = true;
            work.trouble(new Background.Trouble(
                    "Unsaved work cannot be kept in " + journals.folder() + ": " + SafeFile.why(e)
                            + ". A crash would lose it; save often, or make that folder writable.",
                    "The journal in " + journals.folder() + " could not be written.\n" + e));
        }
    }

    private void follow(Situation s) {
        if (!claimed.equals(s.file())) {
            claim(s.file());
        }
        if (s.saved()) {
            if (kept.isPresent()) {
                kept = Optional.empty();
                journal.ifPresent(j -> write(j::clear));
            }
        } else if (kept.filter(k -> k == s.design()).isEmpty()) {
            kept = Optional.of(s.design());
            keep(s.design());
        }
    }

    private void keep(Design design) {
        Optional<Work.OnDisk> of = work.onDisk();
        journal.ifPresent(j -> write(() -> {
            // what was overtaken meanwhile is written by who overtook it
            if (work.now().design() == design && !work.now().saved()) {
                j.keep(design, of);
            }
        }));
    }

    private interface Writing {
        void run() throws IOException;
    }

    private void write(Writing writing) {
        work.background().run(on, "keeping unsaved work", () -> failure(writing), failed -> {
            failed.ifPresent(this::cannotKeep);
            troubled &= failed.isPresent();
        });
    }

    private static Optional<IOException> failure(Writing writing) {
        try {
            writing.run();
            return Optional.empty();
        } catch (IOException e) {
            return Optional.of(e);
        }
    }

    /** A disk that fails is told like any other failure. */
    private <T> void onDisk(String what, java.util.concurrent.Callable<T> task, Consumer<T> then) {
        work.background()
                .run(
                        on,
                        what,
                        () -> {
                            try {
                                return task.call();
                            } catch (IOException e) {
                                throw new UncheckedIOException(journals.folder() + ": " + SafeFile.why(e), e);
                            } catch (Exception e) {
                                throw new IllegalStateException(e);
                            }
                        },
                        then);
    }

    /** The file that is open here is this one now; the person is told if another Bivouac has it, too. */
    private void claim(Optional<Path> file) {
        claimed = file;
        claim.ifPresent(Journals.Claim::close);
        claim = Optional.empty();
        file.ifPresent(f ->
                onDisk("looking whether another has " + f.getFileName() + " open", () -> journals.claim(f), got -> {
                    if (claimed.equals(file)) {
                        claim = got;
                        if (got.isEmpty()) {
                            work.say(f.getFileName()
                                    + " is open in another Bivouac, too. Who saves second is asked; save under"
                                    + " another name to be safe.");
                        }
                    } else {
                        got.ifPresent(Journals.Claim::close);
                    }
                }));
    }

    // What others left

    /** @param unreadable where those lie of which nothing could be read */
    private record Found(List<LeftWork> left, List<Background.Trouble> unreadable) {}

    /** Finds what was left by those that were killed: of the file that is open, first, then of others. */
    public void findLeft(Consumer<List<LeftWork>> then) {
        Optional<Path> file = work.now().file();
        Design design = work.now().design();
        onDisk("looking for unsaved work", () -> found(file, design), found -> {
            found.unreadable().forEach(work::trouble);
            then.accept(found.left());
        });
    }

    private Found found(Optional<Path> file, Design design) throws IOException {
        var ofThis = new ArrayList<LeftWork>();
        var others = new ArrayList<LeftWork>();
        var unreadable = new ArrayList<Background.Trouble>();
        for (LeftWork left : journals.left()) {
            boolean same = file.filter(left::isOf).isPresent();
            if (left.design().isEmpty()) {
                Path aside = journals.setAside(left);
                unreadable.add(new Background.Trouble(
                        "Unsaved work of " + left.name()
                                + " was left, but nothing of it can be read. It is set aside as " + aside + ".",
                        aside.toString()));
            } else if (same
                    && !left.damaged()
                    && left.design().filter(design::equals).isPresent()) {
                // it holds what is on the screen, and so on disk
                journals.drop(left);
            } else {
                (same ? ofThis : others).add(left);
            }
        }
        ofThis.addAll(others);
        return new Found(List.copyOf(ofThis), unreadable);
    }

    /** Goes on with what was left. It is in this journal before it goes from the other; what is damaged is set aside. */
    public void take(LeftWork left) {
        Design design = left.design().orElseThrow();
        String foot = left.damaged()
                ? "Unsaved work is back as far as it could be read; the damaged whole is set aside in "
                        + journals.folder() + "."
                : "Unsaved work is back.";
        onDisk(
                "going on with unsaved work",
                () -> {
                    if (journal.isPresent()) {
                        journal.get().keep(design, left.of());
                        if (left.damaged()) {
                            journals.setAside(left);
                        } else {
                            journals.drop(left);
                        }
                    }
                    return design;
                },
                taken -> {
                    kept = Optional.of(taken);
                    work.takeUnsaved(taken, left.of(), foot);
                });
    }

    /** The person does not want it. */
    public void drop(LeftWork left) {
        onDisk(
                "throwing unsaved work away",
                () -> {
                    journals.drop(left);
                    return left.name();
                },
                name -> work.say("Unsaved work of " + name + " was thrown away."));
    }

    /** The tool is left, and what is unsaved with it, as the person said: nothing of it stays. */
    public void leave() {
        journal.ifPresent(j -> failure(j::drop).ifPresent(this::cannotKeep));
        close();
    }

    /** Stops keeping; what is in the journal stays there. */
    @Override
    public void close() {
        release.run();
        claim.ifPresent(Journals.Claim::close);
        journal.ifPresent(Journal::close);
    }
}
