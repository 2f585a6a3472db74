package frame;

import desk.Desk;
import desk.DeskWindow;
import desk.Ending;
import desk.Manner;
import desk.Way;
import java.util.function.Function;

/** What a picker asks, and how it is answered (C8). */
public abstract class Picking<T> extends Asked {

    /** How it ended. */
    public sealed interface Result<T> extends Ending {}

    public record Picked<T>(T value) implements Result<T> {}

    public record Cancelled<T>() implements Result<T> {}

    private final Function<String, T> read;

    /** @param read makes a value of what is written */
    protected Picking(Desk desk, String name, Function<String, T> read) {
        super(desk, name, true);
        this.read = read;
    }

    /** Asks, and waits for the answer. */
    @SuppressWarnings("unchecked")
    public Result<T> ask(DeskWindow asker, DeskWindow owner, Manner manner) {
        return (Result<T>) desk.ask(asker, owner, manner, this);
    }

    /** What a person picks, as it is written. */
    public void pick(String value) {
        desk.answer(this, () -> new Picked<>(read.apply(value)));
    }

    @Override
    public void closeBoxUsed() {
        desk.answer(this, Cancelled<T>::new);
    }

    @Override
    protected Ending endingFor(Way way) {
        return new Cancelled<T>();
    }
}
