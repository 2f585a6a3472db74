package bivouac.handover.script;

import bivouac.design.ScriptPlace;
import bivouac.handover.meaning.LocalNames;
import bivouac.handover.meaning.Meanings;
import bivouac.handover.meaning.Wordings;
import java.util.Map;

/**
 * What a script is described by.
 *
 * @param names gives names to what the script makes
 * @param locals what the script can read from the beginning, by their names there
 */
public record ScriptOf(
        Meanings meanings, Wordings texts, ScriptPlace place, LocalNames names, Map<String, String> locals) {

    public ScriptOf {
        locals = Map.copyOf(locals);
    }
}
