package bivouac.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import bivouac.design.Design;
import bivouac.desktop.widget.LineField;
import bivouac.desktop.work.Screen;
import bivouac.desktop.work.Situation;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.KeyCode;

/**
 * Presses keys, types, clicks and drags at random on the real interface, and looks after each whether all is as people
 * expect it. What it did is kept, so that a failure can be done again by hand.
 */
final class RandomHands {

    private static final List<String> PARTS = List.of(
            "button Plant",
            "list Trees of name: text, planted: whole",
            "text field Who",
            "whole-number field How many",
            "choice Board of none, supper",
            "tick box Member",
            "command File / Save as Ctrl+Shift+S",
            "caption {app.today}",
            "buton Wrong",
            "list Bad of name text");

    private static final List<String> STEPS = List.of(
            "message `Hello.`",
            "ask `Go on?` with Go on, Stay",
            "open new dialog Seed",
            "open Seed",
            "close",
            "stay open",
            "if app.today == app.today",
            "else",
            "else if 1 == 2",
            "when cancelled",
            "when nowhere",
            "repeat",
            "again",
            "note `here`",
            "set me.who ← \"\"",
            "check me.whoField must not be empty",
            "check me.nobody must not be empty",
            "ask before uns",
            "not there yet",
            "end the application",
            "stay open now",
            "jump");

    private static final List<String> WORDS = List.of("Oak", "x", "1", "Ilva Tarn", "a, b", "me.", "{", "");

    private static final List<KeyCode[]> KEYS = List.of(
            new KeyCode[] {KeyCode.TAB},
            new KeyCode[] {KeyCode.SHIFT, KeyCode.TAB},
            new KeyCode[] {KeyCode.ENTER},
            new KeyCode[] {KeyCode.ENTER},
            new KeyCode[] {KeyCode.ESCAPE},
            new KeyCode[] {KeyCode.UP},
            new KeyCode[] {KeyCode.DOWN},
            new KeyCode[] {KeyCode.SPACE},
            new KeyCode[] {KeyCode.DELETE},
            new KeyCode[] {KeyCode.CONTROL, KeyCode.ENTER},
            new KeyCode[] {KeyCode.CONTROL, KeyCode.Z},
            new KeyCode[] {KeyCode.CONTROL, KeyCode.Z},
            new KeyCode[] {KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.Z},
            new KeyCode[] {KeyCode.CONTROL, KeyCode.D},
            new KeyCode[] {KeyCode.CONTROL, KeyCode.C},
            new KeyCode[] {KeyCode.CONTROL, KeyCode.V},
            new KeyCode[] {KeyCode.ALT, KeyCode.UP},
            new KeyCode[] {KeyCode.ALT, KeyCode.DOWN},
            new KeyCode[] {KeyCode.ALT, KeyCode.P},
            new KeyCode[] {KeyCode.ALT, KeyCode.S},
            new KeyCode[] {KeyCode.ALT, KeyCode.E},
            new KeyCode[] {KeyCode.F2},
            new KeyCode[] {KeyCode.F8},
            new KeyCode[] {KeyCode.CONTROL, KeyCode.L},
            new KeyCode[] {KeyCode.CONTROL, KeyCode.K},
            new KeyCode[] {KeyCode.CONTROL, KeyCode.DIGIT1},
            new KeyCode[] {KeyCode.CONTROL, KeyCode.DIGIT2},
            new KeyCode[] {KeyCode.CONTROL, KeyCode.DIGIT2},
            new KeyCode[] {KeyCode.CONTROL, KeyCode.DIGIT3},
            new KeyCode[] {KeyCode.CONTROL, KeyCode.DIGIT4},
            new KeyCode[] {KeyCode.CONTROL, KeyCode.DIGIT5},
            new KeyCode[] {KeyCode.CONTROL, KeyCode.DIGIT6},
            new KeyCode[] {KeyCode.CONTROL, KeyCode.DIGIT7});

    /** Those of which all that is shown follows from the design and from what is chosen in it. */
    private static final Set<Screen> COMPARED = EnumSet.of(
            Screen.OVERVIEW, Screen.WINDOW, Screen.CLOSINGS, Screen.MESSAGES, Screen.DEPARTURE, Screen.FINDINGS);

    private final Robot robot;
    private final Random random;
    private final List<String> done = new ArrayList<>();

    RandomHands(Robot robot, long seed) {
        this.robot = robot;
        this.random = new Random(seed);
    }

    /** What was done up to now, a line each. */
    String story() {
        int from = Math.max(0, done.size() - Integer.getInteger("hands.told", 25));
        return "\n" + String.join("\n", done.subList(from, done.size())) + "\n";
    }

    private Situation now() {
        return robot.app().work().now();
    }

    private Design design() {
        return now().design();
    }

    private <T> T one(List<T> of) {
        return of.get(random.nextInt(of.size()));
    }

    /** Does one thing, and looks. */
    void act() {
        int what = random.nextInt(100);
        try {
            if (robot.hasPopup()) {
                // a list that is open has all keys until it is left
                press(KeyCode.ESCAPE);
            }
            if (what < 38) {
                type();
            } else if (what < 70) {
                press(one(KEYS));
            } else if (what < 96) {
                click();
            } else {
                drag();
            }
        } catch (AssertionError | RuntimeException e) {
            throw new AssertionError("after" + story(), e);
        }
        look();
    }

    private void press(KeyCode... keys) {
        done.add("key " + List.of(keys));
        robot.key(keys);
    }

    /** Types where the keyboard is, if something takes a text, a line that fits there more often than not. */
    private void type() {
        String at = robot.focus();
        if (!takesText()) {
            press(
                    random.nextBoolean()
                            ? new KeyCode[] {KeyCode.ALT, KeyCode.S}
                            : new KeyCode[] {KeyCode.ALT, KeyCode.P});
            return;
        }
        boolean line = isLine();
        String typed = at.equals("new-part") ? one(PARTS) : line ? one(STEPS) : one(WORDS);
        done.add("type “" + typed + "” into " + at);
        robot.text(typed);
        if (!line || random.nextInt(5) == 0) {
            return;
        }
        Design before = design();
        boolean byTab = random.nextInt(4) == 0;
        done.add(byTab ? "key TAB" : "key ENTER");
        robot.key(byTab ? KeyCode.TAB : KeyCode.ENTER);
        taken(at, before);
    }

    /** A line that changed the design is empty; one that did not still stands there, or it went where a branch is. */
    private void taken(String at, Design before) {
        boolean changed = !design().equals(before);
        String left = robot.on(() -> robot.stage().getScene().getRoot().lookupAll("#" + at).stream()
                .filter(TextInputControl.class::isInstance)
                .map(n -> ((TextInputControl) n).getText())
                .findFirst()
                .orElse(""));
        if (changed) {
            assertThat(left).as("the line " + at + " after" + story()).isEmpty();
        }
    }

    private boolean takesText() {
        return robot.on(() -> robot.stage().getScene().getFocusOwner() instanceof TextInputControl t && t.isEditable());
    }

    private boolean isLine() {
        return robot.on(() -> {
            for (Node n = robot.stage().getScene().getFocusOwner(); n != null; n = n.getParent()) {
                if (n instanceof LineField) {
                    return true;
                }
            }
            return false;
        });
    }

    private void click() {
        List<String> ids = seen();
        String id = one(ids);
        done.add("click " + id);
        robot.click(id);
        if (id.matches("(moment|script)-.*") && now().screen() == Screen.WINDOW) {
            assertThat(robot.focus())
                    .as("what shows a script takes the keyboard along, after" + story())
                    .isIn("next-step", "find-field");
        }
    }

    private void drag() {
        String id = one(seen());
        done.add("drag " + id);
        robot.drag(id, random.nextInt(200) - 100, random.nextInt(160) - 80);
    }

    /** The names of what can be clicked: in sight, and not what leaves the tool or asks for a file. */
    private List<String> seen() {
        return robot.on(() -> {
            var all = new ArrayList<String>();
            collect(robot.stage().getScene().getRoot(), all);
            return all;
        });
    }

    private void collect(Node node, List<String> into) {
        if (!node.isVisible() || node.isDisabled()) {
            return;
        }
        String id = node.getId();
        boolean harmless = id != null && !id.isEmpty() && !id.matches("design-menu|menu-.*|.*svg.*|keep-.*|choose-.*");
        if (harmless && isInSight(node)) {
            into.add(id);
        }
        if (node instanceof Parent parent) {
            parent.getChildrenUnmodifiable().forEach(c -> collect(c, into));
        }
    }

    private boolean isInSight(Node node) {
        var bounds = node.localToScene(node.getBoundsInLocal());
        double x = bounds.getCenterX();
        double y = bounds.getCenterY();
        var scene = robot.stage().getScene();
        if (x < 0 || y < 0 || x > scene.getWidth() || y > scene.getHeight() || bounds.getWidth() < 1) {
            return false;
        }
        for (Node n = node.getParent(); n != null; n = n.getParent()) {
            if (n instanceof ScrollPane && !n.localToScene(n.getBoundsInLocal()).contains(x, y)) {
                return false;
            }
        }
        return true;
    }

    // Looking

    private void look() {
        robot.settle();
        assertThat(now().trouble().map(t -> t.sentence() + "\n" + t.details()))
                .as("nothing is thrown, after" + story())
                .isEmpty();
        robot.on(() -> {
            Node owner = robot.stage().getScene().getFocusOwner();
            assertThat(owner).as("the keyboard is somewhere, after" + story()).isNotNull();
            assertThat(owner.getScene())
                    .as("the keyboard is in the window, after" + story())
                    .isNotNull();
            boolean shown = true;
            for (Node n = owner; n != null; n = n.getParent()) {
                shown &= n.isVisible();
            }
            assertThat(shown)
                    .as(owner + " has the keyboard and is seen, after" + story())
                    .isTrue();
            if (isLineNode(owner)) {
                assertThat(isInSight(owner))
                        .as("the line that is typed is in sight" + places(owner) + ", after" + story())
                        .isTrue();
            }
            return null;
        });
        if (COMPARED.contains(now().screen())) {
            List<List<String>> both = robot.shownNowAndAnew();
            assertThat(difference(both.getFirst(), both.getLast()))
                    .as("the screen " + now().screen() + " shows what is so, after" + story())
                    .isEmpty();
        }
    }

    /** Where two lists part first; empty where they do not. */
    private static String difference(List<String> now, List<String> anew) {
        for (int i = 0; i < Math.max(now.size(), anew.size()); i++) {
            String one = i < now.size() ? now.get(i) : "nothing";
            String other = i < anew.size() ? anew.get(i) : "nothing";
            if (!one.equals(other)) {
                return "shown “" + one + "”, where it is “" + other + "”, behind “" + (i == 0 ? "" : now.get(i - 1))
                        + "”";
            }
        }
        return "";
    }

    /** Where a node is, and each place around it that scrolls. */
    private static String places(Node node) {
        var all = new StringBuilder(" " + node.localToScene(node.getBoundsInLocal()));
        for (Node n = node.getParent(); n != null; n = n.getParent()) {
            if (n instanceof ScrollPane pane) {
                all.append(" in ")
                        .append(n.localToScene(n.getBoundsInLocal()))
                        .append(" at ")
                        .append(pane.getVvalue());
                all.append(" of ").append(pane.getContent().getLayoutBounds().getHeight());
            }
        }
        for (Node n = node; n != null; n = n.getParent()) {
            all.append("\n   ")
                    .append(n.getClass().getSimpleName())
                    .append(n.getStyleClass())
                    .append(n.localToScene(n.getBoundsInLocal()));
        }
        return all.toString();
    }

    private static boolean isLineNode(Node owner) {
        return owner.getId() != null
                && List.of("next-step", "step-typing", "new-part").contains(owner.getId());
    }
}
