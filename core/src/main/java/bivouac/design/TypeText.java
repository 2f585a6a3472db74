package bivouac.design;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Types as text (V1), in files and on screens: the words of {@link Type#toString}, read back. */
public final class TypeText {

    private static final int DEEPEST = Limits.DEEPEST_TYPE;

    private final String text;
    private int i;

    private TypeText(String text, int from) {
        this.text = text;
        this.i = from;
    }

    /** A type that was read, and where the text goes on after it. */
    public record Read(Type type, int end) {}

    private static final class NoType extends RuntimeException {
        private static final long serialVersionUID = 1L;

        NoType() {
            super("no type", null, false, false);
        }
    }

    /** The type that a text is, all of it; empty if it is none. */
    public static Optional<Type> whole(String text) {
        return at(text, 0).filter(r -> r.end() == text.length()).map(Read::type);
    }

    /** The type that begins at a place of a text; empty if none does. */
    public static Optional<Read> at(String text, int from) {
        var reader = new TypeText(text, from);
        try {
            Type type = reader.type(0);
            return Optional.of(new Read(type, reader.i));
        } catch (NoType e) {
            return Optional.empty();
        }
    }

    private Type type(int depth) {
        if (depth > DEEPEST) {
            throw new NoType();
        }
        for (Type.Plain plain : Type.Plain.values()) {
            if (word(plain.toString())) {
                return plain;
            }
        }
        if (take("list of ")) {
            return new Type.ListOf(type(depth + 1));
        }
        if (take("choice of ")) {
            var items = new ArrayList<String>();
            do {
                items.add(quoted());
            } while (text.startsWith(", \"", i) && take(", "));
            return new Type.ChoiceOf(items);
        }
        if (depth == 0 && take("window ")) {
            return new Type.WindowOf(quoted());
        }
        if (take("row of (")) {
            return row(depth);
        }
        throw new NoType();
    }

    private Type row(int depth) {
        var columns = new ArrayList<Type.Column>();
        do {
            int start = i;
            while (i < text.length() && Character.isJavaIdentifierPart(text.charAt(i))) {
                i++;
            }
            String name = text.substring(start, i);
            if (name.isEmpty() || !take(": ")) {
                throw new NoType();
            }
            columns.add(new Type.Column(name, type(depth + 1)));
        } while (take(", "));
        if (!take(")")) {
            throw new NoType();
        }
        return new Type.RowOf(List.copyOf(columns));
    }

    private String quoted() {
        if (!take("\"")) {
            throw new NoType();
        }
        var out = new StringBuilder();
        while (i < text.length() && text.charAt(i) != '"') {
            if (text.charAt(i) == '\\' && i + 1 < text.length()) {
                i++;
            }
            out.append(text.charAt(i++));
        }
        if (!take("\"")) {
            throw new NoType();
        }
        return out.toString();
    }

    private boolean word(String word) {
        int end = i + word.length();
        boolean ends = end >= text.length() || !Character.isLetterOrDigit(text.charAt(end));
        return text.startsWith(word, i) && ends && take(word);
    }

    private boolean take(String what) {
        if (!text.startsWith(what, i)) {
            return false;
        }
        i += what.length();
        return true;
    }
}
