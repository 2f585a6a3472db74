package bivouac.handover.javafx;

import bivouac.design.Braces;
import bivouac.design.Expression;
import bivouac.handover.java.JavaExpressions;
import bivouac.handover.java.JavaNames;
import bivouac.handover.java.JavaWorld;
import bivouac.handover.meaning.Here;
import bivouac.handover.meaning.Meanings;
import bivouac.handover.meaning.Say;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** The texts of a program by their keys, and how each is asked for. */
final class FxTexts {

    private final Meanings meanings;
    private final Map<String, String> texts = new LinkedHashMap<>();

    FxTexts(Meanings meanings) {
        this.meanings = meanings;
    }

    /** A call that gives the text; what stands in braces is handed to it. */
    String call(String key, String text, Here here, JavaWorld world, Set<String> used) {
        var expressions = new JavaExpressions(world, here, used);
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
            return "\"\"";
        }
        if (template.toString().equals("{0}")) {
            return expressions.write(new Say.Call(
                    bivouac.expression.Function.SHOWN, List.of(values.getFirst()), bivouac.design.Type.TEXT));
        }
        String name = free(key, template.toString());
        var call = new StringBuilder("text(" + JavaNames.literal(name));
        values.forEach(v -> call.append(", ").append(expressions.write(v)));
        return call.append(')').toString();
    }

    private String free(String key, String text) {
        String name = key;
        for (int i = 2; texts.containsKey(name) && !texts.get(name).equals(text); i++) {
            name = key + i;
        }
        texts.put(name, text);
        return name;
    }

    /** As a resource file. */
    String file() {
        var out =
                new StringBuilder("# The texts of the application; {0}, {1} ... stand for values, {{} for a brace.\n");
        texts.forEach((key, text) ->
                out.append(key).append(" = ").append(escaped(text)).append('\n'));
        return out.toString();
    }

    private static String escaped(String text) {
        var out = new StringBuilder();
        for (int i = 0; i < text.length(); i++) {
            char c = text.charAt(i);
            switch (c) {
                case '\\' -> out.append("\\\\");
                case '\n' -> out.append("\\n");
                case '\r' -> out.append("\\r");
                case '\t' -> out.append("\\t");
                case ' ' -> out.append(i == 0 ? "\\ " : " ");
                default -> {
                    if (c < ' ') {
                        out.append("\\u%04x".formatted((int) c));
                    } else {
                        out.append(c);
                    }
                }
            }
        }
        return out.toString();
    }
}
