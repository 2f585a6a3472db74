package bivouac.desktop;

import bivouac.cli.CheckCommand;
import bivouac.cli.CompareCommand;
import bivouac.cli.Console;
import bivouac.cli.DocumentsCommand;
import bivouac.cli.ExitCodes;
import bivouac.cli.HandoverCommand;
import bivouac.cli.RehearseCommand;
import bivouac.cli.TextsCommand;
import bivouac.desktop.pictures.PicturesCommand;
import bivouac.desktop.work.Examples;
import bivouac.desktop.work.Journals;
import bivouac.desktop.work.LastOpened;
import bivouac.desktop.work.LogFile;
import bivouac.desktop.work.Work;
import bivouac.explore.Limits;
import bivouac.format.DesignFile;
import bivouac.format.Unreadable;
import bivouac.log.Log;
import bivouac.log.StateFolder;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.Optional;
import java.util.concurrent.Callable;
import java.util.concurrent.atomic.AtomicReference;
import javafx.application.Application;
import javafx.stage.Stage;
import picocli.CommandLine.Command;
import picocli.CommandLine.Parameters;

/** {@code ./bivouac}: opens the tool, on Ridge Hut or a file, or reaches the other commands. */
@Command(
        name = "bivouac",
        description = "Designs how an application's windows open, pass data, return results and close.",
        mixinStandardHelpOptions = true,
        version = Main.VERSION,
        subcommands = {
            CheckCommand.class,
            CompareCommand.class,
            RehearseCommand.class,
            HandoverCommand.class,
            DocumentsCommand.class,
            TextsCommand.class,
            PicturesCommand.class
        })
public final class Main implements Callable<Integer> {

    @Parameters(
            paramLabel = "FILE",
            arity = "0..1",
            description = "the design to open; default: the one that was open last, at first the Ridge Hut example")
    private Path file;

    public static void main(String[] args) {
        LogFile.begin(Log.file());
        System.exit(Console.run(new Main(), args));
    }

    static final String VERSION = "Bivouac 0.1";

    @Override
    public Integer call() {
        Log.started(VERSION);
        Optional<Path> last = file == null ? new LastOpened(StateFolder.usual()).file() : Optional.empty();
        Path design = file == null ? last.orElseGet(Examples::usual) : file;
        int shown = open(design);
        // what was open last was not asked for now: where it cannot be read, something else is opened
        return shown == ExitCodes.UNREADABLE && last.isPresent() ? open(Examples.usual()) : shown;
    }

    private static int open(Path design) {
        try {
            Tool.beginWith(design, DesignFile.open(design));
        } catch (Unreadable e) {
            System.err.println(e.getMessage());
            return ExitCodes.UNREADABLE;
        }
        return show(design);
    }

    private static int show(Path design) {
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
        Application.launch(Tool.class);
        return ExitCodes.FINE;
    }

    /** What JavaFX starts. */
    public static final class Tool extends Application {
        /** JavaFX makes the tool itself, so what it begins with is left here for it: read once, before. */
        private static final AtomicReference<Beginning> BEGINNING = new AtomicReference<>();

        private record Beginning(Path file, DesignFile.Opened opened) {}

        static void beginWith(Path file, DesignFile.Opened opened) {
            BEGINNING.set(new Beginning(file, opened));
        }

        @Override
        public void start(Stage stage) {
            Beginning begins = BEGINNING.get();
            DesignFile.Opened opened = begins.opened();
            Optional<Work.OnDisk> onDisk = Work.OnDisk.of(begins.file(), opened);
            var app =
                    new App(stage, opened.design(), onDisk, LocalDate.now(), new Journals(StateFolder.usual()), false);
            app.show();
            app.explore(LocalDate.now(), Limits.usual());
        }
    }
}
