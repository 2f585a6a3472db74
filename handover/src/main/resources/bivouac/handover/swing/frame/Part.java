package frame;

import java.awt.Color;
import java.awt.Component;
import java.awt.Font;
import javax.swing.JComponent;

/** A part of a window (P1, P2). It has the name that the design gives it; the developer's tests find it by that. */
public abstract class Part {

    protected final Face window;
    private final String name;
    private final JComponent component;
    private final Font usual;
    private final Color black;
    private JComponent shown;
    private Runnable script = () -> {};
    private boolean enabled = true;
    private boolean visible = true;
    private boolean readOnly;
    private boolean changed;
    private String label = "";
    private String font = "";
    private String colour = "";
    /** What stands beside it, and goes with it. */
    Component besides;

    @SuppressWarnings("this-escape")
    protected Part(Face window, String name, JComponent component) {
        this.window = window;
        this.name = name;
        this.component = component;
        this.shown = component;
        this.usual = component.getFont();
        this.black = component.getForeground();
        window.add(name, this);
    }

    /** What the toolkit has for it. */
    public JComponent component() {
        return component;
    }

    /** What is laid out: the component, or what it is scrolled in. */
    final JComponent shown() {
        return shown;
    }

    protected final void showIn(JComponent other) {
        shown = other;
    }

    /** Whether it takes the height that is left. */
    boolean isTall() {
        return false;
    }

    /** Whether it takes the width that is left. */
    boolean isWide() {
        return !label.isEmpty() || isTall();
    }

    public final String name() {
        return name;
    }

    /** What is done when it is pressed, chosen, changed, followed, or a row of it selected. */
    public final void on(Runnable other) {
        script = other;
    }

    /** A person did something; a change made by a script is none, since the desk is not at rest then (P2). */
    protected final void happens() {
        changed = true;
        happens(script);
    }

    /** Whether a person has changed it since a script has said that it is not (P1). */
    public final boolean changed() {
        return changed;
    }

    public final void changed(boolean other) {
        changed = other;
    }

    protected final void happens(Runnable what) {
        window.desk().event(window, what);
    }

    public final String label() {
        return label;
    }

    /** What stands before it, with its access key. */
    public final void label(String marked) {
        label = marked;
    }

    public final void requestFocus() {
        component.requestFocusInWindow();
    }

    // What can be seen of it

    public final boolean enabled() {
        return enabled;
    }

    public final void enabled(boolean yes) {
        enabled = yes;
        apply();
    }

    public final boolean visible() {
        return visible;
    }

    public final void visible(boolean yes) {
        visible = yes;
        shown.setVisible(yes);
        if (besides != null) {
            besides.setVisible(yes);
        }
    }

    public final boolean readOnly() {
        return readOnly;
    }

    /** A read-only part takes no change from a person; scripts change it. */
    public final void readOnly(boolean yes) {
        readOnly = yes;
        apply();
    }

    /** Whether a person can do something with it. */
    public final boolean usable() {
        return enabled && !readOnly;
    }

    /** Shows whether it is enabled and can be changed. */
    protected void apply() {
        component.setEnabled(usable());
    }

    public final String font() {
        return font;
    }

    /** A font as pickers give it: a family and a size. */
    public final void font(String other) {
        font = other;
        int space = other.lastIndexOf(' ');
        boolean said = space > 0 && other.substring(space + 1).matches("[0-9]{1,3}");
        component.setFont(
                said
                        ? new Font(other.substring(0, space), Font.PLAIN, Integer.parseInt(other.substring(space + 1)))
                        : usual);
    }

    public final String colour() {
        return colour;
    }

    public final void colour(String other) {
        colour = other;
        component.setForeground(other.matches("#[0-9a-fA-F]{6}") ? Color.decode(other) : black);
    }

    /** What it shows, for those who compare. */
    public abstract String content();

    /** The same, with whether it can be used and is seen. */
    String line() {
        boolean seen = visible && Pages.shows(shown);
        return content() + (enabled ? "" : " [disabled]") + (seen ? "" : " [invisible]");
    }
}
