package bivouac.explore;

import bivouac.machine.Fault;
import bivouac.machine.RecallingStepper;
import bivouac.machine.Stepper;
import bivouac.state.StateTable;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.List;
import java.util.Optional;
import java.util.function.IntConsumer;

/**
 * What one thread found out about some situations that lie one behind the other: where their events lead to. It only
 * reads what is known; what is new is numbered afterwards, in order, so that it does not matter how many threads there
 * are.
 */
final class Batch {

    /** A step leads beyond a bound. */
    static final int BEYOND = -1;

    /** A step is none that people, tasks or time bring about. */
    static final int APART = 1;

    private final Question question;
    private final Stepper stepper;
    private final RecallingStepper recalling;
    private final StateTable known;
    private final int windowWords;
    private final int conditionWords;

    /** By step: {@link #BEYOND}, or -2 less the place of the state that it leads to. */
    int[] targets = new int[1024];

    byte[] kinds = new byte[1024];
    /** By step that leads beyond a bound: which. */
    int[] bounds = new int[1024];

    int steps;

    /** By situation: how many steps it has. */
    int[] counts = new int[1024];

    int size;

    long[] words = new long[4096];
    private int used;
    /** By state that was stepped to: its first word, and how many it has. */
    int[] firsts = new int[1024];

    int[] lengths = new int[1024];
    int fresh;

    /** By state that was stepped to: its number, or -1 where it was not known when the batch was looked at. */
    int[] found = new int[0];

    /** By state that was stepped to: by what it is looked for. */
    long[] hashes = new long[0];

    /** Keeps what was fetched from being left out. */
    private long fetched;

    /** By situation: which windows are open. */
    int[] open = new int[1024];

    byte[] looks = new byte[1024];
    /** By situation: which conditions hold. */
    int[] holds = new int[1024];

    /** By situation: where the end of the session leads to, as a target; {@link #NOWHERE} where it is no event. */
    int[] sessions = new int[1024];

    final List<Broken> broken = new ArrayList<>();

    /** What is worth a word, once for each that is noticed, in the order of the situations. */
    final List<Noticed> noticed = new ArrayList<>();

    private final BitSet notices = new BitSet();

    /** The step of the situation that is noticed; -1 for the situation itself. */
    private int noticedAt;

    /** One for all steps, so that none makes its own. */
    private final IntConsumer toNotice = this::notice;

    /** The first situation from which a step holds a result back (W2), and which of its steps; -1 for none. */
    int heldBack = -1;

    int heldBackBy;
    final List<Faulted> faults = new ArrayList<>();

    static final int NOWHERE = Integer.MIN_VALUE;

    /** A condition did not hold when a step of a situation ended the application. */
    record Broken(int situation, int step, int condition) {}

    /** @param step a step of the situation; -1 where it is about the situation itself */
    record Noticed(int situation, int step, int notice) {}

    /** Something went wrong in a step of a situation. */
    record Faulted(int situation, int step, Fault fault) {}

    static final int RUNNING = 1;
    static final int ENDED = 2;
    /** Nothing can be done there but to end it all from outside. */
    static final int STUCK = 4;

    static final int DEEP = 8;
    /** Something goes wrong in one of its steps. */
    static final int FAULTY = 16;

    /** So many windows waited for at once are more than people keep in mind. */
    private static final int DEEPEST = 3;

    Batch(Question question, StateTable known) {
        this.question = question;
        this.stepper = question.stepper();
        this.known = known;
        this.windowWords = words(question.program().windows().size());
        this.conditionWords = words(question.conditions().size());
        this.recalling = new RecallingStepper(stepper, Optional.of(question.growth()), new Look());
        stepper.watchTheEnd(question.conditions());
    }

    /** How many words say something of so many things. */
    static int words(int things) {
        return things + Integer.SIZE - 1 >> WORD;
    }

    /** In which of those words the bit of one thing is. */
    static int word(int thing) {
        return thing >> WORD;
    }

    private static final int WORD = 5;

    Stepper stepper() {
        return stepper;
    }

    void clear() {
        steps = 0;
        size = 0;
        used = 0;
        fresh = 0;
        faults.clear();
        broken.clear();
        noticed.clear();
        notices.clear();
        heldBack = -1;
    }

    /** Takes all steps of the situations from a number on. */
    void explore(int from, int to) {
        clear();
        for (int state = from; state < to; state++) {
            one(state);
        }
        lookUp();
    }

    /** All at once and not step by step: one look-up does not wait for the memory of the one before. */
    private void lookUp() {
        if (found.length < fresh) {
            found = new int[firsts.length];
            hashes = new long[firsts.length];
        }
        long all = 0;
        for (int place = 0; place < fresh; place++) {
            hashes[place] = StateTable.hash(words, firsts[place], lengths[place]);
            all ^= known.fetch(hashes[place]);
        }
        fetched = all;
        for (int place = 0; place < fresh; place++) {
            found[place] = known.find(hashes[place], words, firsts[place], lengths[place]);
        }
    }

    private void one(int state) {
        int events = recalling.open(known.piece(state), known.first(state), known.length(state));
        look();
        for (int e = 0; e < events; e++) {
            boolean anew = recalling.step(e);
            if (steps == targets.length) {
                targets = Arrays.copyOf(targets, steps * 2);
                kinds = Arrays.copyOf(kinds, steps * 2);
                bounds = Arrays.copyOf(bounds, steps * 2);
            }
            kinds[steps] = (byte) (Stepper.isOrdinary(recalling.numbered(e)) ? 0 : APART);
            targets[steps] = target();
            if (Stepper.isSessionEnd(recalling.numbered(e))) {
                sessions[size] = steps;
            }
            if (recalling.isFaulty()) {
                looks[size] |= FAULTY;
            }
            if (anew) {
                tell(state, e);
            }
            steps++;
        }
        counts[size++] = events;
    }

    /** What a step shows that was taken anew: where one is known again, the first of its kind has shown the same. */
    private void tell(int state, int step) {
        int situation = size;
        stepper.faults().forEach(f -> faults.add(new Faulted(situation, step, f)));
        noticedAt = step;
        stepper.noticeStep(toNotice);
        if (heldBack < 0 && stepper.holdsBack()) {
            heldBack = size;
            heldBackBy = step;
        }
        if (stepper.stepEnded() && !question.conditions().isEmpty()) {
            broken(step);
        }
        if (stepper.isCloseBoxOrEscape(step) && known.isAt(state, stepper.words(), 0, stepper.length())) {
            notice(stepper.silentRefusal(step));
        }
    }

    private void notice(int notice) {
        if (!notices.get(notice)) {
            notices.set(notice);
            noticed.add(new Noticed(size, noticedAt, notice));
        }
    }

    private void broken(int step) {
        boolean unasked = stepper.isUnasked(step);
        for (int c = 0; c < question.conditions().size(); c++) {
            if (!stepper.heldAtTheEnd().get(c) && (unasked || question.isPromised(c))) {
                broken.add(new Broken(size, step, c));
            }
        }
    }

    private int target() {
        if (recalling.bound() >= 0) {
            bounds[steps] = recalling.bound();
            return BEYOND;
        }
        return -2 - keep(recalling.words(), recalling.length());
    }

    private int keep(long[] from, int length) {
        if (used + length > words.length) {
            words = Arrays.copyOf(words, Math.max(words.length * 2, used + length));
        }
        if (fresh == firsts.length) {
            firsts = Arrays.copyOf(firsts, fresh * 2);
            lengths = Arrays.copyOf(lengths, fresh * 2);
        }
        System.arraycopy(from, 0, words, used, length);
        firsts[fresh] = used;
        lengths[fresh] = length;
        used += length;
        return fresh++;
    }

    private void look() {
        if (size == counts.length) {
            counts = Arrays.copyOf(counts, size * 2);
            looks = Arrays.copyOf(looks, size * 2);
            sessions = Arrays.copyOf(sessions, size * 2);
        }
        sessions[size] = NOWHERE;
        if ((size + 1) * conditionWords > holds.length) {
            holds = Arrays.copyOf(holds, (size + 1) * conditionWords * 2);
        }
        if ((size + 1) * windowWords > open.length) {
            open = Arrays.copyOf(open, (size + 1) * windowWords * 2);
        }
        int[] looked = recalling.looked();
        looks[size] = (byte) looked[0];
        System.arraycopy(looked, 1, open, size * windowWords, windowWords);
        System.arraycopy(looked, 1 + windowWords, holds, size * conditionWords, conditionWords);
    }

    /** How a situation looks: what has become of it, which windows are open, and which conditions hold. */
    private final class Look implements RecallingStepper.Look {

        @Override
        public int size() {
            return 1 + windowWords + conditionWords;
        }

        @Override
        public void at(Stepper stepper, int events, int[] into) {
            Arrays.fill(into, 0);
            stepper.openWindows(w -> into[1 + word(w)] |= 1 << w);
            boolean running = stepper.isRunning();
            into[0] = running ? RUNNING : stepper.hasEnded() ? ENDED : 0;
            if (running) {
                boolean can = false;
                for (int e = 0; e < events && !can; e++) {
                    can = Stepper.isOrdinary(stepper.numbered(e));
                }
                into[0] |= can ? 0 : STUCK;
                into[0] |= stepper.waitedFor() > DEEPEST ? DEEP : 0;
                noticedAt = -1;
                stepper.noticeSituation(toNotice);
            }
            for (int c = 0; c < question.conditions().size() && running; c++) {
                boolean is = stepper.holds(question.conditions().get(c));
                into[1 + windowWords + word(c)] |= is ? 1 << c : 0;
            }
        }
    }
}
