package bivouac.machine;

import bivouac.expression.Value;
import bivouac.plan.StepRef;
import bivouac.state.Inst;
import java.util.List;

/** What was seen while an event was dealt with (E3): acts, which are compared, and explanations, which are not. */
public sealed interface Sighting {

    /** What any implementation of the rules shows in the same order. */
    sealed interface Act extends Sighting {}

    /** What the rehearsal adds to explain. */
    sealed interface Explanation extends Sighting {}

    /** A window as people name it: its shown name, and which one if there were several. */
    record Which(String window, int serial) {
        static Which of(Inst inst) {
            return new Which(inst.plan.window().name().shown(), inst.serial);
        }

        @Override
        public String toString() {
            return serial <= 1 ? window : window + " (" + serial + ")";
        }
    }

    record Opened(Which window, boolean waits) implements Act {}

    record Asked(Which window, String title, String text) implements Act {}

    record Closed(Which window, String ending, List<Named> gives) implements Act {
        public Closed {
            gives = List.copyOf(gives);
        }
    }

    /** A value with its name. */
    record Named(String name, Value value) {}

    record Noted(String text) implements Act {}

    /** A link that leads outside the application was followed. */
    record LinkFollowed(String address) implements Act {}

    record TaskStarted(String task, List<Named> takes) implements Act {
        public TaskStarted {
            takes = List.copyOf(takes);
        }
    }

    record Taken(String holding) implements Act {}

    record GivenBack(String holding) implements Act {}

    record KeptSaved() implements Act {}

    /** @param saying what went to the error output; empty for nothing */
    record Ended(long code, String saying) implements Act {}

    /** How a task ended, which is the event itself. */
    record TaskEnded(String task, String ending, List<Named> gives) implements Explanation {
        public TaskEnded {
            gives = List.copyOf(gives);
        }
    }

    record BroughtBack(Which window) implements Explanation {}

    /** A window, or something that its close request reached, wanted to stay. */
    record Refused(Which window) implements Explanation {}

    /** @param every after how many seconds it fires */
    record TimerStarted(String timer, Value every) implements Explanation {}

    record TimerStopped(String timer) implements Explanation {}

    /** The keyboard focus is on a part (S1). */
    record Focused(Which window, String part) implements Explanation {}

    record DepartureCalledOff() implements Explanation {}

    record Set(String what, Value value) implements Explanation {}

    /**
     * An <em>if</em> went into one of its scripts; not said in the trail, counted as rehearsed.
     *
     * @param inner as {@link bivouac.design.Step#inner} counts
     */
    record WentInto(StepRef step, int inner) implements Explanation {}

    record Faulted(Fault fault) implements Explanation {}
}
