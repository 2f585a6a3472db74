package bivouac.machine;

import bivouac.expression.Budget;
import bivouac.expression.Surroundings;

/**
 * From where an expression reads its values.
 *
 * @param me the window in whose scope it stands; null for the application's scripts
 * @param frame the script that evaluates it; null for texts and conditions of a window
 */
record Reading(Run run, Inst me, Frame.OfScript frame) implements Surroundings {
    @Override
    public Budget budget() {
        return run.budget;
    }
}
