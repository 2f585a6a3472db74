package bivouac.design;

import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;

/** Texts that hold expressions in braces; two opening braces stand for one brace (rule P3). */
public final class Braces {

    /** A piece of such a text. */
    public sealed interface Piece {
        /** Text as it is shown. */
        record Plain(String text) implements Piece {}

        /**
         * An expression.
         *
         * @param at where its first character stands in the whole text
         */
        record Inserted(String source, int at) implements Piece {}

        /** A brace that is never closed. */
        record Unclosed(String rest, int at) implements Piece {}
    }

    private Braces() {}

    /** Whether the text holds an expression, and so is a live one on a window. */
    public static boolean isLive(String text) {
        return text.indexOf('{') >= 0 && pieces(text).stream().anyMatch(p -> !(p instanceof Piece.Plain));
    }

    /** The pieces in order; their texts, put together, are the whole. */
    public static List<Piece> pieces(String text) {
        var pieces = new ArrayList<Piece>();
        var plain = new StringBuilder();
        int i = 0;
        while (i < text.length()) {
            char c = text.charAt(i);
            if ((c == '{' || c == '}') && i + 1 < text.length() && text.charAt(i + 1) == c) {
                plain.append(c);
                i += 2;
            } else if (c == '{') {
                if (!plain.isEmpty()) {
                    pieces.add(new Piece.Plain(plain.toString()));
                    plain.setLength(0);
                }
                int end = closing(text, i + 1);
                if (end < 0) {
                    pieces.add(new Piece.Unclosed(text.substring(i + 1), i + 1));
                    return List.copyOf(pieces);
                }
                pieces.add(new Piece.Inserted(text.substring(i + 1, end), i + 1));
                i = end + 1;
            } else {
                plain.append(c);
                i++;
            }
        }
        if (!plain.isEmpty()) {
            pieces.add(new Piece.Plain(plain.toString()));
        }
        return List.copyOf(pieces);
    }

    /** A text that shows as {@code plain}, braces and all. */
    public static String escape(String plain) {
        return plain.replace("{", "{{").replace("}", "}}");
    }

    /** The text written in one way, so that two which read alike are equal: each brace that is read is two. */
    public static String normal(String text) {
        var normal = new StringBuilder();
        for (Piece piece : pieces(text)) {
            normal.append(
                    switch (piece) {
                        case Piece.Plain(String plain) -> escape(plain);
                        case Piece.Inserted(String source, int at) -> "{" + source + "}";
                        case Piece.Unclosed(String rest, int at) -> "{" + rest;
                    });
        }
        return normal.toString();
    }

    static String mapExpressions(String text, UnaryOperator<String> map) {
        if (!isLive(text)) {
            return text;
        }
        var out = new StringBuilder();
        for (Piece piece : pieces(text)) {
            switch (piece) {
                case Piece.Plain(String plain) -> out.append(escape(plain));
                case Piece.Inserted(String source, int at) ->
                    out.append('{').append(map.apply(source)).append('}');
                case Piece.Unclosed(String rest, int at) -> out.append('{').append(rest);
            }
        }
        return out.toString();
    }

    /** Where the brace that closes the expression stands; braces in nested maps and in strings do not count. */
    private static int closing(String text, int from) {
        int depth = 0;
        char quote = 0;
        for (int i = from; i < text.length(); i++) {
            char c = text.charAt(i);
            if (quote != 0) {
                if (c == '\\') {
                    i++;
                } else if (c == quote) {
                    quote = 0;
                }
            } else if (c == '"' || c == '\'') {
                quote = c;
            } else if (c == '{') {
                depth++;
            } else if (c == '}' && depth-- == 0) {
                return i;
            }
        }
        return -1;
    }

    /** The expressions that a text shows, in their order. */
    public static List<Expression> expressions(String text) {
        return pieces(text).stream()
                .filter(Piece.Inserted.class::isInstance)
                .map(p -> new Expression(((Piece.Inserted) p).source()))
                .toList();
    }
}
