package bivouac.plan;

import bivouac.design.NamedScript;
import bivouac.design.Outside;
import java.util.OptionalInt;

/**
 * What answers something from outside, compiled (F1).
 *
 * @param handed the slot in which the script finds what it is handed; empty where it takes that not
 */
public record Heard(ScriptPlan script, OptionalInt handed) {

    static Heard of(Outside what, NamedScript answer, ScriptPlan plan) {
        int take = what.handed(answer);
        return new Heard(plan, take < 0 ? OptionalInt.empty() : OptionalInt.of(ScriptPlan.FIRST_FREE + take));
    }
}
