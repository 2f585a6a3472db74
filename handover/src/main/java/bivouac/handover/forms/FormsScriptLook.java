package bivouac.handover.forms;

import bivouac.design.FacedWindow;
import bivouac.design.Script;
import bivouac.design.ScriptPlace;
import bivouac.handover.braces.Lines;
import bivouac.handover.csharp.Allman;
import bivouac.handover.csharp.CsWorld;
import bivouac.handover.meaning.Meanings;
import bivouac.handover.meaning.Uses;
import bivouac.plan.Program;
import java.util.Map;
import java.util.Optional;

/** One script as it will read in the written program. */
public final class FormsScriptLook {

    private final CsWorld world;

    public FormsScriptLook(Program program) {
        this.world = new CsWorld(new Meanings(program));
    }

    /** The body of the method; empty where the script does nothing. */
    public String at(ScriptPlace place) {
        Script script = place.in(world.meanings().program().design());
        if (script.doesNothing()) {
            return "";
        }
        Optional<FacedWindow> face =
                place.ofWindow().flatMap(world.meanings().program().design()::faced);
        return Allman.of(
                face.isPresent()
                        ? ofWindow(new FormsWindowBase(world, face.get()), script, place)
                        : new FormsApplication(
                                        world,
                                        Uses.of(world.meanings().program().design()))
                                .steps(place, script));
    }

    private static Lines ofWindow(FormsWindowBase window, Script script, ScriptPlace place) {
        Map<String, String> locals = place instanceof ScriptPlace.Named named
                ? window.face.routines().script(named.name()).map(window::takes).orElse(Map.of())
                : Map.of();
        return window.steps(script, place, locals);
    }
}
