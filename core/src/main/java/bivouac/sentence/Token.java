package bivouac.sentence;

import java.util.List;
import java.util.stream.Collectors;

/** A piece of a sentence, so that each can be shown in its own way. */
public sealed interface Token {

    String text();

    /** A sentence as plain words; texts that people see stand in quotation marks. */
    static String words(List<Token> sentence) {
        return sentence.stream()
                .map(t -> t instanceof Quoted(String text) ? "“" + text + "”" : t.text())
                .filter(t -> !t.isBlank())
                .collect(Collectors.joining(" "));
    }

    /** A word of the step itself. */
    record Keyword(String text) implements Token {}

    /** A window's shown name. */
    record WindowName(String text) implements Token {}

    /** An ending. */
    record EndingName(String text) implements Token {}

    /** A value's name: a take, a give, what is set. */
    record ValueName(String text) implements Token {}

    record ExpressionText(String text) implements Token {}

    /** A text that people see, braces and all. */
    record Quoted(String text) implements Token {}

    /** Words between. */
    record Plain(String text) implements Token {}
}
