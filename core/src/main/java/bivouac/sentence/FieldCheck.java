package bivouac.sentence;

import bivouac.design.Design;
import bivouac.design.FacedWindow;
import bivouac.design.Name;
import bivouac.design.Nearest;
import bivouac.design.Part;
import bivouac.design.ScriptPlace;
import java.util.List;
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

    /** What can be said of a field after its name, as it is offered. */
    static final List<String> SAID = List.of(
            "must not be empty",
            "must be a number",
            "must be a number between 1 and 30",
            "must be a whole number",
            "must be a whole number between 1 and 30",
            "must be a date",
            "must be a date not after today");

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

    /** Why a line is no check, though it reads like one: it names what there is not. */
    static Optional<String> unknown(Design design, ScriptPlace place, String line) {
        Matcher m = LINE.matcher(line.strip());
        if (!m.matches()) {
            return Optional.empty();
        }
        String path = m.group("path");
        int dot = path.indexOf('.');
        String scope = dot < 0 ? "" : path.substring(0, dot);
        String name = path.substring(dot + 1).split("\\.", 2)[0];
        List<String> known =
                switch (scope) {
                    case "me" ->
                        place.ofWindow().flatMap(design::faced).stream()
                                .flatMap(f -> f.memberNames().stream())
                                .map(Name::expression)
                                .toList();
                    case "app" ->
                        design.application().variables().stream()
                                .map(v -> v.name().expression())
                                .toList();
                    case "takes" ->
                        place.ofWindow().flatMap(design::window).stream()
                                .flatMap(w -> w.takes().stream())
                                .map(t -> t.name().expression())
                                .toList();
                    default -> List.of(name);
                };
        if (known.contains(name) || scope.equals("me") && name.equals("title")) {
            return Optional.empty();
        }
        String meant = Nearest.to(name, known)
                .or(() -> known.stream().filter(k -> k.startsWith(name)).findFirst())
                .map(n -> "; was " + scope + "." + n + " meant?")
                .orElse(known.isEmpty() ? "." : "; there are " + String.join(", ", known) + ".");
        return Optional.of("Nothing is called “" + path + "” here" + meant);
    }

    private static Optional<Part> part(Design design, ScriptPlace place, String path) {
        return path.startsWith("me.")
                ? place.ofWindow().flatMap(design::faced).flatMap((FacedWindow f) -> f.part(path.substring(3)))
                : Optional.empty();
    }
}
