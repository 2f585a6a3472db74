package bivouac.desktop.frame;

import bivouac.desktop.widget.TextLine;
import bivouac.desktop.widget.Ui;
import bivouac.desktop.work.Examples;
import bivouac.desktop.work.Screen;
import bivouac.desktop.work.Situation;
import bivouac.desktop.work.Work;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.CompletableFuture;
import java.util.function.Function;
import java.util.stream.Stream;
import javafx.scene.Node;
import javafx.scene.input.KeyCombination;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.StackPane;

/** The frame: it shows the screen that the situation names, and runs the table of keys. */
public final class Frame extends StackPane {

    private final Work work;
    private final Map<Screen, ScreenView> screens = new EnumMap<>(Screen.class);
    private final Function<Screen, ScreenView> makes;
    private final Overlay overlay;
    private final BorderPane body = new BorderPane();
    private final TopBar top;
    private final Roster roster;
    private final FootStrip foot;
    private final List<Command> commands;
    private final Runnable release;
    private Screen showing;
    private int designs;

    /** @param makes makes a screen when it is first shown, so that the first window need not wait for all */
    public Frame(Work work, Function<Screen, ScreenView> makes, Overlay overlay, Files files) {
        this.work = work;
        this.makes = makes;
        this.overlay = overlay;
        this.roster = new Roster(work);
        this.commands = Stream.concat(commands(files).stream(), examples(files)).toList();
        this.top = new TopBar(
                work, commands.stream().filter(Command::ofTheDesign).toList(), this::find, () -> goTo(Screen.FINDINGS));
        this.foot = new FootStrip(work);
        body.setTop(top);
        body.setBottom(foot);
        getChildren().addAll(body, overlay);
        getStyleClass().add("frame");
        addEventFilter(KeyEvent.KEY_PRESSED, this::pressed);
        // while something is asked, the rest takes no key and no click
        overlay.visibleProperty().subscribe(asking -> body.setDisable(asking));
        release = work.listen(this::show);
        work.whenGone(() -> screen(showing).focusGone());
        designs = work.designs();
        show(work.now());
    }

    /** Lets go of the work; the frame is not used after that. */
    public void dispose() {
        work.whenGone(() -> {});
        release.run();
    }

    private List<Command> commands(Files files) {
        return List.of(
                new Command("Overview", "Ctrl+1", () -> goTo(Screen.OVERVIEW)),
                new Command("Window", "Ctrl+2", () -> goTo(Screen.WINDOW)),
                new Command("Rehearsal", "Ctrl+3", () -> goTo(Screen.REHEARSAL)),
                new Command("Closings", "Ctrl+4", () -> goTo(Screen.CLOSINGS)),
                new Command("Messages", "Ctrl+5", () -> goTo(Screen.MESSAGES)),
                new Command("Departure", "Ctrl+6", () -> goTo(Screen.DEPARTURE)),
                new Command("Findings", "Ctrl+7", () -> goTo(Screen.FINDINGS)),
                new Command("Handover", "Ctrl+8", () -> goTo(Screen.HANDOVER)),
                Command.ofDesign("New design", "Ctrl+N", files::askNew),
                Command.ofDesign("Open a design", "Ctrl+O", files::askOpen),
                Command.ofDesign("Save", "Ctrl+S", () -> files.save(() -> {})),
                Command.ofDesign("Save as", "Ctrl+Shift+S", () -> files.saveAs(() -> {})),
                new Command("Undo", "Ctrl+Z", work::undo),
                new Command("Redo", "Ctrl+Shift+Z", work::redo),
                new Command("Find", "Ctrl+K", this::find),
                new Command("The next finding", "F8", () -> finding(1)),
                new Command("The finding before", "Shift+F8", () -> finding(-1)),
                new Command("Filter the roster, or add a window", "Ctrl+L", this::filter),
                new Command(
                        "Back one event of the trail",
                        "Alt+Left",
                        () -> work.goToMoment(work.now().rehearsal().now() - 1)),
                new Command(
                        "Forward one event of the trail",
                        "Alt+Right",
                        () -> work.goToMoment(work.now().rehearsal().now() + 1)),
                new Command(
                        "Another way from this moment",
                        "Alt+Down",
                        () -> work.otherWay(work.now().rehearsal().now())),
                new Command(
                        "Rehearse from the chosen window",
                        "F6",
                        () -> work.now().chosen().window().ifPresent(work::rehearseFrom)),
                new Command("Start the rehearsal again", "F5", work::startAgain),
                place("Add a part to this window", "Alt+P", "new-part"),
                place("Write the next step", "Alt+S", "next-step"),
                place("Endings of this window", "Alt+E", "endings"),
                place("What this window takes", "Alt+T", "takes"),
                place("Where the close box leads", "Alt+C", "way-close box"),
                place("Rename this window", "F2", "window-name"),
                Command.ofDesign("Light or dark look", "F9", () -> Look.change(getScene())),
                Command.ofDesign("Keys and commands", "F1", this::find));
    }

    /** The designs that ship, for who wants to see one. */
    private static Stream<Command> examples(Files files) {
        return Examples.all().stream()
                .map(e -> Command.ofDesign("Open the example " + Examples.title(e), "", () -> files.openExample(e)));
    }

    /** Goes to a place of the Window screen that has the keyboard's name. */
    private Command place(String name, String keys, String id) {
        return new Command(name, keys, () -> {
            work.show(Screen.WINDOW);
            screen(Screen.WINDOW).focus(id);
        });
    }

    private ScreenView screen(Screen screen) {
        return screens.computeIfAbsent(screen, makes);
    }

    private void goTo(Screen screen) {
        work.show(screen);
        screen(screen).focus();
    }

    /** On the Findings screen to the next one, round and round; from elsewhere to the one that was chosen there. */
    private void finding(int steps) {
        boolean there = showing == Screen.FINDINGS;
        goTo(Screen.FINDINGS);
        if (there) {
            screen(Screen.FINDINGS).step(steps);
        }
    }

    /** Screens without the roster give way to the one where it is used most. */
    private void filter() {
        if (listsWindowsItself()) {
            work.show(Screen.WINDOW);
        }
        roster.focusFilter();
    }

    private void find() {
        new FindBox(overlay, work, commands, this::focusScreen).open();
    }

    private void pressed(KeyEvent e) {
        if (overlay.isOpen() || screen(showing).takes(e)) {
            return;
        }
        for (Command command : commands) {
            if (!command.keys().isEmpty()
                    && KeyCombination.valueOf(command.keys()).match(e)) {
                e.consume();
                TextLine.settle(getScene());
                command.action().run();
                return;
            }
        }
    }

    private void show(Situation s) {
        top.show(s);
        foot.show(s);
        boolean another = designs != work.designs();
        boolean leaves = (another || showing != s.screen()) && hasKeyboard(body.getCenter());
        if (another) {
            // what was typed and not finished was meant for the design before
            designs = work.designs();
            screens.clear();
            roster.forget();
        }
        if (another || showing != s.screen()) {
            showing = s.screen();
            body.setCenter(screen(showing).node());
            body.setLeft(listsWindowsItself() ? null : roster);
        }
        if (!listsWindowsItself()) {
            roster.show(s);
        }
        screen(showing).show(s);
        if (leaves) {
            // the keyboard was on a screen that is gone, and would fall to whatever comes first
            focusScreen();
        }
        Ui.settle(this);
    }

    private boolean hasKeyboard(Node of) {
        return of != null && getScene() != null && Ui.isInside(getScene().getFocusOwner(), of);
    }

    /** The roster costs room that these screens need. */
    private boolean listsWindowsItself() {
        return showing != Screen.OVERVIEW && showing != Screen.WINDOW;
    }

    /** The screen that is shown. */
    public Node shown() {
        return screen(showing).node();
    }

    /** Done when the screen shown is drawn whole. */
    public CompletableFuture<Void> drawn() {
        return screen(showing).drawn();
    }

    /** Puts the keyboard where a person begins on the screen shown. */
    public void focusScreen() {
        screen(showing).focus();
    }

    public Overlay overlay() {
        return overlay;
    }
}
