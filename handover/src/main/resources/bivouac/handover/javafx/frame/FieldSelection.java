package frame;

import desk.Fault;
import desk.Values;
import javafx.application.Platform;
import javafx.scene.Node;
import javafx.scene.control.IndexRange;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.InputEvent;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;

/**
 * What is selected in a field, in characters from 0 (P7), by a person or a script. JavaFX selects all of a field that
 * gets the keyboard, and nothing of one that loses it; that is put back.
 */
public final class FieldSelection {

    private final TextInputControl field;
    private IndexRange kept;
    /** Whether it has just got the keyboard, and nothing was done in it yet. */
    private boolean arrived;

    private boolean setting;

    private FieldSelection(TextInputControl field) {
        this.field = field;
        this.kept = field.getSelection();
        field.addEventFilter(InputEvent.ANY, e -> arrived &= !isByHand(e));
        field.focusedProperty().addListener((v, before, now) -> arrived = now);
        field.textProperty().addListener((v, before, now) -> {
            if (!field.isFocused() && !setting) {
                kept = new IndexRange(0, 0);
            }
        });
        field.selectionProperty().addListener((v, before, now) -> {
            if (setting || field.isFocused() && !isOfArriving(now)) {
                kept = now;
            } else if (!now.equals(kept)) {
                arrived = false;
                Platform.runLater(this::putBack);
            }
        });
    }

    private boolean isOfArriving(IndexRange now) {
        return arrived && now.getLength() == field.getLength();
    }

    private static boolean isByHand(InputEvent e) {
        return e.getEventType() == MouseEvent.MOUSE_PRESSED || e.getEventType() == KeyEvent.KEY_PRESSED;
    }

    private void putBack() {
        if (kept.getEnd() <= field.getLength() && !field.getSelection().equals(kept)) {
            range(kept.getStart(), kept.getEnd());
        }
    }

    /** That of a field; the same each time. */
    public static FieldSelection of(Node field) {
        return (FieldSelection) field.getProperties()
                .computeIfAbsent(FieldSelection.class, k -> new FieldSelection((TextInputControl) field));
    }

    /** Does something to a field as a person does, whether what is selected there is kept or not. */
    static void with(Node field, Runnable does) {
        if (field.getProperties().get(FieldSelection.class) instanceof FieldSelection kept) {
            kept.with(does);
        } else {
            does.run();
        }
    }

    public long from() {
        return Values.size(field.getText().substring(0, kept.getStart()));
    }

    public long to() {
        return Values.size(field.getText().substring(0, kept.getEnd()));
    }

    public String text() {
        return field.getText().substring(kept.getStart(), kept.getEnd());
    }

    /** Selects from there on; fault X3 where the text has no such place. */
    public void from(long place) {
        select(place, Math.max(place, to()));
    }

    /** Selects as far as before that place; fault X3 where the text has no such place. */
    public void to(long place) {
        select(Math.min(from(), place), place);
    }

    /** As a person or a script does. */
    public void select(long from, long to) {
        range(offset(from), offset(to));
    }

    private int offset(long place) {
        if (place < 0 || place > Values.size(field.getText())) {
            throw new Fault("X3", "the text has no place " + place);
        }
        return field.getText().offsetByCodePoints(0, (int) place);
    }

    private void range(int from, int to) {
        with(() -> field.selectRange(from, to));
    }

    private void with(Runnable does) {
        setting = true;
        does.run();
        setting = false;
        kept = field.getSelection();
    }

    /** A script puts a text into the field; the cursor stands before it where it is another. */
    public void put(String other) {
        if (!other.equals(field.getText())) {
            with(() -> {
                field.setText(other);
                field.selectRange(0, 0);
            });
        }
    }

    /** Writes in place of what is selected, as pasting does; the cursor stands behind it. */
    public void text(String other) {
        range(kept.getStart(), kept.getEnd());
        with(() -> field.replaceSelection(other));
    }
}
