package bivouac.cli;

import bivouac.check.Findings;
import bivouac.check.known.Beside;
import bivouac.design.Design;
import bivouac.format.DesignFile;
import bivouac.format.Unreadable;
import bivouac.handover.Change;
import bivouac.handover.HandedOver;
import bivouac.handover.NotHandedOver;
import bivouac.handover.Toolkit;
import bivouac.handover.proof.Proof;
import bivouac.plan.Program;
import java.io.IOException;
import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** {@code bivouac handover FILE --for TOOLKIT --to DIR}: writes the program, and proves that it does what was rehearsed. */
@Command(
        name = "handover",
        description = "Writes a design as the source of a program, and proves that it does what was rehearsed.",
        mixinStandardHelpOptions = true,
        exitCodeListHeading = "Exit codes:%n",
        exitCodeList = {
            "0:written, and with --prove identical to the rehearsal",
            "1:the program does otherwise than the rehearsal",
            "2:a file could not be read or written, or the design cannot be handed over",
            ExitCodes.FAULT_HELP,
            "4:the program did the same as far as it went, and took too long"
        })
public final class HandoverCommand implements Callable<Integer> {

    @Spec
    private CommandSpec spec;

    @Parameters(paramLabel = "FILE", description = "the design")
    private Path file;

    @Option(names = "--for", paramLabel = "TOOLKIT", description = "javafx, swing, tk or forms", required = true)
    private String toolkit;

    @Option(names = "--to", paramLabel = "DIR", description = "the folder of the program", required = true)
    private Path folder;

    @Option(names = "--prove", description = "build it, drive its windows by the walkthroughs, and compare")
    private boolean prove;

    @Option(names = "--over-changes", description = "write over what was changed by hand, instead of keeping it")
    private boolean overChanges;

    @Option(names = "--instead", description = "let the program for another toolkit go that stands in the folder")
    private boolean instead;

    @Override
    public Integer call() throws InterruptedException {
        PrintWriter out = spec.commandLine().getOut();
        try {
            Optional<Toolkit> wanted = Toolkit.of(toolkit);
            if (wanted.isEmpty()) {
                throw new NotHandedOver("There is no writer for “" + toolkit + "”. Programs are written for: "
                        + String.join(
                                ", ",
                                List.of(Toolkit.values()).stream()
                                        .map(Toolkit::word)
                                        .toList()) + ".");
            }
            Design design = DesignFile.read(file);
            write(design, wanted.get(), out);
            return prove ? proven(wanted.get(), out) : ExitCodes.FINE;
        } catch (Unreadable | NotHandedOver e) {
            spec.commandLine().getErr().println(e.getMessage());
            return ExitCodes.UNREADABLE;
        } catch (IOException e) {
            spec.commandLine().getErr().println("The program could not be proven: " + e.getMessage() + ".");
            return ExitCodes.UNREADABLE;
        }
    }

    private void write(Design design, Toolkit wanted, PrintWriter out) throws Unreadable {
        Path beside = file.toAbsolutePath().getParent();
        HandedOver done = HandedOver.to(
                folder, design, wanted, Optional.of(beside), new HandedOver.Allowed(overChanges, instead));
        List<Change> plan = done.changes();
        done.missing().forEach(p -> out.println("not there, and not taken along: " + p));
        long same = plan.stream().filter(c -> c.kind() == Change.Kind.SAME).count();
        plan.stream().filter(c -> c.kind() != Change.Kind.SAME).forEach(c -> out.println(words(c) + ": " + c.path()));
        out.println(done.files().size() + " files for " + wanted.shown() + " in " + folder
                + (same == 0 ? "." : ", " + same + " as they were."));
        int open =
                Findings.checked(Program.of(design), Beside.in(beside)).open().size();
        if (open > 0) {
            out.println("The design as it is written has " + (open == 1 ? "1 finding" : open + " findings")
                    + "; they stand in README.md, and `bivouac check` explores it for more.");
        }
    }

    private String words(Change change) {
        return overChanges && change.kind().isByHand()
                ? "changed by hand, written over"
                : change.kind().words();
    }

    private int proven(Toolkit toolkit, PrintWriter out) throws IOException, InterruptedException {
        Proof proof = Proof.of(toolkit, folder);
        Optional<String> said = proof.compile();
        if (said.isPresent()) {
            out.println("The program does not compile:");
            out.println(said.get());
            return ExitCodes.SOMETHING_FOUND;
        }
        List<Proof.Outcome> outcomes = proof.drive();
        for (Proof.Outcome o : outcomes) {
            out.println(
                    switch (o.verdict()) {
                        case IDENTICAL -> "✓ " + o.name() + ", " + o.events() + " events";
                        case DIFFERENT ->
                            "✗ " + o.name() + ": " + o.difference().orElseThrow();
                        case TOO_LONG -> "… " + o.name() + ": " + o.difference().orElseThrow();
                    });
        }
        long equal = outcomes.stream().filter(o -> o.difference().isEmpty()).count();
        out.println(
                outcomes.isEmpty()
                        ? "There are no walkthroughs to drive it by; it compiles."
                        : equal == outcomes.size()
                                ? "Identical to the rehearsal, event by event."
                                : equal + " of " + outcomes.size() + " walkthroughs are identical to the rehearsal.");
        boolean differs = outcomes.stream().anyMatch(o -> o.verdict() == Proof.Verdict.DIFFERENT);
        return differs
                ? ExitCodes.SOMETHING_FOUND
                : equal == outcomes.size() ? ExitCodes.FINE : ExitCodes.TOOK_TOO_LONG;
    }
}
