package bivouac.machine;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Consumer;

/**
 * Which slots a state has, in which order, and the range of each. Said once, in {@link Walk}: the same walk reads a
 * state, writes one, and declares the ranges, so that a state can be packed to bits wherever millions are kept.
 *
 * <p>Canonical: instances stand in the order of their windows in the design; those of one window by key, else in the
 * order of their opening. Numbers of instances in other slots are positions in that order, from 1; 0 is none.
 */
final class StateLayout {

    /** One more than the most instances, frames and kept branches that a state holds. */
    static final int MOST = 1 << 16;

    private StateLayout() {}

    /** Passes each slot in order: reading answers what is stored, writing stores what is passed. */
    interface Slots {
        /** @param range the slot's values go from 0 to one less than this */
        int slot(int value, int range);
    }

    static Run open(Program program, State state, Consumer<Sighting> watch) {
        var run = new Run(program, watch);
        var reader = new Reader(state.slots());
        new Walk(run, reader, state.slots()).all();
        for (int i = 0; i < run.instances.size(); i++) {
            run.instances.get(i).serial = state.serials()[i];
            run.instances.get(i).position = i;
        }
        for (int i : state.stacking()) {
            run.stacking.add(run.instances.get(i));
        }
        return run;
    }

    static State close(Run run) {
        sort(run);
        var writer = new Writer();
        new Walk(run, writer, null).all();
        int[] stacking = new int[run.stacking.size()];
        for (int i = 0; i < stacking.length; i++) {
            stacking[i] = run.stacking.get(i).position;
        }
        int[] serials = new int[run.instances.size()];
        for (int i = 0; i < serials.length; i++) {
            serials[i] = run.instances.get(i).serial;
        }
        return new State(writer.slots(), stacking, serials);
    }

    /** The ranges of a state's slots, in order. */
    static int[] ranges(Program program, State state) {
        Run run = open(program, state, null);
        var ranges = new ArrayList<Integer>();
        new Walk(
                        run,
                        (value, range) -> {
                            ranges.add(range);
                            return value;
                        },
                        null)
                .all();
        return ranges.stream().mapToInt(Integer::intValue).toArray();
    }

    private static void sort(Run run) {
        List<Inst> instances = run.instances;
        if (!isInOrder(instances)) {
            instances.sort(StateLayout::compare);
        }
        boolean ranked = false;
        for (int i = 0; i < instances.size(); i++) {
            instances.get(i).position = i;
            ranked |= instances.get(i).rank > 0;
        }
        if (ranked) {
            renumberRanks(instances);
        }
        if (run.background.size() > 1) {
            run.background.sort(BACKGROUND);
        }
    }

    /** Background scripts are a set: which began first is nothing that a rule can read. */
    private static final Comparator<Frame.OfScript> BACKGROUND = Comparator.comparingInt(
                    (Frame.OfScript f) -> f.script.number())
            .thenComparingInt(f -> f.me == null ? -1 : f.me.plan.number)
            .thenComparingInt(f -> f.me == null ? -1 : f.me.position)
            .thenComparingInt(f -> f.pc)
            .thenComparing(f -> f.locals, java.util.Arrays::compare);

    /** Most events open nothing, and then nothing has to be sorted. */
    private static boolean isInOrder(List<Inst> instances) {
        for (int i = 1; i < instances.size(); i++) {
            if (compare(instances.get(i - 1), instances.get(i)) > 0) {
                return false;
            }
        }
        return true;
    }

    private static int compare(Inst a, Inst b) {
        int byWindow = Integer.compare(a.plan.number, b.plan.number);
        return byWindow != 0 ? byWindow : Keys.compare(a, b);
    }

    private static void renumberRanks(List<Inst> instances) {
        int rank = 0;
        for (Inst inst : instances.stream()
                .filter(i -> i.rank > 0)
                .sorted(Comparator.comparingInt(i -> i.rank))
                .toList()) {
            inst.rank = ++rank;
        }
    }

    private static final class Reader implements Slots {
        private final int[] slots;
        private int at;

        Reader(int[] slots) {
            this.slots = slots;
        }

        @Override
        public int slot(int value, int range) {
            return slots[at++];
        }

        int skip(int n) {
            int before = at;
            at += n;
            return before;
        }
    }

    private static final class Writer implements Slots {
        private int[] slots = new int[256];
        private int n;

        @Override
        public int slot(int value, int range) {
            assert value >= 0 && value < range : value + " is not below " + range;
            if (n == slots.length) {
                slots = Arrays.copyOf(slots, n * 2);
            }
            slots[n++] = value;
            return value;
        }

        void copy(Inst inst) {
            int size = inst.plan.slots();
            while (n + size > slots.length) {
                slots = Arrays.copyOf(slots, slots.length * 2);
            }
            inst.copyTo(slots, n);
            n += size;
        }

        int[] slots() {
            return Arrays.copyOf(slots, n);
        }
    }

    private static final class Walk {
        private final Run run;
        private final Slots slots;
        private final int[] from;
        /** While reading: the windows that were asked, with the number of the request on the stack. */
        private final Map<Inst, Integer> asked = new HashMap<>();

        Walk(Run run, Slots slots, int[] from) {
            this.run = run;
            this.slots = slots;
            this.from = from;
        }

        private boolean reads() {
            return from != null;
        }

        void all() {
            run.phase = slots.slot(run.phase, 3);
            run.exitCode = slots.slot(run.exitCode, Values.RANGE);
            run.faulted = flag(run.faulted);
            run.hasClosed = flag(run.hasClosed);
            run.today = slots.slot(run.today, Values.RANGE);
            run.files = slots.slot(run.files, Values.RANGE);
            run.traces = slots.slot(run.traces, Values.RANGE);
            var variables = run.program.design().application().variables();
            for (int i = 0; i < run.variables.length; i++) {
                run.variables[i] = slots.slot(run.variables[i], Values.RANGE);
                if (variables.get(i).kept()) {
                    run.kept[i] = slots.slot(run.kept[i], Values.RANGE);
                }
            }
            instances();
            held();
            frames();
            asked.forEach((inst, number) -> inst.askedBy = (Frame.OfRequest) run.stack.get(number - 1));
            background();
            dormant();
        }

        private boolean flag(boolean value) {
            return slots.slot(value ? 1 : 0, 2) == 1;
        }

        private void instances() {
            int count = slots.slot(run.instances.size(), MOST);
            for (int i = 0; i < count; i++) {
                int window = slots.slot(
                        reads() ? 0 : run.instances.get(i).plan.number,
                        run.program.windows().size());
                if (reads()) {
                    WindowPlan plan = run.program.windows().get(window);
                    run.instances.add(new Inst(plan, from, ((Reader) slots).skip(plan.slots())));
                } else if (slots instanceof Writer writer) {
                    writer.copy(run.instances.get(i));
                } else {
                    Inst inst = run.instances.get(i);
                    for (int s = 0; s < inst.plan.slots(); s++) {
                        slots.slot(inst.get(s), inst.plan.range(s));
                    }
                }
            }
            run.instances.forEach(this::relations);
        }

        private void relations(Inst inst) {
            inst.owner = reference(inst.owner);
            if (inst.plan.usesOpener()) {
                inst.opener = reference(inst.opener);
            }
            inst.waits = slots.slot(inst.waits, 3);
            if (inst.waits != Inst.WAITS_NOT) {
                inst.rank = slots.slot(inst.rank, MOST);
            }
            inst.hidden = flag(inst.hidden);
            int request = slots.slot(inst.askedBy == null ? 0 : run.stack.indexOf(inst.askedBy) + 1, MOST);
            if (reads() && request > 0) {
                asked.put(inst, request);
            }
            inst.closing = flag(inst.closing);
            inst.ending = slots.slot(inst.ending, inst.plan.endings().size() + 1);
        }

        private Inst reference(Inst inst) {
            int number = slots.slot(inst == null || inst.gone ? 0 : inst.position + 1, MOST);
            return number == 0 ? null : run.instances.get(number - 1);
        }

        private void held() {
            int count = slots.slot(run.held.size(), MOST);
            for (int i = 0; i < count; i++) {
                Holdings.Held known = reads() ? null : run.held.get(i);
                int holding = slots.slot(
                        known == null ? 0 : known.holding(),
                        run.program.design().application().holdings().size());
                Inst owner = reference(known == null ? null : known.owner());
                if (reads()) {
                    run.held.add(new Holdings.Held(holding, owner));
                }
            }
        }

        private void frames() {
            int count = slots.slot(run.stack.size(), MOST);
            for (int i = 0; i < count; i++) {
                Frame known = reads() ? null : run.stack.get(i);
                int kind = slots.slot(
                        switch (known) {
                            case null -> 0;
                            case Frame.OfScript s -> 0;
                            case Frame.OfRequest r -> r.departure ? 2 : 1;
                        },
                        3);
                Frame frame = kind == 0 ? script((Frame.OfScript) known) : request((Frame.OfRequest) known, kind == 2);
                if (reads()) {
                    run.stack.add(frame);
                }
            }
        }

        private void background() {
            int count = slots.slot(run.background.size(), MOST);
            for (int i = 0; i < count; i++) {
                Frame.OfScript frame = script(reads() ? null : run.background.get(i));
                if (reads()) {
                    run.background.add(frame);
                }
            }
        }

        private Frame.OfScript script(Frame.OfScript known) {
            int number = slots.slot(known == null ? 0 : known.script.number(), run.program.scriptCount());
            Inst me = reference(known == null ? null : known.me);
            var frame = known != null ? known : new Frame.OfScript(run.program.script(number), me);
            frame.pc = slots.slot(frame.pc, frame.script.ops().size());
            frame.awaits = reference(frame.awaits);
            frame.awaitsRequest = flag(frame.awaitsRequest);
            frame.awaitsTask = flag(frame.awaitsTask);
            for (int i = 0; i < frame.locals.length; i++) {
                frame.locals[i] = slots.slot(frame.locals[i], Values.RANGE);
                frame.kept[i] = reference(frame.kept[i]);
            }
            return frame;
        }

        private Frame.OfRequest request(Frame.OfRequest known, boolean departure) {
            var frame = known != null ? known : new Frame.OfRequest(departure);
            frame.target = reference(frame.target);
            frame.way = slots.slot(frame.way, Ways.COUNT);
            frame.ending = slots.slot(frame.ending, MOST);
            frame.unasked = flag(frame.unasked);
            frame.closing = flag(frame.closing);
            frame.byScript = flag(frame.byScript);
            frame.awaitsOpening = flag(frame.awaitsOpening);
            frame.thenEnds = flag(frame.thenEnds);
            frame.code = slots.slot(frame.code, Values.RANGE);
            frame.saying = slots.slot(frame.saying, Values.RANGE);
            return frame;
        }

        private void dormant() {
            int count = slots.slot(run.dormant.size(), MOST);
            for (int i = 0; i < count; i++) {
                var known = reads() ? null : run.dormant.get(i);
                int number = slots.slot(known == null ? 0 : known.script.number(), run.program.scriptCount());
                ScriptPlan script = run.program.script(number);
                int openOp = slots.slot(
                        known == null ? 0 : known.openOp, script.ops().size());
                Inst awaits = reference(known == null ? null : known.awaits);
                Inst me = reference(known == null ? null : known.me);
                var one = known != null
                        ? known
                        : new Frame.Dormant(
                                script, me, openOp, awaits, new int[script.locals()], new Inst[script.locals()]);
                one.openerGone = flag(one.openerGone);
                one.openerGoneNow = flag(one.openerGoneNow);
                one.goesOnAt = slots.slot(one.goesOnAt, script.ops().size());
                one.order = slots.slot(one.order, MOST);
                for (int s = 0; s < one.locals.length; s++) {
                    one.locals[s] = slots.slot(one.locals[s], Values.RANGE);
                    one.kept[s] = reference(one.kept[s]);
                }
                if (reads()) {
                    run.dormant.add(one);
                }
            }
        }
    }

    /** For figures and tests: the state as bits, each slot as wide as its range needs. */
    static long[] packed(Program program, State state) {
        int[] ranges = ranges(program, state);
        int[] slots = state.slots();
        int bits = 0;
        for (int range : ranges) {
            bits += width(range);
        }
        long[] out = new long[(bits + 63) / 64];
        int at = 0;
        for (int i = 0; i < slots.length; i++) {
            int width = width(ranges[i]);
            for (int b = 0; b < width; b++, at++) {
                if ((slots[i] >>> b & 1) == 1) {
                    out[at >> 6] |= 1L << at;
                }
            }
        }
        return out;
    }

    private static int width(int range) {
        return range <= 1 ? 0 : 32 - Integer.numberOfLeadingZeros(range - 1);
    }
}
