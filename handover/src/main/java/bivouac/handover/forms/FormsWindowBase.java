package bivouac.handover.forms;

import bivouac.design.Each;
import bivouac.design.FacedWindow;
import bivouac.design.Instances;
import bivouac.design.NamedScript;
import bivouac.design.Part;
import bivouac.design.Script;
import bivouac.design.ScriptPlace;
import bivouac.design.Take;
import bivouac.design.Type;
import bivouac.handover.braces.Lines;
import bivouac.handover.braces.Spelling;
import bivouac.handover.csharp.CsCalls;
import bivouac.handover.csharp.CsExpressions;
import bivouac.handover.csharp.CsNames;
import bivouac.handover.csharp.CsScript;
import bivouac.handover.csharp.CsView;
import bivouac.handover.csharp.CsWorld;
import bivouac.handover.meaning.Here;
import bivouac.handover.meaning.Say;
import bivouac.handover.script.ScriptOf;
import bivouac.handover.script.Scripts;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;

/** What all that is written of a window goes by: its names, its texts, its expressions. */
class FormsWindowBase {

    final CsWorld world;
    final FacedWindow face;
    final String name;
    final String shown;
    final Here here;
    final CsView view;
    /** The members of one of them, which its fields are for. */
    final Lines members = new Lines();

    private final Set<String> fields = new HashSet<>(CsWorld.IN_WINDOWS);

    FormsWindowBase(CsWorld world, FacedWindow face) {
        this.world = world;
        this.face = face;
        this.shown = face.name().shown();
        this.name = world.classOf(shown);
        this.view = CsView.ofWindow(shown);
        this.here = Here.on(new ScriptPlace.AtMoment(shown, FacedWindow.Moment.OPENED));
        face.memberNames().forEach(n -> fields.add(world.member(n.expression())));
        face.takes().forEach(t -> fields.add(take(t)));
    }

    final String take(Take take) {
        return world.take(shown, take.name().expression());
    }

    final String field(Part part) {
        return world.member(part.name().expression());
    }

    final String parameters() {
        return face.takes().stream()
                .map(t -> ", " + world.types().of(t.type()) + " " + take(t))
                .collect(Collectors.joining());
    }

    final String arguments() {
        return face.takes().stream().map(t -> ", " + take(t)).collect(Collectors.joining());
    }

    final boolean isSingle() {
        return !(face.instancesOrUsual() instanceof Instances.Many);
    }

    /** The key of a window of which there is one for each; empty for none. */
    final String key() {
        return face.instancesOrUsual() instanceof Instances.OneForEach(String key) ? world.take(shown, key) : "";
    }

    final String write(Say say, Type wanted) {
        return new CsExpressions(world, view).write(say, wanted);
    }

    final String text(String key, String text) {
        return new CsCalls(world, view).words(world.texts().words(of() + "." + key, text, here));
    }

    private String of() {
        return face.name().expression();
    }

    /** The text of one of those of which a part stands for each (P5). */
    final String textOfEach(Part part, String text) {
        return new CsCalls(world, view)
                .words(world.texts().words(of() + "." + part.name().expression(), text, Here.ofEach(shown, part)));
    }

    /** What a row is of which there is a part for each: the class of a value, or of a window (P5). */
    final String eachType(Part part) {
        return part.each() instanceof Each.OfWindows(String window)
                ? world.classOf(window)
                : world.types()
                        .of(((Type.ListOf) world.meanings()
                                        .rowsOf(shown, part)
                                        .orElseThrow()
                                        .type())
                                .of());
    }

    final String textOf(Part part, String text) {
        return text(part.name().expression(), text);
    }

    final String row(Part.ListOfRows list) {
        return world.types().of(list.row());
    }

    /** What a named script takes, as its parameters are called. */
    final Map<String, String> takes(NamedScript script) {
        var locals = new LinkedHashMap<String, String>();
        CsNames free = names(Map.of());
        script.takes()
                .forEach(t -> locals.put(
                        "takes." + t.name().expression(), free.local(t.name().expression())));
        return locals;
    }

    /** The names that a script of this window may not give to its locals. */
    final CsNames names(Map<String, String> locals) {
        var taken = new HashSet<>(fields);
        taken.addAll(locals.values());
        return new CsNames(taken);
    }

    /** A script of the window as the body of a method. */
    final Lines steps(Script script, ScriptPlace place, Map<String, String> locals) {
        CsNames names = names(locals);
        var scripts = new Scripts(new ScriptOf(world.meanings(), world.texts(), place, names, locals));
        return new CsScript(world, view, names, Scripts.answers(place)).write(scripts.of(script));
    }

    static String quoted(List<String> texts) {
        return texts.stream().map(Spelling::literal).collect(Collectors.joining(", "));
    }
}
