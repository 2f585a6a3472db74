package bivouac.plan;

import bivouac.design.Design;
import bivouac.design.FacedWindow;
import bivouac.design.Holding;
import bivouac.design.Outside;
import bivouac.design.ScriptPlace;
import bivouac.design.StepPath;
import bivouac.design.Variable;
import bivouac.expression.Compiled;
import bivouac.expression.Expressions;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Function;

/**
 * A design compiled: scripts flat, names bound to slots, expressions planned. Immutable to those outside, and safe for
 * several threads. What is wrong in a design does not stop it from being compiled: it is kept as troubles, and the
 * step that holds it faults when it is reached.
 */
public final class Program {

    private final Design design;
    private final List<WindowPlan> windows;
    private final Map<String, WindowPlan> byName = new HashMap<>();
    private final Scopes scopes;
    private final Map<ScriptPlace, Map<StepPath, Scopes.At>> scopesInScripts = new HashMap<>();
    private final List<ScriptPlan> scripts = new ArrayList<>();
    private final Map<ScriptPlace.Named, ScriptPlan> named = new HashMap<>();
    private final Map<Outside, Heard> heard;
    private final List<Trouble> troubles = new ArrayList<>();
    private final List<Optional<Compiled<Reading>>> variableStarts = new ArrayList<>();
    private final List<PromisePlan> promises = new ArrayList<>();
    private final List<PromisePlan.Unsaved> unsaved = new ArrayList<>();
    private final ScriptPlan start;
    private final ScriptPlan departurePlan;
    private final List<TimerPlan> timers;
    private final List<Compiled<Reading>> expressions = new ArrayList<>();
    private final List<RestPoint> restPoints = new ArrayList<>();
    private final Owners owners;
    private final Cells cells;
    private final Map<Class<?>, Object> made = new ConcurrentHashMap<>();

    private Program(Design design) {
        this.design = design;
        var plans = new ArrayList<WindowPlan>();
        for (var window : design.windows()) {
            plans.add(new WindowPlan(plans.size(), window));
        }
        this.windows = List.copyOf(plans);
        windows.forEach(w -> byName.putIfAbsent(w.window().name().shown(), w));
        this.owners = new Owners(design, windows);
        this.scopes = new Scopes(this);
        var ofApplication = new Linker(this, Optional.empty());
        for (Variable v : design.application().variables()) {
            variableStarts.add(v.starts()
                    .map(e -> ofApplication.expression(ofApplication.at(v.name().shown()), e, v.type())));
        }
        this.timers = TimerPlan.of(design.application().routines().timers(), 0, ofApplication);
        this.start = ofApplication.start();
        this.departurePlan = ofApplication.departurePlan();
        timers.forEach(t -> t.link(ofApplication));
        this.heard = ofApplication.named(design.application().routines());
        design.promises().forEach(p -> promises.add(PromisePlan.of(p, ofApplication)));
        unsaved.addAll(PromisePlan.unsaved(design, ofApplication));
        troubles.addAll(ofApplication.troubles());
        for (WindowPlan window : windows) {
            var linker = new Linker(this, Optional.of(window));
            window.link(linker);
            troubles.addAll(linker.troubles());
        }
        scripts.forEach(s -> restPoints.addAll(RestPoints.of(s, windows)));
        this.cells = new Cells(this, expressions);
        scopes.stand();
    }

    /** Compiles a design. */
    public static Program of(Design design) {
        return new Program(design);
    }

    public Design design() {
        return design;
    }

    /** What is wrong in expressions and texts, in the order of the design. */
    public List<Trouble> troubles() {
        return List.copyOf(troubles);
    }

    /** The names that can be read at a step of a script, for completion. */
    public Collection<String> namesAt(ScriptPlace place, StepPath path) {
        return scopeAt(place, path).names();
    }

    /** What an expression would be at a step, for checking it while it is typed. */
    public Compiled<?> compileAt(ScriptPlace place, StepPath path, bivouac.design.Expression expression) {
        return Expressions.compile(expression, scopeAt(place, path));
    }

    private Scopes.At scopeAt(ScriptPlace place, StepPath path) {
        Scopes.At known = scopesInScripts.getOrDefault(place, Map.of()).get(path);
        return known != null ? known : scopes.at(place.ofWindow().flatMap(this::window), Map.of());
    }

    public List<WindowPlan> windows() {
        return windows;
    }

    public Optional<WindowPlan> window(String shownName) {
        return Optional.ofNullable(byName.get(shownName));
    }

    Scopes scopes() {
        return scopes;
    }

    /** The application's script that answers what comes from outside (F1). */
    public Optional<Heard> hears(Outside what) {
        return Optional.ofNullable(heard.get(what));
    }

    /** Whether anything of it answers what comes from outside. */
    public boolean isHearing() {
        return !heard.isEmpty() || windows.stream().anyMatch(WindowPlan::isHearing);
    }

    /** The timers of the application. */
    public List<TimerPlan> timers() {
        return timers;
    }

    /** D4: what is done once all windows have closed. */
    public ScriptPlan departurePlan() {
        return departurePlan;
    }

    public ScriptPlan start() {
        return start;
    }

    /** The values that say that something is unsaved, where no promise is about that. */
    public List<PromisePlan.Unsaved> unsaved() {
        return Collections.unmodifiableList(unsaved);
    }

    /** What is promised of every situation, in the order of the design. */
    public List<PromisePlan> promises() {
        return Collections.unmodifiableList(promises);
    }

    /** The variables of the application. */
    public List<Variable> variables() {
        return design.application().variables();
    }

    /** What the application can hold. */
    public List<Holding> holdings() {
        return design.application().holdings();
    }

    /** What those who run it have made of it once, and share; made when it is first asked for. */
    public <T> T made(Class<T> kind, Function<Program, T> maker) {
        return kind.cast(made.computeIfAbsent(kind, k -> maker.apply(this)));
    }

    Owners owners() {
        return owners;
    }

    /** An expression that can be evaluated somewhere in it. */
    void keep(Compiled<Reading> expression) {
        expressions.add(expression);
    }

    List<Compiled<Reading>> expressions() {
        return Collections.unmodifiableList(expressions);
    }

    /** The places at which scripts can be at rest, in the order of the scripts. */
    public List<RestPoint> restPoints() {
        return Collections.unmodifiableList(restPoints);
    }

    /** What can be kept where. */
    public Cells cells() {
        return cells;
    }

    /** The windows whose scripts open a window, in the order of the design. */
    public List<WindowPlan> openersOf(WindowPlan plan) {
        return owners.openers(plan);
    }

    /** The windows that can own a window, in the order of the design (O5). */
    public List<WindowPlan> ownersOf(WindowPlan plan) {
        return owners.owners(plan);
    }

    /** Keeps a planned script under its number, which is how many there were. */
    ScriptPlan keep(ScriptPlan plan) {
        scripts.add(plan);
        if (plan.isDone()) {
            named.putIfAbsent((ScriptPlace.Named) plan.place(), plan);
        }
        return plan;
    }

    public ScriptPlan script(int number) {
        return scripts.get(number);
    }

    /** A named script as it is run by itself, for another window's (W12). */
    public ScriptPlan script(ScriptPlace.Named place) {
        return Objects.requireNonNull(named.get(place), place::words);
    }

    public int scriptCount() {
        return scripts.size();
    }

    void note(ScriptPlace place, StepPath path, Scopes.At scope) {
        scopesInScripts.computeIfAbsent(place, p -> new HashMap<>()).put(path, scope);
    }

    /** What a variable of the application starts with, where its design says so. */
    public Optional<Compiled<Reading>> startOf(int variable) {
        return variableStarts.get(variable);
    }

    /** The main window with whose closing the application ends (D1), if the design says so. */
    public Optional<WindowPlan> departureWindow() {
        return design.application().departure() instanceof bivouac.design.DepartureRule.WithWindow(String name)
                ? window(name).filter(p -> p.face()
                        .map(f -> f.of() == FacedWindow.Kind.MAIN)
                        .orElse(false))
                : Optional.empty();
    }
}
