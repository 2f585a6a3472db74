package bivouac.desktop.handover;

import bivouac.design.Design;
import bivouac.desktop.work.Situation;
import bivouac.desktop.work.Work;
import bivouac.format.SafeFile;
import bivouac.format.Unreadable;
import bivouac.handover.Change;
import bivouac.handover.HandedOver;
import bivouac.handover.NotHandedOver;
import bivouac.handover.ProgramFolder;
import bivouac.handover.Toolkit;
import bivouac.handover.WrittenFile;
import bivouac.handover.document.Documents;
import bivouac.handover.proof.Proof;
import bivouac.handover.proof.TemporaryFolder;
import bivouac.plan.Program;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.ForkJoinPool;
import java.util.function.Consumer;

/** Writes, compares and proves programs off the interface thread; whoever asked hears of it there. */
final class Handing {

    private final Work work;

    Handing(Work work) {
        this.work = work;
    }

    /**
     * What a design is as a program; or why it is none.
     *
     * @param replaces that the program for another toolkit would go, and what of it
     */
    record Written(
            Design design,
            Toolkit toolkit,
            List<WrittenFile> files,
            Optional<List<Change>> changes,
            Optional<String> replaces,
            String why) {

        static Written none(Design design, Toolkit toolkit, List<WrittenFile> files, String why) {
            return new Written(design, toolkit, files, Optional.empty(), Optional.empty(), why);
        }
    }

    /** What came of a proof. */
    record Proven(List<Proof.Outcome> outcomes, String said) {}

    /** @param file the design's own */
    void write(Design design, Toolkit toolkit, Optional<Path> file, Optional<Path> folder, Consumer<Written> then) {
        work.background()
                .run(
                        ForkJoinPool.commonPool(),
                        "writing the program",
                        () -> written(design, toolkit, file, folder),
                        then);
    }

    private static Written written(Design design, Toolkit toolkit, Optional<Path> file, Optional<Path> folder) {
        List<WrittenFile> files;
        try {
            files = HandedOver.files(design, toolkit, beside(file)).files();
        } catch (NotHandedOver | Unreadable e) {
            return Written.none(design, toolkit, List.of(), e.getMessage());
        }
        if (folder.isEmpty()) {
            return Written.none(design, toolkit, files, "");
        }
        try {
            ProgramFolder to = ProgramFolder.of(folder.get(), toolkit);
            List<Change> plan = to.plan(files);
            return new Written(design, toolkit, files, Optional.of(plan), HandedOver.replaced(to, plan), "");
        } catch (NotHandedOver e) {
            return Written.none(design, toolkit, files, e.getMessage());
        }
    }

    private static Optional<Path> beside(Optional<Path> file) {
        return file.map(f -> f.toAbsolutePath().getParent());
    }

    /**
     * Writes what is planned, with the pictures beside the design's file; the sentence says what came of it.
     */
    void handOver(
            Written program, Optional<Path> file, Path folder, HandedOver.Allowed allowed, Consumer<String> then) {
        work.background()
                .run(ForkJoinPool.commonPool(), "handing over", () -> handedOver(program, file, folder, allowed), then);
    }

    private static String handedOver(Written program, Optional<Path> file, Path folder, HandedOver.Allowed allowed) {
        try {
            HandedOver done = HandedOver.to(folder, program.design(), program.toolkit(), beside(file), allowed);
            long kept = done.byHand();
            return "Handed over to " + folder
                    + (allowed.overChanges() || kept == 0 ? "." : "; " + kept + " changed by hand, kept.");
        } catch (NotHandedOver | Unreadable e) {
            return e.getMessage();
        }
    }

    /** Shows a folder by what the system has for that; the sentence says what came of it. */
    void open(Path folder, Consumer<String> then) {
        work.background().run(ForkJoinPool.commonPool(), "opening the folder", () -> SystemFolder.open(folder), then);
    }

    /** Writes the documents of a design; the sentence says what came of it. */
    void document(Situation s, Path folder, Consumer<String> then) {
        Program program = s.program();
        LocalDate today = s.rehearsal().today();
        work.say("Writing documents…");
        work.background()
                .run(ForkJoinPool.commonPool(), "writing documents", () -> documented(program, today, folder), then);
    }

    private static String documented(Program program, LocalDate today, Path folder) {
        try {
            List<Change> done = Documents.write(program, today, folder);
            long kept = done.stream().filter(c -> c.kind().isByHand()).count();
            return done.size() + " documents written to " + folder
                    + (kept == 0 ? "." : "; " + kept + " changed by hand, kept.");
        } catch (NotHandedOver | Unreadable e) {
            return e.getMessage();
        }
    }

    /** Builds the program in a folder of its own, and drives it. */
    void prove(Written program, Consumer<Proven> then) {
        work.background().run(ForkJoinPool.commonPool(), "proving the program", () -> proven(program), then);
    }

    private static Proven proven(Written program) {
        try (var folder = TemporaryFolder.named("bivouac-proof")) {
            for (WrittenFile file : program.files()) {
                Path path = folder.path().resolve(file.path());
                Files.createDirectories(path.getParent());
                Files.write(path, file.bytes());
            }
            Proof proof = Proof.of(program.toolkit(), folder.path());
            Optional<String> said = proof.compile();
            return said.isEmpty()
                    ? new Proven(proof.drive(), "")
                    : new Proven(
                            List.of(),
                            "It does not compile: "
                                    + said.get().lines().findFirst().orElse(said.get()));
        } catch (IOException e) {
            return new Proven(List.of(), "It could not be proven: " + SafeFile.why(e) + ".");
        } catch (NotHandedOver e) {
            return new Proven(List.of(), e.getMessage());
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            return new Proven(List.of(), "It was given up.");
        }
    }
}
