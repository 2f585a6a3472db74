package bivouac.handover.braces;

import java.util.Locale;

/** How languages with braces write names and texts alike. */
public final class Spelling {

    private Spelling() {}

    public static String upper(String name) {
        return name.isEmpty() ? "X" : name.substring(0, 1).toUpperCase(Locale.ROOT) + name.substring(1);
    }

    /** Words with spaces as one name in camel case; signs that no name holds are left out. */
    public static String camel(String words) {
        return bivouac.design.Names.propose(words);
    }

    /** A member with points in it as one name: {@code selection.from} is {@code selectionFrom}. */
    public static String joined(String member) {
        int point = member.indexOf('.');
        return point < 0 ? member : member.substring(0, point) + upper(joined(member.substring(point + 1)));
    }

    /** A text as a literal. */
    public static String literal(String text) {
        var out = new StringBuilder("\"");
        for (int i = 0; i < text.length(); i++) {
            char c = text.charAt(i);
            switch (c) {
                case '"' -> out.append("\\\"");
                case '\\' -> out.append("\\\\");
                case '\n' -> out.append("\\n");
                case '\r' -> out.append("\\r");
                case '\t' -> out.append("\\t");
                default -> {
                    if (c < ' '
                            || c == 0x85
                            || c == 0x2028
                            || c == 0x2029
                            || Character.isSurrogate(c) && !isPair(text, i)) {
                        out.append("\\u%04x".formatted((int) c));
                    } else {
                        out.append(c);
                    }
                }
            }
        }
        return out.append('"').toString();
    }

    private static boolean isPair(String text, int at) {
        char c = text.charAt(at);
        return Character.isHighSurrogate(c)
                ? at + 1 < text.length() && Character.isLowSurrogate(text.charAt(at + 1))
                : at > 0 && Character.isHighSurrogate(text.charAt(at - 1));
    }
}
