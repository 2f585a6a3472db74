package bivouac.desktop.rehearse;

import bivouac.design.Editing;
import bivouac.desktop.widget.HandSelection;
import bivouac.machine.Event;
import bivouac.machine.Scene;
import bivouac.plan.TextSelection.Span;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.scene.control.IndexRange;
import javafx.scene.control.TextInputControl;

/**
 * The fields of a window on the desk: what is typed in them and selected, as events, and what edit commands do to them (P6, P7). A
 * cursor moves with each key, so what is selected is told when it matters: before anything else is done, and when the field is left.
 */
final class DeskTexts {

    private final Map<Integer, TextInputControl> fields = new HashMap<>();
    private final Supplier<Scene.OpenWindow> shown;
    private final Consumer<Event> act;
    /** Of those of which something asks what is selected; all others are as the platform has them. */
    private final Map<Integer, HandSelection> selected = new HashMap<>();

    private Optional<Integer> last = Optional.empty();
    /** Where a person types just now: the cursor is where their hand has left it. */
    private int typing = -1;

    private boolean updating;

    DeskTexts(Supplier<Scene.OpenWindow> shown, Consumer<Event> act) {
        this.shown = shown;
        this.act = act;
    }

    void add(int number, TextInputControl field) {
        fields.put(number, field);
        field.textProperty().subscribe((was, is) -> {
            if (!updating) {
                typing = number;
                act.accept(new Event.Edit(shown.get().instance(), number, is));
                typing = -1;
            }
        });
        if (shown.get().parts().get(number).span().isPresent()) {
            selected.put(number, new HandSelection(field));
        }
        field.focusedProperty().subscribe(has -> {
            if (has) {
                last = Optional.of(number);
            } else if (last.isPresent()) {
                tell(number);
            }
        });
    }

    /** Tells what is selected in each of them, where something asks for it and it was not told. */
    void tell() {
        fields.keySet().forEach(this::tell);
    }

    private void tell(int number) {
        Scene.SeenPart part = shown.get().parts().get(number);
        TextInputControl field = fields.get(number);
        // a field that is shown otherwise than it is has nothing to tell
        if (part.span().isPresent() && field.getText().equals(part.text())) {
            Span now = span(number);
            if (!now.equals(part.span().get())) {
                act.accept(new Event.SelectText(shown.get().instance(), number, now));
            }
        }
    }

    private Span span(int number) {
        String text = fields.get(number).getText();
        IndexRange range = selected.get(number).get();
        return new Span(place(text, range.getStart()), place(text, range.getEnd()));
    }

    /** In characters, where JavaFX counts the halves of some. */
    private static int place(String text, int at) {
        return text.codePointCount(0, Math.min(at, text.length()));
    }

    /** Shows what a scene says of a field. */
    void show(Scene.SeenPart part) {
        TextInputControl field = fields.get(part.number());
        updating = true;
        String text = part.text();
        if (!field.getText().equals(text)) {
            asByHand(part.number(), () -> {
                field.setText(text);
                field.end();
            });
        }
        updating = false;
        part.span().filter(span -> !isWhereTyped(part, span)).ifPresent(span -> {
            int from = text.offsetByCodePoints(0, span.from());
            int to = text.offsetByCodePoints(0, span.to());
            if (!field.getSelection().equals(new IndexRange(from, to))) {
                selected.get(part.number()).select(from, to);
            }
        });
    }

    private void asByHand(int number, Runnable does) {
        Optional.ofNullable(selected.get(number)).ifPresentOrElse(s -> s.with(does), does);
    }

    private boolean isWhereTyped(Scene.SeenPart part, Span span) {
        int end = place(part.text(), part.text().length());
        return part.number() == typing && span.equals(new Span(end, end));
    }

    /** Does one of the platform's own to the field that had the keyboard last, and gives the keyboard back to it. */
    void edit(Editing what) {
        last.filter(number -> !fields.get(number).isDisabled()).ifPresent(number -> {
            TextInputControl field = fields.get(number);
            field.requestFocus();
            asByHand(number, () -> {
                switch (what) {
                    case UNDO -> field.undo();
                    case REDO -> field.redo();
                    case CUT -> field.cut();
                    case COPY -> field.copy();
                    case PASTE -> field.paste();
                    case SELECT_ALL -> field.selectAll();
                }
            });
        });
    }
}
