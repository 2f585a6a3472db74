package frame;

import desk.DeskWindow;
import desk.Ending;
import desk.Worker;
import java.util.concurrent.Callable;
import java.util.function.Consumer;
import javafx.application.Platform;

/** Carries tasks out on a thread of their own; an exception goes to the thread's handler, and the task does not end. */
public final class FxWorker implements Worker {

    @Override
    public void begin(String name, DeskWindow of, Callable<? extends Ending> body, Consumer<Ending> done) {
        Thread.ofVirtual().name(name).start(() -> {
            try {
                Ending ending = body.call();
                Platform.runLater(() -> done.accept(ending));
            } catch (Exception failure) {
                throw new IllegalStateException("“" + name + "” should say how it ended, and threw", failure);
            }
        });
    }
}
