package bivouac.desktop.pictures;

import bivouac.check.Findings;
import bivouac.check.known.Beside;
import bivouac.cli.ExitCodes;
import bivouac.cli.FindingLines;
import bivouac.cli.RehearseCommand;
import bivouac.design.Design;
import bivouac.desktop.work.Examples;
import bivouac.format.DesignFile;
import bivouac.format.MadeFile;
import bivouac.format.SafeFile;
import bivouac.format.Unreadable;
import bivouac.format.Utf8;
import bivouac.handover.HandedOver;
import bivouac.handover.NotHandedOver;
import bivouac.handover.Toolkit;
import bivouac.plan.Program;
import bivouac.rehearsal.NamedEvent;
import bivouac.rehearsal.Rehearsal;
import bivouac.rehearsal.TrailFile;
import java.io.IOException;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Callable;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

/** {@code bivouac pictures --out DIR}: a picture of each screen. */
@Command(
        name = "pictures",
        description = "Draws every screen into PNG files, without a display.",
        mixinStandardHelpOptions = true)
public final class PicturesCommand implements Callable<Integer> {

    @Parameters(paramLabel = "FILE", arity = "0..1", description = "the design; default: the Ridge Hut example")
    private Path file;

    @Option(names = "--out", required = true, paramLabel = "DIR", description = "the folder for the pictures")
    private Path out;

    @Override
    public Integer call() {
        Path design = file == null ? Examples.usual() : file;
        return draw(design, out);
    }

    private static int draw(Path file, Path out) {
        try {
            Design design = DesignFile.read(file);
            Files.createDirectories(out);
            new Painter(design, trailBeside(file), out).paint();
            System.out.println("Pictures of the screens are in " + out + ".");
            return ExitCodes.FINE;
        } catch (Unreadable e) {
            System.err.println(e.getMessage());
        } catch (IOException e) {
            System.err.println("The pictures could not be written to " + out + ": " + SafeFile.why(e) + ".");
        }
        return ExitCodes.UNREADABLE;
    }

    /** Larger trails are not looked at, in bytes. */
    private static final int LARGEST_TRAIL = 16 << 20;

    /** The kept trail of a design: the file of its name that ends in {@code .trail}, if it can be read. */
    static List<NamedEvent> trailBeside(Path file) throws Unreadable {
        Path trail = file.resolveSibling(file.getFileName().toString().replaceFirst("\\.[^.]*$", "") + ".trail");
        try {
            return Files.exists(trail) ? TrailFile.read(Utf8.read(trail, LARGEST_TRAIL)) : List.of();
        } catch (TrailFile.Wrong e) {
            System.err.println(trail.getFileName() + ": " + e.getMessage());
            return List.of();
        }
    }

    /** What {@code ./bivouac} does where there is no display: pictures, findings, the rehearsal and programs below {@code out}. */
    public static int withoutDisplay(Path file, Path out) {
        int drawn = draw(file, out);
        return drawn == ExitCodes.FINE ? writtenBeside(file, out) : drawn;
    }

    /** What is beside the pictures: what is found, the rehearsal, and the programs, in which nothing that is yours is lost. */
    public static int writtenBeside(Path file, Path out) {
        try {
            Program program = Program.of(DesignFile.read(file));
            List<NamedEvent> trail = trailBeside(file);
            made(
                    out.resolve("findings.txt"),
                    to -> FindingLines.print(program.design(), Findings.checked(program, Beside.UNKNOWN), to));
            made(
                    out.resolve("rehearsal.txt"),
                    to -> RehearseCommand.print(
                            program, Rehearsal.replay(program, LocalDate.now(), trail), trail.size(), to));
            for (Toolkit toolkit : Toolkit.values()) {
                HandedOver.to(
                        out.resolve("program-" + toolkit.word()),
                        program.design(),
                        toolkit,
                        Optional.ofNullable(file.toAbsolutePath().getParent()),
                        HandedOver.Allowed.NOTHING);
            }
            System.out.println("The findings, the rehearsal and the programs for "
                    + Arrays.stream(Toolkit.values()).map(Toolkit::shown).collect(Collectors.joining(", "))
                    + " are there too.");
            return ExitCodes.FINE;
        } catch (Unreadable | NotHandedOver e) {
            System.err.println(e.getMessage());
            return ExitCodes.UNREADABLE;
        }
    }

    private static void made(Path file, Consumer<PrintWriter> print) throws Unreadable {
        var text = new StringWriter();
        var to = new PrintWriter(text);
        to.println("# " + MadeFile.MARK);
        print.accept(to);
        MadeFile.write(file, text.toString().getBytes(StandardCharsets.UTF_8));
    }
}
