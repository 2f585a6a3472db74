package bivouac.cli;

import bivouac.check.Beside;
import bivouac.check.Finding;
import bivouac.check.Findings;
import bivouac.design.Design;
import bivouac.format.DesignFile;
import bivouac.format.Unreadable;
import bivouac.plan.Program;
import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** {@code bivouac check FILE}: prints the findings. */
@Command(
        name = "check",
        description = "Prints what is wrong or risky in a design.",
        mixinStandardHelpOptions = true,
        exitCodeListHeading = "Exit codes:%n",
        exitCodeList = {"0:no findings", "1:findings", ExitCodes.UNREADABLE_HELP, ExitCodes.FAULT_HELP})
public final class CheckCommand implements Callable<Integer> {

    @Spec
    private CommandSpec spec;

    @Parameters(paramLabel = "FILE", description = "the design")
    private Path file;

    @Override
    public Integer call() {
        PrintWriter out = spec.commandLine().getOut();
        try {
            Program program = Program.of(DesignFile.read(file));
            List<Finding> findings =
                    Findings.of(program, Beside.in(file.toAbsolutePath().getParent()));
            print(program.design(), findings, out);
            return findings.isEmpty() ? ExitCodes.FINE : ExitCodes.SOMETHING_FOUND;
        } catch (Unreadable e) {
            spec.commandLine().getErr().println(e.getMessage());
            return ExitCodes.UNREADABLE;
        }
    }

    /** The findings as they are printed, heaviest first. */
    public static void print(Design design, List<Finding> findings, PrintWriter out) {
        for (Finding f : findings) {
            out.println(f.weight().word() + ": " + f.what());
            out.println("    " + f.why() + " [" + f.place().words(design) + "]");
        }
        out.println(
                findings.isEmpty()
                        ? "No findings."
                        : findings.size() + (findings.size() == 1 ? " finding." : " findings."));
    }
}
