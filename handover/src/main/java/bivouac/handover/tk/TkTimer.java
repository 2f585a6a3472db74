package bivouac.handover.tk;

import bivouac.design.ScriptPlace;
import bivouac.design.Timer;
import bivouac.design.Type;
import bivouac.handover.NotHandedOver;
import bivouac.handover.meaning.Say;
import bivouac.handover.meaning.Uses;
import bivouac.handover.python.PyLines;
import bivouac.handover.python.PyNames;
import bivouac.handover.python.PyWorld;

/** The methods of a timer: starting and stopping it, where some script does, and what it does when its time has come. */
record TkTimer(PyWorld world, TkWriting says, Uses uses) {

    /** @param fires the body of what it does */
    void write(PyLines out, Timer timer, ScriptPlace.OfTimer place, PyLines fires) {
        String shown = timer.name().shown();
        Say every = says.say(timer.every())
                .orElseThrow(
                        () -> new NotHandedOver(place.words() + ": its length means nothing. Put it right first."));
        String of = (place.ofWindow().isPresent() ? "self, " : "None, ") + PyNames.literal(shown);
        String fired = world.methodOfTimer(place.ofWindow(), shown, "fired");
        if (uses.started().contains(shown)) {
            out.add("def " + world.methodOfTimer(place.ofWindow(), shown, "start") + "(self):");
            out.inside("self.desk.start_timer(" + of + ", " + says.write(every, Type.NUMBER) + ", "
                            + (timer.once() ? "True" : "False") + ", self." + fired + ")")
                    .blank();
        }
        if (uses.stopped().contains(shown)) {
            out.add("def " + world.methodOfTimer(place.ofWindow(), shown, "stop") + "(self):");
            out.inside("self.desk.stop_timer(" + of + ")").blank();
        }
        out.add("def " + fired + "(self):").inside(fires).blank();
    }
}
