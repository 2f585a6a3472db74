package bivouac.bench;

import bivouac.machine.Machine;
import bivouac.machine.Stepper;
import bivouac.plan.Program;
import bivouac.testkit.Exploration;
import bivouac.testkit.Families;
import com.sun.management.ThreadMXBean;
import java.lang.management.ManagementFactory;
import java.time.LocalDate;

/**
 * How fast all situations of a family of designs are met, breadth first, on one core: a main window, N windows
 * alongside, each clean or changed, each asking before it closes when changed. Each is told from all others by its packed
 * words; their number is known by calculation, and is held against it. Once with the rules asked for every step, and once
 * with what a step did known again, as Bivouac explores.
 */
public final class ExploringSpeeds {

    private static final LocalDate TODAY = LocalDate.of(2026, 11, 23);

    private ExploringSpeeds() {}

    public static void main(String[] arguments) {
        int largest = arguments.length > 0 ? Integer.parseInt(arguments[0]) : 11;
        for (boolean recalling : new boolean[] {false, true}) {
            for (int i = 0; i < 8; i++) {
                explore(8, recalling);
            }
            for (int windows = 8; windows <= largest; windows++) {
                print(windows, recalling);
            }
        }
    }

    private static void print(int windows, boolean recalling) {
        Result best = explore(windows, recalling);
        for (int i = 0; i < 4; i++) {
            Result again = explore(windows, recalling);
            best = again.seconds < best.seconds ? again : best;
        }
        System.out.printf(
                "%s, %d windows: %,d situations (%,d by calculation), %,d steps in %.2f s: %,.0f steps and %,.0f new"
                        + " states a second; %.1f bytes a state kept, %.1f bytes made a step%n",
                recalling ? "known again" : "by the rules",
                windows,
                best.states,
                Families.situations(windows),
                best.steps,
                best.seconds,
                best.steps / best.seconds,
                best.states / best.seconds,
                (double) best.kept / best.states,
                (double) Math.max(0, best.made - best.kept) / best.steps);
    }

    /**
     * What exploring once came to.
     *
     * @param kept bytes that the table takes
     * @param made bytes that were allocated, the table's growing included
     */
    private record Result(int states, long steps, double seconds, long kept, long made) {}

    private static Result explore(int windows, boolean recalling) {
        var threads = (ThreadMXBean) ManagementFactory.getThreadMXBean();
        var stepper = new Stepper(new Machine(Program.of(Families.changedWindows(windows))), TODAY);
        long made = threads.getCurrentThreadAllocatedBytes();
        long begun = System.nanoTime();
        Exploration met = recalling ? Exploration.recalling(stepper) : Exploration.of(stepper);
        double seconds = (System.nanoTime() - begun) / 1e9;
        return new Result(
                met.states().size(),
                met.steps(),
                seconds,
                met.states().bytes(),
                threads.getCurrentThreadAllocatedBytes() - made);
    }
}
