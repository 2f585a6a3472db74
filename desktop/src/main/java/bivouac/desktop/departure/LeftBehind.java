package bivouac.desktop.departure;

import bivouac.closing.Departing;
import bivouac.closing.OnTheWay;
import bivouac.design.Application;
import bivouac.design.Design;
import bivouac.design.Holding;
import bivouac.design.Script;
import bivouac.design.Step;
import bivouac.design.Steps;
import bivouac.sentence.Sentences;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * What a kill at a stop of the departure leaves behind, and what the next start finds of it (D7).
 *
 * @param lines one for values, kept values, and each holding that may be held then
 */
record LeftBehind(List<Line> lines) {

    /** @param next what the next start finds */
    record Line(String what, String left, String next) {}

    /** The parts of the departure, in their order; a kill strikes in one of them. */
    enum Stage {
        ASKED("while windows are asked"),
        CLOSING("while windows close"),
        PLAN("in the plan"),
        GIVING_BACK("while the application gives back"),
        KEPT("before kept values are saved");

        private final String words;

        Stage(String words) {
            this.words = words;
        }
    }

    /**
     * Where a kill strikes.
     *
     * @param step the number of the plan's step that is at work; 0 outside the plan
     * @param sentence of that step
     */
    record Point(Stage stage, int step, String sentence) {
        String words() {
            return stage.words + (step == 0 ? "" : ", at step " + step + ": " + sentence);
        }
    }

    /** Everywhere that a kill can strike, in the order of the departure: the plan is gone through step by step. */
    static List<Point> points(Design design, Departing departing) {
        var points = new ArrayList<Point>();
        for (Stage stage : Stage.values()) {
            if (stage != Stage.PLAN) {
                points.add(new Point(stage, 0, ""));
            } else {
                Steps.walk(
                        departing.plan(),
                        (path, step) ->
                                points.add(new Point(stage, path.number(departing.plan()), Sentences.line(step))));
            }
        }
        return List.copyOf(points);
    }

    static LeftBehind of(Design design, Departing departing, Point point) {
        Application app = design.application();
        Stage stage = point.stage();
        List<Step> done = done(departing.plan(), point);
        var lines = new ArrayList<Line>();
        lines.add(values(app));
        if (!departing.kept().isEmpty()) {
            lines.add(kept(departing, done));
        }
        if (stage == Stage.ASKED || stage == Stage.CLOSING) {
            departing.asked().stream()
                    .flatMap(a -> a.back().stream())
                    .map(OnTheWay::words)
                    .distinct()
                    .flatMap(name -> app.holding(name).stream())
                    .forEach(h -> lines.add(holding(design, h)));
        }
        if (stage != Stage.KEPT) {
            Stream.concat(departing.givenBack().stream(), takenIn(app, done))
                    .distinct()
                    .filter(h -> done.stream()
                            .noneMatch(s -> s instanceof Step.GiveBack(String name, var branches)
                                    && name.equals(h.name().shown())))
                    .forEach(h -> lines.add(holding(design, h)));
        }
        done.stream()
                .filter(Step.RunTask.class::isInstance)
                .map(s -> ((Step.RunTask) s).task())
                .distinct()
                .forEach(task -> lines.add(new Line("Done", task + " was run", "what it did stays done")));
        return new LeftBehind(List.copyOf(lines));
    }

    /** The steps of the plan that can have been done before a point; where it branches, those of every branch. */
    private static List<Step> done(Script plan, Point point) {
        boolean after = point.stage().compareTo(Stage.PLAN) > 0;
        var done = new ArrayList<Step>();
        if (point.stage() == Stage.PLAN || after) {
            Steps.walk(plan, (path, step) -> {
                if (after || path.number(plan) < point.step()) {
                    done.add(step);
                }
            });
        }
        return done;
    }

    private static Stream<Holding> takenIn(Application app, List<Step> done) {
        return done.stream()
                .filter(Step.TakeHolding.class::isInstance)
                .flatMap(s -> app.holding(((Step.TakeHolding) s).holding()).stream());
    }

    private static Line values(Application app) {
        String lost = app.variables().stream()
                .filter(v -> !v.kept())
                .map(v -> v.name().shown())
                .limit(4)
                .collect(Collectors.joining(", "));
        return new Line(
                "Values",
                lost.isEmpty() ? "none of the application" : lost + " are gone",
                lost.isEmpty() ? "nothing to find" : "first values, as ever");
    }

    private static Line kept(Departing departing, List<Step> done) {
        String names = departing.kept().stream().map(v -> v.name().shown()).collect(Collectors.joining(", "));
        boolean saved =
                done.stream().anyMatch(s -> s instanceof Step.KeptValues(var how) && how == Step.KeptValues.How.SAVE);
        return saved
                ? new Line("Kept values", names + " were saved by the plan", "as the plan saved them")
                : new Line("Kept values", names + " are not saved", "as they were saved last");
    }

    private static Line holding(Design design, Holding holding) {
        String name = holding.name().shown();
        String next = !holding.leavesTrace()
                ? "nothing of it"
                : looksAtTraces(design)
                        ? "its name in app.traces, which a script reads"
                        : "its name in app.traces, and nobody looks";
        return new Line("Held", name + (holding.leavesTrace() ? " leaves a trace" : ", if it was taken"), next);
    }

    private static boolean looksAtTraces(Design design) {
        return design.scripts().values().stream().anyMatch(LeftBehind::readsTraces);
    }

    private static boolean readsTraces(Script script) {
        return script.steps().toString().contains("app.traces");
    }
}
