package bivouac.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import bivouac.design.Design;
import bivouac.desktop.widget.LineField;
import bivouac.desktop.widget.Refocus;
import bivouac.desktop.work.Chosen;
import bivouac.desktop.work.Journals;
import bivouac.desktop.work.Work;
import bivouac.rehearsal.TrailWords;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.Callable;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.Future;
import java.util.concurrent.FutureTask;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import javafx.application.Platform;
import javafx.css.PseudoClass;
import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.Label;
import javafx.scene.control.Labeled;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import javafx.stage.Stage;
import javafx.stage.Window;

/** Drives the real tool without a display, by keys and mouse, and waits for what happens and never for time. */
final class Robot {

    static {
        System.setProperty("glass.platform", "Headless");
        System.setProperty("prism.order", "sw");
    }

    static final LocalDate TODAY = LocalDate.of(2026, 11, 23);

    /** Seconds, after which something hangs, and does not only wait for a machine that does much else. */
    private static final int AT_MOST = 120;

    /** The fingers. */
    private final javafx.scene.robot.Robot hand;

    private App app;
    private Stage stage;
    private int keys;

    private Robot() {
        hand = on(javafx.scene.robot.Robot::new);
    }

    static Robot open(Design design, Path state) {
        return open(design, Optional.empty(), state);
    }

    /** Opens the tool on a design that was read from a file. */
    static Robot open(Design design, Optional<Work.OnDisk> file, Path state) {
        startInterface();
        var robot = new Robot();
        robot.on(() -> {
            robot.stage = new Stage();
            robot.app = new App(robot.stage, design, file, TODAY, new Journals(state), true);
            robot.app.show();
            // the screen that nobody looks at may be smaller than most
            robot.stage.setWidth(App.WIDTH);
            robot.stage.setHeight(App.HEIGHT);
            return null;
        });
        return robot.settle();
    }

    /** Once for all tests; it goes on when no window is open any more. */
    private static void startInterface() {
        try {
            Platform.startup(() -> Platform.setImplicitExit(false));
        } catch (IllegalStateException goesAlready) {
            // another test began it
        }
    }

    void close() {
        on(() -> {
            app.close();
            return null;
        });
    }

    /** As if the process were killed: unsaved work stays where it is kept. */
    void kill() {
        on(() -> {
            app.abandon();
            return null;
        });
    }

    App app() {
        return app;
    }

    Stage stage() {
        return stage;
    }

    /** Does something on the interface thread, and waits for it. */
    <T> T on(Callable<T> task) {
        var done = new FutureTask<>(task);
        Platform.runLater(done);
        return waitFor(done);
    }

    private static <T> T waitFor(Future<T> future) {
        try {
            return future.get(AT_MOST, TimeUnit.SECONDS);
        } catch (ExecutionException e) {
            throw e.getCause() instanceof Error error ? error : new AssertionError(e.getCause());
        } catch (InterruptedException | TimeoutException e) {
            throw new AssertionError("The tool did not come to rest", e);
        }
    }

    /** Until nothing is on its way any more: events, compiling, layout. */
    Robot settle() {
        for (int i = 0; i < 2; i++) {
            drawn();
            waitFor(on(() -> app.settled()));
        }
        drawn();
        return this;
    }

    /** Until the interface has done what it was told up to now, and has laid it out. */
    private void drawn() {
        var pulse = new CompletableFuture<Void>();
        on(() -> {
            var scene = stage.getScene();
            Runnable[] once = new Runnable[1];
            once[0] = () -> {
                scene.removePostLayoutPulseListener(once[0]);
                pulse.complete(null);
            };
            scene.addPostLayoutPulseListener(once[0]);
            Platform.requestNextPulse();
            return null;
        });
        waitFor(pulse);
        // whatever the layout put off until after it
        on(() -> null);
    }

    /** Presses keys one after the other; with modifiers together, as {@code key(CONTROL, N)}. */
    Robot key(KeyCode... codes) {
        keys++;
        for (KeyCode code : codes) {
            hand(h -> h.keyPress(code));
        }
        for (KeyCode code : List.of(codes).reversed()) {
            hand(h -> h.keyRelease(code));
        }
        return settle();
    }

    /** Types a text where the keyboard is; it does not count as keys. */
    Robot text(String text) {
        for (int i = 0; i < text.length(); i++) {
            String one = text.substring(i, i + 1);
            on(() -> {
                Node focused = stage.getScene().getFocusOwner();
                assertThat(focused)
                        .as("something takes the text " + text)
                        .isInstanceOf(javafx.scene.control.TextInputControl.class);
                ((javafx.scene.control.TextInputControl) focused).replaceSelection(one);
                return null;
            });
        }
        return settle();
    }

    int keys() {
        return keys;
    }

    /** Goes to the page of the application. */
    Robot applicationPage() {
        on(() -> {
            app.work().goTo(Chosen.APPLICATION);
            return null;
        });
        return settle();
    }

    void countFromHere() {
        keys = 0;
    }

    /** Clicks the middle of a node of that id. */
    Robot click(String id) {
        return clickOn(middle(node(id)));
    }

    /** Moves the mouse over a node of that id. */
    Robot point(String id) {
        moveTo(middle(node(id)));
        return settle();
    }

    /** Whether a node of that id is in a state, as style sheets name it. */
    boolean has(String id, String state) {
        Node node = node(id);
        return on(() -> node.getPseudoClassStates().contains(PseudoClass.getPseudoClass(state)));
    }

    /** Gives a node of that id the keyboard, as Tab would, however far it is. */
    Robot focus(String id) {
        Node node = node(id);
        on(() -> {
            node.requestFocus();
            return null;
        });
        return settle();
    }

    /** Clicks what stands under a text, in an open menu for example. */
    Robot clickText(String text) {
        Node shown = on(() -> Window.getWindows().stream()
                .flatMap(w -> w.getScene().getRoot().lookupAll(".label").stream())
                .filter(n -> n instanceof Labeled l && text.equals(l.getText()) && n.localToScreen(0, 0) != null)
                .findFirst()
                .orElseThrow(() -> new AssertionError("Nothing says " + text)));
        return clickOn(middle(shown));
    }

    /** Clicks an item of a list of choices that is open. */
    Robot clickInList(String text) {
        Node shown = on(() -> Window.getWindows().stream()
                .filter(javafx.stage.PopupWindow.class::isInstance)
                .flatMap(w -> w.getScene().getRoot().lookupAll(".label").stream())
                .filter(n -> n instanceof Labeled l && text.equals(l.getText()))
                .findFirst()
                .orElseThrow(() -> new AssertionError("No list offers " + text)));
        return clickOn(middle(shown));
    }

    /** Clicks a place in a node of that id, from its top left. */
    Robot clickAt(String id, double x, double y) {
        var place = on(() -> Refocus.find(stage.getScene().getRoot(), id).localToScreen(x, y));
        return clickOn(place);
    }

    /** Drags a node of that id by a distance. */
    Robot drag(String id, double dx, double dy) {
        Point2D from = middle(node(id));
        moveTo(from);
        hand(h -> h.mousePress(MouseButton.PRIMARY));
        settle();
        moveTo(from.add(dx / 2, dy / 2));
        moveTo(from.add(dx, dy));
        settle();
        hand(h -> h.mouseRelease(MouseButton.PRIMARY));
        return settle();
    }

    /** Drags one node over another, and lets it go near the upper edge of that one, or near its lower edge. */
    Robot dragOver(String id, String over, boolean low) {
        settle();
        Point2D from = on(() -> {
            Node dragged = Refocus.find(stage.getScene().getRoot(), id);
            var bounds = dragged.localToScreen(dragged.getLayoutBounds());
            return new Point2D(bounds.getCenterX(), bounds.getCenterY());
        });
        Point2D to = on(() -> {
            Node there = Refocus.find(stage.getScene().getRoot(), over);
            var bounds = there.localToScreen(there.getLayoutBounds());
            return new Point2D(bounds.getMinX() + 30, low ? bounds.getMaxY() - 3 : bounds.getMinY() + 3);
        });
        moveTo(from);
        hand(h -> h.mousePress(MouseButton.PRIMARY));
        moveTo(from.midpoint(to));
        moveTo(to.add(1, 0));
        moveTo(to);
        settle();
        hand(h -> h.mouseRelease(MouseButton.PRIMARY));
        return settle();
    }

    /** Clicks what makes the tool close its window, and waits until it has. */
    void clickToEnd(String id) {
        var closed = new CompletableFuture<Void>();
        Point2D place = middle(node(id));
        on(() -> stage.showingProperty().subscribe(showing -> {
            if (!showing) {
                closed.complete(null);
            }
        }));
        moveTo(place);
        hand(h -> h.mousePress(MouseButton.PRIMARY));
        hand(h -> h.mouseRelease(MouseButton.PRIMARY));
        waitFor(closed);
    }

    private Robot clickOn(Point2D place) {
        moveTo(place);
        hand(h -> h.mousePress(MouseButton.PRIMARY));
        hand(h -> h.mouseRelease(MouseButton.PRIMARY));
        return settle();
    }

    private void moveTo(Point2D place) {
        hand(h -> h.mouseMove(place));
    }

    private Point2D middle(Node node) {
        return on(() -> {
            var bounds = node.localToScreen(node.getBoundsInLocal());
            return new Point2D(bounds.getCenterX(), bounds.getCenterY());
        });
    }

    private void hand(Consumer<javafx.scene.robot.Robot> does) {
        on(() -> {
            does.accept(hand);
            return null;
        });
        // so that each is answered before the next, as with a person
        on(() -> null);
    }

    /**
     * What stands on the Window screen, and what would stand there if it were drawn anew: texts and values, in their order.
     * Not what is being typed, nor what was typed and is marked as wrong.
     */
    List<List<String>> shownNowAndAnew() {
        return on(() -> {
            Node root = app.shown();
            // a promise that is not finished waits where it was typed
            Set<String> typed = root.lookupAll(".text-input").stream()
                    .filter(n -> n.isFocused()
                            || "promise-typed".equals(n.getId())
                            || n.getPseudoClassStates().contains(PseudoClass.getPseudoClass("wrong")))
                    .map(Node::getId)
                    .collect(Collectors.toSet());
            var anew = app.screen(app.work().now().screen());
            var scene = new javafx.scene.Scene(anew.node(), App.WIDTH, App.HEIGHT);
            anew.show(app.work().now());
            chooseAlike(root, scene.getRoot());
            scene.getRoot().applyCss();
            scene.getRoot().layout();
            return List.of(texts(root, typed), texts(scene.getRoot(), typed));
        });
    }

    /** What a person chose to see of a screen is theirs and not the design's. */
    private static void chooseAlike(Node root, Node anew) {
        var chosen = PseudoClass.getPseudoClass("chosen");
        root.lookupAll(".segment").stream()
                .filter(b -> b.getPseudoClassStates().contains(chosen))
                .map(b -> (Button) anew.lookup("#" + b.getId()))
                .filter(b -> b != null && !b.getPseudoClassStates().contains(chosen))
                .forEach(Button::fire);
    }

    private static List<String> texts(Node root, Set<String> not) {
        var all = new ArrayList<String>();
        texts(root, not, all);
        return all;
    }

    private static void texts(Node node, Set<String> not, List<String> into) {
        if (node instanceof LineField || !node.isVisible() || !node.isManaged() || not.contains(node.getId())) {
            return;
        }
        switch (node) {
            case TextInputControl text -> into.add(text.getId() + ": " + text.getText());
            case ChoiceBox<?> choice -> into.add(choice.getId() + ": " + choice.getValue());
            case CheckBox box -> into.add(box.getId() + ": " + box.isSelected());
            case Label label -> into.add(label.getText());
            case Button button when button.getText() != null -> into.add(button.getText());
            case Parent parent -> parent.getChildrenUnmodifiable().forEach(c -> texts(c, not, into));
            default -> {
                // says nothing
            }
        }
    }

    /** Scrolls to where a node of that id is to be seen, as a person would with the wheel. */
    Robot reveal(String id) {
        Node node = node(id);
        on(() -> {
            for (Node n = node.getParent(); n != null; n = n.getParent()) {
                if (n instanceof javafx.scene.control.ScrollPane pane) {
                    double all = pane.getContent().getLayoutBounds().getHeight();
                    double seen = pane.getViewportBounds().getHeight();
                    var at = pane.getContent().sceneToLocal(node.localToScene(node.getBoundsInLocal()));
                    if (all > seen) {
                        pane.setVvalue(Math.clamp((at.getCenterY() - seen / 2) / (all - seen), 0, 1));
                    }
                }
            }
            return null;
        });
        return settle();
    }

    /** How far an item of a list of choices stands behind the one that is chosen. */
    int choiceBy(String id, String item) {
        var choice = (ChoiceBox<?>) node(id);
        return on(() ->
                choice.getItems().indexOf(item) - choice.getSelectionModel().getSelectedIndex());
    }

    /** Whether a menu, a list of choices or a tooltip is open over the window. */
    boolean hasPopup() {
        return on(() -> Window.getWindows().stream()
                .anyMatch(w -> w instanceof javafx.stage.PopupWindow && !(w instanceof javafx.scene.control.Tooltip)));
    }

    /** Whether it is nearer to something backwards than forwards, through what takes the keyboard in the order of the screen. */
    boolean isNearerBackwards(String id) {
        return on(() -> {
            var all = new ArrayList<Node>();
            takers(stage.getScene().getRoot(), all);
            int at = all.indexOf(stage.getScene().getFocusOwner());
            int to = -1;
            for (int i = 0; i < all.size() && to < 0; i++) {
                to = id.equals(all.get(i).getId()) ? i : -1;
            }
            return at >= 0 && to >= 0 && Math.floorMod(at - to, all.size()) < Math.floorMod(to - at, all.size());
        });
    }

    private static void takers(Node node, List<Node> into) {
        if (!node.isVisible() || node.isDisabled()) {
            return;
        }
        if (node.isFocusTraversable()) {
            into.add(node);
        }
        if (node instanceof Parent parent) {
            parent.getChildrenUnmodifiable().forEach(c -> takers(c, into));
        }
    }

    Robot selectAll() {
        return key(KeyCode.CONTROL, KeyCode.A);
    }

    Robot enter() {
        return key(KeyCode.ENTER);
    }

    Node node(String id) {
        Node found = on(() -> Refocus.find(stage.getScene().getRoot(), id));
        assertThat(found).as("there is #" + id).isNotNull();
        return found;
    }

    boolean has(String id) {
        return on(() -> Refocus.find(stage.getScene().getRoot(), id)) != null;
    }

    /** Whether a node of that id is there, and neither it nor what it stands in is put away. */
    boolean isShown(String id) {
        return on(() -> {
            Node found = Refocus.find(stage.getScene().getRoot(), id);
            boolean shown = found != null;
            for (Node n = found; n != null; n = n.getParent()) {
                shown &= n.isVisible();
            }
            return shown;
        });
    }

    /** The line of the event that was rehearsed last. */
    String lastEvent() {
        return app().work().now().rehearsal().present().event().orElseThrow().toString();
    }

    /** What the last event caused, in the words of the trail. */
    List<String> seen() {
        return TrailWords.everything(app().work().now().rehearsal().present().seen());
    }

    /** Whether a label says it, word for word. */
    boolean says(String text) {
        return on(() -> stage.getScene().getRoot().lookupAll(".label").stream()
                .anyMatch(n -> n instanceof javafx.scene.control.Label l && text.equals(l.getText())));
    }

    String focus() {
        return on(() -> {
            Node owner = stage.getScene().getFocusOwner();
            return owner == null ? "" : String.valueOf(owner.getId());
        });
    }
}
