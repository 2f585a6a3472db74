package bivouac.handover.jvm;

import bivouac.design.FacedWindow;
import bivouac.design.NamedScript;
import bivouac.design.Script;
import bivouac.design.ScriptPlace;
import bivouac.design.Take;
import bivouac.handover.java.Ends;
import bivouac.handover.java.JavaNames;
import bivouac.handover.java.JavaScript;
import bivouac.handover.meaning.Meanings;
import bivouac.handover.script.ScriptOf;
import bivouac.handover.script.Scripts;
import bivouac.plan.Program;
import java.util.HashMap;
import java.util.HashSet;
import java.util.Map;
import java.util.Optional;

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
        Script script = place.in(meanings.program().design());
        if (script.doesNothing()) {
            return "";
        }
        Optional<FacedWindow> face = place.ofWindow().flatMap(meanings.program().design()::faced);
        String self = face.isPresent() ? "this" : place instanceof ScriptPlace.Named ? "me" : "null";
        var scripts =
                new Scripts(new ScriptOf(meanings, world.texts(), place, new JavaNames(taken(face)), takes(place)));
        return new JavaScript(
                        world.in(place.ofWindow().orElse("")), self, Scripts.answers(place) ? Ends.AGREES : Ends.PLAIN)
                .write(scripts.of(script))
                .toString();
    }

    private java.util.Set<String> taken(Optional<FacedWindow> face) {
        var taken = new HashSet<>(JvmWorld.OF_WINDOWS);
        face.ifPresent(f -> {
            f.memberNames().forEach(n -> taken.add(world.part(n.expression())));
            f.takes()
                    .forEach(
                            t -> taken.add(world.take(f.name().shown(), t.name().expression())));
        });
        return taken;
    }

    /** What a named script takes is a parameter of its method. */
    private Map<String, String> takes(ScriptPlace place) {
        var locals = new HashMap<String, String>();
        if (place instanceof ScriptPlace.Named named) {
            ScriptPlace.routines(meanings.program().design(), named.window())
                    .script(named.name())
                    .map(NamedScript::takes)
                    .ifPresent(all -> all.stream()
                            .map(Take::name)
                            .forEach(n -> locals.put(
                                    "takes." + n.expression(),
                                    JavaNames.safe(n.expression(), ApplicationClass.TAKEN))));
        }
        return locals;
    }
}
