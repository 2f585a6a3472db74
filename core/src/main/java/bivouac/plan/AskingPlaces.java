package bivouac.plan;

import java.util.List;

/**
 * The order in which a departure asks windows, as far as the design decides it (D2): those that it lists come first, in its
 * order; then the others from last to first.
 */
public final class AskingPlaces {

    private AskingPlaces() {}

    /** By the number of a window its place; the smallest is asked first. */
    public static int[] of(Program program) {
        int count = program.windows().size();
        int[] places = new int[count];
        for (int i = 0; i < count; i++) {
            places[i] = count - i;
        }
        List<String> first = program.design().application().leaving().asked();
        for (int i = 0; i < first.size(); i++) {
            int place = i - first.size();
            program.window(first.get(i)).ifPresent(w -> places[w.number] = Math.min(places[w.number], place));
        }
        return places;
    }
}
