package frame;

import javax.swing.AbstractButton;

/** A part that a person presses: a button, a tick box, a command of a menu. */
public abstract class Pressed extends Part {

    private final AbstractButton button = (AbstractButton) component();
    private String marked = "";

    @SuppressWarnings("this-escape")
    protected Pressed(Face window, String name, AbstractButton made) {
        super(window, name, made);
        button.putClientProperty("html.disable", true);
        button.addActionListener(e -> pressed());
    }

    protected void pressed() {
        happens();
    }

    /** With {@code &} before its access key. */
    public final String text() {
        return marked;
    }

    public final void text(String other) {
        marked = other;
        Marked.put(button, other);
    }

    public final boolean ticked() {
        return button.isSelected();
    }

    public final void ticked(boolean yes) {
        button.setSelected(yes);
    }

    /** As a person does: nothing happens where it is disabled. */
    public final void press() {
        button.doClick(0);
    }

    @Override
    public final String content() {
        return Marked.plain(marked) + (ticked() ? " [ticked]" : "");
    }
}
