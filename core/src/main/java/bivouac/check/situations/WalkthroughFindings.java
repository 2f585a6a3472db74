package bivouac.check.situations;

import bivouac.check.finding.Finding;
import bivouac.check.finding.Finding.Kind;
import bivouac.check.finding.Finding.Weight;
import bivouac.check.known.Place;
import bivouac.check.ways.RemovalRepair;
import bivouac.design.Promise;
import bivouac.design.Walkthrough;
import bivouac.plan.Program;
import bivouac.plan.PromisePlan;
import bivouac.rehearsal.NamedEvent;
import bivouac.rehearsal.Rehearsal;
import bivouac.rehearsal.Walk;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Walkthroughs that show what a promise says never happens: one of the two is not what was meant. */
public final class WalkthroughFindings {

    private WalkthroughFindings() {}

    public static void into(List<Finding> found, Program program) {
        List<PromisePlan> promises =
                program.promises().stream().filter(PromisePlan::isRight).toList();
        if (promises.isEmpty()) {
            return;
        }
        for (Walkthrough walkthrough : program.design().walkthroughs()) {
            Rehearsal played = Rehearsal.replay(program, walkthrough.today(), Walk.events(walkthrough))
                    .rehearsal();
            for (PromisePlan promise : promises) {
                brokenAt(promise, played).ifPresent(event -> found.add(against(walkthrough, promise, played, event)));
            }
        }
    }

    /** The number of the event after which the trail shows that a promise is broken; 0 is the start. */
    private static Optional<Integer> brokenAt(PromisePlan plan, Rehearsal played) {
        boolean begun = false;
        for (int i = 0; i < played.moments().size(); i++) {
            switch (plan.promise()) {
                case Promise.Never n -> {
                    if (played.holds(i, plan.conditions().getFirst())) {
                        return Optional.of(i);
                    }
                }
                case Promise.After after -> {
                    if (played.holds(i, plan.conditions().get(1))) {
                        begun = false;
                    } else if (begun && isOver(after, plan, played, i)) {
                        return Optional.of(i);
                    } else {
                        begun |= played.holds(i, plan.conditions().getFirst());
                    }
                }
                case Promise.AtTheEnd e -> {
                    // what values are at the end is not in what is left of the run
                }
                case Promise.Possible p -> {
                    // no single trail breaks it
                }
                case Promise.Unclear u -> {
                    // it says nothing
                }
            }
        }
        return Optional.empty();
    }

    /** Whether the third is so, or the application has ended by itself where there is none. */
    private static boolean isOver(Promise.After after, PromisePlan plan, Rehearsal played, int moment) {
        return after.third().isPresent()
                ? played.holds(moment, plan.conditions().get(2))
                : played.hasEnded(moment);
    }

    private static Finding against(Walkthrough walkthrough, PromisePlan promise, Rehearsal played, int event) {
        List<NamedEvent> trail = played.trail().subList(0, event);
        return new Finding(
                        Weight.WRONG,
                        Kind.WALKTHROUGH_AGAINST_PROMISE,
                        "The walkthrough “" + walkthrough.name() + "” shows against the promise “"
                                + promise.promise().sentence() + "”"
                                + (event == 0 ? " at the start." : ", after event " + event + "."),
                        "Both say how it is meant to be; one of them has to give way.",
                        Place.APPLICATION,
                        List.of(
                                new RemovalRepair.RemovePromise(promise.promise()),
                                new RemovalRepair.RemoveWalkthrough(walkthrough.name())))
                .shownBy(Walk.lines(trail, Map.of()));
    }
}
