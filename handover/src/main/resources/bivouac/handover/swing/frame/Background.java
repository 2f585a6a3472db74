package frame;

import desk.DeskWindow;
import desk.Ending;
import desk.Worker;
import java.awt.EventQueue;
import java.util.concurrent.Callable;
import java.util.function.Consumer;

/** Carries tasks out on a thread of their own; an exception goes to the thread's handler, and the task does not end. */
public final class Background implements Worker {

    @Override
    public void begin(String name, DeskWindow of, Callable<? extends Ending> body, Consumer<Ending> done) {
        Thread.ofVirtual().name(name).start(() -> {
            try {
                Ending ending = body.call();
                EventQueue.invokeLater(() -> done.accept(ending));
            } catch (Exception failure) {
                throw new IllegalStateException("“" + name + "” should say how it ended, and threw", failure);
            }
        });
    }
}
