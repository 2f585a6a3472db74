package bivouac.desktop.window;

import bivouac.desktop.widget.TextLine;
import bivouac.desktop.widget.Ui;
import bivouac.desktop.work.Work;
import bivouac.sentence.Declarations;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import javafx.scene.Node;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/**
 * Things of one kind as a card: a row for each, changed where it stands as one typed line, and at the foot a line for the
 * next, which shows an example while it is empty. A row that is emptied, or on which Ctrl+Delete is pressed, goes.
 */
final class RowsCard<T> extends VBox {

    /**
     * What the things of a card are.
     *
     * @param id begins the names of its lines, for tests and help
     * @param example of a line, as it is typed
     * @param write the line of a thing
     * @param read what a line says
     * @param about what stands at the right of a row
     * @param under what is told under it
     */
    record Kind<T>(
            String id,
            String title,
            String note,
            String example,
            Function<T, String> write,
            LineBlock.Reader<T> read,
            Function<T, Optional<Node>> about,
            Function<T, Optional<Node>> under) {

        /** One of which nothing more is to be said than its line. */
        Kind(
                String id,
                String title,
                String note,
                String example,
                Function<T, String> write,
                LineBlock.Reader<T> read) {
            this(id, title, note, example, write, read, t -> Optional.empty(), t -> Optional.empty());
        }

        Kind<T> showing(Function<T, Optional<Node>> right) {
            return new Kind<>(id, title, note, example, write, read, right, under);
        }

        Kind<T> telling(Function<T, Optional<Node>> below) {
            return new Kind<>(id, title, note, example, write, read, about, below);
        }
    }

    /** Told of a thing that is new, another, or gone. */
    interface Takes<T> {
        void take(Optional<T> before, Optional<T> after);
    }

    private final Work work;
    private final Kind<T> kind;
    private final Takes<T> takes;

    RowsCard(Work work, Kind<T> kind, List<T> all, Takes<T> takes) {
        this.work = work;
        this.kind = kind;
        this.takes = takes;
        getStyleClass().addAll("card", "rows-card");
        var title = Ui.label(kind.title(), "strong");
        title.setMinWidth(USE_PREF_SIZE);
        var head = Ui.row(6, title);
        if (!all.isEmpty()) {
            head.getChildren().add(Ui.label(Integer.toString(all.size()), "quiet"));
        }
        head.getChildren().addAll(Ui.spring(), Ui.shortened(kind.note(), "small"));
        getChildren().add(Ui.styled(head, "rows-card-head"));
        for (int i = 0; i < all.size(); i++) {
            getChildren().add(row(all.get(i), kind.id() + "-" + i));
        }
        var next = line(kind.id() + "-new", "", Optional.empty());
        next.setPromptText(kind.example());
        next.getStyleClass().add("rows-card-next");
        var foot = Ui.styled(Ui.row(0, next), "rows-card-foot");
        HBox.setHgrow(next, Priority.ALWAYS);
        getChildren().add(foot);
    }

    private Node row(T thing, String id) {
        TextLine line = line(id, kind.write().apply(thing), Optional.of(thing));
        HBox.setHgrow(line, Priority.ALWAYS);
        var row = Ui.row(8, line);
        kind.about().apply(thing).ifPresent(row.getChildren()::add);
        var all = Ui.column(0, row);
        kind.under().apply(thing).ifPresent(all.getChildren()::add);
        return Ui.styled(all, "rows-card-row");
    }

    private TextLine line(String id, String text, Optional<T> before) {
        var line = new TextLine(id, kind.title() + (before.isEmpty() ? ", the next" : ""), text, typed -> {
            try {
                Optional<T> after = typed.isBlank()
                        ? Optional.empty()
                        : Optional.of(kind.read().read(typed.strip()));
                if (before.isPresent() || after.isPresent()) {
                    takes.take(before, after);
                }
                return "";
            } catch (Declarations.Wrong e) {
                work.say(e.getMessage());
                return e.getMessage();
            }
        });
        line.getStyleClass().add("dense");
        // before the line itself takes the key, which would delete the next word and then be taken for a change
        line.addEventFilter(KeyEvent.KEY_PRESSED, e -> {
            if (e.isControlDown() && e.getCode() == KeyCode.DELETE && before.isPresent()) {
                takes.take(before, Optional.empty());
                e.consume();
            }
        });
        return line;
    }

    /** A list with a thing put in, in another's place, or out. */
    static <T> List<T> changed(List<T> all, Optional<T> before, Optional<T> after) {
        var changed = new ArrayList<>(all);
        int at = before.map(changed::indexOf).orElse(-1);
        if (at >= 0) {
            changed.remove(at);
        }
        after.ifPresent(a -> changed.add(at < 0 ? changed.size() : at, a));
        return List.copyOf(changed);
    }
}
