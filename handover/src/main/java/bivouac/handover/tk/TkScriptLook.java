package bivouac.handover.tk;

import bivouac.design.FacedWindow;
import bivouac.design.Script;
import bivouac.design.ScriptPlace;
import bivouac.handover.meaning.Meanings;
import bivouac.handover.python.PyScript;
import bivouac.handover.python.PyView;
import bivouac.handover.python.PyWorld;
import bivouac.handover.script.ScriptOf;
import bivouac.handover.script.Scripts;
import bivouac.plan.Program;
import java.util.HashMap;
import java.util.HashSet;
import java.util.Map;
import java.util.Optional;

/** One script as it will read in the written program. */
public final class TkScriptLook {

    private final PyWorld world;

    public TkScriptLook(Program program) {
        this.world = new PyWorld(new Meanings(program));
    }

    /** The body of the method; empty where the script does nothing. */
    public String at(ScriptPlace place) {
        Script script = place.in(world.meanings().program().design());
        if (script.doesNothing()) {
            return "";
        }
        Optional<FacedWindow> face =
                place.ofWindow().flatMap(world.meanings().program().design()::faced);
        PyView view = face.isPresent()
                ? PyView.ofWindow(face.get().name().shown())
                : PyView.ofApplication(place instanceof ScriptPlace.Named ? "me" : "None");
        Map<String, String> locals = takes(place);
        var names = world.names().locals(new HashSet<>(locals.values()));
        var scripts = new Scripts(new ScriptOf(world.meanings(), world.texts(), place, names, locals));
        return new PyScript(world, view, Scripts.answers(place))
                .write(scripts.of(script))
                .toString();
    }

    /** What a named script takes is a parameter of its method. */
    private Map<String, String> takes(ScriptPlace place) {
        var locals = new HashMap<String, String>();
        if (place instanceof ScriptPlace.Named named) {
            ScriptPlace.routines(world.meanings().program().design(), named.window())
                    .script(named.name())
                    .ifPresent(s -> s.takes()
                            .forEach(t -> locals.put(
                                    "takes." + t.name().expression(),
                                    world.names().parameter(t.name().expression()))));
        }
        return locals;
    }
}
