package bivouac.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import bivouac.design.Design;
import bivouac.desktop.widget.Refocus;
import bivouac.desktop.work.Chosen;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.Optional;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import javafx.css.PseudoClass;
import javafx.scene.Node;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import org.testfx.api.FxRobot;
import org.testfx.api.FxToolkit;
import org.testfx.util.WaitForAsyncUtils;

/** Drives the real tool without a display, by keys and mouse, and waits for what happens and never for time. */
final class Robot {

    static {
        System.setProperty("glass.platform", "Headless");
        System.setProperty("prism.order", "sw");
        System.setProperty("testfx.robot", "glass");
    }

    static final LocalDate TODAY = LocalDate.of(2026, 11, 23);

    private final FxRobot fx = new FxRobot();
    private App app;
    private Stage stage;
    private int keys;

    static Robot open(Design design, Path state) throws TimeoutException {
        System.setProperty("bivouac.state", state.toString());
        var robot = new Robot();
        FxToolkit.registerPrimaryStage();
        robot.on(() -> {
            robot.stage = new Stage();
            robot.app = new App(robot.stage, design, Optional.empty(), TODAY, true);
            robot.app.show();
            return null;
        });
        robot.settle();
        return robot;
    }

    void close() {
        on(() -> {
            app.close();
            return null;
        });
        WaitForAsyncUtils.waitForFxEvents();
    }

    App app() {
        return app;
    }

    Stage stage() {
        return stage;
    }

    <T> T on(Callable<T> task) {
        return WaitForAsyncUtils.waitForAsyncFx(10_000, task);
    }

    /** Until nothing is on its way any more: events, compiling, layout. */
    Robot settle() {
        for (int i = 0; i < 2; i++) {
            WaitForAsyncUtils.waitForFxEvents();
            try {
                on(() -> app.settled()).get(20, TimeUnit.SECONDS);
            } catch (InterruptedException | ExecutionException | TimeoutException e) {
                throw new AssertionError("The tool did not come to rest", e);
            }
        }
        WaitForAsyncUtils.waitForFxEvents();
        return this;
    }

    /** Presses keys one after the other; with modifiers together, as {@code key(CONTROL, N)}. */
    Robot key(KeyCode... codes) {
        keys++;
        fx.push(codes);
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
        fx.clickOn(node(id));
        return settle();
    }

    /** Moves the mouse over a node of that id. */
    Robot point(String id) {
        fx.moveTo(node(id));
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
        fx.clickOn(text);
        return settle();
    }

    /** Clicks a place in a node of that id, from its top left. */
    Robot clickAt(String id, double x, double y) {
        var place = on(() -> Refocus.find(stage.getScene().getRoot(), id).localToScreen(x, y));
        fx.clickOn(place);
        return settle();
    }

    /** Drags a node of that id by a distance. */
    Robot drag(String id, double dx, double dy) {
        fx.moveTo(node(id)).press(javafx.scene.input.MouseButton.PRIMARY);
        settle();
        fx.moveBy(dx, dy);
        settle();
        fx.release(javafx.scene.input.MouseButton.PRIMARY);
        return settle();
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
