package bivouac.desktop.rehearse;

import bivouac.design.Design;
import bivouac.design.StepPath;
import bivouac.rehearsal.LooseEnd;
import bivouac.sentence.StepTyping;
import bivouac.sentence.Typed;

/** Answers a loose end with a typed step: in the trigger's script, or in a branch that is written for it. */
final class Wiring {

    private Wiring() {}

    /** Where the step would stand, in a design that has the branch for it. */
    record Prepared(Design design, StepPath at) {}

    static Prepared prepare(Design design, LooseEnd loose) {
        if (loose.ending().isEmpty()) {
            return new Prepared(design, loose.at());
        }
        var branch = new StepTyping(design, loose.place(), loose.at(), false)
                .read("when " + loose.ending().get());
        return branch instanceof Typed.Done done
                ? new Prepared(done.design(), done.next())
                : new Prepared(design, loose.at());
    }

    /** What a typed line does. {@code nothing} writes a branch that does nothing, on purpose. */
    static Typed read(Design design, LooseEnd loose, String line) {
        Prepared prepared = prepare(design, loose);
        if (line.strip().equals("nothing") && loose.ending().isPresent()) {
            return new Typed.Done(
                    prepared.design(),
                    "nothing happens when it ends " + loose.ending().get() + ", on purpose",
                    prepared.at());
        }
        return new StepTyping(prepared.design(), loose.place(), prepared.at(), false).read(line);
    }
}
