package bivouac.handover.jvm;

import bivouac.design.Design;
import bivouac.design.Script;
import bivouac.design.ScriptPlace;
import bivouac.handover.braces.Lines;
import bivouac.handover.java.Ends;
import bivouac.handover.meaning.Meanings;
import bivouac.handover.meaning.Uses;
import bivouac.handover.script.Scripts;
import bivouac.plan.Program;
import java.util.Map;

/** One script as it will read in the written program. */
public final class JvmScriptLook {

    private final Meanings meanings;
    private final JvmWorld world;

    public JvmScriptLook(Program program, JvmToolkit toolkit) {
        this.meanings = new Meanings(program);
        this.world = new JvmWorld(meanings, toolkit);
    }

    /** The body of the method; empty where the script does nothing. */
    public String at(ScriptPlace place) {
        Design design = meanings.program().design();
        Script script = place.in(design);
        if (script.doesNothing()) {
            return "";
        }
        Uses uses = Uses.of(design);
        Lines lines = place.ofWindow()
                .flatMap(design::faced)
                .map(face -> ofWindow(new WindowBase(meanings, world, face, uses), script, place))
                .orElseGet(() -> new ApplicationClass(meanings, world, uses).steps(place, script));
        return lines.toString();
    }

    private static Lines ofWindow(WindowBase window, Script script, ScriptPlace place) {
        Map<String, String> locals = place instanceof ScriptPlace.Named named
                ? window.face.routines().script(named.name()).map(window::takes).orElse(Map.of())
                : Map.of();
        return window.steps(script, place, Scripts.answers(place) ? Ends.AGREES : Ends.PLAIN, locals);
    }
}
