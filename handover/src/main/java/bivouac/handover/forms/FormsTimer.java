package bivouac.handover.forms;

import bivouac.design.ScriptPlace;
import bivouac.design.Timer;
import bivouac.design.Type;
import bivouac.handover.NotHandedOver;
import bivouac.handover.braces.Lines;
import bivouac.handover.braces.Spelling;
import bivouac.handover.csharp.CsCalls;
import bivouac.handover.csharp.CsExpressions;
import bivouac.handover.csharp.CsWorld;
import bivouac.handover.meaning.Here;
import bivouac.handover.meaning.Say;
import bivouac.handover.meaning.Uses;

/** The methods of a timer: starting and stopping it, where some script does, and what it does when its time has come. */
record FormsTimer(CsWorld world, Uses uses, CsCalls calls) {

    /** @param fires the body of what it does */
    void write(Lines out, Timer timer, ScriptPlace.OfTimer place, Lines fires) {
        boolean ofWindow = place.ofWindow().isPresent();
        String shown = timer.name().shown();
        String name = world.timer(place.ofWindow(), shown);
        Say every = world.meanings()
                .of(timer.every(), Here.on(place))
                .orElseThrow(
                        () -> new NotHandedOver(place.words() + ": its length means nothing. Put it right first."));
        // those of the application are called by windows too
        String turning = (ofWindow ? "private" : "internal") + " void ";
        String of = (ofWindow ? "this, " : "null, ") + Spelling.literal(shown);
        if (uses.started().contains(shown)) {
            out.add(turning + "Start" + name + "() {");
            out.add("Desk.StartTimer(" + of + ", "
                            + new CsExpressions(world, calls.view()).write(every, Type.NUMBER) + ", " + timer.once()
                            + ", " + name + "Fires);")
                    .add("}")
                    .blank();
        }
        if (uses.stopped().contains(shown)) {
            out.add(turning + "Stop" + name + "() {");
            out.add("Desk.StopTimer(" + of + ");").add("}").blank();
        }
        out.add("private void " + name + "Fires() {");
        out.all(fires).add("}").blank();
    }
}
