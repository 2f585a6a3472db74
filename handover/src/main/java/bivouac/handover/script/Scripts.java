package bivouac.handover.script;

import bivouac.design.Braces;
import bivouac.design.Design;
import bivouac.design.Done;
import bivouac.design.Expression;
import bivouac.design.FacedWindow;
import bivouac.design.NamedScript;
import bivouac.design.Names;
import bivouac.design.Script;
import bivouac.design.ScriptPlace;
import bivouac.design.Step;
import bivouac.design.StepPath;
import bivouac.design.Steps;
import bivouac.handover.NotHandedOver;
import bivouac.handover.meaning.Outcome;
import bivouac.handover.meaning.Say;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;

/** Describes a script as the acts that the written program carries out: it waits where the steps wait. */
public final class Scripts extends ScriptWork {

    private static final Pattern ROW = Pattern.compile("(?<![\\w.])row\\b");
    private static final Pattern TEXT = Pattern.compile("\"(?:[^\"\\\\]|\\\\.)*\"|'(?:[^'\\\\]|\\\\.)*'");

    private final Set<String> goneBackTo = new HashSet<>();
    private int repeats;

    public Scripts(ScriptOf of) {
        super(of);
    }

    /** Whether the script at a place answers: a window may close, a row may be removed. */
    public static boolean answers(ScriptPlace place) {
        return isAsked(place);
    }

    /** Whether the row that a list's event is about is read somewhere in it. */
    public static boolean readsRow(Script script) {
        return Steps.any(script, step -> step.pieces().expressions().stream()
                .anyMatch(e ->
                        ROW.matcher(TEXT.matcher(e.source()).replaceAll("\"\"")).find()));
    }

    /** Done where nobody waits for its end, though it stands where a named script does. */
    public Scripts outside() {
        isOutside = true;
        return this;
    }

    /** The body of the method. */
    public Block of(Script script) {
        return block(() -> {
            rests = isLate() ? List.of(new Rest.End()) : List.of();
            boolean goesOn = steps(script, StepPath.of(0));
            if (goesOn && isLate()) {
                act(new Act.Finish());
            }
            if (goesOn && isAnswering()) {
                return stop(new Act.Return(Optional.empty(), List.of()));
            }
            return goesOn && isAsked(place) ? stop(new Act.Over()) : goesOn;
        });
    }

    /** The body of one step of the script at a place. */
    public Block of(Step step, StepPath path) {
        here = here.at(path);
        return block(() -> step(step, path));
    }

    @Override
    boolean steps(Script list, StepPath first) {
        for (int i = 0; i < list.steps().size(); i++) {
            StepPath path = first.next(i);
            here = here.at(path);
            var outer = rests;
            if (i + 1 < list.steps().size()) {
                var longer = new ArrayList<Rest>();
                longer.add(new Rest.OfSteps(
                        first.next(i + 1),
                        new Script(list.steps().subList(i + 1, list.steps().size()))));
                longer.addAll(rests);
                rests = longer;
            }
            boolean goesOn = step(list.steps().get(i), path);
            rests = outer;
            if (!goesOn) {
                return false;
            }
        }
        return true;
    }

    private boolean step(Step step, StepPath path) {
        return switch (step) {
            case Step.Open open -> open(open, path);
            case Step.RunTask run -> run(run, path);
            case Step.TakeHolding take -> holding(take.holding(), take.branches(), true, path);
            case Step.GiveBack give -> holding(give.holding(), give.branches(), false, path);
            case Step.Do done -> doScript(done, path);
            case Step.Return back -> returned(back);
            case Step.TurnTimer(var how, String timer) -> timer(how, timer);
            case Step.Focus(String part) -> act(new Act.Focus(partOf(part, ".enabled")));
            case Step.StopTask(String task) -> act(new Act.StopTask(task));
            case Step.CancelTask(String task) -> act(new Act.CancelTask(task));
            case Step.Close close -> close(close, path);
            case Step.StayOpen s -> stop(isAskedToClose() ? new Act.Refuse() : new Act.RefuseFurtherUp());
            case Step.SetValue(String target, var value) -> set(target, value);
            case Step.SetIn(String member, var in, var value) -> setIn(member, in, value);
            case Step.If choice -> choice(choice, path);
            case Step.EndApplication end -> end(end, path);
            case Step.Note(String text) -> act(new Act.Note(words("note", text)));
            case Step.AddRow(String target, var values) -> addRow(target, values);
            case Step.ChangeRow(String target, var values) -> changeRow(target, values);
            case Step.RemoveRow(String target, boolean unasked) -> removeRow(target, unasked);
            case Step.KeepRow k -> stop(isLater ? new Act.Over() : new Act.Refuse());
            case Step.Let(String name, var value) -> let(name, value);
            case Step.Repeat(Script script) -> repeat(script, path);
            case Step.Again a -> again();
            case Step.KeptValues(var how) -> act(new Act.KeptValues(how));
            case Step.NotThereYet n ->
                act(new Act.Note(words(
                        "notThereYet",
                        Braces.escape(place.notThereYet(meanings.program().design())))));
            case Step.Reach(var how, var target) -> reach(how, target);
            case Step.Off off -> true;
        };
    }

    /** What is done later on, when something has ended, answers nobody. */
    private boolean isAskedToClose() {
        return place.isAt(FacedWindow.Moment.BEFORE_CLOSING) && !isLater;
    }

    private boolean choice(Step.If choice, StepPath path) {
        var cases = new ArrayList<Act.Case>();
        for (int i = 0; i < choice.cases().size(); i++) {
            Expression condition = choice.cases().get(i).condition();
            Say says = say(condition);
            cases.add(new Act.Case(says, inner(choice.cases().get(i).script(), path.into(i, 0))));
        }
        Optional<Block> otherwise = innerIfAny(
                choice.otherwise().orElse(Script.EMPTY),
                path.into(choice.cases().size(), 0));
        act(new Act.Choose(cases, otherwise));
        return otherwise.isEmpty()
                || otherwise.get().goesOn()
                || cases.stream().anyMatch(c -> c.block().goesOn());
    }

    private boolean repeat(Script script, StepPath path) {
        String before = repeat;
        String label = repeats++ == 0 ? "again" : "again" + repeats;
        repeat = label;
        Block block = inner(script, path.into(0, 0));
        repeat = before;
        if (goneBackTo.contains(label)) {
            act(new Act.Repeat(label, block));
        } else {
            // nothing goes back: it is done once
            out.addAll(block.acts());
        }
        return block.goesOn();
    }

    private boolean again() {
        if (repeat.isEmpty()) {
            throw new NotHandedOver(
                    where() + ": “again” stands outside a “repeat”, or in what a background task leads to.");
        }
        goneBackTo.add(repeat);
        return stop(new Act.Again(repeat));
    }

    private boolean returned(Step.Return step) {
        Optional<Outcome> outcome = place instanceof ScriptPlace.Named named && !isLater
                ? outcomes.whereOfScript(named, step.ending())
                : Optional.empty();
        if (outcome.isEmpty()) {
            throw new NotHandedOver(where() + ": “return " + step.ending() + "” reaches nobody who does this script.");
        }
        List<Handed> gives = outcome.get().gives().stream()
                .map(g -> new Handed(
                        g.name(),
                        g.type(),
                        step.gives().stream()
                                .filter(v -> v.name().equals(g.name()))
                                .findFirst()
                                .map(v -> say(v.value()))))
                .toList();
        return stop(new Act.Return(outcome, gives));
    }

    private boolean doScript(Step.Do step, StepPath path) {
        Design design = meanings.program().design();
        ScriptPlace.Named done = Done.place(design, place, step)
                .orElseThrow(() -> new NotHandedOver(where() + ": there is no script “" + step.script() + "”."));
        NamedScript named = Done.of(design, done).orElseThrow();
        List<Handed> handed = handed(named.takes(), step.handOver());
        if (step.in().isPresent()) {
            return answered(elsewhere(step, done, handed), step, done, path);
        }
        if (named.answers()) {
            return answered(new Asked.Script(done, handed), step, done, path);
        }
        String script = step.script();
        if (!meanings.late().isLate(done)) {
            return act(new Act.DoScript(done.window(), script, handed, false, Optional.empty()));
        }
        Act.StepName name = stepName(script);
        String after = names.local(Names.propose("after do " + named.name().expression()));
        if (isWaitedFor()) {
            // all is waited for there (W5, W11), so it is over when it comes back
            var nothing = new Act.Later(name, after, new Block(List.of(), true));
            return act(new Act.DoScript(done.window(), script, handed, isAnswering(), Optional.of(nothing)));
        }
        var rest = new Act.Later(name, after, thenRest(() -> true));
        act(new Act.DoScript(done.window(), script, handed, false, Optional.of(rest)));
        return goesOnLater();
    }

    private boolean answered(Asked asked, Step.Do step, ScriptPlace.Named done, StepPath path) {
        List<Outcome> all = outcomes.ofScript(done);
        var branches = new ArrayList<Answer>();
        for (int i = 0; i < step.branches().size(); i++) {
            Step.Branch branch = step.branches().get(i);
            StepPath at = path.into(i, 0);
            boolean led = !step.isEvery() || step.until().contains(branch.ending());
            outcomes.whereOfScript(done, branch.ending())
                    .filter(o -> led)
                    .ifPresent(o -> branches.add(new Answer(o, branch, at)));
        }
        return answers(asked, branches, all, step.as());
    }

    /** W12: what it is handed is looked at once, before any of them is done. */
    private Asked elsewhere(Step.Do step, ScriptPlace.Named done, List<Handed> handed) {
        Act.StepName name = stepName(step.script());
        String each = names.passing("each");
        boolean late = meanings.late().isLate(done);
        if (!step.isEvery()) {
            return new Asked.ScriptIn(
                    done, whomIn(step, done), each, handed, late ? Optional.of(name) : Optional.empty());
        }
        List<Handed> held = handed.stream().map(this::held).toList();
        List<Outcome> until = outcomes.ofScript(done).stream()
                .filter(o -> step.until().contains(o.ending()))
                .toList();
        return new Asked.ScriptInEvery(
                done, each, until, names.passing("answer"), held, late ? Optional.of(name) : Optional.empty());
    }

    private Whom whomIn(Step.Do step, ScriptPlace.Named done) {
        Whom whom = whom(step.in().orElseThrow());
        if (whom.window().isEmpty()) {
            throw new NotHandedOver(where() + ": “" + step.script() + "” can be of several windows; name the window.");
        }
        return new Whom(whom.whose(), done.window());
    }

    private Handed held(Handed handed) {
        return handed.value()
                .filter(v -> !(v instanceof Say.Literal))
                .map(v -> {
                    String local = names.local(handed.name());
                    act(new Act.Let(local, v));
                    used.add(local);
                    return new Handed(handed.name(), handed.type(), Optional.of(new Say.Local(local, v.type())));
                })
                .orElse(handed);
    }

    private boolean end(Step.EndApplication end, StepPath path) {
        Optional<Say> code = end.code().map(this::say);
        return act(
                new Act.End(code, words("end", end.saying().orElse("")), innerIfAny(end.refused(), path.into(0, 0))));
    }
}
