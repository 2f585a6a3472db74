package bivouac.check.situations;

import bivouac.check.finding.Finding;
import bivouac.check.finding.Finding.Kind;
import bivouac.check.finding.Finding.Weight;
import bivouac.check.known.Place;
import bivouac.check.ways.RemovalRepair;
import bivouac.check.ways.Repair;
import bivouac.check.ways.StepRepair;
import bivouac.design.ScriptPlace;
import bivouac.design.StepPath;
import bivouac.explore.Explored;
import bivouac.plan.Op;
import bivouac.plan.Program;
import bivouac.plan.ScriptPlan;
import bivouac.plan.WindowPlan;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** Windows and steps that no situation reaches, where every situation was met. */
public final class NeverFindings {

    private final List<Finding> found;
    private final List<Finding> written;
    private final Explored explored;
    private final Program program;
    private final Set<String> unseen = new HashSet<>();

    private NeverFindings(List<Finding> found, Program program, List<Finding> written, Explored explored) {
        this.found = found;
        this.written = written;
        this.explored = explored;
        this.program = program;
    }

    public static void into(List<Finding> found, Program program, List<Finding> written, Explored explored) {
        var findings = new NeverFindings(found, program, written, explored);
        findings.windows();
        findings.steps().forEach(findings::script);
    }

    private void windows() {
        var opened = new HashSet<Integer>();
        for (int i = 0; i < program.scriptCount(); i++) {
            ScriptPlan script = program.script(i);
            for (int at = 0; at < script.ops().size(); at++) {
                if (script.ops().get(at) instanceof Op.Open open && explored.hasReached(i, at)) {
                    opened.add(open.window());
                }
            }
        }
        for (WindowPlan plan : program.windows()) {
            String name = plan.window().name().shown();
            if (opened.contains(plan.number)) {
                continue;
            }
            unseen.add(name);
            boolean told = written.stream()
                    .anyMatch(f ->
                            f.kind() == Kind.NEVER_OPENED && f.place().window().equals(Optional.of(name)));
            if (!told) {
                found.add(new Finding(
                        Weight.RISKY,
                        Kind.NEVER_OPENED,
                        name + " is never opened, whatever is done.",
                        "Every situation was looked at; what leads to it can never happen.",
                        Place.window(name),
                        List.of(new RemovalRepair.RemoveWindow(name))));
            }
        }
    }

    /** By script the steps of it that anything reached, wherever they are run: a named script runs where it is done (W7). */
    private Map<ScriptPlace, Map<StepPath, Boolean>> steps() {
        Map<ScriptPlace, Map<StepPath, Boolean>> reached = new LinkedHashMap<>();
        for (int i = 0; i < program.scriptCount(); i++) {
            ScriptPlan script = program.script(i);
            reached.putIfAbsent(script.place(), new LinkedHashMap<>());
            for (int at = 0; at < script.ops().size(); at++) {
                boolean is = explored.hasReached(i, at);
                script.ops().get(at).step().ifPresent(ref -> reached.computeIfAbsent(
                                ref.place(), p -> new LinkedHashMap<>())
                        .merge(ref.path(), is, Boolean::logicalOr));
            }
        }
        return reached;
    }

    private void script(ScriptPlace place, Map<StepPath, Boolean> reached) {
        if (place.ofWindow().filter(unseen::contains).isPresent()) {
            return;
        }
        if (!reached.isEmpty() && reached.values().stream().noneMatch(b -> b)) {
            never(place, Optional.empty());
            return;
        }
        var told = new ArrayList<StepPath>();
        reached.forEach((path, is) -> {
            boolean within = told.stream().anyMatch(t -> isWithinOrBehind(path, t));
            if (!is && !within) {
                told.add(path);
                never(place, Optional.of(path));
            }
        });
    }

    /** What stands in a step that is never run, and behind it in its list, is not told again. */
    private static boolean isWithinOrBehind(StepPath path, StepPath told) {
        List<Integer> numbers = told.numbers();
        int depth = numbers.size();
        return path.numbers().size() >= depth
                && path.numbers().subList(0, depth - 1).equals(numbers.subList(0, depth - 1))
                && path.numbers().get(depth - 1) >= numbers.get(depth - 1);
    }

    private void never(ScriptPlace place, Optional<StepPath> path) {
        Place where = path.map(p -> Place.step(place, p)).orElse(Place.script(place));
        boolean told = written.stream()
                .filter(f -> f.kind() == Kind.NEVER_RUN
                        || f.kind() == Kind.MISPLACED_STEP
                        || f.kind() == Kind.DANGLING
                        || f.kind() == Kind.UNUSED
                        || f.kind() == Kind.NEVER_OPENED)
                .anyMatch(f -> f.place().equals(where) || f.place().equals(Place.script(place)));
        if (!told) {
            found.add(new Finding(
                    Weight.RISKY,
                    Kind.NEVER_RUN,
                    where.words(program.design()) + " is never run, whatever is done.",
                    "Every situation was looked at; what leads to it can never happen.",
                    where,
                    path.<List<Repair>>map(p -> List.of(new StepRepair.RemoveStep(place, p)))
                            .orElse(List.of())));
        }
    }
}
