package bivouac.handover.tk;

import bivouac.design.FacedWindow;
import bivouac.design.Given;
import bivouac.design.Instances;
import bivouac.design.NamedScript;
import bivouac.design.Outside;
import bivouac.design.Part;
import bivouac.design.Script;
import bivouac.design.ScriptPlace;
import bivouac.design.Take;
import bivouac.design.Timer;
import bivouac.design.Variable;
import bivouac.design.Way;
import bivouac.design.WayOut;
import bivouac.design.WaysOut;
import bivouac.handover.meaning.Here;
import bivouac.handover.meaning.InWords;
import bivouac.handover.meaning.Leads;
import bivouac.handover.meaning.Outcome;
import bivouac.handover.meaning.Outcomes;
import bivouac.handover.meaning.Uses;
import bivouac.handover.python.PyLines;
import bivouac.handover.python.PyNames;
import bivouac.handover.python.PyScript;
import bivouac.handover.python.PyView;
import bivouac.handover.python.PyWorld;
import bivouac.handover.script.ScriptOf;
import bivouac.handover.script.Scripts;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;

/** The class of a window with a face. */
final class TkWindow {

    private final PyWorld world;
    private final Uses uses;
    private final FacedWindow face;
    private final String shown;
    private final TkWriting says;
    private final TkParts parts;
    private final PyLines out = new PyLines();

    TkWindow(PyWorld world, Uses uses, FacedWindow face) {
        this.world = world;
        this.uses = uses;
        this.face = face;
        this.shown = face.name().shown();
        this.says = new TkWriting(
                world,
                PyView.ofWindow(shown),
                Here.on(new ScriptPlace.AtMoment(shown, FacedWindow.Moment.OPENED)),
                face.name().expression());
        this.parts = new TkParts(world, says, face);
    }

    String write() {
        var body = out;
        body.add("\"\"\"" + PyNames.comment(InWords.window(face)) + ".\"\"\"").blank();
        endings();
        constructor();
        statics();
        moments();
        waysOut();
        refresh();
        outside();
        scripts();
        return new PyLines()
                .add("class " + world.classOf(shown) + "(Face):")
                .inside(body)
                .toString();
    }

    private void method(String head, PyLines body) {
        out.add("def " + head + ":").inside(body).blank();
    }

    private void method(String head, String line) {
        method(head, new PyLines().add(line));
    }

    private void endings() {
        for (Outcome outcome : world.outcomes().ofWindow(shown)) {
            out.all(TkWork.ending(world, outcome, world.endingOf(outcome))).blank();
        }
        face.routines().scripts().stream()
                .filter(NamedScript::answers)
                .forEach(s -> out.all(TkWork.answers(
                        world,
                        new ScriptPlace.Named(Optional.of(shown), s.name().shown()))));
    }

    private List<String> takes() {
        return face.takes().stream().map(t -> t.name().expression()).toList();
    }

    private String parameters() {
        return face.takes().stream()
                .map(t -> ", " + world.names().parameter(t.name().expression()) + ": "
                        + world.types().of(t.type()))
                .collect(Collectors.joining());
    }

    private String arguments() {
        return takes().stream().map(t -> ", " + world.names().parameter(t)).collect(Collectors.joining());
    }

    private String key() {
        return face.instancesOrUsual() instanceof Instances.OneForEach(String key)
                ? world.names().parameter(key)
                : "None";
    }

    private void constructor() {
        var lines = new PyLines();
        String key = key().equals("None") ? "" : ", " + key();
        lines.add("super().__init__(app.desk, " + PyNames.literal(shown) + key + ")");
        lines.add("self.app = app");
        takes().forEach(t ->
                lines.add("self." + world.take(shown, t) + " = " + world.names().parameter(t)));
        for (Variable v : face.variables()) {
            String start = v.starts()
                    .flatMap(e -> says.say(e))
                    .map(s -> says.write(s, v.type()))
                    .orElseGet(() -> world.types().start(v.type(), "app.today"));
            lines.add("self." + world.member(v.name().expression()) + " = " + start);
        }
        parts.frame(lines);
        face.parts().forEach(p -> parts.make(lines, p));
        face.parts().forEach(p -> parts.fixedTraits(lines, p));
        face.parts().forEach(p -> parts.triggers(lines, p));
        parts.layOut(lines);
        method("__init__(self, app" + parameters() + ")", lines);
    }

    private void statics() {
        boolean one = !(face.instancesOrUsual() instanceof Instances.Many);
        String make = "cls(app" + arguments() + ")";
        if (one && face.mayFail()) {
            out.add("@classmethod");
            method("find(cls, app" + parameters() + ")", "return app.desk.find(cls, " + key() + ")");
        }
        if (uses.opened().contains(shown)) {
            boolean answered = uses.answered().contains(shown);
            String then = answered ? ", then=None" : "";
            String open = "app.desk.open(opener, owner, " + make + (answered ? ", then" : "") + ")";
            var lines = new PyLines();
            if (!one) {
                lines.add("return " + open);
            } else {
                lines.add("\"\"\"Opens it, or brings back the one that is open (O3).\"\"\"");
                String hand = "lambda window: None";
                if (!face.takes().isEmpty()) {
                    hand = "hand";
                    var hands = new PyLines();
                    takes().forEach(t -> hands.add("window." + world.take(shown, t) + " = "
                            + world.names().parameter(t)));
                    lines.add("").add("def hand(window):").inside(hands).add("");
                }
                lines.add("return app.desk.bring_back(cls, " + key() + ", " + hand + ") or " + open);
            }
            out.add("@classmethod");
            method("open(cls, app, opener, owner" + parameters() + then + ")", lines);
        }
        if (uses.asked().contains(shown)) {
            var lines = new PyLines().add("\"\"\"Opens it and waits for how it ends.\"\"\"");
            if (one) {
                lines.add("if app.desk.find(cls, " + key() + ") is not None:");
                lines.inside("raise Fault(\"X7\", "
                        + PyNames.literal(shown + " is already open, and cannot be waited for") + ")");
            }
            lines.add("return app.desk.ask(opener, owner, manner, " + make + ")");
            out.add("@classmethod");
            method("ask(cls, app, opener, owner, manner" + parameters() + ")", lines);
        }
    }

    // Moments and scripts

    private void moments() {
        moment(FacedWindow.Moment.OPENED, "opened(self)");
        moment(FacedWindow.Moment.BROUGHT_BACK, "brought_back(self)");
        moment(FacedWindow.Moment.BEFORE_CLOSING, "may_close(self, closing)");
        moment(FacedWindow.Moment.AFTER_CLOSING, "after_closing(self, closing)");
    }

    private void moment(FacedWindow.Moment moment, String head) {
        Script script = face.moment(moment);
        if (!script.doesNothing()) {
            method(head, script(script, new ScriptPlace.AtMoment(shown, moment), Map.of()));
        }
    }

    private PyLines script(Script script, ScriptPlace place, Map<String, String> locals) {
        var names = world.names().locals(new HashSet<>(locals.values()));
        var scripts = new Scripts(new ScriptOf(world.meanings(), world.texts(), place, names, locals));
        return new PyScript(world, PyView.ofWindow(shown), Scripts.answers(place)).write(scripts.of(script));
    }

    /** What comes from outside to the window, and the files that it has open (F1 to F3). */
    private void outside() {
        Map<Outside, NamedScript> heard =
                Outside.heard(world.meanings().program().design(), Optional.of(shown));
        if (!heard.isEmpty()) {
            method("hears(self, what)", TkHear.hears(heard));
            method("hear(self, what, files)", TkHear.hear(heard, what -> {
                Map<String, String> locals = Outcomes.handed(what, TkHear.FILES, TkHear.FILE);
                var names = world.names().locals(new HashSet<>(locals.values()));
                var of = new ScriptOf(world.meanings(), world.texts(), what.in(Optional.of(shown)), names, locals);
                return new PyScript(world, PyView.ofWindow(shown), false)
                        .write(new Scripts(of).outside().of(Outcomes.fromOutside(what, heard.get(what))));
            }));
        }
        List<String> open = world.meanings()
                .openFiles(
                        face, take -> "self." + world.take(shown, take), variable -> "self." + world.member(variable));
        if (!open.isEmpty()) {
            method("open_files(self)", new PyLines().add("return [" + String.join(", ", open) + "]"));
        }
    }

    private void scripts() {
        for (Part part : face.parts()) {
            String name = part.name().expression();
            Script script = part.trigger().map(Part.Trigger::script).orElse(Script.EMPTY);
            boolean follows = part instanceof Part.Link l && !l.address().isEmpty();
            if (!script.doesNothing() || follows) {
                var lines = new PyLines();
                if (part instanceof Part.Link l && follows) {
                    lines.add("self.app.follow(" + says.text(name + "Address", l.address()) + ")");
                }
                rowOf(lines, part, script);
                method(
                        parts.method(part) + (part.each().isOnce() ? "(self)" : "(self, row)"),
                        lines.all(script(script, new ScriptPlace.AtPart(shown, name), Map.of())));
            }
            if (part instanceof Part.ListOfRows list) {
                rowScripts(list);
            }
            if (part instanceof Part.Choice choice) {
                world.meanings()
                        .itemsOf(shown, choice)
                        .ifPresent(items -> method(
                                parts.items(choice) + "(self)",
                                new PyLines().add("return " + says.write(items, items.type()))));
            }
        }
        face.routines().scripts().forEach(this::named);
        face.routines().timers().forEach(this::timer);
    }

    private void rowOf(PyLines lines, Part part, Script script) {
        if (part instanceof Part.ListOfRows && Scripts.readsRow(script)) {
            lines.add("row = self." + world.member(part.name().expression()) + ".selected");
        }
    }

    private void rowScripts(Part.ListOfRows list) {
        String name = list.name().expression();
        Script activated = list.at(Part.RowMoment.ACTIVATED);
        if (!activated.doesNothing()) {
            var lines = new PyLines();
            rowOf(lines, list, activated);
            lines.all(script(activated, new ScriptPlace.AtRow(shown, name, Part.RowMoment.ACTIVATED), Map.of()));
            method(parts.activated(list) + "(self)", lines);
        }
        if (!list.at(Part.RowMoment.BEFORE_REMOVING).isEmpty()) {
            method(
                    parts.mayRemove(list) + "(self, row)",
                    script(
                            list.at(Part.RowMoment.BEFORE_REMOVING),
                            new ScriptPlace.AtRow(shown, name, Part.RowMoment.BEFORE_REMOVING),
                            Map.of()));
        }
    }

    private void named(NamedScript script) {
        var locals = new HashMap<String, String>();
        var parameters = new ArrayList<String>(List.of("self"));
        for (Take take : script.takes()) {
            String local = world.names().parameter(take.name().expression());
            locals.put("takes." + take.name().expression(), local);
            parameters.add(local + ": " + world.types().of(take.type()));
        }
        String name = script.name().shown();
        if (world.meanings().late().isLate(new ScriptPlace.Named(Optional.of(shown), name))) {
            parameters.addAll(PyWorld.LATER);
        }
        method(
                world.methodOfScript(Optional.of(shown), name) + "(" + String.join(", ", parameters) + ")",
                script(script.script(), new ScriptPlace.Named(Optional.of(shown), name), locals));
    }

    private void timer(Timer timer) {
        var place = new ScriptPlace.OfTimer(Optional.of(shown), timer.name().shown());
        new TkTimer(world, says, uses).write(out, timer, place, script(timer.fires(), place, Map.of()));
    }

    // The ways out

    private void waysOut() {
        Leads leads = Leads.of(face, this::made, "None");
        List<String> unasked =
                leads.unasked().stream().map(w -> "Way." + w.name()).toList();
        endingFor(leads.endings());
        if (!unasked.isEmpty()) {
            method(
                    "is_unasked(self, way)",
                    unasked.size() == 1
                            ? "return way is " + unasked.getFirst()
                            : "return way in (" + String.join(", ", unasked) + ")");
        }
        pressing(Way.CLOSE_BOX, "close_box_used");
        pressing(Way.ESCAPE, "escape_pressed");
    }

    /** What the close step leads to is what is left when the other ways are told. */
    private void endingFor(Map<String, List<Way>> leads) {
        var lines = new PyLines();
        String usual = leads.keySet().iterator().next();
        leads.forEach((ending, ways) -> {
            if (!ending.equals(usual)) {
                String all = ways.stream().map(w -> "Way." + w.name()).collect(Collectors.joining(", "));
                lines.add(ways.size() == 1 ? "if way is " + all + ":" : "if way in (" + all + "):");
                lines.inside("return " + ending);
            }
        });
        method("ending_for(self, way)", lines.add("return " + usual));
    }

    private void pressing(Way way, String method) {
        if (WaysOut.of(face, way) instanceof WayOut.AsPressing(String part)) {
            method(method + "(self)", "self." + world.member(part) + ".press()");
        }
    }

    private String made(String ending, List<Given> gives) {
        Outcome outcome = world.outcomes().ofWindow(shown, ending);
        return "self." + world.endingOf(outcome) + "("
                + outcome.gives().stream()
                        .map(c -> gives.stream()
                                .filter(g -> g.name().equals(c.name()))
                                .findFirst()
                                .flatMap(g -> says.say(g.value()))
                                .map(s -> says.write(s, c.type()))
                                .orElseGet(() -> world.types().start(c.type(), "self.app.today")))
                        .collect(Collectors.joining(", "))
                + ")";
    }

    private void refresh() {
        var lines = new PyLines();
        if (bivouac.design.Braces.isLive(face.title())) {
            lines.add("self.title = " + says.text("title", face.title()));
        }
        face.parts().forEach(p -> parts.live(lines, p));
        if (!lines.isEmpty()) {
            method("refresh(self)", lines);
        }
    }
}
