package bivouac.handover.javafx;

import bivouac.design.FacedWindow;
import bivouac.design.Instances;
import bivouac.design.Part;
import bivouac.design.Script;
import bivouac.design.ScriptPlace;
import bivouac.design.Type;
import bivouac.handover.java.Ends;
import bivouac.handover.java.JavaNames;
import bivouac.handover.java.JavaScript;
import bivouac.handover.java.Lines;
import bivouac.handover.meaning.Here;
import bivouac.handover.meaning.Meanings;
import bivouac.handover.meaning.Uses;
import bivouac.handover.script.ScriptOf;
import bivouac.handover.script.Scripts;
import java.util.HashSet;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;

/** What all that is written of a window goes by. */
abstract class FxWindowBase {

    final Meanings meanings;
    final FxWorld world;
    final FacedWindow face;
    final Uses uses;
    final String name;
    final String shown;
    final Here here;
    final Lines out = new Lines();
    final Set<String> fields = new HashSet<>(FxWorld.OF_WINDOWS);
    // What it can end as
    // Fields
    // The constructor
    // How it is opened
    // Moments
    // Live texts and conditions
    // Scripts

    FxWindowBase(Meanings meanings, FxWorld all, FacedWindow face, Uses uses) {
        this.meanings = meanings;
        this.shown = face.name().shown();
        this.world = all.in(shown);
        this.face = face;
        this.uses = uses;
        this.name = world.classOf(shown);
        this.here = Here.on(new ScriptPlace.AtMoment(shown, FacedWindow.Moment.OPENED));
        face.parts().forEach(p -> fields.add(world.part(p.name().expression())));
        face.variables().forEach(v -> fields.add(world.variable(shown, v.name().expression())));
        face.takes().forEach(t -> fields.add(world.take(shown, t.name().expression())));
    }

    String row(Part.ListOfRows list) {
        return world.types().of(new Type.RowOf(list.columns()));
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

    static boolean isLive(String text) {
        return bivouac.design.Braces.isLive(text);
    }

    String method(Part part) {
        String word = part.trigger().map(Part.Trigger::word).orElse("");
        return part.name().expression() + JavaNames.upper(word);
    }

    /** A script of the window as the body of a method. */
    Lines steps(Script script, ScriptPlace place, Ends ends, Map<String, String> locals) {
        var scripts = new Scripts(new ScriptOf(meanings, world.texts(), place, new JavaNames(fields), locals));
        return new JavaScript(world, "this", ends).write(scripts.of(script));
    }
}
