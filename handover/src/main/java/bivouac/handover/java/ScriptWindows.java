package bivouac.handover.java;

import bivouac.design.FacedWindow;
import bivouac.design.Given;
import bivouac.design.Manner;
import bivouac.design.ReadyMade;
import bivouac.design.Script;
import bivouac.design.Step;
import bivouac.design.StepPath;
import bivouac.design.Target;
import bivouac.design.Type;
import bivouac.design.Window;
import bivouac.handover.NotHandedOver;
import bivouac.handover.meaning.Here;
import bivouac.plan.WindowPlan;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

/** Steps that open and close windows (O1 to O9, W6). */
abstract class ScriptWindows extends ScriptAnswers {

    ScriptWindows(ScriptOf of) {
        super(of);
    }

    boolean open(Step.Open open, StepPath path, Script whole) {
        Window window = meanings.find(open.window())
                .orElseThrow(() -> new NotHandedOver(where() + ": there is no window “" + open.window() + "”."));
        WindowPlan plan = meanings.program().window(open.window()).orElseThrow();
        if (open.manner() instanceof Manner.InPlace inPlace) {
            return inPlace(open, inPlace, window, plan);
        }
        if (plan.mayFail()) {
            return mayFail(open, window, path, whole);
        }
        return opened(open, window, path, whole);
    }

    static boolean isCouldNot(Step.Branch branch) {
        return branch.ending().equals(bivouac.design.Ending.COULD_NOT.name());
    }

    String owner(Step.Open open, Window window) {
        WindowPlan plan = meanings.program().window(window.name().shown()).orElseThrow();
        if (!plan.canBeOwned()) {
            return NO_WINDOW;
        }
        return open.ownedBy().map(this::found).orElse(self);
    }

    String arguments(Step.Open open, Window window, String... before) {
        var all = new ArrayList<>(List.of(before));
        all.addAll(handed(window.takes(), open.handOver()));
        return String.join(", ", all);
    }

    String app() {
        return world.app().isEmpty() ? "this" : "app";
    }

    boolean opened(Step.Open open, Window window, StepPath path, Script whole) {
        if (open.manner() instanceof Manner.Alongside && !(window instanceof ReadyMade)) {
            return alongside(open, window, path, whole);
        }
        boolean forOwner = open.manner() instanceof Manner.WaitsForOwner;
        String manner = forOwner ? "Manner.WAITS_FOR_OWNER" : "Manner.WAITS_FOR_APPLICATION";
        String asked = world.classOf(open.window()) + ".ask("
                + arguments(open, window, app(), self, owner(open, window), manner) + ")";
        return answers(asked, answersTo(open, path), forms(open), open.as(), whole);
    }

    /** Its branches but {@code could not}, each with the form of its ending. */
    private List<Answer> answersTo(Step.Open open, StepPath path) {
        var answers = new ArrayList<Answer>();
        for (int i = 0; i < open.branches().size(); i++) {
            Step.Branch b = open.branches().get(i);
            if (!isCouldNot(b)) {
                answers.add(new Answer(world.ending(open.window(), b.ending()), b, path.into(i, 0)));
            }
        }
        return answers;
    }

    /** The forms of all endings that the opened window has. */
    private List<JavaWorld.Form> forms(Step.Open open) {
        return world.endings(open.window()).stream()
                .map(e -> world.ending(open.window(), e))
                .toList();
    }

    boolean alongside(Step.Open open, Window window, StepPath path, Script whole) {
        var arguments = new ArrayList<>(List.of(app(), self, owner(open, window)));
        arguments.addAll(handed(window.takes(), open.handOver()));
        boolean branches = open.branches().stream()
                .anyMatch(b -> !isCouldNot(b) && !b.script().doesNothing());
        String call = world.classOf(open.window()) + ".open(" + String.join(", ", arguments);
        String kept = open.as().map(name -> keep(name, open.window())).orElse("");
        if (!branches) {
            return line(kept + call + ");");
        }
        String result = names.member("ended");
        out.add(kept + call + ", " + result + " -> {");
        Lines outside = out;
        out = new Lines();
        answers(result, answersTo(open, path), forms(open), Optional.empty(), whole);
        outside.all(out).add("});");
        out = outside;
        return true;
    }

    String keep(String name, String window) {
        boolean ofWindow = place
                .ofWindow()
                .flatMap(w -> meanings.program().design().faced(w))
                .stream()
                .flatMap(f -> f.variables().stream())
                .anyMatch(v -> v.name().expression().equals(name) && v.type() instanceof Type.WindowOf);
        if (ofWindow) {
            return world.variable(place.ofWindow().orElseThrow(), name) + " = ";
        }
        String local = names.member(name);
        var kept = new HashMap<>(here.kept());
        kept.put(name, window);
        var locals = new HashMap<>(here.locals());
        locals.put(name, local);
        here = new Here(place, here.path(), locals, kept);
        return world.classOf(window) + " " + local + " = ";
    }

    boolean inPlace(Step.Open open, Manner.InPlace manner, Window window, WindowPlan plan) {
        FacedWindow me = place.ofWindow()
                .flatMap(w -> meanings.program().design().faced(w))
                .orElseThrow(() -> new NotHandedOver(where() + ": only a window makes room for another one."));
        String owner = plan.canBeOwned() ? "owner()" : NO_WINDOW;
        String opens = window instanceof ReadyMade
                ? world.classOf(open.window()) + ".ask("
                        + arguments(open, window, app(), NO_WINDOW, owner, "Manner.WAITS_FOR_APPLICATION") + ")"
                : world.classOf(open.window()) + ".open(" + arguments(open, window, app(), NO_WINDOW, owner) + ")";
        String ending = manner.ending().isEmpty()
                ? "() -> endingFor(Way.CLOSE_STEP)"
                : ending(me, manner.ending(), manner.gives());
        if (plan.mayFail()) {
            throw new NotHandedOver(where() + ": “" + open.window()
                    + "” may fail to open and is opened in place; that is not written yet. Open it alongside and close this"
                    + " window when it is there.");
        }
        return line(world.desk() + ".inPlace(this, " + ending + ", () -> " + opens + ");");
    }

    /** O7: the system is asked first, unless the window is there already. */
    boolean mayFail(Step.Open open, Window window, StepPath path, Script whole) {
        String what = JavaNames.literal("opening " + open.window());
        Optional<Integer> couldNot = Optional.empty();
        for (int i = 0; i < open.branches().size(); i++) {
            if (isCouldNot(open.branches().get(i))) {
                couldNot = Optional.of(i);
            }
        }
        String attempt = world.desk() + ".attempt(" + self + ", " + what + ", Tried.Done::new)";
        String there = isThere(open, window);
        return tried(
                attempt, there, what, couldNot, open.branches(), path, whole, () -> opened(open, window, path, whole));
    }

    String isThere(Step.Open open, Window window) {
        return window instanceof FacedWindow face && !(face.instancesOrUsual() instanceof bivouac.design.Instances.Many)
                ? world.classOf(open.window()) + ".find(" + arguments(open, window, app()) + ").isEmpty() && "
                : "";
    }

    boolean close(Step.Close close, StepPath path, Script whole) {
        boolean mine = close.target() instanceof Target.Me;
        if (mine && self.equals("this")) {
            FacedWindow me = meanings.program()
                    .design()
                    .faced(place.ofWindow().orElseThrow())
                    .orElseThrow();
            String ending =
                    close.ending().map(e -> ending(me, e, close.gives())).orElse("() -> endingFor(Way.CLOSE_STEP)");
            out.add("close(" + ending + ");");
            // it comes back from there only if it was refused (W6)
            return inner(close.refused(), path.into(0, 0), whole);
        }
        String call =
                switch (close.target()) {
                    case Target.Every(String window) ->
                        world.desk() + ".closeEvery(" + world.classOf(window) + ".class)";
                    case Target other -> {
                        String found = foundOrNone(other);
                        Optional<FacedWindow> window = windowOf(other)
                                .flatMap(w -> meanings.program().design().faced(w));
                        String ending = close.ending().isPresent() && window.isPresent()
                                ? ", " + ending(window.get(), close.ending().get(), close.gives())
                                : "";
                        yield world.desk() + ".close(" + found + ending + ")";
                    }
                };
        if (close.refused().doesNothing()) {
            return line(call + ";");
        }
        out.add("if (!" + call + ") {");
        inBlock(close.refused(), path.into(0, 0), whole);
        out.add("}");
        return true;
    }

    /** What makes an ending, when its values are wanted. */
    String ending(FacedWindow window, String ending, List<Given> gives) {
        JavaWorld.Form form = world.ending(window.name().shown(), ending);
        if (form.components().isEmpty()) {
            return form.type() + "::new";
        }
        return "() -> new " + form.type() + "("
                + form.components().stream()
                        .map(c -> gives.stream()
                                .filter(g -> g.name().equals(c.name()))
                                .findFirst()
                                .map(g -> value(g.value(), c.type()))
                                .orElseGet(() -> world.types().start(c.type())))
                        .collect(Collectors.joining(", "))
                + ")";
    }
}
