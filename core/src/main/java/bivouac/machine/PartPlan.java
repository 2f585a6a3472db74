package bivouac.machine;

import bivouac.design.Braces;
import bivouac.design.Part;
import bivouac.design.Type;
import bivouac.expression.EvaluationFault;
import bivouac.expression.Scope;
import bivouac.expression.TextTemplate;
import bivouac.expression.Texts;
import bivouac.expression.Value;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;

/** A part, compiled: its slots, what {@code me.PART} and its members are (P1), its live text and its conditions (P3). */
final class PartPlan {

    /** Slots of a part: what it holds, its selected rows, and its traits. */
    static final int SLOTS = 2 + TraitsPlan.SLOTS;

    /** The selected row of a list, as {@link Rows} has it. */
    private static final int SELECTED = 1;
    /** The first slot of the traits. */
    private static final int TRAITS = 2;

    final int number;
    final Part part;
    final TraitsPlan traits;
    private final int slot;
    private final boolean live;
    /** An earlier part of the window has its name, so that a trail would mean that one: it gets no events. */
    private boolean named = true;

    private TextTemplate<Reading> text;
    private Optional<TextTemplate<Reading>> address = Optional.empty();
    private ScriptPlan script;
    private final Optional<Rows> rows;
    private final Map<Part.RowMoment, ScriptPlan> moments = new EnumMap<>(Part.RowMoment.class);

    PartPlan(int number, Part part, int slot) {
        this.number = number;
        this.part = part;
        this.slot = slot;
        this.traits = new TraitsPlan(part, slot + TRAITS);
        this.rows = part instanceof Part.ListOfRows list
                ? Optional.of(new Rows(list, slot, slot + SELECTED))
                : Optional.empty();
        this.live = Braces.isLive(content(part)) && !isField(part);
    }

    private static boolean isField(Part part) {
        return part instanceof Part.TextField
                || part instanceof Part.ValueField
                || part instanceof Part.Choice
                || part instanceof Part.ListOfRows;
    }

    /** The text that the part starts with or shows. */
    static String content(Part part) {
        return switch (part) {
            case Part.Caption c -> c.text();
            case Part.Picture p -> p.file();
            case Part.Link l -> l.text();
            case Part.TextField f -> f.starts();
            case Part.ValueField f -> f.starts();
            case Part.Choice c -> c.starts();
            case Part.ListOfRows l -> "";
            case Part.TickBox b -> b.text();
            case Part.Button b -> b.text();
            case Part.MenuCommand m -> m.text();
        };
    }

    void link(Linker linker) {
        text = linker.text(linker.at(part, "text"), content(part));
        if (part instanceof Part.Link link) {
            address = Optional.of(linker.text(linker.at(part, "address"), link.address()));
        }
        traits.link(linker);
        script = linker.script(part);
        if (part instanceof Part.ListOfRows list) {
            for (var moment : Part.RowMoment.values()) {
                moments.put(moment, linker.script(list, moment));
            }
        }
    }

    /** A part before has the same name. */
    void shadowed() {
        named = false;
    }

    /** Whether its name means it, and no part before it. */
    boolean isNamed() {
        return named;
    }

    ScriptPlan script() {
        return script;
    }

    /** Gives a new instance's part the values that it starts with. */
    void start(Run run, Inst inst) {
        traits.start(inst);
        if (part instanceof Part.TickBox box) {
            inst.set(slot, Value.of(box.ticked()));
        } else if (rows.isPresent()) {
            rows.orElseThrow().start(inst, run.today());
        } else if (part instanceof Part.Choice choice) {
            inst.set(slot, Value.of(choice.items().contains(choice.starts()) ? choice.starts() : ""));
        } else if (!live && !isTicking()) {
            inst.set(slot, Value.of(run.textOr(text, new Reading(run, inst, null))));
        }
    }

    /** What is typed in it or stands on it. */
    String text(Run run, Inst inst) {
        boolean fixedText = (part instanceof Part.TickBox || isTicking()) && !live;
        if (live || fixedText) {
            return run.deeper(() -> text.text(new Reading(run, inst, null)));
        }
        return inst.value(slot).shown();
    }

    boolean ticked(Inst inst) {
        return (part instanceof Part.TickBox || isTicking()) && inst.value(slot).equals(Value.YES);
    }

    /** A command with a tick: its slot holds the tick, and its text is fixed or live. */
    boolean isTicking() {
        return part instanceof Part.MenuCommand m && m.ticking();
    }

    /** Where a link leads, read as the window stands. */
    Optional<String> address(Run run, Inst inst) {
        return address.map(a -> run.textOr(a, new Reading(run, inst, null))).filter(a -> !a.isBlank());
    }

    void tick(Inst inst) {
        inst.set(slot, Value.of(!ticked(inst)));
    }

    boolean hasItem(int item) {
        return part instanceof Part.Choice c && item >= 0 && item < c.items().size();
    }

    /** Chooses an item of a choice. */
    void select(Inst inst, int item) {
        inst.set(slot, Value.of(((Part.Choice) part).items().get(item)));
    }

    /** Puts a text that a person typed into it, no longer than the part's longest (P4). */
    void type(Inst inst, String typed) {
        inst.set(slot, Value.of(longest().isPresent() ? cut(typed, longest().getAsInt()) : typed));
    }

    OptionalInt longest() {
        return part instanceof Part.TextField f ? f.longest() : OptionalInt.empty();
    }

    private static String cut(String text, int longest) {
        return text.codePointCount(0, text.length()) <= longest
                ? text
                : text.substring(0, text.offsetByCodePoints(0, longest));
    }

    boolean enabled(Run run, Inst inst) {
        return traits.is(TraitsPlan.Flag.ENABLED, run, inst);
    }

    boolean visible(Run run, Inst inst) {
        return traits.is(TraitsPlan.Flag.VISIBLE, run, inst);
    }

    boolean readOnly(Run run, Inst inst) {
        return traits.is(TraitsPlan.Flag.READ_ONLY, run, inst);
    }

    /** Evaluates what may fault, so that a fault is met at rest (E2). */
    void check(Run run, Inst inst) {
        if (live && text.mayFault()) {
            text(run, inst);
        }
        traits.check(run, inst);
    }

    boolean mayFault() {
        return live && text.mayFault() || traits.mayFault();
    }

    /** Finds the instance that a name is read from; throws {@link EvaluationFault} where it is not open. */
    @FunctionalInterface
    interface Whose {
        Inst in(Reading reading);
    }

    /** The members of the part as names (P1), each with how to reach it in the window found by {@code whose}. */
    Map<String, Access> accesses(Whose whose) {
        var all = new LinkedHashMap<String, Access>();
        Access content = textAccess(whose);
        switch (part) {
            case Part.Caption c -> shown(all, content);
            case Part.Button b -> shown(all, content);
            case Part.Link l -> shown(all, content);
            case Part.MenuCommand m -> {
                if (m.ticking()) {
                    all.put("", Access.readOnly(Type.TEXT, content.reader()));
                    all.put(".text", Access.readOnly(Type.TEXT, content.reader()));
                    all.put(".ticked", tick(whose));
                } else {
                    shown(all, content);
                }
            }
            case Part.Picture p ->
                all.put("", new Access(Type.Plain.FILE, content.reader(), content.writer(), content.mayFault()));
            case Part.TextField f -> all.put("", content);
            case Part.TickBox b -> {
                all.put("", tick(whose));
                all.put(".text", Access.readOnly(Type.TEXT, content.reader()));
            }
            case Part.ListOfRows l -> rows.orElseThrow().accesses(whose, all);
            case Part.Choice c -> {
                Access.Writer write = (in, v) -> choose(whose.in(in), v.shown());
                all.put("", new Access(Type.TEXT, in -> chosen(whose.in(in)), Optional.of(write), true));
                all.put(
                        ".anyChosen",
                        new Access(
                                Type.YESNO,
                                in -> Value.of(!whose.in(in).value(slot).shown().isEmpty()),
                                Optional.empty(),
                                false));
            }
            case Part.ValueField f -> {
                Access.Writer write = (in, v) -> whose.in(in).set(slot, Value.of(v.shown()));
                all.put("", new Access(f.holds().type(), in -> held(f, whose.in(in)), Optional.of(write), true));
                all.put(".typed", content);
                all.put(
                        ".given",
                        new Access(
                                Type.YESNO,
                                in -> Value.of(Texts.as(f.holds().type(), text(whose.in(in)))
                                        .isPresent()),
                                Optional.empty(),
                                false));
            }
        }
        traits.accesses(whose, all);
        return all;
    }

    /** What a list holds; empty for any other part. */
    Optional<Rows> rowsOf() {
        return rows;
    }

    /** A script of a list beside the one for a selection. */
    ScriptPlan moment(Part.RowMoment moment) {
        return moments.get(moment);
    }

    private static void shown(Map<String, Access> all, Access content) {
        all.put("", content);
        all.put(".text", content);
    }

    private Access tick(Whose whose) {
        Access.Writer write = (in, v) -> whose.in(in).set(slot, v);
        return new Access(Type.YESNO, in -> Value.of(ticked(whose.in(in))), Optional.of(write), false);
    }

    /** P4: a choice holds only its items; another text is a fault of the script that sets it. */
    private void choose(Inst inst, String item) {
        if (!item.isEmpty() && !((Part.Choice) part).items().contains(item)) {
            throw new EvaluationFault(
                    "“" + item + "” is no item of " + part.name().shown());
        }
        inst.set(slot, Value.of(item));
    }

    private Value chosen(Inst inst) {
        if (text(inst).isEmpty()) {
            throw new EvaluationFault("nothing is chosen in " + part.name().shown());
        }
        return inst.value(slot);
    }

    private String text(Inst inst) {
        return inst.value(slot).shown();
    }

    private Access textAccess(Whose whose) {
        Scope.Reader<Reading> read = in -> Value.of(text(in.run(), whose.in(in)));
        Access.Writer write = (in, v) -> type(whose.in(in), v.shown());
        return new Access(Type.TEXT, read, live ? Optional.empty() : Optional.of(write), live);
    }

    private Value held(Part.ValueField field, Inst inst) {
        return Texts.as(field.holds().type(), text(inst))
                .orElseThrow(() -> new EvaluationFault(
                        part.name().shown() + " holds “" + text(inst) + "”, which is no " + noun(field.holds())));
    }

    private static String noun(Part.Holds holds) {
        return switch (holds) {
            case NUMBER -> "number";
            case WHOLE -> "whole number";
            case DATE -> "date";
        };
    }

    /** Declared ranges of the part's slots, for {@link StateLayout}. */
    static int range(int offset) {
        return offset < TRAITS ? Values.RANGE : TraitsPlan.range(offset - TRAITS);
    }
}
