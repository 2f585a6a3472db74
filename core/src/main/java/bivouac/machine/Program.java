package bivouac.machine;

import bivouac.design.Design;
import bivouac.design.FacedWindow;
import bivouac.design.ScriptPlace;
import bivouac.design.StepPath;
import bivouac.design.Type;
import bivouac.design.Variable;
import bivouac.expression.Compiled;
import bivouac.expression.Expressions;
import bivouac.expression.Scope;
import bivouac.expression.Value;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * A design compiled: scripts flat, names bound to slots, expressions planned. Immutable to those outside, and safe for
 * several threads. What is wrong in a design does not stop it from being compiled: it is kept as troubles, and the
 * step that holds it faults when it is reached.
 */
public final class Program {

    private final Design design;
    private final List<WindowPlan> windows;
    private final Map<String, WindowPlan> byName = new HashMap<>();
    private final Values values = new Values();
    private final Scopes scopes;
    private final Map<ScriptPlace, Map<StepPath, Scopes.At>> scopesInScripts = new HashMap<>();
    private final List<ScriptPlan> scripts = new ArrayList<>();
    private final List<Trouble> troubles = new ArrayList<>();
    private final List<Optional<Compiled<Reading>>> variableStarts = new ArrayList<>();
    private final ScriptPlan start;

    private Program(Design design) {
        this.design = design;
        var plans = new ArrayList<WindowPlan>();
        for (var window : design.windows()) {
            plans.add(new WindowPlan(this, plans.size(), window));
        }
        this.windows = List.copyOf(plans);
        windows.forEach(w -> byName.putIfAbsent(w.window().name().shown(), w));
        this.scopes = new Scopes(this);
        var ofApplication = new Linker(this, Optional.empty());
        for (Variable v : design.application().variables()) {
            variableStarts.add(v.starts()
                    .map(e -> ofApplication.expression(ofApplication.at(v.name().shown()), e, v.type())));
        }
        this.start = ofApplication.start();
        troubles.addAll(ofApplication.troubles());
        for (WindowPlan window : windows) {
            var linker = new Linker(this, Optional.of(window));
            window.link(linker);
            troubles.addAll(linker.troubles());
        }
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

    /** The type of what {@code dotted} stands for at a step, if it can be set there. */
    public Optional<Type> settableAt(ScriptPlace place, StepPath path, String dotted) {
        return scopeAt(place, path)
                .access(dotted)
                .filter(a -> a.writer().isPresent())
                .map(Access::type);
    }

    /** A scope of a window's own texts, for completion: empty name for the application. */
    public Scope<?> scopeOf(String window) {
        return scopes.at(window(window), Map.of());
    }

    List<WindowPlan> windows() {
        return windows;
    }

    Optional<WindowPlan> window(String shownName) {
        return Optional.ofNullable(byName.get(shownName));
    }

    Scopes scopes() {
        return scopes;
    }

    ScriptPlan start() {
        return start;
    }

    /** Numbers a planned script. */
    ScriptPlan keep(ScriptPlace place, Optional<WindowPlan> of, List<Op> ops, Map<Integer, Integer> begun, int locals) {
        var plan = new ScriptPlan(scripts.size(), place, of, List.copyOf(ops), Map.copyOf(begun), locals);
        scripts.add(plan);
        return plan;
    }

    ScriptPlan script(int number) {
        return scripts.get(number);
    }

    int scriptCount() {
        return scripts.size();
    }

    void note(ScriptPlace place, StepPath path, Scopes.At scope) {
        scopesInScripts.computeIfAbsent(place, p -> new HashMap<>()).put(path, scope);
    }

    int number(Value value) {
        return values.number(value);
    }

    Value value(int number) {
        return values.value(number);
    }

    /** The starting value of a variable of the application. */
    Value startOf(int variable, Run run) {
        Variable v = design.application().variables().get(variable);
        return variableStarts
                .get(variable)
                .map(c -> c.evaluate(new Reading(run, null, null)).as(v.type()))
                .orElseGet(() -> Value.startOf(v.type(), run.today()));
    }

    /** The main window with whose closing the application ends (D1), if the design says so. */
    Optional<WindowPlan> departureWindow() {
        return design.application().departure() instanceof bivouac.design.DepartureRule.WithWindow(String name)
                ? window(name).filter(p -> p.face()
                        .map(f -> f.of() == FacedWindow.Kind.MAIN)
                        .orElse(false))
                : Optional.empty();
    }
}
