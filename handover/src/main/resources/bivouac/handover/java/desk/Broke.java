package desk;

import java.util.concurrent.Callable;

/** The work of a task threw (W8), or said nothing of how it ended. Scripts meet it as an ending of their own task. */
public record Broke(String reason) implements Ending {

    /** How work ended: as it says; or it broke, which is told on the error output too, with where. */
    public static Ending orEnding(String name, Callable<? extends Ending> body) {
        try {
            Ending ending = body.call();
            return ending != null ? ending : new Broke("it did not say how it ended");
        } catch (Throwable failure) { // whatever it is: nobody else hears of it, and a script waits
            System.err.println("“" + name + "” broke:");
            failure.printStackTrace();
            String message = failure.getMessage();
            return new Broke(
                    message == null || message.isBlank() ? failure.getClass().getSimpleName() : message);
        }
    }
}
