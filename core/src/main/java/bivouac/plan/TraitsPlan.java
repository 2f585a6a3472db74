package bivouac.plan;

import bivouac.design.Braces;
import bivouac.design.Each;
import bivouac.design.Expression;
import bivouac.design.Part;
import bivouac.design.Picker;
import bivouac.design.Setting;
import bivouac.design.Traits;
import bivouac.design.Type;
import bivouac.expression.Compiled;
import bivouac.expression.EvaluationFault;
import bivouac.expression.TextTemplate;
import bivouac.expression.Value;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/** What every part has beside its content (P1), compiled: enabled, visible, read-only, font and colour. */
public final class TraitsPlan {

    /** One slot for each trait, in the order of {@link Flag} and then of {@link Look}. */
    public static final int SLOTS = Flag.values().length + Look.values().length;

    /** A trait that is yes or no. */
    public enum Flag {
        ENABLED("enabled"),
        VISIBLE("visible"),
        READ_ONLY("readOnly");

        private final String member;

        Flag(String member) {
            this.member = member;
        }

        /** Whether it is said of each row, where there is a part for each (P5). */
        private boolean ofRow() {
            return this == ENABLED;
        }

        private Setting of(Traits traits) {
            return switch (this) {
                case ENABLED -> traits.enabled();
                case VISIBLE -> traits.visible();
                case READ_ONLY -> traits.readOnly();
            };
        }
    }

    /** A trait that says how the part looks. */
    public enum Look {
        FONT("font", Picker.Of.FONT),
        COLOUR("colour", Picker.Of.COLOUR);

        private final String member;
        private final Picker.Of of;

        Look(String member, Picker.Of of) {
            this.member = member;
            this.of = of;
        }

        private String of(Traits traits) {
            return switch (this) {
                case FONT -> traits.font();
                case COLOUR -> traits.colour();
            };
        }
    }

    private static final Flag[] FLAGS = Flag.values();
    private static final Look[] LOOKS = Look.values();

    private final int window;
    private final Part part;
    private final int slot;
    private final List<Optional<Compiled<Reading>>> follows = new ArrayList<>();
    private final List<TextTemplate<Reading>> looks = new ArrayList<>();
    /** Whether the page that it stands on is chosen (P8). */
    private Optional<Compiled<Reading>> page = Optional.empty();

    /** @param slot the first of {@link #SLOTS} */
    TraitsPlan(int window, Part part, int slot) {
        this.window = window;
        this.part = part;
        this.slot = slot;
    }

    /**
     * @param rows the scope of what is said of each row (P5)
     * @param onPage what must be true besides, for it to be seen (P8)
     */
    void link(Linker linker, Scopes.At rows, Optional<Expression> onPage) {
        page = onPage.map(shown -> linker.expression(linker.at(part, "page"), shown, Type.YESNO));
        for (Flag flag : Flag.values()) {
            Scopes.At scope = flag.ofRow() ? rows : linker.with(Map.of());
            follows.add(
                    flag.of(part.traits()) instanceof Setting.Follows(var condition)
                            ? Optional.of(linker.typed(linker.at(part, flag.member), condition, Type.YESNO, scope))
                            : Optional.empty());
        }
        for (Look look : Look.values()) {
            looks.add(linker.text(linker.at(part, look.member), look.of(part.traits())));
        }
    }

    /** Gives a new instance's part the traits that it starts with. */
    void start(Instance inst) {
        for (Flag flag : FLAGS) {
            inst.set(slot(flag), starts(flag) ? 1 : 0);
        }
        for (Look look : LOOKS) {
            if (!isLive(look)) {
                inst.set(slot(look), Value.of(look.of(part.traits())));
            }
        }
    }

    private boolean starts(Flag flag) {
        return !(flag.of(part.traits()) instanceof Setting.Fixed(boolean value)) || value;
    }

    public boolean is(Flag flag, Reading in, Instance inst) {
        return is(flag, in, inst, Optional.empty());
    }

    /** @param one for which the part stands (P5); empty where it stands by itself */
    public boolean is(Flag flag, Reading in, Instance inst, Optional<EachPlan.One> one) {
        Optional<Compiled<Reading>> condition = follows.get(flag.ordinal());
        return condition.isEmpty()
                ? inst.get(slot(flag)) != 0
                : condition
                        .get()
                        .evaluate(
                                one.isPresent() && one.get() instanceof EachPlan.One.OfRow(Value row)
                                        ? in.of(inst, row)
                                        : in.of(inst))
                        .equals(Value.YES);
    }

    /** Whether it is seen: visible, and on no page or on one that is chosen (P8). */
    boolean isSeen(Reading in, Instance inst) {
        return is(Flag.VISIBLE, in, inst)
                && (page.isEmpty() || page.get().evaluate(in.of(inst)).equals(Value.YES));
    }

    /** How it looks, as pickers write it; empty for as its window does. */
    public String look(Look look, Reading in, Instance inst) {
        return isLive(look)
                ? looks.get(look.ordinal()).text(in.of(inst))
                : inst.value(slot(look)).shown();
    }

    private boolean isLive(Look look) {
        return Braces.isLive(look.of(part.traits()));
    }

    /** The conditions that some traits follow. */
    List<Compiled<Reading>> conditions() {
        return Stream.concat(follows.stream(), Stream.of(page))
                .flatMap(Optional::stream)
                .toList();
    }

    /** Whether something in the traits can be fault X3 at rest (E2). */
    public boolean mayFault() {
        return follows.stream().flatMap(Optional::stream).anyMatch(Compiled::mayFault)
                || looks.stream().anyMatch(TextTemplate::mayFault);
    }

    /** Evaluates what may fault, so that a fault is met at rest (E2). */
    void check(Reading in, Instance inst, Optional<EachPlan.One> one) {
        for (Flag flag : Flag.values()) {
            if (follows.get(flag.ordinal()).map(Compiled::mayFault).orElse(false)) {
                is(flag, in, inst, one);
            }
        }
        for (Look look : Look.values()) {
            if (looks.get(look.ordinal()).mayFault()) {
                look(look, in, inst);
            }
        }
    }

    /** The traits as names (P1). */
    void accesses(PartPlan.Whose whose, Map<String, Access> all) {
        for (Flag flag : Flag.values()) {
            Access.Writer write = (in, v) -> whose.in(in).set(slot(flag), v.equals(Value.YES) ? 1 : 0);
            boolean settable = flag.of(part.traits()) instanceof Setting.Fixed;
            if (!settable && flag.ofRow() && part.each() instanceof Each.OfRows) {
                continue; // it is one thing for this row, and another for that
            }
            all.put(
                    "." + flag.member,
                    new Access(
                            Type.YESNO,
                            in -> Value.of(is(flag, in, whose.in(in))),
                            settable ? Optional.of(write) : Optional.empty(),
                            !settable,
                            settable ? List.of(cell(slot(flag))) : List.of(),
                            false));
        }
        for (Look look : Look.values()) {
            Access.Writer write = (in, v) -> set(look, whose.in(in), v.shown());
            all.put(
                    "." + look.member,
                    new Access(
                            look.of.type(),
                            in -> Value.of(look(look, in, whose.in(in))),
                            isLive(look) ? Optional.empty() : Optional.of(write),
                            isLive(look),
                            isLive(look) ? List.of() : List.of(cell(slot(look))),
                            !isLive(look)));
        }
    }

    private void set(Look look, Instance inst, String value) {
        if (!value.isEmpty() && !look.of.accepts(value)) {
            throw new EvaluationFault("“" + value + "” is no " + look.of.word());
        }
        inst.set(slot(look), Value.of(value));
    }

    private int slot(Flag flag) {
        return slot + flag.ordinal();
    }

    private int slot(Look look) {
        return slot + Flag.values().length + look.ordinal();
    }

    private Cell cell(int at) {
        return new Cell.OfWindow(window, at);
    }

    /** What its slots can hold. */
    void ranges(Ranges ranges) {
        for (Flag flag : Flag.values()) {
            ranges.flag(cell(slot(flag)), starts(flag));
        }
        for (Look look : Look.values()) {
            ranges.text(cell(slot(look)), looks.get(look.ordinal()));
        }
    }

    /** Whether a person can use or change the part depends on its flags; how it looks is only seen. */
    void matters(Matters matters) {
        for (Flag flag : Flag.values()) {
            if (follows.get(flag.ordinal()).isEmpty()) {
                matters.add(cell(slot(flag)));
            }
        }
    }
}
