package bivouac.plan;

import bivouac.design.Ending;
import bivouac.design.NamedScript;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** Where the returns of a named script lead that is planned in the place of the step that does it (W11). */
final class Returning {

    private final NamedScript script;
    private final int resultSlot;
    /** The jumps of its returns, by the number of the ending. */
    private final Map<Integer, List<Integer>> jumps = new HashMap<>();

    /** @param resultSlot where the values of its endings go */
    Returning(NamedScript script, int resultSlot) {
        this.script = script;
        this.resultSlot = resultSlot;
    }

    /** How many slots the values of a script's endings need. */
    static int results(NamedScript script) {
        return script.endings().stream().mapToInt(e -> e.gives().size()).max().orElse(0);
    }

    NamedScript script() {
        return script;
    }

    int resultSlot() {
        return resultSlot;
    }

    List<String> endings() {
        return script.endings().stream().map(Ending::name).toList();
    }

    /** Plans a return: its values are made, and it leads where its ending does. */
    void plan(int ending, StepRef ref, List<Op.Hand> gives, ScriptPlanner planner) {
        int at = planner.add(new Op.Return(
                ref, resultSlot, script.endings().get(ending).gives().size(), gives, -1));
        jumps.computeIfAbsent(ending, k -> new ArrayList<>()).add(at);
    }

    /** The first branch for an ending is where its returns lead. */
    void lead(int ending, int to, ScriptPlanner planner) {
        List<Integer> all = jumps.remove(ending);
        if (all != null) {
            planner.patch(all, to);
        }
    }

    /** The returns whose ending has no branch. */
    void leadOthers(int to, ScriptPlanner planner) {
        jumps.values().forEach(all -> planner.patch(all, to));
    }
}
