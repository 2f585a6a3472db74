package frame;

import desk.Loop;
import java.awt.EventQueue;
import java.awt.SecondaryLoop;
import java.awt.Toolkit;
import java.util.HashMap;
import java.util.Map;
import javax.swing.Timer;

/** Waits by nested event loops: they end last in, first out, and so do the waits of scripts (W2). */
public final class SwingLoop implements Loop {

    private final Map<Object, SecondaryLoop> loops = new HashMap<>();

    @Override
    public void enter(Object key) {
        SecondaryLoop loop = Toolkit.getDefaultToolkit().getSystemEventQueue().createSecondaryLoop();
        loops.put(key, loop);
        loop.enter();
    }

    @Override
    public void exit(Object key) {
        SecondaryLoop loop = loops.remove(key);
        if (loop != null) {
            loop.exit();
        }
    }

    @Override
    public void later(Runnable what) {
        EventQueue.invokeLater(what);
    }

    @Override
    public Ticking every(double seconds, Runnable what) {
        // posted: a timer tells nothing more while its last tick waits in a nested loop
        Timer timer = new Timer(Math.clamp(Math.round(seconds * 1000), 1, Integer.MAX_VALUE), e -> later(what));
        timer.start();
        return timer::stop;
    }
}
