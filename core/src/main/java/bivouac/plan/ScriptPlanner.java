package bivouac.plan;

import bivouac.design.Done;
import bivouac.design.Each;
import bivouac.design.Ending;
import bivouac.design.FacedWindow;
import bivouac.design.Given;
import bivouac.design.NamedScript;
import bivouac.design.Nearest;
import bivouac.design.Script;
import bivouac.design.ScriptPlace;
import bivouac.design.Step;
import bivouac.design.StepPath;
import bivouac.design.Steps;
import bivouac.design.Type;
import bivouac.expression.Compiled;
import bivouac.expression.Expressions;
import bivouac.expression.Problem;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Stream;

/** Flattens one script into operations, with names bound to slots. */
final class ScriptPlanner {

    private final Program program;
    private final Linker linker;
    private Optional<WindowPlan> me;
    /** Where the script stands that is planned; the place of a step may be a named script that it does. */
    private final ScriptPlace outermost;

    private ScriptPlace place;
    private final List<Op> ops = new ArrayList<>();
    private final CoursePlanner course;

    /** How many steps begin at each operation, where any do (X6). */
    private final Map<Integer, Integer> begun = new HashMap<>();

    /** For each operation where the next step of its own list begins, for a plan that goes on after a fault (D4). */
    private final Map<Integer, Integer> next = new HashMap<>();

    /** Where a return leads here: of a script that is done in the place of its step. */
    private Optional<Returning> returning = Optional.empty();

    /** Whether what is planned is waited for by a script that wants its answer: then its tasks are, too (W11, W12). */
    private boolean isWaitedFor;
    /** Whether what comes from outside begins it, so that nobody waits for its end (F1). */
    private boolean fromOutside;

    /** Whether it runs by itself, when a window has ended, so that it answers nobody (W3). */
    private boolean isLate;

    /** The named scripts that are done around the step that is planned. */
    private final Set<ScriptPlace.Named> doing = new HashSet<>();

    private int locals = ScriptPlan.FIRST_FREE;
    /** Of the step that is being planned, as people see it: steps are planned in the order in which they are read. */
    private int number;

    ScriptPlanner(Program program, Linker linker, Optional<WindowPlan> me, ScriptPlace place) {
        this.program = program;
        this.linker = linker;
        this.me = me;
        this.outermost = place;
        this.place = place;
        this.course = new CoursePlanner(this, linker);
    }

    /** Names made so far, and instances kept, at one place of the script. */
    record Names(Map<String, Access> values, Map<String, Scopes.Kept> instances) {
        Names with(Map<String, Access> more) {
            var all = new HashMap<>(values);
            all.putAll(more);
            return new Names(all, instances);
        }

        /** Without the members of {@code prefix}. */
        Names without(String prefix) {
            var all = new HashMap<>(values);
            all.keySet().removeIf(name -> name.startsWith(prefix + "."));
            return new Names(all, instances);
        }

        Names keeping(String name, Scopes.Kept kept) {
            var all = new HashMap<>(instances);
            all.put(name, kept);
            return new Names(values, all);
        }
    }

    ScriptPlan plan(Script script) {
        var values = new HashMap<String, Access>();
        if (place.isAt(FacedWindow.Moment.BEFORE_CLOSING) || place.isAt(FacedWindow.Moment.AFTER_CLOSING)) {
            values.put("way", Scopes.local(Type.TEXT, ScriptPlan.WAY));
            values.put("ending", Scopes.local(Type.TEXT, ScriptPlan.ENDING));
        }
        me.ifPresent(m -> values.putAll(Rows.ofScript(m, place)));
        Optional<EachPlan> each =
                me.flatMap(m -> place.ofPart().flatMap(m::part)).flatMap(PartPlan::each);
        var kept = new HashMap<String, Scopes.Kept>();
        each.ifPresent(e -> {
            allocate(1);
            values.putAll(e.ofScript());
            e.window().ifPresent(w -> kept.put(Each.ROW, new Scopes.Kept(new KeptAt.InScript(EachPlan.ROW), w)));
        });
        if (place instanceof ScriptPlace.Named(var window, String name)) {
            doing.add((ScriptPlace.Named) place);
            isWaitedFor = !fromOutside; // else by itself it is run only where another window's script does it
            ScriptPlace.routines(program.design(), window)
                    .script(name)
                    .ifPresent(s -> values.putAll(
                            Scopes.takes(s.takes(), allocate(s.takes().size()))));
        }
        steps(script, Optional.empty(), 0, new Names(values, kept));
        ops.add(new Op.Finish());
        return program.keep(new ScriptPlan(program.scriptCount(), place, me, ops, begun, next, locals, fromOutside));
    }

    /** As it is begun by what comes from outside (F1). */
    ScriptPlanner fromOutside() {
        fromOutside = true;
        return this;
    }

    /** Whether nothing can be opened any more in the script that is planned (C5). */
    boolean isAfterClosing() {
        return outermost.isAt(FacedWindow.Moment.AFTER_CLOSING);
    }

    /** A named script begins to be done; false if it is being done already, and so does itself. */
    boolean enter(ScriptPlace.Named named) {
        return doing.add(named);
    }

    boolean isDoing(ScriptPlace.Named named) {
        return doing.contains(named);
    }

    /** Whether a script of another window is being done around this step, or does one that is (W7). */
    boolean isDoneBy(ScriptPlace.Named named) {
        return Done.leadsBack(program.design(), named, doing);
    }

    /** Whether a task is waited for here, whatever its step says (W11). */
    boolean isWaitedFor() {
        return isWaitedFor;
    }

    /** What a branch that runs by itself is planned with: nobody is answered there. */
    void late(Runnable branch) {
        Optional<Returning> before = returning;
        boolean wasLate = isLate;
        returning = Optional.empty();
        isLate = true;
        branch.run();
        returning = before;
        isLate = wasLate;
    }

    void leave(ScriptPlace.Named named) {
        doing.remove(named);
    }

    /** Plans the steps of a named script where it is done; what is wrong in them is said where they stand. */
    void inline(
            NamedScript script,
            ScriptPlace.Named there,
            Optional<WindowPlan> whose,
            Map<String, Access> takes,
            Returning answer) {
        ScriptPlace placeBefore = place;
        Optional<Returning> returningBefore = returning;
        boolean waitedBefore = isWaitedFor;
        returning = Optional.of(answer);
        isWaitedFor |= script.answers();
        Optional<WindowPlan> meBefore = me;
        int numberBefore = number;
        place = there;
        me = whose;
        number = 0;
        List<Integer> repeats = course.outside();
        boolean loud = linker.quiet(true);
        steps(script.script(), Optional.empty(), 0, new Names(takes, Map.of()));
        linker.quiet(loud);
        course.backIn(repeats);
        returning = returningBefore;
        isWaitedFor = waitedBefore;
        place = placeBefore;
        me = meBefore;
        number = numberBefore;
    }

    Names steps(Script script, Optional<StepPath> outer, int inner, Names names) {
        Names now = names;
        for (int i = 0; i < script.steps().size(); i++) {
            StepPath path = StepPath.in(outer, inner, i);
            program.note(place, path, scope(now));
            int from = ops.size();
            now = step(script.steps().get(i), path, now);
            for (int op = from; op < ops.size(); op++) {
                next.putIfAbsent(op, ops.size());
            }
        }
        program.note(place, StepPath.in(outer, inner, script.steps().size()), scope(now));
        return now;
    }

    Scopes.At scope(Names names) {
        return program.scopes().at(me, names.values(), names.instances());
    }

    // For those that plan a kind of step

    /** Adds an operation; answers its place. */
    int add(Op op) {
        ops.add(op);
        return ops.size() - 1;
    }

    void set(int at, Op op) {
        ops.set(at, op);
    }

    /** Where the next operation will stand. */
    int here() {
        return ops.size();
    }

    /** Reserves local slots; answers the first. */
    int allocate(int slots) {
        int first = locals;
        locals += slots;
        return first;
    }

    private Names step(Step step, StepPath path, Names names) {
        var ref = new StepRef(place, path, ++number);
        if (!(step instanceof Step.Off)) {
            begun.merge(ops.size(), 1, Integer::sum);
        }
        switch (step) {
            case Step.Off off -> number += Steps.inside(off); // kept, and does nothing
            case Step.Open open -> {
                return new OpenPlanner(this, program, linker, me).plan(open, ref, path, names);
            }
            case Step.RunTask task -> {
                return new TaskPlanner(this, program, linker).plan(task, ref, path, names);
            }
            case Step.TakeHolding take -> new HoldingPlanner(this, program).take(take, ref, path, names);
            case Step.GiveBack back -> new HoldingPlanner(this, program).giveBack(back, ref, path, names);
            case Step.StopTask(String task) -> ops.add(new Op.StopTask(ref, task));
            case Step.CancelTask(String task) -> ops.add(new Op.CancelTask(ref, task));
            case Step.Do call -> new DoPlanner(this, program, linker).plan(call, ref, path, me, names);
            case Step.Return back -> back(back, ref, names);
            case Step.TurnTimer turn -> new TimerPlanner(this, program).plan(turn, ref, me);
            case Step.Focus(String part) -> focus(part, ref, names);
            case Step.Close close -> close(close, ref, path, names);
            case Step.StayOpen stay -> ops.add(new Op.StayOpen(ref));
            case Step.SetValue(String what, var value) -> set(what, value, ref, names);
            case Step.SetIn set -> set(set, ref, names);
            case Step.If choice -> course.plan(choice, ref, path, names);
            case Step.EndApplication end -> end(end, ref, path, names);
            case Step.AddRow add -> new RowPlanner(this).plan(add, ref, names);
            case Step.ChangeRow change -> new RowPlanner(this).plan(change, ref, names);
            case Step.RemoveRow remove -> new RowPlanner(this).plan(remove, ref, names);
            case Step.KeepRow keep -> ops.add(new Op.KeepRow(ref));
            case Step.Let(String name, var value) -> {
                return course.let(name, value, ref, names);
            }
            case Step.Repeat(Script inside) -> course.repeat(inside, path, names);
            case Step.Again again -> course.again(ref);
            case Step.KeptValues kept -> ops.add(new Op.KeptValues(ref, kept.how()));
            case Step.NotThereYet n ->
                ops.add(new Op.NotThereYet(ref, ref.place().notThereYet(program.design())));
            case Step.Reach reach -> reach(reach, ref, names);
            case Step.Note(String text) ->
                ops.add(new Op.Note(ref, linker.text(spot(ref, "note"), text, scope(names))));
        }
        return names;
    }

    /** A step that cannot be done: that is reported, with {@code source} marked, and a fault when it is reached (X3). */
    void broken(StepRef ref, String what, String source, String why) {
        broken(ref, what, source, why, Optional.empty());
    }

    /** @param instead what was probably meant in place of the source */
    void broken(StepRef ref, String what, String source, String why, Optional<String> instead) {
        linker.report(spot(ref, what), source, List.of(new Problem(why, 0, Math.max(1, source.length()), instead)));
        ops.add(new Op.Broken(ref, why));
    }

    static Linker.Spot spot(StepRef ref, String what) {
        return new Linker.Spot(new Trouble.Where.InStep(ref, OptionalInt.empty()), what);
    }

    /** The condition that leads into one of a step's scripts. */
    static Linker.Spot condition(StepRef ref, int inner) {
        return new Linker.Spot(new Trouble.Where.InStep(ref, OptionalInt.of(inner)), "condition");
    }

    /** Compiles a branch that no ending leads to, so that what is wrong in it is found, and drops its operations. */
    void skip(Script script, StepPath path, int inner, Names names) {
        int from = ops.size();
        steps(script, Optional.of(path), inner, names);
        if (script.isEmpty()) {
            return; // looking for what to drop costs as much as all operations before
        }
        ops.subList(from, ops.size()).clear();
        next.keySet().removeIf(at -> at >= from);
        begun.keySet().removeIf(at -> at >= from);
    }

    void patch(List<Integer> jumps, int to) {
        for (int jump : jumps) {
            Op op = ops.get(jump);
            if (op instanceof Op.Jump) {
                ops.set(jump, new Op.Jump(to));
            } else if (op instanceof Op.Return back) {
                ops.set(jump, back.to(to));
            }
        }
    }

    List<Op.Hand> gives(Ending ending, List<Given> values, StepRef ref, Names names) {
        return handing(ref, names, "the ending “" + ending.name() + "” gives no")
                .said(ending.gives().stream().map(Handing.Place::new).toList(), values);
    }

    /** @param hasNo what is said of a value for a place that is not there, before the name */
    Handing handing(StepRef ref, Names names, String hasNo) {
        return new Handing(linker, ref, scope(names), hasNo);
    }

    private void close(Step.Close close, StepRef ref, StepPath path, Names names) {
        Optional<String> wrong = targets().wrong(close.target(), names);
        if (wrong.isPresent()) {
            broken(ref, "close", "", wrong.get());
            skip(close.refused(), path, 0, names);
            return;
        }
        Optional<WindowPlan> target = targets().window(close.target(), names);
        Whom whom = targets().whom(close.target(), ref, names);
        List<Op.Hand> gives = List.of();
        if (target.isPresent()) {
            String wanted = close.ending().orElse(target.get().usualEnding());
            int ending = target.get().endingNumber(wanted);
            if (ending == 0) {
                linker.report(
                        spot(ref, "ending"),
                        wanted,
                        List.of(new Problem(
                                target.get().window().name().shown() + " has no ending “" + wanted + "”",
                                0,
                                Math.max(1, wanted.length()))));
            } else {
                gives = gives(target.get().ending(ending), close.gives(), ref, names);
            }
        }
        int at = ops.size();
        ops.add(new Op.Broken(ref, ""));
        int refused = at + 1;
        int after = refused(close.refused(), path, names);
        ops.set(at, new Op.Close(ref, whom, close.ending(), gives, after, refused));
    }

    /** Plans what is run when a request is refused, right after its step; answers where the script goes on after it. */
    private int refused(Script script, StepPath path, Names names) {
        if (!script.isEmpty()) {
            steps(script, Optional.of(path), 0, names);
        }
        return ops.size();
    }

    /** W11: the script that is done here ends as one of its endings, or the one that stands by itself answers who does it. */
    private void back(Step.Return step, StepRef ref, Names names) {
        Optional<NamedScript> named = place instanceof ScriptPlace.Named here && (returning.isPresent() || !isLate)
                ? Done.of(program.design(), here)
                : Optional.empty();
        int ending = named.map(
                        s -> s.endings().stream().map(Ending::name).toList().indexOf(step.ending()))
                .orElse(-1);
        if (ending < 0) {
            String why = named.map(s -> s.name() + " has no ending “" + step.ending() + "”")
                    .orElse(
                            isLate
                                    ? "when this is done nobody waits for an answer any more"
                                    : "only a named script returns something to who does it");
            broken(ref, "return", step.ending(), why);
            return;
        }
        List<Op.Hand> gives = gives(named.get().endings().get(ending), step.gives(), ref, names);
        if (returning.isPresent()) {
            returning.get().plan(ending, ref, gives, this);
        } else {
            add(new Op.Answer(ref, ending, gives));
        }
    }

    private void focus(String part, StepRef ref, Names names) {
        Optional<ListIn> found = scope(names).part(part.strip());
        if (found.isEmpty()) {
            Optional<String> near =
                    near(part, scope(names), n -> scope(names).part(n).isPresent());
            String why = part.isBlank() ? "no part is named here" : "“" + part + "” is no part here" + asking(near);
            broken(ref, "focus", part, why, near);
        } else {
            ops.add(new Op.Focus(ref, found.get()));
        }
    }

    /** A name of a scope that was probably meant, among those that can be; a list may be known by what it has only. */
    static Optional<String> near(String name, Scopes.At scope, Predicate<String> canBe) {
        List<String> known = scope.names().stream()
                .flatMap(n -> Stream.of(n, n.substring(0, Math.max(0, n.lastIndexOf('.')))))
                .distinct()
                .filter(canBe)
                .toList();
        return Nearest.named(name.strip(), known);
    }

    static String asking(Optional<String> near) {
        return near.map(n -> "; did you mean " + n + "?").orElse("");
    }

    private void reach(Step.Reach reach, StepRef ref, Names names) {
        Optional<String> wrong = targets().wrong(reach.target(), names);
        if (wrong.isPresent()) {
            broken(ref, reach.how().words(), "", wrong.get());
            return;
        }
        ops.add(new Op.Reach(ref, reach.how(), targets().whom(reach.target(), ref, names)));
    }

    /** What targets mean here: in the steps of another script that is done, they mean what they mean there. */
    TargetPlanner targets() {
        return new TargetPlanner(this, program, linker, me);
    }

    private void set(String path, bivouac.design.Expression value, StepRef ref, Names names) {
        Scopes.At scope = scope(names);
        Optional<Access> access = scope.access(path.strip());
        if (access.isEmpty() || access.get().writer().isEmpty()) {
            String why = path.isBlank()
                    ? "what is to be set is missing"
                    : access.isEmpty()
                            ? Expressions.unknown(path.strip(), scope)
                            : "“" + path + "” cannot be set: it follows other values, or was only handed over";
            boolean isUnknown = access.isEmpty() && !path.isBlank();
            broken(ref, "set", path, why, isUnknown ? Expressions.meant(path.strip(), scope) : Optional.empty());
            linker.report(
                    spot(ref, "value"),
                    value.source(),
                    Expressions.compile(value, scope).problems());
            return;
        }
        Compiled<Reading> compiled =
                linker.typed(spot(ref, path), value, access.get().type(), scope);
        ops.add(new Op.Set(ref, path, access.get(), compiled));
    }

    private void set(Step.SetIn set, StepRef ref, Names names) {
        Scopes.At scope = scope(names);
        Optional<String> wrong = targets().wrong(set.in(), names);
        Optional<WindowPlan> window = targets().window(set.in(), names);
        Optional<Access> access = window.flatMap(w -> Scopes.of(w, set.member().strip()));
        if (wrong.isPresent() || access.isEmpty() || access.get().writer().isEmpty()) {
            String why = wrong.orElseGet(() -> access.isEmpty()
                    ? window.map(w -> w.window().name().shown()).orElse("that window") + " has no “" + set.member()
                            + "”"
                    : "“" + set.member() + "” cannot be set: it follows other values");
            broken(ref, "set", set.member(), why);
            linker.report(
                    spot(ref, "value"),
                    set.value().source(),
                    Expressions.compile(set.value(), scope).problems());
            return;
        }
        Compiled<Reading> compiled =
                linker.typed(spot(ref, set.member()), set.value(), access.get().type(), scope);
        ops.add(new Op.SetIn(ref, set.member(), targets().whom(set.in(), ref, names), access.get(), compiled));
    }

    private void end(Step.EndApplication end, StepRef ref, StepPath path, Names names) {
        Scopes.At scope = scope(names);
        var code = end.code().map(e -> linker.typed(spot(ref, "exit code"), e, Type.WHOLE, scope));
        var saying = end.saying().map(t -> linker.text(spot(ref, "saying"), t, scope));
        int at = ops.size();
        ops.add(new Op.Broken(ref, ""));
        int refused = at + 1;
        int after = refused(end.refused(), path, names);
        ops.set(at, new Op.End(ref, code, saying, after, refused));
    }
}
