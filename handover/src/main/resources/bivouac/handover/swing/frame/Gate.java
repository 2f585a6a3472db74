package frame;

import java.awt.AWTEvent;
import java.awt.Component;
import java.awt.Dialog;
import java.awt.EventQueue;
import java.awt.Frame;
import java.awt.Toolkit;
import java.awt.event.InputEvent;
import java.awt.event.KeyEvent;
import java.awt.event.MouseEvent;
import java.awt.event.WindowEvent;
import java.util.Map;
import java.util.Optional;
import java.util.WeakHashMap;
import javax.swing.JFrame;
import javax.swing.SwingUtilities;

/** Keeps keys, pointer and close box from blocked windows (B3): one queue for all, before any part sees the event. */
public final class Gate extends EventQueue {

    private static final Map<Component, FrameWindow> WINDOWS = new WeakHashMap<>();

    private Gate() {}

    /** Once, before the first window. */
    public static void install() {
        Toolkit.getDefaultToolkit().getSystemEventQueue().push(new Gate());
        new JFrame().addNotify(); // else Java ends where no window is on the screen, and the application still runs
    }

    static void add(Component shell, FrameWindow window) {
        WINDOWS.put(shell, window);
    }

    @Override
    protected void dispatchEvent(AWTEvent event) {
        boolean fromPerson = event instanceof InputEvent || event.getID() == WindowEvent.WINDOW_CLOSING;
        if (!fromPerson
                || !(event.getSource() instanceof Component component)
                || window(component)
                        .filter(w -> w.desk().blocked(w) && !isCancelling(w, event))
                        .isEmpty()) {
            super.dispatchEvent(event);
        }
    }

    /** All that a person can do while work is waited for: ask it to end, where a window shows it (B3, W10). */
    private static boolean isCancelling(FrameWindow window, AWTEvent event) {
        return window.desk().isCancelling(window)
                && switch (event) {
                    case WindowEvent closing -> true;
                    case KeyEvent key ->
                        key.getKeyCode() == KeyEvent.VK_ESCAPE || WorkProgress.isCancel(key.getComponent());
                    case MouseEvent mouse ->
                        WorkProgress.isCancel(
                                SwingUtilities.getDeepestComponentAt(mouse.getComponent(), mouse.getX(), mouse.getY()));
                    default -> false;
                };
    }

    /** The parent of a popup is the window below; a dialog of the system's own is nobody's. */
    private static Optional<FrameWindow> window(Component component) {
        for (Component c = component; c != null; c = c.getParent()) {
            FrameWindow window = WINDOWS.get(c);
            if (window != null || c instanceof Dialog || c instanceof Frame) {
                return Optional.ofNullable(window);
            }
        }
        return Optional.empty();
    }
}
