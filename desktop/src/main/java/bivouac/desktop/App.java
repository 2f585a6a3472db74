package bivouac.desktop;

import atlantafx.base.theme.PrimerLight;
import bivouac.design.Design;
import bivouac.desktop.frame.Files;
import bivouac.desktop.frame.Frame;
import bivouac.desktop.frame.Look;
import bivouac.desktop.frame.NativeFiles;
import bivouac.desktop.frame.Overlay;
import bivouac.desktop.frame.ScreenView;
import bivouac.desktop.frame.TypedFiles;
import bivouac.desktop.messages.MessagesView;
import bivouac.desktop.overview.OverviewView;
import bivouac.desktop.rehearse.RehearsalView;
import bivouac.desktop.window.WindowView;
import bivouac.desktop.work.Journal;
import bivouac.desktop.work.Screen;
import bivouac.desktop.work.Situation;
import bivouac.desktop.work.Work;
import bivouac.expression.Expressions;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import javafx.application.Application;
import javafx.application.Platform;
import javafx.scene.Scene;
import javafx.stage.Stage;

/** The tool's one window, put together: work, screens, frame, journal. */
public final class App {

    /** The size that the tool starts with, and for which no screen scrolls sideways. */
    public static final int WIDTH = 1280;

    public static final int HEIGHT = 800;

    private final Stage stage;
    private final Work work;
    private final Frame frame;
    private final Files files;
    private final ExecutorService background = thread("bivouac-background");
    /** Keeps unsaved work on a thread of its own, so that findings never wait for a disk. */
    private final ExecutorService keeping = thread("bivouac-journal");

    private final Runnable release;
    private Journal journal;
    private Optional<Path> journalOf = Optional.empty();
    private boolean offered;

    /**
     * @param typedPaths whether paths are typed, because no display has file dialogs of its own
     */
    public App(Stage stage, Design design, Optional<Path> file, LocalDate today, boolean typedPaths) {
        this.stage = stage;
        Application.setUserAgentStylesheet(new PrimerLight().getUserAgentStylesheet());
        background.execute(Expressions::warmUp);
        this.work = new Work(design, file, today, background, Platform::runLater);
        var overlay = new Overlay();
        this.files = new Files(
                work, overlay, typedPaths ? new TypedFiles(overlay, work::say) : new NativeFiles(stage), this::begin);
        this.frame = new Frame(work, this::screen, overlay, files);
        var scene = new Scene(frame, WIDTH, HEIGHT);
        Look.apply(scene);
        stage.setScene(scene);
        stage.setMinWidth(960);
        stage.setMinHeight(600);
        release = work.listen(this::follow);
        follow(work.now());
        stage.setOnCloseRequest(e -> {
            e.consume();
            files.leaving(this::close);
        });
    }

    private static ExecutorService thread(String name) {
        return Executors.newSingleThreadExecutor(task -> {
            var thread = new Thread(task, name);
            thread.setDaemon(true);
            return thread;
        });
    }

    /** Puts the keyboard where a person begins on the screen shown. */
    public void begin() {
        frame.focusScreen();
    }

    private ScreenView screen(Screen screen) {
        return switch (screen) {
            case OVERVIEW -> new OverviewView(work);
            case WINDOW -> new WindowView(work);
            case REHEARSAL -> new RehearsalView(work);
            case MESSAGES -> new MessagesView(work, files::keepPicture);
        };
    }

    public Work work() {
        return work;
    }

    /** Done when the last change is compiled and the screen shown is drawn whole. */
    public CompletableFuture<Void> settled() {
        return work.settled().thenCompose(v -> frame.drawn());
    }

    /** What the window shows; for measuring. */
    public javafx.scene.Parent root() {
        return frame;
    }

    public Files files() {
        return files;
    }

    public void show() {
        stage.show();
        frame.drawn().thenRun(() -> Platform.runLater(frame::focusScreen));
        offerLeftWork();
    }

    /** Lets everything go, last taken first, and closes the window. */
    public void close() {
        journal.clear();
        dispose();
        stage.setOnCloseRequest(null);
        stage.close();
    }

    public void dispose() {
        release.run();
        frame.dispose();
        journal.close();
        background.shutdown();
        keeping.shutdown();
    }

    private void follow(Situation s) {
        stage.setTitle(s.title());
        if (journal == null || !journalOf.equals(s.file())) {
            changeJournal(s.file());
        }
        if (s.saved()) {
            if (offered) {
                keeping.execute(journal::clear);
            }
        } else {
            Journal of = journal;
            Design design = s.design();
            keeping.execute(() -> {
                if (work.now().design() == design) {
                    of.keep(design);
                }
            });
        }
    }

    private void changeJournal(Optional<Path> file) {
        if (journal != null) {
            journal.clear();
            journal.close();
        }
        journalOf = file;
        journal = Journal.of(Journal.stateFolder(), file);
        if (!journal.take() && file.isPresent()) {
            Platform.runLater(
                    () -> work.say(
                            file.get().getFileName()
                                    + " is open in another Bivouac; whoever saves last overwrites the other. Save as another name to be safe."));
        }
    }

    /** Unsaved work that a killed Bivouac left is offered, never lost and never taken without asking. */
    private void offerLeftWork() {
        Optional<Design> left = journal.left().filter(d -> !d.equals(work.now().design()));
        offered = true;
        left.ifPresent(design -> frame.overlay()
                .ask(
                        "Go on with unsaved work?",
                        "Bivouac ended before “" + design.application().name()
                                + "” was saved. What was changed is still here.",
                        List.of(
                                new Overlay.Choice(
                                        "Go on with it",
                                        "left-take",
                                        () -> work.take(design, work.now().file(), false, "Unsaved work is back.")),
                                new Overlay.Choice("Leave it", "left-leave", () -> {}))));
    }
}
