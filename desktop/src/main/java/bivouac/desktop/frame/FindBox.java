package bivouac.desktop.frame;

import bivouac.desktop.widget.Ui;
import bivouac.desktop.work.Work;
import java.util.List;
import javafx.css.PseudoClass;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.VBox;

/** {@code Ctrl+K}: finds a window, part, finding or command by typing, and goes there. */
final class FindBox {

    private final Overlay overlay;
    private final Work work;
    private final List<Command> commands;
    private final TextField field = new TextField();
    private final VBox list = Ui.styled(Ui.column(0), "find-list");
    private List<Found> found = List.of();
    private int chosen;
    private final Runnable focus;

    /** @param focus puts the keyboard where a person begins on the screen that was gone to */
    FindBox(Overlay overlay, Work work, List<Command> commands, Runnable focus) {
        this.focus = focus;
        this.overlay = overlay;
        this.work = work;
        this.commands = commands;
    }

    void open() {
        field.setId("find-field");
        field.setPromptText("Window, part, finding or command");
        field.setAccessibleText("Find");
        field.textProperty().subscribe(t -> search());
        field.addEventFilter(KeyEvent.KEY_PRESSED, this::pressed);
        overlay.open(Ui.styled(Ui.column(8, field, list), "overlay-card"), field, overlay::close);
    }

    private void pressed(KeyEvent e) {
        if (e.getCode() == KeyCode.DOWN || e.getCode() == KeyCode.UP) {
            chosen = found.isEmpty() ? 0 : Math.floorMod(chosen + (e.getCode() == KeyCode.DOWN ? 1 : -1), found.size());
            draw();
            e.consume();
        } else if (e.getCode() == KeyCode.ENTER && !found.isEmpty()) {
            go(found.get(chosen));
            e.consume();
        }
    }

    private void go(Found what) {
        overlay.close();
        what.go().run();
        if (what.isPlace()) {
            focus.run();
        }
    }

    private void search() {
        found = Found.search(field.getText(), work.now(), work, commands);
        chosen = 0;
        draw();
    }

    private void draw() {
        list.getChildren().clear();
        for (int i = 0; i < found.size(); i++) {
            Found f = found.get(i);
            var row = Ui.styled(
                    Ui.row(10, Ui.shortened(f.text(), "strong"), Ui.spring(), Ui.label(f.kind(), "quiet")), "find-row");
            row.pseudoClassStateChanged(PseudoClass.getPseudoClass("chosen"), i == chosen);
            row.setOnMouseClicked(e -> go(f));
            list.getChildren().add(row);
        }
        if (found.isEmpty()) {
            list.getChildren().add(Ui.styled(Ui.label("Nothing is called that."), "find-row", "quiet"));
        }
    }
}
