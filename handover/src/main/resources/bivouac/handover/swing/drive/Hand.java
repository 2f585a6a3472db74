package drive;

import desk.DeskWindow;
import desk.Loop;
import frame.Choice;
import frame.EachPart;
import frame.Face;
import frame.FileDialog;
import frame.FrameWindow;
import frame.Gate;
import frame.Link;
import frame.MessageBox;
import frame.Part;
import frame.Picker;
import frame.Pressed;
import frame.RowTable;
import frame.SwingLoop;
import frame.TextPart;
import frame.WorkProgress;
import java.awt.EventQueue;
import java.awt.Toolkit;
import java.awt.event.ActionEvent;
import java.awt.event.KeyEvent;
import java.awt.event.MouseEvent;
import java.awt.event.WindowEvent;
import java.util.List;
import javax.swing.JComponent;
import javax.swing.KeyStroke;

/** What a hand does to the windows of Swing, without pointer and keyboard. */
final class Hand {

    private static boolean started;

    private Hand() {}

    /** Once for all trails. */
    static void startToolkit() {
        if (!started) {
            started = true;
            Gate.install();
            FileDialog.standIn(true);
        }
    }

    static void later(Runnable what) {
        EventQueue.invokeLater(what);
    }

    static Loop loop() {
        return new SwingLoop();
    }

    private static Part part(DeskWindow window, String name) {
        return ((Face) window).part(name);
    }

    private static RowTable<?> table(DeskWindow window, String name) {
        return (RowTable<?>) part(window, name);
    }

    static void press(DeskWindow window, String name) {
        switch (part(window, name)) {
            case Pressed pressed when pressed.usable() -> pressed.press();
            case Link link when link.usable() -> link.press();
            default -> throw new IllegalStateException(name + " cannot be pressed");
        }
    }

    static void pressRow(DeskWindow window, String name, int row) {
        ((EachPart<?>) part(window, name)).press(row);
    }

    static void cancel(DeskWindow window, String name) {
        ((WorkProgress) part(window, name)).cancel();
    }

    static void tick(DeskWindow window, String name) {
        press(window, name);
    }

    static void type(DeskWindow window, String name, String text) {
        ((TextPart) part(window, name)).type(text);
    }

    static void selectText(DeskWindow window, String name, int from, int to) {
        ((TextPart) part(window, name)).select(from, to);
    }

    static void choose(DeskWindow window, String name, String item) {
        ((Choice) part(window, name)).press(item);
    }

    static void select(DeskWindow window, String name, List<Integer> rows) {
        table(window, name).select(rows);
    }

    static void activate(DeskWindow window, String name) {
        JComponent table = table(window, name).component();
        table.dispatchEvent(new MouseEvent(
                table, MouseEvent.MOUSE_CLICKED, System.currentTimeMillis(), 0, 1, 1, 2, false, MouseEvent.BUTTON1));
    }

    static void delete(DeskWindow window, String name) {
        JComponent table = table(window, name).component();
        table.getActionMap().get("DELETE").actionPerformed(new ActionEvent(table, ActionEvent.ACTION_PERFORMED, ""));
    }

    static void closeBox(DeskWindow window) {
        var shell = ((FrameWindow) window).shell();
        Toolkit.getDefaultToolkit().getSystemEventQueue().postEvent(new WindowEvent(shell, WindowEvent.WINDOW_CLOSING));
    }

    static void escape(DeskWindow window) {
        var root = ((FrameWindow) window).root();
        root.getActionForKeyStroke(KeyStroke.getKeyStroke(KeyEvent.VK_ESCAPE, 0))
                .actionPerformed(new ActionEvent(root, ActionEvent.ACTION_PERFORMED, ""));
    }

    static void enter(DeskWindow window) {
        ((FrameWindow) window).root().getDefaultButton().doClick(0);
    }

    static void answer(DeskWindow window, String words) {
        ((MessageBox<?>) window).answer(words);
    }

    static void pick(DeskWindow window, String value) {
        ((Picker<?>) window).pick(value);
    }

    static void chooseFiles(DeskWindow window, List<String> paths, String filter) {
        ((FileDialog) window).choose(paths, filter);
    }

    static void takeOffScreen(DeskWindow window) {
        ((FrameWindow) window).shell().dispose();
    }
}
