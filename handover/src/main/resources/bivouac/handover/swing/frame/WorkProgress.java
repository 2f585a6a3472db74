package frame;

import desk.WorkShown;
import java.awt.BorderLayout;
import java.awt.Component;
import javax.swing.JButton;
import javax.swing.JLabel;
import javax.swing.JPanel;
import javax.swing.JProgressBar;

/** How far the work of a task is: a bar, a line of text, and where it may be cancelled a button for that (W9, W10). */
public final class WorkProgress extends Part implements WorkShown {

    private static final String CANCEL = "asks work to end";

    private final String task;
    private final JProgressBar bar = (JProgressBar) component();
    private final JLabel line = new JLabel(" ");
    private final JButton cancel = new JButton();
    private String text = "";
    private boolean cancellable;

    /** @param cancelText what stands on the button; empty where the work cannot be cancelled */
    @SuppressWarnings("this-escape")
    public WorkProgress(Face window, String name, String task, String cancelText) {
        super(window, name, new JProgressBar(0, 100));
        this.task = task;
        line.putClientProperty("html.disable", true);
        cancel.putClientProperty("html.disable", true);
        cancel.putClientProperty(CANCEL, true);
        Marked.put(cancel, cancelText);
        cancel.setVisible(!cancelText.isEmpty());
        cancel.setEnabled(false);
        cancel.addActionListener(e -> window.desk().cancel(window, this));
        JPanel both = new JPanel(new BorderLayout(8, 2));
        both.add(bar, BorderLayout.CENTER);
        both.add(line, BorderLayout.SOUTH);
        both.add(cancel, BorderLayout.EAST);
        showIn(both);
    }

    /** Whether it is the button of one of these, which hears a person while all else is blocked (B3). */
    static boolean isCancel(Component component) {
        return component instanceof JButton button && button.getClientProperty(CANCEL) != null;
    }

    @Override
    boolean isWide() {
        return true;
    }

    @Override
    public String task() {
        return task;
    }

    @Override
    public void told(int done, String said) {
        bar.setValue(done);
        text = said;
        line.setText(said.isEmpty() ? " " : said);
    }

    @Override
    public void cancellable(boolean yes) {
        cancellable = yes;
        apply();
    }

    @Override
    protected void apply() {
        super.apply();
        cancel.setEnabled(cancellable && usable());
    }

    /** How much is done, from 0 to 100. */
    public long done() {
        return bar.getValue();
    }

    public String text() {
        return text;
    }

    /** As a person does: nothing happens where it cannot be used. */
    public void cancel() {
        cancel.doClick(0);
    }

    @Override
    public String content() {
        return done() + " %" + (text.isEmpty() ? "" : " " + text)
                + (window.desk().canCancel(this) ? " [cancel]" : "");
    }
}
