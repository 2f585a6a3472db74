package bivouac.desktop.work;

import bivouac.log.Log;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.util.Set;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.Executor;
import java.util.concurrent.RejectedExecutionException;
import java.util.function.Consumer;
import java.util.function.Supplier;

/**
 * The one way in which work is done off the interface thread: what fails there, or where its result is shown, is told as
 * a {@link Trouble}, and the tool goes on.
 */
public final class Background {

    private final Executor here;
    private final Consumer<Trouble> told;
    /** Asked before each piece of work, with what it is; for the tests that let each fail. */
    private final Consumer<String> before;

    private final Set<CompletableFuture<Void>> running = ConcurrentHashMap.newKeySet();

    /** @param here runs tasks on the interface thread */
    public Background(Executor here, Consumer<Trouble> told) {
        this(here, told, what -> {});
    }

    Background(Executor here, Consumer<Trouble> told, Consumer<String> before) {
        this.here = here;
        this.told = told;
        this.before = before;
    }

    /**
     * Does something elsewhere, and something with its result here.
     *
     * @param on where it is done
     * @param what it is, to stand before “failed”: {@code checking the design}
     * @return done when all of it is, however it ended
     */
    public <T> CompletableFuture<Void> run(Executor on, String what, Supplier<T> task, Consumer<T> then) {
        try {
            CompletableFuture<Void> run = CompletableFuture.supplyAsync(
                            () -> {
                                before.accept(what);
                                return task.get();
                            },
                            on)
                    .thenAcceptAsync(then, here)
                    .exceptionallyAsync(
                            failure -> {
                                told.accept(Trouble.of(what, cause(failure)));
                                return null;
                            },
                            here);
            running.add(run);
            run.whenComplete((done, failure) -> running.remove(run));
            return run;
        } catch (RejectedExecutionException leaving) {
            // the tool is closing, and nobody waits for this any more
            return CompletableFuture.completedFuture(null);
        }
    }

    /** As {@link #run}, for what nobody waits for: {@link #settled} does not. */
    public <T> void apart(Executor on, String what, Supplier<T> task, Consumer<T> then) {
        CompletableFuture<Void> run = run(on, what, task, then);
        running.remove(run);
    }

    /** Done when nothing is on its way any more, what one piece of work has led to included. */
    public CompletableFuture<Void> settled() {
        CompletableFuture<?>[] now = running.stream().filter(r -> !r.isDone()).toArray(CompletableFuture[]::new);
        return now.length == 0
                ? CompletableFuture.completedFuture(null)
                : CompletableFuture.allOf(now).thenCompose(v -> settled());
    }

    private static Throwable cause(Throwable failure) {
        return failure instanceof java.util.concurrent.CompletionException && failure.getCause() != null
                ? failure.getCause()
                : failure;
    }

    /**
     * Something that Bivouac itself could not do.
     *
     * @param sentence what failed and why, for the foot strip
     * @param details all that is known, to be copied for a report
     */
    public record Trouble(String sentence, String details) {

        static Trouble of(String what, Throwable failure) {
            Log.failed(what, failure);
            var details = new StringWriter();
            failure.printStackTrace(new PrintWriter(details, true));
            String why = failure.getMessage() == null ? failure.getClass().getSimpleName() : failure.getMessage();
            String begun = Character.toUpperCase(what.charAt(0)) + what.substring(1);
            return new Trouble(
                    begun + " failed: " + why + ". What is shown may be of before; the design itself is not touched.",
                    begun + " failed.\n" + details + "What the tool wrote down of it lies in " + Log.file() + ".\n");
        }
    }
}
