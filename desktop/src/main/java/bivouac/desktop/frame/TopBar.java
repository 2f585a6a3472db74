package bivouac.desktop.frame;

import bivouac.check.finding.Finding;
import bivouac.desktop.widget.Mark;
import bivouac.desktop.widget.Ui;
import bivouac.desktop.widget.Weights;
import bivouac.desktop.work.Screen;
import bivouac.desktop.work.Situation;
import bivouac.desktop.work.Work;
import bivouac.explore.Explored;
import bivouac.explore.Told;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javafx.css.PseudoClass;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;

/** The screens bar: the design's name, the screens, the findings by weight, finding things, undo and redo. */
final class TopBar extends HBox {

    private static final PseudoClass CHOSEN = PseudoClass.getPseudoClass("chosen");

    private static final PseudoClass NARROW = PseudoClass.getPseudoClass("narrow");

    /** From this width on, in pixels, all of it has room. */
    private static final double ROOMY = 1200;

    private final Label name = Ui.shortened("", "strong");
    private final Label unsaved = Ui.label("", "quiet");
    private final Map<Screen, Button> screens = new EnumMap<>(Screen.class);
    /** What gives way where the window is narrow: the words of the screens stay whole. */
    private final List<Node> givingWay = new ArrayList<>();

    private final Button findings;
    private final Button undo;
    private final Button redo;
    private final Tooltip undoTip = new Tooltip();
    private final Tooltip redoTip = new Tooltip();
    /** Those whose counts are shown. */
    private List<Finding> counted;

    /** What is said where there are none. */
    private String none = "";

    TopBar(Work work, List<Command> commands, Runnable find, Runnable showFindings) {
        getStyleClass().add("top-bar");
        getChildren().add(designMenu(commands));
        for (Screen screen : Screen.values()) {
            var button = new Button();
            button.setId("screen-" + screen.number());
            var digit = Ui.label(Integer.toString(screen.number()), "digit");
            givingWay.add(digit);
            button.setGraphic(Ui.row(6, digit, Ui.label(screen.word(), "screen-word")));
            button.setTooltip(new Tooltip("Ctrl+" + screen.number()));
            button.setMinWidth(USE_PREF_SIZE);
            button.getStyleClass().add("screen-tab");
            button.setAccessibleText(screen.word());
            button.setOnAction(e -> work.show(screen));
            screens.put(screen, button);
            getChildren().add(button);
        }
        findings = Ui.button("", "findings", showFindings, "bar-button");
        count(List.of());
        findings.setMinWidth(USE_PREF_SIZE);
        findings.setTooltip(new Tooltip("Findings (F8)"));
        var findButton = new Button();
        findButton.setId("find");
        var keys = Ui.label("Ctrl+K", "key");
        givingWay.add(keys);
        findButton.setGraphic(Ui.row(8, Ui.label("Find", "plain"), keys));
        findButton.setMinWidth(USE_PREF_SIZE);
        findButton.getStyleClass().add("bar-button");
        findButton.setOnAction(e -> find.run());
        undo = Ui.button("↶", "undo", work::undo, "bar-button", "sign");
        redo = Ui.button("↷", "redo", work::redo, "bar-button", "sign");
        undo.setTooltip(undoTip);
        redo.setTooltip(redoTip);
        undo.setAccessibleText("Undo");
        redo.setAccessibleText("Redo");
        getChildren().addAll(Ui.spring(), findings, findButton, undo, redo);
        widthProperty().map(w -> w.doubleValue() > 0 && w.doubleValue() < ROOMY).subscribe(this::narrow);
    }

    private void narrow(boolean yes) {
        givingWay.forEach(n -> Ui.show(n, !yes));
        pseudoClassStateChanged(NARROW, yes);
    }

    /** The design's name opens what can be done with the whole of it. */
    private MenuButton designMenu(List<Command> commands) {
        var menu = new MenuButton();
        menu.setId("design-menu");
        menu.setAccessibleText("Design");
        menu.setGraphic(Ui.row(8, Mark.ofApplication(), name, unsaved));
        menu.getStyleClass().add("name-cell");
        for (Command command : commands) {
            var item = new MenuItem((command.name() + "    " + command.keys()).strip());
            item.setId("menu-" + command.name());
            item.setOnAction(e -> command.action().run());
            menu.getItems().add(item);
        }
        return menu;
    }

    void show(Situation s) {
        name.setText(s.design().application().name());
        unsaved.setText(s.saved() ? "" : "unsaved");
        screens.forEach((screen, button) -> button.pseudoClassStateChanged(CHOSEN, screen == s.screen()));
        String found = s.findings().isEmpty() ? none(s) : "";
        if (!s.findings().equals(counted) || !found.equals(none)) {
            none = found;
            count(s.findings());
        }
        undo.setDisable(s.undoable().isEmpty());
        redo.setDisable(s.redoable().isEmpty());
        undoTip.setText("Undo (Ctrl+Z)" + s.undoable().map(d -> ": " + d).orElse(""));
        redoTip.setText("Redo (Ctrl+Shift+Z)" + s.redoable().map(d -> ": " + d).orElse(""));
    }

    /** How far it is so that there are none, with a sign that is not colour alone. */
    private static String none(Situation s) {
        Optional<Explored> explored = s.looked().isOf(s.program()) ? s.looked().explored() : Optional.empty();
        boolean complete = explored.filter(Explored::isComplete).isPresent();
        return (complete ? "✓ none, " : "○ none ") + Told.scope(explored);
    }

    private void count(List<Finding> all) {
        counted = all;
        findings.setGraphic(counts(all));
        findings.setAccessibleText(
                all.isEmpty() ? none.substring(Math.min(2, none.length())) : all.size() + " findings");
    }

    private HBox counts(List<Finding> all) {
        var row = Ui.row(5);
        for (Finding.Weight weight : Finding.Weight.values()) {
            long n = all.stream().filter(f -> f.weight() == weight).count();
            if (n > 0) {
                row.getChildren().addAll(Weights.counted(weight, n));
            }
        }
        if (all.isEmpty()) {
            row.getChildren().add(Ui.label(none, "fine"));
        }
        return row;
    }
}
