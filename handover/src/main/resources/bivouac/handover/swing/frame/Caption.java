package frame;

import javax.swing.JTextArea;

/** A text on the window. */
public final class Caption extends Part {

    private final JTextArea text = (JTextArea) component();

    public Caption(Face window, String name) {
        super(window, name, Prose.of(""));
    }

    /** Larger or smaller than the others. */
    public void times(float factor) {
        text.setFont(text.getFont().deriveFont(text.getFont().getSize2D() * factor));
    }

    public String text() {
        return text.getText();
    }

    public void text(String other) {
        text.setText(other);
    }

    @Override
    protected void apply() {
        text.setEnabled(enabled());
    }

    @Override
    public String content() {
        return text();
    }
}
