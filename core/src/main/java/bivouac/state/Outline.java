package bivouac.state;

import java.util.Arrays;

/**
 * Which bits of a tight state hold what is in which slot of a window, and in which variable of the application. All others
 * say how windows stand to each other, and what waits.
 */
public final class Outline {

    private final Layout layout;
    private final int words;

    Outline(Layout layout) {
        this.layout = layout;
        this.words = Bits.words(layout.fieldsEnd);
    }

    /** In so many words at the beginning of a tight state such bits stand. */
    public int words() {
        return words;
    }

    /** Whether it fits a state: the application runs, and all that is in it was foreseen. */
    public boolean fits(long[] state, int from) {
        return Walk.isTight(state[from]) && Walk.phase(state[from]) == Situation.RUNNING;
    }

    /** The bits that hold neither a slot nor a variable. */
    public long[] rest() {
        var mask = new long[words];
        Arrays.fill(mask, -1);
        for (Field field : layout.fields) {
            for (int i = 0; field != null && i < field.slotCount(); i++) {
                field.slotPlace(i).outOf(mask);
            }
        }
        for (Place place : layout.places) {
            if (place != null) {
                place.outOf(mask);
            }
        }
        return mask;
    }

    /** Adds the bits that hold what was touched. */
    public void addTouched(Touched touched, long[] mask) {
        for (Field field : layout.fields) {
            for (int i = 0; field != null && i < field.slotCount(); i++) {
                if (touched.isTouched(field.plan().number, field.slot(i))) {
                    field.slotPlace(i).allInto(mask);
                }
            }
        }
        for (int i = 0; i < layout.places.length; i++) {
            if (layout.places[i] != null && touched.isVariableTouched(i)) {
                layout.places[i].allInto(mask);
            }
        }
    }

    /** The bits of the state after a step that are those of the one before: of what was not touched, and is still there. */
    public void addUntouched(long[] after, Touched touched, long[] mask) {
        for (Field field : layout.fields) {
            for (int i = 0; field != null && field.in(after, 0) != 0 && i < field.slotCount(); i++) {
                if (!touched.isTouched(field.plan().number, field.slot(i))) {
                    field.slotPlace(i).allInto(mask);
                }
            }
        }
        for (int i = 0; i < layout.places.length; i++) {
            if (layout.places[i] != null && !touched.isVariableTouched(i)) {
                layout.places[i].allInto(mask);
            }
        }
    }
}
