package bivouac.desktop;

import bivouac.cli.CheckCommand;
import bivouac.cli.Console;
import bivouac.cli.ExitCodes;
import bivouac.cli.RehearseCommand;
import bivouac.desktop.pictures.PicturesCommand;
import bivouac.desktop.work.Journals;
import bivouac.desktop.work.Work;
import bivouac.format.DesignFile;
import bivouac.format.Unreadable;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.Optional;
import java.util.concurrent.Callable;
import javafx.application.Application;
import javafx.stage.Stage;
import picocli.CommandLine.Command;
import picocli.CommandLine.Parameters;

/** {@code ./bivouac}: opens the tool, on Ridge Hut or a file, or reaches the other commands. */
@Command(
        name = "bivouac",
        description = "Designs how an application's windows open, pass data, return results and close.",
        mixinStandardHelpOptions = true,
        version = "Bivouac 0.1",
        subcommands = {CheckCommand.class, RehearseCommand.class, PicturesCommand.class})
public final class Main implements Callable<Integer> {

    @Parameters(paramLabel = "FILE", arity = "0..1", description = "the design to open; default: the Ridge Hut example")
    private Path file;

    public static void main(String[] args) {
        System.exit(Console.run(new Main(), args));
    }

    /** The folder of the examples that ship. */
    public static Path examples() {
        return Path.of(System.getProperty("bivouac.examples", "examples"));
    }

    @Override
    public Integer call() {
        Path design = file == null ? examples().resolve("ridge-hut.bivouac") : file;
        try {
            DesignFile.read(design);
        } catch (Unreadable e) {
            System.err.println(e.getMessage());
            return ExitCodes.UNREADABLE;
        }
        if (!Displays.hasDisplay()) {
            System.out.println(
                    "There is no display here, so the example is acted out without one; see the pictures in out/.");
            return PicturesCommand.withoutDisplay(design, Path.of("out"));
        }
        Optional<String> missing = Displays.missingLibrary();
        if (missing.isPresent()) {
            System.err.println(missing.get());
            return ExitCodes.UNREADABLE;
        }
        Application.launch(Tool.class, design.toString());
        return ExitCodes.FINE;
    }

    /** What JavaFX starts. */
    public static final class Tool extends Application {
        @Override
        public void start(Stage stage) throws Exception {
            Path file = Path.of(getParameters().getRaw().getFirst());
            DesignFile.Opened opened = DesignFile.open(file);
            boolean isExample =
                    file.toAbsolutePath().startsWith(examples().toAbsolutePath()) && !Files.isWritable(file);
            Optional<Work.OnDisk> onDisk =
                    isExample ? Optional.empty() : Optional.of(new Work.OnDisk(file, opened.version()));
            new App(stage, opened.design(), onDisk, LocalDate.now(), new Journals(Journals.stateFolder()), false)
                    .show();
        }
    }
}
