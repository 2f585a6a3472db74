package bivouac.explore;

import bivouac.design.FileDialog;
import bivouac.design.Part;
import bivouac.expression.Compiled;
import bivouac.machine.Growth;
import bivouac.machine.Machine;
import bivouac.machine.Retraced;
import bivouac.machine.Samples;
import bivouac.machine.Stepper;
import bivouac.plan.Deciding;
import bivouac.plan.Program;
import bivouac.plan.PromisePlan;
import bivouac.plan.Reading;
import bivouac.plan.WindowPlan;
import bivouac.state.Folding;
import bivouac.state.Layout;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;

/**
 * What is explored: a program, with what is asked of its situations; and what follows from that: which values count as
 * one, what is typed into fields, and how far what grows is followed.
 */
public final class Question {

    private final Program program;
    private final LocalDate today;
    private final List<Compiled<Reading>> conditions;
    private final int promised;
    private final List<PromisePlan.Unsaved> unsaved;
    private final Folding folding;
    private final Samples samples;
    private final Growth growth;
    private final Layout layout;
    private final List<String> unfollowed;

    /**
     * @param today what {@code app.today} is at the start
     */
    public Question(Program program, LocalDate today) {
        this.program = program;
        this.today = today;
        List<Compiled<Reading>> promised = program.promises().stream()
                .filter(PromisePlan::isRight)
                .flatMap(p -> p.conditions().stream())
                .toList();
        this.promised = promised.size();
        this.unsaved = program.unsaved();
        this.conditions = Stream.concat(promised.stream(), unsaved.stream().map(PromisePlan.Unsaved::isNone))
                .toList();
        Deciding deciding = Deciding.of(program, conditions);
        this.folding = new Folding(program, deciding);
        this.samples = new Samples(program, deciding, today);
        this.growth = new Growth(program, deciding, today);
        this.layout = Layout.folded(program, folding);
        this.unfollowed = unfollowed(program);
    }

    public Program program() {
        return program;
    }

    public LocalDate today() {
        return today;
    }

    /** The values that say that something is unsaved. */
    List<PromisePlan.Unsaved> unsaved() {
        return unsaved;
    }

    /** Whether a condition is one of a promise, and not one that is asked of every design. */
    boolean isPromised(int condition) {
        return condition < promised;
    }

    /** What is asked of each situation: the conditions of the promises that can be checked, in order; then that nothing is unsaved. */
    public List<Compiled<Reading>> conditions() {
        return conditions;
    }

    /** What is never followed although it can happen, in words that follow <em>bounded by</em>. */
    List<String> unfollowed() {
        return unfollowed;
    }

    private static List<String> unfollowed(Program program) {
        var all = new ArrayList<String>();
        for (WindowPlan plan : program.windows()) {
            String name = plan.window().name().shown();
            if (plan.window() instanceof FileDialog dialog && dialog.asks() == FileDialog.Asks.SEVERAL) {
                all.add("one file at a time in " + name);
            }
            plan.parts().stream()
                    .filter(p -> p.part instanceof Part.ListOfRows list && list.several())
                    .forEach(p -> all.add("one selected row at a time in " + name + ", " + p.part.displayName()));
        }
        return List.copyOf(all);
    }

    /** What counts as one value, in words. */
    public List<String> folded() {
        return folding.names();
    }

    Growth growth() {
        return growth;
    }

    /** One that steps through its situations; for one thread. */
    Stepper stepper() {
        return new Stepper(layout, samples, today);
    }

    /** A trail from the start, gone once more, to find where it leads among the situations. */
    Retraced retraced() {
        return new Retraced(layout, today);
    }

    /** The machine of the rehearsal, in which nothing is folded: it plays the trails. */
    public Machine machine() {
        return new Machine(program);
    }
}
