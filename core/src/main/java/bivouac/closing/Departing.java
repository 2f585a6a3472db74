package bivouac.closing;

import bivouac.design.Application;
import bivouac.design.DepartureRule;
import bivouac.design.Design;
import bivouac.design.FacedWindow;
import bivouac.design.Holding;
import bivouac.design.Script;
import bivouac.design.ScriptPlace;
import bivouac.design.Step;
import bivouac.design.StepPath;
import bivouac.design.Steps;
import bivouac.design.Variable;
import bivouac.design.Way;
import bivouac.plan.AskingPlaces;
import bivouac.plan.Program;
import bivouac.plan.WindowPlan;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * The end of the application as one ordered plan, told from the design (D1 to D7): what asks for it, who is asked in which
 * order, what the plan does, what is given back, what is kept, and the exit codes.
 *
 * @param askers what can ask for it
 * @param asked the windows that are asked, if they are open then, in their order
 * @param plan what is done when all have closed
 * @param givenBack the application's holdings, the last declared first
 * @param kept the values that outlive the run
 * @param codes the exit codes that a step says
 */
public record Departing(
        List<Asker> askers,
        List<Asked> asked,
        Script plan,
        List<Holding> givenBack,
        List<Variable> kept,
        List<Code> codes) {

    public Departing {
        askers = List.copyOf(askers);
        asked = List.copyOf(asked);
        givenBack = List.copyOf(givenBack);
        kept = List.copyOf(kept);
        codes = List.copyOf(codes);
    }

    /** Something that asks for the end. */
    public sealed interface Asker {

        /** A script with a step that ends the application. */
        record OfScript(Trigger trigger) implements Asker {}

        /** A way of closing the main window that the rule names. */
        record OfWindow(String window, Closings.Column by) implements Asker {}

        /** The rule of the last window. */
        record LastWindow() implements Asker {}

        record SessionEnding() implements Asker {}
    }

    /**
     * A window that is asked.
     *
     * @param depth how many owners stand above it: it is asked right after the one above
     * @param before what it asks, checks and runs
     * @param unasked whether the departure goes past that
     * @param back what it gives back when it closes
     */
    public record Asked(FacedWindow window, int depth, BeforeClosing before, boolean unasked, List<OnTheWay> back) {}

    /** An exit code, and where it is said. */
    public record Code(String code, ScriptPlace place, StepPath path) {}

    public static Departing of(Program program) {
        Design design = program.design();
        Application app = design.application();
        var closings = Closings.of(program);
        return new Departing(
                askers(design, closings),
                asked(program, closings),
                app.leaving().plan(),
                app.holdings().stream().filter(Holding::ofApplication).toList().reversed(),
                app.variables().stream().filter(Variable::kept).toList(),
                codes(design));
    }

    private static List<Asker> askers(Design design, Closings closings) {
        var askers = new ArrayList<Asker>();
        switch (design.application().departure()) {
            case DepartureRule.WithWindow(String name) ->
                closings.row(name).ifPresent(row -> List.of(
                                Closings.Column.CLOSE_STEP, Closings.Column.CLOSE_BOX, Closings.Column.ESCAPE)
                        .forEach(c -> {
                            if (row.cell(c) instanceof Closings.Cell.Leads) {
                                askers.add(new Asker.OfWindow(name, c));
                            }
                        }));
            case DepartureRule.LastWindow l -> askers.add(new Asker.LastWindow());
            case DepartureRule.OnlyWhenTold o -> {
                // only the steps below
            }
        }
        closings.ending().forEach(t -> askers.add(new Asker.OfScript(t)));
        askers.add(new Asker.SessionEnding());
        return askers;
    }

    /** D2: those without an owner in the asking order, each followed by what it may own. */
    private static List<Asked> asked(Program program, Closings closings) {
        int[] places = AskingPlaces.of(program);
        var asked = new ArrayList<Asked>();
        Set<Integer> done = new HashSet<>();
        List<WindowPlan> order = program.windows().stream()
                .filter(w -> w.face().isPresent())
                .sorted(Comparator.comparingInt(w -> places[w.number]))
                .toList();
        order.stream()
                .filter(w -> program.ownersOf(w).isEmpty())
                .forEach(w -> add(program, closings, order, w, 0, asked, done));
        order.forEach(w -> add(program, closings, order, w, 0, asked, done));
        return asked;
    }

    private static void add(
            Program program,
            Closings closings,
            List<WindowPlan> order,
            WindowPlan plan,
            int depth,
            List<Asked> asked,
            Set<Integer> done) {
        if (!done.add(plan.number)) {
            return;
        }
        FacedWindow face = plan.face().orElseThrow();
        Closings.Row row = closings.row(face.name().shown()).orElseThrow();
        boolean unasked = row.cell(Closings.Column.of(Way.DEPARTURE)) instanceof Closings.Cell.Leads l && l.unasked();
        asked.add(new Asked(
                face,
                depth,
                row.before(),
                unasked,
                row.cells().stream()
                        .filter(Closings.Cell.Leads.class::isInstance)
                        .findFirst()
                        .map(c -> ((Closings.Cell.Leads) c)
                                .things().stream()
                                        .filter(OnTheWay.GivesBack.class::isInstance)
                                        .toList())
                        .orElse(List.of())));
        order.stream()
                .filter(w -> program.ownersOf(w).contains(plan))
                .forEach(w -> add(program, closings, order, w, depth + 1, asked, done));
    }

    private static List<Code> codes(Design design) {
        var codes = new ArrayList<Code>();
        design.scripts()
                .forEach((place, script) -> Steps.walk(script, (path, step) -> {
                    if (step instanceof Step.EndApplication end && end.code().isPresent()) {
                        codes.add(new Code(end.code().get().source(), place, path));
                    }
                }));
        return codes;
    }

    // In short, the same on every screen

    private static final String NOTHING = "nothing";

    /** What a window of the order does when it is asked, in a word. */
    public static String inShort(Asked one) {
        if (one.unasked() || one.before().things().isEmpty()) {
            return NOTHING;
        }
        return one.before().asks() ? "asks" : "checks";
    }

    /** A window of the order with what it does when it is asked; by its name alone where that is nothing. */
    public static String named(Asked one) {
        String name = one.window().name().shown();
        String does = inShort(one);
        return does.equals(NOTHING) ? name : name + ": " + does;
    }

    /** How much the plan has to do. */
    public String planInShort() {
        int steps = plan.steps().size();
        return steps == 0 ? "nothing to do" : steps == 1 ? "1 step" : steps + " steps";
    }

    /** What the application gives back. */
    public String givenBackInShort() {
        return givenBack.isEmpty()
                ? "nothing of the application's"
                : givenBack.stream().map(h -> h.name().shown()).collect(Collectors.joining(", "));
    }

    /** What is kept for the next start. */
    public String keptInShort() {
        return kept.isEmpty()
                ? "nothing"
                : kept.stream().map(v -> v.name().shown()).collect(Collectors.joining(", "));
    }

    /** The exit codes there can be, each with its reason (D6). */
    public List<String> codesInShort() {
        return Stream.of(
                        Stream.of("0 as planned"),
                        codes.stream().map(c -> c.code() + " in " + c.place().words()),
                        Stream.of("1 after a fault"))
                .flatMap(s -> s)
                .distinct()
                .toList();
    }

    /** The design with a window asked some places earlier or later; the order is written down by that (D2). */
    public static Design moved(Program program, String window, int by) {
        List<String> order = firstAsked(program);
        int from = order.indexOf(window);
        int to = from + by;
        return from < 0 || to < 0 || to >= order.size() ? program.design() : put(program.design(), order, from, to);
    }

    /** The design with a window asked just before another one, or right behind it. */
    public static Design moved(Program program, String window, String other, boolean behind) {
        List<String> order = firstAsked(program);
        int from = order.indexOf(window);
        int there = order.indexOf(other);
        if (from < 0 || there < 0 || from == there) {
            return program.design();
        }
        int before = behind ? there + 1 : there;
        return put(program.design(), order, from, before > from ? before - 1 : before);
    }

    /** Those that are asked without an owner, in their order. */
    private static List<String> firstAsked(Program program) {
        return asked(program, Closings.of(program)).stream()
                .filter(a -> a.depth() == 0)
                .map(a -> a.window().name().shown())
                .toList();
    }

    private static Design put(Design design, List<String> before, int from, int to) {
        if (from == to) {
            return design;
        }
        var order = new ArrayList<>(before);
        order.add(to, order.remove(from));
        return design.with(
                design.application().leaving(design.application().leaving().asking(order)));
    }
}
