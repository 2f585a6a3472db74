package bivouac.cli;

import bivouac.format.DesignFile;
import bivouac.format.Unreadable;
import bivouac.handover.Change;
import bivouac.handover.NotHandedOver;
import bivouac.handover.document.Documents;
import bivouac.plan.Program;
import java.io.PrintWriter;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.List;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** {@code bivouac documents FILE --to DIR}: what is written about a design for those who do not have the tool. */
@Command(
        name = "documents",
        description = {
            "Writes a design as documents.",
            "The specification is one page to read and to print; the overview and the lifelines of each walkthrough are SVG, the flow is SCXML."
        },
        mixinStandardHelpOptions = true,
        exitCodeListHeading = "Exit codes:%n",
        exitCodeList = {"0:written", ExitCodes.UNREADABLE_HELP, ExitCodes.FAULT_HELP})
public final class DocumentsCommand implements Callable<Integer> {

    @Spec
    private CommandSpec spec;

    @Parameters(paramLabel = "FILE", description = "the design")
    private Path file;

    @Option(names = "--to", paramLabel = "DIR", description = "the folder of the documents", required = true)
    private Path folder;

    @Override
    public Integer call() {
        PrintWriter out = spec.commandLine().getOut();
        try {
            Program program = Program.of(DesignFile.read(file));
            List<Change> done = Documents.write(program, LocalDate.now(), folder);
            done.stream()
                    .filter(c -> c.kind() != Change.Kind.SAME)
                    .forEach(c -> out.println(c.kind().words() + ": " + c.path()));
            out.println(done.size() + " documents in " + folder + ".");
            return ExitCodes.FINE;
        } catch (Unreadable | NotHandedOver e) {
            spec.commandLine().getErr().println(e.getMessage());
            return ExitCodes.UNREADABLE;
        }
    }
}
