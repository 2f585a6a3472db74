package bivouac.machine;

import bivouac.design.FacedWindow;
import bivouac.expression.Value;
import bivouac.plan.ScriptPlan;
import bivouac.plan.WindowPlan;
import bivouac.state.Frame;
import bivouac.state.Inst;

/** The scripts <em>before closing</em> and <em>after closing</em>, which know by which way and with which ending (C2, C5). */
final class ClosingScripts {

    private final Run run;
    /** The numbers of the values of {@code way}, and by window those of {@code ending}, as they are needed. */
    private final int[] wayNumbers;

    private final int[][] endingNumbers;

    ClosingScripts(Run run) {
        this.run = run;
        this.wayNumbers = new int[Ways.COUNT];
        for (int way = 0; way < Ways.COUNT; way++) {
            wayNumbers[way] = run.number(Value.of(Ways.words(way)));
        }
        this.endingNumbers = new int[run.program.windows().size()][];
    }

    /** Begins one, on top of the stack. */
    void push(Inst inst, FacedWindow.Moment moment, int way, int to) {
        ScriptPlan script = inst.plan.moment(moment);
        if (script.isEmpty()) {
            return;
        }
        Frame.OfScript frame = run.run(script, inst);
        frame.locals[ScriptPlan.WAY] = wayNumbers[way];
        frame.locals[ScriptPlan.ENDING] = endingNumber(inst.plan, to);
        run.stack.add(frame);
    }

    private int endingNumber(WindowPlan plan, int ending) {
        int[] known = endingNumbers[plan.number];
        if (known == null) {
            known = new int[plan.endings().size() + 1];
            known[0] = run.number(Value.EMPTY);
            for (int i = 1; i < known.length; i++) {
                known[i] = run.number(Value.of(plan.ending(i).name()));
            }
            endingNumbers[plan.number] = known;
        }
        return known[ending];
    }
}
