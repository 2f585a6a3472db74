package bivouac.plan;

import bivouac.design.Ending;
import bivouac.design.Expression;
import bivouac.design.FacedWindow;
import bivouac.design.Given;
import bivouac.design.NamedScript;
import bivouac.design.Outside;
import bivouac.design.Part;
import bivouac.design.Routines;
import bivouac.design.Script;
import bivouac.design.ScriptPlace;
import bivouac.design.Timer;
import bivouac.design.Type;
import bivouac.design.Way;
import bivouac.expression.Compiled;
import bivouac.expression.Expressions;
import bivouac.expression.Problem;
import bivouac.expression.Proposed;
import bivouac.expression.TextTemplate;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.function.Function;

/** Compiles the expressions, texts and scripts of one window, or of the application, and keeps what is wrong in them. */
final class Linker {

    private final Program program;
    private final Optional<WindowPlan> me;
    private final Scopes.At scope;
    private final List<Trouble> troubles = new ArrayList<>();
    private boolean quiet;

    Linker(Program program, Optional<WindowPlan> me) {
        this.program = program;
        this.me = me;
        this.scope = program.scopes().at(me, Map.of());
    }

    /** A place for a trouble: where it is and what it is, in words. */
    record Spot(Trouble.Where where, String what) {}

    Spot at(String what) {
        return new Spot(
                me.<Trouble.Where>map(p ->
                                new Trouble.Where.OnWindow(p.window().name().shown(), ""))
                        .orElse(new Trouble.Where.InApplication()),
                what);
    }

    Spot at(Part part, String what) {
        String window = me.orElseThrow().window().name().shown();
        return new Spot(new Trouble.Where.OnWindow(window, part.name().expression()), what);
    }

    /** What must be true for a part to be seen where it stands on a page (P8). */
    Optional<Expression> pageShown(Part part) {
        return me.orElseThrow().face().flatMap(f -> f.pageShown(part));
    }

    Compiled<Reading> expression(Spot spot, Expression source, Type wanted) {
        return typed(spot, source, wanted, scope);
    }

    /** Compiles an expression whose value may be of any type. */
    Compiled<Reading> untyped(Spot spot, Expression source, Scopes.At in) {
        Compiled<Reading> compiled = Expressions.compile(source, in);
        report(spot, source.source(), compiled.problems());
        program.keep(compiled);
        return compiled;
    }

    /** Compiles; a value of another type than wanted is reported, and a fault where it is evaluated. */
    Compiled<Reading> typed(Spot spot, Expression source, Type wanted, Scopes.At in) {
        Compiled<Reading> compiled = untyped(spot, source, in);
        if (compiled.type().isEmpty() || Expressions.fits(compiled.type().get(), wanted)) {
            return compiled;
        }
        String message = spot.what() + " is a " + wanted + "; “" + source + "” is a "
                + compiled.type().get();
        var problem = new Problem(
                message,
                0,
                source.source().length(),
                Proposed.converted(source.source(), compiled.type().get(), wanted));
        report(spot, source.source(), List.of(problem));
        return compiled.butWrong(problem);
    }

    /** Compiles an expression that is a list of anything. */
    Compiled<Reading> list(Spot spot, Expression source) {
        Compiled<Reading> compiled = untyped(spot, source, scope);
        if (compiled.type().isEmpty() || compiled.type().get() instanceof Type.ListOf) {
            return compiled;
        }
        var problem = new Problem(
                "a list is wanted here; “" + source + "” is a "
                        + compiled.type().get(),
                0,
                Math.max(1, source.source().length()));
        report(spot, source.source(), List.of(problem));
        return compiled.butWrong(problem);
    }

    /** The scope of the window, with some names more. */
    Scopes.At with(Map<String, Access> more) {
        return program.scopes().at(me, more);
    }

    Optional<WindowPlan> window(String name) {
        return program.window(name).filter(w -> w.face().isPresent());
    }

    TextTemplate<Reading> text(Spot spot, String source) {
        return text(spot, source, scope);
    }

    TextTemplate<Reading> text(Spot spot, String source, Scopes.At in) {
        TextTemplate<Reading> template = TextTemplate.compile(source, in);
        report(spot, source, template.problems());
        template.expressions().forEach(program::keep);
        return template;
    }

    /** Says no more what is wrong, or says it again; answers how it was before. */
    boolean quiet(boolean other) {
        boolean before = quiet;
        quiet = other;
        return before;
    }

    void report(Spot spot, String source, List<Problem> problems) {
        if (quiet) {
            return;
        }
        problems.forEach(p -> troubles.add(new Trouble(spot.where(), spot.what(), source, p)));
    }

    /** One thing that is wrong in all of a source. */
    static List<Problem> whole(String why, String source) {
        return List.of(new Problem(why, 0, Math.max(1, source.length())));
    }

    /** Says something of a step whatever else is quiet, but only once. */
    void once(StepRef ref, String what, String why) {
        var trouble = new Trouble(new Trouble.Where.InStep(ref, OptionalInt.empty()), what, "", new Problem(why, 0, 1));
        if (!troubles.contains(trouble)) {
            troubles.add(trouble);
        }
    }

    /** The values of a way out (C6). */
    List<Op.Hand> gives(Way way, Ending ending, List<Given> values) {
        return gives(ending, values, give -> at(way.words() + ", " + give.name()), scope);
    }

    /** The values that are said for what an ending gives, in its order; what is not said has none. */
    List<Op.Hand> gives(Ending ending, List<Given> values, Function<Ending.Give, Spot> spot, Scopes.At in) {
        var hands = new ArrayList<Op.Hand>();
        for (int i = 0; i < ending.gives().size(); i++) {
            Ending.Give give = ending.gives().get(i);
            int index = i;
            values.stream()
                    .filter(v -> v.name().equals(give.name().expression()))
                    .findFirst()
                    .ifPresent(v -> hands.add(hand(index, new Handing.Place(give), v.value(), spot.apply(give), in)));
        }
        return List.copyOf(hands);
    }

    /** A value for the place with this number. */
    Op.Hand hand(int index, Handing.Place place, Expression value, Spot spot, Scopes.At in) {
        return new Op.Hand(index, place.name().shown(), place.type(), typed(spot, value, place.type(), in));
    }

    ScriptPlan script(FacedWindow.Moment moment) {
        String window = me.orElseThrow().window().name().shown();
        return plan(
                new ScriptPlace.AtMoment(window, moment),
                me.orElseThrow().face().orElseThrow().moment(moment));
    }

    ScriptPlan script(Part part) {
        String window = me.orElseThrow().window().name().shown();
        return plan(
                new ScriptPlace.AtPart(window, part.name().expression()),
                part.trigger().map(Part.Trigger::script).orElse(Script.EMPTY));
    }

    ScriptPlan script(Part.ListOfRows list, Part.RowMoment moment) {
        String window = me.orElseThrow().window().name().shown();
        return plan(new ScriptPlace.AtRow(window, list.name().expression(), moment), list.at(moment));
    }

    /**
     * Plans the named scripts by themselves, so that what is wrong in them is found even where nothing does them.
     *
     * @return those that answer what comes from outside (F1)
     */
    Map<Outside, Heard> named(Routines routines) {
        Map<Outside, Heard> heard = new EnumMap<>(Outside.class);
        for (NamedScript script : routines.scripts()) {
            String name = script.name().shown();
            var place = new ScriptPlace.Named(window(), name);
            plan(place, script.script());
            Outside.of(window(), name)
                    .ifPresent(what ->
                            heard.putIfAbsent(what, Heard.of(what, script, fromOutside(place, script.script()))));
            script.takes().forEach(t -> t.byDefault()
                    .ifPresent(e -> expression(at(script.name() + ", " + t.name()), e, t.type())));
        }
        return heard;
    }

    /** Planned a second time, as nobody waits for it; what is wrong in it was said the first time. */
    private ScriptPlan fromOutside(ScriptPlace.Named place, Script script) {
        int said = troubles.size();
        ScriptPlan plan =
                new ScriptPlanner(program, this, me, place).fromOutside().plan(script);
        troubles.subList(said, troubles.size()).clear();
        return plan;
    }

    private Optional<String> window() {
        return me.map(p -> p.window().name().shown());
    }

    /** Compiles how long the timers are; what they do is planned once all timers are known. */
    Compiled<Reading> length(Timer timer) {
        return expression(at("timer " + timer.name()), timer.every(), Type.NUMBER);
    }

    ScriptPlan script(Timer timer) {
        return plan(new ScriptPlace.OfTimer(window(), timer.name().shown()), timer.fires());
    }

    ScriptPlan departurePlan() {
        return plan(
                new ScriptPlace.Plan(), program.design().application().leaving().plan());
    }

    ScriptPlan start() {
        return plan(new ScriptPlace.Start(), program.design().application().start());
    }

    private ScriptPlan plan(ScriptPlace place, Script script) {
        return new ScriptPlanner(program, this, me, place).plan(script);
    }

    List<Trouble> troubles() {
        return List.copyOf(troubles);
    }
}
