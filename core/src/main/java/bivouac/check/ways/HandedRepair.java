package bivouac.check.ways;

import bivouac.design.Design;
import bivouac.design.Ending;
import bivouac.design.Expression;
import bivouac.design.FacedWindow;
import bivouac.design.Given;
import bivouac.design.Manner;
import bivouac.design.ScriptPlace;
import bivouac.design.Step;
import bivouac.design.StepPath;
import bivouac.design.Steps;
import bivouac.design.Way;
import bivouac.design.WayOut;
import bivouac.design.WaysOut;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;

/** Ways to put right what is handed over to windows and tasks (O2), and what endings give (W4). */
public sealed interface HandedRepair extends Repair {

    /** A step says one value more: handed over by one that opens or runs, given by one that closes. */
    record Say(ScriptPlace place, StepPath path, String name, String value) implements HandedRepair {
        @Override
        public String words() {
            return "Say " + name + ": " + value;
        }

        @Override
        public String about() {
            return "The step then says “" + name + ": " + value + "”, which can be changed like any other value.";
        }

        @Override
        public Design in(Design design) {
            return Changed.step(design, place, path, step -> saying(step, this::with));
        }

        private List<Given> with(List<Given> said) {
            boolean isSaid = said.stream().anyMatch(g -> g.name().equals(name));
            return isSaid
                    ? said
                    : Stream.concat(said.stream(), Stream.of(Given.of(name, value)))
                            .toList();
        }
    }

    /** A step says a value under another name, or says it no more, where nothing takes it under the one that it has. */
    record SayAs(ScriptPlace place, StepPath path, String name, Optional<String> other) implements HandedRepair {
        @Override
        public String words() {
            return other.map(o -> "Say it as " + o).orElse("Do not say " + name);
        }

        @Override
        public String about() {
            return other.map(o -> "“" + name + "” becomes “" + o + "” in the step.")
                    .orElse("The step says “" + name + "” no more.");
        }

        @Override
        public Design in(Design design) {
            return Changed.step(design, place, path, step -> saying(step, this::with));
        }

        private List<Given> with(List<Given> said) {
            return said.stream()
                    .flatMap(g ->
                            !g.name().equals(name) ? Stream.of(g) : other.map(o -> new Given(o, g.value())).stream())
                    .toList();
        }
    }

    /** A take of a window or task has a default. */
    record Default(ScriptPlace place, StepPath path, String name, String value) implements HandedRepair {
        @Override
        public String words() {
            return "Let " + name + " be " + value + " by default";
        }

        @Override
        public String about() {
            return "Whoever does not hand it over hands over " + value + " then.";
        }

        @Override
        public Design in(Design design) {
            return path.in(place.in(design))
                    .map(step -> switch (step) {
                        case Step.Open o -> design.changing(o.window(), w -> w.taking(with(w.takes())));
                        case Step.RunTask r -> tasks(design, r.task());
                        case Step.Close _,
                                Step.If _,
                                Step.EndApplication _,
                                Step.Repeat _,
                                Step.Off _,
                                Step.Plain _,
                                Step.Branching _ -> design;
                    })
                    .orElse(design);
        }

        private Design tasks(Design design, String task) {
            return design.with(design.application()
                    .changingTask(
                            task, t -> new bivouac.design.Task(t.name(), with(t.takes()), t.outcomes(), t.usually())));
        }

        private List<bivouac.design.Take> with(List<bivouac.design.Take> takes) {
            return takes.stream()
                    .map(t -> t.name().expression().equals(name)
                            ? new bivouac.design.Take(t.name(), t.type(), Optional.of(new Expression(value)))
                            : t)
                    .toList();
        }
    }

    /** Ways out say what their ending gives. */
    record WaysGive(String window, List<Way> ways, List<Given> values) implements HandedRepair {
        public WaysGive {
            ways = List.copyOf(ways);
            values = List.copyOf(values);
        }

        @Override
        public String words() {
            return "Say what is given";
        }

        @Override
        public String about() {
            return "They then give "
                    + String.join(
                            ", ",
                            values.stream()
                                    .map(v -> v.name() + ": " + v.value())
                                    .toList())
                    + ", which can be changed like any other value.";
        }

        @Override
        public Design in(Design design) {
            return design.changingFace(window, f -> {
                FacedWindow now = f;
                for (Way way : ways) {
                    if (WaysOut.of(now, way) instanceof WayOut.LeadsTo(String to, List<Given> said, boolean unasked)) {
                        var all = new ArrayList<>(said);
                        values.stream()
                                .filter(v ->
                                        said.stream().noneMatch(s -> s.name().equals(v.name())))
                                .forEach(all::add);
                        now = now.leaving(way, new WayOut.LeadsTo(to, all, unasked));
                    }
                }
                return now;
            });
        }
    }

    /** A window takes a value no more, and nobody hands it over. */
    record RemoveTake(String window, String take) implements HandedRepair {
        @Override
        public String words() {
            return "Do not take it";
        }

        @Override
        public String about() {
            return window + " takes “" + take + "” no more, and no step hands it over.";
        }

        @Override
        public Design in(Design design) {
            Design now = design.changing(
                    window,
                    w -> w.taking(w.takes().stream()
                            .filter(t -> !t.name().expression().equals(take))
                            .toList()));
            return everywhere(
                    now,
                    (place, step) -> step instanceof Step.Open o && o.window().equals(window)
                            ? new Step.Open(
                                    o.window(),
                                    o.manner(),
                                    o.ownedBy(),
                                    without(o.handOver(), List.of(take)),
                                    o.as(),
                                    o.branches())
                            : step);
        }
    }

    /** An ending of a window gives some values no more. */
    record GiveNoMore(String window, String ending, List<String> names) implements HandedRepair {
        public GiveNoMore {
            names = List.copyOf(names);
        }

        @Override
        public String words() {
            return "Do not give it";
        }

        @Override
        public String about() {
            return "“" + ending + "” of " + window + " gives " + String.join(", ", names) + " no more.";
        }

        @Override
        public Design in(Design design) {
            UnaryOperator<FacedWindow> edit = f -> {
                FacedWindow now = f.ending(f.endings().stream()
                        .map(e -> e.name().equals(ending) ? without(e) : e)
                        .toList());
                for (Way way : Way.values()) {
                    if (f.waysOut().get(way) instanceof WayOut.LeadsTo(String to, List<Given> said, boolean unasked)
                            && to.equals(ending)) {
                        now = now.leaving(way, new WayOut.LeadsTo(to, HandedRepair.without(said, names), unasked));
                    }
                }
                return now;
            };
            return everywhere(design.changingFace(window, edit), (place, step) -> step(design, place, step));
        }

        private Ending without(Ending e) {
            return new Ending(
                    e.name(),
                    e.gives().stream()
                            .filter(g -> !names.contains(g.name().expression()))
                            .toList());
        }

        private Step step(Design design, ScriptPlace place, Step step) {
            boolean own = place.ofWindow().equals(Optional.of(window));
            return switch (step) {
                case Step.Close c
                when c.target().windowFrom(place).equals(Optional.of(window))
                        && c.ending()
                                .or(() -> design.faced(window).map(WaysOut::usualEnding))
                                .equals(Optional.of(ending)) ->
                    new Step.Close(c.target(), c.ending(), HandedRepair.without(c.gives(), names), c.refused());
                case Step.Open o
                when own && o.manner() instanceof Manner.InPlace(String to, List<Given> gives) && to.equals(ending) ->
                    new Step.Open(
                            o.window(),
                            new Manner.InPlace(to, HandedRepair.without(gives, names)),
                            o.ownedBy(),
                            o.handOver(),
                            o.as(),
                            o.branches());
                case Step.Close _,
                        Step.If _,
                        Step.EndApplication _,
                        Step.Repeat _,
                        Step.Off _,
                        Step.Plain _,
                        Step.Branching _ -> step;
            };
        }
    }

    private static Step saying(Step step, UnaryOperator<List<Given>> edit) {
        return switch (step) {
            case Step.Open o ->
                new Step.Open(o.window(), o.manner(), o.ownedBy(), edit.apply(o.handOver()), o.as(), o.branches());
            case Step.RunTask r ->
                new Step.RunTask(
                        r.task(), r.background(), r.mayBeStopped(), edit.apply(r.handOver()), r.as(), r.branches());
            case Step.Do d ->
                new Step.Do(d.script(), d.in(), d.until(), edit.apply(d.handOver()), d.as(), d.branches());
            case Step.Return r -> new Step.Return(r.ending(), edit.apply(r.gives()));
            case Step.Close c -> new Step.Close(c.target(), c.ending(), edit.apply(c.gives()), c.refused());
            case Step.If _, Step.EndApplication _, Step.Repeat _, Step.Off _, Step.Plain _, Step.Branching _ -> step;
        };
    }

    private static List<Given> without(List<Given> values, List<String> names) {
        return values.stream().filter(v -> !names.contains(v.name())).toList();
    }

    /** An edit of single steps. */
    interface StepEdit {
        Step of(ScriptPlace place, Step step);
    }

    private static Design everywhere(Design design, StepEdit edit) {
        Design[] now = {design};
        design.scripts()
                .forEach((place, script) -> Steps.walk(
                        script, (path, s) -> now[0] = Changed.step(now[0], place, path, step -> edit.of(place, step))));
        return now[0];
    }
}
