package frame;

import desk.EachRow;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.function.Predicate;
import javax.swing.AbstractButton;
import javax.swing.JPanel;

/** A part of which there is one for each row of a list, or for each open window (P5). */
public abstract class EachPart<T> extends Part {

    private final EachRow<T> each;
    private final List<AbstractButton> buttons = new ArrayList<>();

    protected EachPart(Face window, String name, JPanel panel) {
        super(window, name, panel);
        this.each = new EachRow<>(window);
    }

    /** One more, the how-manieth from 0. */
    abstract AbstractButton make(int number);

    /** There are more or fewer. */
    abstract void arrange();

    final List<AbstractButton> buttons() {
        return buttons;
    }

    /** What is done about the row of the one that is pressed. */
    public final void onRow(Consumer<T> script) {
        each.onRow(script);
    }

    public final void tickedWhen(Predicate<T> condition) {
        each.tickedWhen(condition);
    }

    public final void enabledWhen(Predicate<T> condition) {
        each.enabledWhen(condition);
    }

    /** Shows these; what stands on one has no access key. */
    public final void rows(List<T> rows, Function<T, String> text) {
        each.show(rows, text);
        List<EachRow.Shown> shown = each.shown();
        int before = buttons.size();
        while (buttons.size() > shown.size()) {
            buttons.removeLast();
        }
        for (int i = buttons.size(); i < shown.size(); i++) {
            int number = i;
            AbstractButton button = make(number);
            button.putClientProperty("html.disable", true);
            button.addActionListener(e -> each.press(number));
            buttons.add(button);
        }
        for (int i = 0; i < shown.size(); i++) {
            show(buttons.get(i), shown.get(i));
        }
        if (before != shown.size()) {
            arrange();
        }
    }

    private void show(AbstractButton button, EachRow.Shown shown) {
        button.setText(shown.text());
        button.setSelected(shown.ticked());
        button.setEnabled(shown.enabled());
        button.setVisible(visible());
        button.setFont(component().getFont());
        button.setForeground(component().getForeground());
    }

    /** As a person does, by its number from 1. */
    public final void press(int number) {
        AbstractButton button = buttons.get(number - 1);
        if (!button.isEnabled()) {
            throw new IllegalStateException(name() + " cannot be pressed in row " + number);
        }
        button.doClick(0);
    }

    /** Of all of them; each also has a condition of its own. */
    @Override
    protected void apply() {
        each.enabled(enabled());
    }

    @Override
    public final String content() {
        return each.content();
    }

    @Override
    String line() {
        return content() + (visible() ? "" : " [invisible]");
    }
}
