package bivouac.handover.jvm;

import bivouac.design.ScriptPlace;
import bivouac.design.Timer;
import bivouac.handover.NotHandedOver;
import bivouac.handover.braces.Lines;
import bivouac.handover.braces.Spelling;
import bivouac.handover.java.JavaExpressions;
import bivouac.handover.meaning.Here;
import bivouac.handover.meaning.Meanings;
import bivouac.handover.meaning.Say;
import bivouac.handover.meaning.Uses;

/** The methods of a timer: starting and stopping it, where some script does, and what it does when its time has come. */
record TimerMethods(Meanings meanings, JvmWorld world, Uses uses, Here here) {

    /** @param fires the body of what it does */
    void write(Lines out, Timer timer, ScriptPlace.OfTimer place, Lines fires) {
        boolean ofWindow = place.ofWindow().isPresent();
        String shown = timer.name().shown();
        String method = world.methodOfTimer(place.ofWindow(), shown);
        Say every = meanings.of(timer.every(), Here.on(place))
                .orElseThrow(
                        () -> new NotHandedOver(place.words() + ": its length means nothing. Put it right first."));
        // those of the application are called by windows too
        String turning = ofWindow ? "private void " : "void ";
        String of = (ofWindow ? "this, " : "null, ") + Spelling.literal(shown);
        if (uses.started().contains(shown)) {
            out.add(turning + "start" + Spelling.upper(method) + "() {");
            out.add("desk.startTimer(" + of + ", "
                            + new JavaExpressions(world).write(every) + ", " + timer.once() + ", this::" + method
                            + "Fires);")
                    .add("}")
                    .blank();
        }
        if (uses.stopped().contains(shown)) {
            out.add(turning + "stop" + Spelling.upper(method) + "() {");
            out.add("desk.stopTimer(" + of + ");").add("}").blank();
        }
        out.add("private void " + method + "Fires() {");
        out.all(fires).add("}").blank();
    }
}
