package bivouac.design;

import java.util.List;
import java.util.Optional;

/**
 * A message box (C7). Its text and title read {@code app} and {@code takes} once, when it opens (P3).
 *
 * @param answers its buttons, in order; each is an ending
 * @param byDefault the ending of the button that Enter presses
 * @param escape the ending that close box and Escape lead to; where there is one button, absent means that one (C7)
 * @param place where it stands when it opens; one of {@link #PLACES}
 */
public record MessageBox(
        Name name,
        String title,
        Severity severity,
        String text,
        List<Take> takes,
        List<Answer> answers,
        Optional<String> byDefault,
        Optional<String> escape,
        WindowFrame.Place place)
        implements ReadyMade {

    /** Where a message box can stand, the usual first; it is never there long enough to be put anywhere by hand. */
    public static final List<WindowFrame.Place> PLACES =
            List.of(WindowFrame.Place.OVER_OWNER, WindowFrame.Place.CENTRE);

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
        if (!PLACES.contains(place)) {
            throw new IllegalArgumentException("A message box does not stand " + place.words());
        }
    }

    /** One that stands where message boxes usually do. */
    public MessageBox(
            Name name,
            String title,
            Severity severity,
            String text,
            List<Take> takes,
            List<Answer> answers,
            Optional<String> byDefault,
            Optional<String> escape) {
        this(name, title, severity, text, takes, answers, byDefault, escape, PLACES.getFirst());
    }

    @Override
    public List<Ending> endings() {
        return answers.stream().map(a -> Ending.of(a.ending())).toList();
    }

    /** What stands on the button of an ending, without its access key; the ending itself, where no button leads to it. */
    public String said(String ending) {
        return answers.stream()
                .filter(a -> a.ending().equals(ending))
                .map(a -> AccessKey.without(a.text()))
                .findFirst()
                .orElse(ending);
    }

    @Override
    public Optional<String> escapeEnding() {
        return escape.isEmpty() && answers.size() == 1
                ? Optional.of(answers.getFirst().ending())
                : escape;
    }

    @Override
    public MessageBox named(Name other) {
        return new MessageBox(other, title, severity, text, takes, answers, byDefault, escape, place);
    }

    @Override
    public MessageBox taking(List<Take> other) {
        return new MessageBox(name, title, severity, text, other, answers, byDefault, escape, place);
    }

    public MessageBox titled(String other) {
        return new MessageBox(name, other, severity, text, takes, answers, byDefault, escape, place);
    }

    public MessageBox saying(String other) {
        return new MessageBox(name, title, severity, other, takes, answers, byDefault, escape, place);
    }

    public MessageBox of(Severity other) {
        return new MessageBox(name, title, other, text, takes, answers, byDefault, escape, place);
    }

    public MessageBox answering(List<Answer> other, Optional<String> enter, Optional<String> esc) {
        return new MessageBox(name, title, severity, text, takes, other, enter, esc, place);
    }

    public MessageBox standing(WindowFrame.Place other) {
        return new MessageBox(name, title, severity, text, takes, answers, byDefault, escape, other);
    }

    @Override
    public String kind() {
        return "message box";
    }
}
