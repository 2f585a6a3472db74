package bivouac.handover.script;

import bivouac.design.Braces;
import bivouac.design.Expression;
import bivouac.design.FacedWindow;
import bivouac.design.Given;
import bivouac.design.NamedScript;
import bivouac.design.Names;
import bivouac.design.Script;
import bivouac.design.ScriptPlace;
import bivouac.design.Step;
import bivouac.design.StepPath;
import bivouac.design.Steps;
import bivouac.handover.NotHandedOver;
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
            case Step.Do(String script, var handOver) -> doScript(script, handOver);
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

    private boolean doScript(String script, List<Given> handOver) {
        ScriptPlace.Named done = meanings.late()
                .find(place.ofWindow(), script)
                .orElseThrow(() -> new NotHandedOver(where() + ": there is no script “" + script + "”."));
        NamedScript named = ScriptPlace.routines(meanings.program().design(), done.window())
                .script(script)
                .orElseThrow();
        List<Handed> handed = handed(named.takes(), handOver);
        if (!meanings.late().isLate(done)) {
            return act(new Act.DoScript(done.window(), script, handed, Optional.empty()));
        }
        Act.StepName step = stepName(script);
        String after = names.local(Names.propose("after do " + named.name().expression()));
        if (place.isOfClosing()) {
            // all is waited for there (W5), so it is over when it comes back
            var nothing = new Act.Later(step, after, new Block(List.of(), true));
            return act(new Act.DoScript(done.window(), script, handed, Optional.of(nothing)));
        }
        var rest = new Act.Later(step, after, thenRest(() -> true));
        act(new Act.DoScript(done.window(), script, handed, Optional.of(rest)));
        return goesOnLater();
    }

    private boolean end(Step.EndApplication end, StepPath path) {
        Optional<Say> code = end.code().map(this::say);
        return act(
                new Act.End(code, words("end", end.saying().orElse("")), innerIfAny(end.refused(), path.into(0, 0))));
    }
}
