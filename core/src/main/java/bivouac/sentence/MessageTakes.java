package bivouac.sentence;

import bivouac.design.Braces;
import bivouac.design.Expression;
import bivouac.design.Given;
import bivouac.design.Name;
import bivouac.design.Take;
import bivouac.design.Type;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * What a message box takes when it is made from a sentence: a message reads only the application's values and what it
 * is handed (P3), so each other expression in its text becomes a take, handed over as a text.
 */
final class MessageTakes {

    private final StringBuilder text = new StringBuilder();
    private final List<Take> takes = new ArrayList<>();
    private final List<Given> handOver = new ArrayList<>();

    MessageTakes(String typed) {
        for (Braces.Piece piece : Braces.pieces(typed)) {
            switch (piece) {
                case Braces.Piece.Plain(String plain) -> text.append(Braces.escape(plain));
                case Braces.Piece.Unclosed(String rest, int at) ->
                    text.append("{").append(rest);
                case Braces.Piece.Inserted(String source, int at) -> inserted(source);
            }
        }
    }

    private void inserted(String source) {
        String expression = source.strip();
        if (expression.startsWith("app.")) {
            text.append('{').append(source).append('}');
            return;
        }
        String name =
                expression.matches("[A-Za-z_.]+") ? expression.substring(expression.lastIndexOf('.') + 1) : "value";
        String free = name;
        for (int n = 2; has(free); n++) {
            free = name + n;
        }
        takes.add(new Take(new Name(free, free), Type.TEXT, Optional.empty()));
        handOver.add(new Given(free, new Expression("shown(" + expression + ")")));
        text.append("{takes.").append(free).append('}');
    }

    private boolean has(String name) {
        return takes.stream().anyMatch(t -> t.name().expression().equals(name));
    }

    String text() {
        return text.toString();
    }

    List<Take> takes() {
        return List.copyOf(takes);
    }

    List<Given> handOver() {
        return List.copyOf(handOver);
    }
}
