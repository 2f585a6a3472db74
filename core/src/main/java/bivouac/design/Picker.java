package bivouac.design;

import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Pattern;

/**
 * A picker (C8): a person picks a font, a colour or a date, or nothing. It ends as <em>picked</em>, with the
 * value, or as <em>cancelled</em>.
 *
 * @param starts what is picked when it opens, in the scope of {@code app} and {@code takes}
 */
public record Picker(Name name, Of of, String title, List<Take> takes, Optional<Expression> starts)
        implements ReadyMade {

    public static final String PICKED = "picked";
    public static final String CANCELLED = "cancelled";

    private static final Pattern A_FONT = Pattern.compile("\\S.{0,80} [1-9][0-9]{0,2}");
    private static final Pattern A_COLOUR = Pattern.compile("#[0-9a-f]{6}");

    /** What is picked. */
    public enum Of {
        FONT(Type.Plain.FONT),
        COLOUR(Type.Plain.COLOUR),
        DATE(Type.Plain.DATE);

        private final Type type;

        Of(Type type) {
            this.type = type;
        }

        /** The type of the value that it gives. */
        public Type type() {
            return type;
        }

        public String word() {
            return name().toLowerCase(Locale.ROOT);
        }

        public static Optional<Of> of(String word) {
            for (Of of : values()) {
                if (of.word().equals(word)) {
                    return Optional.of(of);
                }
            }
            return Optional.empty();
        }

        /** Whether a text is a value of this kind: {@code Inter 12}, {@code #2f5d50}, {@code 2026-11-23}. */
        public boolean accepts(String text) {
            return switch (this) {
                case FONT -> A_FONT.matcher(text).matches();
                case COLOUR -> A_COLOUR.matcher(text).matches();
                case DATE -> isDate(text);
            };
        }

        private static boolean isDate(String text) {
            try {
                LocalDate.parse(text);
                return true;
            } catch (DateTimeParseException e) {
                return false;
            }
        }
    }

    public Picker {
        takes = List.copyOf(takes);
    }

    /** One with nothing said but its name and what it picks. */
    public static Picker of(Name name, Of of) {
        return new Picker(name, of, name.shown(), List.of(), Optional.empty());
    }

    @Override
    public List<Ending> endings() {
        return List.of(Ending.of(PICKED, Ending.Give.of("value", of.type())), Ending.of(CANCELLED));
    }

    @Override
    public Optional<String> escapeEnding() {
        return Optional.of(CANCELLED);
    }

    @Override
    public Picker named(Name other) {
        return new Picker(other, of, title, takes, starts);
    }

    @Override
    public Picker taking(List<Take> other) {
        return new Picker(name, of, title, other, starts);
    }

    public Picker titled(String other) {
        return new Picker(name, of, other, takes, starts);
    }

    public Picker picking(Of other) {
        return new Picker(name, other, title, takes, starts);
    }

    public Picker startingWith(Optional<Expression> other) {
        return new Picker(name, of, title, takes, other);
    }

    @Override
    public String kind() {
        return of.word() + " picker";
    }
}
