package frame;

import desk.Values;
import javax.swing.text.AbstractDocument;
import javax.swing.text.AttributeSet;
import javax.swing.text.BadLocationException;
import javax.swing.text.DocumentFilter;
import javax.swing.text.JTextComponent;

/** What a person types in. Swing replaces text in two changes; a filter of the document sees one, which is one event. */
public abstract class TextPart extends Part {

    private final JTextComponent field;
    private int longest = Integer.MAX_VALUE;

    @SuppressWarnings("this-escape")
    protected TextPart(Face window, String name, JTextComponent field) {
        super(window, name, field);
        this.field = field;
        ((AbstractDocument) field.getDocument()).setDocumentFilter(new Changes());
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

    public final void text(String other) {
        field.setText(other);
    }

    /** As a person does: all is selected, and typed over. */
    public final void type(String text) {
        if (!usable()) {
            throw new IllegalStateException("nothing can be typed here");
        }
        field.setText(text);
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
