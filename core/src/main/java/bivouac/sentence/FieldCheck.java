package bivouac.sentence;

import bivouac.design.Design;
import bivouac.design.FacedWindow;
import bivouac.design.Part;
import bivouac.design.ScriptPlace;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A ready-made check of a field: {@code me.nights must be a whole number between 1 and 30} becomes the condition
 * under which it is wrong, and what is said then. A value field is asked whether it holds a value; a text is converted,
 * and only after it was asked whether it can be.
 *
 * @param wrong the condition, as an expression
 * @param says the text of its message box
 */
record FieldCheck(String wrong, String says) {

    private static final Pattern LINE =
            Pattern.compile("(?<path>\\S+) must (?:(?<empty>not be empty)|be a (?<kind>number|whole number|date)"
                    + "(?: between (?<from>-?[0-9.]+) and (?<to>-?[0-9.]+))?(?<past> not after today)?)");

    /** The check that a line after the word <em>check</em> says; empty if it is none. */
    static Optional<FieldCheck> read(Design design, ScriptPlace place, String line) {
        Matcher m = LINE.matcher(line.strip());
        if (!m.matches() || m.group("past") != null && !"date".equals(m.group("kind"))) {
            return Optional.empty();
        }
        String path = m.group("path");
        Optional<Part> part = part(design, place, path);
        String label = part.map(Part::displayName).orElse(path.substring(path.lastIndexOf('.') + 1));
        boolean holdsValue = part.map(Part.ValueField.class::isInstance).orElse(false);
        if (m.group("empty") != null) {
            String typed = holdsValue ? path + ".typed" : path;
            return Optional.of(new FieldCheck("blank(" + typed + ")", label + " must not be empty."));
        }
        return Optional.of(value(m, path, label, holdsValue));
    }

    private static FieldCheck value(Matcher m, String path, String label, boolean holdsValue) {
        String kind = m.group("kind");
        String function = kind.equals("whole number") ? "whole" : kind;
        String is = "is" + Character.toUpperCase(function.charAt(0)) + function.substring(1);
        String value = holdsValue ? path : function + "(" + path + ")";
        var wrong = new StringBuilder(holdsValue ? "!" + path + ".given" : "!" + is + "(" + path + ")");
        var says = new StringBuilder(label + " must be a " + kind);
        if (m.group("from") != null) {
            wrong.append(" || ").append(value).append(" < ").append(m.group("from"));
            wrong.append(" || ").append(value).append(" > ").append(m.group("to"));
            says.append(" between ").append(m.group("from")).append(" and ").append(m.group("to"));
        }
        if (m.group("past") != null) {
            wrong.append(" || ").append(value).append(" > app.today");
            says.append(" not after today");
        }
        return new FieldCheck(wrong.toString(), says.append('.').toString());
    }

    private static Optional<Part> part(Design design, ScriptPlace place, String path) {
        return path.startsWith("me.")
                ? place.ofWindow().flatMap(design::faced).flatMap((FacedWindow f) -> f.part(path.substring(3)))
                : Optional.empty();
    }
}
