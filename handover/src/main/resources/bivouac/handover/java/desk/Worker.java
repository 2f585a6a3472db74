package desk;

import java.util.concurrent.Callable;
import java.util.function.Consumer;

/** Who carries out tasks, off the interface's thread. */
public interface Worker {

    /**
     * Begins something.
     *
     * @param of the window whose script began it; null for the application
     * @param done hears how it ended, on the interface's thread
     */
    void begin(String name, DeskWindow of, Callable<? extends Ending> body, Consumer<Ending> done);
}
