package bivouac.handover.java;

import bivouac.design.Given;
import bivouac.design.NamedScript;
import bivouac.design.Script;
import bivouac.design.ScriptPlace;
import bivouac.design.Step;
import bivouac.design.StepPath;
import bivouac.design.Target;
import bivouac.design.Type;
import bivouac.expression.Value;
import bivouac.handover.NotHandedOver;
import bivouac.handover.meaning.Here;
import bivouac.handover.meaning.Say;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Writes a script as the body of a method: it reads as the sentences do, and waits where they wait. */
public final class JavaSteps extends ScriptWork {

    public JavaSteps(ScriptOf of) {
        super(of);
    }

    /** The body, without its braces. */
    public Lines write(Script script) {
        boolean goesOn = steps(script, StepPath.of(0), script);
        if (goesOn && ends == Ends.AGREES) {
            out.add(ends.line());
        }
        return out;
    }

    /** The body of one step of the script at a place. */
    public Lines write(Step step, StepPath path) {
        here = here.at(path);
        step(step, path, Script.EMPTY);
        return out;
    }

    /** Writes the steps of one list; answers whether what comes after it is reached. */
    @Override
    boolean steps(Script list, StepPath first, Script whole) {
        for (int i = 0; i < list.steps().size(); i++) {
            StepPath path = first.next(i);
            here = here.at(path);
            var outer = rests;
            if (i + 1 < list.steps().size()) {
                var longer = new ArrayList<Rest>();
                longer.add(new Rest(
                        first.next(i + 1),
                        new Script(list.steps().subList(i + 1, list.steps().size())),
                        here));
                longer.addAll(rests);
                rests = longer;
            }
            boolean goesOn = step(list.steps().get(i), path, whole);
            rests = outer;
            if (!goesOn) {
                return false;
            }
        }
        return true;
    }

    /** The steps of a list inside a step, with what they make known only there. */
    @Override
    boolean inner(Script list, StepPath first, Script whole) {
        Here before = here;
        boolean goesOn = steps(list, first, whole);
        here = before;
        return goesOn;
    }

    private boolean step(Step step, StepPath path, Script whole) {
        return switch (step) {
            case Step.Open open -> open(open, path, whole);
            case Step.RunTask run -> run(run, path, whole);
            case Step.TakeHolding take -> holding(take.holding(), take.branches(), true, path, whole);
            case Step.GiveBack give -> holding(give.holding(), give.branches(), false, path, whole);
            case Step.Do(String script, var handOver) -> doScript(script, handOver);
            case Step.TurnTimer(var how, String timer) -> timer(how, timer);
            case Step.Focus(String part) -> line(list(part, false) + ".requestFocus();");
            case Step.StopTask(String task) -> line(world.desk() + ".stopTask(" + JavaNames.literal(task + " ") + ");");
            case Step.Close close -> close(close, path, whole);
            case Step.StayOpen s -> stayOpen();
            case Step.SetValue(String target, var value) -> set(target, value);
            case Step.SetIn(String member, Target in, var value) -> setIn(member, in, value);
            case Step.If choice -> choice(choice, path, whole);
            case Step.EndApplication end -> end(end, path, whole);
            case Step.Note(String text) -> line(world.desk() + ".note(" + text("note", text) + ");");
            case Step.AddRow(String target, var values) -> addRow(target, values);
            case Step.ChangeRow(String target, var values) -> changeRow(target, values);
            case Step.RemoveRow(String target, boolean unasked) -> removeRow(target, unasked);
            case Step.KeepRow k -> stop("return false;");
            case Step.Let(String name, var value) -> let(name, value);
            case Step.Repeat(Script script) -> repeat(script, path, whole);
            case Step.Again a -> again();
            case Step.KeptValues(var how) ->
                line(world.app() + (how == Step.KeptValues.How.SAVE ? "saveKeptNow();" : "loadKept();"));
            case Step.NotThereYet n -> line("// Not there yet.");
            case Step.Reach(var how, Target target) -> reach(how, target);
            case Step.Off off -> true;
        };
    }

    @Override
    boolean inBlock(Script script, StepPath at, Script whole) {
        Lines outside = out;
        out = new Lines();
        boolean goesOn = inner(script, at, whole);
        outside.all(out);
        out = outside;
        return goesOn;
    }

    private boolean stayOpen() {
        boolean asked = place instanceof ScriptPlace.AtMoment && ends == Ends.AGREES;
        return stop(asked ? "return false;" : "throw " + world.desk() + ".stayOpen();");
    }

    private boolean choice(Step.If choice, StepPath path, Script whole) {
        return choice(choice, path, whole, "if (");
    }

    /** An <i>if</i> that is all of an <i>else</i> goes on as <i>else if</i>. */
    private boolean choice(Step.If choice, StepPath path, Script whole, String begins) {
        boolean goesOn = false;
        for (int i = 0; i < choice.cases().size(); i++) {
            String condition = value(choice.cases().get(i).condition(), Type.YESNO);
            out.add((i == 0 ? begins : "} else if (") + condition + ") {");
            goesOn |= inBlock(choice.cases().get(i).script(), path.into(i, 0), whole);
        }
        Script otherwise = choice.otherwise().orElse(Script.EMPTY);
        StepPath at = path.into(choice.cases().size(), 0);
        if (otherwise.steps().size() == 1 && otherwise.steps().getFirst() instanceof Step.If inner) {
            return goesOn | choice(inner, at, whole, "} else if (");
        }
        if (otherwise.doesNothing()) {
            out.add("}");
            return true;
        }
        out.add("} else {");
        goesOn |= inBlock(otherwise, at, whole);
        out.add("}");
        return goesOn;
    }

    private boolean repeat(Script script, StepPath path, Script whole) {
        String before = repeat;
        repeat = repeats++ == 0 ? "again" : "again" + repeats;
        Lines outside = out;
        out = new Lines();
        boolean goesOn = inner(script, path.into(0, 0), whole);
        Lines body = out;
        out = outside;
        boolean labelled = body.toString().contains("continue " + repeat + ";");
        if (!labelled) {
            // nothing goes back: it is done once
            out.all(body);
            repeat = before;
            return goesOn;
        }
        out.add(repeat + ":").add("while (true) {").all(body);
        if (goesOn) {
            out.add("break;");
        }
        out.add("}");
        repeat = before;
        return goesOn || body.toString().contains("break;");
    }

    private boolean again() {
        if (repeat.isEmpty()) {
            throw new NotHandedOver(
                    where() + ": “again” stands outside a “repeat”, or in what a background task leads to.");
        }
        return stop("continue " + repeat + ";");
    }

    private boolean doScript(String script, List<Given> handOver) {
        Optional<NamedScript> own = place.ofWindow()
                .flatMap(w -> meanings.program().design().faced(w))
                .flatMap(f -> f.routines().script(script));
        NamedScript named = own.or(() ->
                        meanings.program().design().application().routines().script(script))
                .orElseThrow(() -> new NotHandedOver(where() + ": there is no script “" + script + "”."));
        var arguments = new ArrayList<String>();
        if (own.isEmpty()) {
            arguments.add(self);
        }
        arguments.addAll(handed(named.takes(), handOver));
        String method = own.isPresent()
                ? world.methodOfScript(place.ofWindow(), script)
                : world.app() + world.methodOfScript(Optional.empty(), script);
        return line(method + "(" + String.join(", ", arguments) + ");");
    }

    private boolean end(Step.EndApplication end, StepPath path, Script whole) {
        String code = end.code()
                .map(c -> {
                    Say say = say(c);
                    String written = expressions().write(say);
                    return say instanceof Say.Literal(Value.Whole(long n), Type t) && n == (int) n
                            ? written
                            : "Math.toIntExact(" + written + ")";
                })
                .orElse("null");
        String saying =
                end.saying().filter(s -> !s.isEmpty()).map(s -> text("end", s)).orElse("\"\"");
        String call = world.desk() + ".end(" + code + ", " + saying + ")";
        if (end.refused().doesNothing()) {
            return line(call + ";");
        }
        out.add("if (" + call + ") {");
        inBlock(end.refused(), path.into(0, 0), whole);
        out.add("}");
        return true;
    }
}
