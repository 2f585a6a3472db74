package frame;

import desk.Desk;
import desk.DeskWindow;
import desk.Outside;
import java.awt.BorderLayout;
import java.awt.Dialog;
import java.awt.Dimension;
import java.awt.Image;
import java.awt.Window;
import java.awt.event.KeyEvent;
import java.awt.event.WindowAdapter;
import java.awt.event.WindowEvent;
import java.net.URL;
import javax.swing.BorderFactory;
import javax.swing.BoxLayout;
import javax.swing.ImageIcon;
import javax.swing.JComponent;
import javax.swing.JDialog;
import javax.swing.JFrame;
import javax.swing.JPanel;
import javax.swing.JRootPane;
import javax.swing.KeyStroke;
import javax.swing.WindowConstants;

/**
 * A window of Swing. Its events pass the gate; Swing's own modality is not used (B7). The content is made first and its
 * shell when it is shown, since who owns it has to be known then.
 */
public abstract class FrameWindow extends DeskWindow {

    protected final JRootPane root = new JRootPane();
    protected final JPanel content = new JPanel();
    private Window shell;
    private String title = "";
    private Dimension size;
    private Dimension least;
    private boolean resizable = true;
    private boolean onTop;
    private Image icon;

    @SuppressWarnings("this-escape")
    protected FrameWindow(Desk desk, String name, Object key) {
        super(desk, name, key);
        content.setLayout(new BoxLayout(content, BoxLayout.Y_AXIS));
        content.setBorder(BorderFactory.createEmptyBorder(12, 12, 12, 12));
        root.getContentPane().add(content, BorderLayout.CENTER);
        root.registerKeyboardAction(
                e -> escape(), KeyStroke.getKeyStroke(KeyEvent.VK_ESCAPE, 0), JComponent.WHEN_IN_FOCUSED_WINDOW);
    }

    @SuppressWarnings("serial")
    private static final class Main extends JFrame {
        Main(JRootPane root) {
            setRootPane(root);
            setDefaultCloseOperation(WindowConstants.DO_NOTHING_ON_CLOSE);
        }
    }

    @SuppressWarnings("serial")
    private static final class Owned extends JDialog {
        Owned(Window owner, JRootPane root) {
            super(owner, Dialog.ModalityType.MODELESS);
            setRootPane(root);
            setDefaultCloseOperation(WindowConstants.DO_NOTHING_ON_CLOSE);
        }
    }

    public final JRootPane root() {
        return root;
    }

    /** What is on the screen; null before it has been shown. */
    public final Window shell() {
        return shell;
    }

    // What a design says of it

    protected final void size(int width, int height) {
        size = new Dimension(width, height);
    }

    protected final void least(int width, int height) {
        least = new Dimension(width, height);
    }

    protected final void fixedSize() {
        resizable = false;
    }

    protected final void alwaysOnTop() {
        onTop = true;
    }

    /** The picture that stands for it; one that cannot be read is none. */
    protected final void icon(String file) {
        URL found = FrameWindow.class.getResource("/" + file);
        icon = found == null ? null : new ImageIcon(found).getImage();
    }

    @Override
    public String title() {
        return title;
    }

    public final void title(String other) {
        title = other;
        switch (shell) {
            case JFrame frame -> frame.setTitle(other);
            case JDialog dialog -> dialog.setTitle(other);
            case null, default -> {}
        }
    }

    // What the desk asks

    @Override
    protected void show() {
        Window above = owner() instanceof FrameWindow w ? w.shell : null;
        if (above == null) {
            JFrame frame = new Main(root);
            frame.setResizable(resizable);
            shell = frame;
        } else {
            JDialog dialog = new Owned(above, root);
            dialog.setResizable(resizable);
            shell = dialog;
        }
        title(title);
        Gate.add(shell, this);
        shell.addWindowListener(new WindowAdapter() {
            @Override
            public void windowClosing(WindowEvent e) {
                closeBox();
            }
        });
        if (icon != null) {
            shell.setIconImage(icon);
        }
        if (hears(Outside.FILES_DROPPED)) {
            root.setTransferHandler(new DroppedFiles(files -> desk.filesDropped(this, files)));
        }
        shell.setMinimumSize(least);
        shell.setAlwaysOnTop(onTop);
        shell.pack();
        if (size != null) {
            shell.setSize(size);
        }
        shell.setLocationRelativeTo(above);
        shell.setVisible(true);
    }

    @Override
    protected void toFront() {
        if (shell != null) {
            shell.toFront();
            shell.requestFocus();
        }
    }

    @Override
    protected void leaveScreen() {
        if (shell != null) {
            shell.dispose();
        }
    }

    @Override
    protected void showHidden(boolean hidden) {
        if (shell != null && shell.isVisible() == hidden) {
            shell.setVisible(!hidden);
        }
    }
}
