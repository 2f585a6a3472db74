package bivouac.format;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;

/**
 * Lays JSON out as a design file has it: members in the order written, one a line; a list or object that fits on one
 * line of a hundred characters stands on one line. So a change of one thing is a change of one line or a few.
 */
final class JsonOut {

    private static final int WIDTH = 100;

    private JsonOut() {}

    /** An object under construction; a member with nothing to say is left out. */
    static final class Members {
        private final Map<String, Object> values = new LinkedHashMap<>();

        Members put(String name, Object value) {
            values.put(name, value);
            return this;
        }

        Members put(String name, Optional<?> value) {
            value.ifPresent(v -> values.put(name, v.toString()));
            return this;
        }

        Members putUnless(boolean usual, String name, Object value) {
            return usual ? this : put(name, value);
        }

        Members putUnlessEmpty(String name, String value) {
            return putUnless(value.isEmpty(), name, value);
        }

        <T> Members list(String name, List<T> values, Function<T, Object> write) {
            return putUnless(values.isEmpty(), name, values.stream().map(write).toList());
        }
    }

    /** What a value would take in a file. */
    static final class Measure {
        private long values;
        private long characters;
        private int longest;
        private int deepest;

        void add(Object value, int deep) {
            values++;
            deepest = Math.max(deepest, deep);
            switch (value) {
                case Members m ->
                    m.values.forEach((name, inner) -> {
                        text(name);
                        add(inner, deep + 1);
                    });
                case List<?> list -> list.forEach(inner -> add(inner, deep + 1));
                case String text -> text(text);
                default -> characters += 20;
            }
            characters += deep;
        }

        private void text(String text) {
            // an escape has six characters
            characters += 6L * text.length();
            longest = Math.max(longest, text.length());
        }

        long values() {
            return values;
        }

        /** More than there will be. */
        long characters() {
            return characters;
        }

        int longest() {
            return longest;
        }

        int deepest() {
            return deepest;
        }
    }

    static String lay(Members root) {
        var out = new StringBuilder();
        write(out, root, 0);
        return out.append('\n').toString();
    }

    private static void write(StringBuilder out, Object value, int indent) {
        switch (value) {
            case Members m when indent > 0 && isSmall(m) && fits(flat(m), indent) -> out.append(flat(m));
            case Members m ->
                block(out, '{', '}', m.values.entrySet().stream().toList(), indent, entry -> {
                    out.append(quoted(entry.getKey())).append(": ");
                    write(out, entry.getValue(), indent + 2);
                });
            case List<?> list
            when list.stream().allMatch(String.class::isInstance) && fits(flat(list), indent) -> out.append(flat(list));
            case List<?> list -> block(out, '[', ']', list, indent, v -> write(out, v, indent + 2));
            default -> out.append(flat(value));
        }
    }

    /** Only what is small is ever laid out flat to see: so writing takes time in proportion to the design. */
    private static boolean fits(String flat, int indent) {
        return indent + flat.length() <= WIDTH;
    }

    /** Whether it holds nothing that holds more, so that it reads well on one line. */
    private static boolean isSmall(Members m) {
        return m.values.values().stream().allMatch(v -> switch (v) {
            case Members inner ->
                inner.values.values().stream().allMatch(i -> i instanceof String || i instanceof Boolean);
            case List<?> list -> list.isEmpty() || list.stream().allMatch(String.class::isInstance);
            default -> true;
        });
    }

    private static <T> void block(
            StringBuilder out, char open, char close, List<T> items, int indent, java.util.function.Consumer<T> each) {
        if (items.isEmpty()) {
            out.append(open).append(close);
            return;
        }
        out.append(open);
        for (int i = 0; i < items.size(); i++) {
            out.append(i == 0 ? "\n" : ",\n").append(" ".repeat(indent + 2));
            each.accept(items.get(i));
        }
        out.append('\n').append(" ".repeat(indent)).append(close);
    }

    private static String flat(Object value) {
        return switch (value) {
            case Members m -> {
                var out = new StringBuilder("{ ");
                m.values.forEach((k, v) -> out.append(out.length() > 2 ? ", " : "")
                        .append(quoted(k))
                        .append(": ")
                        .append(flat(v)));
                yield m.values.isEmpty() ? "{}" : out.append(" }").toString();
            }
            case List<?> list -> {
                var out = new StringBuilder("[");
                list.forEach(v -> out.append(out.length() > 1 ? ", " : "").append(flat(v)));
                yield out.append(']').toString();
            }
            case String text -> quoted(text);
            default -> value.toString();
        };
    }

    static String quoted(String text) {
        var out = new StringBuilder(text.length() + 2).append('"');
        for (int i = 0; i < text.length(); i++) {
            char c = text.charAt(i);
            switch (c) {
                case '"' -> out.append("\\\"");
                case '\\' -> out.append("\\\\");
                case '\n' -> out.append("\\n");
                case '\t' -> out.append("\\t");
                case '\r' -> out.append("\\r");
                default -> {
                    if (c < 0x20
                            || c == 0x7f
                            || c == '\u2028'
                            || c == '\u2029'
                            || Character.isSurrogate(c) && isLone(text, i)) {
                        out.append(String.format("\\u%04x", (int) c));
                    } else {
                        out.append(c);
                    }
                }
            }
        }
        return out.append('"').toString();
    }

    private static boolean isLone(String text, int i) {
        char c = text.charAt(i);
        return Character.isHighSurrogate(c)
                ? i + 1 >= text.length() || !Character.isLowSurrogate(text.charAt(i + 1))
                : i == 0 || !Character.isHighSurrogate(text.charAt(i - 1));
    }
}
