package bivouac.bench;

import bivouac.expression.Expressions;
import bivouac.plan.Program;
import bivouac.rehearsal.EventNames;
import bivouac.rehearsal.Moment;
import bivouac.rehearsal.NamedEvent;
import bivouac.rehearsal.Rehearsal;
import bivouac.rehearsal.TrailFile;
import bivouac.rehearsal.TrailWords;
import bivouac.testkit.HostileDesigns;
import java.time.LocalDate;

/**
 * What one press costs in designs that are made to harm (to reach: given up with X6 within a second and 200 MB). Run with
 * a heap of 200 MB, so that what takes more ends the run.
 */
public final class HostileSpeeds {

    private HostileSpeeds() {}

    /** Prints a line for each. */
    public static void main(String[] args) throws TrailFile.Wrong {
        Expressions.warmUp();
        NamedEvent go = TrailFile.read("press \"go\" of \"Desk\"").getFirst();
        System.out.printf(
                "Hostile designs, one press in each, heap %d MB%n",
                Runtime.getRuntime().maxMemory() >> 20);
        for (HostileDesigns hostile : HostileDesigns.values()) {
            var begun = Rehearsal.start(Program.of(hostile.design()), LocalDate.of(2026, 11, 23));
            var event = EventNames.resolve(begun.scene(), go).orElseThrow();
            long from = System.nanoTime();
            Moment after = begun.act(event).present();
            System.out.printf(
                    "%6.2f s  %-28s %s%n",
                    (System.nanoTime() - from) / 1e9,
                    hostile,
                    TrailWords.faults(after.seen()).getFirst());
        }
    }
}
