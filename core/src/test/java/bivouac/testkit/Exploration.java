package bivouac.testkit;

import bivouac.machine.RecallingStepper;
import bivouac.machine.Stepper;
import bivouac.state.StateTable;
import java.util.Optional;

/** All states that a design can get into, met breadth first. */
public record Exploration(StateTable states, long steps) {

    /** By a stepper that asks the rules for each step. */
    public static Exploration of(Stepper stepper) {
        var states = new StateTable();
        long steps = 0;
        stepper.start();
        states.add(stepper.words(), stepper.length());
        for (int i = 0; i < states.size(); i++) {
            int events = stepper.open(states.piece(i), states.first(i));
            for (int e = 0; e < events; e++) {
                stepper.step(e);
                states.add(stepper.words(), stepper.length());
            }
            steps += events;
        }
        return new Exploration(states, steps);
    }

    /** The same, by one that knows again what it has done. */
    public static Exploration recalling(Stepper stepper) {
        var recalling = new RecallingStepper(stepper, Optional.empty(), RecallingStepper.Look.NONE);
        var states = new StateTable();
        long steps = 0;
        stepper.start();
        states.add(stepper.words(), stepper.length());
        for (int i = 0; i < states.size(); i++) {
            int events = recalling.open(states.piece(i), states.first(i), states.length(i));
            for (int e = 0; e < events; e++) {
                recalling.step(e);
                states.add(recalling.words(), recalling.length());
            }
            steps += events;
        }
        return new Exploration(states, steps);
    }
}
