package bivouac.testkit;

import bivouac.machine.Stepper;
import bivouac.state.StateTable;

/** All states that a design can get into, met breadth first. */
public record Exploration(StateTable states, long steps) {

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
}
