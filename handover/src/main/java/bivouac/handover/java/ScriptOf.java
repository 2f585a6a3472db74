package bivouac.handover.java;

import bivouac.design.ScriptPlace;
import bivouac.handover.meaning.Meanings;
import java.util.Map;
import java.util.Set;

/**
 * What a script is written by.
 *
 * @param self the window whose script it is, as it is called there; {@code null} in a script of the application
 * @param taken names that are there already: of fields and parameters
 * @param locals what the script can read from the beginning, by their names there
 */
public record ScriptOf(
        Meanings meanings,
        JavaWorld world,
        ScriptPlace place,
        String self,
        Ends ends,
        Set<String> taken,
        Map<String, String> locals) {

    public ScriptOf {
        taken = Set.copyOf(taken);
        locals = Map.copyOf(locals);
    }
}
