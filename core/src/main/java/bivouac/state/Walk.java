package bivouac.state;

import bivouac.plan.WindowPlan;
import java.util.Arrays;
import java.util.List;

/**
 * The one walk over all that a state keeps. The same walk reads and writes: it passes each number to the bits, which
 * answer with what is stored, or store it. One walk serves one thread, again and again, and makes no objects.
 *
 * <p>What cannot be so is not kept: what only a request needs is there only while one is, and what follows from
 * something else is not there at all.
 */
public final class Walk {

    private static final int WAYS = 3;

    /** The first bits of a state: whether it is a loose one, and what has become of the application. */
    private static final int PHASE = 1;

    static final int HEADER = 3;

    private final Layout layout;
    private final Bits own = new Bits();
    /** What stands in each field of a tight state. */
    private final long[] fields;

    private boolean tight;
    private final Relations relations;
    private final Waiting waiting;
    private long[] space = new long[8];
    private Bits io = own;
    private Situation s;

    public Walk(Layout layout) {
        this.layout = layout;
        this.relations = new Relations(layout);
        this.waiting = new Waiting(layout, relations);
        this.fields = new long[layout.windows.length];
    }

    /** Lays a state open, with what is kept beside it. */
    public void open(State state, Situation into) {
        read(state.words(), 0, into);
        Beside.read(state.beside(), layout, into);
    }

    /** Packs a situation at rest, with what is kept beside it. */
    public State close(Situation situation) {
        int length = write(situation);
        return new State(Arrays.copyOf(space, length), Beside.of(layout, situation));
    }

    static boolean isTight(long firstWord) {
        return (firstWord & 1) == 0;
    }

    static int phase(long firstWord) {
        return (int) (firstWord >>> PHASE) & 3;
    }

    /** Lays a packed state open. */
    public void read(long[] words, int from, Situation into) {
        into.clear();
        into.phase = phase(words[from]);
        tight = isTight(words[from]);
        boolean hasFields = tight && into.phase == Situation.RUNNING;
        for (int i = 0; hasFields && i < fields.length; i++) {
            Field field = layout.fields[i];
            fields[i] = field == null ? 0 : field.in(words, from);
        }
        for (int i = 0; hasFields && i < layout.places.length; i++) {
            if (layout.places[i] != null) {
                into.variables[i] = layout.variables[i].number((int) layout.places[i].in(words, from));
            }
        }
        own.read(words, from, hasFields ? layout.fieldsEnd : HEADER);
        begin(own, into);
        all();
    }

    /** Packs a situation at rest, which is put into its canonical order; answers how many {@link #words} it takes. */
    public int write(Situation situation) {
        Canonical.order(situation);
        space[0] = (long) situation.phase << PHASE;
        tight = situation.phase != Situation.RUNNING || fields(situation);
        boolean hasFields = tight && situation.phase == Situation.RUNNING;
        if (!tight) {
            space[0] |= 1;
        }
        own.write(space, hasFields ? layout.fieldsEnd : HEADER);
        begin(own, situation);
        all();
        space = own.words();
        return own.length();
    }

    /** Writes what stands in each field, and in each place of a variable; false if something is to stand there that was not foreseen. */
    private boolean fields(Situation situation) {
        int words = Bits.words(layout.fieldsEnd);
        space = space.length < words ? new long[words] : space;
        Arrays.fill(space, 0, words, 0);
        for (int i = 0; i < situation.instances.size(); i++) {
            Inst inst = situation.instances.get(i);
            Field field = layout.fields[inst.plan.number];
            if (field != null) {
                long is = field.of(inst);
                if (is == Field.UNFORESEEN) {
                    space[0] = 0;
                    return false;
                }
                field.into(space, is);
            }
        }
        for (int i = 0; i < layout.places.length; i++) {
            if (layout.places[i] != null) {
                int code = layout.variables[i].code(situation.variables[i]);
                if (code == Code.UNFORESEEN) {
                    space[0] = 0;
                    return false;
                }
                layout.places[i].into(space, code);
            }
        }
        return true;
    }

    /** The words last written; used again by the next {@link #write}. */
    public long[] words() {
        return space;
    }

    private void begin(Bits bits, Situation situation) {
        io = bits;
        s = situation;
        relations.begin(bits, situation);
        waiting.begin(bits, situation);
    }

    private void all() {
        if (s.phase == Situation.ENDED) {
            s.exitCode = io.bits(s.exitCode, Values.WIDTH);
        }
        world();
        kept();
        if (s.phase != Situation.RUNNING) {
            return;
        }
        s.faulted = io.flag(s.faulted);
        if (layout.remembersClosing) {
            s.hasClosed = io.flag(s.hasClosed);
        }
        for (int i = 0; i < layout.variables.length; i++) {
            boolean stands = tight && layout.places[i] != null;
            if (layout.variables[i] != null && !stands) {
                s.variables[i] = layout.variables[i].pass(s.variables[i], io);
            }
        }
        for (int i = 0; i < s.timers.length; i++) {
            s.timers[i] = io.bits(s.timers[i], 1);
        }
        instances();
        waiting.held();
        frames();
        boolean closing = closing();
        if (closing) {
            leaving();
        }
        waiting.background();
        waiting.branches(closing);
    }

    /** What outlives a run. */
    private void world() {
        if (layout.readsToday) {
            s.today = io.bits(s.today, Values.WIDTH);
        }
        s.files = layout.filesChange ? io.bits(s.files, Values.WIDTH) : layout.firstFiles;
        s.traces = layout.readsTraces ? io.bits(s.traces, Values.WIDTH) : layout.noTraces;
    }

    private void kept() {
        for (int i = 0; i < layout.variables.length; i++) {
            if (layout.variables[i] != null && s.program.variables().get(i).kept()) {
                s.kept[i] = layout.variables[i].pass(s.kept[i], io);
            }
        }
    }

    // Windows

    private void instances() {
        if (!layout.flags) {
            listed();
        } else if (tight) {
            if (io.isReading()) {
                fieldsOpen();
            }
            for (int window : layout.others) {
                flagged(layout.windows[window], io.isReading() ? s.instances.size() : s.first[window]);
            }
        } else {
            int at = 0;
            for (WindowLayout window : layout.windows) {
                at = flagged(window, at);
            }
        }
        if (io.isReading()) {
            Canonical.sort(s.instances);
            Canonical.place(s);
        }
        for (int i = 0; i < s.instances.size(); i++) {
            Inst inst = s.instances.get(i);
            Field field = tight ? layout.fields[inst.plan.number] : null;
            if (field == null) {
                relations.of(inst);
            } else if (io.isReading()) {
                field.relations(fields[inst.plan.number], inst, s);
            }
        }
        relations.ranks();
    }

    /** Opens every window in whose field something stands. */
    private void fieldsOpen() {
        for (int i = 0; i < fields.length; i++) {
            if (fields[i] != 0) {
                Inst inst = s.open(layout.windows[i].plan(), layout.windows[i].fixed());
                s.instances.add(inst);
                layout.fields[i].slots(fields[i], inst);
            }
        }
    }

    private void listed() {
        int at = 0;
        while (io.flag(!io.isReading() && at < s.instances.size())) {
            int number = io.bits(number(at), Bits.width(layout.windows.length));
            slots(layout.windows[number], at++);
        }
    }

    private int flagged(WindowLayout window, int at) {
        return window.once() ? once(window, at) : many(window, at);
    }

    private int number(int at) {
        return io.isReading() ? 0 : s.instances.get(at).plan.number;
    }

    private int once(WindowLayout window, int at) {
        boolean open = io.flag(isNext(window.plan(), at));
        if (open) {
            slots(window, at);
        }
        return open ? at + 1 : at;
    }

    private int many(WindowLayout window, int first) {
        int at = first;
        while (io.flag(isNext(window.plan(), at))) {
            slots(window, at++);
        }
        return at;
    }

    private boolean isNext(WindowPlan plan, int at) {
        return at < s.instances.size() && !io.isReading() && s.instances.get(at).plan == plan;
    }

    private void slots(WindowLayout window, int at) {
        if (io.isReading()) {
            s.instances.add(s.open(window.plan(), window.fixed()));
        }
        Inst inst = s.instances.get(at);
        int[] slots = window.slots();
        for (int i = 0; i < slots.length; i++) {
            inst.set(slots[i], window.codes()[i].pass(inst.get(slots[i]), io));
        }
    }

    // The stack

    private void frames() {
        int at = 0;
        while (io.flag(!io.isReading() && at < s.stack.size())) {
            boolean request = io.flag(!io.isReading() && s.stack.get(at) instanceof Frame.OfRequest);
            if (request) {
                request(at++);
            } else {
                waiting.script(s.stack, at++);
            }
        }
        asked();
    }

    private void request(int at) {
        if (io.isReading()) {
            s.stack.add(s.request(false));
        }
        var request = (Frame.OfRequest) s.stack.get(at);
        request.departure = io.flag(request.departure);
        request.target = relations.any(request.target);
        request.way = io.bits(request.way, WAYS);
        if (request.target != null) {
            request.ending = io.bits(
                    request.ending, Bits.width(request.target.plan.endings().size() + 1));
        }
        request.unasked = io.flag(request.unasked);
        request.closing = io.flag(request.closing);
        request.byScript = io.flag(request.byScript);
        request.awaitsOpening = io.flag(request.awaitsOpening);
        request.thenEnds = io.flag(request.thenEnds);
        if (request.departure && request.closing) {
            request.planned = io.flag(request.planned);
        }
        if (layout.endsSaying && (request.departure || request.thenEnds)) {
            request.code = io.bits(request.code, Values.WIDTH);
            request.saying = io.bits(request.saying, Values.WIDTH);
        }
    }

    /** Whom each undecided request has asked (C3). */
    private void asked() {
        int undecided = 0;
        for (int i = 0; i < s.stack.size(); i++) {
            undecided += isUndecided(s.stack.get(i)) ? 1 : 0;
        }
        if (undecided == 0) {
            return;
        }
        for (int i = 0; i < s.instances.size(); i++) {
            Inst inst = s.instances.get(i);
            if (!inst.plan.isBox()) {
                inst.askedBy = undecided(io.bits(number(inst.askedBy), Bits.width(undecided + 1)));
            }
        }
    }

    private static boolean isUndecided(Frame frame) {
        return frame instanceof Frame.OfRequest r && !r.closing;
    }

    /** The how-manieth undecided request it is, from 1; 0 for none. */
    private int number(Frame.OfRequest request) {
        int number = 0;
        for (int i = 0; request != null && i < s.stack.size(); i++) {
            number += isUndecided(s.stack.get(i)) ? 1 : 0;
            if (s.stack.get(i) == request) {
                return number;
            }
        }
        return 0;
    }

    private Frame.OfRequest undecided(int number) {
        int left = number;
        for (int i = 0; left > 0 && i < s.stack.size(); i++) {
            left -= isUndecided(s.stack.get(i)) ? 1 : 0;
            if (left == 0) {
                return (Frame.OfRequest) s.stack.get(i);
            }
        }
        return null;
    }

    private boolean closing() {
        for (int i = 0; i < s.stack.size(); i++) {
            if (s.stack.get(i) instanceof Frame.OfRequest r && r.closing) {
                return true;
            }
        }
        return false;
    }

    /** While a request closes its windows: the one that is leaving, and the results that are decided (C5, C6). */
    private void leaving() {
        Inst leaving = relations.any(io.isReading() ? null : leavingOf(s.instances));
        if (leaving != null) {
            leaving.closing = true;
            leaving.hidden = true;
            leaving.ending =
                    io.bits(leaving.ending, Bits.width(leaving.plan.endings().size() + 1));
        }
        for (int i = 0; i < s.instances.size(); i++) {
            result(s.instances.get(i));
        }
    }

    private static Inst leavingOf(List<Inst> instances) {
        for (int i = 0; i < instances.size(); i++) {
            if (instances.get(i).closing) {
                return instances.get(i);
            }
        }
        return null;
    }

    private void result(Inst inst) {
        int count = 0;
        while (io.flag(!io.isReading() && count < inst.results())) {
            count++;
        }
        if (io.isReading() && count > 0) {
            inst.beginResult(count);
        }
        for (int i = 0; i < count; i++) {
            int number = io.bits(inst.result(i), Values.WIDTH);
            if (io.isReading()) {
                inst.setResult(i, number);
            }
        }
    }
}
