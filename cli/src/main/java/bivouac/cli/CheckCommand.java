package bivouac.cli;

import bivouac.check.Checked;
import bivouac.check.Findings;
import bivouac.check.finding.Finding;
import bivouac.check.known.Beside;
import bivouac.design.Design;
import bivouac.design.Promise;
import bivouac.explore.Exploration;
import bivouac.explore.Explored;
import bivouac.explore.Progress;
import bivouac.explore.Question;
import bivouac.format.DesignFile;
import bivouac.format.MadeFile;
import bivouac.format.Places;
import bivouac.format.Unreadable;
import bivouac.plan.Program;
import java.io.PrintWriter;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Callable;
import java.util.stream.Stream;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** {@code bivouac check FILE}: prints the findings, each with where it stands in the file. */
@Command(
        name = "check",
        description = "Explores every situation of a design, and prints what is wrong or risky in it.",
        mixinStandardHelpOptions = true,
        exitCodeListHeading = "Exit codes:%n",
        exitCodeList = {
            "0:no findings, or all are accepted",
            "1:findings",
            ExitCodes.UNREADABLE_HELP,
            ExitCodes.FAULT_HELP
        })
public final class CheckCommand implements Callable<Integer> {

    @Spec
    private CommandSpec spec;

    @Parameters(paramLabel = "FILE", description = "the design")
    private Path file;

    @Option(names = "--sarif", paramLabel = "SARIF-FILE", description = "write the findings there, as SARIF 2.1.0")
    private Path sarif;

    @Option(names = "--junit", paramLabel = "XML-FILE", description = "write the findings there, for build servers")
    private Path junit;

    @Mixin
    private Within within = new Within();

    @Option(
            names = "--promise",
            paramLabel = "SENTENCE",
            description =
                    "a promise to be checked beside those of the design, as often as wanted: “never …”, “always at"
                            + " the end …”, “always possible to …”, “after … comes … before …”")
    private List<String> promises = List.of();

    @Option(names = "--as-written", description = "print what the design as it is written shows, and explore nothing")
    private boolean asWritten;

    @Override
    public Integer call() {
        PrintWriter out = spec.commandLine().getOut();
        try {
            Program program = Program.of(promising(DesignFile.read(file)));
            Beside beside = Beside.in(file.toAbsolutePath().getParent());
            Optional<Explored> explored = asWritten ? Optional.empty() : Optional.of(explore(program));
            Checked checked = explored.map(e -> Findings.checked(program, beside, e))
                    .orElseGet(() -> Findings.checked(program, beside));
            Places places = DesignFile.places(file, program.design());
            FindingLines.print(program.design(), checked, explored, FindingLines.in(file.toString(), places), out);
            explored.ifPresent(e -> ExploredLines.print(e, out));
            write(sarif, Sarif.of(file.toString().replace('\\', '/'), places, checked, version()));
            write(junit, JUnitXml.of(program.design().application().name(), cases(program, places, checked)));
            return checked.open().isEmpty() ? ExitCodes.FINE : ExitCodes.SOMETHING_FOUND;
        } catch (Unreadable e) {
            spec.commandLine().getErr().println(e.getMessage());
            return ExitCodes.UNREADABLE;
        }
    }

    private Design promising(Design design) {
        return design.promising(
                Stream.concat(design.promises().stream(), promises.stream().map(Promise::of))
                        .toList());
    }

    private Explored explore(Program program) {
        Progress progress = OnTerminal.in(spec.commandLine().getErr());
        var question = new Question(program, LocalDate.now());
        Explored explored = Exploration.of(question, within.left(), progress);
        OnTerminal.done(progress);
        return explored;
    }

    private static void write(Path to, String text) throws Unreadable {
        if (to != null) {
            MadeFile.write(to, text.getBytes(StandardCharsets.UTF_8));
        }
    }

    private static String version() {
        return Optional.ofNullable(CheckCommand.class.getPackage().getImplementationVersion())
                .orElse("0");
    }

    /** A test case for each finding, and one that holds where there is none. */
    private List<JUnitXml.Case> cases(Program program, Places places, Checked checked) {
        List<JUnitXml.Case> open =
                checked.open().stream().map(f -> failed(program, places, f)).toList();
        return open.isEmpty() ? List.of(new JUnitXml.Case("no findings", Optional.empty())) : open;
    }

    private JUnitXml.Case failed(Program program, Places places, Finding f) {
        Places.Place place = Sarif.place(places, f);
        return new JUnitXml.Case(
                f.weight().word() + ": " + f.what(),
                Optional.of(new JUnitXml.Failure(
                        f.why(),
                        f.place().words(program.design()) + "; " + file + ":" + place.line() + ":" + place.column()
                                + " " + place.path())));
    }
}
