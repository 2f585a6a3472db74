package bivouac.rehearsal;

import bivouac.machine.Sighting.Which;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Trails as text, one event a line, names in quotes: {@code press "arrive" of "Register"}. Empty lines and lines that
 * begin with {@code #} are left out. The form is described in {@code docs/format.md}.
 */
public final class TrailFile {

    static final String NAME = "\"((?:[^\"\\\\]|\\\\.)*)\"";
    static final String OF = " of " + NAME + "(?: ([0-9]{1,6}))?";
    private static final Pattern PRESS = Pattern.compile("press " + NAME + OF);
    private static final Pattern TYPE = Pattern.compile("type " + NAME + " into " + NAME + OF);
    private static final Pattern TICK = Pattern.compile("tick " + NAME + OF);
    private static final Pattern SELECT = Pattern.compile("select " + NAME + " in " + NAME + OF);
    private static final String NUMBER = "[1-9][0-9]{0,5}";
    private static final Pattern ROWS = Pattern.compile(
            "select (no row|row " + NUMBER + "|rows " + NUMBER + "(?:, " + NUMBER + ")+) in " + NAME + OF);
    private static final Pattern ACTIVATE = Pattern.compile("activate row in " + NAME + OF);
    private static final Pattern REMOVE = Pattern.compile("remove rows in " + NAME + OF);
    private static final Pattern ANSWER = Pattern.compile("answer " + NAME + OF);
    private static final Pattern CHOOSE = Pattern.compile("choose (" + NAME + "(?:, " + NAME + ")*) as " + NAME + OF);
    private static final Pattern ONE_NUMBER = Pattern.compile(NUMBER);
    private static final Pattern ONE_NAME = Pattern.compile(NAME);
    private static final Pattern TASK = Pattern.compile("task " + NAME + " ends " + NAME + "(?:" + OF + ")?");
    private static final Pattern PICK = Pattern.compile("pick " + NAME + OF);
    private static final Pattern SAMPLES = Pattern.compile("open " + NAME + " with samples");
    private static final Pattern CLOSE_BOX = Pattern.compile("close box" + OF);
    private static final Pattern ESCAPE = Pattern.compile("Escape" + OF);

    private TrailFile() {}

    /** A trail that could not be read: which line, and what is expected there. */
    public static final class Wrong extends Exception {
        private static final long serialVersionUID = 1L;

        Wrong(String sentence) {
            super(sentence);
        }
    }

    public static String write(List<NamedEvent> events) {
        var out = new StringBuilder();
        events.forEach(e -> out.append(e).append('\n'));
        return out.toString();
    }

    public static List<NamedEvent> read(String text) throws Wrong {
        var events = new ArrayList<NamedEvent>();
        int number = 0;
        for (String line : text.split("\\R", -1)) {
            number++;
            String event = line.strip();
            if (!event.isEmpty() && !event.startsWith("#")) {
                int at = number;
                events.add(parse(event)
                        .orElseThrow(
                                () -> new Wrong("Line " + at + ": “" + event + "” is no event; expected for example "
                                        + "press \"PART\" of \"WINDOW\", type \"TEXT\" into \"PART\" of \"WINDOW\", answer "
                                        + "\"ENDING\" of \"BOX\", close box of \"WINDOW\" or session ends.")));
            }
        }
        return List.copyOf(events);
    }

    /** The event that a line says; empty if it is none. */
    static Optional<NamedEvent> parse(String line) {
        switch (line) {
            case "session ends" -> {
                return Optional.of(new NamedEvent.SessionEnded());
            }
            case "killed" -> {
                return Optional.of(new NamedEvent.ProcessKilled());
            }
            case "start again" -> {
                return Optional.of(new NamedEvent.StartedAgain());
            }
            default -> {
                return withWindow(line);
            }
        }
    }

    private static Optional<NamedEvent> withWindow(String line) {
        Matcher m = PRESS.matcher(line);
        if (m.matches()) {
            return Optional.of(new NamedEvent.Pressed(which(m, 2), text(m, 1)));
        }
        m = TYPE.matcher(line);
        if (m.matches()) {
            return Optional.of(new NamedEvent.Typed(which(m, 3), text(m, 2), text(m, 1)));
        }
        m = TICK.matcher(line);
        if (m.matches()) {
            return Optional.of(new NamedEvent.Ticked(which(m, 2), text(m, 1)));
        }
        m = ROWS.matcher(line);
        if (m.matches()) {
            var rows = ONE_NUMBER
                    .matcher(m.group(1))
                    .results()
                    .map(r -> Integer.parseInt(r.group()))
                    .toList();
            return Optional.of(new NamedEvent.RowsSelected(which(m, 3), text(m, 2), rows));
        }
        m = ACTIVATE.matcher(line);
        if (m.matches()) {
            return Optional.of(new NamedEvent.RowActivated(which(m, 2), text(m, 1)));
        }
        m = REMOVE.matcher(line);
        if (m.matches()) {
            return Optional.of(new NamedEvent.RowsRemoved(which(m, 2), text(m, 1)));
        }
        m = SELECT.matcher(line);
        if (m.matches()) {
            return Optional.of(new NamedEvent.Selected(which(m, 3), text(m, 2), text(m, 1)));
        }
        m = ANSWER.matcher(line);
        if (m.matches()) {
            return Optional.of(new NamedEvent.Answered(which(m, 2), text(m, 1)));
        }
        m = CHOOSE.matcher(line);
        if (m.matches()) {
            var paths = ONE_NAME.matcher(m.group(1))
                    .results()
                    .map(r -> plain(r.group(1)))
                    .toList();
            return Optional.of(new NamedEvent.Chose(which(m, 5), paths, text(m, 4)));
        }
        m = TASK.matcher(line);
        if (m.matches()) {
            Optional<Which> of = m.group(3) == null ? Optional.empty() : Optional.of(which(m, 3));
            return Optional.of(new NamedEvent.TaskEnded(text(m, 1), of, text(m, 2)));
        }
        m = PICK.matcher(line);
        if (m.matches()) {
            return Optional.of(new NamedEvent.Picked(which(m, 2), text(m, 1)));
        }
        m = CLOSE_BOX.matcher(line);
        if (m.matches()) {
            return Optional.of(new NamedEvent.CloseBoxUsed(which(m, 1)));
        }
        m = SAMPLES.matcher(line);
        if (m.matches()) {
            return Optional.of(new NamedEvent.OpenedWithSamples(text(m, 1)));
        }
        m = ESCAPE.matcher(line);
        return m.matches() ? Optional.of(new NamedEvent.EscapePressed(which(m, 1))) : Optional.empty();
    }

    private static Which which(Matcher m, int group) {
        String serial = m.group(group + 1);
        return new Which(text(m, group), serial == null ? 1 : Integer.parseInt(serial));
    }

    private static String text(Matcher m, int group) {
        return plain(m.group(group));
    }

    /** What a quoted text says. */
    static String plain(String quoted) {
        var out = new StringBuilder();
        for (int i = 0; i < quoted.length(); i++) {
            char c = quoted.charAt(i);
            if (c == '\\') {
                char next = quoted.charAt(++i);
                out.append(next == 'n' ? '\n' : next == 't' ? '\t' : next);
            } else {
                out.append(c);
            }
        }
        return out.toString();
    }

    static String quoted(String text) {
        return '"'
                + text.replace("\\", "\\\\")
                        .replace("\"", "\\\"")
                        .replace("\n", "\\n")
                        .replace("\t", "\\t")
                + '"';
    }

    static String of(Which window) {
        return " of " + quoted(window.window()) + (window.serial() > 1 ? " " + window.serial() : "");
    }
}
