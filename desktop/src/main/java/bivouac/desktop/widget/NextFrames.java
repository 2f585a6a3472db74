package bivouac.desktop.widget;

import java.util.ArrayDeque;
import java.util.Deque;
import java.util.List;
import java.util.concurrent.CompletableFuture;
import javafx.animation.AnimationTimer;

/**
 * Does the parts of a long drawing one frame after the other, at the {@link Pace} of the painter, so that what a person
 * looks at is seen first, and the keyboard and mouse are heard in between. What is asked for anew replaces what is left.
 */
public final class NextFrames {

    private final Deque<Runnable> left = new ArrayDeque<>();
    private CompletableFuture<Void> done = CompletableFuture.completedFuture(null);
    private final Pace pace = new Pace();
    /** The frame in which it was asked for shows what was drawn at once. */
    private boolean first;

    private final AnimationTimer timer = new AnimationTimer() {
        @Override
        public void handle(long now) {
            frame();
        }
    };

    /** Does these in the frames that follow the next one. */
    public void draw(List<Runnable> parts) {
        left.clear();
        left.addAll(parts);
        first = true;
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
