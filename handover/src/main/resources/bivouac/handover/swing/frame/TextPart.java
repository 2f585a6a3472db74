package frame;

import desk.Fault;
import desk.Values;
import java.awt.event.FocusAdapter;
import java.awt.event.FocusEvent;
import javax.swing.text.AbstractDocument;
import javax.swing.text.AttributeSet;
import javax.swing.text.BadLocationException;
import javax.swing.text.DocumentFilter;
import javax.swing.text.JTextComponent;
import javax.swing.undo.CompoundEdit;
import javax.swing.undo.UndoManager;
import javax.swing.undo.UndoableEdit;

/** What a person types in. Swing replaces text in two changes; a filter of the document sees one, which is one event. */
public abstract class TextPart extends Part {

    private final JTextComponent field;
    private final History history = new History();
    private int longest = Integer.MAX_VALUE;

    @SuppressWarnings("this-escape")
    protected TextPart(Face window, String name, JTextComponent field) {
        super(window, name, field);
        this.field = field;
        ((AbstractDocument) field.getDocument()).setDocumentFilter(new Changes());
        field.getDocument().addUndoableEditListener(e -> history.add(e.getEdit()));
        field.addFocusListener(new FocusAdapter() {
            @Override
            public void focusGained(FocusEvent e) {
                window.writesIn(TextPart.this);
            }
        });
    }

    /** What can be undone; what replaces a selection is one change. */
    @SuppressWarnings("serial")
    private static final class History extends UndoManager {
        private CompoundEdit one = new CompoundEdit();

        void add(UndoableEdit edit) {
            one.addEdit(edit);
        }

        void done() {
            one.end();
            if (one.canUndo()) {
                addEdit(one);
            }
            one = new CompoundEdit();
        }

        void forget() {
            discardAllEdits();
            one = new CompoundEdit();
        }
    }

    /** Does to it what every field can (P6); what comes of that is a change as any. */
    final void edit(Editing what) {
        String before = text();
        switch (what) {
            case CUT -> field.cut();
            case COPY -> field.copy();
            case PASTE -> field.paste();
            case SELECT_ALL -> field.selectAll();
            case UNDO, REDO -> {
                if (!usable()) {
                    return;
                }
                if (what == Editing.UNDO && history.canUndo()) {
                    history.undo();
                } else if (what == Editing.REDO && history.canRedo()) {
                    history.redo();
                }
                if (!text().equals(before)) {
                    happens();
                }
            }
        }
    }

    private final class Changes extends DocumentFilter {
        @Override
        public void insertString(FilterBypass to, int at, String text, AttributeSet attributes)
                throws BadLocationException {
            replace(to, at, 0, text, attributes);
        }

        @Override
        public void remove(FilterBypass from, int at, int length) throws BadLocationException {
            replace(from, at, length, "", null);
        }

        @Override
        public void replace(FilterBypass in, int at, int length, String text, AttributeSet attributes)
                throws BadLocationException {
            String before = text();
            String put = text == null ? "" : text;
            long over =
                    Values.size(before) - Values.size(before.substring(at, at + length)) + Values.size(put) - longest;
            in.replace(
                    at,
                    length,
                    over <= 0 ? put : Values.cut(put, (int) Math.max(0, Values.size(put) - over)),
                    attributes);
            history.done();
            if (!text().equals(before)) {
                happens();
            }
        }
    }

    /** No more characters than it holds (P4). */
    public final void longest(int most) {
        longest = most;
    }

    public final String text() {
        return field.getText();
    }

    /** Where it is another, the cursor stands before it (P7), and nothing of before can be undone. */
    public final void text(String other) {
        if (!Values.cut(other, longest).equals(text())) {
            field.setText(other);
            field.setCaretPosition(0);
            history.forget();
        }
    }

    // What is selected, in characters from 0 (P7)

    public final long selectionFrom() {
        return Values.size(text().substring(0, field.getSelectionStart()));
    }

    public final long selectionTo() {
        return Values.size(text().substring(0, field.getSelectionEnd()));
    }

    public final String selectionText() {
        return text().substring(field.getSelectionStart(), field.getSelectionEnd());
    }

    /** Selects from there on; fault X3 where the text has no such place. */
    public final void selectionFrom(long place) {
        select(place, Math.max(place, selectionTo()));
    }

    /** Selects as far as before that place; fault X3 where the text has no such place. */
    public final void selectionTo(long place) {
        select(Math.min(selectionFrom(), place), place);
    }

    /** As a person or a script does. */
    public final void select(long from, long to) {
        field.select(offset(from), offset(to));
    }

    private int offset(long place) {
        if (place < 0 || place > Values.size(text())) {
            throw new Fault("X3", "the text has no place " + place);
        }
        return text().offsetByCodePoints(0, (int) place);
    }

    /** Writes in place of what is selected, as pasting does; the cursor stands behind it. */
    public final void selectionText(String other) {
        field.replaceSelection(other);
    }

    /** As a person does: all is selected, and typed over. */
    public final void type(String text) {
        if (!usable()) {
            throw new IllegalStateException("nothing can be typed here");
        }
        field.setText(text);
        field.setCaretPosition(text().length());
    }

    @Override
    protected void apply() {
        field.setEnabled(enabled());
        field.setEditable(!readOnly());
    }

    @Override
    public final String content() {
        return text();
    }
}
