package bivouac.cli;

import bivouac.check.Finding;
import bivouac.compare.Compared;
import bivouac.compare.Parting;
import bivouac.explore.Progress;
import bivouac.format.DesignFile;
import bivouac.format.Unreadable;
import java.io.PrintWriter;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** {@code bivouac compare OLD NEW}: what two versions of a design do otherwise, each with a trail that parts them. */
@Command(
        name = "compare",
        description = "Compares two versions of a design by what they do.",
        mixinStandardHelpOptions = true,
        exitCodeListHeading = "Exit codes:%n",
        exitCodeList = {
            "0:they do the same, as far as was looked",
            "1:something differs",
            ExitCodes.UNREADABLE_HELP,
            ExitCodes.FAULT_HELP
        })
public final class CompareCommand implements Callable<Integer> {

    @Spec
    private CommandSpec spec;

    @Parameters(index = "0", paramLabel = "OLD", description = "the older version")
    private Path older;

    @Parameters(index = "1", paramLabel = "NEW", description = "the newer version")
    private Path newer;

    @Mixin
    private Within within = new Within();

    @Override
    public Integer call() {
        PrintWriter out = spec.commandLine().getOut();
        Progress progress = OnTerminal.in(spec.commandLine().getErr());
        try {
            Compared compared = Compared.of(
                    DesignFile.read(older), DesignFile.read(newer), LocalDate.now(), within.limits(), progress);
            OnTerminal.done(progress);
            print(compared, out);
            return compared.isSame() ? ExitCodes.FINE : ExitCodes.SOMETHING_FOUND;
        } catch (Unreadable e) {
            spec.commandLine().getErr().println(e.getMessage());
            return ExitCodes.UNREADABLE;
        }
    }

    private static void print(Compared compared, PrintWriter out) {
        compared.written().forEach(out::println);
        compared.partings().forEach(p -> print(p, out));
        compared.come().forEach(f -> print("come", f, out));
        compared.gone().forEach(f -> print("gone", f, out));
        String pairs = String.format(Locale.ROOT, "%,d", compared.pairs());
        String same = compared.isSame() ? "Nothing differs" : "Compared";
        out.println(
                compared.complete()
                        ? same + ", in all " + pairs + " pairs of situations."
                        : same + ", in " + pairs + " pairs of situations; there are more, so more may differ.");
    }

    private static void print(Parting parting, PrintWriter out) {
        out.println(parting.sentence());
        shown("before", parting.before(), out);
        shown("now", parting.now(), out);
        FindingLines.trail(parting.trail(), out);
    }

    private static void shown(String when, Optional<List<String>> what, PrintWriter out) {
        what.filter(w -> !w.isEmpty()).ifPresent(w -> out.println("    " + when + ": " + String.join("; ", w)));
    }

    private static void print(String how, Finding finding, PrintWriter out) {
        out.println(how + ", " + finding.weight().word() + ": " + finding.what());
        finding.trail().ifPresent(t -> FindingLines.trail(t, out));
    }
}
