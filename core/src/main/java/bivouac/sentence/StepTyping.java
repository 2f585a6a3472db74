package bivouac.sentence;

import bivouac.design.Design;
import bivouac.design.Expression;
import bivouac.design.FacedWindow;
import bivouac.design.Given;
import bivouac.design.Manner;
import bivouac.design.Name;
import bivouac.design.Script;
import bivouac.design.ScriptPlace;
import bivouac.design.Step;
import bivouac.design.StepPath;
import bivouac.design.Steps;
import bivouac.design.Take;
import bivouac.design.Target;
import bivouac.design.Type;
import bivouac.design.Window;
import bivouac.plan.Program;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;

/**
 * Turns a typed line into a step at its place: a new one, or one that replaces what stood there and keeps the scripts
 * inside it. {@code message} and {@code ask} make their message box as well.
 */
public final class StepTyping {

    private final Design design;
    private final ScriptPlace place;
    private final StepPath at;
    private final boolean replaces;

    /** @param replaces whether the line stands for the step that is there, or is put in before it */
    public StepTyping(Design design, ScriptPlace place, StepPath at, boolean replaces) {
        this.design = design;
        this.place = place;
        this.at = at;
        this.replaces = replaces;
    }

    /** What the line does. */
    public Typed read(String typed) {
        String line = typed.strip();
        Optional<CarefulWay> careful = replaces ? Optional.empty() : CarefulWay.of(line);
        if (careful.isPresent()) {
            return new CarefulTyping(design, place, at).make(careful.get());
        }
        var words = new Words(line);
        if (words.take("else if")) {
            return branches().otherwise(Optional.of(words.rest()));
        }
        if (words.take("else")) {
            return words.isEmpty() ? branches().otherwise(Optional.empty()) : tooMuch(words);
        }
        if (words.take("when")) {
            return branches().when(words);
        }
        if (words.take("message")) {
            return boxes().message(words, false);
        }
        if (words.take("ask")) {
            return boxes().message(words, true);
        }
        if (words.take("check")) {
            return boxes().check(words.rest());
        }
        if (new Words(line).take("run new") && !names(line, "run", WorkTyping.tasks(design))) {
            words.take("run new");
            return made(words, "Name the work: run new write the register.", new WorkTyping(design)::runNew);
        }
        if (new Words(line).take("take new") && !names(line, "take", WorkTyping.holdings(design))) {
            words.take("take new");
            return made(words, "Name what is taken: take new register lock.", new WorkTyping(design)::takeNew);
        }
        if (new Words(line).take("open new") && (!names(line, "open", windows()) || isOfAKind(line))) {
            words.take("open new");
            return openNew(words);
        }
        return plain(words)
                .map(step -> finished(step, words, line))
                .orElseGet(() -> new Typed.Unfinished(unknown(line)));
    }

    /** Whether what stands after the first word is a name that is known, though it begins with one of our words. */
    private static boolean names(String line, String first, List<String> known) {
        var words = new Words(line);
        return words.take(first) && known.stream().anyMatch(k -> words.startsWith(lower(k)));
    }

    /** <em>open new dialog Sign in</em>, and no window that is called <em>new …</em> as it is written there. */
    private boolean isOfAKind(String line) {
        var words = new Words(line);
        boolean named = words.take("open") && words.goesOnWith(windows());
        return !named && words.take("new") && NewWindow.all().stream().anyMatch(k -> words.startsWith(k.words()));
    }

    private List<String> windows() {
        return design.windows().stream().map(w -> w.name().shown()).toList();
    }

    /** A step that says all that it needs, and nothing that nobody understands. */
    private Typed finished(Step step, Words words, String line) {
        Optional<String> missing = MissingWords.of(step);
        if (missing.isPresent()) {
            return new Typed.Unfinished(missing.get());
        }
        return words.isEmpty() ? put(design, step, line) : tooMuch(words);
    }

    static Typed tooMuch(Words words) {
        return new Typed.Unfinished(
                "“" + words.left() + "” is not understood there; leave it out, or take what is offered.");
    }

    private static String unknown(String line) {
        return line.isEmpty()
                ? "Begin with open, message, ask, set, if, close, stay open, end or note."
                : "“" + line.split("\\s+", 2)[0]
                        + "” begins no step; steps begin with open, message, ask, set, if, close, stay open, end or note.";
    }

    private BranchTyping branches() {
        return new BranchTyping(design, place, at);
    }

    private BoxTyping boxes() {
        return new BoxTyping(design, place, at, replaces, this);
    }

    private Optional<Step> plain(Words words) {
        if (words.take("open")) {
            return Optional.of(open(words));
        }
        if (words.take("close")) {
            return Optional.of(close(words));
        }
        if (words.take("stay open") || words.take("stay")) {
            return Optional.of(new Step.StayOpen());
        }
        if (words.take("if")) {
            return Optional.of(new Step.If(
                    List.of(new Step.If.Case(new Expression(words.rest()), Script.EMPTY)), Optional.empty()));
        }
        if (words.take("end the application") || words.take("end")) {
            return Optional.of(end(words));
        }
        if (words.take("not there yet")) {
            return Optional.of(new Step.NotThereYet());
        }
        if (words.take("repeat")) {
            return Optional.of(new Step.Repeat(Script.EMPTY));
        }
        if (words.take("again")) {
            return Optional.of(new Step.Again());
        }
        for (Step.KeptValues.How how : Step.KeptValues.How.values()) {
            if (words.take(how.words())) {
                return Optional.of(new Step.KeptValues(how));
            }
        }
        Optional<Step> other = ValueTyping.read(words).or(() -> new WorkTyping(design).read(words));
        if (other.isPresent()) {
            return other;
        }
        if (words.take("focus")) {
            return Optional.of(new Step.Focus(words.rest()));
        }
        for (Step.Reach.How how : Step.Reach.How.values()) {
            if (words.take(how.words())) {
                return Optional.of(new Step.Reach(how, words.isEmpty() ? new Target.Me() : target(words)));
            }
        }
        if (words.take("note")) {
            return Optional.of(new Step.Note(words.quotedOrRest()));
        }
        return Optional.empty();
    }

    private Step.Open open(Words words) {
        String name = words.longestOf(windows(), OPEN_WORDS);
        Optional<Window> window = meant(name);
        return open(words, window.map(w -> w.name().shown()).orElse(name), usualManner(window));
    }

    private Step.Open open(Words words, String name, Manner usual) {
        Manner manner = usual;
        if (words.take("and wait, for its owner") || words.take("and wait for its owner")) {
            manner = new Manner.WaitsForOwner();
        } else if (words.take("and wait, for the application")
                || words.take("and wait for the application")
                || words.take("and wait")) {
            manner = new Manner.WaitsForApplication();
        } else if (words.take("alongside")) {
            manner = new Manner.Alongside();
        } else if (words.take("in place")) {
            manner = new Manner.InPlace("", List.of());
        }
        Optional<String> as = words.take("as") ? Optional.of(words.word()) : Optional.empty();
        List<Given> hands = words.take("handing") ? words.givens() : List.of();
        return new Step.Open(name, manner, Optional.empty(), hands, as, List.of());
    }

    /** {@code open new dialog NAME}: makes the window where it is noticed to be missing, and opens it. */
    private Typed openNew(Words words) {
        for (NewWindow kind : NewWindow.all()) {
            if (words.take(kind.words())) {
                String wanted = words.longestOf(List.of(), OPEN_WORDS);
                Name name = design.freeName(wanted.isEmpty() ? kind.words() : wanted);
                Window made = kind.named(name);
                Step.Open step = open(words, name.shown(), usualManner(Optional.of(made)));
                Optional<String> missing = MissingWords.of(step);
                if (missing.isPresent() || !words.isEmpty()) {
                    return missing.<Typed>map(Typed.Unfinished::new).orElseGet(() -> tooMuch(words));
                }
                return put(design.adding(made.taking(takes(step))), step, kind.words() + " " + name);
            }
        }
        return new Typed.Unfinished("Say of which kind it is, and its name: open new "
                + NewWindow.all().stream().map(NewWindow::words).collect(Collectors.joining(", "))
                + ".");
    }

    /** What a window that is made there takes: what it is handed, of the types that these values have. */
    private List<Take> takes(Step.Open step) {
        if (step.handOver().isEmpty()) {
            return List.of();
        }
        Program program = Program.of(design);
        return step.handOver().stream()
                .map(g -> new Take(
                        new Name(g.name(), g.name()),
                        program.compileAt(place, at, g.value()).type().orElse(Type.TEXT),
                        Optional.empty()))
                .toList();
    }

    private static final List<String> OPEN_WORDS = List.of(" and wait", " alongside", " in place", " as ", " handing ");

    /** The window of that name, or the only one whose name begins so. */
    private Optional<Window> meant(String name) {
        var begin = design.windows().stream()
                .filter(w -> !name.isBlank() && lower(w.name().shown()).startsWith(lower(name)))
                .toList();
        return design.window(name).or(() -> begin.size() == 1 ? Optional.of(begin.getFirst()) : Optional.empty());
    }

    /** A dialog or box is waited for, anything else opens alongside; where nothing is said it waits for all (B1). */
    private static Manner usualManner(Optional<Window> window) {
        boolean waits = window.map(w -> !(w instanceof FacedWindow f && f.of() != FacedWindow.Kind.DIALOG))
                .orElse(false);
        return waits ? new Manner.WaitsForApplication() : new Manner.Alongside();
    }

    private Step.Close close(Words words) {
        Target target = new Target.Me();
        boolean own = words.startsWith("with") || words.startsWith("giving");
        if ((!own || words.goesOnWith(windows())) && !words.isEmpty()) {
            target = target(words);
        }
        Optional<String> ending = Optional.empty();
        if (words.take("with")) {
            ending = Optional.of(words.longestOf(List.of(), List.of(" giving ")));
        }
        List<Given> gives = words.take("giving") ? words.givens() : List.of();
        return new Step.Close(target, ending, gives, Script.EMPTY);
    }

    private Target target(Words words) {
        return new TargetTyping(design, " with ", " giving ").read(words);
    }

    /** A step that makes what it names. */
    private Typed made(Words words, String unnamed, Function<String, WorkTyping.Made> make) {
        if (words.isEmpty()) {
            return new Typed.Unfinished(unnamed);
        }
        WorkTyping.Made made = make.apply(words.rest());
        return put(made.design(), made.step(), made.what());
    }

    private static Step end(Words words) {
        Optional<Expression> code = Optional.empty();
        if (words.take("code")) {
            code = Optional.of(new Expression(words.longestOf(List.of(), List.of(" saying "))));
        }
        Optional<String> saying = words.take("saying") ? Optional.of(words.quotedOrRest()) : Optional.empty();
        return new Step.EndApplication(code, saying, Script.EMPTY);
    }

    // putting it in

    Typed put(Design into, Step step, String what) {
        Script script = place.in(into);
        if (!replaces) {
            Script changed = at.insert(script, step);
            StepPath next = step instanceof Step.If || step instanceof Step.Repeat ? at.into(0, 0) : at.next(1);
            return new Typed.Done(place.put(into, changed), "step added: " + what, next);
        }
        Optional<Step> before = at.in(script);
        if (before.isEmpty()) {
            return new Typed.Unfinished(
                    "The step that this line was to change is gone; press Escape and type it anew.");
        }
        Step kept = KeptInside.of(before.get() instanceof Step.Off(Step inside) ? inside : before.get(), step);
        int lost = Steps.count(new Script(List.of(before.get()))) - Steps.count(new Script(List.of(kept)));
        if (lost > 0) {
            return new Typed.Unfinished((lost == 1 ? "A step stands" : lost + " steps stand")
                    + " inside the step here, and this line has no place for " + (lost == 1 ? "it" : "them")
                    + "; move or remove " + (lost == 1 ? "it" : "them") + " first, or press Escape.");
        }
        Script changed = at.replace(script, kept);
        return new Typed.Done(place.put(into, changed), "step changed: " + what, at.next(1));
    }

    /** Words that a step can begin with, for completion, in the order in which they are offered. */
    public static List<String> beginnings() {
        var all = new ArrayList<String>(STEPS);
        List.of(CarefulWay.values()).forEach(w -> all.add(w.words()));
        return all;
    }

    private static final List<String> STEPS = List.of(
            "open",
            "message",
            "ask",
            "set",
            "if",
            "close",
            "stay open",
            "end the application",
            "note",
            "check",
            "add row to",
            "change row of",
            "remove row of",
            "keep the row",
            "let",
            "enable",
            "disable",
            "repeat",
            "again",
            "save kept values",
            "load kept values",
            "run",
            "run new",
            "stop task",
            "cancel task",
            "do",
            "return",
            "start timer",
            "stop timer",
            "focus",
            "take",
            "take new",
            "give back",
            "hide",
            "show",
            "bring to front",
            "not there yet",
            "else if",
            "else",
            "when");

    static String lower(String text) {
        return text.toLowerCase(Locale.ROOT);
    }
}
