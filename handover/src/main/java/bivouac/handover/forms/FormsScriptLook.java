package bivouac.handover.forms;

import bivouac.design.FacedWindow;
import bivouac.design.Script;
import bivouac.design.ScriptPlace;
import bivouac.handover.csharp.Allman;
import bivouac.handover.csharp.CsNames;
import bivouac.handover.csharp.CsScript;
import bivouac.handover.csharp.CsView;
import bivouac.handover.csharp.CsWorld;
import bivouac.handover.meaning.Meanings;
import bivouac.handover.script.ScriptOf;
import bivouac.handover.script.Scripts;
import bivouac.plan.Program;
import java.util.HashMap;
import java.util.HashSet;
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
        CsView view = face.isPresent()
                ? CsView.ofWindow(face.get().name().shown())
                : CsView.ofApplication(place instanceof ScriptPlace.Named ? "me" : "null");
        Map<String, String> locals = takes(place);
        var taken = new HashSet<>(CsWorld.IN_WINDOWS);
        taken.addAll(locals.values());
        face.ifPresent(f -> {
            f.memberNames().forEach(n -> taken.add(world.member(n.expression())));
            f.takes()
                    .forEach(
                            t -> taken.add(world.take(f.name().shown(), t.name().expression())));
        });
        var names = new CsNames(taken);
        var scripts = new Scripts(new ScriptOf(world.meanings(), world.texts(), place, names, locals));
        return Allman.of(new CsScript(world, view, names, Scripts.answers(place)).write(scripts.of(script)));
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
                                    world.ofApplication(t.name().expression()))));
        }
        return locals;
    }
}
