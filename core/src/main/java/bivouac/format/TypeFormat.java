package bivouac.format;

import bivouac.design.Type;
import java.util.ArrayList;
import java.util.List;

/** Types as they stand in files: the words of {@link Type#toString}, read back by a small parser of its own. */
final class TypeFormat {

    private final String text;
    private final Json.At at;
    private int i;

    private TypeFormat(String text, Json.At at) {
        this.text = text;
        this.at = at;
    }

    static Type read(Json json) throws Unreadable {
        var parser = new TypeFormat(Fields.asText(json), json.at());
        Type type = parser.type(0);
        if (parser.i != parser.text.length()) {
            throw parser.wrong();
        }
        return type;
    }

    private Type type(int depth) throws Unreadable {
        if (depth > 20) {
            throw wrong();
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
        if (take("row of (")) {
            return row(depth);
        }
        throw wrong();
    }

    private Type row(int depth) throws Unreadable {
        var columns = new ArrayList<Type.Column>();
        do {
            int start = i;
            while (i < text.length() && Character.isJavaIdentifierPart(text.charAt(i))) {
                i++;
            }
            String name = text.substring(start, i);
            if (name.isEmpty() || !take(": ")) {
                throw wrong();
            }
            columns.add(new Type.Column(name, type(depth + 1)));
        } while (take(", "));
        if (!take(")")) {
            throw wrong();
        }
        return new Type.RowOf(List.copyOf(columns));
    }

    private String quoted() throws Unreadable {
        if (!take("\"")) {
            throw wrong();
        }
        var out = new StringBuilder();
        while (i < text.length() && text.charAt(i) != '"') {
            if (text.charAt(i) == '\\' && i + 1 < text.length()) {
                i++;
            }
            out.append(text.charAt(i++));
        }
        if (!take("\"")) {
            throw wrong();
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

    private Unreadable wrong() {
        return Unreadable.at(
                at,
                "“" + text + "” is no type; types are text, whole, number, yesno, date, file, font, colour, "
                        + "choice of \"a\", \"b\", list of TYPE, and row of (column: TYPE).");
    }
}
