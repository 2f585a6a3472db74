package frame;

import desk.Broke;
import desk.Ending;
import desk.Progress;
import desk.Worker;
import java.awt.EventQueue;
import java.util.concurrent.Callable;
import java.util.function.Consumer;

/** Carries tasks out on a thread of their own; one that throws has broken (W8). */
public final class Background implements Worker {

    @Override
    public void begin(String name, Progress progress, Callable<? extends Ending> body, Consumer<Ending> done) {
        Thread.ofVirtual().name(name).start(() -> {
            Ending ending = Broke.orEnding(name, body);
            EventQueue.invokeLater(() -> done.accept(ending));
        });
    }
}
