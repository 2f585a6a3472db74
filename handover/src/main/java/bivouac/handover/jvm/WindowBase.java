package bivouac.handover.jvm;

import bivouac.design.FacedWindow;
import bivouac.design.Instances;
import bivouac.design.NamedScript;
import bivouac.design.Script;
import bivouac.design.ScriptPlace;
import bivouac.design.Take;
import bivouac.handover.braces.Lines;
import bivouac.handover.java.Ends;
import bivouac.handover.java.JavaNames;
import bivouac.handover.java.JavaScript;
import bivouac.handover.meaning.Here;
import bivouac.handover.meaning.Meanings;
import bivouac.handover.meaning.Uses;
import bivouac.handover.script.ScriptOf;
import bivouac.handover.script.Scripts;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;

/** What all that is written of a window goes by. */
class WindowBase {

    final Meanings meanings;
    final JvmWorld world;
    final FacedWindow face;
    final Uses uses;
    final String name;
    final String shown;
    final Here here;
    final Lines out = new Lines();
    final WindowWriting writing;
    final WindowParts parts;
    final Set<String> fields = new HashSet<>(JvmWorld.OF_WINDOWS);

    WindowBase(Meanings meanings, JvmWorld all, FacedWindow face, Uses uses) {
        this.meanings = meanings;
        this.shown = face.name().shown();
        this.world = all.in(shown);
        this.face = face;
        this.uses = uses;
        this.name = world.classOf(shown);
        this.here = Here.on(new ScriptPlace.AtMoment(shown, FacedWindow.Moment.OPENED));
        this.writing = new WindowWriting(meanings, world, face, here);
        this.parts = world.toolkit().parts(writing);
        face.parts().forEach(p -> fields.add(world.part(p.name().expression())));
        face.variables().forEach(v -> fields.add(world.variable(shown, v.name().expression())));
        face.takes().forEach(t -> fields.add(world.take(shown, t.name().expression())));
    }

    String parameters() {
        return face.takes().stream()
                .map(t -> ", " + world.types().of(t.type()) + " "
                        + world.take(shown, t.name().expression()))
                .collect(Collectors.joining());
    }

    String arguments() {
        return face.takes().stream()
                .map(t -> ", " + world.take(shown, t.name().expression()))
                .collect(Collectors.joining());
    }

    String key() {
        return face.instancesOrUsual() instanceof Instances.OneForEach(String key) ? world.take(shown, key) : "null";
    }

    /** What a named script of the window takes, as the parameters of its method; none is called like a field. */
    Map<String, String> takes(NamedScript script) {
        var locals = new LinkedHashMap<String, String>();
        var taken = new JavaNames(fields);
        for (Take take : script.takes()) {
            locals.put(
                    "takes." + take.name().expression(),
                    taken.member(take.name().expression()));
        }
        return locals;
    }

    /** A script of the window as the body of a method. */
    Lines steps(Script script, ScriptPlace place, Ends ends, Map<String, String> locals) {
        var scripts = new Scripts(new ScriptOf(meanings, world.texts(), place, new JavaNames(fields), locals));
        return new JavaScript(world, "this", ends).write(scripts.of(script));
    }
}
