package bivouac.machine;

import bivouac.design.ReadyMade;
import bivouac.design.Take;
import bivouac.design.Way;
import bivouac.expression.Budget;
import bivouac.expression.Value;
import bivouac.plan.PartPlan;
import bivouac.plan.TimerPlan;
import bivouac.plan.TraitsPlan;
import bivouac.plan.WindowPlan;
import bivouac.state.Frame;
import bivouac.state.Inst;
import bivouac.state.Situation;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;

/** Makes the scene of a state at rest. A text that has a fault shows as empty: the fault itself was seen before. */
final class SceneMaker {

    private final Run run;
    private final Blocking blocking;
    private final Tasks tasks;
    private final Progressing progressing;

    SceneMaker(Run run, Blocking blocking, Tasks tasks, Progressing progressing) {
        this.progressing = progressing;
        this.run = run;
        this.blocking = blocking;
        this.tasks = tasks;
        // what was within an event's budget at rest is within this one, with the conditions that cannot fault as well
        run.budget.refill(4 * Budget.OF_AN_EVENT);
    }

    Scene make() {
        var windows = run.stacking.stream().map(this::window).toList();
        Optional<Long> code = run.phase == Situation.ENDED && run.value(run.exitCode) instanceof Value.Whole(long n)
                ? Optional.of(n)
                : Optional.empty();
        return new Scene(windows, code, run.phase == Situation.KILLED, held(), run.paths(), working(), timers());
    }

    private List<Scene.Held> held() {
        return run.held.stream()
                .map(h -> new Scene.Held(
                        run.program.holdings().get(h.holding()).name().shown(),
                        Optional.ofNullable(h.owner()).map(Sighting.Which::of)))
                .toList();
    }

    private List<Scene.Ticking> timers() {
        var all = new ArrayList<Scene.Ticking>();
        for (TimerPlan timer : run.program.timers()) {
            if (run.timers[timer.number()] != 0) {
                all.add(new Scene.Ticking(
                        -1, timer.number(), timer.timer().name().shown(), Optional.empty()));
            }
        }
        for (Inst inst : run.instances) {
            for (TimerPlan timer : inst.plan.timers()) {
                if (inst.get(timer.slot()) != 0) {
                    all.add(new Scene.Ticking(
                            inst.position,
                            timer.number(),
                            timer.timer().name().shown(),
                            Optional.of(Sighting.Which.of(inst))));
                }
            }
        }
        return all;
    }

    private List<Scene.Working> working() {
        if (tasks.isForeground()) {
            return List.of(working(tasks.foreground(), Tasks.FOREGROUND));
        }
        var all = new ArrayList<Scene.Working>();
        for (int i = 0; i < run.background.size(); i++) {
            all.add(working(run.background.get(i), i));
        }
        return all;
    }

    private Scene.Working working(Frame.OfScript script, int place) {
        List<String> endings = Tasks.endings(script);
        return new Scene.Working(
                place,
                tasks.work(script),
                Optional.ofNullable(script.me).map(Sighting.Which::of),
                endings,
                IntStream.range(0, endings.size())
                        .filter(i -> tasks.canEnd(script, i))
                        .boxed()
                        .toList(),
                progressing.mayTell(place));
    }

    private Scene.OpenWindow window(Inst inst) {
        return new Scene.OpenWindow(
                inst.position,
                Sighting.Which.of(inst),
                inst.plan.window(),
                run.or(() -> inst.plan.title(run.here(inst), inst), ""),
                inst.plan.isReadyMade() ? inst.value(WindowPlan.TEXT).shown() : "",
                Optional.ofNullable(inst.owner).map(Sighting.Which::of),
                inst.isHidden(),
                blocking.of(inst),
                leads(inst, Way.CLOSE_BOX),
                leads(inst, Way.ESCAPE),
                takes(inst),
                parts(inst));
    }

    /** What it was handed; a ready-made window says it in its text. */
    private static List<Sighting.Named> takes(Inst inst) {
        if (inst.plan.isReadyMade()) {
            return List.of();
        }
        List<Take> takes = inst.plan.window().takes();
        var all = new ArrayList<Sighting.Named>();
        for (int i = 0; i < takes.size(); i++) {
            all.add(new Sighting.Named(takes.get(i).name().shown(), inst.value(inst.plan.takeSlot(i))));
        }
        return all;
    }

    private static boolean leads(Inst inst, Way way) {
        return inst.plan.window() instanceof ReadyMade window
                ? window.escapeEnding().isPresent()
                : !(inst.plan.wayOut(way) instanceof WindowPlan.WayPlan.Absent);
    }

    private List<Scene.SeenPart> parts(Inst inst) {
        var seen = new ArrayList<Scene.SeenPart>();
        for (PartPlan part : inst.plan.parts()) {
            seen.add(new Scene.SeenPart(
                    part.number,
                    part.part,
                    run.or(() -> part.text(run.here(inst), inst), ""),
                    part.ticked(inst),
                    part.done(inst),
                    progressing.asking(inst, part),
                    part.each().isPresent() || run.or(() -> part.enabled(run.here(inst), inst), false),
                    run.or(() -> part.visible(run.here(inst), inst), false),
                    run.isReadOnly(inst, part),
                    run.or(() -> part.traits.look(TraitsPlan.Look.FONT, run.here(inst), inst), ""),
                    run.or(() -> part.traits.look(TraitsPlan.Look.COLOUR, run.here(inst), inst), ""),
                    Eaches.seen(run, inst, part),
                    run.or(() -> part.items(run.here(inst), inst), List.of()),
                    rows(part, inst),
                    part.rowsOf().map(r -> r.selection(inst)).orElse(List.of()),
                    part.askedSelection().map(s -> s.in(inst))));
        }
        return seen;
    }

    private static List<List<String>> rows(PartPlan part, Inst inst) {
        return part.rowsOf()
                .map(rows -> rows.all(inst).stream()
                        .map(r -> ((Value.Row) r)
                                .columns().values().stream().map(Value::shown).toList())
                        .toList())
                .orElse(List.of());
    }
}
