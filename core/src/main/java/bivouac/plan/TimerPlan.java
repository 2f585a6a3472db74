package bivouac.plan;

import bivouac.design.Timer;
import bivouac.expression.Compiled;
import java.util.ArrayList;
import java.util.List;

/** A timer, compiled (V4). */
public final class TimerPlan {

    private final int number;
    private final Timer timer;
    private final int slot;
    private final Compiled<Reading> every;
    private ScriptPlan script;

    private TimerPlan(int number, Timer timer, int slot, Compiled<Reading> every) {
        this.number = number;
        this.timer = timer;
        this.slot = slot;
        this.every = every;
    }

    /** Timers whose lengths are compiled, and that can be named in scripts; {@link #link} plans what they do. */
    static List<TimerPlan> of(List<Timer> timers, int firstSlot, Linker linker) {
        var all = new ArrayList<TimerPlan>();
        for (Timer timer : timers) {
            all.add(new TimerPlan(all.size(), timer, firstSlot + all.size(), linker.length(timer)));
        }
        return List.copyOf(all);
    }

    void link(Linker linker) {
        script = linker.script(timer);
    }

    /** Its number in its window, or in the application. */
    public int number() {
        return number;
    }

    public Timer timer() {
        return timer;
    }

    /** Where a window keeps whether it is on; of the application's, its number. */
    public int slot() {
        return slot;
    }

    /** After how many seconds it fires. */
    public Compiled<Reading> every() {
        return every;
    }

    /** What it does. */
    public ScriptPlan script() {
        return script;
    }
}
