package bivouac.design;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;

/**
 * A text that the people read who use the designed application: titles, messages, labels, menus, buttons. Names, values
 * and file types are none, since expressions and walkthroughs say them too.
 *
 * @param key which text it is, the same for as long as window and part keep their expression names:
 *     {@code register.title}, {@code register.arrive.text}; a second of one name has a 2 behind it
 * @param where the same in words, for who translates it
 * @param text as in the design, with expressions in braces (P3) and {@code &} before the access key
 */
public record Wording(String key, String where, String text) {

    /** All of a design, those of the application first, then window by window. */
    public static List<Wording> of(Design design) {
        var all = new ArrayList<Wording>();
        mapped(design, wording -> {
            all.add(wording);
            return wording;
        });
        return List.copyOf(all);
    }

    /** The design with other texts, by their keys; what has no key here stays as it is. */
    public static Design changed(Design design, Map<String, String> texts) {
        return mapped(design, w -> new Wording(w.key(), w.where(), texts.getOrDefault(w.key(), w.text())));
    }

    private static Design mapped(Design design, UnaryOperator<Wording> becomes) {
        var used = new HashMap<String, Integer>();
        return new DesignMapper() {
            @Override
            String wording(String of, String what, String text, Optional<Window> in) {
                String key = in.map(w -> w.name().expression()).orElse("application") + "." + of;
                int count = used.merge(key, 1, Integer::sum);
                String where = what + " of "
                        + in.map(w -> "“" + w.name().shown() + "”").orElse("the application");
                return becomes.apply(new Wording(count == 1 ? key : key + count, where, text))
                        .text();
            }
        }.map(design);
    }
}
