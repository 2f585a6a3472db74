package frame;

import desk.Desk;
import desk.DeskWindow;
import desk.Ending;
import desk.Manner;
import desk.Way;
import java.awt.Component;
import java.awt.FlowLayout;
import java.util.List;
import javax.swing.Box;
import javax.swing.JButton;
import javax.swing.JLabel;
import javax.swing.JPanel;

/**
 * A message box (C7). It is drawn by the program itself, so that any buttons stand in any order, and it can be taken away.
 *
 * @param <A> its answers
 */
public final class MessageBox<A extends Enum<A> & Ending> extends Asked {

    private static final int COLUMNS = 34;

    private final String text;
    private final List<A> answers;
    private final A escape;

    /**
     * @param buttons what stands on each, in the order of the answers
     * @param usual the answer of Enter; null for none
     * @param escape the answer of close box and Escape; null for none
     */
    public MessageBox(
            Desk desk,
            String name,
            String icon,
            String title,
            String text,
            List<A> answers,
            List<String> buttons,
            A usual,
            A escape) {
        super(desk, name, false);
        this.text = text;
        this.answers = List.copyOf(answers);
        this.escape = escape;
        title(title);
        fixedSize();
        Box line = Box.createHorizontalBox();
        if (!icon.isEmpty()) {
            JLabel sign = new JLabel(icon);
            sign.setFont(sign.getFont().deriveFont(24f));
            line.add(sign);
            line.add(Box.createHorizontalStrut(12));
        }
        line.add(Prose.wrapped(text, COLUMNS));
        line.setAlignmentX(Component.LEFT_ALIGNMENT);
        JPanel bar = new JPanel(new FlowLayout(FlowLayout.TRAILING));
        bar.setAlignmentX(Component.LEFT_ALIGNMENT);
        for (A answer : answers) {
            JButton button = new JButton();
            Marked.put(button, buttons.get(answers.indexOf(answer)));
            button.addActionListener(e -> answer(answer));
            bar.add(button);
            if (answer == usual) {
                root.setDefaultButton(button);
            }
        }
        content.add(line);
        content.add(bar);
    }

    /** Asks, and waits for the answer. */
    @SuppressWarnings("unchecked")
    public A ask(DeskWindow asker, DeskWindow owner, Manner manner) {
        return (A) desk.ask(asker, owner, manner, this);
    }

    /** As pressing a button of it. */
    public void answer(A answer) {
        desk.answer(this, () -> answer);
    }

    /** The same, by the words of the answer; for those who drive it. */
    public void answer(String words) {
        answers.stream().filter(a -> a.words().equals(words)).findFirst().ifPresentOrElse(this::answer, () -> {
            throw new IllegalArgumentException("there is no answer " + words);
        });
    }

    @Override
    public void closeBoxUsed() {
        if (escape != null) {
            answer(escape);
        }
    }

    @Override
    protected Ending endingFor(Way way) {
        return escape;
    }

    @Override
    protected String asks() {
        return text;
    }
}
