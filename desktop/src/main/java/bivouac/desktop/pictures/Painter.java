package bivouac.desktop.pictures;

import bivouac.check.finding.Finding;
import bivouac.design.Design;
import bivouac.design.FacedWindow;
import bivouac.design.Promise;
import bivouac.design.ScriptPlace;
import bivouac.design.Way;
import bivouac.design.WaysOut;
import bivouac.desktop.App;
import bivouac.desktop.frame.Look;
import bivouac.desktop.widget.Refocus;
import bivouac.desktop.work.Chosen;
import bivouac.desktop.work.Examples;
import bivouac.desktop.work.Journals;
import bivouac.desktop.work.Screen;
import bivouac.explore.Limits;
import bivouac.format.DesignFile;
import bivouac.format.DesignFormat;
import bivouac.format.MadeFile;
import bivouac.format.Unreadable;
import bivouac.rehearsal.NamedEvent;
import bivouac.rehearsal.Rehearsal;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import javafx.application.Platform;
import javafx.embed.swing.SwingFXUtils;
import javafx.scene.control.Button;
import javafx.scene.control.ListView;
import javafx.scene.control.TextField;
import javafx.scene.image.WritableImage;
import javafx.stage.Stage;

/** Draws the screens of one design into files: the real interface, on a display that is not there. */
final class Painter {

    private static final LocalDate TODAY = LocalDate.of(2026, 11, 23);
    /** Of the text editor's: asking what is to be saved, saving, and leaving. */
    private static final int EVENTS_AFTER_REPLACING = 3;

    private static final int EVENTS_BEFORE_THE_QUESTION = 18;

    private final Design design;
    private final List<NamedEvent> trail;
    private static final Duration FOR_A_PICTURE = Duration.ofSeconds(4);

    private final Path out;
    private App app;
    private Stage stage;

    Painter(Design design, List<NamedEvent> trail, Path out) {
        this.design = design;
        this.trail = trail;
        this.out = out;
    }

    void paint() throws IOException, Unreadable {
        System.setProperty("glass.platform", "Headless");
        System.setProperty("prism.order", "sw");
        Path state = Files.createTempDirectory("bivouac-pictures");
        var started = new CompletableFuture<Void>();
        Platform.startup(() -> started.complete(null));
        started.join();
        onInterface(() -> {
            stage = new Stage();
            app = new App(stage, design, Optional.empty(), TODAY, new Journals(state), true);
            app.show();
            stage.setWidth(App.WIDTH);
            stage.setHeight(App.HEIGHT);
        });
        picture("overview", () -> app.work().show(Screen.OVERVIEW));
        picture("window", this::chooseWindow);
        picture("window-file-dialog", this::chooseFileDialog);
        picture("application", () -> {
            app.work().choose(Chosen.APPLICATION);
            app.work().show(Screen.WINDOW);
        });
        picture("messages", () -> app.work().show(Screen.MESSAGES));
        onInterface(this::goPastAQuestion);
        picture("closings", () -> app.work().show(Screen.CLOSINGS));
        picture("departure", () -> app.work().show(Screen.DEPARTURE));
        explore();
        picture("findings", this::showBrokenPromise);
        Path older = state.resolve("ridge-hut before.bivouac");
        Files.writeString(older, DesignFormat.write(design));
        picture("compared", () -> {
            press("compare-versions");
            ((TextField) Refocus.find(app.root(), "prompt-field")).setText(older.toString());
            press("prompt-ok");
        });
        onInterface(() -> press("compared-done"));
        picture("handover", () -> app.work().show(Screen.HANDOVER));
        whenExplored(() -> app.work().undo());
        picture("rehearsal", this::rehearse);
        picture("rehearsal-dark", () -> Look.change(stage.getScene()));
        picture("rehearsal-walkthroughs", () -> {
            Look.change(stage.getScene());
            press("left-1");
            press("right-1");
        });
        picture("overview-far", () -> {
            app.work().take(Harbour.design(), "");
            app.work().show(Screen.OVERVIEW);
            app.work().choose(Chosen.window("Berths"));
        });
        Path text = Examples.folder().resolve("lamp-log.bivouac");
        Design editor = DesignFile.read(text);
        List<NamedEvent> keeping = PicturesCommand.trailBeside(text);
        onInterface(() -> app.work().take(editor, ""));
        app.settled().join();
        picture(
                "rehearsal-editor",
                () -> rehearse(keeping.subList(0, Math.max(0, keeping.size() - EVENTS_AFTER_REPLACING))));
        onInterface(() -> app.close());
        Platform.exit();
        try (var left = Files.list(state)) {
            for (Path file : left.toList()) {
                Files.deleteIfExists(file);
            }
        }
        Files.deleteIfExists(state);
    }

    /** The dialog with the most to see, with the script of its first button. */
    private void chooseWindow() {
        design.windows().stream()
                .filter(FacedWindow.class::isInstance)
                .map(FacedWindow.class::cast)
                .filter(f -> f.of() == FacedWindow.Kind.DIALOG)
                .findFirst()
                .ifPresent(f -> f.parts().stream()
                        .filter(p -> p.trigger().map(t -> !t.script().isEmpty()).orElse(false))
                        .findFirst()
                        .ifPresentOrElse(
                                p -> app.work()
                                        .choose(Chosen.script(new ScriptPlace.AtPart(
                                                f.name().shown(), p.name().expression()))),
                                () -> app.work().choose(Chosen.window(f.name().shown()))));
        app.work().show(Screen.WINDOW);
    }

    private void chooseFileDialog() {
        design.windows().stream()
                .filter(bivouac.design.FileDialog.class::isInstance)
                .findFirst()
                .ifPresent(d -> app.work().choose(Chosen.window(d.name().shown())));
        app.work().show(Screen.WINDOW);
    }

    /** So that there is something to see, one way out of a window that asks goes unasked while two pictures are drawn. */
    private void goPastAQuestion() {
        design.windows().stream()
                .filter(FacedWindow.class::isInstance)
                .map(FacedWindow.class::cast)
                .filter(f -> f.of() == FacedWindow.Kind.CHILD
                        && !f.moment(FacedWindow.Moment.BEFORE_CLOSING).isEmpty())
                .findFirst()
                .ifPresent(f -> app.work()
                        .change(
                                promising(app.work().now().design())
                                        .changingFace(
                                                f.name().shown(),
                                                w -> w.leaving(
                                                        Way.OWNER_CLOSING, WaysOut.asking(w, Way.OWNER_CLOSING, true))),
                                "a way unasked",
                                Chosen.window(f.name().shown())));
    }

    /** With a promise that the example does not keep. */
    private static Design promising(Design design) {
        var all = new ArrayList<>(design.promises());
        if (!all.isEmpty()) {
            all.add(Promise.of("always at the end !app.unsaved"));
        }
        return design.promising(all);
    }

    private void explore() {
        whenExplored(() -> app.explore(TODAY, Limits.of(FOR_A_PICTURE)));
    }

    /** Does something, and waits until the situations of the design are met, as far as is looked for a picture. */
    private void whenExplored(Runnable does) {
        var explored = new CompletableFuture<Void>();
        onInterface(() -> {
            does.run();
            app.work().listen(s -> {
                if (s.isCompiled()
                        && s.looked().isOf(s.program())
                        && s.looked().explored().isPresent()) {
                    explored.complete(null);
                }
            });
        });
        explored.join();
    }

    private void showBrokenPromise() {
        app.work().show(Screen.FINDINGS);
        app.work().now().findings().stream()
                .filter(f -> f.kind() == Finding.Kind.BROKEN_PROMISE)
                .findFirst()
                .ifPresent(f -> {
                    ListView<?> list = (ListView<?>) Refocus.find(app.root(), "findings-list");
                    list.getSelectionModel().selectLast();
                });
    }

    private void rehearse() {
        rehearse(trail.subList(0, Math.min(EVENTS_BEFORE_THE_QUESTION, trail.size())));
    }

    private void rehearse(List<NamedEvent> events) {
        app.work()
                .rehearse(Rehearsal.replay(app.work().now().program(), TODAY, events)
                        .rehearsal());
        app.work().show(Screen.REHEARSAL);
    }

    private void picture(String name, Runnable before) throws IOException, Unreadable {
        // what was said for the picture before is no part of this one
        onInterface(() -> app.work().say(""));
        onInterface(before);
        app.settled().join();
        onInterface(app::begin);
        var image = new CompletableFuture<BufferedImage>();
        // what is drawn for the room that a layout found is there one turn later
        onInterface(() -> stage.getScene().getRoot().layout());
        onInterface(() -> {});
        Platform.runLater(() -> Platform.runLater(() -> {
            stage.getScene().getRoot().applyCss();
            stage.getScene().getRoot().layout();
            WritableImage shot = stage.getScene().snapshot(null);
            image.complete(SwingFXUtils.fromFXImage(shot, null));
        }));
        MadeFile.write(out.resolve(name + ".png"), Png.of(image.join()));
    }

    private void press(String button) {
        ((Button) Refocus.find(app.root(), button)).fire();
    }

    private static void onInterface(Runnable task) {
        var done = new CompletableFuture<Void>();
        Platform.runLater(() -> {
            try {
                task.run();
                done.complete(null);
            } catch (RuntimeException e) {
                done.completeExceptionally(e);
            }
        });
        done.join();
    }
}
