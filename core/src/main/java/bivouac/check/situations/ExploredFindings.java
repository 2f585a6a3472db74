package bivouac.check.situations;

import bivouac.check.Findings;
import bivouac.check.finding.Finding;
import bivouac.check.finding.Finding.Kind;
import bivouac.check.finding.Finding.Weight;
import bivouac.check.known.Place;
import bivouac.check.ways.ClosingRepair;
import bivouac.check.ways.DesignRepair;
import bivouac.check.ways.FaultWays;
import bivouac.check.ways.RemovalRepair;
import bivouac.check.ways.Repair;
import bivouac.check.ways.Sought;
import bivouac.design.DepartureRule;
import bivouac.design.FacedWindow;
import bivouac.design.Manner;
import bivouac.design.Promise;
import bivouac.design.Way;
import bivouac.design.WayOut;
import bivouac.design.WaysIn;
import bivouac.design.WaysOut;
import bivouac.explore.Explored;
import bivouac.explore.Promises;
import bivouac.machine.Event;
import bivouac.machine.Fault;
import bivouac.machine.Machine;
import bivouac.plan.Op;
import bivouac.plan.Program;
import bivouac.plan.WindowPlan;
import bivouac.rehearsal.NamedEvent;
import bivouac.rehearsal.Trails;
import java.util.ArrayList;
import java.util.BitSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * What the situations of a design show that its text alone does not, each with a shortest trail. What is not known, since
 * it lies beyond a bound or was not looked at, shows nothing.
 */
public final class ExploredFindings {

    private static final String NOTHING_OPEN = " once no window is open";

    private final Program program;
    private final List<Finding> written;
    private final Explored explored;
    private final Machine machine;
    private final List<Finding> found = new ArrayList<>();

    private ExploredFindings(Program program, List<Finding> written, Explored explored) {
        this.program = program;
        this.written = written;
        this.explored = explored;
        this.machine = new Machine(program);
    }

    /**
     * All findings: those that are told from the design as it is written, surer where the situations tell more, and those
     * that only the situations tell.
     *
     * @param program of which they are; what was explored may be another of the same {@link bivouac.explore.Behaviour}
     * @param written what {@link Findings} tells
     */
    public static List<Finding> with(Program program, List<Finding> written, Explored explored) {
        var findings = new ExploredFindings(program, written, explored);
        // in this order: where the time that was wished for is over, what comes last is not looked into
        for (Runnable look : List.<Runnable>of(
                findings::faults,
                findings::promises,
                () -> NoticedFindings.into(findings.found, program, written, explored),
                findings::heldBack,
                findings::deep,
                findings::ends)) {
            if (!explored.isLate()) {
                look.run();
            }
        }
        WalkthroughFindings.into(findings.found, program);
        if (explored.isComplete()) {
            NeverFindings.into(findings.found, program, written, explored);
        }
        var all = new ArrayList<Finding>();
        written.stream().flatMap(f -> findings.surer(f).stream()).forEach(all::add);
        findings.found.stream().map(Finding::shownOnlyByExploring).forEach(all::add);
        all.sort(java.util.Comparator.comparing(Finding::weight));
        return List.copyOf(all);
    }

    private List<String> lines(List<Event> events) {
        return Trails.lines(machine, explored.question().today(), events);
    }

    // Faults

    private void faults() {
        explored.faultsOfStart().forEach(f -> fault(f, List.of()));
        explored.faults().forEach(f -> {
            if (!isToldAsWritten(f.fault())) {
                fault(f.fault(), lines(explored.trail(f.step())));
            }
        });
    }

    private void fault(Fault fault, List<String> trail) {
        Place place = fault.where().map(r -> Place.step(r.place(), r.path())).orElse(Place.APPLICATION);
        String where =
                fault.where().map(r -> place.words(program.design()) + ": ").orElse("");
        String what = where + sentence(fault.message());
        var sought = Sought.by(() -> new FaultWays(program.design()).of(fault));
        found.add(new Finding(
                        Weight.WRONG,
                        Kind.FAULT,
                        where.isEmpty() ? capital(what) : what,
                        "It is fault " + fault.rule() + " when it gets there: the script in which it happens ends."
                                + sought.remark(),
                        place,
                        sought.ways())
                .shownBy(trail));
    }

    private static String sentence(String message) {
        return message.endsWith(".") ? message : message + ".";
    }

    private static String capital(String text) {
        return text.isEmpty() ? text : text.substring(0, 1).toUpperCase(java.util.Locale.ROOT) + text.substring(1);
    }

    /** A finding at the same step says already what is wrong there; it only becomes certain. */
    private boolean isToldAsWritten(Fault fault) {
        return written.stream().anyMatch(f -> isAt(f, fault));
    }

    private static boolean isAt(Finding finding, Fault fault) {
        boolean tells =
                switch (finding.kind()) {
                    case UNGUARDED, EXPRESSION, DANGLING, NOT_HANDED_OVER, MISPLACED_STEP, HOLDING -> true;
                    default -> false;
                };
        return tells
                && fault.where().isPresent()
                && finding.place()
                        .script()
                        .equals(Optional.of(fault.where().get().place()))
                && finding.place().step().equals(Optional.of(fault.where().get().path()));
    }

    /** What was told as likely becomes certain where it happens, and goes where it certainly cannot. */
    private Optional<Finding> surer(Finding finding) {
        if (finding.kind() == Kind.WAITS_FOR_OWNER_ONLY) {
            return new UsedMeanwhile(program, explored, machine).surer(finding);
        }
        Optional<Explored.Faulted> shows =
                explored.faults().stream().filter(f -> isAt(finding, f.fault())).findFirst();
        if (shows.isPresent()) {
            return Optional.of(finding.weighing(Weight.WRONG)
                    .shownBy(lines(explored.trail(shows.get().step()))));
        }
        boolean likely =
                finding.kind() == Kind.UNGUARDED && finding.place().step().isPresent() && explored.isComplete();
        return likely ? Optional.empty() : Optional.of(finding);
    }

    // Where nothing leads on

    private void ends() {
        BitSet mayEnd = explored.reach().mayReach(explored::hasEnded);
        boolean told = written.stream().anyMatch(f -> f.kind() == Kind.NEVER_ENDS);
        // that nothing is to be seen any more is fault X5, which is told
        Optional<Integer> stuck = explored.first(s -> explored.isStuck(s) && !open(s).equals(NOTHING_OPEN));
        stuck.ifPresent(s -> found.add(new Finding(
                        Weight.WRONG,
                        Kind.DEAD_END,
                        "Nothing can be done any more" + open(s) + ".",
                        "Only the end of the session or a kill leads on from there.",
                        Place.APPLICATION,
                        program.windows().stream()
                                .filter(w -> explored.isOpen(s, w.number))
                                .flatMap(w -> closing(w).stream())
                                .toList())
                .shownBy(lines(explored.trail(s)))));
        Optional<Integer> lost = explored.first(s -> explored.isRunning(s) && !mayEnd.get(s));
        if (explored.faults().stream().noneMatch(f -> f.fault().rule() == Fault.Rule.X5) && stuck.isEmpty() && !told) {
            lost.ifPresent(s -> found.add(new Finding(
                            Weight.WRONG,
                            Kind.DEAD_END,
                            s == 0
                                    ? "Nothing that can happen ends the application."
                                    : "The application can no longer end" + open(s) + ".",
                            "Whatever is done from there, only the end of the session or a kill ends it.",
                            Place.APPLICATION,
                            program.design().application().departure() instanceof DepartureRule.OnlyWhenTold
                                    ? List.of(new DesignRepair.EndsWithLastWindow())
                                    : List.of())
                    .shownBy(lines(explored.trail(s)))));
        }
        if (explored.outcome() != Explored.Outcome.DONE) {
            // nearly everything may still lead to what was not looked at
            return;
        }
        program.windows().stream()
                .filter(w ->
                        w.face().filter(f -> f.of() != FacedWindow.Kind.MAIN).isPresent())
                .forEach(w -> window(w, mayEnd));
    }

    /** Where a window, or who opened it, ends the application, that is a way out of it as well. */
    private void window(WindowPlan plan, BitSet mayEnd) {
        if (explored.isLate()) {
            return;
        }
        String name = plan.window().name().shown();
        boolean told = written.stream()
                .anyMatch(f -> f.kind() == Kind.NO_WAY_OUT && f.place().window().equals(Optional.of(name)));
        if (told || endsIn(plan)) {
            return;
        }
        BitSet mayClose = explored.reach()
                .mayReach(s -> explored.isRunning(s)
                        && (!explored.isOpen(s, plan.number) || mayEnd.get(s) && isAlone(s, plan)));
        explored.first(s -> explored.isOpen(s, plan.number) && !mayClose.get(s) && mayEnd.get(s))
                .ifPresent(s -> found.add(new Finding(
                                Weight.WRONG,
                                Kind.DEAD_END,
                                name + " cannot be closed any more" + open(s) + ".",
                                "Only the end of the whole application takes it away.",
                                Place.window(name),
                                closing(plan))
                        .shownBy(lines(explored.trail(s)))));
    }

    /**
     * The last window, beside what it asks with: where the application may end from there, that is by closing it (D1).
     */
    private boolean isAlone(int situation, WindowPlan plan) {
        return program.design().application().departure() instanceof DepartureRule.LastWindow
                && program.windows().stream()
                        .noneMatch(w -> w != plan && w.face().isPresent() && explored.isOpen(situation, w.number));
    }

    /** A close box, where it has none; one that is refused for ever is no way out, and needs a decision. */
    private static List<Repair> closing(WindowPlan plan) {
        return plan.face()
                .filter(f -> !(WaysOut.of(f, Way.CLOSE_BOX) instanceof WayOut.LeadsTo))
                .<List<Repair>>map(f -> List.of(
                        new ClosingRepair.LeadTo(f.name().shown(), List.of(Way.CLOSE_BOX), WaysOut.usualEnding(f))))
                .orElse(List.of());
    }

    private boolean endsIn(WindowPlan plan) {
        for (int i = 0; i < program.scriptCount(); i++) {
            List<Op> ops = program.script(i).ops();
            boolean concerns = program.script(i).of().filter(w -> w == plan).isPresent()
                    || ops.stream().anyMatch(o -> o instanceof Op.Open open && open.window() == plan.number);
            if (concerns && ops.stream().anyMatch(Op.End.class::isInstance)) {
                return true;
            }
        }
        return false;
    }

    /** Which windows are open in a situation, as the end of a sentence. */
    private String open(int situation) {
        List<String> open = program.windows().stream()
                .filter(w -> explored.isOpen(situation, w.number))
                .map(w -> w.window().name().shown())
                .toList();
        return open.isEmpty() ? NOTHING_OPEN : " with " + String.join(", ", open) + " open";
    }

    private void heldBack() {
        explored.heldBack()
                .ifPresent(step -> found.add(new Finding(
                                Weight.RISKY,
                                Kind.HELD_BACK,
                                "Two windows can be waited for at once, and what the earlier one gives is held back.",
                                "A result reaches who waits for it only once the window that was opened later has ended"
                                        + " (W2); let one of them wait for the application.",
                                Place.APPLICATION,
                                waiting(explored.trail(step)))
                        .shownBy(lines(explored.trail(step)))));
    }

    /** The steps by which windows are open that their owners wait for, before a last event. */
    private List<Repair> waiting(List<Event> trail) {
        Set<String> open =
                Trails.scene(machine, explored.question().today(), trail.subList(0, trail.size() - 1))
                        .windows()
                        .stream()
                        .map(w -> w.which().window())
                        .collect(Collectors.toSet());
        return WaysIn.of(program.design()).stream()
                .filter(w -> w.open().manner() instanceof Manner.WaitsForOwner
                        && open.contains(w.open().window()))
                .<Repair>map(w -> new ClosingRepair.WaitForApplication(w.place(), w.path()))
                .toList();
    }

    private void promises() {
        for (Promises.Answer answer : explored.promises()) {
            if (answer instanceof Promises.Answer.Broken(Promise promise, List<Event> trail)) {
                var sought = Sought.by(() -> keeping(promise, trail));
                found.add(new Finding(
                                Weight.WRONG,
                                Kind.BROKEN_PROMISE,
                                "Broken: " + promise.sentence(),
                                "It was promised of every situation, and the trail leads to one in which it does not hold."
                                        + sought.remark(),
                                Place.APPLICATION,
                                sought.ways())
                        .shownBy(lines(trail)));
            }
        }
    }

    /** Where an answer before closing leads there, it stays open; where nothing is asked, it is; else the promise gives way. */
    private List<Repair> keeping(Promise promise, List<Event> trail) {
        var all = new ArrayList<Repair>();
        if (!trail.isEmpty()
                && Trails.named(machine, explored.question().today(), trail).getLast()
                        instanceof NamedEvent.Answered(var box, String ending)) {
            WaysIn.of(program.design()).stream()
                    .filter(w ->
                            w.open().window().equals(box.window()) && w.place().isAt(FacedWindow.Moment.BEFORE_CLOSING))
                    .forEach(w -> all.add(new ClosingRepair.RefuseWhen(w.place(), w.path(), ending)));
        }
        if (all.isEmpty()) {
            program.design().application().variables().stream()
                    .filter(v -> Promise.nothingUnsaved(v).equals(promise))
                    .forEach(v -> all.add(new ClosingRepair.AskBeforeLosing(
                            Optional.empty(), v.name().expression())));
        }
        all.add(new RemovalRepair.RemovePromise(promise));
        return all;
    }

    private void deep() {
        explored.first(explored::isDeep)
                .ifPresent(s -> found.add(new Finding(
                                Weight.HINT,
                                Kind.DEEP,
                                "More than three windows stand on each other, each waited for by the one below it"
                                        + open(s) + ".",
                                "Nobody keeps in mind what the first of them was for.",
                                Place.APPLICATION)
                        .shownBy(lines(explored.trail(s)))));
    }
}
