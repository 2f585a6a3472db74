package bivouac.rehearsal;

import bivouac.machine.Event;
import bivouac.machine.Machine;
import bivouac.machine.Scene;
import bivouac.machine.State;
import java.util.ArrayList;
import java.util.List;

/** What a person would try in a situation: anything but ending it all, and in fields what is worth typing. */
final class Trying {

    private final Machine machine;
    private final WorthTrying worth;

    Trying(Machine machine, WorthTrying worth) {
        this.machine = machine;
        this.worth = worth;
    }

    List<Event> in(State state, Scene scene) {
        var tried = new ArrayList<Event>();
        if (scene.ended().isPresent() || scene.killed()) {
            return tried;
        }
        for (Event event : machine.events(state)) {
            switch (event) {
                case Event.Edit(int i, int part, String text) ->
                    scene.windows().stream()
                            .filter(w -> w.instance() == i)
                            .flatMap(w -> worth.in(w.parts().get(part).design()).stream())
                            .forEach(t -> tried.add(new Event.Edit(i, part, t)));
                case Event.SessionEnds e -> {
                    // ends it
                }
                case Event.Killed k -> {
                    // ends it
                }
                case Event.StartAgain s -> {
                    // begins another
                }
                default -> tried.add(event);
            }
        }
        return tried;
    }
}
