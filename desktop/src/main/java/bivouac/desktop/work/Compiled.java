package bivouac.desktop.work;

import bivouac.check.Checked;
import bivouac.check.Findings;
import bivouac.check.known.Beside;
import bivouac.design.Design;
import bivouac.plan.Program;
import bivouac.rehearsal.Rehearsal;
import bivouac.rehearsal.TrailWords;
import java.util.Optional;

/**
 * What became of the background work on one design.
 *
 * @param said what the replay of the trail left out, in a sentence
 */
record Compiled(Program program, Checked checked, Rehearsal rehearsal, Optional<String> said) {

    /** Compiles and checks a design, and replays what was acted out on the one before. */
    static Compiled of(Design design, Rehearsal before, Beside beside) {
        Program program = Program.of(design);
        Checked checked = Findings.checked(program, beside);
        Rehearsal.Replay replay = before.on(program);
        Optional<String> said = replay.stopped()
                .map(s -> "After the change “" + TrailWords.line(design, s.event()) + "” is not possible: " + s.why()
                        + ". The trail ends before it"
                        + (s.after() > 0 ? "; it and the " + s.after() + " after it are" : "; it is")
                        + " tried again after the next change.");
        Rehearsal rehearsal = replay.rehearsal();
        return new Compiled(program, checked, rehearsal.isFresh() ? rehearsal.settled() : rehearsal, said);
    }
}
