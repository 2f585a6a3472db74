package bivouac.plan;

import bivouac.design.Braces;
import bivouac.design.Each;
import bivouac.design.Part;
import bivouac.design.Type;
import bivouac.expression.Compiled;
import bivouac.expression.EvaluationFault;
import bivouac.expression.Scope;
import bivouac.expression.TextTemplate;
import bivouac.expression.Texts;
import bivouac.expression.Value;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;

/** A part, compiled: its slots, what {@code me.PART} and its members are (P1), its live text and its conditions (P3). */
public final class PartPlan {

    /** The selected row of a list, as {@link Rows} has it. */
    private static final int SELECTED = 1;
    /** The line of a progress. */
    private static final int LINE = 1;
    /** Whether a person has changed what stands in a field since a step last set it (P1). */
    private static final int CHANGED = 1;
    /** The first slot of the traits; that of the selection of a text field lies behind them. */
    private static final int TRAITS = 2;

    public final int number;
    public final Part part;
    public final TraitsPlan traits;
    private final int slot;
    private final Cell cell;
    private final Cell line;
    private final Cell changed;
    private final boolean live;
    /** An earlier part of the window has its name, so that a trail would mean that one: it gets no events. */
    private boolean named = true;

    private TextTemplate<Reading> text;
    private Optional<TextTemplate<Reading>> address = Optional.empty();
    private ScriptPlan script;
    private final Optional<Rows> rows;
    private final Optional<EachPlan> each;
    private final Optional<TextSelection> selection;
    /** The list of a choice that follows one (P5). */
    private Optional<Compiled<Reading>> follows = Optional.empty();

    private final Map<Part.RowMoment, ScriptPlan> moments = new EnumMap<>(Part.RowMoment.class);

    /**
     * @param window the number of its window
     * @param slot the first of its slots
     */
    PartPlan(int window, int number, Part part, int slot) {
        this.number = number;
        this.cell = new Cell.OfWindow(window, slot);
        this.line = new Cell.OfWindow(window, slot + LINE);
        this.changed = new Cell.OfWindow(window, slot + CHANGED);
        this.part = part;
        this.slot = slot;
        this.traits = new TraitsPlan(window, part, slot + TRAITS);
        this.rows = part instanceof Part.ListOfRows list
                ? Optional.of(new Rows(list, window, slot, slot + SELECTED))
                : Optional.empty();
        this.each = EachPlan.of(part);
        this.selection = part instanceof Part.TextField
                ? Optional.of(new TextSelection(this, window, slot + TRAITS + TraitsPlan.SLOTS))
                : Optional.empty();
        this.live = Braces.isLive(content(part)) && !isField(part) && each.isEmpty();
    }

    /** How many slots it has: for what it holds, its selected rows, its traits, and what is selected in its text. */
    int slots() {
        return TRAITS + TraitsPlan.SLOTS + (selection.isPresent() ? TextSelection.SLOTS : 0);
    }

    private static boolean isField(Part part) {
        return part instanceof Part.TextField
                || part instanceof Part.ValueField
                || part instanceof Part.Choice
                || part instanceof Part.ListOfRows;
    }

    /** Whether a person puts something into it that it then holds. */
    private boolean isEdited() {
        return part instanceof Part.TextField
                || part instanceof Part.ValueField
                || part instanceof Part.Choice
                || part instanceof Part.TickBox;
    }

    /** The text that the part starts with or shows. */
    public static String content(Part part) {
        return switch (part) {
            case Part.Caption c -> c.text();
            case Part.Picture p -> p.file();
            case Part.Progress p -> "";
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
        each.ifPresent(e -> e.link(linker));
        text = linker.text(linker.at(part, "text"), each.isPresent() ? "" : content(part));
        if (part instanceof Part.Choice choice) {
            follows = choice.follows()
                    .map(e -> linker.expression(linker.at(part, Each.ROW + " in"), e, new Type.ListOf(Type.TEXT)));
        }
        if (part instanceof Part.Link link) {
            address = Optional.of(linker.text(linker.at(part, "address"), link.address()));
        }
        traits.link(
                linker, each.map(e -> e.scope(linker)).orElseGet(() -> linker.with(Map.of())), linker.pageShown(part));
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
    public boolean isNamed() {
        return named;
    }

    public ScriptPlan script() {
        return script;
    }

    /** Whether it begins with the same each time its window opens. */
    boolean startsAlike() {
        return rows.isEmpty() && (live || !text.isLive());
    }

    /** Gives a new instance's part the values that it starts with. */
    void start(Starting from, Instance inst) {
        traits.start(inst);
        changed(inst, false);
        if (isAsked()) {
            selection.get().select(inst, TextSelection.Span.START);
        }
        if (part instanceof Part.TickBox box) {
            inst.set(slot, Value.of(box.ticked()));
        } else if (rows.isPresent()) {
            rows.orElseThrow().start(inst, from.today());
        } else if (part instanceof Part.Choice choice) {
            inst.set(slot, Value.of(choice.usual()));
        } else if (isTicking()) {
            inst.set(slot, Value.NO);
        } else if (part instanceof Part.Progress) {
            tell(inst, 0, "");
        } else if (!live) {
            inst.set(slot, Value.of(from.text(text)));
        }
    }

    /** A person has changed it, or a step has set it (P1). */
    public void changed(Instance inst, boolean byHand) {
        if (isEdited()) {
            inst.set(slot + CHANGED, byHand ? 1 : 0);
        }
    }

    /** Where it keeps whether a person has changed it. */
    public Cell changed() {
        return changed;
    }

    /** What is typed in it or stands on it. */
    public String text(Reading in, Instance inst) {
        boolean fixedText = (part instanceof Part.TickBox || isTicking()) && !live;
        if (live || fixedText) {
            return text.text(in.of(inst));
        }
        if (follows.isPresent()) {
            return chosenOf(in, inst);
        }
        return inst.value(part instanceof Part.Progress ? slot + LINE : slot).shown();
    }

    /** How far the work is that it shows, from 0 to {@link Part.Progress#WHOLE} (W9); 0 for any other part. */
    public int done(Instance inst) {
        return part instanceof Part.Progress && inst.value(slot) instanceof Value.Whole(long done) ? (int) done : 0;
    }

    /** What the work that it shows tells (W9). */
    public void tell(Instance inst, long done, String line) {
        inst.set(slot, new Value.Whole(Part.Progress.within(done)));
        inst.set(slot + LINE, Value.of(line));
    }

    public boolean ticked(Instance inst) {
        return (part instanceof Part.TickBox || isTicking()) && inst.value(slot).equals(Value.YES);
    }

    /** A command with a tick: its slot holds the tick, and its text is fixed or live. */
    public boolean isTicking() {
        return part instanceof Part.MenuCommand m && m.ticking() && each.isEmpty();
    }

    /** Where a link leads, to be read as the window stands. */
    public Optional<TextTemplate<Reading>> address() {
        return address;
    }

    public void tick(Instance inst) {
        inst.set(slot, Value.of(!ticked(inst)));
    }

    /** What can be chosen in it; fault X3, or X6, where the list that it follows has one. */
    public List<String> items(Reading in, Instance inst) {
        if (follows.isEmpty()) {
            return part instanceof Part.Choice c ? c.items() : List.of();
        }
        return follows.get().evaluate(in.of(inst)) instanceof Value.Items(List<Value> all)
                ? all.stream().limit(Each.MOST).map(Value::shown).toList()
                : List.of();
    }

    /** What is chosen in one that follows a list: what is no item any more counts as none (P5), of pages as the first (P8). */
    private String chosenOf(Reading in, Instance inst) {
        String chosen = inst.value(slot).shown();
        if (chosen.isEmpty() && !isPages()) {
            return "";
        }
        List<String> items = items(in, inst);
        return items.contains(chosen) ? chosen : isPages() && !items.isEmpty() ? items.getFirst() : "";
    }

    private boolean isPages() {
        return part instanceof Part.Choice c && c.isPages();
    }

    /** Whether something is chosen in it always: pages of their own, of which there are any (P8). */
    private boolean alwaysChosen(Part.Choice choice) {
        return choice.isPages() && follows.isEmpty() && !choice.items().isEmpty();
    }

    /** Chooses an item of a choice. */
    public void select(Reading in, Instance inst, int item) {
        inst.set(slot, Value.of(items(in, inst).get(item)));
    }

    /** Puts a text that a person typed into it, no longer than the part's longest (P4), with the cursor behind it (P7). */
    public void type(Instance inst, String typed) {
        hold(inst, typed);
        if (isAsked()) {
            selection.get().behind(inst, text(inst));
        }
    }

    private void hold(Instance inst, String text) {
        inst.set(slot, Value.of(longest().isPresent() ? cut(text, longest().getAsInt()) : text));
    }

    /** P7: the cursor stands before a text that a step puts there, where it is another. */
    private void set(Instance inst, String other) {
        String before = isAsked() ? text(inst) : "";
        hold(inst, other);
        if (isAsked() && !text(inst).equals(before)) {
            selection.get().select(inst, TextSelection.Span.START);
        }
    }

    /** Where nothing asks for it not even the text is looked at: what is looked at is told apart by exploring. */
    private boolean isAsked() {
        return selection.isPresent() && selection.get().isAsked();
    }

    /** What is selected in a text field; empty for any other part. */
    public Optional<TextSelection> selection() {
        return selection;
    }

    /** The same, where something asks for it. */
    public Optional<TextSelection> askedSelection() {
        return isAsked() ? selection : Optional.empty();
    }

    public OptionalInt longest() {
        return part instanceof Part.TextField f ? f.longest() : OptionalInt.empty();
    }

    static String cut(String text, int longest) {
        return text.codePointCount(0, text.length()) <= longest
                ? text
                : text.substring(0, text.offsetByCodePoints(0, longest));
    }

    /** Of what there is one for each, where it does not stand by itself (P5). */
    public Optional<EachPlan> each() {
        return each;
    }

    /** Whether one of those is enabled of which there is one for each. */
    public boolean enabled(Reading in, Instance inst, EachPlan.One one) {
        return traits.is(TraitsPlan.Flag.ENABLED, in, inst, Optional.of(one));
    }

    public boolean enabled(Reading in, Instance inst) {
        return traits.is(TraitsPlan.Flag.ENABLED, in, inst);
    }

    public boolean visible(Reading in, Instance inst) {
        return traits.isSeen(in, inst);
    }

    public boolean readOnly(Reading in, Instance inst) {
        return traits.is(TraitsPlan.Flag.READ_ONLY, in, inst);
    }

    /** Evaluates what may fault, so that a fault is met at rest (E2). */
    public void check(Reading in, Instance inst) {
        if (live && text.mayFault() || follows.isPresent()) {
            text(in, inst);
        }
        if (each.isPresent()) {
            each.get().check(in, inst, traits);
        } else {
            traits.check(in, inst, Optional.empty());
        }
    }

    public boolean mayFault() {
        return live && text.mayFault()
                || traits.mayFault()
                || follows.map(Compiled::mayFault).orElse(false)
                || each.map(EachPlan::mayFault).orElse(false);
    }

    /** Finds the instance that a name is read from; throws {@link EvaluationFault} where it is not open. */
    @FunctionalInterface
    public interface Whose {
        Instance in(Reading reading);
    }

    /** The members of the part as names (P1), each with how to reach it in the window found by {@code whose}. */
    public Map<String, Access> accesses(Whose whose) {
        var all = new LinkedHashMap<String, Access>();
        Access content = textAccess(whose);
        switch (part) {
            case Part.Caption c -> shown(all, content);
            case Part.Button b when each.isPresent() -> {
                // what stands on it is one thing for this row, and another for that
            }
            case Part.MenuCommand m when each.isPresent() -> {
                // as above
            }
            case Part.Button b -> shown(all, content);
            case Part.Link l -> shown(all, content);
            case Part.MenuCommand m -> {
                if (m.ticking()) {
                    all.put("", content.readOnly().thatMayFault());
                    all.put(".text", content.readOnly().thatMayFault());
                    all.put(".ticked", tick(whose));
                } else {
                    shown(all, content);
                }
            }
            case Part.Picture p -> all.put("", content.as(Type.Plain.FILE));
            case Part.Progress p -> {
                all.put("", Access.following(Type.WHOLE, List.of(cell), in -> whose.in(in)
                        .value(slot)));
                all.put(".text", Access.following(Type.TEXT, List.of(line), in -> whose.in(in)
                        .value(slot + LINE)));
            }
            case Part.TextField f -> all.put("", content);
            case Part.TickBox b -> {
                all.put("", tick(whose));
                all.put(".text", content.readOnly().thatMayFault());
            }
            case Part.ListOfRows l -> rows.orElseThrow().accesses(whose, all);
            case Part.Choice c -> {
                Access.Writer write = (in, v) -> choose(in, whose.in(in), v.shown());
                Access plain = Access.plain(Type.TEXT, cell, in -> chosen(in, whose.in(in)), write);
                Access chosen = alwaysChosen(c) ? plain : plain.thatMayFault();
                Access any = Access.following(
                        Type.YESNO,
                        List.of(cell),
                        in -> Value.of(!text(in, whose.in(in)).isEmpty()));
                all.put("", alsoOfList(chosen));
                all.put(".anyChosen", follows.isPresent() ? alsoOfList(any).thatMayFault() : any);
            }
            case Part.ValueField f -> {
                Access.Writer write = (in, v) -> whose.in(in).set(slot, Value.of(v.shown()));
                all.put(
                        "",
                        Access.following(f.holds().type(), List.of(cell), in -> held(f, whose.in(in)))
                                .settable(write)
                                .thatMayFault());
                all.put(".typed", content);
                all.put(
                        ".given",
                        Access.following(
                                Type.YESNO,
                                List.of(cell),
                                in -> Value.of(Texts.as(f.holds().type(), text(whose.in(in)))
                                        .isPresent())));
            }
        }
        if (isEdited()) {
            all.replaceAll((name, access) -> access.writer()
                    .map(w -> access.settable((in, v) -> {
                        w.write(in, v);
                        changed(whose.in(in), false);
                    }))
                    .orElse(access));
            all.put(".changed", changedAccess(whose));
            selection.ifPresent(s -> s.accesses(whose, all));
        }
        traits.accesses(whose, all);
        return all;
    }

    private Access changedAccess(Whose whose) {
        Access.Writer write = (in, v) -> changed(whose.in(in), v.equals(Value.YES));
        return new Access(
                Type.YESNO,
                in -> Value.of(whose.in(in).get(slot + CHANGED) != 0),
                Optional.of(write),
                false,
                List.of(changed),
                false);
    }

    /** What a list holds; empty for any other part. */
    public Optional<Rows> rowsOf() {
        return rows;
    }

    /** A script of a list beside the one for a selection. */
    public ScriptPlan moment(Part.RowMoment moment) {
        return moments.get(moment);
    }

    private static void shown(Map<String, Access> all, Access content) {
        all.put("", content);
        all.put(".text", content);
    }

    private Access tick(Whose whose) {
        Access.Writer write = (in, v) -> whose.in(in).set(slot, v);
        return Access.following(Type.YESNO, List.of(cell), in -> Value.of(ticked(whose.in(in))))
                .settable(write);
    }

    /** P4: a choice holds only its items; another text is a fault of the script that sets it. */
    private void choose(Reading in, Instance inst, String item) {
        if (!item.isEmpty() && !items(in, inst).contains(item)) {
            throw new EvaluationFault(
                    "“" + item + "” is no item of " + part.name().shown());
        }
        boolean none = item.isEmpty() && part instanceof Part.Choice c && alwaysChosen(c);
        inst.set(slot, Value.of(none ? ((Part.Choice) part).items().getFirst() : item));
    }

    private Value chosen(Reading in, Instance inst) {
        String chosen = text(in, inst);
        if (chosen.isEmpty()) {
            throw new EvaluationFault("nothing is chosen in " + part.name().shown());
        }
        return Value.of(chosen);
    }

    /** What it means depends on the list that it follows, too. */
    private Access alsoOfList(Access access) {
        Set<Cell> cells = new LinkedHashSet<>();
        follows.ifPresent(f -> Matters.cellsOf(f, cells::add));
        Access all = access;
        for (Cell of : cells) {
            all = all.alsoOf(of);
        }
        return all;
    }

    private String text(Instance inst) {
        return inst.value(slot).shown();
    }

    private Access textAccess(Whose whose) {
        Scope.Reader<Reading> read = in -> Value.of(text(in, whose.in(in)));
        Access.Writer write = (in, v) -> set(whose.in(in), v.shown());
        return live
                ? Access.following(Type.TEXT, List.of(), read).thatMayFault()
                : Access.plain(Type.TEXT, cell, read, write);
    }

    private Value held(Part.ValueField field, Instance inst) {
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

    /** On what it depends what a person can do with it: which rows there are, or items (P5). */
    List<Compiled<Reading>> decides() {
        return each.map(EachPlan::decides).orElseGet(() -> follows.stream().toList());
    }

    /** What its live text reads. */
    List<Compiled<Reading>> liveText() {
        return each.isPresent() ? each.get().shows() : live ? text.expressions() : List.of();
    }

    /** Where a progress keeps its line. */
    public Cell line() {
        return line;
    }

    /** Where it keeps what it holds. */
    public Cell cell() {
        return cell;
    }

    /** What its slots can hold, as far as the part itself says. */
    void ranges(Ranges ranges) {
        switch (part) {
            case Part.TickBox b -> ranges.few(cell, Value.NO, Value.YES);
            case Part.Choice c -> {
                ranges.few(cell, Value.EMPTY);
                c.items().forEach(i -> ranges.few(cell, Value.of(i)));
                follows.ifPresent(list -> {
                    ranges.any(cell);
                    ranges.feed(list, Ranges.NO_SCRIPT, cell);
                });
            }
            case Part.TextField f -> {
                ranges.any(cell);
                ranges.feeds(cell, text);
            }
            case Part.ValueField f -> {
                ranges.any(cell);
                ranges.feeds(cell, text);
            }
            case Part.ListOfRows l -> {
                ranges.any(cell);
                ranges.any(rows.orElseThrow().selectedCell());
            }
            case Part.MenuCommand m when isTicking() -> ranges.few(cell, Value.NO, Value.YES);
            case Part.Caption c -> ranges.text(cell, text);
            case Part.Picture p -> ranges.text(cell, text);
            case Part.Progress p -> {
                ranges.any(cell);
                ranges.any(line);
            }
            case Part.Link l -> ranges.text(cell, text);
            case Part.Button b -> ranges.text(cell, text);
            case Part.MenuCommand m -> ranges.text(cell, text);
        }
        if (isEdited()) {
            ranges.flag(changed, false);
        }
        selection.ifPresent(s -> s.ranges(ranges));
        traits.ranges(ranges);
    }

    /** What a person changes is told only where something reads it. */
    void edits(Ranges ranges, Matters matters) {
        if (isEdited() && matters.has(changed)) {
            ranges.isSet(changed);
        }
        selection.ifPresent(s -> s.asked(matters));
    }

    /** Whether what it offers a person depends on what is in its slots (P2). */
    void matters(Matters matters) {
        rows.ifPresent(r -> {
            matters.add(cell);
            matters.add(r.selectedCell());
        });
        if (part.getsEvents()) {
            traits.matters(matters);
        }
    }
}
