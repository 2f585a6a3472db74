package bivouac.explore;

import bivouac.design.Promise;
import bivouac.machine.Event;
import bivouac.plan.PromisePlan;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.BitSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** What the situations say to the promises of a design: kept, kept as far as they go, or broken, with a trail. */
public final class Promises {

    private final Explored explored;

    private Promises(Explored explored) {
        this.explored = explored;
    }

    /** What became of a promise. */
    public sealed interface Answer {
        Promise promise();

        /** @param completely whether every situation was met */
        record Kept(Promise promise, boolean completely) implements Answer {}

        /** @param trail a shortest one after which it is broken */
        record Broken(Promise promise, List<Event> trail) implements Answer {
            public Broken {
                trail = List.copyOf(trail);
            }
        }

        /** Something in it is wrong, which is a finding of its own. */
        record Unclear(Promise promise) implements Answer {}
    }

    /** An answer for each promise of the program, in the order of the design. */
    static List<Answer> of(Explored explored) {
        var promises = new Promises(explored);
        var answers = new ArrayList<Answer>();
        int condition = 0;
        for (PromisePlan plan : explored.question().program().promises()) {
            if (plan.isRight()) {
                answers.add(promises.answer(plan.promise(), condition));
                condition += plan.conditions().size();
            } else {
                answers.add(new Answer.Unclear(plan.promise()));
            }
        }
        return List.copyOf(answers);
    }

    private Answer answer(Promise promise, int condition) {
        Optional<List<Event>> broken =
                switch (promise) {
                    case Promise.Never n ->
                        explored.first(s -> explored.holds(s, condition)).map(explored::trail);
                    case Promise.AtTheEnd a ->
                        Optional.ofNullable(explored.brokenAtTheEnd.get(condition))
                                .map(explored::trail);
                    case Promise.Possible p -> {
                        BitSet may = explored.reach()
                                .mayReach(p.what().isEmpty() ? explored::hasEnded : s -> explored.holds(s, condition));
                        yield explored.first(s -> explored.isRunning(s) && !may.get(s))
                                .map(explored::trail);
                    }
                    case Promise.After after -> after(condition, after.third().isPresent());
                    case Promise.Unclear u -> Optional.empty();
                };
        return broken.<Answer>map(t -> new Answer.Broken(promise, t))
                .orElse(new Answer.Kept(promise, explored.isComplete()));
    }

    /**
     * Forward from all situations in which the first is so and the second is not, through those in which the second is
     * not, to one in which the third is, or to the end.
     */
    private Optional<List<Event>> after(int condition, boolean hasThird) {
        Map<Integer, Explored.Step> from = new HashMap<>();
        var begun = new BitSet();
        var waiting = new ArrayDeque<Integer>();
        for (int s = 0; s < explored.lookedAt(); s++) {
            if (explored.holds(s, condition) && !explored.holds(s, condition + 1)) {
                begun.set(s);
                waiting.add(s);
            }
        }
        while (!waiting.isEmpty()) {
            int at = waiting.poll();
            int count = explored.end(at) - explored.begin(at);
            for (int e = 0; e <= count; e++) {
                int target = e < count ? explored.targets.get(explored.begin(at) + e) : explored.sessions.get(at);
                if (target < 0 || target >= explored.lookedAt() || explored.holds(target, condition + 1)) {
                    continue;
                }
                var step = new Explored.Step(at, e);
                if (hasThird ? explored.holds(target, condition + 2) : explored.hasEnded(target)) {
                    return Optional.of(way(step, from));
                }
                if (explored.isRunning(target) && !begun.get(target) && from.putIfAbsent(target, step) == null) {
                    waiting.add(target);
                }
            }
        }
        return Optional.empty();
    }

    private List<Event> way(Explored.Step last, Map<Integer, Explored.Step> from) {
        var steps = new ArrayList<Explored.Step>();
        steps.add(last);
        int at = last.situation();
        while (from.containsKey(at)) {
            steps.addFirst(from.get(at));
            at = from.get(at).situation();
        }
        return explored.trail(at, steps);
    }
}
