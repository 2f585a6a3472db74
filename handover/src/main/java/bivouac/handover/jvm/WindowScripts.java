package bivouac.handover.jvm;

import bivouac.design.FacedWindow;
import bivouac.design.NamedScript;
import bivouac.design.Outside;
import bivouac.design.Part;
import bivouac.design.Script;
import bivouac.design.ScriptPlace;
import bivouac.design.Take;
import bivouac.design.Timer;
import bivouac.handover.java.Ends;
import bivouac.handover.java.JavaNames;
import bivouac.handover.java.JavaScript;
import bivouac.handover.meaning.Meanings;
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
abstract class WindowScripts extends WindowBase {

    WindowScripts(Meanings meanings, JvmWorld all, FacedWindow face, Uses uses) {
        super(meanings, all, face, uses);
    }

    void moments() {
        moment(FacedWindow.Moment.OPENED, "void opened()", Ends.PLAIN);
        moment(FacedWindow.Moment.BROUGHT_BACK, "void broughtBack()", Ends.PLAIN);
        moment(FacedWindow.Moment.BEFORE_CLOSING, "boolean mayClose(Closing closing)", Ends.AGREES);
        moment(FacedWindow.Moment.AFTER_CLOSING, "void afterClosing(Closing closing)", Ends.PLAIN);
    }

    /** What comes from outside to the window, and the files that it has open (F1 to F3). */
    void outside() {
        Map<Outside, NamedScript> heard = Outside.heard(meanings.program().design(), Optional.of(shown));
        HearMethods.write(out, "protected ", heard, what -> {
            var locals = Outcomes.handed(what, HearMethods.FILES, HearMethods.FILE);
            var of = new ScriptOf(meanings, world.texts(), what.in(Optional.of(shown)), new JavaNames(fields), locals);
            return new JavaScript(world, "this", Ends.PLAIN)
                    .write(new Scripts(of).outside().of(Outcomes.fromOutside(what, heard.get(what))));
        });
        List<String> open =
                meanings.openFiles(face, take -> world.take(shown, take), variable -> world.variable(shown, variable));
        if (!open.isEmpty()) {
            out.add("@Override");
            out.add("protected List<String> openFiles() {");
            out.add("return List.of(" + String.join(", ", open) + ");").add("}").blank();
        }
    }

    void moment(FacedWindow.Moment moment, String signature, Ends ends) {
        Script script = face.moment(moment);
        if (!script.doesNothing()) {
            out.add("@Override");
            out.add("protected " + signature + " {");
            out.all(steps(script, new ScriptPlace.AtMoment(shown, moment), ends, Map.of()));
            out.add("}").blank();
        }
    }

    void scripts() {
        for (Part part : face.parts()) {
            Script script = part.trigger().map(Part.Trigger::script).orElse(Script.EMPTY);
            boolean follows = part instanceof Part.Link l && !l.address().isEmpty();
            if (!script.doesNothing() || follows) {
                String row = part.each().isOnce() ? "" : writing.eachType(part) + " row";
                out.add("private void " + writing.method(part) + "(" + row + ") {");
                if (part instanceof Part.Link l && follows) {
                    out.add("app.follow(" + world.text(part.name().expression() + "Address", l.address(), here) + ");");
                }
                rowOf(part, script);
                out.all(steps(script, new ScriptPlace.AtPart(shown, part.name().expression()), Ends.PLAIN, Map.of()));
                out.add("}").blank();
            }
            if (part instanceof Part.ListOfRows list) {
                rowScripts(list);
            }
            if (part instanceof Part.Choice choice) {
                meanings.itemsOf(shown, choice).ifPresent(items -> {
                    out.add("private List<String> " + PartFacts.items(choice) + "() {");
                    out.add("return " + writing.write(items, items.type()) + ";")
                            .add("}")
                            .blank();
                });
            }
        }
        for (NamedScript script : face.routines().scripts()) {
            named(script);
        }
        for (Timer timer : face.routines().timers()) {
            timer(timer);
        }
    }

    void rowOf(Part part, Script script) {
        if (part instanceof Part.ListOfRows list && Scripts.readsRow(script)) {
            out.add(writing.row(list) + " row = " + world.part(part.name().expression()) + ".selected();");
        }
    }

    void rowScripts(Part.ListOfRows list) {
        String field = world.part(list.name().expression());
        Script activated = list.at(Part.RowMoment.ACTIVATED);
        if (!activated.doesNothing()) {
            out.add("private void " + writing.activated(list) + "() {");
            rowOf(list, activated);
            var place = new ScriptPlace.AtRow(shown, list.name().expression(), Part.RowMoment.ACTIVATED);
            out.all(steps(activated, place, Ends.PLAIN, Map.of())).add("}").blank();
        }
        world.mayRemove(shown, list).ifPresent(method -> {
            var place = new ScriptPlace.AtRow(shown, list.name().expression(), Part.RowMoment.BEFORE_REMOVING);
            out.add("boolean " + method + "(" + writing.row(list) + " row) {");
            out.all(steps(list.at(Part.RowMoment.BEFORE_REMOVING), place, Ends.AGREES, Map.of()))
                    .add("}")
                    .blank();
        });
    }

    void named(NamedScript script) {
        Map<String, String> locals = takes(script);
        var parameters = new ArrayList<String>();
        for (Take take : script.takes()) {
            parameters.add(world.types().of(take.type()) + " "
                    + locals.get("takes." + take.name().expression()));
        }
        var place = new ScriptPlace.Named(Optional.of(shown), script.name().shown());
        if (meanings.late().isLate(place)) {
            parameters.addAll(WindowWriting.LATER);
        }
        if (script.answers()) {
            out.all(WorkClasses.answers(world, place)).blank();
        }
        String access = meanings.late().isDoneElsewhere(place) ? "" : "private ";
        out.add(access + (script.answers() ? world.answersOf(place) : "void") + " "
                + world.methodOfScript(Optional.of(shown), script.name().shown()) + "(" + String.join(", ", parameters)
                + ") {");
        out.all(steps(script.script(), place, Ends.PLAIN, locals));
        out.add("}").blank();
    }

    void timer(Timer timer) {
        var place = new ScriptPlace.OfTimer(Optional.of(shown), timer.name().shown());
        new TimerMethods(meanings, world, uses, here)
                .write(out, timer, place, steps(timer.fires(), place, Ends.PLAIN, Map.of()));
    }
}
