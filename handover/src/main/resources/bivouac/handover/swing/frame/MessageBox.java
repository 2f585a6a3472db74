package frame;

import desk.Desk;
import desk.Ending;
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
public final class MessageBox<A extends Enum<A> & Ending> extends Question<A> {

    private static final int COLUMNS = 34;

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
        super(desk, name, text, answers, escape);
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
}
