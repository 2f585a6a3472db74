package bivouac.cli;

import bivouac.check.finding.Finding;
import bivouac.compare.Compared;
import bivouac.compare.Parting;
import bivouac.design.Design;
import bivouac.explore.Progress;
import bivouac.format.Commits;
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
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/**
 * {@code bivouac compare OLD NEW}, or {@code compare FILE --at REVISION}: what two versions of a design do otherwise, each
 * with a trail that parts them.
 */
@Command(
        name = "compare",
        description = {
            "Compares two versions of a design by what they do: two files, or one with what git keeps of it.",
            "With one file and nothing else, the older version is the one last committed."
        },
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

    @Parameters(arity = "1..2", paramLabel = "FILE", description = "the older and the newer version; or only the newer")
    private List<Path> files;

    @Option(
            names = "--at",
            paramLabel = "REVISION",
            description = "the older version is the file as git keeps it there: a commit, a branch or a tag")
    private Optional<String> at = Optional.empty();

    @Mixin
    private Within within = new Within();

    @Override
    public Integer call() {
        PrintWriter out = spec.commandLine().getOut();
        Progress progress = OnTerminal.in(spec.commandLine().getErr());
        try {
            Design older = older();
            Compared compared =
                    Compared.of(older, DesignFile.read(files.getLast()), LocalDate.now(), within.limits(), progress);
            OnTerminal.done(progress);
            print(compared, out);
            return compared.isSame() ? ExitCodes.FINE : ExitCodes.SOMETHING_FOUND;
        } catch (Unreadable e) {
            spec.commandLine().getErr().println(e.getMessage());
            return ExitCodes.UNREADABLE;
        }
    }

    private Design older() throws Unreadable {
        if (files.size() == 1) {
            return Commits.read(files.getFirst(), at.orElse(Commits.LAST));
        }
        if (at.isPresent()) {
            throw new Unreadable("compare takes two files, or one file and --at; with both it is not clear which is the"
                    + " older version.");
        }
        return DesignFile.read(files.getFirst());
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
