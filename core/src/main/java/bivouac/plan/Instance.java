package bivouac.plan;

import bivouac.expression.Value;
import java.util.Optional;

/** An open window, as those see it who read and set what it holds. */
public interface Instance {

    WindowPlan plan();

    /** The number in a slot: of a value, or one that the slot itself counts. */
    int get(int slot);

    void set(int slot, int number);

    Value value(int slot);

    void set(int slot, Value value);

    /** O5: the window that owns it now. */
    Optional<Instance> owner();

    /** The window whose script opened it, while that is open; known only where something names it. */
    Optional<Instance> opener();

    /** O9: the window that a variable of this one keeps, by the variable's number among those; empty if it is not open. */
    Optional<Instance> kept(int number);

    /** As people name it: its shown name, and which one if there are several. */
    String named();
}
