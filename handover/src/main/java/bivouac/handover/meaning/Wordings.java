package bivouac.handover.meaning;

import bivouac.design.Braces;
import bivouac.design.Expression;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** The texts of a program by their keys: {@code {0}}, {@code {1}} … stand for values, <code>{{}</code> for a brace. */
public final class Wordings {

    private final Meanings meanings;
    private final Map<String, String> texts = new LinkedHashMap<>();

    public Wordings(Meanings meanings) {
        this.meanings = meanings;
    }

    /** Keeps a text under a key, or one that is free, and says how it is asked for. */
    public Words words(String key, String text, Here here) {
        var template = new StringBuilder();
        List<Say> values = new ArrayList<>();
        for (Braces.Piece piece : Braces.pieces(text)) {
            switch (piece) {
                case Braces.Piece.Plain(String plain) -> template.append(plain.replace("{", "{{}"));
                case Braces.Piece.Unclosed(String rest, int at) ->
                    template.append("{{}").append(rest);
                case Braces.Piece.Inserted(String source, int at) -> {
                    Optional<Say> say = meanings.of(new Expression(source), here);
                    say.ifPresent(s -> {
                        template.append('{').append(values.size()).append('}');
                        values.add(s);
                    });
                }
            }
        }
        if (text.isEmpty()) {
            return new Words.None();
        }
        return template.toString().equals("{0}")
                ? new Words.Shown(values.getFirst())
                : new Words.Keyed(free(key, template.toString()), values);
    }

    private String free(String key, String text) {
        String name = key;
        for (int i = 2; texts.containsKey(name) && !texts.get(name).equals(text); i++) {
            name = key + i;
        }
        texts.put(name, text);
        return name;
    }

    /** What was kept so far, in the order in which it came. */
    public Map<String, String> texts() {
        return java.util.Collections.unmodifiableMap(texts);
    }
}
