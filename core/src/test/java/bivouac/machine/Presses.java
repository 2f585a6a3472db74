package bivouac.machine;

import bivouac.plan.Program;
import java.util.ArrayList;
import java.util.Arrays;

/** How tests step through the situations of a design by the names of its buttons. */
final class Presses {

    private Presses() {}

    /** Lays the state open that was packed last; answers how many events it has. */
    static int open(Stepper stepper) {
        return stepper.open(Arrays.copyOf(stepper.words(), stepper.length()), 0);
    }

    /** The number of the event that presses a button of an open window. */
    static int numberOf(Stepper stepper, Program program, String button) {
        var open = new ArrayList<Integer>();
        stepper.openWindows(open::add);
        for (int e = 0; e < stepper.events(); e++) {
            if (stepper.event(e) instanceof Event.Press(int instance, int part)) {
                var plan = program.windows().get(open.get(instance));
                if (plan.parts().get(part).part.name().shown().equals(button)) {
                    return e;
                }
            }
        }
        throw new AssertionError(button + " cannot be pressed");
    }
}
