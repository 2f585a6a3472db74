package bivouac.cli;

import bivouac.design.Design;
import bivouac.design.Quoted;
import bivouac.design.Wording;
import bivouac.format.DesignFile;
import bivouac.format.FileVersion;
import bivouac.format.Unreadable;
import bivouac.handover.wording.NotTexts;
import bivouac.handover.wording.TextChanges;
import bivouac.handover.wording.TextFile;
import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Callable;
import picocli.CommandLine.ArgGroup;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** {@code bivouac texts FILE}: the texts that people read, out to those who write and translate them, and in again. */
@Command(
        name = "texts",
        description = "Writes the texts of a design for translation tools or spreadsheets, and takes them in again.",
        mixinStandardHelpOptions = true,
        exitCodeListHeading = "Exit codes:%n",
        exitCodeList = {
            "0:written, or every changed text can be taken",
            "1:some text cannot be taken",
            ExitCodes.UNREADABLE_HELP,
            ExitCodes.FAULT_HELP
        })
public final class TextsCommand implements Callable<Integer> {

    @Spec
    private CommandSpec spec;

    @Parameters(paramLabel = "FILE", description = "the design")
    private Path file;

    @ArgGroup(multiplicity = "1")
    private Way way;

    private static final class Way {
        @Option(names = "--out", paramLabel = "TEXTS", description = "write them: .xlf (XLIFF 2.1) or .csv")
        private Path out;

        @Option(names = "--in", paramLabel = "TEXTS", description = "show what a file that came back would change")
        private Path in;
    }

    @Option(names = "--take", description = "with --in: change the design by what can be taken")
    private boolean take;

    @Option(
            names = "--language",
            paramLabel = "LANGUAGE",
            description = "the language of the design, en if nothing is said",
            defaultValue = "en")
    private String language;

    @Option(names = "--into", paramLabel = "LANGUAGE", description = "the language that they are to be in")
    private Optional<String> into = Optional.empty();

    @Override
    public Integer call() {
        try {
            DesignFile.Opened opened = DesignFile.open(file);
            return way.out != null ? out(opened.design()) : in(opened.design(), opened.version());
        } catch (Unreadable | NotTexts e) {
            spec.commandLine().getErr().println(e.getMessage());
            return ExitCodes.UNREADABLE;
        }
    }

    private int out(Design design) throws NotTexts {
        List<Wording> texts = Wording.of(design);
        new TextFile(way.out).write(texts, file.getFileName().toString(), new TextFile.Languages(language, into));
        spec.commandLine().getOut().println(texts.size() + " texts in " + way.out + ".");
        return ExitCodes.FINE;
    }

    private int in(Design design, FileVersion read) throws NotTexts, Unreadable {
        PrintWriter out = spec.commandLine().getOut();
        TextChanges changes = TextChanges.of(design, new TextFile(way.in).read());
        for (TextChanges.Change change : changes.changes()) {
            out.println(
                    change.now().where() + ": " + Quoted.of(change.now().text()) + " → " + Quoted.of(change.after()));
        }
        changes.notTaken().forEach(sentence -> out.println("✗ " + sentence));
        if (take && !changes.changes().isEmpty()) {
            if (DesignFile.write(file, changes.applied(design), read).isEmpty()) {
                throw new Unreadable(
                        file + " was changed by somebody else meanwhile, and is left as it is; try again.");
            }
        }
        int count = changes.changes().size();
        String texts = count == 1 ? "1 text " : count + " texts ";
        out.println(texts + (take ? "changed" : "would change") + ", "
                + changes.notTaken().size() + " cannot be taken."
                + (take || count == 0 ? "" : " Nothing is changed without --take."));
        return changes.notTaken().isEmpty() ? ExitCodes.FINE : ExitCodes.SOMETHING_FOUND;
    }
}
