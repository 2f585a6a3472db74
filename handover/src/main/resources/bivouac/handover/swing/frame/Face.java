package frame;

import desk.Desk;
import java.awt.BorderLayout;
import java.awt.Component;
import java.awt.Dimension;
import java.awt.GridBagConstraints;
import java.awt.GridBagLayout;
import java.awt.Insets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import javax.swing.BorderFactory;
import javax.swing.BoxLayout;
import javax.swing.JLabel;
import javax.swing.JMenu;
import javax.swing.JMenuBar;
import javax.swing.JPanel;
import javax.swing.JToolBar;

/** A window with parts: how they are laid out, and where those who drive it find them. */
public abstract class Face extends FrameWindow {

    private static final int LABEL = 90;

    private final Map<String, Part> parts = new LinkedHashMap<>();
    private TextPart last;

    protected Face(Desk desk, String name, Object key) {
        super(desk, name, key);
    }

    /** The field that has the keyboard, or had it last. */
    final void writesIn(TextPart field) {
        last = field;
    }

    /** Does to that field what every field can; nothing where there was none yet (P6). */
    final void edit(Editing what) {
        if (last != null && last.enabled()) {
            last.requestFocus();
            last.edit(what);
        }
    }

    final void add(String name, Part part) {
        parts.put(name, part);
        if (part instanceof WorkProgress progress) {
            shows(progress);
        }
    }

    /** What it starts with nobody has changed (P1). */
    @Override
    protected void show() {
        parts.values().forEach(part -> part.changed(false));
        super.show();
    }

    // Laying out

    /** A menu of the window's bar; null stands for a line. */
    protected final void menu(String marked, InMenu... commands) {
        JMenuBar bar = root.getJMenuBar();
        if (bar == null) {
            bar = new JMenuBar();
            root.setJMenuBar(bar);
        }
        JMenu menu = new JMenu();
        Marked.put(menu, marked);
        for (InMenu command : commands) {
            if (command != null) {
                command.whenOthers(() -> arrange(menu, commands));
            }
        }
        arrange(menu, commands);
        bar.add(menu);
    }

    /** A line stands only between two commands. */
    private static void arrange(JMenu menu, InMenu... commands) {
        menu.removeAll();
        boolean separates = false;
        for (InMenu command : commands) {
            separates |= command == null;
            if (command != null && !command.items().isEmpty()) {
                if (separates && menu.getItemCount() > 0) {
                    menu.addSeparator();
                }
                separates = false;
                command.items().forEach(menu::add);
            }
        }
    }

    protected final void row(Part... parts) {
        content.add(line(parts));
    }

    protected final void group(String title, JPanel... lines) {
        content.add(framed(title, lines));
    }

    /** What stands on a page; laid out before the pages are (P8). */
    protected static void page(Choice pages, String item, JPanel... lines) {
        for (JPanel line : lines) {
            pages.page(item).add(line);
        }
    }

    /** The line at the foot of the window (P8). */
    protected final void statusLine(Part... parts) {
        JPanel foot = line(parts);
        foot.setBorder(BorderFactory.createCompoundBorder(
                BorderFactory.createMatteBorder(1, 0, 0, 0, foot.getBackground().darker()),
                BorderFactory.createEmptyBorder(0, 12, 0, 12)));
        root.getContentPane().add(foot, BorderLayout.SOUTH);
    }

    /** Commands of the menus, once more in a row of tools (P8). */
    protected final void tools(MenuCommand... commands) {
        JToolBar bar = new JToolBar();
        bar.setFloatable(false);
        for (MenuCommand command : commands) {
            bar.add(command.tool());
        }
        root.getContentPane().add(bar, BorderLayout.NORTH);
    }

    protected static JPanel framed(String title, JPanel... lines) {
        JPanel panel = new JPanel();
        panel.setLayout(new BoxLayout(panel, BoxLayout.Y_AXIS));
        panel.setBorder(BorderFactory.createTitledBorder(title));
        panel.setAlignmentX(Component.LEFT_ALIGNMENT);
        for (JPanel line : lines) {
            panel.add(line);
        }
        return panel;
    }

    protected static JPanel line(Part... parts) {
        boolean tall = false;
        boolean wide = false;
        JPanel line = new JPanel(new GridBagLayout());
        GridBagConstraints at = new GridBagConstraints();
        at.insets = new Insets(3, 0, 3, 8);
        at.anchor = GridBagConstraints.BASELINE_LEADING;
        for (Part part : parts) {
            tall |= part.isTall();
            wide |= part.isWide();
            if (!part.label().isEmpty()) {
                at.weightx = 0;
                at.fill = GridBagConstraints.NONE;
                at.anchor = part.isTall() ? GridBagConstraints.FIRST_LINE_START : GridBagConstraints.BASELINE_LEADING;
                line.add(labelOf(part), at);
            }
            at.weightx = part.isWide() ? 1 : 0;
            at.weighty = part.isTall() ? 1 : 0;
            at.fill = part.isTall()
                    ? GridBagConstraints.BOTH
                    : part.isWide() ? GridBagConstraints.HORIZONTAL : GridBagConstraints.NONE;
            line.add(part.shown(), at);
        }
        if (!wide) {
            at.weightx = 1;
            line.add(new JPanel(new BorderLayout()), at);
        }
        line.setAlignmentX(Component.LEFT_ALIGNMENT);
        if (!tall) {
            line.setMaximumSize(new Dimension(Integer.MAX_VALUE, line.getPreferredSize().height));
        }
        return line;
    }

    /** A field behind its label, whose access key leads to it. */
    private static JLabel labelOf(Part part) {
        JLabel label = new JLabel();
        label.putClientProperty("html.disable", true);
        Marked.put(label, part.label());
        label.setLabelFor(part.component());
        Dimension usual = label.getPreferredSize();
        label.setPreferredSize(new Dimension(Math.max(LABEL, usual.width), usual.height));
        label.setVisible(part.visible());
        part.besides = label;
        return label;
    }

    /** A text of the application, with its values. */
    public static String text(String key, Object... values) {
        return Texts.text(key, values);
    }

    // For those who drive and compare

    /** A part by its name. */
    public final Part part(String name) {
        Part part = parts.get(name);
        if (part == null) {
            throw new IllegalArgumentException(name() + " has no part " + name);
        }
        return part;
    }

    @Override
    public List<String> seen() {
        List<String> lines = new ArrayList<>();
        parts.forEach((name, part) -> lines.add(name + ": " + part.line()));
        return lines;
    }
}
