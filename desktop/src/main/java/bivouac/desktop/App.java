package bivouac.desktop;

import atlantafx.base.theme.PrimerLight;
import bivouac.design.Design;
import bivouac.desktop.closings.ClosingsView;
import bivouac.desktop.departure.DepartureView;
import bivouac.desktop.findings.FindingsView;
import bivouac.desktop.frame.Files;
import bivouac.desktop.frame.Frame;
import bivouac.desktop.frame.LeftWorkBox;
import bivouac.desktop.frame.Look;
import bivouac.desktop.frame.NativeFiles;
import bivouac.desktop.frame.Overlay;
import bivouac.desktop.frame.ScreenView;
import bivouac.desktop.frame.TypedFiles;
import bivouac.desktop.handover.HandoverView;
import bivouac.desktop.messages.MessagesView;
import bivouac.desktop.overview.OverviewView;
import bivouac.desktop.rehearse.RehearsalView;
import bivouac.desktop.window.WindowView;
import bivouac.desktop.work.Exploring;
import bivouac.desktop.work.Journals;
import bivouac.desktop.work.Keeping;
import bivouac.desktop.work.LastOpened;
import bivouac.desktop.work.LeftWork;
import bivouac.desktop.work.Screen;
import bivouac.desktop.work.Situation;
import bivouac.desktop.work.Work;
import bivouac.explore.Limits;
import bivouac.expression.Expressions;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import javafx.application.Application;
import javafx.application.Platform;
import javafx.geometry.Rectangle2D;
import javafx.scene.Scene;
import javafx.stage.Stage;

/** The tool's one window, put together: work, screens, frame, journal. */
public final class App {

    /** The size that the tool starts with, and for which no screen scrolls sideways. */
    public static final int WIDTH = 1280;

    public static final int HEIGHT = 800;

    /** What frames of windows are given on a screen that has no room to spare, in pixels. */
    private static final int AROUND_WIDTH = 4;

    private static final int AROUND_HEIGHT = 36;

    private final Stage stage;
    private final Work work;
    private final Frame frame;
    private final Files files;
    private final ExecutorService compiling = thread("bivouac-background");
    /** Saves, one after the other, and waits for no compiling. */
    private final ExecutorService saving = thread("bivouac-saving");
    /** Keeps unsaved work on a thread of its own, so that findings never wait for a disk. */
    private final ExecutorService journaling = thread("bivouac-journal");

    private final Runnable release;
    private final Keeping keeping;
    private final LastOpened lastOpened;
    private Optional<Path> offered = Optional.empty();
    private final ExecutorService elsewhere = thread("bivouac-exploring");
    private Optional<Exploring> exploring = Optional.empty();

    /**
     * @param file where the design was read; empty for one that has no file
     * @param journals where unsaved work is kept
     * @param typedPaths whether paths are typed, because no display has file dialogs of its own
     */
    public App(
            Stage stage,
            Design design,
            Optional<Work.OnDisk> file,
            LocalDate today,
            Journals journals,
            boolean typedPaths) {
        this.stage = stage;
        Application.setUserAgentStylesheet(new PrimerLight().getUserAgentStylesheet());
        this.work = new Work(design, file, today, compiling, saving, Platform::runLater);
        work.background().run(compiling, "loading the expressions", this::warmUp, done -> {});
        Thread.currentThread().setUncaughtExceptionHandler((thread, failure) -> work.trouble(failure));
        var overlay = new Overlay();
        this.files = new Files(
                work, overlay, typedPaths ? new TypedFiles(overlay, work::say) : new NativeFiles(stage), this::begin);
        this.frame = new Frame(work, this::screen, overlay, files);
        // on a small screen all of the window is to be seen, its frame counted
        Rectangle2D screen = javafx.stage.Screen.getPrimary().getVisualBounds();
        var scene = new Scene(
                frame,
                Math.min(WIDTH, screen.getWidth() - AROUND_WIDTH),
                Math.min(HEIGHT, screen.getHeight() - AROUND_HEIGHT));
        Look.apply(scene);
        stage.setScene(scene);
        stage.setMinWidth(1000);
        stage.setMinHeight(600);
        keeping = new Keeping(work, journals, journaling);
        lastOpened = new LastOpened(journals.folder());
        release = work.listen(this::follow);
        stage.setTitle(work.now().title());
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

    /** Explores the design, now and after each edit, within limits for each time. */
    public void explore(LocalDate today, Limits limits) {
        exploring = Optional.of(new Exploring(work, today, limits, elsewhere, Platform::runLater));
    }

    /** Puts the keyboard where a person begins on the screen shown. */
    public void begin() {
        frame.focusScreen();
    }

    /** A screen, made anew. */
    ScreenView screen(Screen screen) {
        return switch (screen) {
            case OVERVIEW -> new OverviewView(work, files::keep);
            case WINDOW -> new WindowView(work);
            case REHEARSAL -> new RehearsalView(work, files::keep);
            case CLOSINGS -> new ClosingsView(work);
            case MESSAGES -> new MessagesView(work, files::keep);
            case DEPARTURE -> new DepartureView(work);
            case FINDINGS -> new FindingsView(work, files::askToCompare);
            case HANDOVER -> new HandoverView(work, files);
        };
    }

    /** The screen that is shown, without what is around it. */
    javafx.scene.Node shown() {
        return frame.shown();
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

    private Boolean warmUp() {
        Expressions.warmUp();
        return true;
    }

    public void show() {
        stage.show();
        frame.drawn().thenRun(() -> Platform.runLater(frame::focusScreen));
        offered = work.now().file();
        offered.ifPresent(this::keepLast);
        keeping.findLeft(this::offer);
    }

    /** Closes the window, once the person has been asked; what is unsaved is not wanted then. */
    public void close() {
        release.run();
        frame.dispose();
        keeping.leave();
        stopThreads();
        stage.setOnCloseRequest(null);
        stage.close();
    }

    /** Ends as a kill would: what is unsaved stays in the journal. For tests. */
    public void abandon() {
        release.run();
        frame.dispose();
        keeping.close();
        stopThreads();
        stage.setOnCloseRequest(null);
        stage.close();
    }

    private void stopThreads() {
        exploring.ifPresent(Exploring::stop);
        elsewhere.shutdown();
        compiling.shutdown();
        saving.shutdown();
        journaling.shutdown();
    }

    private void follow(Situation s) {
        stage.setTitle(s.title());
        if (!offered.equals(s.file())) {
            // another design was opened: what was left of it is offered then
            offered = s.file();
            offered.ifPresent(this::keepLast);
            keeping.findLeft(left -> offer(left.stream()
                    .filter(l -> s.file().filter(l::isOf).isPresent())
                    .toList()));
        }
    }

    private void keepLast(Path file) {
        work.background()
                .run(
                        journaling,
                        "keeping which design was open last",
                        () -> {
                            try {
                                lastOpened.keep(file);
                            } catch (IOException e) {
                                throw new UncheckedIOException(e);
                            }
                            return true;
                        },
                        kept -> {});
    }

    /** Unsaved work that a killed Bivouac left is offered, never lost and never taken without asking. */
    private void offer(List<LeftWork> left) {
        if (!frame.overlay().isOpen()) {
            new LeftWorkBox(frame.overlay(), keeping, files::leaving).offer(left);
        }
    }
}
