package bivouac.desktop.widget;

import java.util.ArrayDeque;
import java.util.Deque;
import java.util.List;
import java.util.concurrent.CompletableFuture;
import javafx.animation.AnimationTimer;
import javafx.scene.Parent;

/**
 * Does the parts of a long drawing one frame after the other, at the {@link Pace} of the painter, so that what a person
 * looks at is seen first, and the keyboard and mouse are heard in between. What is asked for anew replaces what is left.
 */
public final class NextFrames {

    private final Deque<Runnable> left = new ArrayDeque<>();
    private CompletableFuture<Void> done = CompletableFuture.completedFuture(null);
    private final Pace pace = new Pace();
    private final Parent drawn;
    /** The frame in which it was asked for shows what was drawn at once. */
    private boolean first;

    private final AnimationTimer timer = new AnimationTimer() {
        @Override
        public void handle(long now) {
            frame();
        }
    };

    /** @param drawn where the parts stand */
    public NextFrames(Parent drawn) {
        this.drawn = drawn;
    }

    /** Does these in the frames that follow the next one, and nothing of what was asked for before. */
    public void draw(List<Runnable> parts) {
        left.clear();
        left.addAll(parts);
        first = true;
        pace.begin();
        go();
    }

    /** Does one more part, when what was asked for before is done. */
    public void also(Runnable part) {
        left.add(part);
        go();
    }

    private void go() {
        if (done.isDone()) {
            done = new CompletableFuture<>();
            timer.start();
        }
    }

    private void frame() {
        if (first) {
            first = false;
            pace.drew(System.nanoTime());
            return;
        }
        if (!pace.mayDraw(System.nanoTime())) {
            return;
        }
        Runnable part = left.poll();
        try {
            if (part != null) {
                part.run();
                Ui.settle(drawn);
            }
        } finally {
            pace.drew(System.nanoTime());
            if (left.isEmpty()) {
                timer.stop();
                done.complete(null);
            }
        }
    }

    /** Done when nothing is left. */
    public CompletableFuture<Void> done() {
        return done;
    }
}
