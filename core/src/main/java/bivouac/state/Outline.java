package bivouac.state;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/**
 * Which bits of a tight state hold what is in which slot of a window, and in which variable of the application. All others
 * say how windows stand to each other, and what waits.
 */
public final class Outline {

    /**
     * A slot or a variable.
     *
     * @param touched its bit among what is touched
     * @param window where the window says whether it is open; none for a variable
     */
    private record Spot(Place place, int touched, Optional<Field> window) {}

    private final List<Spot> spots = new ArrayList<>();
    private final int words;

    /** @param numbers by which bits what is touched is told */
    Outline(Layout layout, Touched numbers) {
        this.words = Bits.words(layout.fieldsEnd);
        for (Field field : layout.fields) {
            for (int i = 0; field != null && i < field.slotCount(); i++) {
                int bit = numbers.first(field.plan().number) + field.slot(i);
                spots.add(new Spot(field.slotPlace(i), bit, Optional.of(field)));
            }
        }
        for (int i = 0; i < layout.places.length; i++) {
            if (layout.places[i] != null) {
                spots.add(new Spot(layout.places[i], numbers.ofVariable(i), Optional.empty()));
            }
        }
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
        spots.forEach(s -> s.place().outOf(mask));
        return mask;
    }

    /** Adds the bits that hold what was touched. */
    public void addTouched(Touched touched, long[] mask) {
        for (Spot spot : spots) {
            if (touched.isTouched(spot.touched())) {
                spot.place().allInto(mask);
            }
        }
    }

    /** The bits of the state after a step that are those of the one before: of what was not touched, and is still there. */
    public void addUntouched(long[] after, Touched touched, long[] mask) {
        for (Spot spot : spots) {
            boolean there = spot.window().isEmpty() || spot.window().get().in(after, 0) != 0;
            if (there && !touched.isTouched(spot.touched())) {
                spot.place().allInto(mask);
            }
        }
    }
}
