package bivouac.handover.forms;

import bivouac.design.FacedWindow;
import bivouac.design.NamedScript;
import bivouac.design.Outside;
import bivouac.design.Part;
import bivouac.design.Script;
import bivouac.design.ScriptPlace;
import bivouac.design.Timer;
import bivouac.handover.braces.Spelling;
import bivouac.handover.csharp.CsCalls;
import bivouac.handover.csharp.CsHear;
import bivouac.handover.csharp.CsNames;
import bivouac.handover.csharp.CsScript;
import bivouac.handover.csharp.CsWorld;
import bivouac.handover.meaning.Outcomes;
import bivouac.handover.meaning.PartFacts;
import bivouac.handover.meaning.Uses;
import bivouac.handover.script.ScriptOf;
import bivouac.handover.script.Scripts;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** The scripts of a window, as methods. */
class FormsWindowScripts extends FormsWindowBase {

    final Uses uses;

    FormsWindowScripts(CsWorld world, Uses uses, FacedWindow face) {
        super(world, face);
        this.uses = uses;
    }

    final void moments() {
        moment(FacedWindow.Moment.OPENED, "void Opened()");
        moment(FacedWindow.Moment.BROUGHT_BACK, "void BroughtBack()");
        moment(FacedWindow.Moment.BEFORE_CLOSING, "bool MayClose(Closing closing)");
        moment(FacedWindow.Moment.AFTER_CLOSING, "void AfterClosing(Closing closing)");
    }

    /** What comes from outside to the window, and the files that it has open (F1 to F3). */
    final void outside() {
        Map<Outside, NamedScript> heard =
                Outside.heard(world.meanings().program().design(), Optional.of(shown));
        members.all(CsHear.write("protected internal override ", heard, what -> {
            Map<String, String> locals = Outcomes.handed(what, CsHear.FILES, CsHear.FILE);
            CsNames names = names(locals);
            ScriptPlace place = what.in(Optional.of(shown));
            var scripts = new Scripts(new ScriptOf(world.meanings(), world.texts(), place, names, locals));
            return new CsScript(world, view, names, false)
                    .write(scripts.outside().of(Outcomes.fromOutside(what, heard.get(what))));
        }));
        List<String> open = world.meanings().openFiles(face, take -> world.take(shown, take), world::member);
        if (!open.isEmpty()) {
            FormsEnding.property(
                    members,
                    "protected internal override IReadOnlyList<string> OpenFiles",
                    "new[] { " + String.join(", ", open) + " }");
            members.blank();
        }
    }

    private void moment(FacedWindow.Moment moment, String signature) {
        Script script = face.moment(moment);
        if (!script.doesNothing()) {
            members.add("protected internal override " + signature + " {");
            members.all(steps(script, new ScriptPlace.AtMoment(shown, moment), Map.of()));
            members.add("}").blank();
        }
    }

    final void scripts() {
        for (Part part : face.parts()) {
            if (PartFacts.isTriggered(part)) {
                atPart(part);
            }
            if (part instanceof Part.ListOfRows list) {
                atRows(list);
            }
            if (part instanceof Part.Choice choice) {
                world.meanings().itemsOf(shown, choice).ifPresent(items -> {
                    members.add("private IReadOnlyList<string> " + Spelling.upper(PartFacts.items(choice)) + "() {");
                    members.add("return " + write(items, items.type()) + ";")
                            .add("}")
                            .blank();
                });
            }
        }
        face.routines().scripts().forEach(this::named);
        face.routines().timers().forEach(this::timer);
    }

    private void atPart(Part part) {
        Script script = part.trigger().map(Part.Trigger::script).orElse(Script.EMPTY);
        String row = part.each().isOnce() ? "" : eachType(part) + " row";
        members.add("private void " + world.method(part) + "(" + row + ") {");
        if (part instanceof Part.Link l && !l.address().isEmpty()) {
            members.add("app.Follow(" + text(part.name().expression() + "Address", l.address()) + ");");
        }
        rowOf(part, script);
        members.all(steps(script, new ScriptPlace.AtPart(shown, part.name().expression()), Map.of()));
        members.add("}").blank();
    }

    private void rowOf(Part part, Script script) {
        if (part instanceof Part.ListOfRows list && Scripts.readsRow(script)) {
            members.add("var row = " + field(list) + ".Selected;");
        }
    }

    private void atRows(Part.ListOfRows list) {
        Script activated = list.at(Part.RowMoment.ACTIVATED);
        if (!activated.doesNothing()) {
            members.add("private void " + world.activated(list) + "() {");
            rowOf(list, activated);
            var place = new ScriptPlace.AtRow(shown, list.name().expression(), Part.RowMoment.ACTIVATED);
            members.all(steps(activated, place, Map.of())).add("}").blank();
        }
        world.mayRemove(list).ifPresent(method -> {
            var place = new ScriptPlace.AtRow(shown, list.name().expression(), Part.RowMoment.BEFORE_REMOVING);
            members.add("internal bool " + method + "(" + row(list) + " row) {");
            members.all(steps(list.at(Part.RowMoment.BEFORE_REMOVING), place, Map.of()))
                    .add("}")
                    .blank();
        });
    }

    private void named(NamedScript script) {
        Map<String, String> locals = takes(script);
        var parameters = new ArrayList<String>();
        script.takes()
                .forEach(t -> parameters.add(world.types().of(t.type()) + " "
                        + locals.get("takes." + t.name().expression())));
        String shownName = script.name().shown();
        var place = new ScriptPlace.Named(Optional.of(shown), shownName);
        if (world.meanings().late().isLate(place)) {
            parameters.addAll(CsWorld.LATER);
        }
        if (script.answers()) {
            FormsEnding.answers(members, world, place);
        }
        String access = world.meanings().late().isDoneElsewhere(place) ? "internal " : "private ";
        String type = script.answers() ? world.answersOf(place, shown) : "void";
        members.add(access + type + " " + world.methodOfScript(Optional.of(shown), shownName) + "("
                + String.join(", ", parameters) + ") {");
        members.all(steps(script.script(), place, locals));
        members.add("}").blank();
    }

    private void timer(Timer timer) {
        var place = new ScriptPlace.OfTimer(Optional.of(shown), timer.name().shown());
        new FormsTimer(world, uses, new CsCalls(world, view))
                .write(members, timer, place, steps(timer.fires(), place, Map.of()));
    }
}
