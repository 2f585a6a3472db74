package bivouac.check.ways;

import bivouac.design.Application;
import bivouac.design.Design;
import bivouac.design.Done;
import bivouac.design.Holding;
import bivouac.design.Promise;
import bivouac.design.Removal;
import bivouac.design.Routines;
import bivouac.design.Script;
import bivouac.design.ScriptPlace;
import bivouac.design.Step;
import bivouac.design.Steps;
import bivouac.design.Variable;
import bivouac.design.WaysIn;
import java.util.List;
import java.util.Optional;

/** What nothing uses, or what names something that is not there, goes. */
public sealed interface RemovalRepair extends Repair {

    /** What nobody uses goes. */
    record RemoveHolding(String holding) implements RemovalRepair {
        @Override
        public String words() {
            return "Remove it";
        }

        @Override
        public String about() {
            return "The holding “" + holding + "” goes from the application.";
        }

        @Override
        public Design in(Design design) {
            Application app = design.application();
            List<Holding> left = app.holdings().stream()
                    .filter(h -> !h.name().shown().equals(holding))
                    .toList();
            return design.with(app.withHoldings(left));
        }
    }

    /** A window goes that nothing opens. */
    record RemoveWindow(String window) implements RemovalRepair {
        @Override
        public String words() {
            return "Remove it";
        }

        @Override
        public String about() {
            return window + " goes, with its scripts.";
        }

        @Override
        public Design in(Design design) {
            return Removal.window(design, window);
        }
    }

    /** An ending goes that nothing leads to, with the branches that wait for it. */
    record RemoveEnding(String window, String ending) implements RemovalRepair {
        @Override
        public String words() {
            return "Take the ending away";
        }

        @Override
        public String about() {
            return "“" + ending + "” of " + window + " goes, and the branches that its openers have for it.";
        }

        @Override
        public Design in(Design design) {
            Design now = design.changingFace(
                    window,
                    f -> f.said().isEmpty()
                            ? f
                            : f.ending(f.endings().stream()
                                    .filter(e -> !e.name().equals(ending))
                                    .toList()));
            for (WaysIn.WayIn way : WaysIn.of(design)) {
                if (way.open().window().equals(window)) {
                    now = new StepRepair.RemoveBranch(way.place(), way.path(), ending).in(now);
                }
            }
            return now;
        }
    }

    /** A task goes that nothing runs. */
    record RemoveTask(String task) implements RemovalRepair {
        @Override
        public String words() {
            return "Remove it";
        }

        @Override
        public String about() {
            return "The task “" + task + "” goes from the application.";
        }

        @Override
        public Design in(Design design) {
            return design.with(design.application()
                    .working(design.application().tasks().stream()
                            .filter(t -> !t.name().shown().equals(task))
                            .toList()));
        }
    }

    /** A part goes, with its script. */
    record RemovePart(String window, String part, String called) implements RemovalRepair {
        @Override
        public String words() {
            return "Remove " + called;
        }

        @Override
        public String about() {
            return called + " goes from " + window + ".";
        }

        @Override
        public Design in(Design design) {
            return Removal.part(design, window, part);
        }
    }

    /** A named script goes that nothing does. */
    record RemoveScript(Optional<String> window, String script) implements RemovalRepair {
        @Override
        public String words() {
            return "Remove it";
        }

        @Override
        public String about() {
            return "“" + script + "” goes, with its steps.";
        }

        @Override
        public Design in(Design design) {
            return ScriptPlace.put(design, window, this::without);
        }

        private Routines without(Routines routines) {
            return routines.withScripts(routines.scripts().stream()
                    .filter(s -> !s.name().shown().equals(script))
                    .toList());
        }
    }

    /** An ending goes as which a named script never ends, and the branches for it, which are never run (W11). */
    record RemoveAnswer(ScriptPlace.Named script, String ending) implements RemovalRepair {
        @Override
        public String words() {
            return "Remove the ending";
        }

        @Override
        public String about() {
            return "“" + ending + "” goes, and what is written for it where the script is done.";
        }

        @Override
        public Design in(Design design) {
            Design[] now = {design};
            design.scripts()
                    .forEach((place, steps) -> Steps.walk(steps, (path, step) -> {
                        if (step instanceof Step.Do done
                                && done.answers(ending)
                                && Done.place(design, place, done).equals(Optional.of(script))) {
                            now[0] = new StepRepair.RemoveBranch(place, path, ending).in(now[0]);
                        }
                    }));
            return ScriptPlace.put(
                    now[0],
                    script.window(),
                    r -> r.changingScript(
                            script.name(),
                            s -> s.ending(s.endings().stream()
                                    .filter(e -> !e.name().equals(ending))
                                    .toList())));
        }
    }

    /**
     * A value goes that nothing reads, and the steps that set it.
     *
     * @param window whose it is; none for one of the application
     * @param name as expressions name it, without {@code me} or {@code app}
     */
    record RemoveValue(Optional<String> window, String name) implements RemovalRepair {
        @Override
        public String words() {
            return "Remove it";
        }

        @Override
        public String about() {
            return "The value goes, and the steps that set it.";
        }

        @Override
        public Design in(Design design) {
            Design now = window.map(w -> design.changingFace(w, f -> f.holding(without(f.variables()))))
                    .orElseGet(() -> design.with(design.application()
                            .holding(without(design.application().variables()))));
            String path = (window.isPresent() ? "me." : "app.") + name;
            for (var script : design.scripts().entrySet()) {
                if (window.isEmpty() || script.getKey().ofWindow().equals(window)) {
                    Script left = without(script.getValue(), path);
                    now = left.equals(script.getValue()) ? now : script.getKey().put(now, left);
                }
            }
            return now;
        }

        private List<Variable> without(List<Variable> variables) {
            return variables.stream()
                    .filter(v -> !v.name().expression().equals(name))
                    .toList();
        }

        private static Script without(Script script, String path) {
            return new Script(script.steps().stream()
                    .filter(s -> !(s instanceof Step.SetValue set
                            && set.path().strip().equals(path)))
                    .map(s -> s.inner().isEmpty()
                            ? s
                            : s.withInner(s.inner().stream()
                                    .map(i -> without(i.script(), path))
                                    .toList()))
                    .toList());
        }
    }

    /** A window that there is not goes from those that are asked first when the application departs. */
    record NotAskedFirst(String window) implements RemovalRepair {
        @Override
        public String words() {
            return "Take it from the order";
        }

        @Override
        public String about() {
            return "“" + window + "” goes from the windows that are asked first.";
        }

        @Override
        public Design in(Design design) {
            var leaving = design.application().leaving();
            return design.with(design.application()
                    .leaving(leaving.asking(leaving.asked().stream()
                            .filter(w -> !w.equals(window))
                            .toList())));
        }
    }

    /** What the developer promised is promised no more. */
    record RemovePromise(Promise promise) implements RemovalRepair {
        @Override
        public String words() {
            return "Take the promise back";
        }

        @Override
        public String about() {
            return "“" + promise.sentence() + "” is promised no more.";
        }

        @Override
        public Design in(Design design) {
            return design.promising(
                    design.promises().stream().filter(p -> !p.equals(promise)).toList());
        }
    }

    /** A walkthrough goes. */
    record RemoveWalkthrough(String walkthrough) implements RemovalRepair {
        @Override
        public String words() {
            return "Remove the walkthrough";
        }

        @Override
        public String about() {
            return "“" + walkthrough + "” goes.";
        }

        @Override
        public Design in(Design design) {
            return design.walked(design.walkthroughs().stream()
                    .filter(w -> !w.name().equals(walkthrough))
                    .toList());
        }
    }
}
