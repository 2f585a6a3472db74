package bivouac.handover.meaning;

import bivouac.design.FacedWindow;
import bivouac.design.Given;
import bivouac.design.Way;
import bivouac.design.WayOut;
import bivouac.design.WaysOut;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.BiFunction;

/**
 * Where the ways out of a window lead (C1), in the words of a language.
 *
 * @param endings the ways by the ending that is made there; what a close step leads to that names none comes first, also
 *     where no way leads there
 * @param unasked the ways that go past the script before closing (C2)
 */
public record Leads(Map<String, List<Way>> endings, List<Way> unasked) {

    /**
     * @param made writes an ending with what it gives
     * @param nowhere how it is written that a way leads to none
     */
    public static Leads of(FacedWindow face, BiFunction<String, List<Given>, String> made, String nowhere) {
        var endings = new LinkedHashMap<String, List<Way>>();
        endings.put(made.apply(WaysOut.usualEnding(face), List.of()), new ArrayList<>());
        var unasked = new ArrayList<Way>();
        for (Way way : Way.values()) {
            String ending =
                    switch (WaysOut.of(face, way)) {
                        case WayOut.LeadsTo(String name, var gives, boolean goesPast) -> {
                            if (goesPast) {
                                unasked.add(way);
                            }
                            yield made.apply(name, gives);
                        }
                        case WayOut.Absent a -> nowhere;
                        case WayOut.AsPressing p -> nowhere;
                    };
            endings.computeIfAbsent(ending, e -> new ArrayList<>()).add(way);
        }
        return new Leads(endings, unasked);
    }
}
