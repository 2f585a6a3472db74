package desk;

import java.util.concurrent.Callable;
import java.util.function.Consumer;

/** Who carries out tasks, off the interface's thread. */
public interface Worker {

    /**
     * Begins something.
     *
     * @param progress what it tells, and whether it is to end; of the window whose script began it
     * @param done hears how it ended, on the interface's thread
     */
    void begin(String name, Progress progress, Callable<? extends Ending> body, Consumer<Ending> done);
}
