package bivouac.desktop.frame;

import bivouac.desktop.work.Screen;
import bivouac.desktop.work.Situation;
import bivouac.desktop.work.Work;
import java.util.List;
import java.util.Map;
import javafx.scene.input.KeyCombination;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.StackPane;

/** The frame: it shows the screen that the situation names, and runs the table of keys. */
public final class Frame extends StackPane {

    private final Work work;
    private final Map<Screen, ScreenView> screens;
    private final Overlay overlay;
    private final BorderPane body = new BorderPane();
    private final TopBar top;
    private final Roster roster;
    private final FootStrip foot;
    private final List<Command> commands;
    private final Runnable release;
    private Screen showing;

    public Frame(Work work, Map<Screen, ScreenView> screens, Overlay overlay, Files files) {
        this.work = work;
        this.screens = Map.copyOf(screens);
        this.overlay = overlay;
        this.roster = new Roster(work);
        this.commands = commands(files);
        this.top = new TopBar(work, this::find, () -> new FindingsBox(overlay, work).open());
        this.foot = new FootStrip(work);
        body.setTop(top);
        body.setBottom(foot);
        getChildren().addAll(body, overlay);
        getStyleClass().add("frame");
        addEventFilter(KeyEvent.KEY_PRESSED, this::pressed);
        release = work.listen(this::show);
        show(work.now());
    }

    /** Lets go of the work; the frame is not used after that. */
    public void dispose() {
        release.run();
    }

    private List<Command> commands(Files files) {
        return List.of(
                new Command("Overview", "Ctrl+1", () -> goTo(Screen.OVERVIEW)),
                new Command("Window", "Ctrl+2", () -> goTo(Screen.WINDOW)),
                new Command("Rehearsal", "Ctrl+3", () -> goTo(Screen.REHEARSAL)),
                new Command("New design", "Ctrl+N", files::askNew),
                new Command("Open a design", "Ctrl+O", files::askOpen),
                new Command("Save", "Ctrl+S", () -> files.save(() -> {})),
                new Command("Save as", "Ctrl+Shift+S", () -> files.saveAs(() -> {})),
                new Command("Undo", "Ctrl+Z", work::undo),
                new Command("Redo", "Ctrl+Shift+Z", work::redo),
                new Command("Find", "Ctrl+K", this::find),
                new Command("Findings", "F8", () -> new FindingsBox(overlay, work).open()),
                new Command("Filter the roster, or add a window", "Ctrl+L", roster::focusFilter),
                new Command("Light or dark look", "F9", () -> Look.change(getScene())),
                new Command("Keys and commands", "F1", this::find));
    }

    private void goTo(Screen screen) {
        work.show(screen);
        screens.get(screen).focus();
    }

    private void find() {
        new FindBox(overlay, work, commands).open();
    }

    private void pressed(KeyEvent e) {
        if (overlay.isOpen()) {
            return;
        }
        for (Command command : commands) {
            if (!command.keys().isEmpty()
                    && KeyCombination.valueOf(command.keys()).match(e)) {
                e.consume();
                command.action().run();
                return;
            }
        }
    }

    private void show(Situation s) {
        top.show(s);
        foot.show(s);
        if (showing != s.screen()) {
            showing = s.screen();
            body.setCenter(screens.get(showing).node());
            body.setLeft(showing == Screen.REHEARSAL ? null : roster);
        }
        if (showing != Screen.REHEARSAL) {
            roster.show(s);
        }
        screens.get(showing).show(s);
    }

    public Overlay overlay() {
        return overlay;
    }
}
