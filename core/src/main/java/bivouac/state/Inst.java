package bivouac.state;

import bivouac.expression.Value;
import bivouac.plan.Instance;
import bivouac.plan.WindowPlan;
import java.util.Arrays;
import java.util.Optional;

/** An open window while a step runs. Made by {@link Situation#open}, and used again when that is cleared. */
public final class Inst implements Instance {

    /** Not waited for, waited for by its owner's sake, or for the whole application's (B1). */
    public static final int WAITS_NOT = 0;

    public static final int WAITS_FOR_OWNER = 1;
    public static final int WAITS_FOR_APPLICATION = 2;

    public final WindowPlan plan;
    public Inst owner;
    public Inst opener;
    public int waits;
    /** Among the windows waited for, the order of their opening (B1); see {@link Canonical}. */
    public int rank;

    public boolean hidden;
    /** The request that has asked it and is undecided; null for none (C3). */
    public Frame.OfRequest askedBy;
    /** It has left the screen, and its <em>after closing</em> runs (C5). */
    public boolean closing;
    /** The ending that it closes with, once it does: its number in the window from 1, and 0 before. */
    public int ending;
    /** Which opening of its window in this run it is, from 1; no rule reads it. */
    public int serial;
    /** Position among the instances; given when the state is made. */
    public int position;

    public boolean gone;

    /** The first of the windows that it owns, and the next that its owner owns, as whoever asks them last found. */
    public Inst firstOwned;

    public Inst nextOwned;

    /** The windows that its variables keep, by the variable's number among those (O9); null where it is not open. */
    public final Inst[] kept;

    private final Values values;
    private final Touched touched;
    /** The bit of its first slot among what is touched. */
    private final int firstTouched;

    private final int[] slots;
    /** What its ending gives, once that is decided (C6): as many numbers as {@link #results}. */
    private int[] result = {};

    private int results;

    /** As it was when it was saved. */
    private final int[] savedSlots;

    private final Inst[] savedKept;
    private Inst savedOwner;
    private Inst savedOpener;
    private int savedWaits;
    private int savedRank;
    private boolean savedHidden;
    private Frame.OfRequest savedAskedBy;
    private boolean savedClosing;
    private int savedEnding;
    private int savedResults;
    private int[] savedResult = result;

    Inst(WindowPlan plan, Values values, Touched touched) {
        this.plan = plan;
        this.values = values;
        this.touched = touched;
        this.firstTouched = touched.first(plan.number);
        this.slots = new int[plan.slots()];
        this.savedSlots = new int[slots.length];
        this.kept = new Inst[plan.keeps().size()];
        this.savedKept = new Inst[kept.length];
    }

    /** As one that has just been made, with nothing in its slots. */
    void beginEmpty() {
        begin();
        Arrays.fill(slots, 0);
    }

    /** As one that has just been made. */
    void begin() {
        Arrays.fill(kept, null);
        owner = null;
        opener = null;
        waits = WAITS_NOT;
        rank = 0;
        hidden = false;
        askedBy = null;
        closing = false;
        ending = 0;
        serial = 0;
        gone = false;
        firstOwned = null;
        nextOwned = null;
        results = 0;
        touched.touch(firstTouched, slots.length);
    }

    void begin(int[] numbers) {
        begin();
        setAll(numbers);
    }

    void save() {
        System.arraycopy(slots, 0, savedSlots, 0, slots.length);
        System.arraycopy(kept, 0, savedKept, 0, kept.length);
        savedOwner = owner;
        savedOpener = opener;
        savedWaits = waits;
        savedRank = rank;
        savedHidden = hidden;
        savedAskedBy = askedBy;
        savedClosing = closing;
        savedEnding = ending;
        savedResults = results;
        savedResult = results == 0 ? savedResult : Arrays.copyOf(result, results);
    }

    /** As when it was saved, at the position that it has. */
    void restore(int at) {
        System.arraycopy(savedSlots, 0, slots, 0, slots.length);
        System.arraycopy(savedKept, 0, kept, 0, kept.length);
        owner = savedOwner;
        opener = savedOpener;
        waits = savedWaits;
        rank = savedRank;
        hidden = savedHidden;
        askedBy = savedAskedBy;
        closing = savedClosing;
        ending = savedEnding;
        gone = false;
        position = at;
        results = savedResults;
        if (results > 0) {
            System.arraycopy(savedResult, 0, result, 0, results);
        }
    }

    /** What is in all its slots. */
    public int[] all() {
        touched.touch(firstTouched, slots.length);
        return slots.clone();
    }

    public void setAll(int[] numbers) {
        touched.touch(firstTouched, slots.length);
        System.arraycopy(numbers, 0, slots, 0, slots.length);
    }

    @Override
    public WindowPlan plan() {
        return plan;
    }

    @Override
    public int get(int slot) {
        touched.touch(firstTouched + slot);
        return slots[slot];
    }

    @Override
    public void set(int slot, int number) {
        touched.touch(firstTouched + slot);
        slots[slot] = number;
    }

    @Override
    public void set(int slot, Value value) {
        set(slot, values.number(value));
    }

    @Override
    public Value value(int slot) {
        return values.value(get(slot));
    }

    @Override
    public Optional<Instance> owner() {
        return Optional.ofNullable(owner);
    }

    @Override
    public Optional<Instance> opener() {
        return Optional.ofNullable(opener);
    }

    @Override
    public Optional<Instance> kept(int number) {
        return Optional.ofNullable(kept[number]);
    }

    /** Begins a result of so many values, none of which is given yet. */
    public void beginResult(int count) {
        if (result.length < count) {
            result = new int[count];
        }
        Arrays.fill(result, 0, count, 0);
        results = count;
    }

    /** How many values its result has; 0 while there is none. */
    public int results() {
        return results;
    }

    public int result(int give) {
        return give < results ? result[give] : Values.NONE;
    }

    public void setResult(int give, int number) {
        result[give] = number;
    }

    /** C9: it is off the screen, itself or with what owns it. */
    public boolean isHidden() {
        for (Inst at = this; at != null; at = at.owner) {
            if (at.hidden) {
                return true;
            }
        }
        return false;
    }

    /** Whether {@code above} owns it, directly or through others. */
    public boolean isOwnedBy(Inst above) {
        for (Inst at = owner; at != null; at = at.owner) {
            if (at == above) {
                return true;
            }
        }
        return false;
    }

    @Override
    public String named() {
        String name = plan.window().name().shown();
        return serial <= 1 ? name : name + " (" + serial + ")";
    }
}
