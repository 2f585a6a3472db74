package bivouac.design;

import java.util.List;
import java.util.Optional;

/**
 * A message box (C7). Its text and title read {@code app} and {@code takes} once, when it opens (P3).
 *
 * @param answers its buttons, in order; each is an ending
 * @param byDefault the ending of the button that Enter presses
 * @param escape the ending that close box and Escape lead to; where there is one button, absent means that one (C7)
 */
public record MessageBox(
        Name name,
        String title,
        Severity severity,
        String text,
        List<Take> takes,
        List<Answer> answers,
        Optional<String> byDefault,
        Optional<String> escape)
        implements ReadyMade {

    /** What kind of message it is; it decides the icon. */
    public enum Severity {
        INFO,
        QUESTION,
        WARNING,
        ERROR,
        NONE;

        public String word() {
            return name().toLowerCase(java.util.Locale.ROOT);
        }
    }

    /** A button of the box: what stands on it, and the ending that it is. */
    public record Answer(String text, String ending) {
        public static Answer of(String text) {
            return new Answer(text, AccessKey.without(text).toLowerCase(java.util.Locale.ROOT));
        }
    }

    public MessageBox {
        takes = List.copyOf(takes);
        answers = List.copyOf(answers);
    }

    @Override
    public List<Ending> endings() {
        return answers.stream().map(a -> Ending.of(a.ending())).toList();
    }

    @Override
    public Optional<String> escapeEnding() {
        return escape.isEmpty() && answers.size() == 1
                ? Optional.of(answers.getFirst().ending())
                : escape;
    }

    @Override
    public MessageBox named(Name other) {
        return new MessageBox(other, title, severity, text, takes, answers, byDefault, escape);
    }

    @Override
    public MessageBox taking(List<Take> other) {
        return new MessageBox(name, title, severity, text, other, answers, byDefault, escape);
    }

    public MessageBox titled(String other) {
        return new MessageBox(name, other, severity, text, takes, answers, byDefault, escape);
    }

    public MessageBox saying(String other) {
        return new MessageBox(name, title, severity, other, takes, answers, byDefault, escape);
    }

    public MessageBox of(Severity other) {
        return new MessageBox(name, title, other, text, takes, answers, byDefault, escape);
    }

    public MessageBox answering(List<Answer> other, Optional<String> enter, Optional<String> esc) {
        return new MessageBox(name, title, severity, text, takes, other, enter, esc);
    }

    @Override
    public String kind() {
        return "message box";
    }
}
