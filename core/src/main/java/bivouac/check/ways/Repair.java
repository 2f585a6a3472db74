package bivouac.check.ways;

import bivouac.design.Design;

/** A way to put a finding right with one press. Every one is an ordinary change of the design, and can be undone. */
public sealed interface Repair
        permits ClosingRepair,
                DesignRepair,
                ExpressionRepair,
                HandedRepair,
                NameRepair,
                PartRepair,
                ProgressRepair,
                ReadyMadeRepair,
                RemovalRepair,
                StepRepair {

    /** What stands on the button. */
    String words();

    /** What it changes, in one sentence. */
    String about();

    /** The design put right; the same design where what it is about has gone meanwhile. */
    Design in(Design design);
}
