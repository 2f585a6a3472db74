package bivouac.handover.jvm;

import java.util.Map;

/** The texts of a program as a resource file of Java. */
final class TextsFile {

    private TextsFile() {}

    static String file(Map<String, String> texts) {
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
