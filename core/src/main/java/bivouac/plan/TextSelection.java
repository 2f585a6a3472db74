package bivouac.plan;

import bivouac.design.Type;
import bivouac.expression.EvaluationFault;
import bivouac.expression.Scope;
import bivouac.expression.Value;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * What is selected in a text field (P7): from a place to before another, counted from 0 in characters; where both are the same,
 * the cursor is there. It costs a state nothing where no script and no condition asks for it.
 */
public final class TextSelection {

    /** How many slots it has. */
    static final int SLOTS = 2;

    private static final String FROM = ".selection.from";
    private static final String TO = ".selection.to";
    private static final String TEXT = ".selection.text";

    private final PartPlan part;
    private final int slot;
    private final Cell from;
    private final Cell to;
    private boolean isAsked;

    /** @param slot the first of its slots */
    TextSelection(PartPlan part, int window, int slot) {
        this.part = part;
        this.slot = slot;
        this.from = new Cell.OfWindow(window, slot);
        this.to = new Cell.OfWindow(window, slot + 1);
    }

    /** What is selected; both places lie within the text. */
    public record Span(int from, int to) {
        public static final Span START = new Span(0, 0);

        /** Whether a text has these places. */
        public boolean isIn(String text) {
            return 0 <= from && from <= to && to <= size(text);
        }

        /** That piece of a text that has them. */
        public String of(String text) {
            return text.substring(text.offsetByCodePoints(0, from), text.offsetByCodePoints(0, to));
        }
    }

    public static int size(String text) {
        return text.codePointCount(0, text.length());
    }

    /** Whether something asks for it, so that what a person selects makes a difference. */
    public boolean isAsked() {
        return isAsked;
    }

    public Span in(Instance inst) {
        return new Span(place(inst, slot), place(inst, slot + 1));
    }

    private static int place(Instance inst, int slot) {
        return inst.value(slot) instanceof Value.Whole(long at) ? (int) at : 0;
    }

    public void select(Instance inst, Span span) {
        inst.set(slot, new Value.Whole(span.from()));
        inst.set(slot + 1, new Value.Whole(span.to()));
    }

    /** Where events are listed: all of it, its beginning, its end. */
    public List<Span> worthTrying(String text) {
        int size = size(text);
        return size == 0 ? List.of(Span.START) : List.of(new Span(0, size), Span.START, new Span(size, size));
    }

    /** Behind all of the text, as whoever has typed it leaves the cursor. */
    void behind(Instance inst, String text) {
        select(inst, new Span(size(text), size(text)));
    }

    /** {@code me.PART.selection.from}, {@code .to} and {@code .text}. */
    void accesses(PartPlan.Whose whose, Map<String, Access> all) {
        all.put(FROM, place(whose, Span::from, (span, at) -> new Span(at, Math.max(at, span.to()))));
        all.put(TO, place(whose, Span::to, (span, at) -> new Span(Math.min(span.from(), at), at)));
        Scope.Reader<Reading> read = in -> {
            Instance inst = whose.in(in);
            return Value.of(in(inst).of(part.text(in, inst)));
        };
        all.put(TEXT, of(Type.TEXT, read, (in, v) -> replace(in, whose.in(in), v.shown())));
    }

    private interface Places {
        int of(Span span);
    }

    private interface Moved {
        Span to(Span span, int place);
    }

    /** The other place goes along where it would come to lie on the wrong side. */
    private Access place(PartPlan.Whose whose, Places places, Moved moved) {
        return of(Type.WHOLE, in -> new Value.Whole(places.of(in(whose.in(in)))), (in, v) -> {
            Instance inst = whose.in(in);
            long at = ((Value.Whole) v).value();
            if (at < 0 || at > size(part.text(in, inst))) {
                throw new EvaluationFault(part.part.name().shown() + " has no place " + at);
            }
            select(inst, moved.to(in(inst), (int) at));
        });
    }

    private Access of(Type type, Scope.Reader<Reading> read, Access.Writer write) {
        return new Access(type, read, Optional.of(write), false, List.of(from, to, part.cell()), false).asPlaced();
    }

    /** As whoever pastes does: as much as there is room for (P4), with the cursor behind it. */
    private void replace(Reading in, Instance inst, String by) {
        String before = part.text(in, inst);
        Span span = in(inst);
        int others = size(before) - (span.to() - span.from());
        String put = part.longest().isPresent()
                ? PartPlan.cut(by, Math.max(0, part.longest().getAsInt() - others))
                : by;
        int start = before.offsetByCodePoints(0, span.from());
        String after = before.substring(0, start) + put + before.substring(before.offsetByCodePoints(0, span.to()));
        if (!after.equals(before)) {
            part.type(inst, after);
            part.changed(inst, true);
        }
        int behind = span.from() + size(put);
        select(inst, new Span(behind, behind));
    }

    void ranges(Ranges ranges) {
        ranges.any(from);
        ranges.any(to);
    }

    /** A person selects only where it makes a difference. */
    void asked(Matters matters) {
        isAsked = matters.has(from);
    }
}
