package bivouac.handover.forms;

import java.util.Map;

/** The texts of a program as a file, which {@code Rules.Pairs} reads. */
final class FormsTexts {

    private FormsTexts() {}

    static String file(Map<String, String> texts) {
        var out =
                new StringBuilder("# The texts of the application; {0}, {1} ... stand for values, {{} for a brace.\n");
        texts.forEach((key, text) ->
                out.append(key).append(" = ").append(escaped(text)).append('\n'));
        return out.toString();
    }

    private static String escaped(String text) {
        return text.replace("\\", "\\\\").replace("\n", "\\n").replace("\r", "\\r");
    }
}
