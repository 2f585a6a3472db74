package bivouac.handover.script;

import bivouac.design.FacedWindow;
import bivouac.design.Given;
import bivouac.design.Instances;
import bivouac.design.Manner;
import bivouac.design.ReadyMade;
import bivouac.design.Step;
import bivouac.design.StepPath;
import bivouac.design.Target;
import bivouac.design.Type;
import bivouac.design.Window;
import bivouac.handover.NotHandedOver;
import bivouac.handover.meaning.Here;
import bivouac.handover.meaning.Say;
import bivouac.plan.WindowPlan;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Optional;

/** Steps that open and close windows (O1 to O9, W6). */
abstract class ScriptWindows extends ScriptAnswers {

    ScriptWindows(ScriptOf of) {
        super(of);
    }

    boolean open(Step.Open open, StepPath path) {
        Window window = window(open.window());
        boolean mayFail = meanings.program().window(open.window()).orElseThrow().mayFail();
        if (open.manner() instanceof Manner.InPlace inPlace) {
            return inPlace(open, inPlace, window, mayFail, path);
        }
        return mayFail ? mayFail(open, window, path) : opened(open, window, path);
    }

    private static boolean isCouldNot(Step.Branch branch) {
        return branch.ending().equals(bivouac.design.Ending.COULD_NOT.name());
    }

    private Optional<Whom> owner(Step.Open open, Window window) {
        WindowPlan plan = meanings.program().window(window.name().shown()).orElseThrow();
        if (!plan.canBeOwned()) {
            return Optional.empty();
        }
        return Optional.of(
                open.ownedBy().map(this::whom).orElseGet(() -> new Whom(new Say.Whose.Me(), Optional.empty())));
    }

    private boolean opened(Step.Open open, Window window, StepPath path) {
        if (open.manner() instanceof Manner.Alongside && !(window instanceof ReadyMade)) {
            return alongside(open, window, path);
        }
        boolean forOwner = open.manner() instanceof Manner.WaitsForOwner;
        var asked =
                new Asked.Window(open.window(), owner(open, window), forOwner, handed(window.takes(), open.handOver()));
        return answers(asked, answersTo(open, path), outcomes.ofWindow(open.window()), open.as());
    }

    /** Its branches but {@code could not}, each with its ending; one for an ending that is not there is never gone. */
    private List<Answer> answersTo(Step.Open open, StepPath path) {
        var answers = new ArrayList<Answer>();
        for (int i = 0; i < open.branches().size(); i++) {
            Step.Branch b = open.branches().get(i);
            StepPath at = path.into(i, 0);
            if (!isCouldNot(b)) {
                outcomes.whereOfWindow(open.window(), b.ending()).ifPresent(o -> answers.add(new Answer(o, b, at)));
            }
        }
        return answers;
    }

    private boolean alongside(Step.Open open, Window window, StepPath path) {
        Optional<Whom> owner = owner(open, window);
        List<Handed> handed = handed(window.takes(), open.handOver());
        boolean branches = open.branches().stream()
                .anyMatch(b -> !isCouldNot(b)
                        && !b.script().doesNothing()
                        && outcomes.whereOfWindow(open.window(), b.ending()).isPresent());
        Act.Keep keep = open.as().map(name -> keep(name, open.window())).orElseGet(Act.Keep.Nowhere::new);
        Optional<Act.Ended> ended = branches ? Optional.of(ended(open, path)) : Optional.empty();
        return act(new Act.Open(open.window(), keep, owner, handed, ended));
    }

    private Act.Ended ended(Step.Open open, StepPath path) {
        String result = names.local("ended");
        List<Rest> after = rests;
        rests = List.of(); // it is a script of its own (W3): nothing of this one follows it
        Block block = later(() -> answers(
                new Asked.Came(result), answersTo(open, path), outcomes.ofWindow(open.window()), Optional.empty()));
        rests = after;
        return new Act.Ended(result, block);
    }

    private Act.Keep keep(String name, String window) {
        boolean ofWindow = me().stream()
                .flatMap(f -> f.variables().stream())
                .anyMatch(v -> v.name().expression().equals(name) && v.type() instanceof Type.WindowOf);
        if (ofWindow) {
            return new Act.Keep.InVariable(place.ofWindow().orElseThrow(), name);
        }
        String local = names.local(name);
        var kept = new HashMap<>(here.kept());
        kept.put(name, window);
        var locals = new HashMap<>(here.locals());
        locals.put(name, local);
        here = new Here(place, here.path(), locals, kept);
        return new Act.Keep.InLocal(local);
    }

    private boolean inPlace(Step.Open open, Manner.InPlace manner, Window window, boolean mayFail, StepPath path) {
        FacedWindow me =
                me().orElseThrow(() -> new NotHandedOver(where() + ": only a window makes room for another one."));
        List<Handed> handed = handed(window.takes(), open.handOver());
        Optional<Act.Ending> ending =
                manner.ending().isEmpty() ? Optional.empty() : Optional.of(ending(me, manner.ending(), manner.gives()));
        boolean owned = meanings.program().window(open.window()).orElseThrow().canBeOwned();
        var opens = new Act.OpenInPlace(open.window(), window instanceof ReadyMade, owned, handed, ending);
        return mayFail ? triedInPlace(open, window, opens, path) : act(opens);
    }

    /** O8, O7: the system is asked once this window has agreed; it stays where the system could not. */
    private boolean triedInPlace(Step.Open open, Window window, Act.OpenInPlace opens, StepPath path) {
        Optional<Asked.Branch> branch = couldNot(open, path).map(a -> branch(a, Optional.empty()));
        Optional<String> reason =
                branch.isEmpty() ? Optional.of(names.local(REASON)) : branch.flatMap(ScriptAnswers::reason);
        return act(new Act.TryInPlace(opens, trial(open, window), reason, branch.map(Asked.Branch::block)));
    }

    private Act.Trial.Opening trial(Step.Open open, Window window) {
        boolean one = window instanceof FacedWindow face && !(face.instancesOrUsual() instanceof Instances.Many);
        return new Act.Trial.Opening(open.window(), one ? handed(window.takes(), open.handOver()) : List.of(), one);
    }

    private static Optional<Answer> couldNot(Step.Open open, StepPath path) {
        int couldNot = -1;
        for (int i = 0; i < open.branches().size(); i++) {
            if (isCouldNot(open.branches().get(i))) {
                couldNot = i;
            }
        }
        return couldNot(open.branches(), couldNot, path);
    }

    /** O7: the system is asked first, unless the window is there already. */
    private boolean mayFail(Step.Open open, Window window, StepPath path) {
        return tried(trial(open, window), couldNot(open, path), () -> opened(open, window, path));
    }

    boolean close(Step.Close close, StepPath path) {
        if (close.target() instanceof Target.Me && me().isPresent()) {
            FacedWindow me = me().get();
            act(new Act.CloseMe(close.ending().map(e -> ending(me, e, close.gives()))));
            // it comes back from there only if it was refused (W6)
            Block refused = inner(close.refused(), path.into(0, 0));
            out.addAll(refused.acts());
            return refused.goesOn();
        }
        if (close.target() instanceof Target.Every(String window)) {
            return act(new Act.CloseEvery(window, innerIfAny(close.refused(), path.into(0, 0))));
        }
        Whom whom = whom(close.target());
        Optional<FacedWindow> window =
                whom.window().flatMap(w -> meanings.program().design().faced(w));
        Optional<Act.Ending> ending = close.ending().flatMap(e -> window.map(w -> ending(w, e, close.gives())));
        return act(new Act.Close(whom, ending, innerIfAny(close.refused(), path.into(0, 0))));
    }

    private Act.Ending ending(FacedWindow window, String ending, List<Given> gives) {
        String shown = window.name().shown();
        return new Act.Ending(
                shown,
                ending,
                outcomes.ofWindow(shown, ending).gives().stream()
                        .map(g -> new Handed(
                                g.name(),
                                g.type(),
                                gives.stream()
                                        .filter(v -> v.name().equals(g.name()))
                                        .findFirst()
                                        .map(v -> say(v.value()))))
                        .toList());
    }
}
