package bivouac.machine;

import bivouac.design.Instances;
import bivouac.design.Name;
import bivouac.design.Part;
import bivouac.design.Type;
import bivouac.expression.Value;
import bivouac.plan.Cell;
import bivouac.plan.Deciding;
import bivouac.plan.PartPlan;
import bivouac.plan.Program;
import bivouac.plan.Range;
import bivouac.plan.WindowPlan;
import bivouac.state.Inst;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.List;

/**
 * How far what could grow for ever is followed: numbers, texts, lists, days, and the windows that can be open many times.
 * What counts is only what a situation holds, so that every search stops at the same ones.
 */
public final class Growth {

    /** Numbers are followed up to this one, or to a little beyond those with which they are compared. */
    private static final int NUMBERS = 12;

    /** So much beyond what something is compared with. */
    private static final int BEYOND = 2;

    private static final int CHARACTERS = 60;
    private static final int ROWS = 3;
    /** A list is not followed to more rows than this, whatever its number is compared with. */
    private static final int MOST_ROWS = 40;

    private static final int DAYS = 1;
    private static final int INSTANCES = 2;
    private static final int INSTANCES_BY_KEY = 3;

    /** How far one slot, or one variable of the application, is followed. */
    private record Limit(int slot, int bound, double number, int characters, int rows, LocalDate day, Known known) {
        /** Whether the value of a number is beyond it; worked out once for each. */
        boolean isBeyond(int number, Run run) {
            int before = known.of(number);
            return before == Known.NOTHING ? known.is(number, isBeyond(run.value(number))) : before == Known.BEYOND;
        }

        boolean isBeyond(Value value) {
            return switch (value) {
                case Value.Whole(long n) -> Math.abs((double) n) > number;
                case Value.Number(double n) -> Math.abs(n) > number;
                case Value.Text(String text) -> text.length() > characters;
                case Value.Date(LocalDate date) -> date.isAfter(day);
                case Value.Items(List<Value> all) ->
                    all.size() > rows || all.stream().anyMatch(this::isBeyond);
                case Value.Row row -> row.columns().values().stream().anyMatch(this::isBeyond);
                case Value.YesNo y -> false;
                case Value.None n -> false;
            };
        }
    }

    /** What was worked out of the values of a search, by their numbers. Several threads may work the same out. */
    private static final class Known {
        private static final int NOTHING = 0;
        private static final int WITHIN = 1;
        private static final int BEYOND = 2;

        private volatile byte[] known = new byte[64];

        int of(int number) {
            byte[] all = known;
            return number < all.length ? all[number] : NOTHING;
        }

        synchronized boolean is(int number, boolean beyond) {
            byte[] all = number < known.length ? known : Arrays.copyOf(known, Math.max(number + 1, known.length * 2));
            all[number] = (byte) (beyond ? BEYOND : WITHIN);
            known = all;
            return beyond;
        }
    }

    private final Program program;
    private final Deciding deciding;
    private final LocalDate today;
    private final List<Limit> ofApplication = new ArrayList<>();
    /** By window. */
    private final List<List<Limit>> ofWindows = new ArrayList<>();

    /** By window: the bound that says how many can be open. */
    private final int[] instances;

    private final int days;
    private final List<String> words = new ArrayList<>();

    public Growth(Program program, Deciding deciding, LocalDate today) {
        this.program = program;
        this.deciding = deciding;
        this.today = today;
        for (int i = 0; i < program.variables().size(); i++) {
            var variable = program.variables().get(i);
            limit(new Cell.OfApplication(i), i, "app." + variable.name().expression(), variable.type(), ofApplication);
        }
        program.windows().forEach(w -> ofWindows.add(limits(w)));
        this.instances = program.windows().stream()
                .mapToInt(w -> bound(most(w) + " of " + w.window().name().shown()))
                .toArray();
        this.days = bound(DAYS + (DAYS == 1 ? " day" : " days"));
    }

    private List<Limit> limits(WindowPlan plan) {
        var limits = new ArrayList<Limit>();
        String of = plan.window().name().shown();
        for (int i = 0; i < plan.window().takes().size(); i++) {
            var take = plan.window().takes().get(i);
            limit(plan, plan.takeSlot(i), of, take.name(), take.type(), limits);
        }
        for (int i = 0; i < plan.variables().size(); i++) {
            var variable = plan.variables().get(i);
            limit(plan, plan.variableSlot(i), of, variable.name(), variable.type(), limits);
        }
        for (var part : plan.parts()) {
            int slot = ((Cell.OfWindow) part.cell()).slot();
            if (part.part instanceof Part.ListOfRows list) {
                rows(part, slot, of, list, limits);
            } else {
                limit(plan, slot, of, part.part.name(), Type.Plain.TEXT, limits);
            }
        }
        return List.copyOf(limits);
    }

    private int bound(String how) {
        words.add(how);
        return words.size() - 1;
    }

    private void limit(WindowPlan plan, int slot, String of, Name name, Type type, List<Limit> to) {
        limit(new Cell.OfWindow(plan.number, slot), slot, of + ", " + name.shown(), type, to);
    }

    private void limit(Cell cell, int slot, String name, Type type, List<Limit> to) {
        boolean grows = program.cells().range(cell) instanceof Range.Any
                && program.cells().matters(cell)
                && deciding.has(cell);
        if (grows) {
            to.add(limit(deciding.apart(cell), slot, name, type, ROWS));
        }
    }

    /** The number of its rows is followed also where nothing decides by what is in them. */
    private void rows(PartPlan part, int slot, String of, Part.ListOfRows list, List<Limit> to) {
        to.add(limit(
                deciding.apartInRows(part),
                slot,
                of + ", " + list.name().shown(),
                new Type.ListOf(list.row()),
                Math.max(ROWS, list.first().size() + 1)));
    }

    private Limit limit(Collection<Value> apart, int slot, String name, Type type, int leastRows) {
        double number = NUMBERS;
        int characters = CHARACTERS;
        int rows = leastRows;
        LocalDate day = today.plusDays(DAYS);
        for (Value value : apart) {
            switch (value) {
                case Value.Whole(long n) -> {
                    number = Math.max(number, Math.abs((double) n) + BEYOND);
                    rows = n <= MOST_ROWS ? (int) Math.max(rows, Math.abs(n) + 1) : rows;
                }
                case Value.Number(double n) -> number = Math.max(number, Math.abs(n) + BEYOND);
                case Value.Text(String text) -> characters = Math.max(characters, text.length() + BEYOND);
                case Value.Date(LocalDate date) -> day = date.isBefore(day) ? day : date.plusDays(1);
                default -> {
                    // no bound follows from it
                }
            }
        }
        String how =
                switch (type) {
                    case Type.ListOf l -> rows + " rows in " + name;
                    case Type.Plain p
                    when p == Type.Plain.WHOLE || p == Type.Plain.NUMBER -> name + " up to " + Math.round(number);
                    case Type.Plain p when p == Type.Plain.DATE -> name + " up to " + day;
                    default -> name + " up to " + characters + " characters";
                };
        return new Limit(slot, bound(how), number, characters, rows, day, new Known());
    }

    private static int most(WindowPlan plan) {
        return plan.instances() instanceof Instances.OneForEach ? INSTANCES_BY_KEY : INSTANCES;
    }

    /** A bound, in words that follow <em>bounded by</em>. */
    public String words(int bound) {
        return words.get(bound);
    }

    /** The number of a bound that a situation at rest is beyond; -1 for none. */
    int beyond(Run run) {
        for (int l = 0; l < ofApplication.size(); l++) {
            Limit limit = ofApplication.get(l);
            if (limit.isBeyond(run.variable(limit.slot()), run)) {
                return limit.bound();
            }
        }
        for (int i = 0; i < run.instances.size(); i++) {
            Inst inst = run.instances.get(i);
            List<Limit> limits = ofWindows.get(inst.plan.number);
            for (int l = 0; l < limits.size(); l++) {
                Limit limit = limits.get(l);
                if (limit.isBeyond(inst.get(limit.slot()), run)) {
                    return limit.bound();
                }
            }
            if (isOneTooMany(run, i)) {
                return instances[inst.plan.number];
            }
        }
        return run.date().isAfter(today.plusDays(DAYS)) ? days : -1;
    }

    /** In canonical order those of one window stand beside each other. */
    private static boolean isOneTooMany(Run run, int at) {
        WindowPlan plan = run.instances.get(at).plan;
        int most = most(plan);
        return at >= most && run.instances.get(at - most).plan == plan;
    }
}
