package bivouac.design;

/**
 * Names and texts in quotes, as they stand in the lines of trails and walkthroughs. What would end a line, or is no
 * character to be seen, is written as an escape, so that every text is one line and reads back the same.
 */
public final class Quoted {

    private Quoted() {}

    /** A text in quotes. */
    public static String of(String text) {
        var out = new StringBuilder(text.length() + 2).append('"');
        for (int i = 0; i < text.length(); ) {
            int c = text.codePointAt(i);
            switch (c) {
                case '"' -> out.append("\\\"");
                case '\\' -> out.append("\\\\");
                case '\n' -> out.append("\\n");
                case '\t' -> out.append("\\t");
                case '\r' -> out.append("\\r");
                default -> {
                    if (isUnseen(c)) {
                        out.append("\\u{").append(Integer.toHexString(c)).append('}');
                    } else {
                        out.appendCodePoint(c);
                    }
                }
            }
            i += Character.charCount(c);
        }
        return out.append('"').toString();
    }

    /** Control characters, separators of lines, halves of characters, and what is no character. */
    private static boolean isUnseen(int c) {
        return switch (Character.getType(c)) {
            case Character.CONTROL, Character.LINE_SEPARATOR, Character.PARAGRAPH_SEPARATOR, Character.SURROGATE ->
                true;
            default -> (c & 0xFFFE) == 0xFFFE;
        };
    }

    /** What stands between quotes, read back; an escape that is none stands for what follows the backslash. */
    static String read(String between) {
        if (between.indexOf('\\') < 0) {
            return between;
        }
        var out = new StringBuilder(between.length());
        for (int i = 0; i < between.length(); i++) {
            char c = between.charAt(i);
            if (c != '\\' || i + 1 == between.length()) {
                out.append(c);
                continue;
            }
            char next = between.charAt(++i);
            int end = next == 'u' && between.startsWith("{", i + 1) ? between.indexOf('}', i) : -1;
            int point = end < 0 ? -1 : hex(between.substring(i + 2, end));
            if (point >= 0) {
                out.appendCodePoint(point);
                i = end;
            } else {
                out.append(
                        switch (next) {
                            case 'n' -> '\n';
                            case 't' -> '\t';
                            case 'r' -> '\r';
                            default -> next;
                        });
            }
        }
        return out.toString();
    }

    private static int hex(String digits) {
        try {
            int point = digits.length() > 6 ? -1 : Integer.parseInt(digits, 16);
            return Character.isValidCodePoint(point) ? point : -1;
        } catch (NumberFormatException noNumber) {
            return -1;
        }
    }
}
