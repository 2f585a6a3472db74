package bivouac.machine;

import bivouac.state.Outline;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * A stepper that knows again what it has done. Most events touch the values of a window or two; so two situations that
 * agree in those, and in all but values, go on in the same way, and what the rules made of the first is done to the second
 * without asking them. It answers exactly what the rules would. Serves one thread.
 */
public final class RecallingStepper {

    /** What is told of every situation, as numbers; a function of the situation that is open. */
    public interface Look {

        /** How many numbers there are. */
        int size();

        /** @param events how many the situation has */
        void at(Stepper stepper, int events, int[] into);

        /** Nothing is told. */
        Look NONE = new Look() {
            @Override
            public int size() {
                return 0;
            }

            @Override
            public void at(Stepper stepper, int events, int[] into) {
                // nothing
            }
        };
    }

    /** The question of an event that is never known again: there are too many different ones, or the state fits no outline. */
    private static final int NO_QUESTION = -1;

    /** So many words the masks of all questions have at the most. */
    private static final int MOST_MASKS = 1 << 20;

    /** The question which events a situation has, and how it looks; the others are what an event leads to. */
    private static final int LOOK = 0;

    /** Stands beside the length of the state that a step led to. */
    private static final int FAULTY = 1 << 30;

    private final Stepper stepper;
    private final Optional<Growth> growth;
    private final Look look;
    private final Outline outline;
    private final Memo memo;
    /** By question: the bits of a state on which any answer has depended. */
    private final List<long[]> masks = new ArrayList<>();

    private final Map<Long, Integer> questions = new HashMap<>();

    private long[] state = {};
    private int first;
    private int length;
    /** The rules have it before them. */
    private boolean open;

    private long[] events = new long[64];
    private int[] asked = new int[64];
    private int count;
    private final int[] looked;

    private long[] answer = new long[64];
    private long[] recalled = new long[8];
    private boolean anew;
    private int recalledLength;
    private int bound;
    private boolean faulty;

    /**
     * @param growth how far what grows is followed, if that is limited
     * @param look what is told of every situation
     */
    public RecallingStepper(Stepper stepper, Optional<Growth> growth, Look look) {
        this(stepper, growth, look, new Memo());
    }

    RecallingStepper(Stepper stepper, Optional<Growth> growth, Look look, Memo memo) {
        this.stepper = stepper;
        this.growth = growth;
        this.look = look;
        this.outline = stepper.outline();
        this.memo = memo;
        this.looked = new int[look.size()];
        this.masks.add(outline.rest());
    }

    /** Takes a packed state to step from; answers how many events it has. */
    public int open(long[] words, int from, int ofLength) {
        state = words;
        first = from;
        length = ofLength;
        open = false;
        boolean fits = outline.fits(words, from);
        int known = fits ? memo.find(LOOK, masks.get(LOOK), words, from, ofLength) : Memo.UNKNOWN;
        if (known == Memo.UNKNOWN) {
            lookAnew(fits);
        } else {
            recallLook(known);
        }
        return count;
    }

    /** What is told of the state that is open. */
    public int[] looked() {
        return looked;
    }

    /** An event of the state that is open, as {@link Stepper#numbered}. */
    public long numbered(int event) {
        return events[event];
    }

    /** @param fits whether values stand where the outline says, so that anything can be known again */
    private void lookAnew(boolean fits) {
        layOpen();
        count = stepper.events();
        look.at(stepper, count, looked);
        stepper.keepTouched();
        if (count > events.length) {
            events = Arrays.copyOf(events, count * 2);
            asked = Arrays.copyOf(asked, count * 2);
        }
        for (int e = 0; e < count; e++) {
            events[e] = stepper.numbered(e);
            asked[e] = fits ? question(e) : NO_QUESTION;
        }
        if (fits) {
            rememberLook();
        }
    }

    private void rememberLook() {
        int size = 1 + 2 * count + looked.length;
        room(size);
        answer[0] = count;
        for (int e = 0; e < count; e++) {
            answer[1 + e] = events[e];
            answer[1 + count + e] = asked[e];
        }
        for (int i = 0; i < looked.length; i++) {
            answer[1 + 2 * count + i] = looked[i];
        }
        remember(LOOK, size);
    }

    private void recallLook(int known) {
        long[] data = memo.data();
        // there is room for them: they were looked at once
        count = (int) data[known];
        for (int e = 0; e < count; e++) {
            events[e] = data[known + 1 + e];
            asked[e] = (int) data[known + 1 + count + e];
        }
        for (int i = 0; i < looked.length; i++) {
            looked[i] = (int) data[known + 1 + 2 * count + i];
        }
    }

    /** An event of one window is another question than that of another window at the same place. */
    private int question(int event) {
        long by = stepper.numberedByWindow(event);
        if ((long) masks.size() * outline.words() > MOST_MASKS) {
            return questions.getOrDefault(by, NO_QUESTION);
        }
        return questions.computeIfAbsent(by, e -> {
            masks.add(outline.rest());
            return masks.size() - 1;
        });
    }

    /** Takes an event of the state that is open; answers whether the rules were asked, so that it may be the first of its kind. */
    public boolean step(int event) {
        int question = asked[event];
        int known =
                question == NO_QUESTION ? Memo.UNKNOWN : memo.find(question, masks.get(question), state, first, length);
        anew = known == Memo.UNKNOWN;
        if (anew) {
            stepAnew(event);
        } else {
            recallStep(known);
        }
        return anew;
    }

    private void stepAnew(int event) {
        layOpen();
        stepper.step(event);
        bound = growth.map(stepper::beyond).orElse(-1);
        faulty = !stepper.faults().isEmpty();
        if (asked[event] != NO_QUESTION) {
            rememberStep(asked[event]);
        }
    }

    private void rememberStep(int question) {
        long[] after = stepper.words();
        int afterLength = stepper.length();
        boolean goesOn = outline.fits(after, 0);
        if (!goesOn && stepper.runsOn()) {
            return;
        }
        int kept = goesOn ? outline.words() : 0;
        room(1 + afterLength + kept);
        answer[0] = (long) bound << Integer.SIZE | (faulty ? FAULTY : 0) | afterLength;
        System.arraycopy(after, 0, answer, 1, afterLength);
        if (goesOn) {
            var untouched = new long[kept];
            outline.addUntouched(after, stepper.touched(), untouched);
            for (int i = 0; i < kept; i++) {
                answer[1 + i] &= ~untouched[i];
                answer[1 + afterLength + i] = untouched[i];
            }
        }
        remember(question, 1 + afterLength + kept);
    }

    private void recallStep(int known) {
        long[] data = memo.data();
        recalledLength = (int) data[known] & ~FAULTY;
        faulty = (data[known] & FAULTY) != 0;
        bound = (int) (data[known] >> Integer.SIZE);
        if (recalledLength > recalled.length) {
            recalled = new long[recalledLength * 2];
        }
        System.arraycopy(data, known + 1, recalled, 0, recalledLength);
        if (memo.answerLength(known, length) > 1 + recalledLength) {
            for (int i = 0; i < outline.words(); i++) {
                recalled[i] |= state[first + i] & data[known + 1 + recalledLength + i];
            }
        }
    }

    /** What the answer depended on counts from now on whenever the question is asked. */
    private void remember(int question, int size) {
        long[] mask = masks.get(question);
        outline.addTouched(stepper.touched(), mask);
        memo.put(question, mask, state, first, length, answer, size);
    }

    private void room(int size) {
        answer = answer.length < size ? new long[size * 2] : answer;
    }

    private void layOpen() {
        if (!open) {
            stepper.open(state, first);
            open = true;
        }
    }

    /** The words of the state after the last step, from the first on; used again by the next step. */
    public long[] words() {
        return anew ? stepper.words() : recalled;
    }

    public int length() {
        return anew ? stepper.length() : recalledLength;
    }

    /** Whether something went wrong in the last step. */
    public boolean isFaulty() {
        return faulty;
    }

    /** The bound beyond which the last step led; -1 for none. */
    public int bound() {
        return bound;
    }
}
