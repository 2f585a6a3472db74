package frame;

import desk.Loop;
import javafx.animation.Animation;
import javafx.animation.KeyFrame;
import javafx.animation.Timeline;
import javafx.application.Platform;
import javafx.util.Duration;

/** Waits by nested event loops: they end last in, first out, and so do the waits of scripts (W2). */
public final class FxLoop implements Loop {

    @Override
    public void enter(Object key) {
        Platform.enterNestedEventLoop(key);
    }

    @Override
    public void exit(Object key) {
        if (Platform.isNestedLoopRunning()) {
            try {
                Platform.exitNestedEventLoop(key, null);
            } catch (IllegalArgumentException notEntered) {
                // it is over before it began to wait
            }
        }
    }

    @Override
    public void later(Runnable what) {
        Platform.runLater(what);
    }

    @Override
    public Ticking every(double seconds, Runnable what) {
        // posted: a nested loop cannot begin within an animation
        Timeline line = new Timeline(new KeyFrame(Duration.seconds(seconds), e -> Platform.runLater(what)));
        line.setCycleCount(Animation.INDEFINITE);
        line.play();
        return line::stop;
    }
}
