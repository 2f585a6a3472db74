package bivouac.explore;

import bivouac.machine.Event;
import bivouac.machine.Fault;
import bivouac.machine.Notice;
import bivouac.machine.Stepper;
import bivouac.plan.StepRef;
import bivouac.state.StateTable;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.IntPredicate;
import java.util.stream.Stream;

/**
 * The situations that an exploration has met, numbered in the order in which they were, and the steps between them.
 * Immutable once the exploration is done.
 */
public final class Explored {

    /** How an exploration came to its end. */
    public enum Outcome {
        /** Every situation was met, but for those beyond a bound. */
        DONE,
        STOPPED,
        OUT_OF_TIME,
        /** As much was done as is to be done at the most, whatever the clock says. */
        OUT_OF_STEPS,
        OUT_OF_MEMORY
    }

    /** A step: from a situation by the how-manieth of its events. */
    public record Step(int situation, int event) {}

    /** Something that goes wrong, and the first step that shows it. */
    public record Faulted(Fault fault, Step step) {}

    /** Faults of one rule at one step are one, whatever the values are that their messages say. */
    private record FaultAt(Fault.Rule rule, Optional<StepRef> where, String message) {
        static FaultAt of(Fault fault) {
            return new FaultAt(fault.rule(), fault.where(), fault.where().isPresent() ? "" : fault.message());
        }
    }

    private final Question question;
    final StateTable states = new StateTable();
    /** By situation: from which it was reached first, and by which of its events. */
    final Ints parents = new Ints();

    final Ints by = new Ints();
    /** By situation that was looked at: where its steps begin among the targets. */
    final Ints begins = new Ints();

    /** By step that is ordinary: where it leads to, or {@link Batch#BEYOND}. */
    final Ints targets = new Ints();

    /** By situation: bits that say which windows are open. */
    final Ints open = new Ints();

    final Ints looks = new Ints();
    /** By situation: where the end of the session leads to; {@link Batch#NOWHERE} where it is no event. */
    final Ints sessions = new Ints();

    /** By condition: the first step that ended the application while it did not hold. */
    final Map<Integer, Step> brokenAtTheEnd = new LinkedHashMap<>();

    /** What is worth a word: the first step that shows it, or situation, with -1 for the step. */
    final Map<Notice, Step> noticed = new LinkedHashMap<>();

    /** By situation: bits that say which conditions hold. */
    final Ints holds = new Ints();

    /** The first situation of each depth. */
    final List<Integer> depths = new ArrayList<>();

    private final Map<FaultAt, Faulted> faults = new LinkedHashMap<>();
    final Map<Integer, Step> bounds = new LinkedHashMap<>();
    final List<Fault> faultsOfStart = new ArrayList<>();
    final List<Stepper> steppers = new ArrayList<>();
    final int windowWords;
    final int conditionWords;
    Optional<Step> heldBack = Optional.empty();
    private Optional<Reach> reach = Optional.empty();
    private Optional<List<Promises.Answer>> promises = Optional.empty();
    private int[] toEnd = {};
    private int[] toWrong = {};
    long steps;
    Outcome outcome = Outcome.DONE;
    long nanos;

    /** When somebody wants the last finding, by the clock of the machine that runs. */
    long endsAt = Long.MAX_VALUE;

    private volatile boolean cutShort;

    Explored(Question question) {
        this.question = question;
        this.windowWords = Batch.words(question.program().windows().size());
        this.conditionWords = Batch.words(question.conditions().size());
    }

    public Question question() {
        return question;
    }

    /** How many situations were met. */
    public int situations() {
        return states.size();
    }

    /** How many of them were looked at: all, unless it ended early. */
    public int lookedAt() {
        return begins.size();
    }

    public long steps() {
        return steps;
    }

    /** How many events lie at the most between the start and a situation. */
    public int depth() {
        return depths.size() - 1;
    }

    public Outcome outcome() {
        return outcome;
    }

    public double seconds() {
        return nanos / 1e9;
    }

    /**
     * Whether the time that was wished for is over: then what was met is not looked into any further, which is said.
     */
    public boolean isLate() {
        boolean late = System.nanoTime() - endsAt > 0;
        cutShort |= late;
        return late;
    }

    /** Whether something of what was met was not looked into, for want of time. */
    public boolean isCutShort() {
        return cutShort;
    }

    /** Whether no situation is left out. */
    public boolean isComplete() {
        return outcome == Outcome.DONE
                && bounds.isEmpty()
                && question.unfollowed().isEmpty();
    }

    /** By what it is bounded, in words; none where only time, memory or somebody ended it, or where it is complete. */
    public List<String> boundedBy() {
        return Stream.concat(bounds.keySet().stream().map(question.growth()::words), question.unfollowed().stream())
                .distinct()
                .toList();
    }

    /** How many bytes the situations take, without the steps between them. */
    public long bytes() {
        return states.bytes() + parents.bytes() + by.bytes();
    }

    /** How many bytes all of it takes. */
    public long allBytes() {
        return bytes()
                + begins.bytes()
                + targets.bytes()
                + open.bytes()
                + looks.bytes()
                + holds.bytes()
                + sessions.bytes();
    }

    void fault(Fault fault, Step step) {
        faults.putIfAbsent(FaultAt.of(fault), new Faulted(fault, step));
    }

    /** What goes wrong anywhere but at the start, in the order in which it was met. */
    public List<Faulted> faults() {
        return List.copyOf(faults.values());
    }

    /** What goes wrong at the start. */
    public List<Fault> faultsOfStart() {
        return List.copyOf(faultsOfStart);
    }

    // What is known of one situation

    boolean is(int situation, int look) {
        return (looks.get(situation) & look) != 0;
    }

    /** Whether it ended by itself there. */
    public boolean hasEnded(int situation) {
        return is(situation, Batch.ENDED);
    }

    /** Whether nobody can do anything there, nothing is waited for, and no timer is on. */
    public boolean isStuck(int situation) {
        return is(situation, Batch.STUCK);
    }

    /** Whether more windows wait on each other there than people keep in mind. */
    public boolean isDeep(int situation) {
        return is(situation, Batch.DEEP);
    }

    /** The first step by which a result is held back, since a window that was opened later is still waited for (W2). */
    public Optional<Step> heldBack() {
        return heldBack;
    }

    /** What is no fault and worth a word, each with a shortest trail that shows it. */
    public Map<Notice, List<Event>> noticed() {
        var trails = new LinkedHashMap<Notice, List<Event>>();
        noticed.forEach((notice, step) -> trails.put(notice, step.event() < 0 ? trail(step.situation()) : trail(step)));
        return trails;
    }

    /** By value that says that something is unsaved: the first step that ended the application with it, and asked nobody. */
    public Map<String, List<Event>> lost() {
        var lost = new LinkedHashMap<String, List<Event>>();
        for (int i = 0; i < question.unsaved().size(); i++) {
            Step step = brokenAtTheEnd.get(
                    question.conditions().size() - question.unsaved().size() + i);
            if (step != null) {
                lost.put(question.unsaved().get(i).name().shown(), trail(step));
            }
        }
        return lost;
    }

    /** The first situation in which a window is open, by its shown name; the nearest to the start. */
    public Optional<Integer> firstWith(String window) {
        return question.program().window(window).flatMap(plan -> first(s -> isOpen(s, plan.number)));
    }

    /** The first situation that is meant; the nearest to the start. */
    public Optional<Integer> first(IntPredicate meant) {
        for (int s = 0; s < lookedAt(); s++) {
            if (meant.test(s)) {
                return Optional.of(s);
            }
        }
        return Optional.empty();
    }

    /** From where what can be reached; worked out when it is first asked for. */
    public synchronized Reach reach() {
        if (reach.isEmpty()) {
            reach = Optional.of(new Reach(this));
        }
        return reach.get();
    }

    /** How many events lead at the least from each situation to the end by itself; worked out when it is first asked for. */
    synchronized int[] toEnd() {
        toEnd = toEnd.length == 0 ? reach().distances(this::hasEnded) : toEnd;
        return toEnd;
    }

    /** The same, to a situation in which something can go wrong at once, or nothing can be done. */
    synchronized int[] toWrong() {
        if (toWrong.length == 0) {
            toWrong = reach().distances(s -> is(s, Batch.FAULTY) || isStuck(s));
        }
        return toWrong;
    }

    /** The number of a situation by its words; negative where it was not met. */
    int find(long[] words, int length) {
        return states.find(words, 0, length);
    }

    /** Whether the same windows are open in two situations that were looked at. */
    boolean hasSameOpen(int one, int other) {
        for (int w = 0; w < windowWords; w++) {
            if (open.get(one * windowWords + w) != open.get(other * windowWords + w)) {
                return false;
            }
        }
        return true;
    }

    /** What became of each promise of the program, in the order of the design; worked out when it is first asked for. */
    public synchronized List<Promises.Answer> promises() {
        if (promises.isEmpty()) {
            promises = Optional.of(Promises.of(this));
        }
        return promises.get();
    }

    /** Whether a window is open in a situation that was looked at; by its number in the program. */
    public boolean isOpen(int situation, int window) {
        return isSet(open, situation * windowWords, window);
    }

    /** Whether a condition of the question holds in a situation that was looked at. */
    public boolean holds(int situation, int condition) {
        return isSet(holds, situation * conditionWords, condition);
    }

    private static boolean isSet(Ints words, int first, int bit) {
        return (words.get(first + Batch.word(bit)) >>> bit & 1) != 0;
    }

    /** Whether the application runs there. */
    public boolean isRunning(int situation) {
        return is(situation, Batch.RUNNING);
    }

    int begin(int situation) {
        return begins.get(situation);
    }

    int end(int situation) {
        return situation + 1 < begins.size() ? begins.get(situation + 1) : targets.size();
    }

    /** Whether any event has run an operation of a script. */
    public boolean hasReached(int script, int op) {
        return steppers.stream().anyMatch(s -> s.hasReached(script, op));
    }

    // Trails

    /** The shortest way from the start to a situation, as events of the machine. */
    public List<Event> trail(int situation) {
        var trail = new ArrayList<Event>();
        Stepper stepper = question.stepper();
        for (int at = situation; at > 0; at = parents.get(at)) {
            trail.addFirst(event(stepper, parents.get(at), by.get(at)));
        }
        return List.copyOf(trail);
    }

    /** The same, and then some events more. */
    public List<Event> trail(int situation, List<Step> then) {
        var trail = new ArrayList<>(trail(situation));
        Stepper stepper = question.stepper();
        then.forEach(s -> trail.add(event(stepper, s.situation(), s.event())));
        return List.copyOf(trail);
    }

    /** The shortest way to a situation, and then one event more. */
    public List<Event> trail(Step step) {
        return trail(step.situation(), List.of(step));
    }

    private Event event(Stepper stepper, int situation, int event) {
        stepper.open(states.piece(situation), states.first(situation));
        return stepper.event(event);
    }
}
