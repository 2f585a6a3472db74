package desk;

/** A part of a window that shows how far the work of a task is (W9), and can ask it to end (W10). */
public interface WorkShown {

    String task();

    /** @param done from 0 to 100 */
    void told(int done, String line);

    /** Whether the work can be asked to end now. */
    void cancellable(boolean yes);
}
