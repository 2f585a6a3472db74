package bivouac.explore;

import bivouac.machine.Notice;
import bivouac.machine.Stepper;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;

/**
 * Meets every situation of a program, breadth first, so that the way on which each is met first is a shortest one. Some
 * threads take the steps of situations that lie one behind the other, each looking up by itself what is known; then one of
 * them numbers what is new, by situation and then by event. So the numbers, and all that follows from them, are the same
 * however many threads there are.
 *
 * <p>A situation costs its packed words, with two numbers for the way to it and one for each step from it. Everything stays
 * in memory; where the limits end it, that is the outcome.
 */
public final class Exploration {

    /** As many situations are looked at by one thread at once. */
    private static final int BATCH = 512;

    /** No more threads look; each smaller number of them that is used divides it. */
    private static final int MOST_CORES = 4;

    /** So many situations lie between two at which it is asked whether there was too much work. */
    private static final int COUNTED = BATCH * MOST_CORES;

    private final Explored explored;
    private final Limits limits;
    private final Progress progress;
    private final List<Batch> batches = new ArrayList<>();
    private final long begun = System.nanoTime();
    /** The situation behind the last one of the depth that is looked at. */
    private int depthEnd;

    private Exploration(Question question, Limits limits, Progress progress) {
        this.explored = new Explored(question);
        this.limits = limits;
        this.progress = progress;
        explored.endsAt = begun + limits.time().toNanos();
        for (int i = 0; i < limits.cores(); i++) {
            var batch = new Batch(question, explored.states);
            batches.add(batch);
            explored.steppers.add(batch.stepper());
        }
    }

    /** Explores until all is met, or something ends it; that is said in what it answers. */
    public static Explored of(Question question, Limits limits, Progress progress) {
        return new Exploration(question, limits, progress).run();
    }

    private Explored run() {
        start();
        if (batches.size() == 1) {
            go(null);
        } else {
            try (ExecutorService threads = Executors.newFixedThreadPool(
                    batches.size() - 1, r -> Thread.ofPlatform().daemon().unstarted(r))) {
                go(threads);
            }
        }
        explored.nanos = System.nanoTime() - begun;
        return explored;
    }

    private void start() {
        Stepper stepper = batches.getFirst().stepper();
        stepper.start();
        explored.faultsOfStart.addAll(stepper.faults());
        explored.states.add(stepper.words(), stepper.length());
        explored.parents.add(0);
        explored.by.add(0);
        explored.depths.add(0);
        depthEnd = 1;
    }

    private void go(ExecutorService threads) {
        int next = 0;
        while (next < explored.situations() && mayGoOn(next)) {
            int counted = (next / COUNTED + 1) * COUNTED;
            int last = Math.min(Math.min(explored.situations(), counted), next + BATCH * batches.size());
            look(next, last, threads);
            for (int i = 0; i < batches.size(); i++) {
                number(next + i * BATCH, batches.get(i));
            }
            next = last;
            progress.at(explored.situations(), explored.depth());
        }
    }

    /** @param next the situation that is looked at next */
    private boolean mayGoOn(int next) {
        // counted where any number of threads comes by, so that all of them stop at the same situation
        boolean counted = next % COUNTED == 0;
        if (progress.isStopped()) {
            explored.outcome = Explored.Outcome.STOPPED;
        } else if (System.nanoTime() - begun > limits.exploringNanos()) {
            explored.outcome = Explored.Outcome.OUT_OF_TIME;
        } else if (counted && explored.steps() >= limits.steps()) {
            explored.outcome = Explored.Outcome.OUT_OF_STEPS;
        } else if (counted && explored.allBytes() > limits.bytes()) {
            explored.outcome = Explored.Outcome.OUT_OF_MEMORY;
        }
        return explored.outcome == Explored.Outcome.DONE;
    }

    /** The first batch is looked at here, the others elsewhere meanwhile. */
    private void look(int from, int to, ExecutorService threads) {
        var others = new ArrayList<Future<?>>();
        for (int i = batches.size() - 1; i >= 0; i--) {
            Batch batch = batches.get(i);
            int first = Math.min(to, from + i * BATCH);
            int last = Math.min(to, first + BATCH);
            if (first == last) {
                batch.clear();
            } else if (i == 0) {
                batch.explore(first, last);
            } else {
                others.add(threads.submit(() -> batch.explore(first, last)));
            }
        }
        others.forEach(Exploration::await);
    }

    private static void await(Future<?> other) {
        try {
            other.get();
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException("interrupted while exploring", e);
        } catch (ExecutionException e) {
            throw new IllegalStateException("exploring failed", e.getCause());
        }
    }

    /** Numbers what is new, and keeps the steps. */
    private void number(int first, Batch batch) {
        int windowWords = explored.windowWords;
        int conditionWords = explored.conditionWords;
        int step = 0;
        for (int i = 0; i < batch.size; i++) {
            int situation = first + i;
            if (situation == depthEnd) {
                explored.depths.add(situation);
                depthEnd = explored.situations();
            }
            explored.begins.add(explored.targets.size());
            explored.looks.add(batch.looks[i]);
            for (int w = 0; w < conditionWords; w++) {
                explored.holds.add(batch.holds[i * conditionWords + w]);
            }
            for (int w = 0; w < windowWords; w++) {
                explored.open.add(batch.open[i * windowWords + w]);
            }
            int session = Batch.NOWHERE;
            for (int e = 0; e < batch.counts[i]; e++, step++) {
                int target = target(batch, step, situation, e);
                if (batch.kinds[step] != Batch.APART) {
                    explored.targets.add(target);
                }
                session = step == batch.sessions[i] ? target : session;
            }
            explored.sessions.add(session);
        }
        if (batch.heldBack >= 0 && explored.heldBack.isEmpty()) {
            explored.heldBack = Optional.of(new Explored.Step(first + batch.heldBack, batch.heldBackBy));
        }
        batch.noticed.forEach(n -> explored.noticed.putIfAbsent(
                Notice.of(n.notice()), new Explored.Step(first + n.situation(), n.step())));
        batch.broken.forEach(b ->
                explored.brokenAtTheEnd.putIfAbsent(b.condition(), new Explored.Step(first + b.situation(), b.step())));
        explored.steps += step;
        batch.faults.forEach(f -> explored.fault(f.fault(), new Explored.Step(first + f.situation(), f.step())));
    }

    private int target(Batch batch, int step, int situation, int event) {
        int target = batch.targets[step];
        if (target == Batch.BEYOND) {
            explored.bounds.putIfAbsent(batch.bounds[step], new Explored.Step(situation, event));
            return target;
        }
        int place = -2 - target;
        if (batch.found[place] >= 0) {
            return batch.found[place];
        }
        int added = explored.states.add(batch.hashes[place], batch.words, batch.firsts[place], batch.lengths[place]);
        if (added >= 0) {
            explored.parents.add(situation);
            explored.by.add(event);
        }
        return added >= 0 ? added : -2 - added;
    }
}
